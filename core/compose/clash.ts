import { concernNames, familyNames } from '../exercise';
import { KitId, kitNames } from '../kit';
import type { ComposeBrief, FocusFamily } from './brief';
import { isFocus } from './brief';
import type { Candidate, LeftOut } from './candidates';
import type { Frame } from './draft';

/** A brief near the one that was given, and what differs. */
export interface NearBrief {
  readonly brief: ComposeBrief;
  readonly words: string;
}

/** Conditions that cannot be had together, each in a sentence, and briefs near to it, nearest first. */
export interface Clash {
  readonly words: readonly string[];
  readonly nearest: readonly NearBrief[];
}

const minutes = (seconds: number): string => `${Math.round(seconds / 60)} minutes`;
/** More of these than anybody would teach in one class: what they hold at their most is the longest class there is. */
const mostItems = 18;

/** What cannot be had together, where that shows before anything is tried. */
export function clashOf(
  brief: ComposeBrief,
  may: readonly Candidate[],
  not: readonly LeftOut[],
  frame: Frame,
  workSeconds: number,
  shares: ReadonlyMap<FocusFamily, number>,
): Clash | null {
  const work = may.filter(({ exercise }) => isFocus(exercise.family));
  const missing = (Object.entries(brief.focus) as [FocusFamily, number][])
    .filter(([family, share]) => share > 0 && !work.some(({ exercise }) => exercise.family === family))
    .map(([family]) => family);
  if (missing.length > 0) return missingFamilies(brief, missing, not, work.length > 0);
  if (work.length === 0) return nothingLeft(brief, not);
  const shortest = Math.min(...work.map(({ doses, seconds }) => doses[0]?.seconds ?? seconds));
  if (shortest > workSeconds) return tooShort(brief, frame, shortest, workSeconds);
  const longest = [...shares.keys()]
    .flatMap((family) => work.filter(({ exercise }) => exercise.family === family))
    .map(({ doses, seconds }) => doses.at(-1)?.seconds ?? seconds)
    .sort((a, b) => b - a)
    .slice(0, mostItems)
    .reduce((sum, seconds) => sum + seconds, 0);
  return longest < 0.92 * workSeconds ? tooLong(brief, longest, workSeconds) : null;
}

/** What stands in the way of some exercises, the most frequent first. */
function ways(not: readonly LeftOut[]): [text: string, count: number][] {
  const by = new Map<string, number>();
  for (const { why, what } of not) by.set(`${why} ${what}`, (by.get(`${why} ${what}`) ?? 0) + 1);
  return [...by].sort(([, a], [, b]) => b - a);
}

const because: Readonly<Record<LeftOut['why'], (what: string) => string>> = {
  concern: (what) => `${what} in the room`,
  kit: (what) => `not enough of this: ${what}`,
  floor: (what) => `a floor of ${what}`,
  place: (what) => `nobody ${{ floor: 'on the floor', chair: 'on a chair', up: 'on their feet' }[what] ?? what}`,
  school: () => 'your school',
  weeks: () => 'jumps have weeks and checks before them',
  dancers: () => 'nothing for the barre without dancers',
  worn: () => 'worn beside other work',
  much: () => 'nothing that asks very much of this room',
  tires: () => 'nothing that tires before rehearsal',
};

const told = (not: readonly LeftOut[]): string =>
  ways(not)
    .slice(0, 3)
    .map(([text]) => {
      const [why = 'school', ...what] = text.split(' ');
      return because[why as LeftOut['why']](what.join(' '));
    })
    .join('; ');

/** The brief with enough of the kit that most of some exercises lack. */
function withKit(brief: ComposeBrief, not: readonly LeftOut[]): NearBrief[] {
  const names = new Map(KitId.options.map((kit) => [kitNames[kit], kit]));
  const pieces = new Set(
    ways(not).flatMap(([text]) => {
      const kit = text.startsWith('kit ') ? names.get(text.slice('kit '.length)) : undefined;
      return kit ? [kit] : [];
    }),
  );
  const count = brief.people ?? 1;
  return [...pieces].slice(0, 2).map((kit) => ({
    brief: { ...brief, kit: { ...brief.kit, [kit]: Math.max(count, brief.kit[kit] ?? 0) } },
    words: `with ${count === 1 ? 'a' : count} ${kitNames[kit]}${count === 1 ? '' : 's'}`,
  }));
}

