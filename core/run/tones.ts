import type { Bout } from './bout';

/** A quiet sound: a rep begins, a phase begins, a side or item is over. */
export interface Tone {
  readonly kind: 'rep' | 'phase' | 'end';
  /** From the first rep of the bout, ms of counted time. */
  readonly workMs: number;
}

/** How each is heard, Hz; two pitches follow each other. */
export const tonePitches: Readonly<Record<Tone['kind'], readonly number[]>> = {
  rep: [523],
  phase: [392],
  end: [659, 440],
};

/**
 * When a bout sounds, in order: every start of a rep or hold, every change of phase inside it, and its end. Work that has no
 * end of its own is silent: a tone would end it.
 */
export function tonesOf(bout: Bout): Tone[] {
  const tones: Tone[] = [];
  for (const event of bout.events) {
    if (event.activity === 'rest' || event.open) continue;
    let atMs = event.startMs - bout.workStartMs;
    tones.push({ kind: 'rep', workMs: atMs });
    for (const ms of event.phaseMs?.slice(0, -1) ?? []) {
      atMs += ms;
      tones.push({ kind: 'phase', workMs: atMs });
    }
  }
  if (bout.events.length === 0 || bout.events.at(-1)?.open) return tones;
  return [...tones, { kind: 'end', workMs: bout.workEndMs - bout.workStartMs }];
}
