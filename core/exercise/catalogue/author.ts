import type { Dose, DosePart } from '../../dose';
import type { KitId, KitNeed } from '../../kit';
import type { CheckId } from '../../measure/check-id';
import type {
  Caution,
  CueKind,
  Cues,
  Exercise,
  Fault,
  Performance,
  PerformanceChange,
  Rung,
  TwoWordings,
} from '../exercise';
import {
  type Contact,
  type FootChange,
  type FootState,
  type Meets,
  type Phase,
  type Place,
  changedFoot,
} from '../foot-state';
import type { Door, Gate } from '../ladder';

export { breaths, byFeel, counts, holds, passes, reps, stops, timed, travel } from '../../dose';

/** Short ways to write an exercise down; every value they give is checked by the schema in the tests. */

type Contacts = Readonly<Record<Place, readonly [Contact, Meets]>>;
interface Shorthand extends Partial<Omit<FootState, 'contacts' | 'middle'>> {
  readonly contacts?: Partial<Contacts>;
  readonly middle?: readonly [Contact, Meets];
}

function place(of: readonly [Contact, Meets]): { contact: Contact; meets: Meets } {
  return { contact: of[0], meets: of[1] };
}

/** Standing quietly: heel and balls carry, toes lie long. */
export const standing: FootState = {
  role: 'works',
  contacts: {
    heel: place(['press', 'floor']),
    innerBall: place(['press', 'floor']),
    outerBall: place(['press', 'floor']),
    bigToe: place(['rest', 'floor']),
    smallToes: place(['rest', 'floor']),
  },
  midfoot: 'resting',
  edge: 'even',
  toes: 'long',
  ankle: 'neutral',
  heelHeightCm: 0,
  knee: 'soft',
  weightLine: 'between-first-and-second',
};

