import { type ComposeBrief, barOf, usualBrief } from '../compose';
import { type Dose, withNumber } from '../dose';
import {
  type Concern,
  type Execution,
  type Exercise,
  type School,
  type Substitute,
  concernNames,
  onUnstableGround,
} from '../exercise';
import type { KitId } from '../kit';
import type { HomeItem, Homework, Rhythm } from './homework';

/** What a sheet is worked out from, beside itself. */
export interface HomeAsked {
  readonly homework: Homework;
  readonly school: School;
  /** What the person has, or whoever gets the sheet. */
  readonly concerns: readonly Concern[];
  readonly find: (revision: string) => Exercise | null;
}

/** What an exercise is for at home: it decides how often it is done. */
export type HomeKind = 'mobilise' | 'strength' | 'unstable' | 'jumps';

/** An exercise of a sheet as it is done by this person with what they own. */
export interface Settled {
  readonly item: HomeItem;
  readonly exercise: Exercise;
  readonly execution: Execution;
  readonly substitutes: readonly Substitute[];
  readonly kind: HomeKind;
}

/** Why an exercise cannot be done by this person at home; alone: somebody should stand by. */
export interface Barred {
  readonly why: Extract<ReturnType<typeof barOf>, { readonly why: unknown }>['why'] | 'alone';
  /** What in particular: a concern, a piece of kit; empty where there is no more to say. */
  readonly what: string;
}

/** The room it is done in: a home, one person, and what they own. */
export const homeBrief = ({ homework, concerns }: Pick<HomeAsked, 'homework' | 'concerns'>): ComposeBrief => ({
  ...usualBrief,
  // people who are asked to do something at home on their own are taken for beginners
  who: 'general',
  occasion: 'homework',
  slotSeconds: Math.max(120, homework.minutes * 60),
  kit: Object.fromEntries(homework.owns.map((kit): [KitId, number] => [kit, many(kit)])),
  floor: homework.floor,
  people: 1,
  concerns: [...concerns],
  looks: false,
});

/** Who owns small things owns as many as a foot picks up. */
const many = (kit: KitId): number => (kit === 'small-objects' ? 40 : kit === 'cloth' || kit === 'paper' ? 2 : 1);

export const kindOf = (execution: Execution): HomeKind => {
  if (execution.impactsPerRep > 0) return 'jumps';
  if (onUnstableGround(execution)) return 'unstable';
  return execution.exercise.family === 'mobility' || execution.exercise.family === 'release' ? 'mobilise' : 'strength';
};

/** An exercise on its level, with what may stand in for the kit it asks; or why it cannot be done so. */
export function settle(item: HomeItem, asked: HomeAsked): Settled | Barred | null {
  const exercise = asked.find(item.revision);
  if (!exercise) return null;
  // the level is the teacher's choice, as it is in a course
  const bar = barOf(exercise, item.rungId, homeBrief(asked), asked.school, true);
  if ('why' in bar) return bar;
  const unsafe = asked.concerns.find((concern) => needsSomebody(bar.execution, concern));
  if (unsafe) return { why: 'alone', what: concernNames[unsafe] };
  return { item, exercise, ...bar, kind: kindOf(bar.execution) };
}

/** Balance from which nobody who needs more support does it with nobody there (Needlework's own). */
const demanding = 2;

/** In class it is done with more to hold on to, and somebody beside. */
export const needsSomebody = ({ balance, cautions }: Execution, concern: Concern): boolean =>
  Math.max(balance.working, balance.standing) >= demanding &&
  cautions.some((caution) => caution.concern === concern && caution.action === 'change-support');

/** All that can be done as it stands, in its order. */
export const settledOf = (asked: HomeAsked): Settled[] =>
  asked.homework.items.flatMap((item) => {
    const settled = settle(item, asked);
    return settled && !('why' in settled) ? [settled] : [];
  });

/**
 * Sets on a day where nobody named any: three to five every other day, against two or three daily (common practice, no
 * source); what mobilises once a day.
 */
export function usualSets(kind: HomeKind, rhythm: Rhythm): HomeItem['sets'] {
  if (kind === 'mobilise') return [1, 1];
  return rhythm === 'every-other-day' ? [3, 5] : [2, 3];
}

/** Mobilise daily; unstable ground once or twice a week; strength every other day (common practice, no source). */
export const usualRhythm = (kind: HomeKind): Rhythm =>
  kind === 'mobilise' ? 'daily' : kind === 'unstable' ? 'twice-a-week' : 'every-other-day';

/** One set of a dose that may have more. */
export const oneSet = (dose: Dose): Dose => dose.map((part) => withNumber(part, 'sets', 1));

/** A dose done so many times over: each part so many sets, with the rest that two sets need. */
export const timesOver = (dose: Dose, sets: number): Dose => dose.map((part) => withNumber(part, 'sets', sets));

/** Where such an exercise hides in a day, for a start: nobody does what needs a time of its own (Needlework's own). */
export function usuallyHidesIn({ position, kit }: Execution): string {
  if (position === 'lying') return 'in bed, before getting up';
  if (position === 'floor-seated' || position === 'kneeling') return 'before bed';
  if (position === 'chair-seated') return 'after breakfast, still at the table';
  if (position === 'walking') return 'on the way through the hall';
  return kit.some((need) => need.kit === 'chair' || need.kit === 'wall')
    ? 'while the kettle boils, a hand on the worktop'
    : 'while the kettle boils';
}

/** An exercise with how often, how many sets and where in the day such a one usually is done. */
export function asUsual({ item, kind, execution }: Settled): HomeItem {
  const rhythm = usualRhythm(kind);
  return { ...item, rhythm, sets: usualSets(kind, rhythm), hidesIn: usuallyHidesIn(execution) };
}
