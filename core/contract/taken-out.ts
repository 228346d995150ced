import * as z from 'zod';
import { Id } from '../id';
import { next } from './page';

/** Something that was deleted or taken out; it is kept and can be brought back. */
export const TakenOutEntry = z.strictObject({
  kind: z.enum(['class', 'run', 'exercise']),
  id: Id,
  title: z.string(),
  removedAt: z.iso.datetime(),
});
export type TakenOutEntry = z.infer<typeof TakenOutEntry>;

export const TakenOut = z.strictObject({ entries: z.array(TakenOutEntry), next });
export type TakenOut = z.infer<typeof TakenOut>;
