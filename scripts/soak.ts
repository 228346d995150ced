import { readFileSync } from 'node:fs';
import type { ClassList, ClassRead, Problem, RunRead, SaveAnswer } from '@core/contract';
import type { RunEvent } from '@core/run/event';
import { type Running, call, pause, start, stop } from './built-server';

interface Soaked {
  readonly saves: number;
  readonly clashes: number;
  readonly events: number;
  readonly sentAgain: number;
  readonly kills: number;
  /** Resident memory of the server when it was last started and at the end, MB. */
  readonly megabytes: readonly [number, number];
}

/** A server that is killed and started again under those who ask it. */
class Hall {
  server!: Running;
  sentAgain = 0;
  kills = 0;

  constructor(private readonly data: string) {}

  async begin(): Promise<this> {
    this.server = await start(this.data);
    return this;
  }

  async kill(): Promise<void> {
    const { port } = this.server;
    await stop(this.server, 'SIGKILL');
    this.kills++;
    this.server = await start(this.data, [], port);
  }

  /** Asks until there is an answer; sometimes once more, as if the first answer had been lost on the way. */
  async ask(method: string, path: string, body?: object, again = false): Promise<{ status: number; body: unknown }> {
    for (;;) {
      try {
        const first = await call(this.server, method, path, body);
        // a moment, while a copy is made or put back
        if (first.status === 503) throw new Error('a moment');
        if (!again) return first;
        this.sentAgain++;
        const second = await call(this.server, method, path, body);
        if (second.status !== first.status || said(second.body) !== said(first.body))
          throw new Fault(`${method} ${path} answered twice: ${first.status}, ${second.status}`);
        return first;
      } catch (error) {
        if (error instanceof Fault) throw error;
        this.sentAgain++;
        await pause(20);
      }
    }
  }

  megabytes(): number {
    const status = readFileSync(`/proc/${this.server.child.pid}/status`, 'utf8');
    return Math.round(Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024);
  }
}

/** What an answer settles: of a clash, which side is kept, since the other may have gone on meanwhile. */
const said = (body: unknown): string => JSON.stringify((body as Problem | null)?.clash?.keptRevision ?? body);

class Fault extends Error {}
const must = (holds: boolean, words: string): void => {
  if (!holds) throw new Fault(words);
};

/**
 * Tablets that all save one class and each teach one, while copies are made, a file is written and lists are read, and the
 * server is killed under them. Every save that was answered is the class or one of its kept sides, every event is in the
 * log once and in its order.
 * @throws where something is lost, doubled or answered in two ways
 */
export async function soak(data: string, size: { tablets: number; rounds: number; kills: number }): Promise<Soaked> {
  const hall = await new Hall(data).begin();
  const { classes } = (await hall.ask('GET', '/api/classes')).body as ClassList;
  const id = classes[0]?.id ?? '';
  const before = hall.megabytes();
  let [saves, clashes, events, going] = [0, 0, 0, true];
  let newest = { version: 0, title: '' };

  async function save(tablet: number): Promise<void> {
    let read = (await hall.ask('GET', `/api/classes/${id}`)).body as ClassRead;
    for (let round = 0; round < size.rounds; round++) {
      const title = `Tablet ${tablet}, ${round}`;
      const body = { saveId: `soak-${tablet}-${round}`, basedOn: read.version, plan: { ...read.plan, title } };
      const answer = await hall.ask('PUT', `/api/classes/${id}`, body, round % 4 === 0);
      if (answer.status === 200) {
        const { version } = answer.body as SaveAnswer;
        must(version > read.version, `a save made version ${version} of ${read.version}`);
        must(version !== newest.version, `two saves made version ${version}`);
        if (version > newest.version) newest = { version, title };
        read = { ...read, version };
        saves++;
        continue;
      }
      const clash = (answer.body as Problem).clash;
      if (!clash) throw new Fault(`a save was answered ${answer.status}`);
      const kept = (await hall.ask('GET', `/api/classes/${id}/revisions/${clash.keptRevision}`)).body;
      must(JSON.stringify(kept).includes(title), `the side “${title}” is not kept`);
      read = clash.current;
      clashes++;
    }
  }

  async function teach(tablet: number): Promise<string> {
    const read = (await hall.ask('GET', `/api/classes/${id}`)).body as ClassRead;
    const runId = `soak-run-${tablet}`;
    const startedAt = '2026-03-01T12:00:00.000Z';
    const begun = { classId: id, version: read.version, plan: read.plan, startedAt };
    must((await hall.ask('PUT', `/api/runs/${runId}`, begun, true)).status < 300, 'a class was not begun');
    let seq = 0;
    for (let round = 0; round < size.rounds; round++) {
      const letter: RunEvent[] = Array.from({ length: 1 + (round % 7) }, () => {
        const kind = seq === 0 ? 'started' : seq % 2 === 1 ? 'held' : 'resumed';
        return { runId, deviceId: `tablet-${tablet}`, seq: seq++, atMs: seq * 1000, event: { kind } };
      });
      const { status } = await hall.ask('POST', `/api/runs/${runId}/events`, { events: letter }, round % 3 === 0);
      must(status < 300, `events were answered ${status}`);
      events += letter.length;
    }
    return runId;
  }

  async function besides(): Promise<void> {
    for (let turn = 0; going; turn++) {
      await hall.ask(
        'GET',
        ['/api/classes', '/api/runs', '/api/people', '/api/desk?at=2026-03-01T12:00:00.000Z&today=2026-03-01'][
          turn % 4
        ] ?? '',
      );
      if (turn % 40 === 0) await hall.ask('POST', '/api/copies');
      if (turn % 40 === 20) await hall.ask('POST', '/api/going', { of: 'everything' });
      await pause(5);
    }
  }

  async function kill(): Promise<void> {
    for (let i = 0; i < size.kills; i++) {
      const [at] = [saves + clashes];
      // when everybody has got on a little since the last
      while (going && saves + clashes < at + (size.tablets * size.rounds) / (size.kills + 1)) await pause(10);
      if (going) await hall.kill();
    }
  }

  const tablets = Array.from({ length: size.tablets }, (_, i) => i);
  const beside = Promise.all([besides(), kill()]);
  const runs = await Promise.all(tablets.map(async (i) => (await Promise.all([save(i), teach(i)]))[1])).finally(
    () => (going = false),
  );
  await beside;
  const last = (await hall.ask('GET', `/api/classes/${id}`)).body as ClassRead;
  must(
    last.plan.title === newest.title && last.version === newest.version,
    `the class is “${last.plan.title}”, the last save was “${newest.title}”`,
  );
  let kept = 0;
  for (const runId of runs) {
    const read = (await hall.ask('GET', `/api/runs/${runId}`)).body as RunRead;
    must(
      read.events.every(({ seq }, i) => seq === i),
      `${runId} has its events in another order, or not all`,
    );
    kept += read.events.length;
  }
  must(kept === events, `${events} events were sent, ${kept} are in the log`);
  const megabytes = [before, hall.megabytes()] as const;
  await stop(hall.server);
  return { saves, clashes, events, sentAgain: hall.sentAgain, kills: hall.kills, megabytes };
}
