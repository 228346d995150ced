import * as z from 'zod';
import { Dose } from '../dose';
import { Concern, CueKind, School, Substitute } from '../exercise';
import { Id } from '../id';
import { Floor, KitId } from '../kit';
import { ClassCheck } from '../measure/check-id';
import { IdeaTie } from './idea-tie';
import { Music } from './music';
import { Familiarity, Pace } from './pace';
import { ClassRoom } from './room';

export const Side = z.enum(['left', 'right']);
export type Side = z.infer<typeof Side>;
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/** Content address of an exercise revision. */
export const RevisionId = z.string().regex(/^[a-f0-9]{16,64}$/, { error: 'id-form' });

/** How the two sides share an item. Unequal is a choice made on purpose and is not warned about. */
export const Sides = z.discriminatedUnion('mode', [
  z.strictObject({ mode: z.literal('equal') }),
  z.strictObject({ mode: z.literal('weaker-first'), weaker: Side }),
  /** The weaker side does one more set of the first part of the dose, in the same visit. */
  z.strictObject({ mode: z.literal('extra-set'), weaker: Side }),
  /** The weaker side does a few more reps (holds, passes) of the first part of the dose, in the same visit. */
  z.strictObject({ mode: z.literal('extra-reps'), weaker: Side, more: z.int().min(1).max(20) }),
  /** One foot alone. */
  z.strictObject({ mode: z.literal('one-foot'), side: Side }),
]);
export type Sides = z.infer<typeof Sides>;

/** An easier or harder rung offered in the same window as the main one. */
export const RungOption = z.strictObject({ rungId: z.string().min(1).max(40) });

export const Talk = z.strictObject({
  /** Talk that costs time; null for the teacher's pace. */
  beforeSeconds: z.number().min(0).max(600).nullable(),
  /** Talk over the work, which costs none. */
  overSeconds: z.number().min(0).max(600),
});

/** How many do which option, without names: taken from the group that the class names. */
export const Heads = z.strictObject({
  main: z.int().min(0).max(200),
  easier: z.int().min(0).max(200),
  harder: z.int().min(0).max(200),
  /** Something else in the same place and time. */
  other: z.int().min(0).max(200),
});
export type Heads = z.infer<typeof Heads>;

/** An exercise in a class. */
export const Item = z.strictObject({
  kind: z.literal('exercise'),
  id: Id,
  exerciseId: z.string().min(1).max(64),
  revision: RevisionId,
  rungId: z.string().min(1).max(40).nullable(),
  easier: RungOption.nullable(),
  harder: RungOption.nullable(),
  heads: Heads.nullable(),
  dose: Dose,
  sides: Sides,
  /** Which foot starts; null follows the class. */
  lead: Side.nullable(),
  /** New to this group (slow first rep, long set-up where there is kit), seen once, or known. */
  familiarity: Familiarity,
  /** Looks again: at a drill, which it then follows wherever that goes, or at the class where it names none. */
  recheck: z.strictObject({ of: Id.nullable() }).nullable(),
  /** The named check that is taken with it. */
  check: ClassCheck.nullable(),
  /** Kit in the place of the exercise's own. */
  substitutes: z.array(Substitute).max(6),
  /** Where it is taught, if elsewhere than the block: tile for the cloth, carpet for the stretch. */
  floor: Floor.nullable(),
  /** On both feet inside a block taught foot by foot: done in each pass, and not once between two rounds. */
  inEachPass: z.boolean(),
  /** Goes on in the music of the item before: nothing lies between them. Only where both are counts at one tempo. */
  musicRunsOn: z.boolean(),
  /** The piece of music it is done to, of those that the class has; null for none. */
  piece: Id.nullable(),
  /** Put on here and worn beside the work up to the end of this later item; null for an exercise of its own. */
  wornUntil: Id.nullable(),
  locked: z.boolean(),
  /** 3 matters most, 1 goes first when time is short. */
  priority: z.int().min(1).max(3),
  talk: Talk,
  note: z.string().max(500),
  /** Why it is in the class, where the class was proposed: said beside it until it is edited. Empty where nothing is said. */
  because: z.string().max(300),
  cues: z.partialRecord(CueKind, z.string().max(240)),
});
export type Item = z.infer<typeof Item>;

/** Talk or a pause that stands on its own in a class: opening, shoes off, closing. It ends when the teacher says so. */
export const TalkItem = z.strictObject({
  kind: z.literal('talk'),
  id: Id,
  name: z.string().trim().min(1).max(60),
  /** What the plan counts for it. */
  seconds: z.int().min(5).max(1800),
  /** What there is to say. */
  note: z.string().max(500),
});
export type TalkItem = z.infer<typeof TalkItem>;

export const AnyItem = z.discriminatedUnion('kind', [Item, TalkItem]);
export type AnyItem = z.infer<typeof AnyItem>;

export const Block = z.strictObject({
  id: Id,
  name: z.string().min(1).max(60),
  /** One exercise after another, each on both feet; or one whole foot, stand and compare, the other foot. */
  flow: z.enum(['by-exercise', 'by-foot']),
  /** Foot by foot: whether the class stands and compares between the feet. */
  compare: z.boolean(),
  /** Foot by foot: the second foot in the same order, or the last exercise first. */
  secondOrder: z.enum(['same', 'reversed']),
  /** Where it is taught, if elsewhere than the class. */
  floor: Floor.nullable(),
  items: z.array(AnyItem).max(120),
});
export type Block = z.infer<typeof Block>;

