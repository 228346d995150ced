import * as z from 'zod';
import {
  ExerciseDocument,
  PlanDocument,
  Preferences,
  RunEvents,
  RunRemarks,
  SaveBand,
  SaveCourse,
  SaveGroup,
  SaveHomework,
  SaveProtocol,
  SaveStudent,
  StartRun,
} from '@core/contract';
import { Id } from '@core/id';
import { Reading } from '@core/measure/reading';
import { LadderNote } from '@core/roster/ladder-note';
import { type Plan, RevisionId, classOfItsOwn } from '@core/plan';
import type { Result } from '@core/result';
import { type ReadError, readStored } from '@core/stored';
import { newId } from './new-id';

const shared = {
  format: z.literal(1),
  /** Its own id: sent twice it counts once. */
  id: Id,
};

/** Something that goes to the server and is kept in this browser until the server has it. */
export const Letter = z.discriminatedUnion('kind', [
  z.strictObject({
    ...shared,
    kind: z.literal('class'),
    plan: PlanDocument,
    /** The version it was made on; null for the one that the letter before it makes; `newClass` for a class that is not there yet. */
    basedOn: z.int().nullable(),
  }),
  z.strictObject({ ...shared, kind: z.literal('run-start'), runId: Id, start: StartRun }),
  z.strictObject({ ...shared, kind: z.literal('run-events'), runId: Id, events: RunEvents.shape.events }),
  z.strictObject({ ...shared, kind: z.literal('run-remarks'), runId: Id, remarks: RunRemarks }),
  z.strictObject({ ...shared, kind: z.literal('preferences'), preferences: Preferences }),
  z.strictObject({
    ...shared,
    kind: z.literal('exercise'),
    exercise: ExerciseDocument,
    basedOn: RevisionId.nullable(),
  }),
  z.strictObject({ ...shared, kind: z.literal('student'), ...SaveStudent.shape }),
  z.strictObject({ ...shared, kind: z.literal('group'), ...SaveGroup.shape }),
  z.strictObject({ ...shared, kind: z.literal('band'), ...SaveBand.shape }),
  z.strictObject({ ...shared, kind: z.literal('protocol'), ...SaveProtocol.shape }),
  z.strictObject({ ...shared, kind: z.literal('course'), ...SaveCourse.shape }),
  z.strictObject({ ...shared, kind: z.literal('homework'), ...SaveHomework.shape }),
  z.strictObject({ ...shared, kind: z.literal('reading'), reading: Reading }),
  /** A reading that is taken out, or brought back. */
  z.strictObject({ ...shared, kind: z.literal('reading-out'), readingId: Id, studentId: Id, out: z.boolean() }),
  z.strictObject({ ...shared, kind: z.literal('note'), note: LadderNote }),
  z.strictObject({ ...shared, kind: z.literal('note-out'), noteId: Id, studentId: Id, out: z.boolean() }),
]);
export type Letter = z.infer<typeof Letter>;

/** What a class is based on that is not there yet. */
export const newClass = 0;

/** Makes a class of its own of one state of a class, as it is: "…, my side". */
export const ownClass = (plan: Plan, ending: string): Extract<Letter, { kind: 'class' }> => ({
  kind: 'class',
  format: 1,
  id: newId(),
  plan: classOfItsOwn(plan, ending, newId()),
  basedOn: newClass,
});

/** A class as an earlier application kept its unsaved edits. */
const Draft = z.object({ saveId: Id, basedOn: z.int(), plan: z.unknown() });

/** Before letters carried a number there were only unsaved edits of classes. */
function fromDraft(stored: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const draft = Draft.safeParse(stored);
  if (!draft.success) return stored;
  const { saveId, basedOn, plan } = draft.data;
  return { kind: 'class', id: saveId, basedOn, plan };
}

export const readLetter = (stored: unknown): Result<Letter, ReadError> => readStored(Letter, [fromDraft], stored);

/** Letters to one addressee go in order, one after the other; addressees do not wait for each other. */
export function addresseeOf(letter: Letter): string {
  switch (letter.kind) {
    case 'class':
      return classAddress(letter.plan.id);
    case 'run-start':
    case 'run-events':
    case 'run-remarks':
      return `run:${letter.runId}`;
    case 'preferences':
      return 'preferences';
    case 'exercise':
      return `exercise:${letter.exercise.id}`;
    case 'student':
      return studentAddress(letter.student.id);
    // behind the student, who may not be there yet
    case 'reading':
      return studentAddress(letter.reading.studentId);
    case 'reading-out':
    case 'note-out':
      return studentAddress(letter.studentId);
    case 'note':
      return studentAddress(letter.note.studentId);
    case 'group':
      return groupAddress(letter.group.id);
    case 'band':
      return bandAddress(letter.band.id);
    case 'protocol':
      return protocolAddress(letter.protocol.id);
    case 'course':
      return courseAddress(letter.course.id);
    case 'homework':
      return homeworkAddress(letter.homework.id);
  }
}
export const classAddress = (classId: string): string => `class:${classId}`;
export const bandAddress = (bandId: string): string => `band:${bandId}`;
export const groupAddress = (groupId: string): string => `group:${groupId}`;
export const courseAddress = (courseId: string): string => `course:${courseId}`;
export const homeworkAddress = (homeworkId: string): string => `homework:${homeworkId}`;
export const protocolAddress = (protocolId: string): string => `protocol:${protocolId}`;
export const studentAddress = (studentId: string): string => `student:${studentId}`;

/** Whether a newer letter says all that the older one did. */
export const replaces = (newer: Letter, older: Letter): boolean =>
  newer.kind === older.kind &&
  [
    'class',
    'preferences',
    'exercise',
    'run-remarks',
    'student',
    'group',
    'band',
    'protocol',
    'course',
    'homework',
  ].includes(newer.kind);

/** The letters that go with the first to an addressee in one message: events of a run, up to so many. */
export function together(letters: readonly Letter[]): { readonly sent: Letter; readonly covers: number } | null {
  const [first] = letters;
  if (first?.kind !== 'run-events') return first ? { sent: first, covers: 1 } : null;
  let events = first.events;
  let covers = 1;
  for (const next of letters.slice(1)) {
    if (next.kind !== 'run-events' || events.length + next.events.length > 400) break;
    events = [...events, ...next.events];
    covers += 1;
  }
  return { sent: { ...first, events }, covers };
}

/** An edit behind another one is based on what that one makes; one in its place, on what it was based on. */
export function basedRight(letter: Letter, replaced: Letter | null, behind: boolean): Letter {
  if (letter.kind !== 'class') return letter;
  if (behind) return { ...letter, basedOn: null };
  return replaced?.kind === 'class' ? { ...letter, basedOn: replaced.basedOn } : letter;
}
