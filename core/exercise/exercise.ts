import * as z from 'zod';
import { DoseRange } from '../dose';
import { Floor, FloorNeed, KitNeed } from '../kit';
import { FootChange, Phase } from './foot-state';
import { Ladder } from './ladder';
import { School } from './school';
import { Situation } from './situation-id';

export const Family = z.enum([
  'check',
  'release',
  'mobility',
  'toes',
  'arch',
  'band',
  'strength',
  'gait',
  'balance',
  'impact',
  'close',
]);
export type Family = z.infer<typeof Family>;

export const familyNames: Readonly<Record<Family, string>> = {
  check: 'Looks and checks',
  release: 'Release',
  mobility: 'Mobility',
  toes: 'Toes',
  arch: 'Arch',
  band: 'Band',
  strength: 'Rises and strength',
  gait: 'Walking',
  balance: 'Balance',
  impact: 'Small jumps',
  close: 'Closing',
};

/** How far an exercise asks the student to take control: passive before active before loaded before in a step. */
export const Stage = z.enum(['passive', 'active', 'loaded', 'integrated']);
export type Stage = z.infer<typeof Stage>;
export const Position = z.enum(['lying', 'floor-seated', 'chair-seated', 'kneeling', 'standing', 'walking']);
export type Position = z.infer<typeof Position>;

export const positionNames: Readonly<Record<Position, string>> = {
  lying: 'lying',
  'floor-seated': 'seated on the floor',
  'chair-seated': 'seated on a chair',
  kneeling: 'kneeling',
  standing: 'standing',
  walking: 'walking',
};

export const SidePattern = z.enum(['both', 'each', 'alternate', 'travelling']);
export type SidePattern = z.infer<typeof SidePattern>;

/** Where students turn to: to the middle, to their support, to a mirror, along a lane, or wherever they are. */
export const Facing = z.enum(['any', 'centre', 'support', 'mirror', 'lane']);
export type Facing = z.infer<typeof Facing>;

export const Region = z.enum([
  'toe-flexors',
  'toe-extensors',
  'arch-intrinsics',
  'plantar-tissue',
  'big-toe-joint',
  'calf',
  'deep-calf',
  'inner-ankle',
  'outer-ankle',
  'shin',
  'hip-and-trunk',
]);
export type Region = z.infer<typeof Region>;

/** Directions of movement trained; `turn-in` is inversion and `turn-out` eversion of the ankle. */
export const Direction = z.enum([
  'ankle-up',
  'ankle-down',
  'turn-in',
  'turn-out',
  'toes-curl',
  'toes-lift',
  'toes-spread',
  'toes-narrow',
]);
export type Direction = z.infer<typeof Direction>;

export const directionNames: Readonly<Record<Direction, readonly [plain: string, anatomical: string]>> = {
  'ankle-up': ['foot up', 'dorsiflexion'],
  'ankle-down': ['foot down', 'plantarflexion'],
  'turn-in': ['turn in', 'inversion'],
  'turn-out': ['turn out', 'eversion'],
  'toes-curl': ['toes curl', 'toe flexion'],
  'toes-lift': ['toes lift', 'toe extension'],
  'toes-spread': ['toes wide', 'toe abduction'],
  'toes-narrow': ['toes narrow', 'toe adduction'],
};

/** The way back from each direction. */
export const oppositeOf: Readonly<Record<Direction, Direction>> = {
  'ankle-up': 'ankle-down',
  'ankle-down': 'ankle-up',
  'turn-in': 'turn-out',
  'turn-out': 'turn-in',
  'toes-curl': 'toes-lift',
  'toes-lift': 'toes-curl',
  'toes-spread': 'toes-narrow',
  'toes-narrow': 'toes-spread',
};

export const regionNames: Readonly<Record<Region, readonly [plain: string, anatomical: string]>> = {
  'toe-flexors': ['toe benders', 'toe flexors'],
  'toe-extensors': ['toe lifters', 'toe extensors'],
  'arch-intrinsics': ['small muscles of the arch', 'foot intrinsics'],
  'plantar-tissue': ['tissue of the sole', 'plantar tissue'],
  'big-toe-joint': ['big-toe joint', 'first MTP joint'],
  calf: ['calf', 'gastrocnemius'],
  'deep-calf': ['deep calf and Achilles', 'soleus and Achilles'],
  'inner-ankle': ['inner ankle', 'tibialis posterior'],
  'outer-ankle': ['outer ankle', 'peroneals'],
  shin: ['shin', 'tibialis anterior'],
  'hip-and-trunk': ['hip and trunk', 'hip and trunk support'],
};

/** How hard a region works, 0 to 3: Needlework's estimate, not a measurement. */
const Rating = z.int().min(0).max(3);

/** A band or loop on the foot: where it lies, the border it pulls on, and what it is there for. */
export const BandUse = z.strictObject({
  placement: z.enum(['arch', 'ball', 'both-feet', 'big-toe']),
  border: z.enum(['outer', 'inner', 'sole', 'top']),
  purpose: z.enum(['align', 'resist']),
});
export type BandUse = z.infer<typeof BandUse>;

export const Fault = z.strictObject({
  seen: z.string().min(1).max(120),
  /** The only place from which it shows. */
  from: z.enum(['front', 'behind', 'inner side', 'outer side', 'above', 'mirror in front']),
  say: z.string().min(1).max(120),
});
export type Fault = z.infer<typeof Fault>;

export const Concern = z.enum([
  'recent-injury',
  'numb-or-diabetic-feet',
  'blood-thinners',
  'broken-skin',
  'sore-knees',
  'sore-big-toe-joint',
  'brittle-bones',
  'very-mobile-joints',
  'morning-heel-pain',
  'bunion-pain',
  'sore-achilles',
  'pregnancy',
  'falls-or-faints',
  'growing-feet',
  'cramp',
  'joint-disease',
]);
export type Concern = z.infer<typeof Concern>;

