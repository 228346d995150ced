import { HttpErrorResponse } from '@angular/common/http';
import { TimeoutError } from 'rxjs';
import { Problem } from '@core/contract';

/** What went wrong with a request. */
export type RequestFailure =
  /** Nobody answers. */
  | { readonly kind: 'no-server' }
  /** Somebody is there and says nothing. */
  | { readonly kind: 'no-answer' }
  /** An answer that this page does not understand: the page is older or newer than the server. */
  | { readonly kind: 'not-understood' }
  | { readonly kind: 'problem'; readonly problem: Problem };

/** Reads a failed request. */
export function failureOf(error: unknown): RequestFailure {
  if (error instanceof TimeoutError) return { kind: 'no-answer' };
  if (!(error instanceof HttpErrorResponse)) return { kind: 'not-understood' };
  if (error.status === 0) return { kind: 'no-server' };
  const read = Problem.safeParse(typeof error.error === 'string' ? parsed(error.error) : error.error);
  if (read.success) return { kind: 'problem', problem: read.data };
  // something between the page and the server answers for it
  return { kind: error.status >= 500 ? 'no-server' : 'not-understood' };
}

/** Whether the same request may go through later: no server, no answer, a fault of its own, or the password is asked for first. */
export function isAway(error: unknown): boolean {
  const failure = failureOf(error);
  if (failure.kind === 'problem') return failure.problem.status >= 500 || failure.problem.code === 'locked';
  return failure.kind !== 'not-understood';
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
  switch (failure.kind) {
    case 'no-server':
      return 'Needlework’s server does not answer. What was saved is safe. Start it again, then try once more.';
    case 'no-answer':
      return 'Needlework’s server is there but says nothing. What was saved is safe. Wait a little and try once more; if it stays so, start it again.';
    case 'not-understood':
      return 'The server answered with something this page does not understand: one of them is older. What was saved is safe. Load this page again.';
    case 'problem':
      return `${failure.problem.title}. ${failure.problem.detail}`;
  }
}

/** The same in short, where the rest says what becomes of the work. */
export function awayWords(failure: RequestFailure): string {
  if (failure.kind === 'problem') return `${failure.problem.title}.`;
  return failure.kind === 'no-answer' ? 'The server is there but says nothing.' : 'The server does not answer.';
}

/** Two pages changed one thing: somebody has to choose before anything more of it is sent. */
export const isClash = (failure: RequestFailure | null): boolean =>
  failure?.kind === 'problem' && failure.problem.clash !== undefined;

/** It was made on an older state than the server has by now. */
export const isOlder = (failure: RequestFailure): boolean =>
  failure.kind === 'problem' && failure.problem.code === 'student-changed';
