import type { RunAction, RunEvent } from '@core/run';
import { advanceTo, reduce, startRun } from '@core/run';
import type { FindRevision } from '@core/timeline';
import type { Server } from '../compose';

/** How much of the planned set-up each bout really took, over and over: long for bands, short for what they know. */
const setUpShares = [0.9, 1.1, 1.5, 1.2, 0.7, 1.4, 1, 1.6, 1.3, 0.8];

/** One taught lunch class at Saltmarsh Hall, five days before the demo: invented, with one hold and two reps left out. */
export function addTaughtClass(server: Pick<Server, 'classes' | 'runs'>, nextId: () => string, nowMs: number): void {
  const summary = server.classes.list({ limit: 200 }).classes.find((c) => c.title.startsWith('Thursday lunch'));
  if (!summary) return;
  const { plan, version, revisions } = server.classes.read(summary.id);
  const find: FindRevision = (revision) => revisions.find((r) => r.revision === revision)?.exercise ?? null;
  const [runId, deviceId] = [nextId(), nextId()];
  const events: RunEvent[] = [];
  let state = startRun(plan, find);
  const act = (atMs: number, event: RunAction) => {
    const made = { runId, deviceId, seq: events.length, atMs: Math.round(atMs), event };
    events.push(made);
    state = reduce(state, made, find);
  };
  for (const bout of state.bouts) {
    const share = setUpShares[bout.index % setUpShares.length] ?? 1;
    if (!bout.goesStraightOn) act(state.atMs + 2000, { kind: 'started' });
    act(state.atMs + (bout.workStartMs - bout.startMs) * share, { kind: 'started' });
    const workMs = bout.workEndMs - bout.workStartMs;
    if (bout.index === 7) {
      act(state.atMs + workMs * 0.6, { kind: 'held' });
      act(state.atMs + 21_000, { kind: 'resumed' });
      state = advanceTo(state, state.atMs + workMs * 0.4);
    } else if (bout.index === 8) act(state.atMs + workMs * 0.85, { kind: 'moved', bout: 9 });
    else state = advanceTo(state, state.atMs + workMs);
  }
  act(state.atMs, { kind: 'ended' });
  const startedAt = new Date(nowMs - 5 * 86_400_000).toISOString();
  server.runs.start(runId, { classId: plan.id, version, plan, startedAt });
  server.runs.add(runId, events);
  server.runs.remark(runId, {
    headcount: 11,
    note: 'Wind in the hall. Bands took longer than planned; two asked for the chair on one leg.',
  });
}
