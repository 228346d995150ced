import type Database from 'better-sqlite3';
import type { ExportAsked, RecordKind } from '@core/contract';
import {
  type FileHead,
  type FileRecord,
  aboutPeople,
  betweenRecords,
  closeFile,
  openFile,
  recordKinds,
} from '@core/format';
import { Plan, readPlan } from '@core/plan';
import { Run, readRun } from '@core/run';
import { parsed } from '../problem';

const holds: Readonly<Record<ExportAsked['of'], string>> = {
  everything:
    'Everything that Needlework knows. It names people and says what hurts them and what was measured: keep it as you keep a health record.',
  plans:
    'Classes, courses, exercises, taught classes and how this teacher teaches. No field of it names anybody who is taught; a note that you wrote may.',
  class: 'A class and the exercises in it. No field of it names anybody who is taught; a note that you wrote may.',
  exercise: 'An exercise. No field of it names anybody.',
  course:
    'A course, its classes and the exercises in them. No field of it names anybody who is taught; a note that you wrote may.',
  student:
    'All that Needlework knows of one person, with what hurts and what was measured: keep it as you keep a health record.',
  group: 'A group and all that Needlework knows of the people in it: keep it as you keep a health record.',
  taught:
    'A class as it was taught, and the exercises in it. No field of it names anybody who is taught; a note that you wrote may.',
};

/** Whether a file of these says something about people. */
export const namesPeople = ({ of }: ExportAsked): boolean => of === 'everything' || of === 'student' || of === 'group';

const format = Plan.shape.format.value;

interface Row {
  readonly id: string;
  readonly body: string;
  readonly [key: string]: unknown;
}
type Found = Iterable<{ readonly id: string; readonly text: string | null }>;

const text = (record: Record<string, unknown>, key: string, body: string): string =>
  `${JSON.stringify(record).slice(0, -1)},"${key}":${body}}`;
/** What is torn is left where it lies: it would tear the file. */
const whole = (body: string): string | null => (parsed(body) === null ? null : body);

const isToday = (plan: unknown): boolean =>
  typeof plan === 'object' && plan !== null && 'format' in plan && plan.format === format;

/** A plan in today's form: as it was written where that is it already. */
function planText(body: string): string | null {
  const stored = parsed(body);
  if (isToday(stored)) return body;
  const read = readPlan(stored);
  return read.ok ? JSON.stringify(read.value) : null;
}

/** Rows of a database as records of a file. */
class Written {
  private readonly eventsOf: Database.Statement;

  constructor(
    private readonly db: Database.Database,
    private readonly which: ExportAsked,
  ) {
    this.eventsOf = db.prepare(
      'select run_id as runId, device_id as deviceId, seq, at_ms as atMs, event from run_events where run_id = ? order by at_ms, seq',
    );
  }

  *records(kind: RecordKind): Found {
    const { which } = this;
    if (which.of === 'plans' && aboutPeople.has(kind)) return;
    for (const row of this.rows(kind)) yield { id: row.id, text: this.textOf(kind, row) };
  }

  count(kinds: readonly RecordKind[]): number {
    return kinds.reduce((sum, kind) => sum + this.number(kind), 0);
  }

  private number(kind: RecordKind): number {
    const { sql, given } = this.query(kind);
    if (sql === null || (this.which.of === 'plans' && aboutPeople.has(kind))) return 0;
    const found = this.db.prepare(`select count(*) as n from (${sql})`).get(given) as { n: number };
    return found.n;
  }

  private rows(kind: RecordKind): Iterable<Row> {
    const { sql, given } = this.query(kind);
    return sql === null ? [] : (this.db.prepare(sql).iterate(given) as Iterable<Row>);
  }

  /** Everything of a kind, or what belongs to the one thing that is asked for. */
  private query(kind: RecordKind): { readonly sql: string | null; readonly given: { readonly id?: string } } {
    const { which } = this;
    const all = found[kind];
    if (!('id' in which)) return { sql: all.sql, given: {} };
    const only = all.only[which.of];
    return { sql: only === undefined ? null : `${all.sql} where ${only}`, given: { id: which.id } };
  }

