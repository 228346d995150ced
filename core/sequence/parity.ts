import { type DosePart, type MultiplierKind, sayMultiplier, sayUnit } from '../dose';
import { type Direction, directionNames, oppositeOf } from '../exercise';
import { added } from './mend';
import { sayLength } from '../say-time';
import { type Place, type Rule, rule } from './rule';

const amountOf = (part: DosePart): number =>
  part.kind === 'reps' ? part.reps : part.kind === 'hold' ? part.holds : part.kind === 'passes' ? part.passes : 1;
const times = (part: DosePart, per: MultiplierKind) => part.multipliers.find((m) => m.per === per)?.count ?? 1;

/** Ways, toes, gaps and contact points that the exercise has and the dose leaves out, said as what is owed. */
export const owedWays: Rule = rule({
  id: 'owed',
  severity: 'soft',
  reason: 'Both ways, all toes, every point: what is left out on a foot is owed to it.',
  begin: () => null,
  take: (state: null, place) => {
    const { item, execution, time } = place;
    const breaches = item.dose.flatMap((part, at) => {
      const usual = execution.doses.usual[at];
      if (usual?.kind !== part.kind) return [];
      return usual.multipliers.flatMap(({ per, count }) => {
        const has = times(part, per);
        if (per === 'spots' || has >= count) return [];
        const missing = count - has;
        const each = amountOf(part) * part.sets;
        const footMs = execution.sidePattern === 'each' ? Math.max(time.leftWorkMs, time.rightWorkMs) : time.workMs;
        const owedMs = (footMs / has) * missing;
        const what = per === 'directions' ? 'the other way' : `for ${missing} more ${sayMultiplier(per, missing)}`;
        const feet = execution.sidePattern === 'each' ? 'each foot owes' : 'both feet owe';
        return [
          {
            itemIds: [item.id],
            about: per,
            words: `${place.name}: ${feet} ${each} ${sayUnit(part.kind, each)} ${what}, ${sayLength(owedMs)}.`,
            weight: owedMs / 1000,
            mend: () => ({
              words: `All ${count} ${sayMultiplier(per, count)}`,
              command: {
                type: 'edit-item' as const,
                itemId: item.id,
                change: {
                  dose: item.dose.map((p, i) =>
                    i === at
                      ? { ...p, multipliers: [...p.multipliers.filter((m) => m.per !== per), { per, count }] }
                      : p,
                  ),
                },
              },
            }),
          },
        ];
      });
    });
    return { state, breaches };
  },
});

/** Left against right, from the timeline; unequal on purpose is not warned about. */
export const owedSides: Rule = rule({
  id: 'sides',
  severity: 'soft',
  reason: 'Both sides get the same, unless you chose otherwise.',
  begin: () => null,
  take: (state: null, { item, time, name }) => {
    const difference = time.leftWorkMs - time.rightWorkMs;
    if (item.sides.mode === 'extra-set' || Math.abs(difference) < 1000) return { state };
    const side = difference < 0 ? 'left' : 'right';
    return {
      state,
      breaches: [
        {
          itemIds: [item.id],
          words: `${side} foot: ${sayLength(Math.abs(difference))} owed in ${name}.`,
          weight: Math.abs(difference) / 1000,
          mend: () => ({
            words: 'Both sides equal',
            command: { type: 'edit-item', itemId: item.id, change: { sides: { mode: 'equal' } } },
          }),
        },
      ],
    };
  },
});

/** Directions that nobody trains for their own sake have no opposite to miss. */
const paired: readonly Direction[] = ['ankle-up', 'ankle-down', 'turn-in', 'turn-out', 'toes-curl', 'toes-lift'];
const counterpart = (direction: Direction, seated: boolean): string | undefined =>
  (seated && direction.startsWith('ankle') ? 'seated-heel-toe-march' : undefined) ?? standingCounterpart[direction];
const standingCounterpart: Readonly<Partial<Record<Direction, string>>> = {
  'ankle-up': 'heel-to-ball-rock',
  'ankle-down': 'knee-to-wall',
  'turn-in': 'edge-to-edge',
  'turn-out': 'edge-to-edge',
  'toes-curl': 'all-toes-up',
  'toes-lift': 'spread-and-narrow',
};

/** Every direction that is loaded has its opposite somewhere in the class. */
export const oneWay: Rule = rule({
  id: 'one-way',
  severity: 'soft',
  reason: 'A direction that is strengthened wants its opposite in the same class.',
  begin: (): { readonly any: ReadonlySet<Direction>; readonly loaded: ReadonlyMap<Direction, Place> } => ({
    any: new Set(),
    loaded: new Map(),
  }),
  take: (state: { any: ReadonlySet<Direction>; loaded: ReadonlyMap<Direction, Place> }, place) => {
    const { directions, stage } = place.execution.exercise;
    const any = new Set([...state.any, ...directions]);
    const loaded = new Map(state.loaded);
    if (stage === 'loaded') for (const d of directions) loaded.set(d, place);
    return { state: { any, loaded } };
  },
  end: ({ any, loaded }, context) =>
    [...loaded]
      .filter(([direction]) => paired.includes(direction) && !any.has(oppositeOf[direction]))
      .map(([direction, place]) => ({
        itemIds: [place.item.id],
        about: direction,
        words: `The class trains “${directionNames[direction][0]}” and never “${directionNames[oppositeOf[direction]][0]}”.`,
        mend: () =>
          added(context, counterpart(direction, place.execution.position === 'chair-seated') ?? '', 'after', place),
      })),
});

/** Two exercises that are each other's other way get the same. */
export const unevenPair: Rule = rule({
  id: 'uneven-pair',
  severity: 'soft',
  reason: 'Turning in and turning out, up and down: two halves of one job get the same number.',
  begin: (): readonly Place[] => [],
  take: (before: readonly Place[], place) => {
    const [direction, ...more] = place.execution.exercise.directions;
    const state = [...before, place];
    if (!direction || more.length > 0 || place.execution.exercise.family !== 'band') return { state };
    const pair = before.find(
      (p) =>
        p.execution.exercise.family === 'band' &&
        p.execution.exercise.directions.length === 1 &&
        p.execution.exercise.directions[0] === oppositeOf[direction],
    );
    const [a, b] = [pair?.item.dose[0], place.item.dose[0]];
    if (!pair || !a || a.kind !== b?.kind) return { state };
    const [first, second] = [a, b].map((part) => amountOf(part) * part.sets);
    if (first === undefined || second === undefined || first === second) return { state };
    const short = first < second ? pair : place;
    const long = short === pair ? place : pair;
    return {
      state,
      breaches: [
        {
          itemIds: [pair.item.id, place.item.id],
          words: `${pair.name} has ${first}, ${place.name} ${second}: ${short.name} owes ${Math.abs(first - second)} on each foot.`,
          mend: () => ({
            words: `Give both ${Math.max(first, second)}`,
            command: { type: 'edit-item', itemId: short.item.id, change: { dose: long.item.dose } },
          }),
        },
      ],
    };
  },
});
