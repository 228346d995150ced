import * as z from 'zod';
import { type Result, ok, refuse } from '../result';
import { FileRecord } from './record';

/** The newest form of the file itself; each record carries the format of its own document beside it. */
export const fileFormat = 1;

const head = {
  /** The form of this file. */
  needlework: z.literal(fileFormat),
  /** When it was written. */
  made: z.iso.datetime(),
  /** What it holds, for whoever opens it in a text editor. */
  holds: z.string().max(400),
  /** Whether it says anything about people who are taught: their names, what hurts, what was measured. */
  aboutPeople: z.boolean(),
};

/** A whole file. It is written with one record a line, and may be laid out in any other way. */
export const NeedleworkFile = z.strictObject({ ...head, records: z.array(FileRecord) });

const Head = z.object(head);
export type FileHead = Omit<z.infer<typeof Head>, 'needlework'>;

export type HeadFault = 'not-needlework' | 'newer-file' | 'head-damaged';

/** Reads what stands before the records. @param found the file as JSON, its records left out */
export function readHead(found: unknown): Result<FileHead, HeadFault> {
  if (typeof found !== 'object' || found === null || !('needlework' in found)) return refuse('not-needlework');
  const { needlework } = found;
  if (typeof needlework === 'number' && Number.isInteger(needlework) && needlework > fileFormat)
    return refuse('newer-file');
  const read = Head.safeParse(found);
  if (!read.success) return refuse('head-damaged');
  const { made, holds, aboutPeople } = read.data;
  return ok({ made, holds, aboutPeople });
}

export const headFaultWords: Readonly<Record<HeadFault, string>> = {
  'not-needlework': 'This is no file of Needlework: it does not begin with {"needlework": 1, …}.',
  'newer-file': `This file was written by a newer Needlework. This one reads files up to form ${fileFormat}; take it in with that version.`,
  'head-damaged':
    'What stands before the records cannot be read: a file begins with needlework, made, holds and aboutPeople.',
};

/** The text before the first record. */
export const openFile = (about: FileHead): string =>
  `${JSON.stringify({ needlework: fileFormat, ...about }).slice(0, -1)},"records":[`;
/** The text before each record: one a line. @param first whether it is the first one */
export const betweenRecords = (first: boolean): string => (first ? '\n' : ',\n');
/** The text behind the last one. */
export const closeFile = '\n]}\n';
