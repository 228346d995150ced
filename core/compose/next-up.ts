import { type Exercise, type Execution, type Family, startingExecution, startingRung } from '../exercise';
import { KitId, isFetched } from '../kit';
import { type AnyItem, type Plan, addExercise, allItemsOf, applyCommand, recheckExercise } from '../plan';
import { objectionsIn } from '../sequence';
import { type FindRevision, buildTimeline } from '../timeline';
import { type ComposeBrief, FocusFamily, isFocus, usualBrief } from './brief';
import { type Offer, barOf, demandOf } from './candidates';
import { placeInHour, seats, sharesOf, worksIn } from './shape';

/** How the kind of an exercise stands in a class. */
export interface Standing {
  readonly family: Family;
  /** How many of its family the class has. */
  readonly has: number;
  /** How many a class of this length usually has; looks at the beginning and the end are one each. */
  readonly of: number;
}

/** How many kinds are offered at once, and how many exercises of a kind are tried before it is left out. */
const most = { kinds: 4, tries: 3 };
/** A class that is so full is brought to its end, part of the slot (Needlework's own). */
const nearlyFull = 0.8;

/**
 * What a class could go on with behind a place: one exercise of each kind that a class of its length usually has and
 * this one has not, in the order of an hour (a look, release, loosening, toes, arch, band, rises, steps, balance). Each is
 * for these people and this room, and tried in the class first: none raises a hard finding, and of a kind the one with
 * the fewest other objections comes, the least to fetch, to move and to ask of them first. Nothing comes that belongs
 * before what stands in front of the place, or after what follows it.
 * @param afterId the item behind which it would go, talk too, as `addExercise` puts it; null for the end
 */
export function nextUp<T extends Offer>(
  plan: Plan,
  afterId: string | null,
  library: readonly T[],
  find: FindRevision,
): readonly (T & Standing)[] {
  const known = (item: AnyItem): Exercise[] => {
    const exercise = item.kind === 'talk' ? null : find(item.revision);
    return exercise ? [exercise] : [];
  };
  const all = allItemsOf(plan);
  const place = all.findIndex(({ id }) => id === afterId) + 1 || all.length;
  const at = all.slice(0, place).flatMap(known).at(-1) ?? null;
  const after = all.slice(place).flatMap(known);
  const exercises = all.flatMap(known);
  const timeline = buildTimeline({ plan, find });
  const shares = sharesOf({ focus: {}, occasion: 'class' }, new Set(FocusFamily.options));
  const wanted = seats(shares, worksIn(plan.slotSeconds), new Set());
  const has = (family: Family) => exercises.filter((e) => e.family === family).length;

  const isClosed = (those: readonly AnyItem[]) =>
    those.some((item) => item.kind !== 'talk' && (item.exerciseId === recheckExercise || item.recheck?.of === null));
  const full = timeline.totalMs >= nearlyFull * plan.slotSeconds * 1000;
  const opening: Family[] = has('check') === 0 && at === null ? ['check'] : [];
  const owing = full ? [] : [...wanted].flatMap(([family, of]) => (has(family) < of ? [family] : []));
  // a look between two drills belongs to no place in the hour; behind the closing look nothing comes
  const worked = all
    .slice(0, place)
    .flatMap(known)
    .findLast(({ family }) => family !== 'check');
  const from = isClosed(all.slice(0, place)) ? Infinity : worked ? placeInHour(worked.family) : -1;
  // the looks that open a class stand together; a look further on stands anywhere
  const isOpening = from === -1 && after[0]?.family === 'check';
  const follows = isOpening ? after[0] : after.find(({ family }) => isFocus(family));
  const upTo = follows ? placeInHour(follows.family) : Infinity;
  const ahead = owing
    .filter((family) => placeInHour(family) >= from && placeInHour(family) <= upTo)
    .sort((a, b) => placeInHour(a) - placeInHour(b));
  const ends = at !== null && after.length === 0 && !isClosed(all) && (full || ahead.length === 0);
  const closing: Family[] = ends ? ['close'] : [];

  const out = new Set(kitOf(exercises, plan));
  const before = new Set(objectionsIn(plan, find, timeline).map(({ key }) => key));
  const brief = briefOf(plan);
  const now = at && startingExecution(at, plan.school);
  return [...opening, ...ahead, ...closing].slice(0, most.kinds).flatMap((family) => {
    const may = library
      .filter(({ exercise }) => exercise.family === family && (family !== 'close' || exercise.id === recheckExercise))
      .filter(({ exercise }) => !exercises.some(({ id }) => id === exercise.id))
      .flatMap((offer) => {
        const rungId = startingRung(offer.exercise, plan.school)?.id ?? null;
        const bar = barOf(offer.exercise, rungId, brief, plan.school, false);
        return 'why' in bar ? [] : [{ offer, effort: effort(bar.execution, now, out) }];
      })
      .sort((a, b) => a.effort - b.effort || (a.offer.exercise.id < b.offer.exercise.id ? -1 : 1))
      .slice(0, most.tries);
    const tried = may.flatMap(({ offer }) => {
      let n = 0;
      const { command } = addExercise(plan, afterId, offer.exercise, offer.revision, () => `try-${++n}`);
      const tried = applyCommand(plan, command);
      if (!tried.ok) return [];
      const raised = objectionsIn(tried.value, find).filter(({ key }) => !before.has(key));
      return raised.some(({ severity }) => severity === 'hard') ? [] : [{ offer, raised: raised.length }];
    });
    const best = tried.reduce<(typeof tried)[number] | null>((a, b) => (a && a.raised <= b.raised ? a : b), null);
    return best ? [{ ...best.offer, family, has: has(family), of: wanted.get(family as FocusFamily) ?? 1 }] : [];
  });
}

/** The people and the room of a class, with every cupboard full: what is short there is for the review to say. */
const briefOf = ({ brief: { audience, concerns, floor } }: Plan): ComposeBrief => ({
  ...usualBrief,
  who: audience,
  concerns: [...concerns],
  floor,
  kit: Object.fromEntries(KitId.options.map((kit) => [kit, plenty])),
});
const plenty = 99;

/** How much is fetched and moved for it, and how much it asks; one that has levels suits more people. */
function effort(execution: Execution, from: Execution | null, out: ReadonlySet<KitId>): number {
  const fetched = execution.kit.filter(({ kit }) => isFetched(kit) && !out.has(kit)).length;
  const moves = from && from.position !== execution.position ? 1 : 0;
  return 2 * fetched + moves + demandOf(execution) / 2 - (execution.exercise.ladder ? 0.5 : 0);
}

const kitOf = (exercises: readonly Exercise[], { school }: Plan): KitId[] =>
  exercises.flatMap((exercise) => startingExecution(exercise, school).kit.map(({ kit }) => kit));
