import * as z from 'zod';
import { Concern, Family, School } from '../exercise';
import { Id } from '../id';
import { Floor, KitId } from '../kit';
import { IdeaId } from '../plan';

/** What a class is for: it decides what it is made of, how much of each, and how hard. */
export const Occasion = z.enum(['class', 'opening', 'warm-up', 'release', 'homework']);
export type Occasion = z.infer<typeof Occasion>;

/** Where people are: on the floor, on a chair, or up. */
export const PlaceInRoom = z.enum(['floor', 'chair', 'up']);
export type PlaceInRoom = z.infer<typeof PlaceInRoom>;

/** What a class can be asked for more of; looks and closing frame it. */
export const FocusFamily = Family.exclude(['check', 'close']);
export type FocusFamily = z.infer<typeof FocusFamily>;
export const isFocus = (family: Family): family is FocusFamily => family !== 'check' && family !== 'close';

/** Ideas that enough of the catalogue carries for a whole class. */
export const ComposeIdea = IdeaId.exclude(['heels-behind-toes']);
export type ComposeIdea = z.infer<typeof ComposeIdea>;

/** Who comes, how long, with what, and for what. */
export const ComposeBrief = z.strictObject({
  who: z.enum(['dancers', 'general', 'mixed']),
  occasion: Occasion,
  /** New to this work: the levels below where most people begin. */
  level: z.enum(['new', 'usual', 'further']),
  slotSeconds: z
    .int()
    .min(120)
    .max(2 * 3600),
  /** It must end in its slot, four times in five and more: the reserve is made as large as that takes. */
  mustEnd: z.boolean(),
  /** Shares of the working time asked for, per cent; what is not named shares the rest as the occasion has it. */
  focus: z.partialRecord(FocusFamily, z.int().min(0).max(100)),
  places: z.array(PlaceInRoom).min(1).max(3),
  /** Pieces there are; what is not named is not there. */
  kit: z.partialRecord(KitId, z.int().min(0).max(200)),
  floor: Floor,
  people: z.int().min(1).max(200).nullable(),
  concerns: z.array(Concern).max(16),
  /** Doses that close on eights, where it can be. */
  music: z.boolean(),
  /** A look first, and the same look again at the end. */
  looks: z.boolean(),
  groupId: Id.nullable(),
  /** They come back from some weeks without: loaded work a level lower, at about half its dose. */
  afterBreak: z.boolean().default(false),
  /** Answers of a school for this class alone; the rest is as the teacher teaches. */
  school: School.partial(),
  /** The one idea; null leaves it to the proposals, each with its own. */
  idea: ComposeIdea.nullable(),
});
export type ComposeBrief = z.infer<typeof ComposeBrief>;

/** The brief that most people would change least of. */
export const usualBrief: ComposeBrief = {
  who: 'mixed',
  occasion: 'class',
  level: 'usual',
  slotSeconds: 30 * 60,
  mustEnd: false,
  focus: {},
  places: ['floor', 'chair', 'up'],
  kit: { chair: 30, wall: 1, mat: 30 },
  floor: 'wood',
  people: 12,
  concerns: [],
  music: false,
  looks: true,
  groupId: null,
  afterBreak: false,
  school: {},
  idea: null,
};
