import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type Database from 'better-sqlite3';
import { getTableColumns, getTableName } from 'drizzle-orm';
import type { FileFault } from '@core/contract';
import type { Exercise } from '@core/exercise';
import { type FileRecord, type RecordOf, kindNames, recordId } from '@core/format';
import { daysOf } from '@core/homework';
import { protocolFor } from '@core/measure';
import { type Plan, allItemsOf, itemsOf, revisionsOf } from '@core/plan';
import { answersIn, revisionsTaught } from '@core/run';
import { tooMuch } from '@core/timeline';
import { exercisesIn } from '../classes/note-exercises';
import { addressOf, canonicalJson } from '../content';
import { type OpenDatabase, openDatabase } from '../database';
import * as schema from '../schema';
import { needed } from './entries';
import { notTimedYet } from '../timed-later';

/** Puts rows into a table by one prepared statement: through the query builder a hundred thousand cost twelve seconds. */
function putInto(sqlite: Database.Database, table: SQLiteTable): (row: object) => void {
  const columns = Object.entries(getTableColumns(table));
  const names = columns.map(([, { name }]) => `"${name}"`).join(', ');
  const statement = sqlite.prepare(
    `insert into "${getTableName(table)}" (${names}) values (${columns.map(() => '?').join(', ')})`,
  );
  return (row) => {
    const values = row as Record<string, unknown>;
    statement.run(columns.map(([key]) => stored(values[key])));
  };
}

/** As SQLite keeps it. */
const stored = (value: unknown): unknown => (typeof value === 'boolean' ? Number(value) : (value ?? null));

/** What lies here already, as far as a file leans on it. */
export interface LeansOn {
  revision(id: string): Exercise | null;
  student(id: string): boolean;
  /** Somebody who was deleted for good: what a file says of them is dropped. */
  deleted(studentId: string): boolean;
  protocol(id: string): boolean;
}

/**
 * A database beside the teacher's own, made out of what a file holds: it is judged and compared there, and nothing has
 * been changed until it is taken in. No times are worked out yet.
 */
export class Beside {
  private readonly open: OpenDatabase;
  private readonly sqlite: Database.Database;
  private readonly puts = new Map<SQLiteTable, (row: object) => void>();
  private readonly exercises = new Map<string, Exercise>();
  /** Ids of exercises that stand in the library of the file. */
  private readonly current = new Set<string>();
  private readonly seen = new Map<string, number | null>();
  private readonly students = new Set<string>();
  private readonly protocols = new Set<string>();
  /** What is named before it is known: whether it was in the file is clear at its end. */
  private readonly later: { readonly known: () => boolean; readonly fault: FileFault }[] = [];
  readonly faults: FileFault[] = [];
  dropped = 0;

  constructor(
    file: string,
    migrations: string,
    private readonly here: LeansOn,
  ) {
    this.open = openDatabase(file, migrations);
    this.sqlite = this.open.sqlite;
    // nothing in it is anybody's yet: where the machine stops, it is read again
    this.sqlite.pragma('foreign_keys = OFF');
    this.sqlite.pragma('synchronous = OFF');
    this.sqlite.pragma('journal_mode = OFF');
    this.sqlite.pragma('cache_size = -100000');
    // what is found by them is found in the teacher's own
    for (const name of this.sqlite
      .prepare("select name from sqlite_master where type = 'index' and sql is not null")
      .pluck()
      .all())
      this.sqlite.exec(`drop index "${String(name)}"`);
    this.sqlite.exec('begin');
  }

  /** Takes a record that fits its form. @param raw the same as it stands in the file */
  add(record: FileRecord, raw: unknown, line: number | null, title: string): void {
    const fault = (field: string, words: string): FileFault => ({
      line,
      what: `${kindNames[record.kind][0]} “${title}”`,
      field,
      words,
    });
    if (!this.once(record, line, fault)) return;
    switch (record.kind) {
      case 'preferences':
        return this.put(schema.preferences, { id: 1, body: JSON.stringify(record.preferences), savedAt: '' });
      case 'protocol': {
        const { protocol } = record;
        this.protocols.add(protocol.id);
        return this.put(schema.protocols, versioned(protocol, protocol.name));
      }
      case 'band':
        return this.put(schema.bands, versioned(record.band, record.band.name));
      case 'group': {
        const { group } = record;
        return this.put(schema.groups, { ...versioned(group, group.name), archived: group.archived });
      }
      case 'exercise':
        return this.addExercise(record, raw, fault);
      case 'student':
        return this.addStudent(record);
      case 'reading':
      case 'note':
        return this.addOfStudent(record, fault);
      case 'class':
        return this.addClass(record, fault);
      case 'course':
        return this.addCourse(record);
      case 'homework':
        return this.addHomework(record, fault);
      case 'taught':
        return this.addTaught(record, fault);
    }
  }

