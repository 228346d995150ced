import * as z from 'zod';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import { HelpAnswer } from '../measure/helped';
import { Side } from '../plan';
import { Foot, Reading } from '../measure/reading';
import { Verdict } from '../measure/verdict';
import { LadderNote } from '../roster/ladder-note';
import { Group, Student, readGroup, readStudent } from '../roster/student';
import { document } from './document';

export const StudentDocument = document(readStudent);
export const GroupDocument = document(readGroup);

/** A save names the version it was made on; null for somebody new. */
export const SaveStudent = z.strictObject({ basedOn: z.int().min(1).nullable(), student: StudentDocument });
export type SaveStudent = z.infer<typeof SaveStudent>;
export const SaveGroup = z.strictObject({ basedOn: z.int().min(1).nullable(), group: GroupDocument });
export type SaveGroup = z.infer<typeof SaveGroup>;
export const PersonSaved = z.strictObject({ version: z.int().min(1) });
export type PersonSaved = z.infer<typeof PersonSaved>;

export const StudentRead = z.strictObject({ student: Student, version: z.int().min(1), updatedAt: z.iso.datetime() });
export type StudentRead = z.infer<typeof StudentRead>;
export const GroupRead = z.strictObject({ group: Group, version: z.int().min(1) });
export type GroupRead = z.infer<typeof GroupRead>;

/** Everybody and every group; those who come no more only where they are asked for. */
export const People = z.strictObject({ groups: z.array(GroupRead), students: z.array(StudentRead) });
export type People = z.infer<typeof People>;

/** The noise of checks in this studio, where there are readings enough; on the judging scale. */
export const StudioNoise = z.record(z.string(), z.number().positive());
export type StudioNoise = z.infer<typeof StudioNoise>;

/** A copy of the database that may still hold somebody who was deleted; until when, where it goes by itself. */
export const KeptCopy = z.strictObject({
  name: z.string(),
  madeAt: z.iso.datetime(),
  until: z.iso.date().nullable().default(null),
});
export type KeptCopy = z.infer<typeof KeptCopy>;

/** A student with all that was measured. */
export const StudentPage = z.strictObject({
  ...StudentRead.shape,
  readings: z.array(Reading),
  /** Readings that were taken out; each can be brought back. */
  takenOut: z.array(Reading),
  notes: z.array(LadderNote),
  noise: StudioNoise,
  copies: z.array(KeptCopy),
});
export type StudentPage = z.infer<typeof StudentPage>;

/** Where one foot of one student stands in one check, as judged. */
export const StandingRow = z.strictObject({
  studentId: Id,
  protocol: z.string(),
  foot: Foot,
  series: z.string(),
  /** Dates with a reading. */
  dates: z.int(),
  date: LocalDate,
  /** Date from which to look again; null for the next class. */
  again: LocalDate.nullable(),
  value: z.union([z.number(), z.string()]),
  verdict: Verdict,
  words: z.string(),
});
export type StandingRow = z.infer<typeof StandingRow>;

export const GroupPage = z.strictObject({
  ...GroupRead.shape,
  students: z.array(StudentRead),
  standings: z.array(StandingRow),
  /** Readings judged so far in this group: of them so many changes come by chance alone. */
  judged: z.int(),
});
export type GroupPage = z.infer<typeof GroupPage>;

/** Readings of a group in some checks, to take new ones beside them; and what is written down of its ladders. */
export const GroupReadings = z.strictObject({
  students: z.array(StudentRead),
  readings: z.array(Reading),
  notes: z.array(LadderNote),
  noise: StudioNoise,
});
export type GroupReadings = z.infer<typeof GroupReadings>;
export const ReadingsAsked = z.strictObject({
  protocols: z.string().max(400),
  /** What is written down of ladders comes too, unless nobody needs it. */
  notes: z.enum(['all', 'none']).default('all'),
});

/** What a group answered to a look again after an exercise, in one class. */
export const GroupAnswer = z.strictObject({ exerciseId: z.string(), at: z.iso.datetime(), answer: HelpAnswer });
export type GroupAnswer = z.infer<typeof GroupAnswer>;
/** All that a group answered, newest class first, each in the order of its class; and what the exercises are called. */
export const GroupHelped = z.strictObject({
  answers: z.array(GroupAnswer),
  names: z.record(z.string(), z.string()),
});
export type GroupHelped = z.infer<typeof GroupHelped>;

/** What a group was taught, for its next class: how often each exercise, and what the last class had. */
export const GroupTaught = z.strictObject({
  times: z.record(z.string(), z.int().min(1)),
  last: z
    .strictObject({
      title: z.string(),
      startedAt: z.iso.datetime(),
      lead: Side,
      items: z.array(z.strictObject({ exerciseId: z.string(), rungId: z.string().nullable() })),
    })
    .nullable(),
});
export type GroupTaught = z.infer<typeof GroupTaught>;

/** What became of a reading: kept, or dropped as its student was deleted meanwhile. */
export const ReadingKept = z.strictObject({ kept: z.boolean() });
export type ReadingKept = z.infer<typeof ReadingKept>;
