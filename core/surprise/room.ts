import { type RunAction, type RunState, currentBout, endsSooner, placeOf, workMsOf } from '../run';
import { type Surprise, anywhere } from './surprise';

/** A surprise that has come, ms since the run began. */
export interface Happened extends Surprise {
  readonly atMs: number;
}

/** A room that is rehearsed with: what is still to come, and what has come. */
export interface Room {
  readonly seed: number;
  readonly waiting: readonly Surprise[];
  readonly happened: readonly Happened[];
}

/** What the room does itself goes into the run under this name, so that the teacher's undo does not take it back. */
export const roomDevice = 'the-room';

/** What comes about at the present instant of a run; the same room where nothing does. One at a time. */
export function watched(room: Room, state: RunState): Room {
  const now = room.waiting.find((surprise) => isDue(surprise, state));
  if (!now) return room;
  const cut = endsSooner(state, now.cutSeconds);
  const words = cut ? `${now.words} You end at ${cut.words}.` : now.words;
  return {
    ...room,
    waiting: room.waiting.filter((one) => one !== now),
    happened: [...room.happened, { ...now, words, atMs: state.atMs }],
  };
}

function isDue({ kind, itemId, share, cutSeconds }: Surprise, state: RunState): boolean {
  const bout = currentBout(state);
  if (!bout || state.makingUp) return false;
  // nobody can be told to end at a time that is past
  if (cutSeconds > 0 && !endsSooner(state, cutSeconds)) return false;
  if (bout.itemId === itemId) {
    if (share === null) return state.status !== 'ready';
    return state.status === 'work' && workMsOf(state) >= share * (bout.workEndMs - bout.workStartMs);
  }
  const last = state.bouts.findLast((one) => one.itemId === itemId);
  return anywhere.includes(kind) && (last === undefined || last.index < placeOf(state));
}

/** What the room itself changes of the class: its end comes sooner. Null where it changes nothing. */
export const roomAction = ({ cutSeconds }: Surprise, state: RunState): RunAction | null =>
  endsSooner(state, cutSeconds)?.action ?? null;
