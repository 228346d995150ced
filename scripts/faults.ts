import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { type Server, createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import type { ClassRead, Problem } from '@core/contract';
import { openDatabase } from '../server/database';
import { type Running, type Told, begin, call, freePort, killAll, pause, start, stop } from './built-server';
import { soak } from './soak';

/**
 * What a disk, a power cut, a second start and a wrong word do to the server as it is built. Every row says what held
 * and in numbers; `--short` does each once, else kills come by the dozen. `--report FILE` writes the tally.
 */
const short = process.argv.includes('--short');
const scratch = mkdtempSync(join(tmpdir(), 'needlework-faults-'));

const folder = (name: string) => {
  const path = join(scratch, `${name}-${freePort()}`);
  rmSync(path, { recursive: true, force: true });
  return path;
};
const databaseIn = (data: string) => join(data, 'needlework.sqlite');
const digest = (file: string) => createHash('sha256').update(readFileSync(file)).digest('hex');
const must = (holds: boolean, words: string) => {
  if (!holds) throw new Error(words);
};

/** Starts a server that is to refuse, in words: nobody reads a stack trace. */
async function refused(data: string, flags: readonly string[] = [], port = freePort(), uid?: number): Promise<Told> {
  const told = await begin(data, flags, port, uid).ended;
  must(told.code !== 0 && told.code !== null, `it started: ${told.words}`);
  must(!/\n\s+at |Error:/.test(told.words), `a stack trace: ${told.words}`);
  must(told.words.trim().length > 20, 'it said nothing');
  return told;
}

const problemOf = (body: unknown) => body as Problem;

async function firstClass(server: Running): Promise<ClassRead> {
  const { body } = await call(server, 'GET', '/api/classes');
  const [first] = (body as { classes: { id: string }[] }).classes;
  return (await call(server, 'GET', `/api/classes/${first?.id ?? ''}`)).body as ClassRead;
}
let saves = 0;
/** Saves a class under a new name. */
async function rename(server: Running, read: ClassRead, title: string) {
  const { plan } = read;
  const current = (await call(server, 'GET', `/api/classes/${plan.id}`)).body as ClassRead;
  return call(server, 'PUT', `/api/classes/${plan.id}`, {
    saveId: `fault-save-${++saves}`,
    basedOn: current.version,
    plan: { ...plan, title },
  });
}
const titleOf = async (server: Running, id: string) =>
  ((await call(server, 'GET', `/api/classes/${id}`)).body as ClassRead).plan.title;

/** Demo data made once, copied for each fault. */
let sample = '';
async function demo(name: string): Promise<string> {
  if (sample === '') {
    sample = folder('sample');
    await stop(await start(sample, ['--demo']));
  }
  const data = folder(name);
  cpSync(sample, data, { recursive: true });
  return data;
}

/** A database as it was some migrations ago. */
function earlier(data: string, count: number): void {
  mkdirSync(data, { recursive: true });
  const migrations = join(data, 'then');
  cpSync('server/migrations', migrations, { recursive: true });
  const journal = join(migrations, 'meta', '_journal.json');
  const { entries, ...rest } = JSON.parse(readFileSync(journal, 'utf8')) as { entries: object[] };
  writeFileSync(journal, JSON.stringify({ ...rest, entries: entries.slice(0, count) }));
  const { close } = openDatabase(databaseIn(data), migrations);
  close();
  const sqlite = new Database(databaseIn(data));
  const insert = sqlite.prepare(
    "insert into classes (id, version, plan, title, audience, slot_seconds, planned_ms, item_count, outline, updated_at) values (?, 1, ?, ?, 'mixed', 1200, 0, 0, '[]', '2026-01-01T00:00:00.000Z')",
  );
  sqlite.transaction(() => {
    for (let i = 0; i < 4000; i++) insert.run(`class-${i}`, '{}'.padEnd(4000), `Class ${i}`);
  })();
  sqlite.close();
  rmSync(migrations, { recursive: true });
}

const faults: Record<string, () => Promise<string | null>> = {
  async 'a flag that is not known'() {
    const data = folder('flag');
    const { words } = await refused(data, ['--password', 'herring']);
    must(words.includes("'--password'") && words.includes('--port N'), words);
    must(!existsSync(data), 'the folder was made');
    return null;
  },
  async 'a whole network let in without a word, and half a certificate'() {
    const data = folder('network');
    const open = await refused(data, ['--host', '0.0.0.0']);
    must(open.words.includes('npm run password'), open.words);
    const half = await refused(data, ['--cert', join(scratch, 'none.crt')]);
    must(half.words.includes('--key FILE'), half.words);
    must(!existsSync(data), 'the folder was made');
    return null;
  },
  async 'the launcher: an unknown flag, and a port that is taken, before anything is built'() {
    const launch = (...words: string[]) =>
      spawnSync(process.execPath, ['scripts/launch.mjs', ...words], { encoding: 'utf8' });
    const unknown = launch('--demo', '--password', 'herring');
    must(unknown.status === 2 && unknown.stderr.includes('--data FOLDER'), unknown.stderr);
    const server = await start(await demo('launcher'));
    const taken = launch('--demo', '--port', String(server.port));
    await stop(server);
    must(taken.status === 1 && taken.stderr.includes(`Port ${server.port} is taken`), taken.stderr);
    must(!/\n\s+at /.test(unknown.stderr + taken.stderr), 'a stack trace');
    return null;
  },
  async 'no pages to serve'() {
    const data = folder('pages');
    must((await refused(data, ['--pages', join(scratch, 'none')])).words.includes('npm run build'), 'words');
    must(!existsSync(data), 'the folder was made');
    return null;
  },
  async 'a port that is taken, before any data is touched'() {
    const data = folder('port');
    const port = freePort();
    const other: Server = createServer().listen(port, '127.0.0.1');
    const { words } = await refused(data, ['--demo'], port);
    other.close();
    must(words.includes(`Port ${port} is taken`) && !existsSync(data), words);
    return null;
  },
  async 'a second server on one folder'() {
    const first = await start(await demo('second'));
    const { words } = await refused(first.data);
    must(words.includes(`already runs`) && words.includes(String(first.port)), words);
    const read = await firstClass(first);
    must((await rename(first, read, 'Still mine')).status === 200, 'the first one no longer saves');
    await stop(first);
    const again = await start(first.data);
    must((await titleOf(again, read.plan.id)) === 'Still mine', 'its save is gone');
    await stop(again);
    return null;
  },
  async 'the demo started twice, and again after work in it'() {
    const data = folder('demo');
    const first = await start(data, ['--demo']);
    await refused(data, ['--demo'], first.port);
    await refused(data, ['--demo']);
    const read = await firstClass(first);
    must((await rename(first, read, 'Worked in')).status === 200, 'the first one no longer saves');
    await stop(first);
    const second = await start(data, ['--demo']);
    must((await titleOf(second, read.plan.id)) === 'Worked in' && second.said().includes('--fresh'), second.said());
    await stop(second);
    const third = await start(data, ['--demo', '--fresh']);
    must((await call(third, 'GET', `/api/classes/${read.plan.id}`)).status === 404, 'it is not fresh');
    const id = (await firstClass(third)).plan.id;
    await stop(third);
    const fourth = await start(data, ['--demo']);
    must((await call(fourth, 'GET', `/api/classes/${id}`)).status === 404, 'untouched demo data was kept');
    await stop(fourth);
    const aside = readdirSync(data).filter((name) => name.includes('.replaced-'));
    must(
      aside.length === 1 && third.said().includes(aside[0] ?? ''),
      'what was replaced is gone, or nobody says where',
    );
    const worked = new Database(join(data, aside[0] ?? ''), { readonly: true });
    const titles = worked.prepare('select title from classes').pluck().all();
    worked.close();
    must(titles.includes('Worked in'), 'what was replaced was written over at the next start');
    rmSync(databaseIn(data));
    await stop(await start(data, ['--demo']));
    return null;
  },
  async 'fresh demo data over somebody’s own'() {
    const data = folder('own');
    await stop(await start(data));
    must((await refused(data, ['--demo', '--fresh'])).words.includes('does not hold demo data'), 'words');
    must((await refused(data, ['--fresh'])).words.includes('give --demo with it'), 'words');
    must(readdirSync(data).includes('needlework.sqlite'), 'it is gone');
    return null;
  },
  async 'the data folder is a file'() {
    const data = folder('file');
    writeFileSync(data, 'a letter');
    must((await refused(data)).words.includes('is not a folder'), 'words');
    must(readFileSync(data, 'utf8') === 'a letter', 'it was changed');
    return null;
  },
  async 'a folder and a file that may not be written'() {
    const data = await demo('readonly');
    const nobody = process.getuid?.() === 0 ? 65534 : undefined;
    if (nobody !== undefined) {
      chmodSync(scratch, 0o755);
      const reads = spawnSync(process.execPath, ['-e', "require('fs').readFileSync('dist/server/main.cjs')"], {
        uid: nobody,
        gid: nobody,
      });
      if (reads.status !== 0) return 'left out: nobody else may read this folder';
    }
    for (const name of readdirSync(data)) chmodSync(join(data, name), 0o444);
    chmodSync(data, 0o555);
    const before = digest(databaseIn(data));
    const { words } = await refused(data, [], freePort(), nobody);
    chmodSync(data, 0o755);
    must(words.includes('may not write') && digest(databaseIn(data)) === before, words);
    return null;
  },
  async 'a damaged database'() {
    const data = await demo('damaged');
    const file = databaseIn(data);
    const bytes = readFileSync(file);
    bytes.fill(0x5a, 4096, Math.min(bytes.length, 200_000));
    writeFileSync(file, bytes);
    const before = digest(file);
    must((await refused(data)).words.includes('damaged') && digest(file) === before, 'words, or changed');
    writeFileSync(file, 'This is a letter and no database. '.repeat(400));
    must((await refused(data)).words.includes('damaged'), 'words of a file that is no database');
    return null;
  },
  async 'a database from a newer version'() {
    const data = await demo('newer');
    const sqlite = new Database(databaseIn(data));
    sqlite.prepare("insert into __drizzle_migrations (hash, created_at) values ('later', 9999999999999)").run();
    sqlite.pragma('wal_checkpoint(TRUNCATE)');
    sqlite.close();
    const before = digest(databaseIn(data));
    const { words } = await refused(data);
    must(words.includes('newer Needlework') && digest(databaseIn(data)) === before, words);
    return null;
  },
  async 'a database of another program'() {
    const data = folder('other');
    mkdirSync(data);
    const sqlite = new Database(databaseIn(data));
    sqlite.exec('create table recipes (name text)');
    sqlite.close();
    const before = digest(databaseIn(data));
    must((await refused(data)).words.includes('another program') && digest(databaseIn(data)) === before, 'changed');
    return null;
  },
  async 'a database that was emptied, or is gone'() {
    for (const how of ['emptied', 'removed']) {
      const data = await demo(how);
      if (how === 'emptied') truncateSync(databaseIn(data));
      else rmSync(databaseIn(data));
      must((await refused(data)).words.includes('--begin-anew'), how);
      const anew = await start(data, ['--begin-anew']);
      await stop(anew);
      await stop(await start(data));
    }
    return null;
  },
  async 'the folder removed while running, and put back'() {
    const server = await start(await demo('removed-while'));
    const read = await firstClass(server);
    renameSync(server.data, `${server.data}-away`);
    const lost = await rename(server, read, 'Into nothing');
    must(lost.status === 503 && problemOf(lost.body).code === 'data-gone', JSON.stringify(lost));
    renameSync(`${server.data}-away`, server.data);
    must((await rename(server, read, 'Back again')).status === 200, 'it does not save again');
    await stop(server);
    const again = await start(server.data);
    must((await titleOf(again, read.plan.id)) === 'Back again', 'the save is gone');
    await stop(again);
    return null;
  },
  async 'another program holds the database for a while'() {
    const server = await start(await demo('held'));
    const read = await firstClass(server);
    const sqlite = new Database(databaseIn(server.data));
    sqlite.exec('begin immediate');
    const saving = rename(server, read, 'Waited for');
    await pause(700);
    sqlite.exec('commit');
    must((await saving).status === 200, 'it did not wait');
    sqlite.exec('begin immediate');
    const refusal = await rename(server, read, 'Too long');
    sqlite.exec('commit');
    sqlite.close();
    must(refusal.status === 503 && problemOf(refusal.body).title.includes('Another program'), JSON.stringify(refusal));
    must((await rename(server, read, 'And again')).status === 200, 'it does not save again');
    await stop(server);
    return null;
  },
  async 'a disk that fills up while running, and at the start'() {
    const disk = folder('disk');
    mkdirSync(disk);
    if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=12m', 'tmpfs', disk]).status !== 0)
      return 'left out: no small disk can be made here';
    try {
      const server = await start(join(disk, 'data'), ['--demo']);
      const read = await firstClass(server);
      must((await rename(server, read, 'Before')).status === 200, 'it does not save');
      const filler = join(disk, 'filler');
      spawnSync('dd', ['if=/dev/zero', `of=${filler}`, 'bs=4k']);
      let full: Awaited<ReturnType<typeof call>> | null = null;
      let last = 'Before';
      for (let i = 0; i < 400 && !full; i++) {
        const answer = await rename(server, read, `Filling ${i}`);
        if (answer.status === 200) last = `Filling ${i}`;
        else full = answer;
      }
      must(problemOf(full?.body).title === 'The disk is full', JSON.stringify(full));
      must((await titleOf(server, read.plan.id)) === last, 'reading is not what was saved');
      await stop(server, 'SIGKILL');
      const { words } = await refused(folder('x'), ['--data', join(disk, 'fresh')]);
      must(words.includes('disk is full'), words);
      rmSync(filler);
      const again = await start(server.data);
      must((await titleOf(again, read.plan.id)) === last, 'an acknowledged save is gone');
      must((await rename(again, read, 'Room again')).status === 200, 'it does not save with room');
      await stop(again);
      return null;
    } finally {
      spawnSync('umount', ['-l', disk]);
    }
  },
  async 'killed while saving'() {
    const rounds = short ? 4 : 100;
    const data = await demo('kills');
    let acknowledged = 0;
    let known: { readonly id: string; readonly n: number } | null = null;
    for (let round = 0; round < rounds; round++) {
      const server = await start(data);
      const read = await firstClass(server);
      if (known) {
        const title = await titleOf(server, known.id);
        must(Number(title.split(' ')[1]) >= known.n, `save ${known.n} is gone: ${title}`);
      }
      const dying = pause(40 + Math.random() * 250).then(() => stop(server, 'SIGKILL'));
      try {
        for (;;) {
          const n = acknowledged + 1;
          if ((await rename(server, read, `Save ${n}`)).status !== 200) throw new Error('refused');
          acknowledged = n;
          known = { id: read.plan.id, n };
        }
      } catch (error) {
        if (error instanceof Error && error.message === 'refused') throw error;
      }
      await dying;
    }
    return `${rounds} kills, ${acknowledged} saves acknowledged, 0 lost`;
  },
  async 'killed while starting for the first time'() {
    const rounds = short ? 4 : 40;
    for (let round = 0; round < rounds; round++) {
      const data = folder(`starting-${round}`);
      const { child, ended } = begin(data, ['--demo'], freePort());
      await pause(60 + (round * 900) / rounds);
      child.kill('SIGKILL');
      await ended;
      const server = await start(data, ['--demo']);
      const { body } = await call(server, 'GET', '/api/classes');
      must((body as { classes: object[] }).classes.length >= 6, 'half a demo');
      await stop(server);
      rmSync(data, { recursive: true });
    }
    return `${rounds} kills, each start after it was whole`;
  },
  async 'killed while migrating'() {
    const rounds = short ? 4 : 40;
    const original = folder('earlier');
    earlier(original, 4);
    for (let round = 0; round < rounds; round++) {
      const data = folder(`migrating-${round}`);
      cpSync(original, data, { recursive: true });
      const { child, ended } = begin(data, [], freePort());
      await pause(100 + (round * 700) / rounds);
      child.kill('SIGKILL');
      await ended;
      await stop(await start(data));
      const count = (file: string) => {
        const sqlite = new Database(file, { readonly: true });
        const n = sqlite.prepare('select count(*) from classes').pluck().get();
        const sound = sqlite.pragma('quick_check', { simple: true });
        sqlite.close();
        return `${String(n)} ${String(sound)}`;
      };
      must(count(databaseIn(data)) === '4000 ok', 'classes are gone');
      const copy = readdirSync(data).find((name) => name.includes('before-migration') && !name.endsWith('.part'));
      must(copy !== undefined && count(join(data, copy)) === '4000 ok', 'the copy from before is not whole');
      rmSync(data, { recursive: true });
    }
    return `${rounds} kills, 4,000 classes and the copy whole after each`;
  },
  async 'a save is on the disk before it is answered'() {
    if (spawnSync('strace', ['-V']).status !== 0) return 'left out: there is no strace here';
    const server = await start(await demo('fsync'));
    const read = await firstClass(server);
    const trace = join(scratch, 'trace');
    const watching = spawn('strace', [
      '-f',
      '-e',
      'trace=fsync,fdatasync,write,writev,sendto',
      '-o',
      trace,
      '-p',
      String(server.child.pid),
    ]);
    while (!existsSync(trace)) await pause(20);
    await pause(300);
    must((await rename(server, read, 'On the disk')).status === 200, 'it does not save');
    await pause(300);
    watching.kill('SIGINT');
    await new Promise((done) => watching.once('close', done));
    const lines = readFileSync(trace, 'utf8').split('\n');
    const answered = lines.findLastIndex((line) => line.includes('HTTP/1.1 200'));
    const synced = lines.slice(0, answered).filter((line) => /f(data)?sync\(\d+\)\s+= 0/.test(line)).length;
    await stop(server);
    must(answered > 0 && synced > 0, `no fsync before the answer (${lines.length} lines)`);
    return `${synced} fsync before the answer`;
  },
  async 'connections that say nothing'() {
    const server = await start(await demo('idle'));
    const { connect } = await import('node:net');
    const sockets = Array.from({ length: 20 }, () => connect(server.port, '127.0.0.1'));
    const asking = connect(server.port, '127.0.0.1').on('error', () => undefined);
    let answers = 0;
    asking.on('data', (piece: Buffer) => (answers += piece.toString().split('{"ok":true}').length - 1));
    const asks = async () => {
      const before = answers;
      asking.write(`GET /api/health HTTP/1.1\r\nHost: 127.0.0.1:${server.port}\r\n\r\n`);
      for (let i = 0; i < 100 && answers === before; i++) await pause(20);
      return answers > before;
    };
    must(await asks(), 'it does not answer');
    const from = Date.now();
    await Promise.all(
      sockets.map(
        (socket) =>
          new Promise((done) => {
            socket.on('close', done);
            socket.on('error', () => undefined);
            socket.resume();
          }),
      ),
    );
    const seconds = Math.round((Date.now() - from) / 1000);
    must(seconds <= 25, `closed after ${seconds} s`);
    must(await asks(), 'one that has asked before is closed too, and its next question lost');
    await stop(server);
    return `closed after ${seconds} s; one that has asked before is answered again`;
  },
  async 'tablets that save one class and teach, all at once, while copies are made and the server is killed'() {
    const data = await demo('soak');
    const size = short ? { tablets: 4, rounds: 40, kills: 1 } : { tablets: 8, rounds: 1500, kills: 12 };
    const { saves, clashes, events, sentAgain, kills, megabytes } = await soak(data, size);
    must(saves > 0 && clashes > 0 && kills === size.kills, 'nobody was in anybody’s way');
    return `${saves} saves, ${clashes} clashes with both sides kept, ${events} events, ${sentAgain} sent again, ${kills} kills; nothing lost or doubled; ${megabytes.join(' to ')} MB`;
  },
};

async function run(): Promise<void> {
  must(existsSync(resolve('dist/server/main.cjs')) && statSync('dist/web').isDirectory(), 'first: npm run build');
  const only = process.argv.find((word) => word.startsWith('--only='))?.slice(7);
  const tally = { passed: 0, failed: 0 };
  for (const [name, fault] of Object.entries(faults)) {
    if (only !== undefined && !name.includes(only)) continue;
    try {
      const words = await fault();
      tally.passed += 1;
      console.log(`held    ${name}${words === null ? '' : `: ${words}`}`);
    } catch (error) {
      tally.failed += 1;
      console.log(`BROKEN  ${name}: ${error instanceof Error ? error.message : String(error)}`);
    }
    killAll();
  }
  rmSync(scratch, { recursive: true, force: true });
  console.log(`${tally.passed} held, ${tally.failed} broken`);
  const report = process.argv.indexOf('--report');
  if (report > 0) writeFileSync(process.argv[report + 1] ?? '', JSON.stringify(tally));
  process.exitCode = tally.failed === 0 ? 0 : 1;
}

void run();
