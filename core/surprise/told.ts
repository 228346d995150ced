import { resolve } from '../exercise';
import { landingSeconds } from '../fit';
import { type Plan, differencesOf, findItem } from '../plan';
import {
  type RunAction,
  type RunEvent,
  type RunState,
  type Sensation,
  effective,
  reportOf,
  sensationAnswers,
} from '../run';
import { sayLength, sayTime } from '../say-time';
import type { FindRevision } from '../timeline';
import { type Happened, type Room, roomDevice } from './room';
import { onTheFloor } from './surprise';

/** What was made of one surprise. */
export interface Answered {
  readonly happened: Happened;
  readonly well: boolean;
  /** What the teacher did, in a sentence. */
  readonly did: string;
  /** What a teacher would do, in a sentence or two. */
  readonly expected: string;
}

/** A rehearsal with surprises, in words. */
export interface RehearsalTold {
  readonly landed: string;
  /** What the class has otherwise than its plan, a sentence each. */
  readonly gaveWay: readonly string[];
  readonly answers: readonly Answered[];
}

interface Played {
  readonly room: Room;
  /** The class before anything was changed. */
  readonly planned: Plan;
  /** The class when it is over. */
  readonly state: RunState;
  readonly events: readonly RunEvent[];
  readonly find: FindRevision;
}

type Verdict = Omit<Answered, 'happened'>;

/** An answer belongs to what happened so long before it at most, ms (Needlework's own). */
const soonMs = 60_000;
/** Nobody who stands in the door is waited for longer, ms (Needlework's own). */
const waitMs = 20_000;

/** What a rehearsal with surprises came to: when it landed, what gave way, and what was made of each surprise. */
export function toldOf(played: Played): RehearsalTold {
  const { room, planned, state, find } = played;
  return {
    landed: landedWords(state, planned),
    gaveWay: differencesOf(planned, state.plan, find),
    answers: room.happened.map((happened) => ({ happened, ...answerTo(happened, played) })),
  };
}

/** When the last of it was done, ms; the slot is what the room left of it. */
function landingOf({ records, atMs, plan }: RunState): { readonly endedMs: number; readonly overMs: number } {
  const endedMs = records.at(-1)?.endedAtMs ?? atMs;
  return { endedMs, overMs: endedMs - plan.slotSeconds * 1000 };
}

function landedWords(state: RunState, planned: Plan): string {
  const { endedMs, overMs } = landingOf(state);
  const [slot, was] = [state.plan.slotSeconds, planned.slotSeconds].map((seconds) => sayTime(seconds * 1000));
  const where = overMs === 0 ? 'at' : `${sayTime(Math.abs(overMs))} ${overMs > 0 ? 'after' : 'before'}`;
  return `You ended at ${sayTime(endedMs)}, ${where} the end of the slot at ${slot}${slot === was ? '' : ` (${was} when you began)`}.`;
}

const isA =
  (...kinds: RunAction['kind'][]) =>
  ({ event }: RunEvent): boolean =>
    kinds.includes(event.kind);

/** What the teacher did from a surprise on, by the buttons of the floor. */
function doneAfter({ atMs }: Happened, { events }: Played): { readonly all: RunEvent[]; readonly soon: RunEvent[] } {
  const all = effective(events).filter((event) => event.deviceId !== roomDevice && event.atMs >= atMs);
  return { all, soon: all.filter((event) => event.atMs <= atMs + soonMs) };
}

const after = (event: RunEvent, happened: Happened): string => `after ${sayLength(event.atMs - happened.atMs)}`;

function answerTo(happened: Happened, played: Played): Verdict {
  switch (happened.kind) {
    case 'cramp':
      return felt(happened, played, 'cramp');
    case 'numb-toe':
      return felt(happened, played, 'numbness');
    case 'snapped-band':
      return snapped(happened, played);
    case 'cannot-kneel':
      return kneeling(happened, played);
    case 'late-comers':
      return late(happened, played);
    case 'cut-short':
      return cut(happened, played);
  }
}

