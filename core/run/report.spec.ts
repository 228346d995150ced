import { reps } from '../exercise/catalogue/author';
import { bareClass, sampleExercise } from '../testing/sample';
import type { RunAction, RunEvent } from './event';
import { reportOf } from './report';
import { replay } from './run';

const press = sampleExercise('press');
// three reps of 4 s on each foot: 24 s in a slot of a minute
const { plan } = bareClass([{ exercise: press, dose: reps(3) }], { slotSeconds: 60 });
const taught = (...events: readonly (readonly [atMs: number, event: RunAction])[]) =>
  reportOf(
    replay(
      plan,
      events.map(([atMs, event], seq): RunEvent => ({ runId: 'run-1', deviceId: 'device-1', seq, atMs, event })),
      events.at(-1)?.[0] ?? 0,
      () => press,
    ),
  );
const go = { kind: 'started' } as const;
const end = { kind: 'ended' } as const;

describe('a taught class against its plan', () => {
  it('counts a bout that took 15 s longer as late, and one of 14 s not', () => {
    // nothing lies around the work: the left foot does its 12 s at once, the right waits for the teacher's tap
    const waited = (seconds: number) =>
      taught([0, go], [12_000 + seconds * 1000, go], [24_000 + seconds * 1000, end]).bouts.map(
        ({ differenceMs, late }) => [differenceMs, late],
      );
    expect(waited(14)).toEqual([
      [0, false],
      [14_000, false],
    ]);
    expect(waited(15)).toEqual([
      [0, false],
      [15_000, true],
    ]);
  });

  it('counts holds as time that the bout took', () => {
    const held = taught([0, go], [0, go], [4000, { kind: 'held' }], [24_000, { kind: 'resumed' }], [44_000, end]);
    const plain = taught([0, go], [0, go], [24_000, end]);
    expect(held.bouts[0]?.record.heldMs).toBe(20_000);
    expect((held.bouts[0]?.actualMs ?? 0) - (plain.bouts[0]?.actualMs ?? 0)).toBe(20_000);
    expect(held.bouts[0]?.late).toBe(true);
  });

  it('ends with its last bout, before or after the slot', () => {
    const short = taught([0, go], [0, go], [12_000, end]);
    expect([short.taughtMs, short.overSlotMs, short.plannedMs]).toEqual([12_000, -48_000, 24_000]);
    const long = taught([0, go], [70_000, go], [82_000, end]);
    expect([long.taughtMs, long.overSlotMs]).toEqual([82_000, 22_000]);
    // from the end of the left foot at 12 s to the right one's first rep
    expect(long.setUpMs).toBe(58_000);
  });

  it('names what was not reached: nothing of it was done on either foot', () => {
    expect(taught([0, go], [13_000, end]).notReached).toEqual([]);
    expect(taught([0, go], [2000, end]).notReached).toEqual(['item-0']);
    expect(taught().notReached).toEqual(['item-0']);
  });

  it('of a class in which nothing was done is empty', () => {
    expect(taught()).toMatchObject({ bouts: [], taughtMs: 0, setUpMs: 0, overSlotMs: -60_000 });
  });
});
