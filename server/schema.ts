import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Exercises by their permanent id, pointing at the revision that new items take. */
export const exercises = sqliteTable('exercises', {
  id: text('id').primaryKey(),
  revision: text('revision').notNull(),
  origin: text('origin', { enum: ['built-in', 'own'] }).notNull(),
  /** The revision a built-in exercise came with; another current one means that the teacher changed it. */
  original: text('original'),
  /** ISO instant; null while the exercise is in the library. */
  removedAt: text('removed_at'),
});

/** Immutable, content-addressed; never deleted, since plans and logs pin them. */
export const exerciseRevisions = sqliteTable(
  'exercise_revisions',
  {
    revision: text('revision').primaryKey(),
    exerciseId: text('exercise_id').notNull(),
    body: text('body').notNull(),
    createdAt: text('created_at').notNull(),
  },
  (table) => [index('revisions_by_exercise').on(table.exerciseId)],
);

export const classes = sqliteTable(
  'classes',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    plan: text('plan').notNull(),
    title: text('title').notNull(),
    audience: text('audience').notNull(),
    slotSeconds: integer('slot_seconds').notNull(),
    /** From the timeline at the last save. */
    plannedMs: integer('planned_ms').notNull(),
    itemCount: integer('item_count').notNull(),
    outline: text('outline').notNull(),
    updatedAt: text('updated_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  // with the title, so that a search reads no plans
  (table) => [
    index('classes_in_order').on(table.deletedAt, table.updatedAt, table.id, table.title),
    index('classes_by_deletion').on(table.deletedAt, table.id),
    // what is asked of a class that uses an exercise, without reading past its plan
    index('classes_by_id').on(table.id, table.deletedAt, table.updatedAt),
  ],
);

/** Which exercises a class uses, at which revision; written at each save. */
export const classExercises = sqliteTable(
  'class_exercises',
  {
    classId: text('class_id')
      .notNull()
      .references(() => classes.id),
    exerciseId: text('exercise_id').notNull(),
    revision: text('revision').notNull(),
    items: integer('items').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.classId, table.exerciseId, table.revision] }),
    index('classes_by_exercise').on(table.exerciseId, table.classId, table.revision, table.items),
  ],
);

/** What the teacher prefers everywhere: one row. */
export const preferences = sqliteTable('preferences', {
  id: integer('id').primaryKey(),
  body: text('body').notNull(),
  savedAt: text('saved_at').notNull(),
});

/** Earlier states of a class, and those set aside by a clash. */
export const classRevisions = sqliteTable(
  'class_revisions',
  {
    number: integer('number').primaryKey({ autoIncrement: true }),
    classId: text('class_id')
      .notNull()
      .references(() => classes.id),
    version: integer('version').notNull(),
    kind: text('kind', { enum: ['saved', 'clash'] }).notNull(),
    plan: text('plan').notNull(),
    savedAt: text('saved_at').notNull(),
  },
  (table) => [index('revisions_by_class').on(table.classId, table.number, table.kind, table.savedAt)],
);

/** The answer given to each save, so that the same save sent twice counts once. */
export const saves = sqliteTable(
  'saves',
  {
    saveId: text('save_id').primaryKey(),
    classId: text('class_id').notNull(),
    /** Version the save made; null for a clash. */
    version: integer('version'),
    /** Revision a clash set aside; null for a save that went through. */
    keptRevision: integer('kept_revision'),
    at: text('at').notNull(),
    /** Content address of what was saved; null for saves from before it was noted. */
    content: text('content'),
  },
  (table) => [index('saves_by_time').on(table.at)],
);

/** Classes as they were taught, each with the plan it was taught from. */
export const runs = sqliteTable(
  'runs',
  {
    id: text('id').primaryKey(),
    classId: text('class_id').notNull(),
    version: integer('version').notNull(),
    plan: text('plan').notNull(),
    title: text('title').notNull(),
    plannedMs: integer('planned_ms').notNull(),
    startedAt: text('started_at').notNull(),
    headcount: integer('headcount'),
    note: text('note').notNull(),
    /** Of the plan and the events as they are stored; 0 for those written before runs carried a number. */
    format: integer('format').notNull().default(0),
    /** The group that was taught; null where nobody said. */
    groupId: text('group_id'),
    /** ISO instant; null while the run is in the log. */
    removedAt: text('removed_at'),
  },
  (table) => [
    index('runs_in_order').on(table.removedAt, table.startedAt, table.id, table.title),
    index('runs_by_removal').on(table.removedAt, table.id),
    index('runs_by_id').on(table.id, table.removedAt),
    index('runs_of_group').on(table.groupId, table.removedAt, table.startedAt),
    index('runs_of_class').on(table.classId, table.removedAt),
  ],
);

/** Which exercises a taught class had; written when it begins. */
export const runExercises = sqliteTable(
  'run_exercises',
  {
    runId: text('run_id')
      .notNull()
      .references(() => runs.id),
    exerciseId: text('exercise_id').notNull(),
  },
  (table) => [primaryKey({ columns: [table.runId, table.exerciseId] }), index('runs_by_exercise').on(table.exerciseId)],
);

/** What the looks again of a run showed, by exercise; written with its events. */
export const runAnswers = sqliteTable(
  'run_answers',
  {
    runId: text('run_id')
      .notNull()
      .references(() => runs.id),
    exerciseId: text('exercise_id').notNull(),
    answer: text('answer').notNull(),
    /** Where the exercise stands in the class, from 0. */
    place: integer('place').notNull(),
  },
  (table) => [primaryKey({ columns: [table.runId, table.exerciseId] })],
);

