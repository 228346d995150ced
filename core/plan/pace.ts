import * as z from 'zod';

const pauseSeconds = z.number().min(0).max(300);

/** A teacher's pace: what happens around the work, and how long it takes. Pinned in every plan. */
export const Pace = z.strictObject({
  knownSetupSeconds: pauseSeconds,
  newSetupSeconds: pauseSeconds,
  propsSetupSeconds: pauseSeconds,
  fiddlySetupSeconds: pauseSeconds,
  secondSideShare: z.number().min(0).max(2),
  firstRepTimes: z.number().min(1).max(6),
  sideSwitchSeconds: pauseSeconds,
  moveBandSeconds: pauseSeconds,
  slideBandSeconds: pauseSeconds,
  fetchKitSeconds: pauseSeconds,
  floorChangeSeconds: pauseSeconds,
  turnRoundSeconds: pauseSeconds,
  floorToStandingSeconds: pauseSeconds,
  chairSeconds: pauseSeconds,
  onTheFloorSeconds: pauseSeconds,
  stepOffSeconds: pauseSeconds,
  talkNewSeconds: pauseSeconds,
  talkKnownSeconds: pauseSeconds,
  compareSeconds: pauseSeconds,
  recheckSeconds: pauseSeconds,
  speakingWordsPerMinute: z.number().min(60).max(240),
});
export type Pace = z.infer<typeof Pace>;
export type PaceKey = keyof Pace;

export interface PaceDefault {
  readonly value: number;
  readonly label: string;
  readonly unit: 's' | 'times' | 'words a minute';
  /** `measured`: read off real teaching; `practice`: common, no source; `own`: nothing is usual, Needlework's own. */
  readonly origin: 'measured' | 'practice' | 'own';
  readonly because: string;
}

/**
 * Where a new teacher starts; each teacher's own log replaces them. Measured figures were read off real teaching:
 * defaults, never limits.
 */
export const paceDefaults: Readonly<Record<PaceKey, PaceDefault>> = {
  knownSetupSeconds: d(6, 'Set-up, exercise the class knows', 'measured', 'Half of all set-ups took 6 s or less.'),
  newSetupSeconds: d(20, 'Set-up, new exercise', 'measured', 'The short end of new set-ups, which took 20 to 50 s.'),
  propsSetupSeconds: d(35, 'Set-up, new, with props or reasons', 'measured', 'The middle of 20 to 50 s.'),
  fiddlySetupSeconds: d(45, 'Set-up, new and fiddly', 'measured', 'A fiddly first side took about 45 s.'),
  secondSideShare: d(
    0.6,
    'Second side, as a share of the first',
    'measured',
    'About six tenths: 25 s after 45 s.',
    'times',
  ),
  firstRepTimes: d(
    3,
    'First rep of a new exercise, against the others',
    'measured',
    'It doubles as the demonstration: two to four times as long.',
    'times',
  ),
  sideSwitchSeconds: d(5, 'Changing foot', 'own', 'Nothing is usual; time to change legs and look up.'),
  moveBandSeconds: d(37, 'Moving a band to the other foot', 'measured', 'About 37 s.'),
  slideBandSeconds: d(
    12,
    'Sliding a band along the same foot',
    'own',
    'Nothing is usual; a third of moving it across.',
  ),
  fetchKitSeconds: d(20, 'Fetching kit', 'measured', 'Props cost 20 to 50 s; this is the trip alone.'),
  floorChangeSeconds: d(15, 'Mats out or away', 'own', 'Nothing is usual.'),
  turnRoundSeconds: d(4, 'Turning to face somewhere else', 'own', 'Nothing is usual.'),
  floorToStandingSeconds: d(12, 'Between floor and standing', 'own', 'Nothing is usual; a mixed group, unhurried.'),
  chairSeconds: d(8, 'Between chair and standing or floor', 'own', 'Nothing is usual.'),
  onTheFloorSeconds: d(6, 'Between two positions on the floor', 'own', 'Nothing is usual.'),
  stepOffSeconds: d(3, 'Between standing and walking', 'own', 'Nothing is usual.'),
  talkNewSeconds: d(12, 'Talk before a new exercise', 'own', 'About 30 words at 145 a minute.'),
  talkKnownSeconds: d(4, 'Talk before a known exercise', 'own', 'A name and a reminder, about 10 words.'),
  compareSeconds: d(20, 'Stand and compare the sides', 'practice', 'A look or a walk of about 20 s.'),
  recheckSeconds: d(15, 'Re-check: walk again', 'practice', 'A walk of 10 to 20 s: same, better, worse.'),
  speakingWordsPerMinute: d(
    145,
    'Speaking rate',
    'practice',
    'About 145 words a minute in a moving class.',
    'words a minute',
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
  return { ...nothing, firstRepTimes: 1, speakingWordsPerMinute: paceDefaults.speakingWordsPerMinute.value };
}
