import { holds, passes, reps, timed } from '../exercise/catalogue/author';
import { bareClass, sampleExercise } from '../testing/sample';
import { eventAt, footLane, phaseAt } from './foot-lane';
import { outlineOf } from './outline';

const band = sampleExercise('band', {}, [2, 1, 3]);

describe('one foot through the class', () => {
  const { timeline } = bareClass([{ exercise: band, dose: reps(2) }]);

  it('works, then rests while the other works', () => {
    expect(footLane(timeline, 'left').map((s) => s.role)).toEqual(['works', 'works', 'rests', 'rests']);
    expect(footLane(timeline, 'right').map((s) => s.role)).toEqual(['rests', 'rests', 'works', 'works']);
  });

  it('says what happens at an instant: the second rep of the left foot, slow return', () => {
    const event = eventAt(timeline, 9_500);
    expect(event?.count).toMatchObject({ unit: 2, units: 2 });
    expect(event && phaseAt(event, 9_500, [2, 1, 3])).toEqual({ index: 2, startMs: 9_000, endMs: 12_000 });
  });

  it('gives an instant on the border to what begins there, and none outside the class', () => {
    expect(eventAt(timeline, 6_000)?.startMs).toBe(6_000);
    expect(eventAt(timeline, timeline.totalMs)).toBeNull();
    expect(eventAt(timeline, -1)).toBeNull();
  });

  it('knows the way of a hold that is taken two ways: one up, then four up', () => {
    const split = sampleExercise('split', { sidePattern: 'both' }, [10, 10]);
    const { timeline } = bareClass([{ exercise: split, dose: holds(1, 10, 3, { per: { directions: 2 } }) }]);
    const at = (ms: number) => {
      const event = eventAt(timeline, ms);
      return event && phaseAt(event, ms, [10, 10]);
    };
    expect([at(4_000)?.index, at(11_000), at(14_000)?.index]).toEqual([0, null, 1]);
  });

  it('goes round the phases of work by the clock: spread 1 s, grip 1 s', () => {
    const paper = sampleExercise('paper', { sidePattern: 'both' }, [1, 1]);
    const { timeline } = bareClass([{ exercise: paper, dose: timed(60) }]);
    const event = eventAt(timeline, 31_500);
    expect(event && phaseAt(event, 31_500, [1, 1])).toEqual({ index: 1, startMs: 31_000, endMs: 32_000 });
  });

  it('tells no phases apart where a hold has one, or fewer ways than phases', () => {
    const { timeline } = bareClass([{ exercise: band, dose: holds(1, 10, 3) }]);
    const event = eventAt(timeline, 1_000);
    expect(event && [phaseAt(event, 1_000, [10]), phaseAt(event, 1_000, [2, 1, 3])]).toEqual([null, null]);
  });
});

describe('the outline on a card', () => {
  it('draws one stitch a foot for reps, one for a row of holds with their rests', () => {
    const { timeline } = bareClass([
      { exercise: band, dose: [reps(2), holds(3, 10, 5)] },
      { exercise: sampleExercise('roll', { sidePattern: 'both' }), dose: passes(4, 5) },
    ]);
    expect(outlineOf(timeline)).toEqual([
      [0, 12, 'left', 'reps'],
      [12, 40, 'left', 'hold'],
      [52, 12, 'right', 'reps'],
      [64, 40, 'right', 'hold'],
      [104, 20, 'both', 'reps'],
    ]);
  });
});
