import fc from 'fast-check';
import type { DoseKind, DosePart, Multiplier } from '../dose';
import type { AnyItem, Item, Pace, Plan } from '../plan';
import { type Block, Familiarity, defaultPace, newBlock, newItem, newPlan, paceKeys } from '../plan';
import { kit } from '../exercise/catalogue/author';
import { sampleExercise, sampleRevision } from './sample';

/** Exercises of every side pattern, with and without bands and kit, for random classes. */
export const variedExercises = [
  sampleExercise('each'),
  sampleExercise('both', { sidePattern: 'both', position: 'standing' }),
  sampleExercise('alternate', { sidePattern: 'alternate', setup: 'props' }, [1.25, 2]),
  sampleExercise('travel', { sidePattern: 'travelling', position: 'walking', facing: 'lane' }),
  sampleExercise(
    'band',
    { kit: [kit('band')], position: 'floor-seated', band: { placement: 'arch', border: 'outer', purpose: 'resist' } },
    [2, 1, 3],
  ),
  sampleExercise('mat', { position: 'lying', floor: 'padded', setup: 'fiddly' }),
];

const multipliers: fc.Arbitrary<Multiplier[]> = fc.uniqueArray(
  fc.record({
    per: fc.constantFrom('toes', 'directions', 'contact-points' as const),
    count: fc.integer({ min: 1, max: 4 }),
  }),
  { maxLength: 2, selector: (m) => m.per },
);
const n = (max: number) => fc.integer({ min: 1, max });
const shared = {
  until: fc.option(fc.constant('it is felt'), { nil: undefined, freq: 6 }),
  sets: n(3),
  setRestSeconds: fc.integer({ min: 0, max: 30 }),
  multipliers,
};

/** A random part of each kind: the compiler asks for a new one here too. */
const parts: { readonly [K in DoseKind]: fc.Arbitrary<Extract<DosePart, { readonly kind: K }>> } = {
  reps: fc.record({ kind: fc.constant('reps' as const), reps: n(20), tempoSeconds: fc.constant(null), ...shared }),
  hold: fc.record({
    kind: fc.constant('hold' as const),
    holds: n(5),
    holdSeconds: n(60),
    restSeconds: fc.integer({ min: 0, max: 15 }),
    ...shared,
  }),
  passes: fc.record({ kind: fc.constant('passes' as const), passes: n(10), passSeconds: n(10), ...shared }),
  stops: fc.record({
    kind: fc.constant('stops' as const),
    spots: n(5),
    stopSeconds: n(15),
    shiftSeconds: fc.integer({ min: 0, max: 5 }),
    ...shared,
  }),
  travel: fc.record({
    kind: fc.constant('travel' as const),
    lengths: n(4),
    steps: n(50),
    stepsPerMinute: fc.integer({ min: 40, max: 140 }),
    turnSeconds: fc.integer({ min: 0, max: 6 }),
    ...shared,
  }),
  timed: fc.record({ kind: fc.constant('timed' as const), seconds: n(120), ...shared }),
  counts: fc.record({
    kind: fc.constant('counts' as const),
    phrases: n(8),
    countsPerPhrase: n(16),
    beatsPerMinute: fc.integer({ min: 60, max: 180 }),
    ...shared,
  }),
  breaths: fc.record({
    kind: fc.constant('breaths' as const),
    breaths: n(10),
    breathSeconds: fc.integer({ min: 2, max: 8 }),
    ...shared,
  }),
  byFeel: fc.record({
    kind: fc.constant('byFeel' as const),
    leastSeconds: n(20),
    usualSeconds: fc.integer({ min: 20, max: 40 }),
    mostSeconds: fc.integer({ min: 40, max: 80 }),
    ...shared,
  }),
};
export const anyPart: fc.Arbitrary<DosePart> = fc.oneof(...Object.values(parts));

const side = fc.constantFrom('left' as const, 'right' as const);
export const equalSides: fc.Arbitrary<Item['sides']> = fc.oneof(
  fc.constant({ mode: 'equal' as const }),
  fc.record({ mode: fc.constant('weaker-first' as const), weaker: side }),
);
export const anySides: fc.Arbitrary<Item['sides']> = fc.oneof(
  equalSides,
  fc.record({ mode: fc.constant('extra-set' as const), weaker: side }),
  fc.record({ mode: fc.constant('extra-reps' as const), weaker: side, more: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ mode: fc.constant('one-foot' as const), side }),
);

export const anyPace: fc.Arbitrary<Pace> = fc.constantFrom(
  defaultPace(),
  { ...defaultPace(), secondSetupSeconds: 3.7, firstRepTimes: 2.3, sideSwitchSeconds: 4.7 },
  {
    ...(Object.fromEntries(paceKeys.map((k) => [k, 0])) as Pace),
    firstRepTimes: 1,
    speakingWordsPerMinute: 145,
    workSpread: 0.4,
    aroundSpread: 0.8,
    daySpread: 0.08,
  },
);

function anyItem(id: string, sides: fc.Arbitrary<Item['sides']>): fc.Arbitrary<Item> {
  return fc
    .record({
      which: fc.nat({ max: variedExercises.length - 1 }),
      dose: fc.array(anyPart, { minLength: 1, maxLength: 2 }),
      sides,
      lead: fc.option(side),
      familiarity: fc.constantFrom(...Familiarity.options),
      talk: fc.record({
        beforeSeconds: fc.option(fc.integer({ min: 0, max: 60 })),
        overSeconds: fc.integer({ min: 0, max: 60 }),
      }),
    })
    .map(({ which, ...rest }) => {
      const exercise = variedExercises[which];
      if (!exercise) throw new RangeError('no such sample');
      return { ...newItem(id, exercise, sampleRevision(which)), ...rest };
    });
}

const anyTalk = (id: string): fc.Arbitrary<AnyItem> =>
  fc.integer({ min: 5, max: 120 }).map((seconds) => ({ kind: 'talk', id, name: 'Talk', seconds, note: '' }));

/** Wears the first exercise of a block up to the end of its last one, where both feet do it together. */
function worn(items: AnyItem[]): AnyItem[] {
  const [first, ...others] = items;
  const last = others.findLast((item) => item.kind === 'exercise');
  if (first?.kind !== 'exercise' || !last || variedExercises[1]?.id !== first.exerciseId) return items;
  return [{ ...first, wornUntil: last.id }, ...others];
}

/** Random classes over every dose kind, side choice and flow, with talk between and something worn now and then. Music runs are left out: they end off the second. */
export function anyPlan(sides: fc.Arbitrary<Item['sides']> = anySides): fc.Arbitrary<Plan> {
  const block = (b: number): fc.Arbitrary<Block> =>
    fc
      .tuple(fc.integer({ min: 0, max: 4 }), fc.constantFrom('by-exercise' as const, 'by-foot' as const))
      .chain(([length, flow]) =>
        fc
          .tuple(
            ...Array.from({ length }, (_, i) =>
              fc.oneof(
                { arbitrary: anyItem(`item-${b}-${i}`, sides), weight: 6 },
                { arbitrary: anyTalk(`item-${b}-${i}`), weight: 1 },
              ),
            ),
          )
          .map((items) => ({ ...newBlock(`block-${b}`, 'Block', worn(items)), flow })),
      );
  return fc
    .tuple(block(0), block(1), block(2), anyPace, side)
    .map(([a, b, c, pace, lead]) => ({ ...newPlan('plan-1', 'Any class', 1800), pace, lead, blocks: [a, b, c] }));
}
