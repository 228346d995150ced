import { createReadStream, openSync, readSync, closeSync, statSync } from 'node:fs';
import { createGunzip } from 'node:zlib';
import { codeOf } from '../start-fault';

/** What a file is by its first bytes, whatever its name says. */
export type FileKind = 'json' | 'packed-json' | 'database' | 'archive' | 'timed-text' | 'other';

/** The most a packed file may unpack to, bytes: five times ten years of teaching. */
export const mostUnpacked = 1_000_000_000;

const begins = (bytes: Buffer, ...wanted: number[]): boolean => wanted.every((byte, i) => bytes[i] === byte);

/** Whether a file that begins so is a database of SQLite. */
export const isDatabase = (bytes: Buffer): boolean => bytes.toString('latin1', 0, 15) === 'SQLite format 3';

/** Reads the first bytes. */
export function kindOfFile(path: string): FileKind {
  const bytes = Buffer.alloc(100);
  const file = openSync(path, 'r');
  try {
    readSync(file, bytes, 0, bytes.length, 0);
  } finally {
    closeSync(file);
  }
  if (isDatabase(bytes)) return 'database';
  if (begins(bytes, 0x1f, 0x8b)) return 'packed-json';
  if (begins(bytes, 0x50, 0x4b, 0x03, 0x04)) return 'archive';
  const text = bytes
    .toString('utf8')
    .replace(/^\uFEFF/, '')
    .trimStart();
  if (/^WEBVTT\s/.test(text)) return 'timed-text';
  return text.startsWith('{') ? 'json' : 'other';
}

/** A file that cannot be taken, in words. */
export class SourceFault extends Error {}

export const otherFileWords =
  'This is no file of Needlework. It takes a file that Needlework wrote (.json or .json.gz), a copy of its database (.sqlite), a table of readings or of people (.csv, in UTF-8), and timed text (.vtt).';

/**
 * The text of a file, piece by piece, unpacked where it is packed. It is never held as a whole.
 * @param most bytes that are unpacked before it is given up
 * @throws SourceFault for a file that is cut off, no text, or that unpacks to more than anybody taught
 */
export async function* textOf(
  path: string,
  packed: boolean,
  most = mostUnpacked,
): AsyncGenerator<{ readonly text: string; readonly done: number }> {
  const size = Math.max(1, statSync(path).size);
  const file = createReadStream(path, { highWaterMark: 1 << 20 });
  const bytes = packed ? file.pipe(createGunzip({ chunkSize: 1 << 20 })) : file;
  // what breaks while it is read ends the unpacking too
  if (packed) file.on('error', (error) => bytes.destroy(error));
  const decoder = new TextDecoder('utf-8', { fatal: true, ignoreBOM: false });
  let unpacked = 0;
  try {
    for await (const chunk of bytes as AsyncIterable<Buffer>) {
      unpacked += chunk.length;
      if (unpacked > most)
        throw new SourceFault(
          `Unpacked, this file is larger than ${most / 1e9} GB: more than anybody has taught. Reading it was stopped.`,
        );
      yield { text: decoder.decode(chunk, { stream: true }), done: Math.min(1, file.bytesRead / size) };
    }
    yield { text: decoder.decode(), done: 1 };
  } catch (error) {
    if (error instanceof SourceFault) throw error;
    const code = codeOf(error);
    if (code === 'ERR_ENCODING_INVALID_ENCODED_DATA')
      throw new SourceFault('This file is not written in UTF-8, so its letters cannot be read. Save it as UTF-8.');
    if (code.startsWith('Z_'))
      throw new SourceFault('This packed file is cut off or damaged. Fetch it again from where it came from.');
    throw error;
  } finally {
    file.destroy();
  }
}
