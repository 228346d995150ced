import { type Plan, addRecheck, applyCommand, itemsOf, revisionsOf } from '@core/plan';
import type { Answer, RunAction, RunEvent } from '@core/run';
import { advanceTo, reduce, startRun } from '@core/run';
import type { FindRevision } from '@core/timeline';
import type { Server } from '../compose';

/** How much of the planned set-up each bout really took, over and over: long for bands, short for what they know. */
const setUpShares = [0.9, 1.1, 1.5, 1.2, 0.7, 1.4, 1, 1.6, 1.3, 0.8];

type Log = Pick<Server, 'classes' | 'runs'>;
const day = 86_400_000;

/** The lunch class, as it was planned; null where there is none. */
function lunchOf(server: Log) {
  const summary = server.classes.list({ limit: 200 }).classes.find((c) => c.title.startsWith('Thursday lunch'));
  return summary ? server.classes.read(summary.id) : null;
}

/** One taught lunch class at Saltmarsh Hall, five days before the demo: invented, with one hold and two reps left out. */
export function addTaughtClass(server: Log, nextId: () => string, nowMs: number): void {
  const lunch = lunchOf(server);
  if (!lunch) return;
  const find: FindRevision = (revision) => lunch.revisions.find((r) => r.revision === revision)?.exercise ?? null;
  teach(server, nextId, { ...lunch, find, atMs: nowMs - 5 * day, stumbles: true, answers: new Map() });
  const newest = server.runs.list({ limit: 1 }).runs[0];
  if (newest)
    server.runs.remark(newest.id, {
      headcount: 11,
      note: 'Wind in the hall. Bands took longer than planned; two asked for the chair on one leg.',
    });
}

/** What the lunch group answered after two drills, week by week; invented. */
const lunchAnswers: readonly (readonly [exerciseId: string, answers: readonly Answer[]])[] = [
  ['ball-along-the-sole', say('bbsbbbsbbbb')],
  ['band-turn-out', say('sbsswsbsss')],
  ['one-leg-stand', say('bww')],
];
function say(letters: string): Answer[] {
  const words: Readonly<Record<string, Answer>> = { b: 'better', s: 'same', w: 'worse' };
  return [...letters].map((letter) => words[letter] ?? 'same');
}

/** The lunches of the weeks before that one, each looking again after two or three drills. */
export function addTaughtWeeks(server: Log & Pick<Server, 'library'>, nextId: () => string, nowMs: number): void {
  const lunch = lunchOf(server);
  if (!lunch) return;
  const walk = server.library.one('walk-and-compare');
  const weeks = Math.max(...lunchAnswers.map(([, answers]) => answers.length));
  for (let week = 0; week < weeks; week++) {
    let plan = lunch.plan;
    const answers = new Map<string, Answer>();
    for (const [exerciseId, given] of lunchAnswers) {
      // the newest answers are of the newest weeks
      const answer = given[week - (weeks - given.length)];
      const drill = itemsOf(plan).find((item) => item.exerciseId === exerciseId && item.recheck === null);
      const looked = drill && answer && addRecheck(plan, drill.id, walk.exercise, walk.revision, nextId);
      const made = looked && applyCommand(plan, looked.command);
      if (!looked || !answer || !made?.ok) continue;
      plan = made.value;
      answers.set(looked.itemId, answer);
    }
    const find = server.library.finder(revisionsOf(plan));
    const atMs = nowMs - (5 + 7 * (weeks - week)) * day;
    teach(server, nextId, { plan, version: lunch.version, find, atMs, stumbles: false, answers });
  }
}

interface Lesson {
  readonly plan: Plan;
  readonly version: number;
  readonly find: FindRevision;
  readonly atMs: number;
  /** With a hold, and a bout that was left early. */
  readonly stumbles: boolean;
  /** By look again. */
  readonly answers: ReadonlyMap<string, Answer>;
}

function teach(server: Log, nextId: () => string, { plan, version, find, atMs, stumbles, answers }: Lesson): void {
  const [runId, deviceId] = [nextId(), nextId()];
  const events: RunEvent[] = [];
  let state = startRun(plan, find);
  const act = (at: number, event: RunAction) => {
    const made = { runId, deviceId, seq: events.length, atMs: Math.round(at), event };
    events.push(made);
    state = reduce(state, made, find);
  };
  for (const bout of state.bouts) {
    const share = setUpShares[bout.index % setUpShares.length] ?? 1;
    if (!bout.goesStraightOn) act(state.atMs + 2000, { kind: 'started' });
    act(state.atMs + (bout.workStartMs - bout.startMs) * share, { kind: 'started' });
    const workMs = bout.workEndMs - bout.workStartMs;
    if (stumbles && bout.index === 7) {
      act(state.atMs + workMs * 0.6, { kind: 'held' });
      act(state.atMs + 21_000, { kind: 'resumed' });
      state = advanceTo(state, state.atMs + workMs * 0.4);
    } else if (stumbles && bout.index === 8) act(state.atMs + workMs * 0.85, { kind: 'moved', bout: 9 });
    else state = advanceTo(state, state.atMs + workMs);
    const { itemId } = bout;
    const answer = itemId === null ? undefined : answers.get(itemId);
    if (itemId !== null && answer) act(state.atMs, { kind: 'answered', itemId, feet: 'both', answer });
  }
  act(state.atMs, { kind: 'ended' });
  server.runs.start(runId, { classId: plan.id, version, plan, startedAt: new Date(atMs).toISOString() });
  server.runs.add(runId, events);
}
