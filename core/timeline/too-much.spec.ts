import { reps, timed } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { type Plan, newBlock, newItem, newPlan } from '../plan';
import { tooMuch, tooMuchWords } from './too-much';

const rise = catalogue.find((e) => e.id === 'two-foot-rise')!;
const find = (revision: string) => (revision === 'a'.repeat(32) ? rise : null);
const classOf = (...doses: ReturnType<typeof reps>[]): Plan => ({
  ...newPlan('class-1', 'Long', 3600),
  blocks: [
    newBlock(
      'block-1',
      'Work',
      doses.map((dose, i) => ({ ...newItem(`item-${i}`, rise, 'a'.repeat(32)), dose: [dose] })),
    ),
  ],
});

describe('a class has a sensible most', () => {
  it('an ordinary class is far below it', () => {
    expect(tooMuch(classOf(reps(15, { sets: 3 }), reps(20)), find)).toBeNull();
  });

  it('200 reps × 20 sets for 12 toes, 12 spots and 12 directions is refused before anything is timed', () => {
    const plan = classOf(reps(10), reps(200, { sets: 20, per: { toes: 12, spots: 12, directions: 12 } }));
    const found = tooMuch(plan, find);
    expect(found).toMatchObject({ of: 'pieces', found: 10 + 200 * 20 * 12 ** 3, itemId: 'item-1' });
    expect(tooMuchWords(found!, 'Rise on both feet')).toBe(
      'That is 6,912,010 reps and holds on each foot; a class has at most 4,000. Most of it is “Rise on both feet”: give it fewer, or make two classes.',
    );
  });

  it('4,000 pieces are still a class, one more is not', () => {
    const quick = (n: number) => reps(n, { sets: 20, tempo: [0.25] });
    expect(tooMuch(classOf(quick(200)), find)).toBeNull();
    expect(tooMuch(classOf(quick(200), reps(1, { tempo: [0.25] })), find)?.found).toBe(4001);
  });

  it('so are six hours of work on one foot, rests counted', () => {
    const hours = (sets: number) => ({ ...timed(1800, { sets }), setRestSeconds: 0 });
    const plan = (...sets: number[]): Plan => {
      const base = classOf(...sets.map(() => reps(1)));
      const [block] = base.blocks;
      const items = block!.items.map((item, i) => ({ ...item, dose: [hours(sets[i] ?? 1)] }));
      return { ...base, blocks: [{ ...block!, items }] };
    };
    expect(tooMuch(plan(12), find)).toBeNull();
    expect(tooMuch(plan(12, 1), find)).toMatchObject({ of: 'hours', found: 6.5, most: 6, itemId: 'item-0' });
  });
});
