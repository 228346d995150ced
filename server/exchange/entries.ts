import type { RecordKind } from '@core/contract';

/** In the place of an exercise's original: it is not in the library of a file, and only comes with a class. */
export const needed = 'needed';

/** Where each kind lies in the database, and what is compared of it. */
export interface Table {
  readonly name: string;
  readonly body: string;
  readonly title: string;
  readonly removed: string | null;
}

const table = (name: string, title: string, more: Partial<Table> = {}): Table => ({
  name,
  body: 'body',
  title,
  removed: null,
  ...more,
});

/** In the order in which they are taken in: what others name comes first. */
export const tables: Readonly<Record<RecordKind, Table>> = {
  preferences: table('preferences', "'How I teach'"),
  exercise: table(
    'exercises',
    "(select json_extract(r.body, '$.name.plain') from coming.exercise_revisions r where r.revision = c.revision)",
    { body: 'revision', removed: 'removed_at' },
  ),
  protocol: table('protocols', 'c.name'),
  band: table('bands', 'c.name'),
  group: table('"groups"', 'c.name'),
  student: table('students', 'c.name'),
  reading: table('readings', "c.protocol || ', ' || c.date", { removed: 'removed_at' }),
  note: table('ladder_notes', "c.kind || ', ' || c.date", { removed: 'removed_at' }),
  class: table('classes', 'c.title', { body: 'plan', removed: 'deleted_at' }),
  course: table('courses', 'c.title'),
  homework: table('homework', "json_extract(c.body, '$.title')"),
  taught: table('runs', "c.title || ', ' || substr(c.started_at, 1, 10)", { body: 'plan', removed: 'removed_at' }),
};
