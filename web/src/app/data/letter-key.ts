import { classAddress } from './letter';

/** What the keys of letters begin with in this browser's store. */
export const letterPrefix = 'letter ';
/** Where an earlier application kept the unsaved edits of a class. */
export const draftPrefix = 'draft:';
/** Letters of an application that did not say which page wrote them. */
const unnamed = 'earlier';

interface Named {
  readonly atMs: number;
  /** How many letters the page had made before. */
  readonly nth: number;
  readonly addressee: string;
  readonly id: string;
  /** The page that wrote it. */
  readonly page: string;
}

/** The key of a letter; keys sort in the order in which letters were made. */
export const letterKey = ({ atMs, nth, addressee, id, page }: Named): string =>
  `${letterPrefix}${String(atMs).padStart(15, '0')} ${String(nth).padStart(6, '0')} ${addressee} ${id} ${page}`;

/** The page that wrote what lies under a key. */
export const pageOfKey = (key: string): string =>
  (key.startsWith(letterPrefix) ? key.split(' ')[5] : undefined) ?? unnamed;

/** To whom what lies under a key goes, also where it cannot be read. */
export const addresseeOfKey = (key: string): string =>
  key.startsWith(draftPrefix) ? classAddress(key.slice(draftPrefix.length)) : (key.split(' ')[3] ?? '');

/** The hold on the letters of a page. */
export const lettersOf = (page: string): string => `letters of ${page}`;
