import * as z from 'zod';

/** Which page of a list is asked for: how many, and after which cursor, which is what the page before gave. */
export const PageAsked = z.object({
  limit: z.coerce.number().int().min(1).max(200).default(60),
  after: z.string().max(200).optional(),
});
export type PageAsked = z.infer<typeof PageAsked>;

/** Where the next page begins; null where this is the last one. */
export const next = z.string().nullable();
