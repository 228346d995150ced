import { breaths, counts, holds, reps, travel } from '../dose';
import { bareClass, sampleExercise } from '../testing/sample';
import type { RunEvent } from './event';
import { following, footNow, momentOf } from './moment';
import { replay } from './run';

const press = sampleExercise('press', {}, [2, 1, 3]);
const started: RunEvent = { runId: 'run-1', deviceId: 'dev-1', seq: 0, atMs: 0, event: { kind: 'flowing', on: true } };
const stateAt = (entry: Parameters<typeof bareClass>[0][number], ms: number) =>
  replay(bareClass([entry]).plan, [started], ms, () => entry.exercise);
const at = (entry: Parameters<typeof bareClass>[0][number], ms: number) => momentOf(stateAt(entry, ms));

describe('what the floor shows at one instant', () => {
  it('counts reps as they are called, with the phase and the foot', () => {
    expect(at({ exercise: press, dose: reps(12) }, 6 * 6000 + 3500)).toMatchObject({
      count: '7',
      of: 'of 12',
      foot: 'left',
      doing: 'phase c',
    });
    expect(at({ exercise: press, dose: reps(12) }, 12 * 6000)).toMatchObject({
      count: '1',
      foot: 'right',
      doing: 'phase a',
    });
  });

  it('counts in at the tempo before the first phrase, and then begins at one', () => {
    // 8 counts at 120 are 4.0 s; then 4 eights
    const entry = { exercise: sampleExercise('walk', { sidePattern: 'travelling' }), dose: counts(4, 8, 120) };
    const { plan } = bareClass([entry], { music: { countIn: 8, pieces: [] } });
    const shown = (ms: number) => momentOf(replay(plan, [started], ms, () => entry.exercise));
    expect(shown(0)).toMatchObject({ count: '1', of: 'of 8, then begin', doing: 'count in' });
    expect(shown(3999)).toMatchObject({ count: '8', doing: 'count in' });
    expect(shown(4000)).toMatchObject({ count: '1', of: 'of 8, phrase 1 of 4' });
  });

  it('says when the last rep has begun', () => {
    expect(at({ exercise: press, dose: reps(3) }, 11_999)?.last).toBe(false);
    expect(at({ exercise: press, dose: reps(3) }, 12_000)?.last).toBe(true);
  });

  it('counts the seconds of a hold down, and of a rest', () => {
    expect(at({ exercise: press, dose: holds(2, 30, 5) }, 0)).toMatchObject({ count: '30', of: 'seconds, 1 of 2' });
    expect(at({ exercise: press, dose: holds(2, 30, 5) }, 29_500)).toMatchObject({ count: '1' });
    expect(at({ exercise: press, dose: holds(2, 30, 5) }, 31_000)).toMatchObject({ doing: 'rest', count: '4' });
  });

  it('counts breaths, and not the seconds inside one', () => {
    expect(at({ exercise: press, dose: breaths(5, 6) }, 2 * 6000 + 3500)).toMatchObject({ count: '3', of: 'of 5' });
  });

  it('says which toe and which way, and which round', () => {
    const turns = { exercise: sampleExercise('turn', {}, [5]), dose: reps(1, { per: { toes: 5, directions: 2 } }) };
    expect(at(turns, 7 * 5000)?.station).toBe('toe 4 of 5, way 2 of 2');
    expect(at({ exercise: press, dose: reps(1, { sets: 3, setRest: 10 }) }, 17_000)?.station).toBe('round 2 of 3');
  });

  it('counts steps and beats', () => {
    const walk = sampleExercise('walk', { sidePattern: 'travelling' });
    expect(at({ exercise: walk, dose: travel(2, 40, 80) }, 750)).toMatchObject({
      count: '2',
      of: 'of 40, length 1 of 2',
      foot: 'both',
    });
    expect(at({ exercise: walk, dose: counts(8, 8, 120) }, 4000 + 1499)).toMatchObject({
      count: '3',
      of: 'of 8, phrase 2 of 8',
    });
  });

  it('says whose turn it is, also while nothing is counted', () => {
    const foot = (ms: number) => {
      const state = stateAt({ exercise: press, dose: reps(2) }, ms);
      return footNow(state, momentOf(state));
    };
    expect([foot(0), foot(12_000)]).toEqual(['left', 'right']);
    const both = { exercise: sampleExercise('both', { sidePattern: 'both' }), dose: reps(2) };
    expect(footNow(stateAt(both, 0), null)).toBe('both');
  });

  it('says what follows: the other side, then the next exercise with its set-up, then the end', () => {
    const { plan } = bareClass([
      { exercise: press, dose: reps(2) },
      { exercise: press, dose: reps(2), item: { cues: { setup: 'Heels down first.' } } },
    ]);
    const next = (ms: number) => following(replay(plan, [started], ms, () => press));
    expect(next(0)).toEqual({ kind: 'other-side', feet: 'right' });
    expect(next(13_000)).toEqual({ kind: 'item', name: 'press', setup: 'Heels down first.' });
    expect(next(24_000 + 13_000)).toEqual({ kind: 'end' });
    expect(next(99_000)).toBeNull();
  });
});
