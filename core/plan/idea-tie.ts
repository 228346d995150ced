import * as z from 'zod';
import { Place } from '../exercise';

/** The ideas that come with Needlework; what each of them means for a foot is in `core/idea`. */
export const IdeaId = z.enum([
  'inner-ball',
  'long-toes',
  'middle-lifts',
  'toes-apart',
  'slow-way-back',
  'all-the-way',
  'both-edges',
  'big-toe',
  'three-points',
  'heels-behind-toes',
]);
export type IdeaId = z.infer<typeof IdeaId>;

/** What the teacher's own sentence is about, in what a foot does: so that it can be followed through a class. */
export const IdeaTie = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('listed'), id: IdeaId }),
  /** A place of the sole that presses, or lifts. */
  z.strictObject({ kind: z.literal('place'), place: Place, contact: z.enum(['press', 'lift']) }),
  z.strictObject({ kind: z.literal('toes'), toes: z.enum(['long', 'spread', 'curled']) }),
  z.strictObject({ kind: z.literal('midfoot'), midfoot: z.enum(['lifted', 'let-down']) }),
  z.strictObject({ kind: z.literal('edge'), edge: z.enum(['even', 'inner', 'outer']) }),
]);
export type IdeaTie = z.infer<typeof IdeaTie>;