  private textOf(kind: RecordKind, row: Row): string | null {
    const { body } = row;
    const saved = row['saved'];
    const takenOut = row['takenOut'] ?? null;
    switch (kind) {
      case 'preferences':
      case 'protocol':
      case 'band':
      case 'group':
        return whole(body) && text({ kind }, kind, body);
      case 'student':
      case 'homework':
        return whole(body) && text({ kind, saved }, kind, body);
      case 'reading':
      case 'note':
        return whole(body) && text({ kind, saved, takenOut }, kind, body);
      case 'class': {
        const plan = planText(body);
        return plan && text({ kind, saved, takenOut }, 'plan', plan);
      }
      case 'course':
        return whole(body) && text({ kind, saved, classes: this.classesOf(row.id) }, kind, body);
      case 'exercise': {
        const current = row['current'] === 1;
        const changed = current && row['original'] !== null && row['original'] !== row['revision'];
        const { revision, origin } = row;
        return whole(body) && text({ kind, revision, current, origin, changed, takenOut }, kind, body);
      }
      case 'taught':
        return this.taughtText(row, takenOut);
    }
  }

  private classesOf(courseId: string): unknown[] {
    const rows = this.db
      .prepare(
        'select key, class_id as classId, made_version as made, version from course_classes join classes on classes.id = class_id where course_id = ? order by key',
      )
      .all(courseId) as { key: string; classId: string; made: number; version: number }[];
    return rows.map(({ key, classId, made, version }) => ({ key, classId, byHand: made !== version }));
  }

  private taughtText(row: Row, takenOut: unknown): string | null {
    const run = this.runText(row);
    const { id, classId, version, startedAt, headcount, note } = row;
    return run && text({ kind: 'taught', id, classId, version, startedAt, headcount, note, takenOut }, 'run', run);
  }

  /** A taught class in today's form: as it was written where that is it already. */
  private runText({ id, body, format }: Row): string | null {
    const events = this.eventsOf.all(id) as { event: string }[];
    const plan = parsed(body);
    if (format === Run.shape.format.value && isToday(plan)) {
      const of = events
        .map(({ event, ...about }) => `${JSON.stringify(about).slice(0, -1)},"event":${event}}`)
        .join(',');
      return whole(`{"format":${format},"plan":${body},"events":[${of}]}`);
    }
    const read = readRun({ format, plan, events: events.map((event) => ({ ...event, event: parsed(event.event) })) });
    return read.ok ? JSON.stringify(read.value) : null;
  }
}

/** Exercises that classes pin: the states that those name. */
const pinned = (classes: string) =>
  `r.revision in (select revision from class_exercises where class_id in (${classes}))`;
const members = 'select student_id from memberships where group_id = $id';
const bodied = (table: string) => `select id, body from ${table}`;
const dated = (table: string) => `select id, body, taken_at as saved, removed_at as takenOut from ${table}`;
const savedRows = (table: string) => `select id, body, updated_at as saved from ${table}`;

/** How the rows of each kind are found: all of them, and those that belong to one thing. */
const found: Readonly<
  Record<RecordKind, { readonly sql: string; readonly only: Partial<Record<ExportAsked['of'], string>> }>
