import { issuePath, issueWords } from './issue-words';
import type { ReadError } from './stored';

/** Why a document could not be read: what it is, what is wrong, and that nothing was lost. */
export function readWords(what: string, error: ReadError): string {
  switch (error.code) {
    case 'newer-format':
      return `${what} was written by a newer Needlework (format ${error.format}; this one reads up to ${error.known}). It is kept as it is: open it with that version.`;
    case 'not-readable':
      return `${what} cannot be read${error.issues
        .slice(0, 1)
        .map((issue) => `: ${issuePath(issue)} ${issueWords(issue)}`)
        .join('')} It is kept as it is.`;
    case 'not-a-document':
      return `${what} cannot be read: it is cut off or empty. It is kept as it is.`;
  }
}
