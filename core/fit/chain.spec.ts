import * as fc from 'fast-check';
import { type Step, cheapest } from './chain';

const step = (seconds: number, cost: number): Step => ({ seconds, cost, choice: 0 });
/** Every way through a chain, one after the other. */
const ways = (chain: readonly (readonly Step[])[]): { seconds: number; cost: number }[] =>
  chain.reduce<{ seconds: number; cost: number }[]>(
    (so, steps) =>
      so.flatMap((way) => steps.map((s) => ({ seconds: way.seconds + s.seconds, cost: way.cost + s.cost }))),
    [{ seconds: 0, cost: 0 }],
  );

describe('the cheapest way through a chain', () => {
  const chain = [
    [step(60, 0), step(48, 1), step(36, 2)],
    [step(90, 0), step(80, 1), step(60, 3)],
  ];

  it('leaves everything as it is where that lands', () => {
    expect(cheapest(chain, { low: 140, high: 160, target: 150 }, 16)).toEqual({ steps: [0, 0], cost: 0, off: 0 });
  });

  it('takes the fewest steps into the landing, then the one nearest its middle', () => {
    // one step: 48 + 90 = 138 or 60 + 80 = 140; both land, 140 is nearer to 141
    expect(cheapest(chain, { low: 131, high: 145, target: 141 }, 16)).toEqual({ steps: [0, 1], cost: 1, off: 1 });
  });

  it('finds nothing under a ceiling that is too low, nor in a landing that has gone by', () => {
    expect(cheapest(chain, { low: 90, high: 100, target: 96 }, 4)).toBeNull();
    expect(cheapest(chain, { low: 90, high: 100, target: 96 }, 5)).toMatchObject({ cost: 5 });
    expect(cheapest(chain, { low: -60, high: -20, target: -40 }, 16)).toBeNull();
  });

  it('is as good as trying every way', () => {
    const steps = fc.array(fc.tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 6 })), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(
        fc.array(steps, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 0, max: 200 }),
        (links, target) => {
          const chain = links.map((link) => link.map(([seconds, cost]) => step(seconds, cost)));
          const goal = { low: target - 8, high: target + 8, target };
          const landing = ways(chain).filter((w) => w.cost <= 12 && Math.abs(w.seconds - target) <= 8);
          const rank = (w: { seconds: number; cost: number }) => w.cost * 1000 + Math.abs(w.seconds - target);
          const best = landing.sort((a, b) => rank(a) - rank(b))[0];
          const found = cheapest(chain, goal, 12);
          expect(found && found.cost * 1000 + found.off).toBe(best ? rank(best) : null);
          if (!found) return;
          const taken = found.steps.map((at, link) => chain[link]?.[at] ?? step(0, 0));
          expect(taken.reduce((sum, s) => sum + s.cost, 0)).toBe(found.cost);
          expect(Math.abs(taken.reduce((sum, s) => sum + s.seconds, 0) - target)).toBe(found.off);
        },
      ),
    );
  });
});
