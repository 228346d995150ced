import type { RecordKind } from '../contract/exchange';

/** What each kind of record is called: one of them, and several. */
export const kindNames: Readonly<Record<RecordKind, readonly [one: string, many: string]>> = {
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
