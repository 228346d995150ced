import type { Response } from 'express';
import type * as z from 'zod';
import type { Problem } from '@core/contract';
import { Id } from '@core/id';
import { issuePath, issueWords } from '@core/issue-words';
import { readWords } from '@core/read-words';
import type { Result } from '@core/result';
import type { ReadError } from '@core/stored';

type Code = Problem['code'];

/** An error that the caller can act on, as problem details (RFC 9457). */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly code: Code,
    readonly title: string,
    readonly detail: string,
    readonly more: Pick<Problem, 'fields' | 'clash'> = {},
  ) {
    super(`${title}: ${detail}`);
  }
}

export function sendProblem(response: Response, error: ProblemError): void {
  const body: Problem = {
    type: `urn:needlework:problem:${error.code}`,
    title: error.title,
    status: error.status,
    detail: error.detail,
    code: error.code,
    ...error.more,
  };
  response.status(error.status).type('application/problem+json').send(JSON.stringify(body));
}

export const notFound = (what: string) =>
  new ProblemError(
    404,
    'not-found',
    'Not found',
    `${what} is not here. It may have been deleted; nothing else has changed.`,
  );

/** Reads a message against the contract, or says which fields are at fault and why. */
export function readBody<T extends z.ZodType>(schema: T, body: unknown): z.output<T> {
  const read = schema.safeParse(body);
  if (read.success) return read.data;
  const fields = read.error.issues.slice(0, 20).map((issue) => ({ path: issuePath(issue), words: issueWords(issue) }));
  const first = fields[0];
  throw new ProblemError(
    422,
    'not-valid',
    'Something in this cannot be saved',
    first ? `${first.path || 'The message'} ${first.words}` : 'It does not fit.',
    { fields },
  );
}

/** The id in an address; anything that cannot be one is not here. */
export function readId(what: string, id: unknown): string {
  const read = Id.safeParse(id);
  if (!read.success) throw notFound(what);
  return read.data;
}

/** Reads what the database holds by its format number; what cannot be read is told and stays as it is. */
export function readStoredAs<T>(what: string, read: (stored: unknown) => Result<T, ReadError>, body: string): T {
  const found = read(parsed(body));
  if (found.ok) return found.value;
  throw new ProblemError(409, 'not-readable', 'This cannot be opened here', readWords(what, found.error));
}

/** JSON, or null where it is cut off. */
export function parsed(body: string): unknown {
  try {
    return JSON.parse(body);
  } catch {
    return null;
  }
}
