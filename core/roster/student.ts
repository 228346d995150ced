import * as z from 'zod';
import { type Caution, Concern } from '../exercise';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import type { Result } from '../result';
import { type ReadError, readStored } from '../stored';

/** Age as a teacher asks for it: growing feet, and the bands of the published figures. */
export const AgeBand = z.enum(['under-12', '12-17', '18-39', '40-49', '50-59', '60-69', '70-79', '80-99']);
export type AgeBand = z.infer<typeof AgeBand>;

export const ageWords: Readonly<Record<AgeBand, string>> = {
  'under-12': 'under 12',
  '12-17': '12 to 17',
  '18-39': '18 to 39',
  '40-49': '40 to 49',
  '50-59': '50 to 59',
  '60-69': '60 to 69',
  '70-79': '70 to 79',
  '80-99': '80 and over',
};
const ages: Readonly<Record<AgeBand, number | null>> = {
  'under-12': null,
  '12-17': null,
  '18-39': 18,
  '40-49': 40,
  '50-59': 50,
  '60-69': 60,
  '70-79': 70,
  '80-99': 80,
};
/** The age from which a band begins, for published figures; null where there are none: feet that grow, or not known. */
export const bandAge = (band: AgeBand | null): number | null => (band === null ? null : ages[band]);
export const isGrowing = (band: AgeBand | null): boolean => band === 'under-12' || band === '12-17';

export const Experience = z.enum(['new', 'months', 'years']);
export type Experience = z.infer<typeof Experience>;
export const experienceWords: Readonly<Record<Experience, string>> = {
  new: 'new to this work',
  months: 'some months',
  years: 'years',
};

/** Something a student has, and what was said about it. */
export const StudentCaution = z.strictObject({
  concern: Concern,
  note: z.string().trim().max(120),
  /** A clinician's word that it may be worked with, and when; null where there is none. */
  cleared: z.strictObject({ date: LocalDate, words: z.string().trim().min(1).max(120) }).nullable(),
});
export type StudentCaution = z.infer<typeof StudentCaution>;

/** That measures may be kept: who said so, and when. For somebody under age a parent says it. */
export const Consent = z.strictObject({ date: LocalDate, by: z.enum(['self', 'parent']) });
export type Consent = z.infer<typeof Consent>;

export const Student = z.strictObject({
  format: z.literal(1),
  id: Id,
  name: z.string().trim().min(1).max(80),
  groupIds: z.array(Id).max(8),
  age: AgeBand.nullable(),
  experience: Experience.nullable(),
  /** What they come for, in their words. */
  aims: z.string().trim().max(200),
  cautions: z.array(StudentCaution).max(16),
  consent: Consent.nullable(),
  /** When they were asked what is asked before the first class. */
  asked: LocalDate.nullable(),
  notes: z.string().max(2000),
  /** Comes no more; what is known of them is kept and they stand in no list. */
  archived: z.boolean(),
});
export type Student = z.infer<typeof Student>;

export const readStudent = (stored: unknown): Result<Student, ReadError> => readStored(Student, [(so) => so], stored);

export const newStudent = (id: string, name: string, groupIds: readonly string[] = []): Student => ({
  format: 1,
  id,
  name,
  groupIds: [...groupIds],
  age: null,
  experience: null,
  aims: '',
  cautions: [],
  consent: null,
  asked: null,
  notes: '',
  archived: false,
});

/** Students who are taught together. */
export const Group = z.strictObject({
  format: z.literal(1),
  id: Id,
  name: z.string().trim().min(1).max(60),
  note: z.string().max(500),
  archived: z.boolean(),
});
export type Group = z.infer<typeof Group>;

export const readGroup = (stored: unknown): Result<Group, ReadError> => readStored(Group, [(so) => so], stored);

/** What concerns a student: what they have, and feet that grow with their age. */
export function concernsOf({ cautions, age }: Pick<Student, 'cautions' | 'age'>): Concern[] {
  const had = cautions.map(({ concern }) => concern);
  return isGrowing(age) && !had.includes('growing-feet') ? [...had, 'growing-feet'] : had;
}

/** What still concerns them: a clinician's word that it may be worked with takes it out of levels, options and reviews. */
export function openConcerns(student: Pick<Student, 'cautions' | 'age'>): Concern[] {
  const cleared = new Set(student.cautions.flatMap((one) => (one.cleared ? [one.concern] : [])));
  return concernsOf(student).filter((concern) => !cleared.has(concern));
}

/** How many come and what they have, as their files say. */
export const roomOf = (
  students: readonly Pick<Student, 'cautions' | 'age'>[],
): { people: number; concerns: Concern[] } => ({
  people: students.length,
  concerns: [...new Set(students.flatMap(openConcerns))],
});

/** Whether a room is told otherwise than by the files of who comes; nobody there, nothing to tell. */
export function roomDiffers(
  students: readonly Pick<Student, 'cautions' | 'age'>[],
  told: { readonly people: number | null; readonly concerns: readonly Concern[] },
): boolean {
  const { people, concerns } = roomOf(students);
  if (people === 0) return false;
  return (
    told.people !== people ||
    told.concerns.length !== concerns.length ||
    told.concerns.some((concern) => !concerns.includes(concern))
  );
}

/** The cautions of an exercise that are about this student. */
export function mindedBy(student: Pick<Student, 'cautions' | 'age'>, cautions: readonly Caution[]): Caution[] {
  const concerns = new Set(openConcerns(student));
  return cautions.filter(({ concern }) => concerns.has(concern));
}

/** Whether a caution keeps somebody from doing it at all. */
export const forbids = ({ action }: Caution): boolean => action === 'leave-out' || action === 'ask-clinician';
