import { type HomeFor, type HomeItem, newHomework, oneSet } from '@core/homework';
import { HomeworkStore } from '../server/homework/store';
import { PlannedClasses } from '../server/load/planned-classes';
import { NoteStore } from '../server/people/notes';
import { join } from 'node:path';
import { mkdirSync, rmSync } from 'node:fs';
import { sql } from 'drizzle-orm';
import { reps } from '@core/dose';
import type { LadderNote } from '@core/roster';
import { heldOf, mondayOf, newCourse, sessionsOf } from '@core/course';
import { catalogue } from '@core/exercise/catalogue';
import { dateOf } from '@core/measure';
import { type Item, type Plan, applyCommand, copyOfPlan, itemsOf } from '@core/plan';
import type { RunEvent } from '@core/run';
import { ClassStore } from '../server/classes/store';
import { CourseStore } from '../server/courses/store';
import { openDatabase } from '../server/database';
import { addDemoClasses } from '../server/demo/saltmarsh';
import { addTaughtWeeks } from '../server/demo/taught';
import { Library } from '../server/exercises/store';
import { NoiseStore } from '../server/people/noise';
import { ReadingStore } from '../server/people/readings';
import { PeopleStore } from '../server/people/store';
import { ProtocolStore } from '../server/protocols/store';
import { RunStore } from '../server/runs/store';
import { addTenYearsOfPeople, tenYearsOfPeople } from './ten-years-people';

/** How much ten years of teaching leave behind. */
export const tenYears = { classes: 5000, runs: 5000, exercises: 2000 } as const;

const day = 86_400_000;

/**
 * Writes ten years of Saltmarsh Hall into a folder, through the same doors as any other save: classes planned and
 * changed, some deleted, most taught, own exercises beside the built-in ones, and the people who came. The same numbers
 * give the same data.
 * @param folder emptied first
 */
export function makeTenYears(folder: string, size: { readonly [K in keyof typeof tenYears]: number } = tenYears): void {
  rmSync(folder, { recursive: true, force: true });
  const file = join(folder, 'needlework.sqlite');
  mkdirSync(folder, { recursive: true });
  const { db, close } = openDatabase(file, join('server', 'migrations'));
  // nobody waits for an answer here
  db.run(sql`pragma synchronous = off`);
  const end = Date.UTC(2026, 10, 26, 9);
  let nowMs = end - 3650 * day;
  const now = () => new Date(nowMs).toISOString();
  let made = 0;
  const nextId = () => `years-${(made++).toString(36)}`;
  const library = new Library(db, now);
  library.addBuiltIns(catalogue);
  const classes = new ClassStore(db, library, now, nextId);
  const runs = new RunStore(db, library, now);

  const own = Math.max(0, size.exercises - catalogue.length);
  for (let i = 0; i < own; i++) {
    const of = catalogue[i % catalogue.length];
    if (!of) break;
    nowMs += (3650 * day) / (own * 20);
    const name = { ...of.name, plain: `${of.name.plain}, version ${Math.floor(i / catalogue.length) + 2}` };
    library.save({ basedOn: null, exercise: { ...of, id: `${of.id}-${i}`.slice(0, 64), name } });
  }
  const mine = library.current().filter(({ origin }) => origin === 'own');

  addDemoClasses({ classes, library }, nextId);
  const models = classes.list({ limit: 200 }).classes.map(({ id }) => classes.read(id).plan);
  addTaughtWeeks({ classes, runs, library }, nextId, nowMs);
  const [taught] = runs.list({ limit: 1 }).runs;
  const events = taught ? runs.read(taught.id).events : [];
  const taughtPlan = taught ? runs.read(taught.id).plan : null;

  const every = (3600 * day) / size.classes;
  for (let i = 0; i < size.classes; i++) {
    nowMs += every;
    const model = models[i % models.length];
    if (!model) break;
    let plan: Plan = { ...copyOfPlan(model, nextId), title: `${model.title} ${i + 1}`, id: nextId() };
    plan = withOwn(plan, i, mine);
    let { version } = classes.create({ saveId: nextId(), plan });
    for (let edit = 0; edit < i % 4; edit++) {
      nowMs += every / 8;
      plan = edited(plan, i + edit);
      ({ version } = classes.save(plan.id, { saveId: nextId(), basedOn: version, plan }));
    }
    if (i % 25 === 24) classes.delete(plan.id);
    if (taughtPlan && i < size.runs) {
      const runId = nextId();
      const startedAt = now();
      // one lesson in ten is of the group that is looked at most, one in ten each of five others
      const groupId = i % 10 === 0 ? tenYearsOfPeople.group.id : i % 10 < 6 ? `years-group-${i % 10}` : null;
      const brief = { ...taughtPlan.brief, groupId };
      runs.start(runId, { classId: plan.id, version, plan: { ...taughtPlan, brief, title: plan.title }, startedAt });
      runs.add(
        runId,
        events.map((event): RunEvent => ({ ...event, runId })),
      );
      runs.remark(runId, { headcount: 5 + (i % 14), note: i % 3 === 0 ? 'Bands took longer than planned.' : '' });
    }
  }
  addCourses(new CourseStore(db, classes, now), models, Math.floor(end / day), nextId);
  const protocols = new ProtocolStore(db);
  const people = new PeopleStore(db, now, () => undefined);
  const readings = new ReadingStore(db, people, protocols, now);
  addTenYearsOfPeople({ people, readings, noise: new NoiseStore(db, readings, protocols) }, Math.floor(end / day));
  const notes = new NoteStore(db, people, now);
  addNotes(notes, people, Math.floor(end / day));
  addHomework(
    new HomeworkStore(db, people, notes, library, new PlannedClasses(db, library), now),
    library,
    Math.floor(end / day),
  );
  close();
}

