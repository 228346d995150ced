import { readFileSync, statSync } from 'node:fs';
import Database from 'better-sqlite3';
import { WebVTTParser } from 'webvtt-parser';
import { readExercise } from '@core/exercise';
import { type InLibrary, draftOf } from '@core/format';
import { contentOf } from '../content';
import { parsed } from '../problem';
import { Beside } from './beside';
import { type Read, type ReadJob, leansOn } from './read-coming';

/** The most a timed text may have, bytes: a class of two hours has a hundred thousand. */
const mostTextBytes = 5_000_000;
const refused = (words: string): Read => ({ read: false, words, faults: [] });

/** What is said, without marks of voice and style. */
const plain = (words: string): string =>
  words
    .replace(/<[^>]*>/g, '')
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&nbsp;', ' ')
    .replaceAll('&amp;', '&')
    .replace(/\s+/g, ' ')
    .trim();

/** Reads timed text (WebVTT) as a draft of a class into a database beside the teacher's own. */
export function readTimedText(job: ReadJob): Read {
  if (statSync(job.file).size > mostTextBytes)
    return refused(`A timed text may have ${mostTextBytes / 1e6} MB at most; a class has a fiftieth of it.`);
  const text = readFileSync(job.file, 'utf8');
  const { cues } = new WebVTTParser().parse(text, 'metadata');
  const track = cues.map(({ id, startTime, endTime, text: words }) => ({
    startMs: Math.round(startTime * 1000),
    endMs: Math.round(endTime * 1000),
    name: id,
    words: plain(words),
  }));
  if (track.length === 0) return refused('This timed text says nothing: it has no words with their times.');
  const here = new Database(job.here, { readonly: true, timeout: 4000 });
  const beside = new Beside(job.beside, job.migrations, leansOn(here));
  try {
    // the same text again is the same class
    const id = `text-${contentOf(text).slice(0, 16)}`;
    let made = 0;
    const nextId = (): string => (made++ === 0 ? id : `${id}-${made}`);
    const title = /^\uFEFF?WEBVTT[ \t]+-?[ \t]*([^\r\n]+)/.exec(text)?.[1]?.slice(0, 120).trim();
    const plan = draftOf(track, libraryIn(here), { title: title || 'From a timed text', nextId });
    beside.add({ kind: 'class', saved: job.at, takenOut: null, plan }, null, 1, plan.title);
    beside.finish();
    const [fault] = beside.faults;
    return fault
      ? { read: false, words: 'No class can be made of this text.', faults: [fault] }
      : { read: true, made: null, aboutPeople: false, dropped: 0, leftOut: 0 };
  } finally {
    here.close();
  }
}

/** The exercises that new classes take. */
function libraryIn(here: Database.Database): InLibrary[] {
  const rows = here
    .prepare(
      'select r.revision, r.body from exercises e join exercise_revisions r on r.revision = e.revision where e.removed_at is null',
    )
    .all() as { revision: string; body: string }[];
  return rows.flatMap(({ revision, body }) => {
    const read = readExercise(parsed(body));
    return read.ok ? [{ revision, exercise: read.value }] : [];
  });
}
