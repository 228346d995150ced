import { type MultiplierKind, sayMultiplier, sayUnit, unitsOf } from '../dose';
import { type Direction, directionNames, oppositeOf } from '../exercise';
import { sayLength } from '../say-time';
import { added } from './mend';
import { shortestLookMs } from './order';
import { type Entry, type ReviewContext, classRule, inWords } from './rule';

/** Ways, toes, gaps and contact points that the exercise has and the dose leaves out, said as what is owed. */
export const owedWays = classRule({
  id: 'owed',
  severity: 'soft',
  reason: 'Both ways, all toes, every point: what is left out on a foot is owed to it.',
  look: (context) =>
    context.entries.flatMap((entry) =>
      entry.item.dose.flatMap((part, at) => {
        const usual = entry.execution.doses.usual[at];
        if (usual?.kind !== part.kind) return [];
        return usual.multipliers.flatMap(({ per, count }) => {
          const has = part.multipliers.find((m) => m.per === per)?.count ?? 1;
          return per === 'spots' || has >= count ? [] : [owedOf(context, entry, at, per, has, count)];
        });
      }),
    ),
});

function owedOf(
  context: ReviewContext,
  { item, execution, name, ...entry }: Entry,
  at: number,
  per: MultiplierKind,
  has: number,
  count: number,
) {
  const missing = count - has;
  const oneFoot = execution.sidePattern === 'each';
  const { leftWorkMs, rightWorkMs, workMs } = context.timeOf({ item, execution, name, ...entry });
  const owedMs = ((oneFoot ? Math.max(leftWorkMs, rightWorkMs) : workMs) / has) * missing;
  return {
    itemIds: [item.id],
    about: per,
    cost: owedMs / 1000,
    explain: () => {
      const part = item.dose[at];
      const each = part ? unitsOf(part) * part.sets : 0;
      const what = per === 'directions' ? 'the other way' : `for ${missing} more ${sayMultiplier(per, missing)}`;
      const feet = oneFoot ? 'each foot owes' : 'both feet owe';
      const dose = item.dose.map((p, i) =>
        i === at ? { ...p, multipliers: [...p.multipliers.filter((m) => m.per !== per), { per, count }] } : p,
      );
      return {
        words: `${name}: ${feet} ${each} ${part ? sayUnit(part.kind, each) : ''} ${what}, ${sayLength(owedMs)}.`,
        mends: () => [
          {
            words: `All ${count} ${sayMultiplier(per, count)}`,
            command: { type: 'edit-item' as const, itemId: item.id, change: { dose } },
          },
        ],
      };
    },
  };
}

/** Directions that nobody trains for their own sake have no opposite to miss. */
const paired: readonly Direction[] = ['ankle-up', 'ankle-down', 'turn-in', 'turn-out', 'toes-curl', 'toes-lift'];
/** What trains a direction, standing. */
const counterparts: Readonly<Partial<Record<Direction, string>>> = {
  'ankle-up': 'heel-to-ball-rock',
  'ankle-down': 'knee-to-wall',
  'turn-in': 'edge-to-edge',
  'turn-out': 'edge-to-edge',
  'toes-curl': 'all-toes-up',
  'toes-lift': 'spread-and-narrow',
};

/** Every direction that is loaded has its opposite somewhere in the class. */
export const oneWay = classRule({
  id: 'one-way',
  severity: 'soft',
  reason: 'A direction that is strengthened wants its opposite in the same class.',
  look: (context) => {
    if (context.timeline.totalMs < shortestLookMs) return [];
    const trained = new Set(context.entries.flatMap((e) => e.execution.exercise.directions));
    const loaded = new Map(
      context.entries
        .filter((e) => e.execution.exercise.stage === 'loaded')
        .flatMap((e) => e.execution.exercise.directions.map((direction) => [direction, e] as const)),
    );
    return [...loaded]
      .filter(([direction]) => paired.includes(direction) && !trained.has(oppositeOf[direction]))
      .filter(([direction]) => !isTheIdea(context, direction))
      .map(([direction, entry]) => ({
        itemIds: [entry.item.id],
        about: direction,
        cost: 1,
        explain: () => ({
          words: `The class trains “${directionNames[direction][inWords(context)]}” and never “${directionNames[oppositeOf[direction]][inWords(context)]}”.`,
          mends: () => {
            const seated = entry.execution.position === 'chair-seated' && direction.startsWith('ankle');
            const ids = [
              seated ? 'seated-heel-toe-march' : '',
              counterparts[direction] ?? '',
              ...trainersOf(context, direction, entry),
            ];
            return ids.flatMap((id) => [added(context, id, 'after', entry), added(context, id, 'before', entry)]);
          },
        }),
      }));
  },
});

/** A class of one idea: seven in ten of the items that train anything train this (common practice). */
function isTheIdea({ entries }: ReviewContext, direction: Direction): boolean {
  const training = entries.filter(
    (e) => e.execution.exercise.directions.length > 0 && e.execution.exercise.stage !== 'passive',
  );
  return training.filter((e) => e.execution.exercise.directions.includes(direction)).length >= 0.7 * training.length;
}

/** How many exercises of the library are tried at most. */
const mostTrainers = 4;

/** Exercises of the library that train the opposite by themselves, in the position and with the kit the class is in. */
const trainersOf = (context: ReviewContext, direction: Direction, entry: Entry): string[] =>
  context.library
    .filter(
      ({ exercise }) =>
        exercise.stage !== 'passive' &&
        exercise.directions.includes(oppositeOf[direction]) &&
        exercise.performance.position === entry.execution.position &&
        exercise.performance.kit.every((need) => entry.execution.kit.some((has) => has.kit === need.kit)),
    )
    .slice(0, mostTrainers)
    .map(({ exercise }) => exercise.id);

/** Two halves of one job get the same: turn in and turn out, straight knee and bent knee. */
export const unevenPair = classRule({
  id: 'uneven-pair',
  severity: 'soft',
  reason: 'Turning in and turning out, straight knee and bent knee: two halves of one job get the same number.',
  look: (context) =>
    context.entries.flatMap((entry, i) => {
      const pair = context.entries.slice(0, i).find((e) => e.execution.exercise.pair === entry.item.exerciseId);
      const [a, b] = [pair?.item.dose[0], entry.item.dose[0]];
      if (!pair || !a || a.kind !== b?.kind) return [];
      const [first, second] = [unitsOf(a) * a.sets, unitsOf(b) * b.sets];
      if (first === second) return [];
      const [short, long] = first < second ? [pair, entry] : [entry, pair];
      return [
        {
          itemIds: [pair.item.id, entry.item.id],
          cost: 2,
          explain: () => ({
            words: `${pair.name} has ${first}, ${entry.name} ${second}: ${short.name} owes ${Math.abs(first - second)} on each foot.`,
            mends: () => [
              {
                words: `Give both ${Math.max(first, second)}`,
                command: { type: 'edit-item' as const, itemId: short.item.id, change: { dose: long.item.dose } },
              },
            ],
          }),
        },
      ];
    }),
});