/** What was seen on three ladders of everybody in the groups that are taught, every fourth week of ten years. */
function addNotes(notes: NoteStore, people: PeopleStore, today: number): void {
  const ladders = ['one-leg-stand', 'two-foot-rise', 'band-turn-out'].flatMap((exerciseId) => {
    const ladder = catalogue.find(({ id }) => id === exerciseId)?.ladder;
    return ladder ? [{ exerciseId, ladder }] : [];
  });
  const groups = [tenYearsOfPeople.group.id, ...Array.from({ length: 5 }, (_, i) => `years-group-${i + 1}`)];
  let made = 0;
  for (const { student } of groups.flatMap((id) => people.members(id))) {
    const own = ladders.flatMap(({ exerciseId, ladder: { rungs, startRung } }) => {
      const value = rungs.find(({ id }) => id === startRung)?.gate?.value ?? null;
      const conditions = { surface: 'floor', footwear: 'bare' } as const;
      return Array.from({ length: 130 }, (_, i): LadderNote => ({
        id: `years-note-${made++}`,
        studentId: student.id,
        exerciseId,
        foot: 'both',
        date: dateOf(today - 3640 + i * 28),
        what:
          i === 0
            ? { kind: 'placed', rungId: startRung, why: 'begins', note: '' }
            : i % 3 === 0
              ? { kind: 'clean', rungId: startRung, value, conditions }
              : { kind: 'present' },
        by: '',
      }));
    });
    notes.addAll(own);
  }
}

/** A sheet a quarter for each of fifty students, and one a month for the group; put away but for the newest. */
function addHomework(homework: HomeworkStore, library: Library, today: number): void {
  const items = ['ankle-circles', 'short-foot', 'two-foot-rise', 'toe-wave'].map((exerciseId): HomeItem => {
    const { exercise, revision } = library.one(exerciseId);
    return {
      id: `home-${exerciseId}`,
      exerciseId,
      revision,
      rungId: exercise.ladder?.startRung ?? null,
      dose: oneSet(exercise.doses.usual),
      sets: [2, 3],
      rhythm: 'every-other-day',
      hidesIn: '',
      note: '',
    };
  });
  const put = (id: string, of: HomeFor, daysAgo: number): void => {
    const sheet = { ...newHomework(id, `At home ${id}`, of, dateOf(today - daysAgo)), items, archived: daysAgo > 60 };
    homework.save(id, { basedOn: null, homework: sheet });
  };
  const group: HomeFor = { kind: 'level', groupId: tenYearsOfPeople.group.id, words: '', concerns: [] };
  for (let i = 0; i < 120; i++) put(`years-home-${i}`, group, i * 30);
  for (let i = 0; i < 2000; i++)
    put(`years-own-${i}`, { kind: 'student', studentId: `years-student-${1 + (i % 50)}` }, Math.floor(i / 50) * 90);
}

/** Eight courses a year; the newest six have their classes, three of them go on. */
function addCourses(courses: CourseStore, models: readonly Plan[], today: number, nextId: () => string): void {
  const [model] = models;
  if (!model) return;
  for (let i = 0; i < 80; i++) {
    const id = `years-course-${i}`;
    const from = mondayOf(dateOf(today - (80 - i) * 45 - (i > 76 ? 0 : 30)));
    const course = {
      ...newCourse(id, `Course ${i + 1}`, from, 'Europe/London'),
      groupId: tenYearsOfPeople.group.id,
      weekly: [2, 4].map((weekday) => ({ weekday, time: '18:00', minutes: 30 })),
      archived: i < 77,
    };
    courses.save(id, { basedOn: null, course });
    if (i < 74) continue;
    const made = heldOf(sessionsOf(course)).map(({ key }) => ({
      key,
      plan: { ...copyOfPlan(model, nextId), id: `${id}-${key}`, title: `${course.title} ${key}` },
    }));
    courses.make(id, { classes: made });
  }
}

/** One exercise of a class in the teacher's own version. */
function withOwn(plan: Plan, i: number, mine: ReturnType<Library['current']>): Plan {
  const items = itemsOf(plan);
  const first = items[i % items.length];
  const versions = mine.filter(({ exercise }) => exercise.id.startsWith(`${first?.exerciseId ?? ''}-`));
  const same = versions[i % Math.max(1, versions.length)];
  if (!first || !same) return plan;
  const item: Item = { ...first, exerciseId: same.exercise.id, revision: same.revision };
  return {
    ...plan,
    blocks: plan.blocks.map((block) => ({
      ...block,
      items: block.items.map((old) => (old.id === first.id ? item : old)),
    })),
  };
}

/** A small change, as one makes the evening before. */
function edited(plan: Plan, n: number): Plan {
  const items = itemsOf(plan).filter(({ dose }) => dose.length === 1 && dose[0]?.kind === 'reps');
  const item = items[n % Math.max(1, items.length)];
  if (!item) return { ...plan, title: `${plan.title}.` };
  const done = applyCommand(plan, {
    type: 'edit-item',
    itemId: item.id,
    change: { dose: [reps(6 + (n % 9))], note: `Change ${n}` },
  });
  return done.ok ? done.value : plan;
}

const to = process.argv.indexOf('--to');
if (to > 0) makeTenYears(process.argv[to + 1] ?? 'data/ten-years');
