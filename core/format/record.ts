import * as z from 'zod';
import { document } from '../contract/document';
import type { RecordKind } from '../contract/exchange';
import { Preferences } from '../contract/preferences';
import { Course, readCourse } from '../course/course';
import { Band, readBand } from '../device/band';
import { Exercise, readExercise } from '../exercise';
import { Homework, readHomework } from '../homework/homework';
import { Id } from '../id';
import { issuePath, issueWords } from '../issue-words';
import { LocalDate } from '../measure/day';
import { OwnProtocol, readOwnProtocol } from '../measure/own-protocol';
import { Reading } from '../measure/reading';
import { Plan, RevisionId, readPlan } from '../plan';
import { type Result, ok, refuse } from '../result';
import { LadderNote } from '../roster/ladder-note';
import { Group, Student, readGroup, readStudent } from '../roster/student';
import { Run, readRun } from '../run/read-run';
import type { ReadError } from '../stored';

const at = z.iso.datetime();
/** When it was deleted or taken out; null for what is there. */
const takenOut = at.nullable();

type Read<T> = (stored: unknown) => Result<T, ReadError>;

/** What a file can hold, one record each. @param of a document that carries its own format number */
const kinds = (of: <T>(schema: z.ZodType<T>, read: Read<T>) => z.ZodType<T>) =>
  [
    z.strictObject({ kind: z.literal('preferences'), preferences: Preferences }),
    z.strictObject({
      kind: z.literal('exercise'),
      /** Content address of this state of the exercise; classes name it. */
      revision: RevisionId,
      /** Whether new classes take this one; earlier states lie beside it, since classes pin them. */
      current: z.boolean(),
      /** Came with Needlework, or is the teacher's own. */
      origin: z.enum(['built-in', 'own']),
      /** The teacher's change of one that came with Needlework. */
      changed: z.boolean(),
      takenOut,
      exercise: of(Exercise, readExercise),
    }),
    z.strictObject({ kind: z.literal('protocol'), protocol: of(OwnProtocol, readOwnProtocol) }),
    z.strictObject({ kind: z.literal('band'), band: of(Band, readBand) }),
    z.strictObject({ kind: z.literal('group'), group: of(Group, readGroup) }),
    z.strictObject({ kind: z.literal('student'), saved: at, student: of(Student, readStudent) }),
    z.strictObject({ kind: z.literal('reading'), saved: at, takenOut, reading: Reading }),
    z.strictObject({ kind: z.literal('note'), saved: at, takenOut, note: LadderNote }),
    z.strictObject({ kind: z.literal('class'), saved: at, takenOut, plan: of(Plan, readPlan) }),
    z.strictObject({
      kind: z.literal('course'),
      saved: at,
      course: of(Course, readCourse),
      /** The classes that it made, by the date that names each. */
      classes: z.array(z.strictObject({ key: LocalDate, classId: Id, byHand: z.boolean() })).max(400),
    }),
    z.strictObject({ kind: z.literal('homework'), saved: at, homework: of(Homework, readHomework) }),
    z.strictObject({
      kind: z.literal('taught'),
      id: Id,
      classId: Id,
      /** Which state of the class was taught. */
      version: z.int().min(1),
      startedAt: at,
      headcount: z.int().min(0).max(500).nullable(),
      note: z.string().max(2000),
      takenOut,
      run: of(Run, readRun),
    }),
  ] as const;

/** A record as it is published: in the format of today. */
export const FileRecord = z.discriminatedUnion(
  'kind',
  kinds((schema) => schema),
);
export type FileRecord = z.infer<typeof FileRecord>;
export type RecordOf<K extends RecordKind> = Extract<FileRecord, { readonly kind: K }>;

/** A record as it may come in: each document by its own format number, so that older ones are brought up. */
const ComingRecord = z.discriminatedUnion(
  'kind',
  kinds((_schema, read) => document(read)),
);

/** In the order in which a file has them: what others name comes before them. */
export const recordKinds: readonly RecordKind[] = FileRecord.options.map(({ shape }) => shape.kind.value);

/** What is at fault in a record: the field as a path, and why. */
export interface RecordFault {
  readonly path: readonly (string | number)[];
  readonly field: string;
  readonly words: string;
}

/** Reads a record of any format that is known here. */
export function readRecord(value: unknown): Result<FileRecord, RecordFault> {
  const read = ComingRecord.safeParse(value);
  if (read.success) return ok(read.data);
  const [issue] = read.error.issues;
  if (!issue) return refuse({ path: [], field: '', words: 'is not valid.' });
  const path = issue.path.map((key) => (typeof key === 'number' ? key : String(key)));
  const field = issuePath(issue);
  if (field === 'kind') return refuse({ path, field, words: `must be one of: ${recordKinds.join(', ')}.` });
  return refuse({ path, field, words: issueWords(issue) });
}

/** What a record is in a list: its kind and its own id. One of a kind that stands once has no id. */
export function recordId(record: FileRecord): string {
  switch (record.kind) {
    case 'preferences':
      return '';
    case 'exercise':
      return record.exercise.id;
    case 'protocol':
      return record.protocol.id;
    case 'band':
      return record.band.id;
    case 'group':
      return record.group.id;
    case 'student':
      return record.student.id;
    case 'reading':
      return record.reading.id;
    case 'note':
      return record.note.id;
    case 'class':
      return record.plan.id;
    case 'course':
      return record.course.id;
    case 'homework':
      return record.homework.id;
    case 'taught':
      return record.id;
  }
}

/** Kinds that say something about people who are taught: a file with one of them says so at its head. */
export const aboutPeople: ReadonlySet<RecordKind> = new Set(['group', 'student', 'reading', 'note', 'homework']);
