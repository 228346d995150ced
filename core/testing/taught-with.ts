import type { Pace, Plan } from '../plan';
import { type RunState, advanceTo, boutsOf, currentBout, reduce, startRun } from '../run';
import { type FindRevision, buildTimeline } from '../timeline';
import { factor } from './simulated-teacher';

/** How a simulated teacher really is: the times that are theirs, how far they stray, how often the tablet lies. */
export interface TrueTeacher {
  readonly pace: Pace;
  /** Of each stretch before the work, and of a whole day: standard deviation of the logarithm. */
  readonly sigma: number;
  readonly day: number;
  /** Share of stretches that take six times as long: a torn band, a late bus, a tablet on the shelf. */
  readonly outliers: number;
}

/**
 * A class taught on the floor by such a teacher: before the work each stretch takes what it takes with their own times,
 * read off a timeline of the same class at their pace; the work goes by the count. Virtual time.
 */
export function taughtWith(plan: Plan, find: FindRevision, teacher: TrueTeacher, random: () => number): RunState {
  const day = factor(teacher.day, random);
  const truly = boutsOf(buildTimeline({ plan: { ...plan, pace: teacher.pace }, find }));
  let state = startRun(plan, find);
  let [atMs, seq] = [0, 0];
  const tell = (kind: 'started' | 'enough') => {
    const said = { runId: 'run-1', deviceId: 'tablet', seq: seq++, atMs, event: { kind } };
    state = advanceTo(reduce(advanceTo(state, atMs), said, find), atMs);
  };
  for (let guard = 0; state.status !== 'over' && guard < 500; guard++) {
    const bout = currentBout(state);
    const really = bout && truly.find(({ itemId, feet }) => itemId === bout.itemId && feet === bout.feet);
    if (!bout || !really) break;
    const mean = really.workStartMs - really.startMs;
    const strange = random() < teacher.outliers ? 6 : 1;
    if (state.status === 'ready') tell('started');
    atMs += Math.round(mean * day * strange * factor(teacher.sigma, random));
    state = advanceTo(state, atMs);
    if (state.status === 'set-up') tell('started');
    atMs += bout.workEndMs - bout.workStartMs;
    state = advanceTo(state, atMs);
    for (let open = 0; open < 200 && currentBout(state)?.index === bout.index && state.status === 'work'; open++)
      tell('enough');
  }
  return state;
}
