import { reps } from '../dose';
import { type RunAction, type RunEvent, reduce, replay, retime } from '../run';
import { bareClass, sampleExercise } from '../testing/sample';
import { catchUpOf, gives, stillToCome } from './catch-up';
import { fitNow } from './fit';
import { remainderOf } from './remainder';

const press = sampleExercise('press', { sidePattern: 'both' }, [10]);
const find = () => press;
const { plan } = bareClass(
  Array.from({ length: 4 }, () => ({ exercise: press, dose: reps(12) })),
  { slotSeconds: 480, reservePercent: 5 },
);
/** The second item waits at an instant; the first took as long as that. */
const waiting = (atMs: number) => {
  const events: RunEvent[] = (['moved', 'moved'] as const).map((kind, seq) => ({
    runId: 'run-1',
    deviceId: 'dev-1',
    seq,
    atMs: seq * atMs,
    event: { kind, bout: seq } satisfies RunAction,
  }));
  return replay(plan, events, atMs, find);
};
const caught = (atMs: number) => {
  const state = waiting(atMs);
  return { state, ...catchUpOf(state, fitNow({ plan, find, ...remainderOf(state), dropUpTo: 1 }), find) };
};

describe('catching up', () => {
  it('shows what gives way of what is to come, and when the class would end, before anything is done', () => {
    const { state, givesWay, endedAtMs, endsAtMs, overSlotMs, action } = caught(200_000);
    // 80 s late: planned to end at 480 s, it would end at 560
    expect([endedAtMs, state.plan]).toEqual([560_000, plan]);
    expect(givesWay.length).toBeGreaterThan(0);
    expect(givesWay.every((change) => gives(change) === 'less' && change.itemId !== 'item-0')).toBe(true);
    expect(overSlotMs).toBeLessThanOrEqual(20_000);
    const done = reduce(state, { runId: 'r', deviceId: 'd', seq: 9, atMs: 200_000, event: action! }, find);
    expect(retime(done).endsAtMs).toBe(endsAtMs);
  });

  it('uses the reserve when the class is late, and gives it back when it is early', () => {
    expect(remainderOf(waiting(200_000)).targetMs).toBe(480_000 - 80_000);
    // 60 s early: the slot less 24 s of reserve, and the 60 s that were won
    expect(remainderOf(waiting(60_000)).targetMs).toBe(480_000 - 24_000 + 60_000);
  });

  it('is not taken once an item that would give way has begun: it is asked again', () => {
    const { state, givesWay } = caught(200_000);
    expect(stillToCome(state, { givesWay })).toBe(true);
    const begun = reduce(
      state,
      { runId: 'r', deviceId: 'd', seq: 9, atMs: 200_000, event: { kind: 'moved', bout: 3 } },
      find,
    );
    expect(stillToCome(begun, { givesWay })).toBe(false);
  });

  it('of a class that lands anyway has nothing to take', () => {
    const { action, givesWay, endsAtMs, endedAtMs } = caught(120_000);
    expect([action, givesWay, endsAtMs === endedAtMs]).toEqual([null, [], true]);
  });
});