/** What somebody feels is written down and has its answer; what is only to be eased may be eased without a word. */
function felt(happened: Happened, played: Played, sensation: Sensation): Verdict {
  const { name, words, follows } = sensationAnswers[sensation];
  const expected = `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${words}`;
  const { all, soon } = doneAfter(happened, played);
  const ended = soon.find(isA('ended'));
  const said = all.flatMap(({ event }) => (event.kind === 'sensed' ? [event.sensation] : []));
  const right = all.find(({ event }) => event.kind === 'sensed' && event.sensation === sensation);
  const [other] = said;
  const eased = soon.find(isA('held', 'moved', 'adapted'));
  if (right) return { well: true, did: `You had it written down ${after(right, happened)}.`, expected };
  if (ended) return { well: false, did: 'You ended the class for it: a stop is for the one who feels it.', expected };
  if (follows === 'ease' && eased)
    return { well: true, did: `You eased it ${after(eased, happened)}, and it stands nowhere.`, expected };
  if (other !== undefined)
    return { well: false, did: `You had something else written down: ${sensationAnswers[other].name}.`, expected };
  return { well: false, did: 'It had no answer.', expected };
}

/** Common practice, no source. */
const bandWords =
  'Hold the count. Everybody looks along their own band, the torn one is taken away; whoever has none shares, or works without.';

function snapped(happened: Happened, played: Played): Verdict {
  const answer = doneAfter(happened, played).soon.find(isA('held', 'moved', 'adapted'));
  if (!answer) return { well: false, did: 'The count ran on.', expected: bandWords };
  const did = answer.event.kind === 'held' ? 'held' : 'changed';
  return { well: true, did: `You ${did} the class ${after(answer, happened)}.`, expected: bandWords };
}

/** Common practice, no source. */
const kneelWords = 'The same movement on a chair or standing, in the same place and the same time. Nobody looks on.';

function kneeling(happened: Happened, played: Played): Verdict {
  const { soon } = doneAfter(happened, played);
  const changed = soon.find(isA('moved', 'adapted'));
  const held = soon.find(isA('held'));
  const offered = offeredUpright(happened, played);
  const expected = kneelWords;
  if (changed) return { well: true, did: `You changed the class ${after(changed, happened)}.`, expected };
  if (held) return { well: true, did: `You held the class ${after(held, happened)} to show another way.`, expected };
  if (offered !== null) return { well: true, did: `The class has a way for them already: ${offered}.`, expected };
  return { well: false, did: 'They were left to look on.', expected };
}

/** The easier level that the class offers beside the main one, where it keeps off the floor; null where none does. */
function offeredUpright({ itemId }: Happened, { planned, find }: Played): string | null {
  const item = findItem(planned, itemId)?.item;
  const exercise = item && find(item.revision);
  if (!exercise || !item.easier) return null;
  const easier = resolve(exercise, item.easier.rungId, planned.school);
  return easier.ok && !onTheFloor.includes(easier.value.position) ? easier.value.rungName : null;
}

/** Common practice, no source. */
const lateWords =
  'They take a place and join in at once or with the next exercise. Those who are in time are not kept waiting.';

function late(happened: Happened, played: Played): Verdict {
  const stood = stoodMs(happened, played);
  const expected = lateWords;
  if (stood === 0) return { well: true, did: 'You went on, and nobody waited.', expected };
  return { well: stood <= waitMs, did: `You held the class for ${sayLength(stood)}.`, expected };
}

/** How long the class was held for a surprise, ms: holds that began soon after it. */
function stoodMs(happened: Happened, played: Played): number {
  const { all, soon } = doneAfter(happened, played);
  return soon.filter(isA('held')).reduce((ms, held) => {
    const on = all.find((event) => event.seq > held.seq && isA('resumed', 'started', 'moved', 'ended')(event));
    return ms + (on?.atMs ?? played.state.atMs) - held.atMs;
  }, 0);
}

const cutWords = 'What is to come gives way, the least that matters first; the close and the last look stay.';

function cut(happened: Happened, played: Played): Verdict {
  const answer = doneAfter(happened, played).all.find(isA('adapted'));
  const isShort = reportOf(played.state).notReached.length > 0;
  const { overMs } = landingOf(played.state);
  const ended = overMs <= 0 ? 'You ended in time' : `You ended ${sayLength(overMs)} after that`;
  const how = isShort ? 'not all was reached' : 'everything was as it was';
  const did = `${ended}; ${answer ? `you changed what was to come ${after(answer, happened)}` : how}.`;
  return { well: overMs <= landingSeconds * 1000, did, expected: cutWords };
}
