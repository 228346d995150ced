import Database from 'better-sqlite3';
import type { RecordKind, TakeIn } from '@core/contract';
import { recordKinds } from '@core/format';
import { notTimedYet } from '../timed-later';
import { tables } from './entries';

/** How many of each kind were taken. */
export type Taken = Partial<Record<RecordKind, number>>;

const keyOf = "kind || ' ' || id";
const list = (values: readonly string[]): string => JSON.stringify(values);
const inList = 'in (select value from json_each(?))';

/**
 * Takes in what was chosen of a database beside the teacher's own, all of it or nothing: one transaction. Of a class that
 * is changed the state before stays among its earlier ones.
 * @param here path of the teacher's own, which nobody else may have open
 * @param at when, ISO
 * @param tell how far it is, 0 to 1
 */
export function takeIn(
  beside: string,
  here: string,
  choice: TakeIn,
  at: string,
  tell: (done: number) => void = () => undefined,
): Taken {
  const db = new Database(here, { timeout: 4000 });
  try {
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    db.pragma('secure_delete = ON');
    db.prepare('attach ? as coming').run(beside);
    const taken = db.transaction((): Taken => {
      mark(db, choice);
      const steps = [takeExercises, takeDocuments, takeOfStudents, takeClasses, takeCourses, takeTaught];
      steps.forEach((step, i) => {
        step(db, at);
        tell((i + 1) / steps.length);
      });
      leaveWithTheirPeople(db);
      const wrong = db.pragma('main.foreign_key_check') as unknown[];
      if (wrong.length > 0) throw new Error('What was taken in does not hold together.');
      return countTaken(db);
    });
    return taken.immediate();
  } finally {
    db.close();
  }
}

/** Marks what is taken. */
function mark(db: Database.Database, { kinds, only, over }: TakeIn): void {
  db.exec('update coming.entries set take = 0');
  const ofKind = db.prepare(
    `update coming.entries set take = 1 where kind = ? and state = 'new' ${only === null ? '' : `and ${keyOf} ${inList}`}`,
  );
  const others = db.prepare(
    `update coming.entries set take = 1 where kind = ? and state in ('differs', 'out') ${over === 'all' ? '' : `and ${keyOf} ${inList}`}`,
  );
  for (const kind of kinds ?? recordKinds) {
    ofKind.run(kind, ...(only === null ? [] : [list(only)]));
    if (over !== 'none') others.run(kind, ...(over === 'all' ? [] : [list(over)]));
  }
}

/** Ids of a kind that are taken, as SQL. */
const takenOf = (kind: RecordKind, state?: 'new' | 'changed'): string =>
  `(select id from coming.entries where kind = '${kind}' and take = 1${
    state === undefined ? '' : state === 'new' ? " and state = 'new'" : " and state <> 'new'"
  })`;

function takeExercises(db: Database.Database, at: string): void {
  db.prepare(
    'insert or ignore into main.exercise_revisions (revision, exercise_id, body, created_at) select revision, exercise_id, body, ? from coming.exercise_revisions',
  ).run(at);
  const columns = 'id, revision, origin, original, removed_at';
  db.exec(
    `insert or ignore into main.exercises (${columns}) select id, revision, origin, null, removed_at from coming.exercises where id in ${takenOf('exercise', 'new')}`,
  );
  db.exec(
    `update main.exercises set removed_at = null, revision = (select c.revision from coming.exercises c where c.id = exercises.id) where id in ${takenOf('exercise', 'changed')}`,
  );
  // what a class needs comes with it, out of the library as long as nobody asked for it there
  db.prepare(
    `insert or ignore into main.exercises (${columns}) select id, revision, origin, null, ? from coming.exercises where id in (
      select exercise_id from coming.class_exercises where class_id in ${takenOf('class')}
      union select exercise_id from coming.run_exercises where run_id in ${takenOf('taught')}
      union select r.exercise_id from coming.homework h, json_each(h.body, '$.items') i join coming.exercise_revisions r on r.revision = json_extract(i.value, '$.revision') where h.id in ${takenOf('homework')})`,
  ).run(at);
}

/** Documents that stand for themselves, each with its columns beside the body. */
function takeDocuments(db: Database.Database, at: string): void {
  const documents: readonly (readonly [RecordKind, readonly string[]])[] = [
    ['protocol', ['name']],
    ['band', ['name']],
    ['group', ['name', 'archived']],
    ['student', ['name', 'archived', 'updated_at']],
    ['homework', ['student_id', 'group_id', 'from_date', 'to_date', 'archived', 'updated_at']],
  ];
  for (const [kind, columns] of documents) {
    const { name } = tables[kind];
    const all = ['body', ...columns];
    // somebody who is left out takes their homework along
    const known = kind === 'homework' ? 'and (student_id is null or student_id in (select id from main.students))' : '';
    db.exec(
      `insert into main.${name} (id, version, ${all.join(', ')}) select id, 1, ${all.join(', ')} from coming.${name} where id in ${takenOf(kind, 'new')} ${known}`,
    );
    db.exec(
      `update main.${name} set version = version + 1, (${all.join(', ')}) = (select ${all.map((c) => `c.${c}`).join(', ')} from coming.${name} c where c.id = ${name}.id) where id in ${takenOf(kind, 'changed')}`,
    );
  }
  db.exec(`delete from main.memberships where student_id in ${takenOf('student', 'changed')}`);
  db.exec(
    `insert or ignore into main.memberships (group_id, student_id) select group_id, student_id from coming.memberships where student_id in ${takenOf('student')}`,
  );
  db.prepare(
    `insert into main.preferences (id, body, saved_at) select id, body, ? from coming.preferences where id in ${takenOf('preferences')} on conflict (id) do update set body = excluded.body, saved_at = excluded.saved_at`,
  ).run(at);
}

