import type { ComingEntry, RecordKind } from '@core/contract';
import { kindNames } from '@core/format';

/** In the order in which a teacher thinks of them. */
export const kindsInOrder = Object.keys(kindNames) as readonly RecordKind[];

export const kindName = (kind: RecordKind, count: number): string => kindNames[kind][count === 1 ? 0 : 1];
const grouped = (count: number): string => count.toLocaleString('en-GB');
/** A count in a table; a dash for none. */
export const countCell = (count: number): string => (count > 0 ? grouped(count) : '–');
export const countOf = (kind: RecordKind, count: number): string => `${grouped(count)} ${kindName(kind, count)}`;

/** “3 classes, 2 exercises and 1 course” */
export function listOf(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} and ${last}`;
}

export const stateWords: Readonly<Record<ComingEntry['state'], string>> = {
  new: 'not here',
  same: 'the same as here',
  differs: 'differs from what is here',
  out: 'was deleted here',
  kept: 'differs, and stays as it is here',
};

/** 4.5 MB, 812 kB */
export const sizeWords = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