export const concernNames: Readonly<Record<Concern, string>> = {
  'recent-injury': 'a recent sprain, fracture or operation',
  'numb-or-diabetic-feet': 'little feeling in the feet, or diabetes',
  'blood-thinners': 'blood thinners, easy bruising',
  'broken-skin': 'broken skin or an infection',
  'sore-knees': 'sore knees',
  'sore-big-toe-joint': 'a sore or stiff big-toe joint',
  'brittle-bones': 'brittle bones',
  'very-mobile-joints': 'very mobile joints',
  'morning-heel-pain': 'heel pain in the morning',
  'bunion-pain': 'bunion pain',
  'sore-achilles': 'a sore Achilles tendon',
  pregnancy: 'pregnancy',
  'falls-or-faints': 'falls, faints or dizziness',
  'growing-feet': 'growing feet',
  cramp: 'cramp',
  'joint-disease': 'joint disease',
};

export const Caution = z.strictObject({
  concern: Concern,
  action: z.enum(['leave-out', 'hold-at-rung', 'change-support', 'ask-clinician', 'go-gently']),
  words: z.string().min(1).max(200),
});
export type Caution = z.infer<typeof Caution>;

/** One thing to say in two wordings: plain places, and anatomical names. */
export const TwoWordings = z.strictObject({
  plain: z.string().min(1).max(240),
  anatomical: z.string().min(1).max(240),
});
export type TwoWordings = z.infer<typeof TwoWordings>;

/** The same, where an instructor may leave it for later: both empty. */
export const MayBeSaid = z.strictObject({ plain: z.string().max(240), anatomical: z.string().max(240) });

export const CueKind = z.enum(['setup', 'action', 'breath', 'picture', 'correction']);
export type CueKind = z.infer<typeof CueKind>;

export const Cues = z.strictObject({
  setup: MayBeSaid,
  action: MayBeSaid,
  breath: TwoWordings.nullable(),
  picture: MayBeSaid,
  correction: MayBeSaid,
});
export type Cues = z.infer<typeof Cues>;

/** How long a first explanation takes: plain, with props or reasons, or fiddly. */
export const SetupKind = z.enum(['plain', 'props', 'fiddly']);

/** What can differ from rung to rung and from school to school. */
const performance = {
  position: Position,
  facing: Facing,
  sidePattern: SidePattern,
  kit: z.array(KitNeed).max(6),
  band: BandUse.nullable(),
  floor: FloorNeed,
  floorsRuledOut: z.array(Floor),
  footwear: z.enum(['bare', 'bare or socks', 'any']),
  setup: SetupKind,
  phases: z.array(Phase).min(1).max(8),
  regions: z.partialRecord(Region, Rating),
  balance: z.strictObject({ working: Rating, standing: Rating }),
  /** Situations that its author names because the body's data cannot show them. */
  situations: z.array(Situation).max(4).optional(),
  /** Landings on one foot in one rep. */
  impactsPerRep: z.int().min(0).max(12),
};
export const Performance = z.strictObject(performance);
/** The exercise as it is done, before or after a rung and a school have had their say. */
export type Performance = z.infer<typeof Performance>;
export const PerformanceChange = Performance.partial();
export type PerformanceChange = z.infer<typeof PerformanceChange>;

/** What is said differently on a rung or in a school. */
const CueChange = Cues.partial();

/** One way a school does it differently. */
export const SchoolVariant = z.strictObject({
  when: School.partial(),
  change: PerformanceChange,
  /** What the working foot does differently in every phase, whatever the rung. */
  foot: FootChange.optional(),
  cues: CueChange.optional(),
  /** The faults this school sees, in place of the others. */
  faults: z.array(Fault).min(1).max(5).optional(),
});

export const Exercise = z.strictObject({
  /** Grows when the shape of a stored exercise changes; older ones are brought up by `readExercise`. */
  format: z.literal(2),
  id: z
    .string()
    .regex(/^[a-z0-9-]+$/)
    .max(64),
  name: TwoWordings,
  family: Family,
  /** One sentence: what it is for, without promises; empty while its maker has not said it. */
  purpose: z.string().max(200),
  stage: Stage,
  directions: z.array(Direction),
  faults: z.array(Fault).max(5),
  /** Its own, beside those that follow from what the body does (`situation.ts`). */
  cautions: z.array(Caution).max(6),
  cues: Cues,
  /** Other pictures of speech for the same movement; they go round with the one above from class to class. */
  pictures: z.array(TwoWordings).min(1).max(4).optional(),
  /** Words a student would look for it by. */
  foundBy: z.array(z.string().min(1).max(40)).max(12),
  /** The answers of the schools it belongs to; silent on the rest. */
  schools: School.partial(),
  performance: Performance,
  schoolVariants: z.array(SchoolVariant).max(6),
  /** The dose without a ladder, and the starting point of one. */
  doses: DoseRange,
  ladder: Ladder(PerformanceChange, CueChange).nullable(),
  /** The relief after work, whatever its family: it loads nothing, and eases what was loaded. */
  relief: z.boolean().optional(),
  /** The other half of the same job, by its id: the two get the same dose. */
  pair: z.string().min(1).max(64).optional(),
  /** Exercises that come before this one when a class has both: its named preparation. */
  preparedBy: z.array(z.string().min(1).max(64)).max(6).optional(),
});
export type Exercise = z.infer<typeof Exercise>;
export type Rung = NonNullable<Exercise['ladder']>['rungs'][number];
