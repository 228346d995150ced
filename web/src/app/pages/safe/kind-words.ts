import type { ComingEntry, RecordKind } from '@core/contract';

/** What each kind is called: one, and several. */
const names: Readonly<Record<RecordKind, readonly [one: string, many: string]>> = {
  class: ['class', 'classes'],
  exercise: ['exercise', 'exercises'],
  course: ['course', 'courses'],
  taught: ['taught class', 'taught classes'],
  student: ['person', 'people'],
  group: ['group', 'groups'],
  reading: ['reading', 'readings'],
  note: ['note on a ladder', 'notes on ladders'],
  homework: ['sheet of homework', 'sheets of homework'],
  protocol: ['check of your own', 'checks of your own'],
  band: ['band', 'bands'],
  preferences: ['answer to How I teach', 'answers to How I teach'],
};
/** In the order in which a teacher thinks of them. */
export const kindsInOrder = Object.keys(names) as readonly RecordKind[];

export const kindName = (kind: RecordKind, count: number): string => names[kind][count === 1 ? 0 : 1];
export const countOf = (kind: RecordKind, count: number): string =>
  `${count.toLocaleString('en-GB')} ${kindName(kind, count)}`;

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
