import { holds, passes, reps } from '../exercise/catalogue/author';
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
    expect(event && phaseAt(event, 9_500)).toEqual({ index: 2, startMs: 9_000, endMs: 12_000 });
  });

  it('gives an instant on the border to what begins there, and none outside the class', () => {
    expect(eventAt(timeline, 6_000)?.startMs).toBe(6_000);
    expect(eventAt(timeline, timeline.totalMs)).toBeNull();
    expect(eventAt(timeline, -1)).toBeNull();
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
