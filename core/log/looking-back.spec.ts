import { reps } from '../exercise/catalogue/author';
import { catalogue } from '../exercise/catalogue';
import { type RunEvent, replay } from '../run';
import { bareClass, sampleExercise } from '../testing/sample';
import { type Done, lookBack, lopsided, workDone } from './looking-back';

const find = (id: string) => catalogue.find((one) => one.id === id) ?? null;

describe('minutes of work in a taught class', () => {
  it('are those from the first rep to the last, as they were; what was not reached has none', () => {
    const press = sampleExercise('press', { sidePattern: 'both' });
    const other = sampleExercise('other', { sidePattern: 'both' });
    const { plan } = bareClass([
      { exercise: press, dose: reps(15) },
      { exercise: other, dose: reps(15) },
    ]);
    const at = (seq: number, atMs: number, event: RunEvent['event']): RunEvent => ({
      runId: 'run-1',
      deviceId: 'dev-1',
      seq,
      atMs,
      event,
    });
    // fifteen presses of 4 s are a minute; the class is ended before the other begins
    const events = [at(1, 0, { kind: 'started' }), at(2, 60_000, { kind: 'ended' })];
    const state = replay(plan, events, 60_000, (revision) => (revision.endsWith('1') ? other : press));
    expect(workDone(state)).toEqual({ press: 1 });
  });
});

describe('looking back', () => {
  const done: Done[] = [
    { date: '2026-03-03', work: { 'two-foot-rise': 3, 'short-foot': 2, gone: 1 } },
    { date: '2026-03-05', work: { 'two-foot-rise': 4, 'ankle-circles': 5 } },
  ];
  const back = lookBack(done, find);

  it('sums what was done, by family and by exercise, the most often first', () => {
    expect([back.classes, back.minutes, back.unknown]).toEqual([2, 15, 1]);
    expect(back.families).toEqual([
      { family: 'mobility', minutes: 5 },
      { family: 'arch', minutes: 2 },
      { family: 'strength', minutes: 7 },
    ]);
    expect(back.exercises[0]).toEqual({ exerciseId: 'two-foot-rise', times: 2, minutes: 7 });
  });

  it('sets each way beside its opposite: a rise trains down, circles all four', () => {
    const way = (one: string) => back.directions.find((pair) => pair.one === one)?.minutes;
    expect(way('ankle-up')).toEqual([5, 12]);
    expect(way('turn-in')).toEqual([5, 5]);
    expect(back.directions).toHaveLength(4);
  });

  it('tells a way that was trained three times as long as its opposite, from ten minutes on', () => {
    const many = lookBack([{ date: '2026-03-03', work: { 'two-foot-rise': 12, 'ankle-circles': 2 } }], find);
    expect(lopsided(many)).toEqual([['ankle-up', 'ankle-down']]);
    expect(lopsided(lookBack([{ date: '2026-03-03', work: { 'two-foot-rise': 8 } }], find))).toEqual([]);
  });
});
