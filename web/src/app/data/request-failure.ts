import { HttpErrorResponse } from '@angular/common/http';
import { Problem } from '@core/contract';

/** What went wrong with a request: no server, or a problem it told. */
export type RequestFailure = { readonly kind: 'no-server' } | { readonly kind: 'problem'; readonly problem: Problem };

/** Reads a failed request. Anything that is not problem details counts as no server: try again later. */
export function failureOf(error: unknown): RequestFailure {
  if (error instanceof HttpErrorResponse && error.status > 0) {
    const read = Problem.safeParse(typeof error.error === 'string' ? parsed(error.error) : error.error);
    if (read.success) return { kind: 'problem', problem: read.data };
  }
  return { kind: 'no-server' };
}

/** Whether the same request may go through later: no server, or a fault of its own. */
export function isAway(error: unknown): boolean {
  const failure = failureOf(error);
  return failure.kind === 'no-server' || failure.problem.status >= 500;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** A failed request in words: what happened, what is safe, what to do. */
export function failureWords(failure: RequestFailure): string {
  return failure.kind === 'no-server'
    ? 'Needlework’s server does not answer. What was saved is safe. Start it again, then try once more.'
    : `${failure.problem.title}. ${failure.problem.detail}`;
}