> = {
  preferences: { sql: "select '' as id, body from preferences", only: {} },
  exercise: {
    sql: 'select r.exercise_id as id, r.body, r.revision, r.revision = e.revision as current, e.origin, e.original, e.removed_at as takenOut from exercise_revisions r join exercises e on e.id = r.exercise_id',
    only: {
      exercise: 'r.revision = e.revision and e.id = $id',
      class: pinned('$id'),
      course: pinned('select class_id from course_classes where course_id = $id'),
      taught: 'r.exercise_id in (select exercise_id from run_exercises where run_id = $id)',
      student:
        "r.revision in (select json_extract(i.value, '$.revision') from homework, json_each(body, '$.items') i where student_id = $id)",
      group: `r.revision in (select json_extract(i.value, '$.revision') from homework, json_each(body, '$.items') i where group_id = $id or student_id in (${members}))`,
    },
  },
  protocol: {
    sql: bodied('protocols'),
    only: {
      student: 'id in (select protocol from readings where student_id = $id)',
      group: `id in (select protocol from readings where student_id in (${members}))`,
    },
  },
  band: { sql: bodied('bands'), only: {} },
  group: {
    sql: bodied('"groups"'),
    only: { group: 'id = $id', student: 'id in (select group_id from memberships where student_id = $id)' },
  },
  student: { sql: savedRows('students'), only: { student: 'id = $id', group: `id in (${members})` } },
  reading: { sql: dated('readings'), only: { student: 'student_id = $id', group: `student_id in (${members})` } },
  note: { sql: dated('ladder_notes'), only: { student: 'student_id = $id', group: `student_id in (${members})` } },
  class: {
    sql: 'select id, plan as body, updated_at as saved, deleted_at as takenOut from classes',
    only: { class: 'id = $id', course: 'id in (select class_id from course_classes where course_id = $id)' },
  },
  course: { sql: savedRows('courses'), only: { course: 'id = $id' } },
  homework: {
    sql: savedRows('homework'),
    only: { student: 'student_id = $id', group: `group_id = $id or student_id in (${members})` },
  },
  taught: {
    sql: 'select id, plan as body, class_id as classId, version, started_at as startedAt, headcount, note, format, removed_at as takenOut from runs',
    only: { taught: 'id = $id' },
  },
};

/** All that a database holds, as records; null for what cannot be read. @returns how far it is with each, 0 to 1 */
export function* recordsIn(db: Database.Database): Generator<{ readonly text: string | null; readonly done: number }> {
  const rows = new Written(db, { of: 'everything' });
  const total = Math.max(1, rows.count(recordKinds));
  let read = 0;
  for (const kind of recordKinds) for (const { text } of rows.records(kind)) yield { text, done: read++ / total };
}

/** What became of writing a file. */
export interface WrittenFile {
  readonly records: number;
  /** What could not be read and is not in it. */
  readonly leftOut: number;
}

/**
 * Writes a file out of a database, a piece of text at a time: what was judged when it was written goes out as it was
 * written. The database is read as it stands at one instant.
 * @param file path of the database
 * @param made when, ISO
 * @returns how much went into it
 */
export function* written(
  db: Database.Database,
  which: ExportAsked,
  made: string,
): Generator<{ readonly text: string; readonly done: number }, WrittenFile> {
  const rows = new Written(db, which);
  const head: FileHead = { made, holds: holds[which.of], aboutPeople: namesPeople(which) };
  yield { text: openFile(head), done: 0 };
  let [records, leftOut, pending] = [0, 0, ''];
  const total = rows.count(recordKinds);
  for (const kind of recordKinds)
    for (const { text: record } of rows.records(kind)) {
      if (record === null) leftOut++;
      else {
        pending += betweenRecords(records === 0) + record;
        records++;
      }
      if (pending.length < 500_000) continue;
      yield { text: pending, done: (records + leftOut) / Math.max(1, total) };
      pending = '';
    }
  yield { text: pending + closeFile, done: 1 };
  return { records, leftOut };
}

/** What a record is called in a list. */
export function titleOf(record: FileRecord): string {
  switch (record.kind) {
    case 'preferences':
      return 'How I teach';
    case 'exercise':
      return record.exercise.name.plain;
    case 'protocol':
      return record.protocol.name;
    case 'band':
      return record.band.name;
    case 'group':
      return record.group.name;
    case 'student':
      return record.student.name;
    case 'reading':
      return `${record.reading.protocol}, ${record.reading.date}`;
    case 'note':
      return `${record.note.what.kind}, ${record.note.date}`;
    case 'class':
      return record.plan.title;
    case 'course':
      return record.course.title;
    case 'homework':
      return record.homework.title;
    case 'taught':
      return `${record.run.plan.title}, ${record.startedAt.slice(0, 10)}`;
  }
}
