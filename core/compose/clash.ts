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
/** Of a slot, what looking may take at the most (Needlework’s own). */
const mostLooking = 0.25;
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
  const looking = [...frame.before, ...frame.after].reduce((sum, { seconds }) => sum + seconds, 0);
  const shortest = Math.min(...work.map(({ doses, seconds }) => doses[0]?.seconds ?? seconds));
  if (shortest > workSeconds || looking > mostLooking * brief.slotSeconds)
    return tooShort(brief, looking, shortest, workSeconds);
  const longest = [...shares.keys()]
    .flatMap((family) => work.filter(({ exercise }) => exercise.family === family))
    .map(({ doses, seconds }) => doses.at(-1)?.seconds ?? seconds)
    .sort((a, b) => b - a)
    .slice(0, mostItems)
    .reduce((sum, seconds) => sum + seconds, 0);
  return longest < 0.92 * workSeconds ? tooLong(brief, longest, workSeconds, not) : null;
}

/** What stands in the way of some exercises, the most frequent first. */
function ways(not: readonly LeftOut[]): [text: string, count: number][] {
  const by = new Map<string, number>();
  for (const { why, what } of not) by.set(`${why} ${what}`, (by.get(`${why} ${what}`) ?? 0) + 1);
  return [...by].sort(([, a], [, b]) => b - a);
}

const because: Readonly<Record<LeftOut['why'], (what: string) => string>> = {
  concern: (what) => `${what} in the room`,
  kit: (what) => `none, or too few, of this: ${what}`,
  floor: (what) => `a floor of ${what}`,
  place: (what) => `nobody ${{ floor: 'on the floor', chair: 'on a chair', up: 'on their feet' }[what] ?? what}`,
  school: () => 'your school',
  weeks: () => 'jumps and unstable ground have weeks and checks before them',
  dancers: () => 'nothing for the barre without dancers',
  unwritten: () => 'nothing that nobody has written words for yet',
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
    words: [`You ask for ${names}, and none of its exercises can be done here: ${told(of)}.`],
    nearest: [
      ...withKit(brief, of),
      ...(isLeft ? [{ brief: { ...brief, focus }, words: `without ${names}: the rest shares the time` }] : []),
      ...everywhere,
    ],
  };
}

/** A room of this kind is not for an application to judge. */
function clinicianFirst({ concerns }: ComposeBrief): string[] {
  const who = concerns.map((concern) => concernNames[concern]);
  return who.length === 0
    ? []
    : [`With ${who.join(' and ')} in the room, a clinician and your local rules come first.`];
}

const nothingLeft = (brief: ComposeBrief, not: readonly LeftOut[]): Clash => ({
  words: [
    not.length === 0 ? 'No exercise is left: the library is empty.' : `No exercise is left: ${told(not)}.`,
    ...clinicianFirst(brief),
  ],
  nearest: [
    { brief: { ...brief, places: ['floor', 'chair', 'up'] }, words: 'on the floor, on chairs and standing' },
    ...withKit(brief, not),
    { brief: { ...brief, level: 'new' }, words: 'on the easiest levels' },
  ],
});

function tooShort(brief: ComposeBrief, looking: number, shortest: number, workSeconds: number): Clash {
  const missing = Math.max((shortest - workSeconds) / 0.95, looking / mostLooking - brief.slotSeconds);
  const more = Math.ceil((brief.slotSeconds + missing) / 60) * 60;
  const looks =
    looking > 0
      ? `In ${minutes(brief.slotSeconds)} the look first and again take ${Math.round(looking)} s: that leaves ${Math.round(workSeconds)} s of work.`
      : `In ${minutes(brief.slotSeconds)} there are ${Math.round(workSeconds)} s of work.`;
  return {
    words: [`${looks} The shortest exercise takes ${Math.round(shortest)} s with its set-up.`],
    nearest: [
      ...(brief.looks ? [{ brief: { ...brief, looks: false }, words: 'without the look first and again' }] : []),
      { brief: { ...brief, slotSeconds: more }, words: `in ${minutes(more)}` },
      { brief: { ...brief, slotSeconds: more + 60 }, words: `in ${minutes(more + 60)}` },
    ],
  };
}

function tooLong(brief: ComposeBrief, longest: number, workSeconds: number, not: readonly LeftOut[]): Clash {
  const fills = (longest * brief.slotSeconds) / workSeconds;
  // Nothing is at its most throughout: shorter slots are tried too.
  const slots = [1, 0.85, 0.7, 0.5].map((share) => Math.max(120, Math.floor((share * fills) / 60 - 1) * 60));
  return {
    words: [
      `${minutes(brief.slotSeconds)} are more than what is left can fill: at their most its exercises take ${minutes(longest)}. What stands in the way: ${told(not)}.`,
      ...clinicianFirst(brief),
    ],
    nearest: [
      ...slots
        .slice(0, 3)
        .map((slotSeconds) => ({ brief: { ...brief, slotSeconds }, words: `in ${minutes(slotSeconds)}` })),
      ...(Object.keys(brief.focus).length > 0
        ? [{ brief: { ...brief, focus: {} }, words: 'with everything that is possible sharing the time' }]
        : []),
      ...(brief.places.length < 3
        ? [{ brief: { ...brief, places: ['floor', 'chair', 'up'] as ComposeBrief['places'] }, words: 'in all places' }]
        : []),
      ...slots
        .slice(3)
        .map((slotSeconds) => ({ brief: { ...brief, slotSeconds }, words: `in ${minutes(slotSeconds)}` })),
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
