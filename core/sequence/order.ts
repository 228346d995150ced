import type { Stage } from '../exercise';
import { added, moved } from './mend';
import { type Place, type Rule, rule } from './rule';

const stages: readonly Stage[] = ['passive', 'active', 'loaded', 'integrated'];

/** Within one ladder the easier rung comes first. */
export const ladderOrder: Rule = rule({
  id: 'ladder-order',
  severity: 'hard',
  reason: 'Within one ladder the easier level comes first: it prepares the harder one.',
  begin: (): ReadonlyMap<string, Place> => new Map(),
  take: (seen: ReadonlyMap<string, Place>, place) => {
    const { exercise, rungId } = place.execution;
    if (!exercise.ladder) return { state: seen };
    const rungAt = (id: string | null) => exercise.ladder?.rungs.findIndex((r) => r.id === id) ?? -1;
    const before = seen.get(exercise.id);
    const state = new Map(seen).set(exercise.id, place);
    if (
      before?.item.revision !== place.item.revision ||
      rungAt(rungId) >= rungAt(before.execution.rungId) ||
      rungAt(rungId) < 0
    )
      return { state };
    return {
      state,
      breaches: [
        {
          itemIds: [before.item.id, place.item.id],
          words: `${place.name}: “${place.execution.rungName ?? ''}” comes after the harder “${before.execution.rungName ?? ''}”.`,
          mend: () => moved(place, 'before', before),
        },
      ],
    };
  },
});

/** A named preparation comes before what it prepares, in the same or an earlier place. */
export const prepared: Rule = rule({
  id: 'prepared',
  severity: 'hard',
  reason: 'One prepares the other: passive before active before loaded, two feet before one.',
  begin: (): readonly Place[] => [],
  take: (before: readonly Place[], place) => {
    const late = before.find((p) => p.execution.exercise.preparedBy?.includes(place.item.exerciseId));
    const done = late && before.some((p) => p.item.exerciseId === place.item.exerciseId);
    const state = [...before, place];
    if (!late || done || place.item.recheck) return { state };
    const [a, b] = [place, late].map((p) => stages.indexOf(p.execution.exercise.stage));
    if ((a ?? 0) > (b ?? 0)) return { state };
    return {
      state,
      breaches: [
        {
          itemIds: [late.item.id, place.item.id],
          words: `${place.name} prepares ${late.name} and comes after it.`,
          mend: () => moved(place, 'before', late),
        },
      ],
    };
  },
});

/** Slots shorter than this are openings and warm-ups: nobody asks for a look before and after them. */
const shortestLookMs = 8 * 60_000;
const isLook = (place: Place | undefined) => place?.execution.exercise.family === 'check';

export const lookFirst: Rule = rule({
  id: 'look-first',
  severity: 'soft',
  reason: 'Look first: without it nobody knows at the end whether anything changed.',
  begin: (): Place | null => null,
  take: (first: Place | null, place) => ({ state: first ?? place }),
  end: (first, context) => {
    if (!first || isLook(first) || context.timeline.totalMs < shortestLookMs) return [];
    const early = context.places.slice(0, 3).find((p) => p.index > 0 && isLook(p));
    return [
      {
        itemIds: [first.item.id],
        words: early ? `${early.name} comes after work has begun.` : 'The class begins without a look.',
        mend: () => (early ? moved(early, 'before', first) : added(context, 'walk-and-notice', 'before', first)),
      },
    ];
  },
});

export const lookAgain: Rule = rule({
  id: 'look-again',
  severity: 'soft',
  reason: 'The same look at the end: same, better or worse decides what stays in the class.',
  begin: (): { readonly looked: boolean; readonly last: Place | null; readonly worked: boolean } => ({
    looked: false,
    last: null,
    worked: false,
  }),
  take: (state: { looked: boolean; last: Place | null; worked: boolean }, place) => {
    const { exercise } = place.execution;
    const look = isLook(place) || place.item.recheck || exercise.id === 'walk-and-compare';
    const works = exercise.family !== 'close' && exercise.family !== 'release' && !look;
    return {
      state: { looked: look ? true : works ? false : state.looked, last: place, worked: state.worked || works },
    };
  },
  end: ({ looked, last, worked }, context) => {
    if (looked || !last || !worked || context.timeline.totalMs < shortestLookMs) return [];
    return [
      {
        itemIds: [last.item.id],
        words: 'The class ends without looking again.',
        mend: () => added(context, 'walk-and-compare', 'after', last, { recheck: true }),
      },
    ];
  },
});

/** Release where the school has it. Both ends are fine with the first answer; the others are choices to follow. */
export const releasePlace: Rule = rule({
  id: 'release-place',
  severity: 'soft',
  reason: 'Your answer under How I teach: where release belongs.',
  begin: (): readonly Place[] => [],
  take: (so: readonly Place[], place) => ({
    state: place.execution.exercise.family === 'release' ? [...so, place] : so,
  }),
  end: (found, context) => {
    const { places, school } = context;
    const [first] = found;
    const last = found.at(-1);
    if (!first || !last || places.length < 6) return [];
    const early = (p: Place) => p.index < places.length / 3;
    const late = (p: Place) => p.index >= (places.length * 2) / 3;
    const end = places.at(-1);
    const start = places.find((p) => p.execution.exercise.family !== 'check');
    if (school.release === 'closes' && !found.some(late) && end)
      return [
        {
          itemIds: [first.item.id],
          words: `${first.name} opens the class; your school lets release close it.`,
          mend: () => moved(first, 'before', end),
        },
      ];
    if (school.release === 'both' && found.some(early) !== found.some(late) && end && start)
      return [
        {
          itemIds: [first.item.id],
          words: found.some(early)
            ? 'Release opens the class and does not close it.'
            : 'Release closes the class and does not open it.',
          mend: () =>
            found.some(early)
              ? added(context, first.item.exerciseId, 'before', end)
              : added(context, first.item.exerciseId, 'before', start),
        },
      ];
    return [];
  },
});
