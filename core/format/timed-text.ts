import { type Exercise, resolve } from '../exercise';
import { alternativesOf } from '../fit/alternatives';
import { type AnyItem, type Item, type NextId, type Plan, newBlock, newItem, newPlan } from '../plan';
import { type FindRevision, buildTimeline } from '../timeline';
import type { TrackCue } from './webvtt';

/** An exercise of the library, at the state that new classes take. */
export interface InLibrary {
  readonly revision: string;
  readonly exercise: Exercise;
}

/** The most a note takes, and the bounds of talk and of a class, as their forms say. */
const longestNote = 500;
const [shortestTalk, longestTalk] = [5, 1800];
const [shortestSlot, longestSlot] = [60, 4 * 3600];
const longestName = 60;

/** What lies between two exercises that are named in a text. */
interface Stretch {
  readonly of: InLibrary | null;
  readonly startMs: number;
  endMs: number;
  readonly words: string[];
}

/**
 * A draft of a class out of a timed text: an exercise begins where the text names it, goes on until the next one is
 * named, and gets the dose of its level that comes nearest to that time. What else is said becomes its note; what is said
 * before the first one, or where none is named, talk.
 */
export function draftOf(
  cues: readonly TrackCue[],
  library: readonly InLibrary[],
  { title, nextId }: { readonly title: string; readonly nextId: NextId },
): Plan {
  const names = namesIn(library);
  const stretches: Stretch[] = [];
  for (const { startMs, endMs, name, words } of [...cues].sort((a, b) => a.startMs - b.startMs)) {
    const of = namedIn(`${name} ${words}`, names);
    const last = stretches.at(-1);
    const goesOn = last !== undefined && (of === null || of.exercise.id === last.of?.exercise.id);
    if (goesOn) {
      last.endMs = Math.max(last.endMs, endMs);
      last.words.push(words);
    } else {
      // the one before lasts until this one begins
      if (last) last.endMs = startMs;
      stretches.push({ of, startMs, endMs, words: [words] });
    }
  }
  const plan = newPlan(nextId(), title, slotOf(stretches));
  const find: FindRevision = (revision) => library.find((one) => one.revision === revision)?.exercise ?? null;
  const items = stretches.map((stretch) => itemFor(stretch, plan, find, nextId));
  return { ...plan, blocks: items.length > 0 ? [newBlock(nextId(), 'From the text', items)] : [] };
}

const slotOf = (stretches: readonly Stretch[]): number => {
  const minutes = Math.ceil((stretches.at(-1)?.endMs ?? 0) / 60_000);
  return Math.max(shortestSlot, Math.min(longestSlot, minutes * 60));
};

/** Names by which a text may call an exercise, the longest first, so that the fuller name wins. */
function namesIn(library: readonly InLibrary[]): readonly { readonly name: string; readonly of: InLibrary }[] {
  return library
    .flatMap((of) => [of.exercise.name.plain, of.exercise.name.anatomical].map((name) => ({ name: folded(name), of })))
    .filter(({ name }) => name !== '')
    .sort((a, b) => b.name.length - a.name.length);
}

const folded = (words: string): string =>
  words
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** The exercise that a text names first; of two names at one place the longer one. */
function namedIn(words: string, names: readonly { readonly name: string; readonly of: InLibrary }[]): InLibrary | null {
  const text = ` ${folded(words)} `;
  let [found, at]: [InLibrary | null, number] = [null, Infinity];
  for (const { name, of } of names) {
    const place = text.indexOf(` ${name} `);
    if (place >= 0 && place < at) [found, at] = [of, place];
  }
  return found;
}

function itemFor({ of, startMs, endMs, words }: Stretch, plan: Plan, find: FindRevision, nextId: NextId): AnyItem {
  const note = words.join(' ').slice(0, longestNote);
  const seconds = Math.round((endMs - startMs) / 1000);
  if (!of) {
    const name = words[0]?.slice(0, longestName).trim() || 'Talk';
    return { kind: 'talk', id: nextId(), name, seconds: Math.max(shortestTalk, Math.min(longestTalk, seconds)), note };
  }
  const item = { ...newItem(nextId(), of.exercise, of.revision, plan.school), note };
  const execution = resolve(of.exercise, item.rungId, plan.school);
  if (!execution.ok) return item;
  const lasts = (dose: Item['dose']): number =>
    buildTimeline({ plan: { ...plan, blocks: [newBlock('block', 'Alone', [{ ...item, dose }])] }, find }).totalMs;
  const doses = alternativesOf(item, execution.value).map(({ dose }) => dose);
  const away = (dose: Item['dose']): number => Math.abs(lasts(dose) - (endMs - startMs));
  return { ...item, dose: doses.reduce((best, dose) => (away(dose) < away(best) ? dose : best), item.dose) };
}
