import { beatMs } from '../dose';

/** How counts lie on eights: whole ones, and what is left over. */
export interface Eights {
  readonly whole: number;
  readonly over: number;
}

/** @example eightsIn(24) // { whole: 3, over: 0 }; eightsIn(12) // { whole: 1, over: 4 } */
export const eightsIn = (counts: number): Eights => ({ whole: Math.floor(counts / 8), over: counts % 8 });

/** @example closes(32) // true; closes(12) // false */
export const closes = (counts: number): boolean => counts > 0 && counts % 8 === 0;

const numbers = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const said = (n: number): string => numbers[n] ?? String(n);

/** Counts as a dancer would say them: “three eights”, “one eight and 4: it does not close”. */
export function eightsWords(counts: number): string {
  const { whole, over } = eightsIn(counts);
  if (over === 0) return `${said(whole)} ${whole === 1 ? 'eight' : 'eights'}`;
  const first = whole === 0 ? '' : `${said(whole)} ${whole === 1 ? 'eight' : 'eights'} and `;
  return `${first}${over}: it does not close`;
}

/** How long counts take at a tempo, ms. @example countsMs(32, 96) // 20 000 */
export const countsMs = (counts: number, beatsPerMinute: number): number => beatMs(counts, beatsPerMinute);

/** Tempos that anybody moves to with their feet (Needlework's own), and all that can be written. */
export const tempoLimits = { least: 30, most: 240 } as const;

/**
 * The tempo at which counts fill a time, to the whole beat a minute; null where no tempo that can be written comes within
 * half a second of it.
 * @example tempoFor(32, 20_000) // { beatsPerMinute: 96, ms: 20 000 }
 */
export function tempoFor(counts: number, ms: number): { readonly beatsPerMinute: number; readonly ms: number } | null {
  if (counts <= 0 || ms <= 0) return null;
  const beatsPerMinute = Math.round((counts * 60_000) / ms);
  if (beatsPerMinute < tempoLimits.least || beatsPerMinute > tempoLimits.most) return null;
  const found = countsMs(counts, beatsPerMinute);
  return Math.abs(found - ms) <= 500 ? { beatsPerMinute, ms: found } : null;
}

/**
 * The whole eights that come nearest to a time at a tempo, at least one.
 * @example phraseFor(20_000, 96) // { eights: 4, ms: 20 000 }
 */
export function phraseFor(ms: number, beatsPerMinute: number): { readonly eights: number; readonly ms: number } {
  const eights = Math.max(1, Math.round((ms * beatsPerMinute) / 60_000 / 8));
  return { eights, ms: countsMs(8 * eights, beatsPerMinute) };
}
