import * as z from 'zod';
import { usualSpeakingRate } from '../speaking';

const pauseSeconds = z.number().min(0).max(300);
/** Standard deviation of the logarithm of a length. */
const spread = z.number().min(0).max(1.5);

/** A teacher's pace: what happens around the work, and how long it takes. Pinned in every plan. */
export const Pace = z.strictObject({
  plainSetupSeconds: pauseSeconds,
  propsSetupSeconds: pauseSeconds,
  propsKnownSetupSeconds: pauseSeconds,
  fiddlySetupSeconds: pauseSeconds,
  fiddlyKnownSetupSeconds: pauseSeconds,
  talkNewSeconds: pauseSeconds,
  talkKnownSeconds: pauseSeconds,
  firstRepTimes: z.number().min(1).max(6),
  demonstrationMostSeconds: pauseSeconds,
  sideSwitchSeconds: pauseSeconds,
  secondSetupSeconds: pauseSeconds,
  secondFiddlySetupSeconds: pauseSeconds,
  moveBandSeconds: pauseSeconds,
  slideBandSeconds: pauseSeconds,
  fetchKitSeconds: pauseSeconds,
  reachKitSeconds: pauseSeconds,
  floorChangeSeconds: pauseSeconds,
  otherFloorSeconds: pauseSeconds,
  turnRoundSeconds: pauseSeconds,
  floorToStandingSeconds: pauseSeconds,
  chairSeconds: pauseSeconds,
  onTheFloorSeconds: pauseSeconds,
  stepOffSeconds: pauseSeconds,
  compareSeconds: pauseSeconds,
  recheckSeconds: pauseSeconds,
  speakingWordsPerMinute: z.number().min(60).max(240),
  workSpread: spread,
  aroundSpread: spread,
  daySpread: spread,
});
export type Pace = z.infer<typeof Pace>;
export type PaceKey = keyof Pace;

export interface PaceDefault {
  readonly value: number;
  readonly label: string;
  readonly unit: 's' | 'times' | 'words a minute' | 'spread';
  /** `measured`: read off real teaching; `practice`: common, no source; `own`: nothing is usual, Needlework's own. */
  readonly origin: 'measured' | 'practice' | 'own';
  readonly because: string;
}

/**
 * Where a new teacher starts; each teacher's own log replaces them. Measured figures were read off real teaching:
 * defaults, never limits.
 */
export const paceDefaults: Readonly<Record<PaceKey, PaceDefault>> = {
  plainSetupSeconds: d(
    3,
    'Set-up, something plain',
    'measured',
    'With the talk before it about 6 s to the first rep; half of all lay between 3 and 8 s.',
  ),
  propsSetupSeconds: d(
    18,
    'Set-up with props, new',
    'measured',
    'With the talk before it about 21 s to the first rep; half lay between 8 and 33 s.',
  ),
  propsKnownSetupSeconds: d(6, 'Set-up with props, known', 'measured', 'The quick quarter: 8 s with the talk.'),
  fiddlySetupSeconds: d(
    20,
    'Set-up, fiddly and new',
    'measured',
    'With the talk before it about 23 s to the first rep; half lay between 17 and 33 s.',
  ),
  fiddlyKnownSetupSeconds: d(
    15,
    'Set-up, fiddly and known',
    'measured',
    'The quick quarter: 17 s with the talk. Threading a loop takes its time even when it is known.',
  ),
  talkNewSeconds: d(
    3,
    'Talk before a new exercise',
    'measured',
    'A name and a reason; the rest is said over the work.',
  ),
  talkKnownSeconds: d(2, 'Talk before a known exercise', 'measured', 'A name.'),
  firstRepTimes: d(
    3,
    'First rep of a new exercise, against the others',
    'measured',
    'It doubles as the demonstration: two to four times as long.',
    'times',
  ),
  demonstrationMostSeconds: d(
    20,
    'Demonstration, at the most',
    'own',
    'A slow rise is not shown three times as slowly: what the first rep takes longer stops here.',
  ),
  sideSwitchSeconds: d(3, 'Changing foot', 'measured', 'With its set-up about 5 s to the second side.'),
  secondSetupSeconds: d(2, 'Set-up, second side', 'measured', 'With changing foot about 5 s to the second side.'),
  secondFiddlySetupSeconds: d(
    9,
    'Set-up, second side of something fiddly',
    'measured',
    'With changing foot 12 s, where the slow quarter of second sides begins.',
  ),
  moveBandSeconds: d(37, 'Moving a band to the other foot', 'measured', 'About 37 s.'),
  slideBandSeconds: d(
    12,
    'Sliding a band along the same foot',
    'own',
    'Nothing is usual; a third of moving it across.',
  ),
  fetchKitSeconds: d(18, 'Fetching kit', 'measured', 'Fetched in 15 to 20 s; once, since what is out stays out.'),
  reachKitSeconds: d(3, 'Reaching for kit that is out', 'measured', 'About 3 s.'),
  floorChangeSeconds: d(15, 'Mats out, or out of the way', 'own', 'Nothing is usual.'),
  otherFloorSeconds: d(8, 'To another floor', 'own', 'Nothing is usual; a few steps with what one carries.'),
  turnRoundSeconds: d(4, 'Turning to face somewhere else', 'own', 'Nothing is usual.'),
  floorToStandingSeconds: d(12, 'Between floor and standing', 'own', 'Nothing is usual; a mixed group, unhurried.'),
  chairSeconds: d(8, 'Between chair and standing or floor', 'own', 'Nothing is usual.'),
  onTheFloorSeconds: d(6, 'Between two positions on the floor', 'own', 'Nothing is usual.'),
  stepOffSeconds: d(3, 'Between standing and walking', 'own', 'Nothing is usual.'),
  compareSeconds: d(20, 'Stand and compare the sides', 'practice', 'A look or a walk of about 20 s.'),
  recheckSeconds: d(15, 'Re-check: walk again', 'practice', 'A walk of 10 to 20 s: same, better, worse.'),
  speakingWordsPerMinute: d(
    usualSpeakingRate,
    'Speaking rate',
    'practice',
    'About 145 words a minute in a moving class.',
    'words a minute',
  ),
  workSpread: d(
    0.4,
    'How far counted work strays',
    'measured',
    'Half of all lies between 0.76 and 1.3 times the plan. It makes the likely range.',
    'spread',
  ),
  aroundSpread: d(
    0.8,
    'How far set-up and talk stray',
    'measured',
    'Half of all lies between 0.58 and 1.7 times the plan. It makes the likely range.',
    'spread',
  ),
  daySpread: d(
    0.08,
    'How far a whole day strays',
    'own',
    'Nothing is usual: a quick or a slow day moves all.',
    'spread',
  ),
};