/** What was measured and noted: never changed, and of nobody who is not here. */
function takeOfStudents(db: Database.Database): void {
  const columns = { reading: 'protocol, date, body', note: 'date, kind, body' } as const;
  for (const kind of ['reading', 'note'] as const) {
    const { name } = tables[kind];
    const all = `id, student_id, ${columns[kind]}, taken_at, removed_at`;
    db.exec(
      `insert into main.${name} (${all}) select ${all} from coming.${name} where id in ${takenOf(kind, 'new')} and student_id in (select id from main.students)`,
    );
    db.exec(`update main.${name} set removed_at = null where id in ${takenOf(kind, 'changed')}`);
  }
  db.exec('delete from main.studio_noises');
}

function takeClasses(db: Database.Database, at: string): void {
  const columns = 'plan, title, audience, slot_seconds, item_count';
  const { plannedMs, outline } = notTimedYet;
  const times = `${plannedMs}, '${outline}'`;
  db.exec(
    `insert into main.classes (id, version, ${columns}, planned_ms, outline, updated_at, deleted_at) select id, 1, ${columns}, ${times}, updated_at, deleted_at from coming.classes where id in ${takenOf('class', 'new')}`,
  );
  db.prepare(
    `update main.classes set version = version + 1, deleted_at = null, updated_at = ?, planned_ms = ${plannedMs}, outline = '${outline}', (${columns}) = (select ${columns} from coming.classes c where c.id = classes.id) where id in ${takenOf('class', 'changed')}`,
  ).run(at);
  const taken = takenOf('class');
  db.exec(`delete from main.class_exercises where class_id in ${taken}`);
  db.exec(
    `insert into main.class_exercises (class_id, exercise_id, revision, items) select class_id, exercise_id, revision, items from coming.class_exercises where class_id in ${taken}`,
  );
  db.exec(
    `insert into main.class_revisions (class_id, version, kind, plan, saved_at) select id, version, 'saved', plan, updated_at from main.classes where id in ${taken}`,
  );
}

function takeCourses(db: Database.Database, at: string): void {
  const columns = 'title, group_id, archived, body';
  db.exec(
    `insert into main.courses (id, version, ${columns}, updated_at) select id, 1, ${columns}, updated_at from coming.courses where id in ${takenOf('course', 'new')}`,
  );
  db.prepare(
    `update main.courses set version = version + 1, updated_at = ?, (${columns}) = (select ${columns} from coming.courses c where c.id = courses.id) where id in ${takenOf('course', 'changed')}`,
  ).run(at);
  // a class that the course made is still one that it made, whatever number its state has here
  db.exec(
    `insert or ignore into main.course_classes (course_id, key, class_id, made_version)
     select c.course_id, c.key, c.class_id, case when c.made_version <> coalesce(f.version, c.made_version) then k.version - 1 else k.version end
     from coming.course_classes c join main.classes k on k.id = c.class_id left join coming.classes f on f.id = c.class_id
     where c.course_id in (select id from main.courses) and (c.course_id in ${takenOf('course')} or c.class_id in ${takenOf('class')})`,
  );
}

function takeTaught(db: Database.Database): void {
  const columns =
    'id, class_id, version, plan, title, planned_ms, started_at, headcount, note, format, group_id, removed_at';
  db.exec(
    `insert into main.runs (${columns}) select ${columns} from coming.runs where id in ${takenOf('taught', 'new')}`,
  );
  db.exec(
    `update main.runs set removed_at = null, (headcount, note) = (select headcount, note from coming.runs c where c.id = runs.id) where id in ${takenOf('taught', 'changed')}`,
  );
  const taken = takenOf('taught');
  for (const [name, of] of [
    ['run_exercises', 'run_id, exercise_id'],
    ['run_answers', 'run_id, exercise_id, answer, place'],
    ['run_events', 'run_id, device_id, seq, at_ms, event'],
  ] as const)
    db.exec(`insert or ignore into main.${name} (${of}) select ${of} from coming.${name} where run_id in ${taken}`);
  db.exec(`delete from main.run_samples where run_id in ${taken}`);
}

/** What is of somebody who was left out stays out with them, and does not count as taken. */
function leaveWithTheirPeople(db: Database.Database): void {
  for (const kind of ['reading', 'note', 'homework'] as const)
    db.prepare(
      `update coming.entries set take = 0 where kind = ? and take = 1 and id not in (select id from main.${tables[kind].name})`,
    ).run(kind);
}

function countTaken(db: Database.Database): Taken {
  const rows = db.prepare('select kind, count(*) as n from coming.entries where take = 1 group by kind').all() as {
    kind: RecordKind;
    n: number;
  }[];
  return Object.fromEntries(rows.map(({ kind, n }) => [kind, n]));
}
