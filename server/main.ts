import { existsSync } from 'node:fs';
import type { RequestListener } from 'node:http';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { Password, passwordFile } from './access/password';
import { Sessions } from './access/sessions';
import { type Server, composeServer } from './compose';
import { newId } from './new-id';
import { addDemoClasses } from './demo/saltmarsh';
import { addDemoCourse, addDemoCourseClasses } from './demo/course';
import { addDemoHomework } from './demo/homework';
import { addDemoPeople } from './demo/people';
import { addTaughtClass, addTaughtWeeks } from './demo/taught';
import { keepDaily } from './copies/daily';
import { runInThread } from './exchange/thread';
import { DataFolder } from './folder';
import { type Listening, readListening, serverFor } from './listening';
import { StartFault, diskFault, faultLine, startWords } from './start-fault';

/**
 * Starts the server: `--data FOLDER`, `--port N`, `--pages FOLDER`; `--demo` for Saltmarsh Hall's classes, made anew as
 * long as nobody has changed them, and with `--fresh` in any case; `--begin-anew` where the database is gone.
 * It binds to 127.0.0.1 alone unless `--host` says otherwise, and takes its port before it touches any data.
 * `--host` with an address that others reach needs a password (`npm run password`). `--cert FILE --key FILE` for HTTPS; `--name NAME` for what other devices call it, as often as there are names.
 */
function flags() {
  try {
    return parseArgs({
      options: {
        data: { type: 'string', default: 'data' },
        port: { type: 'string', default: process.env['PORT'] ?? '4310' },
        pages: { type: 'string', default: join(__dirname, '..', 'web') },
        demo: { type: 'boolean', default: false },
        fresh: { type: 'boolean', default: false },
        'begin-anew': { type: 'boolean', default: false },
        host: { type: 'string', default: '127.0.0.1' },
        name: { type: 'string', multiple: true, default: [] },
        cert: { type: 'string' },
        key: { type: 'string' },
      },
    }).values;
  } catch (error) {
    return leave(
      `${error instanceof Error ? error.message.split('. ')[0] : 'That was not understood'}. The server takes --port N, --data FOLDER, --pages FOLDER, --demo, --fresh, --begin-anew, --host ADDRESS, --name NAME, --cert FILE and --key FILE.`,
      2,
    );
  }
}

function leave(words: string, code = 1): never {
  console.error(words);
  process.exit(code);
}

/** A fault while serving, in words; with NEEDLEWORK_FAULTS=whole as the machine tells it. */
function tell(error: unknown): void {
  const words = diskFault(error);
  if (process.env['NEEDLEWORK_FAULTS'] === 'whole') console.error(error);
  else if (words) console.error(`${words.title}. ${words.detail}`);
  else console.error(`Needlework met a fault of its own: ${faultLine(error)}. What was saved is safe.`);
}

const asked = flags();
const port = Number(asked.port);
if (!Number.isInteger(port) || port < 1 || port > 65_535)
  leave('The port must be a whole number from 1 to 65535, for example --port 4310.', 2);
if (asked.fresh && !asked.demo)
  leave('--fresh makes demo data anew; give --demo with it. Your own classes are left as they are.', 2);
const pages = resolve(asked.pages);
if (!existsSync(join(pages, 'index.html')))
  leave(`There are no pages in ${pages}. Build them with npm run build, or name their folder with --pages.`, 2);
const data = resolve(asked.data);
const listening = whereTo();

function whereTo(): Listening {
  try {
    const { host, name, cert, key } = asked;
    const password = existsSync(passwordFile(data));
    return readListening({ host, port, names: name, cert, key, password, data: asked.data }, new Date());
  } catch (error) {
    return leave(startWords(error, data), 2);
  }
}

/** Holds the folder, opens what lies in it, and puts demo data where it is asked for. */
function openServer(): { readonly server: Server; readonly folder: DataFolder } {
  const folder = DataFolder.hold(data, port);
  const anew = asked.demo && (folder.demoUntouched || (asked.fresh && folder.demo));
  folder.checkThere(asked['begin-anew'] || anew);
  if (asked.fresh && existsSync(folder.file) && !folder.demo)
    throw new StartFault(`${data} does not hold demo data, so --fresh leaves it as it is. Start without it.`);
  if (anew) {
    const aside = folder.makeRoom(new Date().toISOString());
    if (aside !== null) console.log(`The demo with your changes is set aside: ${join(data, aside)}`);
  } else if (folder.demo && asked.demo)
    console.log('Your changes to the demo are kept. For the demo as it came, start with --fresh.');
  const server = composeServer({
    file: folder.file,
    migrations: join(__dirname, 'migrations'),
    endedBadly: folder.endedBadly,
    pages,
    hosts: listening.hosts,
    report: tell,
    mayWrite: () => folder.mayWrite(),
    replaced: () => folder.opened(),
    door: {
      password: new Password(data),
      sessions: new Sessions(data, () => Date.now()),
      others: listening.others,
      secure: listening.secure !== null,
      port,
    },
    run: runInThread(join(__dirname, 'thread.cjs')),
  });
  folder.opened();
  if (asked.demo && server.classes.list({ limit: 1 }).classes.length === 0 && !folder.demo) {
    folder.madeForTryingOut();
    addDemoClasses(server, newId);
    addTaughtWeeks(server, newId, Date.now());
    addTaughtClass(server, newId, Date.now());
    addDemoPeople(server, newId, Date.now());
    addDemoCourse(server, Date.now());
    addDemoCourseClasses(server, Date.now());
    addDemoHomework(server, Date.now());
  }
  return { server, folder };
}

let answer: RequestListener = (_request, response) => response.writeHead(503, { 'Retry-After': '1' }).end();
const http = serverFor(listening, (request, response) => answer(request, response));
// Nobody keeps a connection without ever saying anything.
http.headersTimeout = 10_000;
http.requestTimeout = 60_000;
http.setTimeout(15_000);
// One that has asked is kept longer than a browser keeps it (five minutes in Chromium, from memory): were the server the
// first to let go, a question asked at that instant would be lost on the way.
http.keepAliveTimeout = 330_000;
http.on('error', (error: NodeJS.ErrnoException) =>
  leave(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken; nothing was changed. Needlework may already run there: open http://127.0.0.1:${port}. Else stop the other program, or start with --port ${port + 1}.`
      : error.code === 'EACCES'
        ? `Port ${port} is not for everybody. Take one above 1023, for example --port 4310.`
        : error.code === 'EADDRNOTAVAIL' || error.code === 'ENOTFOUND'
          ? `${listening.host} is no address of this machine. Give one that is with --host, or leave it out.`
          : error.message,
  ),
);
process.on('uncaughtException', (error) => {
  tell(error);
  process.exit(1);
});
http.listen(port, listening.host, () => {
  try {
    const { server, folder } = openServer();
    answer = server.app;
    const endDaily = keepDaily(server.copies, () => new Date().toISOString(), tell);
    const stop = () => {
      endDaily();
      http.close(() => {
        server.close();
        folder.release();
        process.exit(0);
      });
      http.closeAllConnections();
    };
    process.on('SIGINT', stop);
    process.on('SIGTERM', stop);
    console.log(`Needlework is ready: ${listening.urls.join('  or  ')}`);
    if (listening.others && !listening.secure)
      console.log(
        'Without a certificate whoever is in this network can read along, the password too: npm run certificate.',
      );
  } catch (error) {
    leave(startWords(error, data));
  }
});
