import { beatMs, kindOf } from '../dose';
import { type Plan, findItem } from '../plan';
import type { TimelineEvent } from '../timeline';
import type { Bout } from './bout';

/** A quiet sound: a rep begins, a phase begins, a beat passes, a side or item is over. */
export interface Tone {
  readonly kind: 'rep' | 'phase' | 'beat' | 'end';
  /** From the first rep of the bout, ms of counted time. */
  readonly workMs: number;
}

/** How each is heard, Hz; two pitches follow each other. */
export const tonePitches: Readonly<Record<Tone['kind'], readonly number[]>> = {
  rep: [523],
  phase: [392],
  beat: [784],
  end: [659, 440],
};

/**
 * When a bout sounds, in order: every start of a rep or hold, every change of phase inside it, and its end. Work that has no
 * end of its own is silent: a tone would end it. Where it is done to counts and no piece of music plays, every beat is heard.
 */
export function tonesOf(bout: Bout, plan: Plan): Tone[] {
  const tones: Tone[] = [];
  for (const event of bout.events) {
    if (event.activity === 'rest' || event.open) continue;
    let atMs = event.startMs - bout.workStartMs;
    tones.push({ kind: event.kind === 'count-in' ? 'beat' : 'rep', workMs: atMs });
    tones.push(...beatsIn(event, plan).map((ms): Tone => ({ kind: 'beat', workMs: atMs + ms })));
    for (const ms of event.phaseMs?.slice(0, -1) ?? []) {
      atMs += ms;
      tones.push({ kind: 'phase', workMs: atMs });
    }
  }
  if (bout.events.length === 0 || bout.events.at(-1)?.open) return tones;
  return [...tones, { kind: 'end', workMs: bout.workEndMs - bout.workStartMs }];
}

/** The beats inside a phrase or a count-in after its first, ms from its start; none where music plays, or there are no counts. */
function beatsIn({ itemId, kind, count }: TimelineEvent, plan: Plan): number[] {
  const item = itemId === null ? undefined : findItem(plan, itemId)?.item;
  const part = item?.dose[count?.part ?? 0];
  const [beats, tempo] = (part && kindOf(part).beats?.(part)) ?? [0, 0];
  const { pieces, countIn } = plan.music;
  if (tempo === 0 || pieces.some(({ id }) => id === item?.piece)) return [];
  const after = Math.max(0, (kind === 'count-in' ? countIn : beats) - 1);
  return Array.from({ length: after }, (_, i) => beatMs(i + 1, tempo));
}
