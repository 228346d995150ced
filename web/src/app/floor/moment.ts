import { type DosePart, beatMs, sayMultiplier } from '@core/dose';
import type { Phase } from '@core/exercise';
import { findItem } from '@core/plan';
import { type Leg, type RunState, counting, currentLeg, stageMs } from '@core/run';
import { type ItemTime, type TimelineEvent, phaseAt } from '@core/timeline';

/** What the floor shows of a leg that is being counted. */
export interface Moment {
  readonly event: TimelineEvent;
  /** The number that leads the screen, and what it counts. */
  readonly count: string;
  readonly of: string;
  /** The foot at work at this instant; feet of an alternating exercise take turns. */
  readonly foot: TimelineEvent['feet'];
  /** The phase, or what the pause is for. */
  readonly doing: string;
  readonly phase: Phase | null;
  /** "toe 2 of 5, way 1 of 2", "round 2 of 3"; empty for a plain dose. */
  readonly station: string;
  /** The last piece of work of the leg: time to say what is next. */
  readonly last: boolean;
}

const pauses: Partial<Record<TimelineEvent['kind'], string>> = {
  compare: 'stand and compare the feet',
  rest: 'rest',
  'set-rest': 'rest between rounds',
  shift: 'to the next spot',
  turn: 'turn round',
};

export const timeOf = (state: RunState, leg: Leg | null): ItemTime | null =>
  state.timeline.items.find((i) => i.itemId === leg?.itemId) ?? null;

/** Reads the count of a run at its present instant; null while nothing is counted. */
export function momentOf(state: RunState): Moment | null {
  const leg = currentLeg(state);
  const event = counting(state);
  if (!leg || !event) return null;
  const atMs = leg.workStartMs + stageMs(state);
  const found = leg.itemId === null ? null : findItem(state.plan, leg.itemId);
  const part = event.count ? (found?.item.dose[event.count.part] ?? null) : null;
  const execution = timeOf(state, leg)?.execution;
  const at = phaseAt(event, atMs, execution?.phaseSeconds ?? []);
  const phase = execution?.phases[at?.index ?? 0] ?? null;
  return {
    event,
    ...counted(event, part, atMs),
    foot: event.feet,
    doing: pauses[event.kind] ?? (at && phase ? phase.name : ''),
    phase,
    station: part ? stationWords(part, event) : '',
    last: event === leg.events.findLast((e) => e.activity !== 'rest'),
  };
}

const secondsLeft = (event: TimelineEvent, atMs: number) => String(Math.max(1, Math.ceil((event.endMs - atMs) / 1000)));

/** Reps count up as they are called; holds and waits count their seconds down. */
function counted(
  event: TimelineEvent,
  part: DosePart | null,
  atMs: number,
): { readonly count: string; readonly of: string } {
  const { count } = event;
  if (!count || !part) return { count: secondsLeft(event, atMs), of: 'seconds' };
  switch (event.kind) {
    case 'rep':
    case 'pass':
      return { count: String(count.unit), of: `of ${count.units}` };
    case 'length':
    case 'phrase': {
      const [beats, tempo] = beatsOf(part);
      const beat = Math.min(beats, Math.max(1, beatAt(atMs - event.startMs, tempo)));
      return {
        count: String(beat),
        of: `of ${beats}, ${part.kind === 'travel' ? 'length' : 'phrase'} ${count.unit} of ${count.units}`,
      };
    }
    default:
      return {
        count: secondsLeft(event, atMs),
        of: count.units > 1 ? `seconds, ${count.unit} of ${count.units}` : 'seconds',
      };
  }
}

function beatsOf(part: DosePart): readonly [number, number] {
  if (part.kind === 'travel') return [part.steps, part.stepsPerMinute];
  return part.kind === 'counts' ? [part.countsPerPhrase, part.beatsPerMinute] : [1, 60];
}

/** The beat (1-based) that an instant of a phrase falls in. */
function beatAt(ms: number, tempo: number): number {
  const guess = Math.floor((ms * tempo) / 60_000) + 1;
  return beatMs(guess, tempo) <= ms ? guess + 1 : guess;
}

/** Which of the things multiplied this is, and which round. */
function stationWords(part: DosePart, event: TimelineEvent): string {
  const { count } = event;
  if (!count) return '';
  let rest = count.station - 1;
  const words: string[] = [];
  for (const { per, count: of } of [...part.multipliers].reverse()) {
    words.unshift(`${sayMultiplier(per, 1)} ${(rest % of) + 1} of ${of}`);
    rest = Math.floor(rest / of);
  }
  if (count.sets > 1) words.unshift(`round ${count.set} of ${count.sets}`);
  return words.join(', ');
}

/** What is said now: set-up before the work, the action on the first rep, the picture on the second, then silence. */
export function cueOf(state: RunState, moment: Moment | null): string {
  const leg = currentLeg(state);
  const cues = timeOf(state, leg)?.execution?.cues;
  const own = leg?.itemId ? findItem(state.plan, leg.itemId)?.item.cues : undefined;
  if (!cues) return leg ? 'Both feet on the floor. Which one is wider, warmer, steadier?' : '';
  const words = state.plan.school.words;
  if (!moment) return own?.setup ?? cues.setup[words];
  const { count, activity } = moment.event;
  if (activity !== 'work' || count?.set !== 1 || count.station !== 1) return '';
  if (count.unit === 1) return own?.action ?? cues.action[words];
  return count.unit === 2 ? (own?.picture ?? cues.picture[words]) : '';
}
