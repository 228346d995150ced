import { type RunState, currentBout, statusMs, workMsOf } from '../run';
import type { Cue, CueMoment } from './cue';
import type { CueScript } from './script';
import { sayable } from './marks';

/** What is said at an instant of a class being taught. */
export interface SaidNow {
  /** Changes when something else is said: the bout, and which of its cues. */
  readonly key: string;
  readonly words: string;
  /** The same, as short as there is time for: what a voice speaks. */
  readonly spoken: string;
  /** Options and what somebody has to mind: on the teacher's face, and not on the room's. */
  readonly teacherOnly: boolean;
}

/** What is said together, before anything else of the bout. */
const opens = new Set<CueMoment>(['side', 'setup', 'talk', 'compare', 'take-off']);

/** What the teacher says now; null in silence. */
export function saidNow(script: CueScript, state: RunState): SaidNow | null {
  const bout = currentBout(state);
  if (!bout) return null;
  const own = script.cues.filter((cue) => cue.bout === bout.index);
  const opening = own.filter((cue) => opens.has(cue.moment) && cue.startMs < bout.workEndMs);
  if (state.status === 'ready') return together(script, bout.index, openingOf(script, opening, bout.itemId));
  if (state.status === 'set-up') {
    const atMs = bout.startMs + statusMs(state);
    const later = own.findLast(
      (cue) => !opens.has(cue.moment) && cue.startMs <= atMs && cue.startMs < bout.workStartMs,
    );
    return together(script, bout.index, later ? [later] : openingOf(script, opening, bout.itemId));
  }
  // work that goes on past its plan stays at its end
  const atMs = Math.min(bout.workStartMs + workMsOf(state), bout.workEndMs - 1);
  const cue = own.findLast(({ startMs, roomMs }) => startMs <= atMs && atMs < startMs + roomMs);
  return cue ? together(script, bout.index, [cue]) : null;
}

/** What opens a bout; a foot that has no time for it is set up as the first was. */
function openingOf({ cues }: CueScript, opening: readonly Cue[], itemId: string | null): readonly Cue[] {
  if (opening.some((cue) => cue.moment !== 'side')) return opening;
  const first = cues.find((cue) => cue.itemId === itemId && cue.moment === 'setup');
  return first ? [...opening, first] : opening;
}

function together({ wordsPerMinute }: CueScript, bout: number, cues: readonly Cue[]): SaidNow | null {
  if (cues.length === 0) return null;
  return {
    key: `${bout} ${cues.map(({ startMs, moment }) => `${moment} ${startMs}`).join(' ')}`,
    words: cues.map((cue) => cue.words).join(' '),
    spoken: cues.map((cue) => sayable(cue, wordsPerMinute)).join(' '),
    teacherOnly: cues.some(({ moment }) => moment === 'limit' || moment === 'options'),
  };
}
