import { oppositeOf } from '../exercise';
import { kitNames } from '../kit';
import { recheckExercise } from '../plan';
import type { ComposeBrief, ComposeIdea } from './brief';
import type { Candidate, History, LeftOut } from './candidates';
import { isLoaded } from './doses';
import { type Step, highPoint, preparing, whatHelped } from './score';

/** Why an exercise is in the class, in a sentence or two. */
export interface Reason {
  readonly itemId: string;
  /** What its part of the hour is for. */
  readonly part: string;
  /** What it has to do with this class; empty where there is no more to say. */
  readonly own: string;
  readonly carries: boolean;
}

/** Both, with the idea, as they stand beside an exercise. */
export const reasonWords = ({ part, own, carries }: Reason): string =>
  [part, own, carries ? 'Carries the idea.' : ''].filter((words) => words !== '').join(' ');

const forThe: Readonly<Record<Candidate['exercise']['family'], string>> = {
  check: 'A look first, so that there is something to compare with at the end.',
  release: 'Lets the sole go before it works.',
  mobility: 'Makes room in the joint before it carries.',
  toes: 'Wakes the toes on their own before they have to help.',
  arch: 'The middle of the foot, before it has to hold a rise.',
  band: 'Strength with the weight off, so that only the ankle works.',
  strength: 'Puts weight on what was woken.',
  gait: 'Takes it into a step.',
  balance: 'Everything together, on one leg or on less ground.',
  impact: 'Small landings, once everything before them is warm.',
  close: 'Comes down and lets go.',
};

const names = (steps: readonly Step[], words: 'plain' | 'anatomical'): string =>
  steps.map(({ candidate }) => `“${candidate.exercise.name[words]}”`).join(' and ');

/** A reason for every pick: what it is for in this class, and what it has to do with the others. */
export function reasonsOf(
  steps: readonly (Step & { readonly itemId: string })[],
  idea: ComposeIdea,
  history: History,
  words: 'plain' | 'anatomical',
  { occasion, afterBreak }: Pick<ComposeBrief, 'occasion' | 'afterBreak'>,
): Reason[] {
  const working = steps.filter(
    ({ candidate: { exercise } }) => exercise.family !== 'check' && exercise.family !== 'close',
  );
  // Where people come to let go, the high point is rest.
  const peak = occasion === 'release' || occasion === 'opening' ? undefined : working[highPoint(working)];
  const good = new Set(whatHelped(history));
  const prepares = peak ? preparing(working, working.indexOf(peak)).slice(-2) : [];
  return steps.map((step) => {
    const { candidate, itemId } = step;
    const { exercise } = candidate;
    const at = working.indexOf(step);
    const isPeak = step === peak && prepares.length > 0 && working.length > 3;
    const said: string[] = [];
    if (isPeak)
      said.push(`The high point. ${names(prepares, words)} ${prepares.length > 1 ? 'prepare' : 'prepares'} it.`);
    if (peak && prepares.includes(step)) said.push(`Prepares ${names([peak], words)}.`);
    const opposite = working
      .slice(0, Math.max(0, at))
      .find(
        ({ candidate: other }) =>
          other.exercise.family === exercise.family && goesBack(other, candidate) && !goesBothWays(candidate),
      );
    if (opposite) said.push(`The other way for ${names([opposite], words)}.`);
    const shares = working
      .slice(0, Math.max(0, at))
      .find(({ candidate: o }) => o.kit.some((k) => candidate.kit.includes(k)));
    const piece = shares && candidate.kit.find((k) => shares.candidate.kit.includes(k));
    if (piece) said.push(`The ${kitNames[piece]} is out already.`);
    const helped = history.helped[exercise.id];
    if (helped && good.has(exercise.id))
      said.push(`Afterwards better ${helped.better} of ${helped.looks} times in this group.`);
    else if (candidate.returns) said.push('Comes back from last time.');
    return {
      itemId,
      part: partOf(candidate, at > working.length / 2),
      own: [...said.slice(0, 2), ...(afterBreak && isLoaded(exercise) ? [gentler] : [])].join(' '),
      carries: at >= 0 && candidate.carries.has(idea),
    };
  });
}

const gentler = 'Gentler, after the weeks without a class.';

/** What its part of the hour is for. */
function partOf({ exercise, item, place }: Candidate, isLate: boolean): string {
  if (item.recheck || exercise.id === recheckExercise) return 'The same look again: same, better or worse?';
  if (exercise.family === 'release' && isLate) return 'Comes down: the sole lets go of the work.';
  if (exercise.family === 'balance' && place === 'chair')
    return 'Weight into the floor before anybody stands on one leg.';
  return forThe[exercise.family];
}

const goesBothWays = ({ exercise: { directions } }: Candidate): boolean =>
  directions.some((direction) => directions.includes(oppositeOf[direction]));
const goesBack = (first: Candidate, then: Candidate): boolean =>
  !goesBothWays(first) && first.exercise.directions.some((d) => then.exercise.directions.includes(oppositeOf[d]));

/** Why exercises of the library did not come into question: one line a cause, the largest first. */
export interface NotAsked {
  readonly words: string;
  readonly count: number;
}

const outWords: Readonly<Record<LeftOut['why'], (what: string, n: number) => string>> = {
  concern: (what, n) => `${n} left out, or asked about first, with ${what}`,
  kit: (what, n) => `${n} need ${what}: there is not enough`,
  floor: (what, n) => `${n} do not suit the floor, ${what}`,
  place: (what, n) => `${n} are done ${{ floor: 'on the floor', chair: 'on a chair', up: 'standing' }[what] ?? what}`,
  school: (_, n) => `${n} belong to another school than yours`,
  weeks: (_, n) => `${n} need weeks of other work before them: jumps, unstable ground`,
  dancers: (_, n) => `${n} are made for the barre, for dancers`,
  unwritten: (_, n) => `${n} of your own say nothing of how they are done yet`,
  worn: (_, n) => `${n} are worn beside other work`,
  much: (_, n) => `${n} ask too much of this room`,
  tires: (_, n) => `${n} tire, or hold longer than a warm-up should`,
};

export function notAskedOf(not: readonly LeftOut[]): NotAsked[] {
  const by = new Map<string, LeftOut[]>();
  for (const one of not) {
    const key = `${one.why} ${one.what}`;
    by.set(key, [...(by.get(key) ?? []), one]);
  }
  return [...by.values()]
    .map((list) => ({ count: list.length, words: outWords[list[0]!.why](list[0]!.what, list.length) }))
    .sort((a, b) => b.count - a.count);
}

/** What the class is called until its teacher says. */
export function titleOf({ slotSeconds, occasion, places }: ComposeBrief, idea: string): string {
  const minutes = Math.round(slotSeconds / 60);
  const what = {
    class: '',
    opening: 'opening, ',
    'warm-up': 'warm-up, ',
    release: 'release, ',
    homework: 'homework, ',
  }[occasion];
  const seated = places.length === 1 && places[0] === 'chair' ? 'seated, ' : '';
  return `${minutes} minutes: ${what}${seated}${idea}`;
}
