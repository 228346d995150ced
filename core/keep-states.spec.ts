import fc from 'fast-check';
import { type KeptState, mayGo } from './keep-states';

const minute = 60_000;
const day = 24 * 60 * minute;
const now = Date.UTC(2026, 10, 26, 12);
/** One state every so many ms, the last of them now. */
const every = (ms: number, count: number): KeptState[] =>
  Array.from({ length: count }, (_, i) => ({ number: i + 1, atMs: now - (count - 1 - i) * ms }));
const left = (states: readonly KeptState[], at = now) => {
  const gone = new Set(mayGo(states, at));
  return states.filter(({ number }) => !gone.has(number));
};

describe('kept states thin out with age', () => {
  it('an evening of edits, a pause each half minute: the last ten minutes step by step, before that one in ten minutes', () => {
    const kept = left(every(minute / 2, 400));
    const recent = kept.filter(({ atMs }) => now - atMs <= 10 * minute);
    expect(recent).toHaveLength(21);
    expect(kept.length - recent.length).toBeGreaterThanOrEqual(18);
    expect(kept.length - recent.length).toBeLessThanOrEqual(20);
  });

  it('ten years of one edit a day are still there, by the day for a year and by the month before', () => {
    const kept = left(every(day, 3650));
    expect(kept.filter(({ atMs }) => now - atMs <= 366 * day)).toHaveLength(367);
    expect(kept.length).toBeLessThan(367 + 112);
    expect(kept[0]?.atMs).toBeLessThan(now - 3600 * day);
  });

  it('the newest twenty stay however old they are and however close together', () => {
    const old = every(1000, 60).map(({ number, atMs }) => ({ number, atMs: atMs - 2000 * day }));
    expect(left(old).map(({ number }) => number)).toEqual(expect.arrayContaining(old.slice(-20).map((s) => s.number)));
  });

  it('from each stretch the last state stays, which is how the class stood when the teacher left it', () => {
    const morning = [1, 2, 3].map((number) => ({ number, atMs: now - 40 * day + number * minute }));
    const later = every(1000, 20).map(({ number, atMs }) => ({ number: number + 3, atMs }));
    expect(left([...morning, ...later]).map(({ number }) => number)).toEqual([3, ...later.map((s) => s.number)]);
  });

  const states = fc
    .array(fc.integer({ min: 0, max: 4000 * day }), { maxLength: 300 })
    .map((ages) => [...ages].sort((a, b) => b - a).map((age, i) => ({ number: i + 1, atMs: now - age })));

  it('never more than a few hundred, and a second look lets nothing more go', () => {
    fc.assert(
      fc.property(states, (all) => {
        const kept = left(all);
        expect(kept.length).toBeLessThan(900);
        expect(mayGo(kept, now)).toEqual([]);
      }),
    );
  });

  it('thinned a little at each save or all at once, the same day keeps a state', () => {
    fc.assert(
      fc.property(states, (all) => {
        const atEachSave = all.reduce<KeptState[]>((kept, state) => left([...kept, state], state.atMs), []);
        const days = (list: readonly KeptState[]) =>
          new Set(list.filter((s) => now - s.atMs < 300 * day).map((s) => Math.floor(s.atMs / day)));
        expect(days(left(atEachSave))).toEqual(days(all));
      }),
    );
  });
});
