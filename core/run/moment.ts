import { type DosePart, amountWords, beatMs, kindOf, sayMultiplier, sayUnit } from '../dose';
import { type Phase, takeOffWords } from '../exercise';
import { type Item, type Side, type TalkItem, findAny, findItem } from '../plan';
import { type ItemTime, type TimelineEvent, phaseAt } from '../timeline';
import { sayTime } from '../say-time';
import type { Bout } from './bout';
import { type RunState, counting, currentBout, passedMs, placeOf, workMsOf } from './run';

/** What the floor shows of a bout that is being counted. */
export interface Moment {
  readonly event: TimelineEvent;
  /** The number that leads the screen, and what it counts. */
  readonly count: string;
  readonly of: string;
  /** It goes on until the teacher taps. */
  readonly open: boolean;
  /** The foot at work at this instant; feet of an alternating exercise take turns. */
  readonly foot: TimelineEvent['feet'];
  /** The phase, or what the pause is for. */
  readonly doing: string;
  readonly phase: Phase | null;
  /** "toe 2 of 5, way 1 of 2", "round 2 of 3"; empty for a plain dose. */
  readonly station: string;
  /** The last piece of work of the bout, or the last seconds of a long one: time to say what is next. */
  readonly last: boolean;
}

const pauses: Partial<Record<TimelineEvent['kind'], string>> = {
  compare: 'stand and compare the feet',
  rest: 'rest',
  'set-rest': 'rest between rounds',
  shift: 'to the next spot',
  turn: 'turn round',
  turns: 'the others have the kit',
  'count-in': 'count in',
};

export const timeOf = (state: RunState, bout: Bout | null): ItemTime | null =>
  state.timeline.items.find((i) => i.itemId === bout?.itemId) ?? null;

/** Reads the count of a run at its present instant; null while nothing is counted. */
export function momentOf(state: RunState): Moment | null {
  const bout = currentBout(state);
  const event = counting(state);
  if (!bout || !event) return null;
  const atMs = bout.workStartMs + workMsOf(state);
  const found = bout.itemId === null ? null : findItem(state.plan, bout.itemId);
  const part = event.count ? (found?.item.dose[event.count.part] ?? null) : null;
  const execution = timeOf(state, bout)?.execution;
  const at = phaseAt(event, atMs, execution?.phaseSeconds ?? []);
  const phase = execution?.phases[at?.index ?? 0] ?? null;
  return {
    event,
    ...(event.kind === 'talk-item'
      ? talked(event, passedMs(state))
      : event.kind === 'count-in'
        ? countedIn(event, state.plan.music.countIn, atMs)
        : event.open && part
          ? countedOpen(bout, event, part, passedMs(state))
          : counted(event, part, atMs)),
    open: event.open,
    foot: event.feet,
    doing: pauses[event.kind] ?? (at && phase ? phase.name : ''),
    phase,
    station: part ? stationWords(part, event) : '',
    last: event === bout.events.findLast((e) => e.activity !== 'rest') && nearItsEnd(event, atMs),
  };
}

/** A piece longer than this is what there is to watch; only towards its end is it time for the next, ms. */
const nextMs = 10_000;
const nearItsEnd = ({ startMs, endMs, open }: TimelineEvent, atMs: number): boolean =>
  !open && (endMs - startMs <= nextMs || endMs - atMs <= nextMs);

const secondsLeft = (event: TimelineEvent, atMs: number) => String(Math.max(1, Math.ceil((event.endMs - atMs) / 1000)));

/** Reps count up as they are called; holds and waits count their seconds down. */
function counted(
  event: TimelineEvent,
  part: DosePart | null,
  atMs: number,
): { readonly count: string; readonly of: string } {
  const { count } = event;
  if (!count || !part) return { count: secondsLeft(event, atMs), of: 'seconds' };
  const { called, beats: beatsOf } = kindOf(part);
  if (called === 'units') return { count: String(count.unit), of: `of ${count.units}` };
  const [beats, tempo] = beatsOf?.(part) ?? [0, 0];
  if (called === 'beats' && tempo > 0) {
    const beat = Math.min(beats, Math.max(1, beatAt(atMs - event.startMs, tempo)));
    return { count: String(beat), of: `of ${beats}, ${sayUnit(part.kind, 1)} ${count.unit} of ${count.units}` };
  }
  return {
    count: secondsLeft(event, atMs),
    of: count.units > 1 ? `seconds, ${count.unit} of ${count.units}` : 'seconds',
  };
}

