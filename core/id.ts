import * as z from 'zod';

/**
 * An id that a page or the server makes: letters, digits, `_` and `-`, as `nanoid` gives them, so that it fits an
 * address. Core makes none: ids are passed in.
 */
export const Id = z.string().regex(/^[A-Za-z0-9_-]{4,40}$/, { error: 'id-form' });
