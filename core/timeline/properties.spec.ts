import fc from 'fast-check';
import { allItemsOf } from '../plan';
import { anyPlan, equalSides, variedExercises } from '../testing/arbitrary';
import { timelineOf } from '../testing/sample';
import { footLane } from './foot-lane';
import type { Timeline } from './timeline';

const lengthOf = (spans: readonly { startMs: number; endMs: number }[]) =>
  spans.reduce((ms, s) => ms + s.endMs - s.startMs, 0);
const holds = (check: (timeline: Timeline) => void, plans = anyPlan()) =>
  fc.assert(
    fc.property(plans, (plan) => check(timelineOf(plan, variedExercises))),
    { numRuns: 200 },
  );

describe('any class at all', () => {
  it('totals equal the sum of events', () => {
    holds((t) => {
      const body = t.events.filter((e) => e.lane === 'body');
      expect(t.totalMs).toBe(lengthOf(body));
      expect(Object.values(t.activityMs).reduce((a, b) => a + b, 0)).toBe(t.totalMs);
      expect(t.blocks.reduce((ms, b) => ms + b.totalMs, 0)).toBe(t.totalMs);
      const compares = body.filter((e) => e.itemId === null);
      expect(t.items.reduce((ms, i) => ms + i.totalMs, 0) + lengthOf(compares)).toBe(t.totalMs);
    });
  });

  it('leaves no gap and no overlap in a foot’s body lane', () => {
    holds((t) => {
      for (const foot of ['left', 'right'] as const) {
        const spans = footLane(t, foot);
        const broken = spans.filter((s, i) => s.startMs !== (spans[i - 1]?.endMs ?? 0) || s.endMs <= s.startMs);
        expect(broken).toEqual([]);
        expect(spans.at(-1)?.endMs ?? 0).toBe(t.totalMs);
      }
    });
  });

  it('gives left as much work as right unless unequal on purpose', () => {
    holds((t) => {
      expect(t.leftWorkMs).toBe(t.rightWorkMs);
      expect(t.items.filter((item) => item.leftWorkMs !== item.rightWorkMs)).toEqual([]);
    }, anyPlan(equalSides));
  });

  it('makes every item a whole second', () => {
    holds((t) => {
      const visits = t.items.flatMap((item) => item.visits);
      expect(visits.filter((v) => v.startMs % 1000 !== 0 || v.endMs % 1000 !== 0)).toEqual([]);
      expect(t.items.filter((item) => item.totalMs % 1000 !== 0)).toEqual([]);
    });
  });

  it('splits every rep into phases that add up to it', () => {
    holds((t) => {
      const apart = t.events.filter((e) => e.phaseMs && e.phaseMs.reduce((a, b) => a + b, 0) !== e.endMs - e.startMs);
      expect(apart).toEqual([]);
    });
  });

  it('counts work for both feet once in class time and once on each foot', () => {
    holds((t) => {
      const works = (feet: string) => lengthOf(t.events.filter((e) => e.activity === 'work' && e.feet === feet));
      expect(t.workMs).toBe(works('left') + works('right') + works('both'));
      expect(t.leftWorkMs).toBe(works('left') + works('both'));
      expect(t.rightWorkMs).toBe(works('right') + works('both'));
    });
  });

  it('has a time for every item', () => {
    fc.assert(
      fc.property(anyPlan(), (plan) => {
        const t = timelineOf(plan, variedExercises);
        expect(t.items.map((i) => i.itemId)).toEqual(allItemsOf(plan).map((i) => i.id));
        expect(t.problems).toEqual([]);
      }),
    );
  });
});