function missingFamilies(
  brief: ComposeBrief,
  missing: readonly FocusFamily[],
  not: readonly LeftOut[],
  isLeft: boolean,
): Clash {
  const focus = Object.fromEntries(Object.entries(brief.focus).filter(([f]) => !missing.includes(f as FocusFamily)));
  const of = not.filter(({ family }) => family !== null && missing.includes(family));
  const names = missing.map((family) => familyNames[family].toLowerCase()).join(' and ');
  const everywhere: NearBrief[] =
    brief.places.length < 3
      ? [{ brief: { ...brief, places: ['floor', 'chair', 'up'] }, words: 'on the floor, on chairs and standing' }]
      : [];
  return {
    words: [`You ask for ${names}, and there is no such exercise here: ${told(of)}.`],
    nearest: [
      ...withKit(brief, of),
      ...(isLeft ? [{ brief: { ...brief, focus }, words: `without ${names}: the rest shares the time` }] : []),
      ...everywhere,
    ],
  };
}

function nothingLeft(brief: ComposeBrief, not: readonly LeftOut[]): Clash {
  const who = brief.concerns.map((concern) => concernNames[concern]);
  return {
    words: [
      `No exercise is left: ${told(not)}.`,
      ...(who.length > 0
        ? [`A class for a room with ${who.join(' and ')} is for a clinician to agree to first; local rules come first.`]
        : []),
    ],
    nearest: [
      { brief: { ...brief, places: ['floor', 'chair', 'up'] }, words: 'on the floor, on chairs and standing' },
      ...withKit(brief, not),
      { brief: { ...brief, level: 'new' }, words: 'on the easiest levels' },
    ],
  };
}

function tooShort(brief: ComposeBrief, frame: Frame, shortest: number, workSeconds: number): Clash {
  const looks = [...frame.before, ...frame.after].reduce((sum, { seconds }) => sum + seconds, 0);
  const more = Math.ceil((brief.slotSeconds + (shortest - workSeconds) / 0.95) / 60 + 0.5) * 60;
  const frameWords = looks > 0 ? `the look first and again take ${Math.round(looks)} s, and ` : '';
  return {
    words: [
      `In ${minutes(brief.slotSeconds)} ${frameWords}the shortest exercise takes ${Math.round(shortest)} s with its set-up: ${Math.round(workSeconds)} s are left for it.`,
    ],
    nearest: [
      ...(brief.looks ? [{ brief: { ...brief, looks: false }, words: 'without the look first and again' }] : []),
      { brief: { ...brief, slotSeconds: more }, words: `in ${minutes(more)}` },
      { brief: { ...brief, slotSeconds: more + 60 }, words: `in ${minutes(more + 60)}` },
    ],
  };
}

function tooLong(brief: ComposeBrief, longest: number, workSeconds: number): Clash {
  const less = Math.max(120, Math.floor((brief.slotSeconds - (workSeconds - longest) / 0.95) / 60 - 1) * 60);
  return {
    words: [
      `${minutes(brief.slotSeconds)} are more than what is left can fill: at their most its exercises take ${minutes(longest)}.`,
    ],
    nearest: [
      { brief: { ...brief, slotSeconds: less }, words: `in ${minutes(less)}` },
      ...(Object.keys(brief.focus).length > 0
        ? [{ brief: { ...brief, focus: {} }, words: 'with everything that is possible sharing the time' }]
        : []),
      ...(brief.places.length < 3
        ? [{ brief: { ...brief, places: ['floor', 'chair', 'up'] as ComposeBrief['places'] }, words: 'in all places' }]
        : []),
    ],
  };
}

/** Where drafts were made and none of them could be taught: what is asked for is eased, one thing at a time. */
export const noneFits = (brief: ComposeBrief): Clash => ({
  words: [`No class was found that lands in ${minutes(brief.slotSeconds)} with what was asked for.`],
  nearest: [
    ...(Object.keys(brief.focus).length > 0
      ? [{ brief: { ...brief, focus: {} }, words: 'with everything that is possible sharing the time' }]
      : []),
    ...(brief.mustEnd ? [{ brief: { ...brief, mustEnd: false }, words: 'with the usual reserve' }] : []),
    ...(brief.looks ? [{ brief: { ...brief, looks: false }, words: 'without the look first and again' }] : []),
    ...(brief.idea ? [{ brief: { ...brief, idea: null }, words: 'with whatever idea it comes to' }] : []),
    { brief: { ...brief, slotSeconds: brief.slotSeconds + 300 }, words: `in ${minutes(brief.slotSeconds + 300)}` },
    ...(brief.slotSeconds > 420
      ? [{ brief: { ...brief, slotSeconds: brief.slotSeconds - 300 }, words: `in ${minutes(brief.slotSeconds - 300)}` }]
      : []),
  ],
});
