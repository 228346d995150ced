import type { CueKind } from '../exercise';
import { type Plan, findAny } from '../plan';
import type { Timeline } from '../timeline';
import { type Cue, type CueMoment, isTooLong } from './cue';
import { type CueScript, wordsFor } from './script';
import { shorter } from './shorter';

/** Whose words they are: a cue of the item, or what stands in a talk. */
export type MarkedWords = CueKind | 'talk';

/** Words that cannot be said in the time there is for them. */
export interface TooLong {
  readonly itemId: string;
  readonly kind: MarkedWords;
  /** The words themselves: all of the cue, or what belongs to one phase. */
  readonly words: string;
  readonly phase: string | null;
  readonly sayMs: number;
  readonly roomMs: number;
  /** A wording of the whole cue that can be said; null where only somebody who knows what to leave out can make one. */
  readonly instead: string | null;
  /** What its place would have to be longer, whole seconds; null where words over the work cost no time. */
  readonly longerSeconds: number | null;
}

const kinds: Partial<Record<CueMoment, MarkedWords>> = {
  talk: 'talk',
  setup: 'setup',
  action: 'action',
  picture: 'picture',
};

/** What the teacher says of an item, or of all, that is longer than its place; each wording once. */
export function tooLongIn(script: CueScript, itemId: string | null = null): TooLong[] {
  const seen = new Set<string>();
  return script.cues.flatMap((cue): TooLong[] => {
    const kind = kinds[cue.moment];
    const key = `${cue.itemId ?? ''} ${cue.moment} ${cue.phase ?? ''}`;
    if (!kind || cue.itemId === null || (itemId !== null && cue.itemId !== itemId) || seen.has(key)) return [];
    if (!isTooLong(cue)) return [];
    seen.add(key);
    const { words, phase, sayMs, roomMs } = cue;
    const costs = kind === 'setup' || kind === 'talk';
    return [
      {
        itemId: cue.itemId,
        kind,
        words,
        phase,
        sayMs,
        roomMs,
        instead: insteadOf(script, cue),
        longerSeconds: costs ? Math.ceil((sayMs - roomMs) / 1000) : null,
      },
    ];
  });
}

/** The words that are said of a cue where all of it cannot be: the shorter wording, else what there is. */
export const sayable = (cue: Cue, wordsPerMinute: number): string =>
  isTooLong(cue) ? (shorter(cue.words, wordsFor(cue.roomMs, wordsPerMinute)) ?? cue.words) : cue.words;

/** The whole of what is said at that moment of the bout, with every part of it short enough. */
function insteadOf({ cues, wordsPerMinute }: CueScript, { bout, moment }: Cue): string | null {
  const parts = cues.filter((cue) => cue.bout === bout && cue.moment === moment);
  const said = parts.map((cue) => sayable(cue, wordsPerMinute));
  const short = parts.every((cue, i) => !isTooLong(cue) || said[i] !== cue.words);
  return short ? said.join(' ') : null;
}

/** Talk over the work that goes on when the work is over. */
export interface TalkOutlasts {
  readonly itemId: string;
  /** What was given it, and how long the work lasts, ms. */
  readonly talkMs: number;
  readonly workMs: number;
}

/** Where talk over the work is longer than the work it is said over. */
export function talkOutlasting(plan: Plan, { events, items }: Timeline): TalkOutlasts[] {
  return items.flatMap(({ itemId }) => {
    const item = findAny(plan, itemId)?.item;
    if (item?.kind !== 'exercise') return [];
    const talkMs = Math.round(item.talk.overSeconds * 1000);
    const over = events.find((e) => e.kind === 'talk-over' && e.itemId === itemId);
    const workMs = over ? over.endMs - over.startMs : 0;
    return talkMs > workMs ? [{ itemId, talkMs, workMs }] : [];
  });
}