/** What happened in a run; an event sent twice counts once. */
export const runEvents = sqliteTable(
  'run_events',
  {
    runId: text('run_id')
      .notNull()
      .references(() => runs.id),
    deviceId: text('device_id').notNull(),
    seq: integer('seq').notNull(),
    atMs: integer('at_ms').notNull(),
    event: text('event').notNull(),
  },
  (table) => [primaryKey({ columns: [table.runId, table.deviceId, table.seq] })],
);

/** People who come to be taught. Health data lies in the body alone. */
export const students = sqliteTable(
  'students',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    name: text('name').notNull(),
    body: text('body').notNull(),
    archived: integer('archived', { mode: 'boolean' }).notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [index('students_by_name').on(table.archived, table.name)],
);

export const groups = sqliteTable('groups', {
  id: text('id').primaryKey(),
  version: integer('version').notNull(),
  name: text('name').notNull(),
  body: text('body').notNull(),
  archived: integer('archived', { mode: 'boolean' }).notNull(),
});

/** Who belongs to which group; written with each save of a student. */
export const memberships = sqliteTable(
  'memberships',
  {
    groupId: text('group_id').notNull(),
    studentId: text('student_id')
      .notNull()
      .references(() => students.id, { onDelete: 'cascade' }),
  },
  (table) => [primaryKey({ columns: [table.groupId, table.studentId] }), index('groups_of').on(table.studentId)],
);

/** One look at one foot each; never changed. One that was wrong is taken out and can be brought back. */
export const readings = sqliteTable(
  'readings',
  {
    id: text('id').primaryKey(),
    studentId: text('student_id')
      .notNull()
      .references(() => students.id, { onDelete: 'cascade' }),
    protocol: text('protocol').notNull(),
    date: text('date').notNull(),
    body: text('body').notNull(),
    takenAt: text('taken_at').notNull(),
    removedAt: text('removed_at'),
  },
  (table) => [
    index('readings_of_student').on(table.studentId, table.removedAt, table.date),
    index('readings_of_check').on(table.protocol, table.removedAt, table.studentId),
  ],
);

/** What is written down about students on ladders; never changed, like readings. */
export const ladderNotes = sqliteTable(
  'ladder_notes',
  {
    id: text('id').primaryKey(),
    studentId: text('student_id')
      .notNull()
      .references(() => students.id, { onDelete: 'cascade' }),
    date: text('date').notNull(),
    /** What is noted; empty for what cannot be read. */
    kind: text('kind').notNull().default(''),
    body: text('body').notNull(),
    takenAt: text('taken_at').notNull(),
    removedAt: text('removed_at'),
  },
  (table) => [
    index('notes_of_student').on(table.studentId, table.removedAt, table.date, table.takenAt),
    index('notes_of_kind').on(table.studentId, table.kind, table.removedAt),
  ],
);

/** Bands of the cupboard, with what a spring scale said of them. */
export const bands = sqliteTable('bands', {
  id: text('id').primaryKey(),
  version: integer('version').notNull(),
  name: text('name').notNull(),
  body: text('body').notNull(),
});

/** Protocols of the teacher's own. */
export const protocols = sqliteTable('protocols', {
  id: text('id').primaryKey(),
  version: integer('version').notNull(),
  name: text('name').notNull(),
  body: text('body').notNull(),
});

/** Students who were really deleted, by id alone: what still comes in for them is dropped. */
export const deletedStudents = sqliteTable('deleted_students', {
  id: text('id').primaryKey(),
  deletedAt: text('deleted_at').notNull(),
});

/** The noise of each check in this studio, worked out from its readings. */
export const studioNoises = sqliteTable('studio_noises', {
  protocol: text('protocol').primaryKey(),
  /** On the judging scale. */
  noise: real('noise').notNull(),
  /** How many readings there were when it was worked out. */
  readings: integer('readings').notNull(),
});

/** Weeks of classes for a group. */
export const courses = sqliteTable(
  'courses',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    title: text('title').notNull(),
    groupId: text('group_id'),
    archived: integer('archived', { mode: 'boolean' }).notNull(),
    body: text('body').notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [index('courses_in_order').on(table.archived, table.updatedAt)],
);

/** The classes that a course has made, by the date that names each. */
export const courseClasses = sqliteTable(
  'course_classes',
  {
    courseId: text('course_id')
      .notNull()
      .references(() => courses.id),
    key: text('key').notNull(),
    classId: text('class_id').notNull(),
    /** The version that the course made: another current one means that somebody changed it by hand. */
    madeVersion: integer('made_version').notNull(),
  },
  (table) => [primaryKey({ columns: [table.courseId, table.key] }), index('course_of_class').on(table.classId)],
);

/** What a taught class says about the teacher's times, as it was last read; made anew where its events are others. */
export const runSamples = sqliteTable('run_samples', {
  runId: text('run_id')
    .primaryKey()
    .references(() => runs.id),
  /** How many events it was read from. */
  events: integer('events').notNull(),
  sample: text('sample').notNull(),
  /** What was done in it, and what that asked of each foot; null where it was read before that was kept. */
  done: text('done'),
});

/** Sheets of homework. */
export const homework = sqliteTable(
  'homework',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    /** Whose it is; a student's goes with them. */
    studentId: text('student_id'),
    groupId: text('group_id'),
    fromDate: text('from_date').notNull(),
    /** Its last day. */
    toDate: text('to_date').notNull(),
    archived: integer('archived', { mode: 'boolean' }).notNull(),
    body: text('body').notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [
    index('homework_in_order').on(table.archived, table.toDate, table.id),
    index('homework_of_student').on(table.studentId, table.toDate),
    index('homework_by_dates').on(table.archived, table.fromDate, table.toDate),
  ],
);