export const Brief = z.strictObject({
  audience: z.enum(['dancers', 'general', 'mixed']),
  purpose: z.string().max(300),
  /** The one idea of the class, as it is said to the class; empty where it has none. */
  idea: z.string().max(120),
  /** What the idea is about in what feet do; null where nobody has said, and nothing can be followed. */
  ideaTie: IdeaTie.nullable(),
  /** The group it is taught to; null where nobody has said. */
  groupId: Id.nullable(),
  people: z.int().min(1).max(200).nullable(),
  floor: Floor,
  /** Kit and mats lie ready before the class, or are fetched when they are needed. */
  kitOut: z.enum(['before', 'when-needed']),
  /** Pieces there are, where somebody has counted; of all else there is enough. */
  cupboard: z.partialRecord(KitId, z.int().min(0).max(200)),
  /** What somebody in the room has, without names. */
  concerns: z.array(Concern).max(16),
  /** Where the teacher stands to see: going round, in front of the class, or behind it. */
  teacherAt: z.enum(['walks', 'front', 'behind']),
  /** How many teach. */
  teachers: z.union([z.literal(1), z.literal(2)]),
  room: ClassRoom,
});
export type Brief = z.infer<typeof Brief>;

export const mostItems = 120;
/** Letters of a class's name. */
export const longestTitle = 120;

/** A finding of the review that the teacher has seen and wants so. */
export const Accepted = z.strictObject({ finding: z.string().min(1).max(300), note: z.string().max(200) });
export type Accepted = z.infer<typeof Accepted>;

/** The fields of a plan, before the rules that hold across them. */
export const PlanFields = z.strictObject({
  /** Grows when the shape of a stored class changes; older ones are brought up by `readPlan`. */
  format: z.literal(10),
  id: Id,
  title: z.string().trim().min(1).max(longestTitle),
  brief: Brief,
  slotSeconds: z
    .int()
    .min(60)
    .max(4 * 3600),
  /** Share of the slot the teacher keeps free, per cent. */
  reservePercent: z.number().min(0).max(40),
  /** The foot that starts; alternates from class to class. */
  lead: Side,
  music: Music,
  school: School,
  pace: Pace,
  blocks: z.array(Block).max(24),
  accepted: z.array(Accepted).max(200),
});

export const Plan = PlanFields.superRefine((plan, context) => {
  const items = plan.blocks.flatMap((b) => b.items);
  if (items.length > mostItems) context.addIssue({ code: 'custom', message: 'too-many-items', path: ['blocks'] });
  const ids = [...plan.blocks.map((b) => b.id), ...items.map((i) => i.id)];
  if (new Set(ids).size !== ids.length) context.addIssue({ code: 'custom', message: 'id-twice', path: ['blocks'] });
});
export type Plan = z.infer<typeof Plan>;

const isExercise = (item: AnyItem): item is Item => item.kind === 'exercise';

/** The exercises of a block, without the talk between them. */
export const exercisesIn = ({ items }: Pick<Block, 'items'>): Item[] => items.filter(isExercise);

/** The exercises of a class in their order. */
export const itemsOf = (plan: Pick<Plan, 'blocks'>): Item[] => plan.blocks.flatMap(exercisesIn);

/** All that a class is made of, its talk too. */
export const allItemsOf = (plan: Pick<Plan, 'blocks'>): AnyItem[] => plan.blocks.flatMap((block) => block.items);

/** The re-checks of a drill, in their order. */
export const rechecksOf = (plan: Plan, itemId: string): Item[] =>
  itemsOf(plan).filter((item) => item.recheck?.of === itemId);

/** The exercises beside which an item is worn, up to the one behind which it is taken off; none where it is not worn. */
export function wornThrough(plan: Plan, itemId: string): Item[] {
  const items = itemsOf(plan);
  const from = items.findIndex((item) => item.id === itemId);
  const to = items.findIndex((item) => item.id === items[from]?.wornUntil);
  return from === -1 || to <= from ? [] : items.slice(from + 1, to + 1);
}

/** The revisions a plan pins, each once. */
export const revisionsOf = (plan: Plan): string[] => [...new Set(itemsOf(plan).map((item) => item.revision))];

interface Found<T extends AnyItem> {
  readonly block: Block;
  readonly item: T;
  readonly index: number;
}

/** An exercise of the class, with its block and its place in it. */
export function findItem(plan: Plan, itemId: string): Found<Item> | null {
  const found = findAny(plan, itemId);
  return found && isExercise(found.item) ? { ...found, item: found.item } : null;
}

/** An exercise or a talk, with its block and its place in it. */
export function findAny(plan: Plan, itemId: string): Found<AnyItem> | null {
  for (const block of plan.blocks) {
    const index = block.items.findIndex((item) => item.id === itemId);
    const item = block.items[index];
    if (item) return { block, item, index };
  }
  return null;
}

/** The floor on which an item is taught: its own, else its block's, else the class's. */
export const floorOf = (
  { brief }: Pick<Plan, 'brief'>,
  block: Pick<Block, 'floor'>,
  item: Pick<Item, 'floor'>,
): Floor => item.floor ?? block.floor ?? brief.floor;

/** The foot that has more to do, where one has. */
export const weakerOf = (sides: Sides): Side | null => ('weaker' in sides ? sides.weaker : null);

/** Unequal because somebody chose it: nobody owes anything. */
export const isUnequal = ({ mode }: Sides): boolean =>
  mode === 'extra-set' || mode === 'extra-reps' || mode === 'one-foot';