  /** Judges what could be judged only at the end, and closes. The database is whole where there is no fault. */
  finish(): void {
    for (const { known, fault } of this.later) if (!known()) this.faults.push(fault);
    this.addNeeded();
    this.sqlite.exec('commit');
    this.open.close();
  }

  /** Closes, and keeps nothing of it. */
  giveUp(): void {
    this.sqlite.exec('rollback');
    this.open.close();
  }

  private once(record: FileRecord, line: number | null, fault: (field: string, words: string) => FileFault): boolean {
    const key = keyOf(record);
    const before = this.seen.get(key);
    this.seen.set(key, line);
    if (before === undefined) return true;
    this.faults.push(
      fault('', before === null ? 'stands in this file twice.' : `stands in this file twice, first on line ${before}.`),
    );
    return false;
  }

  private put<T extends SQLiteTable>(table: T, row: T['$inferInsert']): void {
    const put = this.puts.get(table) ?? putInto(this.sqlite, table);
    this.puts.set(table, put);
    put(row);
  }

  private addExercise(
    { revision, current, origin, changed, takenOut, exercise }: RecordOf<'exercise'>,
    raw: unknown,
    fault: (field: string, words: string) => FileFault,
  ): void {
    const text = canonicalJson((raw as { readonly exercise: unknown }).exercise);
    if (addressOf(text) !== revision) {
      this.faults.push(
        fault(
          'revision',
          'is not the one of what stands in this exercise: it was changed by hand. Give it no revision of another.',
        ),
      );
      return;
    }
    this.exercises.set(revision, exercise);
    this.put(schema.exerciseRevisions, {
      revision,
      exerciseId: exercise.id,
      body: text,
      createdAt: '',
    });
    if (!current) return;
    this.current.add(exercise.id);
    const original = origin === 'own' ? null : changed ? '' : revision;
    this.put(schema.exercises, { id: exercise.id, revision, origin, original, removedAt: takenOut });
  }

  /** Exercises of which there are only earlier states, which classes pin: they come along where they are not here. */
  private addNeeded(): void {
    for (const [revision, { id }] of this.exercises) {
      if (this.current.has(id)) continue;
      this.current.add(id);
      this.put(schema.exercises, { id, revision, origin: 'own', original: needed, removedAt: null });
    }
  }

  private addStudent({ student, saved }: RecordOf<'student'>): void {
    if (this.here.deleted(student.id)) {
      this.dropped++;
      return;
    }
    this.students.add(student.id);
    const { archived, name } = student;
    this.put(schema.students, { ...versioned(student, name), archived, updatedAt: saved });
    for (const groupId of new Set(student.groupIds)) this.put(schema.memberships, { groupId, studentId: student.id });
  }

  private addOfStudent(
    record: RecordOf<'reading'> | RecordOf<'note'>,
    fault: (field: string, words: string) => FileFault,
  ): void {
    const of = record.kind === 'reading' ? record.reading : record.note;
    if (this.here.deleted(of.studentId)) {
      this.dropped++;
      return;
    }
    this.needsStudent(of.studentId, () =>
      fault(`${record.kind}.studentId`, 'is of somebody who is neither in this file nor here.'),
    );
    const row = {
      id: of.id,
      studentId: of.studentId,
      date: of.date,
      body: JSON.stringify(of),
      takenAt: record.saved,
      removedAt: record.takenOut,
    };
    if (record.kind === 'note') return this.put(schema.ladderNotes, { ...row, kind: record.note.what.kind });
    const { protocol } = record.reading;
    this.needs(
      () => this.protocols.has(protocol) || this.here.protocol(protocol) || protocolFor(protocol, []) !== null,
      () => fault('reading.protocol', `is a check that is neither in this file nor here: ${protocol}.`),
    );
    this.put(schema.readings, { ...row, protocol });
  }

  /** What is known now is not asked again, and nothing of it is held: a file names people and exercises first. */
  private needs(known: () => boolean, fault: () => FileFault): void {
    if (!known()) this.later.push({ known, fault: fault() });
  }

  private needsStudent(id: string, fault: () => FileFault): void {
    this.needs(() => this.students.has(id) || this.here.student(id), fault);
  }

  private needsRevisions(revisions: readonly string[], fault: () => FileFault): void {
    for (const revision of revisions)
      this.needs(
        () => this.find(revision) !== null,
        () => {
          const found = fault();
          return { ...found, words: `${found.words} (${revision})` };
        },
      );
  }

