import type { RequestHandler } from 'express';
import { ProblemError } from './problem';

/** Methods that change nothing. */
export const reads: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Answers only to its own names, and lets only its own pages write: a page elsewhere that points a name at this
 * machine (DNS rebinding) is refused before anything is read.
 * @param hosts allowed values of the Host header, with port
 */
export function guard(hosts: ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const host = request.headers.host ?? '';
    if (!hosts.has(host)) {
      throw new ProblemError(
        421,
        'host-not-allowed',
        'Not this server’s name',
        'Open Needlework by the address it printed when it started.',
      );
    }
    const { origin } = request.headers;
    const site = request.headers['sec-fetch-site'];
    // Browsers say where a request comes from in both; what is no browser says neither, and nobody can be tricked by it.
    const elsewhere = site !== undefined && site !== 'same-origin' && site !== 'none';
    const foreign = elsewhere || (origin !== undefined && !hosts.has(origin.replace(/^https?:\/\//, '')));
    if (foreign && !reads.has(request.method)) {
      throw new ProblemError(
        403,
        'origin-not-allowed',
        'Not allowed from another page',
        'Only Needlework’s own pages can change classes.',
      );
    }
    next();
  };
}
