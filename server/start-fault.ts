/** Why the server cannot start, in words: what is wrong, and what to do. Nothing has been changed. */
export class StartFault extends Error {}

/** The code of an error of the machine or of SQLite; empty for any other. */
export const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '';

/** What the machine or SQLite says, as a person would. @param path what was being opened */
export function startWords(error: unknown, path: string): string {
  if (error instanceof StartFault) return error.message;
  const code = codeOf(error);
  if (code === 'ENOTDIR' || code === 'EEXIST')
    return `${path} is not a folder. Name one for the data, for example --data data/own.`;
  if (code === 'EACCES' || code === 'EPERM' || code === 'EROFS' || code.startsWith('SQLITE_READONLY'))
    return `Needlework may not write in ${path}. Allow it, or name another folder with --data.`;
  if (code === 'ENOSPC' || code === 'SQLITE_FULL')
    return `The disk is full, so ${path} cannot be opened safely. Make room, then start again; nothing was changed.`;
  if (code === 'SQLITE_CANTOPEN')
    return `${path} cannot be opened: it is not a file, or Needlework may not write beside it. Look at it, or name another folder with --data.`;
  if (code === 'SQLITE_NOTADB' || code.startsWith('SQLITE_CORRUPT'))
    return `${path} is damaged and was left as it is. Put a copy of it in its place (the file and those that begin with its name), then start again.`;
  if (code.startsWith('SQLITE_BUSY') || code.startsWith('SQLITE_LOCKED'))
    return `Another program holds ${path}. Close it, then start again.`;
  if (code.startsWith('SQLITE_IOERR') || code === 'EIO')
    return `The disk does not read or write ${path} as it should. Copy the folder to another disk before anything else.`;
  return `Needlework cannot start: ${error instanceof Error ? error.message : 'something it does not know'}.`;
}

/** A fault of the disk or the database while serving, in words; null where it is something else. */
export function diskFault(error: unknown): { readonly title: string; readonly detail: string } | null {
  const code = codeOf(error);
  if (code === 'SQLITE_FULL' || code === 'ENOSPC')
    return {
      title: 'The disk is full',
      detail: 'What was saved before is safe; this is not saved. Make room on the disk; it is then tried again.',
    };
  if (code.startsWith('SQLITE_BUSY') || code.startsWith('SQLITE_LOCKED'))
    return {
      title: 'Another program holds the data',
      detail: 'This is not saved yet. Close the program that has the database open; it is then tried again.',
    };
  if (code.startsWith('SQLITE_READONLY') || code === 'EACCES' || code === 'EROFS')
    return {
      title: 'The data cannot be written',
      detail: 'What was saved before is safe; this is not saved. Allow Needlework to write in its data folder.',
    };
  if (code === 'SQLITE_NOTADB' || code.startsWith('SQLITE_CORRUPT'))
    return {
      title: 'The data is damaged',
      detail: 'This is not saved. Stop Needlework and put a copy of the database in its place.',
    };
  if (code.startsWith('SQLITE_IOERR') || code === 'SQLITE_CANTOPEN' || code === 'EIO')
    return {
      title: 'The disk does not answer as it should',
      detail: 'This is not saved. Copy the data folder to another disk; what is written here is tried again.',
    };
  return null;
}

/** Also one that was made elsewhere, as SQLite's are. */
const isError = (error: unknown): error is Error =>
  typeof error === 'object' &&
  error !== null &&
  'name' in error &&
  'message' in error &&
  typeof error.message === 'string';

/** How an error of SQLite or of the machine names itself: its message holds names of tables and files, never what was sent. */
const ofTheMachine = /^(SQLITE_\w+|E[A-Z]{2,})$/;

/**
 * A fault of the server's own as a line for whoever runs it: what it was and where in the program. The message of any
 * other error may quote what was sent, and with it what is kept of people: it is left out.
 */
export function faultLine(error: unknown): string {
  if (!isError(error)) return 'something that is no error';
  const place = /\bat (?:.*?\()?([^()\s]+:\d+:\d+)\)?/.exec(error.stack?.slice(error.message.length) ?? '')?.[1];
  const what = ofTheMachine.test(codeOf(error)) ? error.message : error.name;
  return place ? `${what}, at ${place.split(/[/\\]/).at(-1) ?? ''}` : what;
}