function d(
  value: number,
  label: string,
  origin: PaceDefault['origin'],
  because: string,
  unit: PaceDefault['unit'] = 's',
): PaceDefault {
  return { value, label, unit, origin, because };
}

export const paceKeys = Object.keys(paceDefaults) as PaceKey[];

/** The pace a new class starts with. */
export function defaultPace(): Pace {
  return Object.fromEntries(paceKeys.map((key) => [key, paceDefaults[key].value])) as Pace;
}

/** No set-up, talk or change of place at all: for checking the work by hand. */
export function bareWorkPace(): Pace {
  const nothing = Object.fromEntries(paceKeys.map((key) => [key, 0])) as Pace;
  const { speakingWordsPerMinute, workSpread, aroundSpread, daySpread } = defaultPace();
  return { ...nothing, firstRepTimes: 1, speakingWordsPerMinute, workSpread, aroundSpread, daySpread };
}

/** How well a group knows an exercise: new, seen once, or known. */
export const Familiarity = z.enum(['new', 'seen-once', 'known']);
export type Familiarity = z.infer<typeof Familiarity>;

/** What is seen once lies in the middle between new and known. */
const between = (familiarity: Familiarity, fresh: number, known: number): number =>
  ({ new: fresh, 'seen-once': (fresh + known) / 2, known })[familiarity];

/** Seconds of talk before an exercise where the teacher named none. */
export const usualTalkSeconds = (familiarity: Familiarity, pace: Pace): number =>
  between(familiarity, pace.talkNewSeconds, pace.talkKnownSeconds);

/** How much longer the first rep takes than the others: the demonstration, in times of a rep. */
export const demonstrationTimes = (familiarity: Familiarity, pace: Pace): number =>
  between(familiarity, pace.firstRepTimes - 1, 0);

/** Seconds of set-up on the first foot, for something plain, with props, or fiddly. */
export function setupSeconds(setup: 'plain' | 'props' | 'fiddly', familiarity: Familiarity, pace: Pace): number {
  switch (setup) {
    case 'plain':
      return pace.plainSetupSeconds;
    case 'props':
      return between(familiarity, pace.propsSetupSeconds, pace.propsKnownSetupSeconds);
    case 'fiddly':
      return between(familiarity, pace.fiddlySetupSeconds, pace.fiddlyKnownSetupSeconds);
  }
}

/** Seconds of set-up on the second foot, changing foot left out. */
export const secondSetupSeconds = (setup: 'plain' | 'props' | 'fiddly', pace: Pace): number =>
  setup === 'fiddly' ? pace.secondFiddlySetupSeconds : pace.secondSetupSeconds;