  /** A class is measured once all its exercises are known. */
  private needsRoom(plan: Plan, revisions: readonly string[], fault: () => FileFault): void {
    const known = () => tooMuch(plan, this.find) === null;
    if (revisions.every((revision) => this.find(revision) !== null)) this.needs(known, fault);
    else this.later.push({ known, fault: fault() });
  }

  private readonly find = (revision: string): Exercise | null =>
    this.exercises.get(revision) ?? this.here.revision(revision);

  private addClass(
    { plan, saved, takenOut }: RecordOf<'class'>,
    fault: (field: string, words: string) => FileFault,
  ): void {
    const revisions = revisionsOf(plan);
    this.needsRevisions(revisions, () =>
      fault('plan.blocks', 'has an exercise that is neither in this file nor here.'),
    );
    this.needsRoom(plan, revisions, () => fault('plan', 'is more than a class: fewer rounds, or two classes.'));
    const { id, title, brief, slotSeconds } = plan;
    this.put(schema.classes, {
      id,
      version: 1,
      plan: JSON.stringify(plan),
      title,
      audience: brief.audience,
      slotSeconds,
      ...notTimedYet,
      itemCount: allItemsOf(plan).length,
      updatedAt: saved,
      deletedAt: takenOut,
    });
    for (const row of exercisesIn(plan)) this.put(schema.classExercises, row);
  }

  private addCourse({ course, saved, classes }: RecordOf<'course'>): void {
    const { title, groupId, archived, id } = course;
    this.put(schema.courses, {
      id,
      version: 1,
      title,
      groupId,
      archived,
      body: JSON.stringify(course),
      updatedAt: saved,
    });
    for (const { key, classId, byHand } of classes)
      this.put(schema.courseClasses, { courseId: id, key, classId, madeVersion: byHand ? 0 : 1 });
  }

  private addHomework(
    { homework, saved }: RecordOf<'homework'>,
    fault: (field: string, words: string) => FileFault,
  ): void {
    const { for: of, id, from, archived } = homework;
    if (of.kind === 'student') {
      if (this.here.deleted(of.studentId)) {
        this.dropped++;
        return;
      }
      this.needsStudent(of.studentId, () =>
        fault('homework.for.studentId', 'is for somebody who is neither in this file nor here.'),
      );
    }
    this.needsRevisions(
      homework.items.map(({ revision }) => revision),
      () => fault('homework.items', 'has an exercise that is neither in this file nor here.'),
    );
    this.put(schema.homework, {
      id,
      version: 1,
      studentId: of.kind === 'student' ? of.studentId : null,
      groupId: of.kind === 'level' ? of.groupId : null,
      fromDate: from,
      toDate: daysOf(homework).at(-1) ?? from,
      archived,
      body: JSON.stringify(homework),
      updatedAt: saved,
    });
  }

  private addTaught(record: RecordOf<'taught'>, fault: (field: string, words: string) => FileFault): void {
    const { id, classId, version, startedAt, headcount, note, takenOut, run } = record;
    const { plan, events } = run;
    const stranger = events.find((event) => event.runId !== id);
    if (stranger) {
      this.faults.push(fault('run.events', 'has an event of another class.'));
      return;
    }
    const taught = revisionsTaught(plan, events);
    this.needsRevisions(taught, () => fault('run.plan', 'has an exercise that is neither in this file nor here.'));
    this.needsRoom(plan, taught, () => fault('run.plan', 'is more than a class.'));
    this.put(schema.runs, {
      id,
      classId,
      version,
      plan: JSON.stringify(plan),
      title: plan.title,
      plannedMs: notTimedYet.plannedMs,
      startedAt,
      headcount,
      note,
      format: run.format,
      groupId: plan.brief.groupId,
      removedAt: takenOut,
    });
    const put = new Set(itemsOf(plan).map(({ exerciseId }) => exerciseId));
    for (const revision of taught) {
      const found = this.find(revision);
      if (found) put.add(found.id);
    }
    for (const exerciseId of put) this.put(schema.runExercises, { runId: id, exerciseId });
    for (const answer of answersIn(plan, events)) this.put(schema.runAnswers, { runId: id, ...answer });
    for (const { deviceId, seq, atMs, event } of events)
      this.put(schema.runEvents, { runId: id, deviceId, seq, atMs, event: JSON.stringify(event) });
  }
}

const versioned = (document: { readonly id: string }, name: string) => ({
  id: document.id,
  version: 1,
  name,
  body: JSON.stringify(document),
});

/** A record is one of its kind by its id; an exercise by its revision, since older ones lie beside it. */
const keyOf = (record: FileRecord): string =>
  `${record.kind} ${record.kind === 'exercise' ? record.revision : recordId(record)}`;
