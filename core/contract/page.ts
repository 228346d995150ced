import * as z from 'zod';

/** Which page of a list is asked for: how many, and after which cursor, which is what the page before gave. */
export const PageAsked = z.object({
  limit: z.coerce.number().int().min(1).max(200).default(60),
  after: z.string().max(200).optional(),
});
export type PageAsked = z.infer<typeof PageAsked>;

/** A page of a list that can be narrowed: to titles with these words, to what is older than an instant. */
export const ListAsked = PageAsked.extend({
  words: z.string().trim().max(120).optional(),
  before: z.iso.datetime().optional(),
});
export type ListAsked = z.infer<typeof ListAsked>;

/** Where the next page begins; null where this is the last one. */
export const next = z.string().nullable();
