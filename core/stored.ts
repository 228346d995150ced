import type * as z from 'zod';
import { type Result, ok, refuse } from './result';

/** Why something that was written earlier, or comes from elsewhere, cannot be read. It is kept as it is. */
export type ReadError =
  /** Written by a newer Needlework; `known` is the newest format this one reads. */
  | { readonly code: 'newer-format'; readonly format: number; readonly known: number }
  | { readonly code: 'not-readable'; readonly issues: readonly z.core.$ZodIssue[] }
  | { readonly code: 'not-a-document' };

type Document = Readonly<Record<string, unknown>>;
const isDocument = (value: unknown): value is Document =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Reads a document that carries its format number: brings an older one up step by step, then judges it. One without a
 * number is of format 0. Nothing is cast.
 * @param upgrades upgrades[n] makes format n + 1 out of format n; there is one for each format before the current
 */
export function readStored<T>(
  schema: z.ZodType<T>,
  upgrades: readonly ((document: Document) => Document)[],
  stored: unknown,
): Result<T, ReadError> {
  if (!isDocument(stored)) return refuse({ code: 'not-a-document' });
  const known = upgrades.length;
  const { format: said } = stored;
  const format = typeof said === 'number' && Number.isInteger(said) && said > 0 ? said : 0;
  if (format > known) return refuse({ code: 'newer-format', format, known });
  const current = upgrades.slice(format).reduce<Document>((so, upgrade, i) => {
    const next = upgrade(so);
    return { ...next, format: format + i + 1 };
  }, stored);
  const read = schema.safeParse(current);
  if (read.success) return ok(read.data);
  return refuse({ code: 'not-readable', issues: read.error.issues });
}

/** The same anywhere inside a value: every object that a step changes is changed, however deep it lies. */
export function everywhere(value: unknown, step: (found: Document) => Document): unknown {
  if (Array.isArray(value)) return value.map((inner) => everywhere(inner, step));
  if (!isDocument(value)) return value;
  return step(Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, everywhere(inner, step)])));
}

/** The same for a whole document. */
export const throughout =
  (step: (found: Document) => Document) =>
  (document: Document): Document => {
    const changed = everywhere(document, step);
    return isDocument(changed) ? changed : document;
  };
