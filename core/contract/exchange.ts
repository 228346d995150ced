import * as z from 'zod';
import { next } from './page';

/** The most a file may have that comes in, bytes: ten years of teaching are 8 million, packed. */
export const mostFileBytes = 150_000_000;
/** The same of a whole database: ten years are 180 million. */
export const mostDatabaseBytes = 600_000_000;

/** Kinds of records in a file of Needlework. */
export const RecordKind = z.enum([
  'preferences',
  'exercise',
  'protocol',
  'band',
  'group',
  'student',
  'reading',
  'note',
  'class',
  'course',
  'homework',
  'taught',
]);
export type RecordKind = z.infer<typeof RecordKind>;

/**
 * How something that comes in stands to what is here: not here; here word for word; here and saying something else; here
 * but deleted or taken out; here, saying something else, and never written over (what was measured and taught).
 */
export const EntryState = z.enum(['new', 'same', 'differs', 'out', 'kept']);
export type EntryState = z.infer<typeof EntryState>;

/** How many of a kind stand how. */
export const EntryCounts = z.record(EntryState, z.int().min(0));
export type EntryCounts = z.infer<typeof EntryCounts>;

/** Why a record of a file cannot be taken, and where it stands in the file. */
export const FileFault = z.strictObject({
  /** In the file, from 1; null for a database, which has no lines. */
  line: z.int().min(1).nullable(),
  /** What it is; empty for the file itself. */
  what: z.string(),
  /** The field as a path; empty for the whole record. */
  field: z.string(),
  words: z.string(),
});
export type FileFault = z.infer<typeof FileFault>;

const id = z.string();
const done = z.number().min(0).max(1);

/** A file that came in, on its way: nothing is changed before it is taken. */
export const Coming = z.discriminatedUnion('state', [
  z.strictObject({ state: z.literal('reading'), id, done }),
  z.strictObject({ state: z.literal('refused'), id, words: z.string(), faults: z.array(FileFault) }),
  z.strictObject({
    state: z.literal('ready'),
    id,
    /** When it was written; null for a database. */
    made: z.iso.datetime().nullable(),
    aboutPeople: z.boolean(),
    /** What it says of people who were deleted here for good: it is left out. */
    dropped: z.int().min(0),
    /** What in a database could not be read: it stays out. */
    leftOut: z.int().min(0),
    counts: z.partialRecord(RecordKind, EntryCounts),
  }),
  z.strictObject({ state: z.literal('taking'), id, done }),
  z.strictObject({
    state: z.literal('taken'),
    id,
    taken: z.partialRecord(RecordKind, z.int().min(0)),
    /** The copy of everything that was made before. */
    copy: z.string(),
  }),
]);
export type Coming = z.infer<typeof Coming>;

export const ComingEntry = z.strictObject({
  kind: RecordKind,
  id: z.string(),
  title: z.string(),
  state: EntryState,
});
export type ComingEntry = z.infer<typeof ComingEntry>;
export const ComingEntries = z.strictObject({ entries: z.array(ComingEntry), next });
export type ComingEntries = z.infer<typeof ComingEntries>;
export const EntriesAsked = z.object({
  kind: RecordKind,
  state: EntryState.optional(),
  words: z.string().max(100).optional(),
  after: z.string().max(200).optional(),
});
export type EntriesAsked = z.infer<typeof EntriesAsked>;

/** An entry by name: “kind id”. */
const key = z.string().max(80);
/** What is taken of a file. */
export const TakeIn = z.strictObject({
  /** Kinds that are taken at all; null for all. */
  kinds: z.array(RecordKind).nullable(),
  /** These alone of what is new; null for all. */
  only: z.array(key).max(2000).nullable(),
  /** What is here and says something else, or was taken out, is brought to what the file says: none, all, or these. */
  over: z.union([z.enum(['none', 'all']), z.array(key).max(2000)]),
});
export type TakeIn = z.infer<typeof TakeIn>;

/** What goes out as a file. */
export const ExportAsked = z.discriminatedUnion('of', [
  z.strictObject({ of: z.enum(['everything', 'plans']) }),
  z.strictObject({ of: z.enum(['class', 'exercise', 'course', 'student', 'group', 'taught']), id: z.string().max(64) }),
]);
export type ExportAsked = z.infer<typeof ExportAsked>;

/** A file that is being written, to be fetched when it is there. */
export const Going = z.discriminatedUnion('state', [
  z.strictObject({ state: z.literal('writing'), id, done }),
  z.strictObject({
    state: z.literal('ready'),
    id,
    bytes: z.int(),
    records: z.int(),
    /** What could not be read and is not in it. */
    leftOut: z.int(),
  }),
  z.strictObject({ state: z.literal('failed'), id, words: z.string() }),
]);
export type Going = z.infer<typeof Going>;

/** Why a copy was made. */
export const CopyWhy = z.enum(['daily', 'asked', 'before-restore', 'before-taking-in', 'before-migration']);
export type CopyWhy = z.infer<typeof CopyWhy>;

/** A whole copy of the database, proved readable when it was made. */
export const Copy = z.strictObject({
  name: z.string(),
  made: z.iso.datetime(),
  why: CopyWhy,
  bytes: z.int(),
  /** What it holds, as it was counted then; null where that was not written down. */
  holds: z
    .strictObject({
      classes: z.int(),
      taught: z.int(),
      people: z.int(),
      readings: z.int(),
      courses: z.int(),
    })
    .nullable(),
  /** The day on which it goes by itself; null where it stays until somebody deletes it. */
  until: z.iso.date().nullable(),
});
export type Copy = z.infer<typeof Copy>;
export const Copies = z.strictObject({
  copies: z.array(Copy),
  /** Where they lie, so that they can be taken elsewhere. */
  folder: z.string(),
  /** How far the one that is being made is; null where none is. */
  making: done.nullable(),
  /** Why the last one could not be made, or put back; null where it was. */
  fault: z.string().nullable(),
  /** Whether one is being put back. */
  restoring: z.boolean(),
  /** The one that was put back last since the server began, and the copy of what was there before. */
  restored: z.strictObject({ name: z.string(), before: z.string() }).nullable(),
});
export type Copies = z.infer<typeof Copies>;