/** An open piece counts up, reps or seconds, with the window it usually ends in. */
function countedOpen(
  bout: Bout,
  event: TimelineEvent,
  part: DosePart,
  passed: number,
): { readonly count: string; readonly of: string } {
  const piece = bout.events.filter(
    (e) => e.open && e.count?.part === event.count?.part && e.count?.set === event.count?.set,
  );
  const own = piece.filter((e) => e.count?.station === event.count?.station);
  const begun = own.find((e) => e.feet === event.feet) ?? event;
  const sinceMs = passed - (begun.startMs - bout.workStartMs);
  const { called } = kindOf(part);
  const unitMs = event.endMs - event.startMs;
  const window = kindOf(part).bounds?.(part);
  const until = part.until === undefined ? 'until it is felt' : `until ${part.until}`;
  if (called === 'units')
    return { count: String(Math.floor(sinceMs / Math.max(1, unitMs)) + 1), of: `of ${amountWords(part)}, ${until}` };
  const between = window ? `${window[0]} to ${window[2]}` : amountWords(part);
  return { count: String(Math.floor(sinceMs / 1000) + 1), of: `seconds of ${between}, ${until}` };
}

/** The counts before the first phrase, called up. */
function countedIn({ startMs, endMs }: TimelineEvent, counts: number, atMs: number) {
  const beat = Math.floor(((atMs - startMs) * counts) / Math.max(1, endMs - startMs)) + 1;
  return { count: String(Math.min(counts, Math.max(1, beat))), of: `of ${counts}, then begin` };
}

/** Talk counts its seconds up: how long it was meant to be, and that it ends when the teacher says so. */
function talked({ startMs, endMs }: TimelineEvent, passed: number): { readonly count: string; readonly of: string } {
  return { count: sayTime(Math.floor(passed / 1000) * 1000), of: `of ${sayTime(endMs - startMs)}, until you tap` };
}

/** The beat (1-based) that an instant of a phrase falls in. */
function beatAt(ms: number, tempo: number): number {
  const guess = Math.floor((ms * tempo) / 60_000) + 1;
  return beatMs(guess, tempo) <= ms ? guess + 1 : guess;
}

/** Which of the things multiplied this is, and which round. */
export function stationWords(part: DosePart, event: TimelineEvent): string {
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

/** The talk that a bout is, if it is one. */
export function talkOf(state: RunState, bout: Bout | null): TalkItem | null {
  const found = bout?.itemId ? findAny(state.plan, bout.itemId)?.item : undefined;
  return found?.kind === 'talk' ? found : null;
}

/** Where a bout puts something on that is worn beside the work, or takes it off again. */
export function wearingOf(state: RunState, bout: Bout | null): 'put-on' | 'take-off' | null {
  const worn = bout && state.timeline.worn.find((w) => w.itemId === bout.itemId);
  if (!worn) return null;
  return bout.startMs < worn.endMs ? 'put-on' : 'take-off';
}

/** What is on the feet at this moment, beside the work. */
export function wornNow(state: RunState): Item[] {
  const at = currentBout(state)?.startMs;
  if (at === undefined) return [];
  return state.timeline.worn.flatMap(({ itemId, startMs, endMs }) => {
    const item = findItem(state.plan, itemId)?.item;
    return item && startMs <= at && at < endMs ? [item] : [];
  });
}

/** The foot whose turn it is at this instant; both where they work together or alternate between two counts. */
export function footNow(state: RunState, moment: Moment | null): Side | 'both' {
  const feet = moment?.foot ?? currentBout(state)?.feet ?? 'both';
  return feet === 'left' || feet === 'right' ? feet : 'both';
}

/** What comes after the bout that is taught now, and what is said to set it up. */
export type Following =
  | { readonly kind: 'end' }
  | { readonly kind: 'compare' }
  | { readonly kind: 'other-side'; readonly feet: Bout['feet'] }
  | { readonly kind: 'item'; readonly name: string; readonly setup: string };

/** Null once the class is over. */
export function following(state: RunState): Following | null {
  const bout = currentBout(state);
  if (!bout) return null;
  const next = state.bouts[state.makingUp ? placeOf(state) : bout.index + 1];
  if (!next) return { kind: 'end' };
  const talk = talkOf(state, next);
  if (talk) return { kind: 'item', name: talk.name, setup: talk.note };
  const execution = timeOf(state, next)?.execution;
  if (!execution) return { kind: 'compare' };
  if (wearingOf(state, next) === 'take-off') {
    return { kind: 'item', name: takeOffWords(execution), setup: '' };
  }
  if (next.goesStraightOn) return { kind: 'other-side', feet: next.feet };
  const { words } = state.plan.school;
  const own = next.itemId === null ? undefined : findItem(state.plan, next.itemId)?.item.cues.setup;
  return { kind: 'item', name: execution.exercise.name[words], setup: own ?? execution.cues.setup[words] };
}