/** Seated with the foot flat: everything rests, nothing carries. */
export const seatedFlat: FootState = {
  ...foot(standing, {
    contacts: { heel: ['rest', 'floor'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
    knee: 'bent',
    weightLine: 'even',
  }),
};

/** Nothing under the foot. */
export const hanging: FootState = foot(standing, {
  contacts: {
    heel: ['hang', 'air'],
    innerBall: ['hang', 'air'],
    outerBall: ['hang', 'air'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  toes: 'relaxed',
  knee: 'bent',
  weightLine: 'none',
});

export const stands: FootState = { ...standing, role: 'stands' };
export const restsFlat: FootState = { ...seatedFlat, role: 'rests' };

/** What differs of a foot, contacts written short. */
export function footChange({ contacts, middle, ...own }: Shorthand): FootChange {
  const rest = middle ? { ...own, middle: place(middle) } : own;
  if (!contacts) return rest;
  return { ...rest, contacts: Object.fromEntries(Object.entries(contacts).map(([at, of]) => [at, place(of)])) };
}

/** One foot state from another, saying only what differs. */
export function foot(from: FootState, change: Shorthand): FootState {
  return changedFoot(from, footChange(change));
}

/** Standing on one foot, the other one held off the floor. */
export const offTheFloor: FootState = foot(hanging, { role: 'rests', knee: 'soft' });

/** High on the ball of the foot, toes long, knee straight. */
export const onTheBall: FootState = foot(standing, {
  contacts: { heel: ['lift', 'air'] },
  midfoot: 'lifted',
  ankle: 'down',
  heelHeightCm: 8,
  knee: 'locked',
});

interface PhaseExtras {
  /** True while working against load, false on the way back. */
  readonly effort?: boolean;
  /** Whether the body rises or sinks. */
  readonly body?: Phase['body'];
  readonly other?: FootState;
  readonly undo?: string;
  readonly breath?: Phase['breath'];
  readonly picture?: Phase['picture'];
  readonly bodyWeightPercent?: number;
  readonly shiftCm?: number;
}

export function phase(name: string, seconds: number, working: FootState, extras: PhaseExtras = {}): Phase {
  const pressed = extras.bodyWeightPercent !== undefined || extras.shiftCm !== undefined;
  return {
    id: name.toLowerCase().replace(/[^a-z]+/g, '-'),
    name,
    undoName: extras.undo ?? null,
    seconds,
    working,
    other: extras.other ?? null,
    breath: extras.breath ?? 'free',
    effort: extras.effort,
    body: extras.body,
    picture: extras.picture ?? 'footprints',
    pressure: pressed ? { bodyWeightPercent: extras.bodyWeightPercent ?? null, shiftCm: extras.shiftCm ?? null } : null,
  };
}

/** One wording for both, where no place is named; else plain first, anatomical second. */
export const say = (plain: string, anatomical = plain): TwoWordings => ({ plain, anatomical });

export function kit(
  piece: KitId,
  per: KitNeed['per'] = 'person',
  substitutes: Partial<Record<KitId, string>> = {},
): KitNeed {
  return {
    kit: piece,
    per,
    count: 1,
    substitutes: Object.entries(substitutes).map(([other, changes]) => ({ kit: other as KitId, changes })),
  };
}

type Saying = string | readonly [plain: string, anatomical: string];
const both = (words: Saying): TwoWordings => (typeof words === 'string' ? say(words) : say(words[0], words[1]));

/** What is said, in the order it is said; breath is left alone where nothing is given. */
export const cues = (
  setup: Saying,
  action: Saying,
  picture: Saying,
  correction: Saying,
  breath: Saying | null = null,
): Cues => ({
  setup: both(setup),
  action: both(action),
  breath: breath === null ? null : both(breath),
  picture: both(picture),
  correction: both(correction),
});

export const fault = (seen: string, from: Fault['from'], words: string): Fault => ({ seen, from, say: words });
export const care = (concern: Caution['concern'], action: Caution['action'], words: string): Caution => ({
  concern,
  action,
  words,
});

/** Gates: what lets a student leave a rung, on both feet. */
export const saw = (words: string, occasions = 1): Gate => ({ test: 'teacher-saw-it', value: null, occasions, words });
export const cleanReps = (value: number, words: string, occasions = 2): Gate => ({
  test: 'clean-reps',
  value,
  occasions,
  words,
});
export const cleanHold = (value: number, words: string, occasions = 2): Gate => ({
  test: 'clean-hold-seconds',
  value,
  occasions,
  words,
});
export const checked = (check: CheckId, words: string, value: number | null = null, occasions = 1): Gate => ({
  test: 'check',
  check,
  value,
  occasions,
  words,
});

export const rung = (
  id: string,
  name: string,
  axes: Rung['axes'],
  doses: Exercise['doses'],
  gate: Gate | null,
  more: { readonly change?: PerformanceChange; readonly why?: string; readonly door?: Door } = {},
): Rung => ({ id, name, axes, why: more.why ?? null, change: more.change ?? {}, doses, door: more.door, gate });

/** Weeks of regular work that open a level, for people new to it (common practice, no source). */
export const afterWeeks = (weeks: number, words: string): Door => ({ weeks, words });

export const ladder = (startRung: string, ...rungs: Rung[]): Exercise['ladder'] => ({ startRung, rungs });

/** The plain case: standing, both feet, any floor, bare. */
export function performance(change: Partial<Performance> & Pick<Performance, 'phases'>): Performance {
  return {
    position: 'standing',
    facing: 'any',
    sidePattern: 'both',
    kit: [],
    band: null,
    floor: 'any',
    floorsRuledOut: ['outdoors'],
    footwear: 'bare',
    setup: 'plain',
    regions: {},
    balance: { working: 0, standing: 0 },
    impactsPerRep: 0,
    ...change,
  };
}

/** A dose range of one part; a composite is given as arrays. */
export function range(
  least: DosePart | Dose,
  usual: DosePart | Dose,
  most: DosePart | Dose,
  source: Exercise['doses']['source'] = "Needlework's own",
): Exercise['doses'] {
  const dose = (d: DosePart | Dose): Dose => (Array.isArray(d) ? d : [d]);
  return { least: dose(least), usual: dose(usual), most: dose(most), source };
}

/** What is said on a level that is set up or done otherwise than the exercise as written, by the level's id. */
type LevelWords = Readonly<Record<string, Readonly<Partial<Record<CueKind, Saying>>>>>;

type Optional = 'schools' | 'schoolVariants' | 'ladder' | 'cautions';

/** An exercise with what most leave empty left empty. */
export function exercise({
  levelWords,
  ...from
}: Omit<Exercise, 'format' | Optional> &
  Partial<Pick<Exercise, Optional>> & { readonly levelWords?: LevelWords }): Exercise {
  const made: Exercise = { format: 2, schools: {}, schoolVariants: [], ladder: null, cautions: [], ...from };
  return levelWords ? withLevels(made, { levelWords }) : made;
}

/** An exercise that is made like its sister, with its own levels' words and its own preparation. */
export function withLevels(
  from: Exercise,
  { levelWords, preparedBy }: { readonly levelWords?: LevelWords; readonly preparedBy?: string[] },
): Exercise {
  const unknown = Object.keys(levelWords ?? {}).filter((id) => !from.ladder?.rungs.some((level) => level.id === id));
  if (unknown.length > 0) throw new RangeError(`${from.id} has no level ${unknown.join(', ')}`);
  const ladder = from.ladder && {
    ...from.ladder,
    rungs: from.ladder.rungs.map((level) => {
      const said = Object.entries(levelWords?.[level.id] ?? {}).map(([kind, words]) => [kind, both(words)] as const);
      return said.length > 0 ? { ...level, cues: { ...level.cues, ...Object.fromEntries(said) } } : level;
    }),
  };
  return preparedBy ? { ...from, ladder, preparedBy } : { ...from, ladder };
}

/** What is said of the toes on a rise where a school wants them at work; what they do, every rise has from the school. */
export const toesOnRiseWords: Exercise['schoolVariants'] = [
  { when: { toesOnRise: 'all-press' }, change: {}, cues: { correction: say('All toes press long; slow down.') } },
  {
    when: { toesOnRise: 'big-toe-leads' },
    change: {},
    cues: { correction: say('The big toe presses first and last; slow down.') },
  },
];
