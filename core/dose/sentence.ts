import { sayTime } from '../say-time';
import { amountName, numberIn, numberOf, unitsOf } from './amount';
import type { DosePart } from './dose';
import { type DoseToken, type PhaseLength, fieldToken, many } from './kind';
import { kindOf, kinds } from './kinds';
import type { MultiplierKind } from './part';
import { alternates, partTime } from './work';

/** How the two feet share an exercise. */
export type FeetPattern = 'both' | 'each' | 'alternate' | 'travelling';

const multiplierWords: Readonly<Record<MultiplierKind, readonly [string, string]>> = {
  toes: ['toe', 'toes'],
  gaps: ['gap between toes', 'gaps between toes'],
  spots: ['sore spot', 'sore spots'],
  directions: ['way', 'ways'],
  'contact-points': ['contact point', 'contact points'],
  pulls: ['pull', 'pulls'],
};
export const sayMultiplier = (per: MultiplierKind, n: number): string => many(n, multiplierWords[per]);

export const feetWords: Readonly<Record<FeetPattern, string>> = {
  both: 'both feet',
  each: 'each foot',
  alternate: 'each foot, alternating',
  travelling: 'walking',
};

const say = (words: string): DoseToken => ({ words });
const count = (path: string, value: number, meaning: string) =>
  fieldToken(path, value, { meaning, scale: 'counts', fits: false });

/** The part as a sentence of words and changeable numbers, the feet left to the caller. */
export function doseTokens(part: DosePart, phases: readonly PhaseLength[]): DoseToken[] {
  const rounds = part.sets === 1 ? [] : [count('sets', part.sets, 'rounds'), say('rounds of')];
  const own = kindOf(part)
    .sentence(part, phases)
    .map((piece): DoseToken => {
      if (typeof piece === 'string') return say(piece);
      if (!('at' in piece)) return piece;
      const number = numberOf(part, piece.at);
      return number ? fieldToken(piece.at, numberIn(part, piece.at), number) : say(piece.at);
    });
  const per = part.multipliers.flatMap((m, i) => [
    say(m.per === 'directions' ? 'in' : 'at'),
    count(`multipliers.${i}.count`, m.count, sayMultiplier(m.per, 2)),
    say(sayMultiplier(m.per, m.count)),
  ]);
  return [...rounds, ...own, ...per];
}

/** What one unit of a part is called, one or many. */
export const sayUnit = (kind: DosePart['kind'], n: number): string => many(n, kinds[kind].unit);

/**
 * The dose as a teacher says it, in short: "3 rounds of 30 s, 3 contact points, each foot".
 * Pauses are left out; the timeline states them. Without `feet` the feet go unsaid.
 */
export function sayPart(part: DosePart, feet: FeetPattern | null): string {
  const rounds = part.sets === 1 ? '' : `${part.sets} rounds of `;
  const points = part.multipliers.map((m) => `, ${m.count} ${sayMultiplier(m.per, m.count)}`).join('');
  const until = part.until === undefined ? '' : ` until ${part.until}`;
  return `${rounds}${kindOf(part).say(part, amountWords(part))}${until}${points}${feet ? `, ${feetWords[feet]}` : ''}`;
}

/** The amount as it is said: "10", "10 to 12", "10, 15 or 20". */
export function amountWords(part: DosePart): string {
  const said = part.range;
  if (!said) return String(numberIn(part, amountName(part)));
  if (said.length === 2) return said.join(' to ');
  return `${said.slice(0, -1).join(', ')} or ${said.at(-1) ?? ''}`;
}

/** What "n" comes to: the factors, their product in units of the part, and the time of that work. */
export interface DoseProduct {
  /** "5 toes × 2 ways × 2 feet = 20 reps, 1:40" */
  readonly words: string;
  readonly units: number;
  readonly workMs: number;
}

/** Multiplies a part out: n per what, over how many feet, and how long that is. Both feet at once count once in class time. */
export function doseProduct(part: DosePart, phaseSeconds: readonly number[], feet: FeetPattern): DoseProduct {
  const each = unitsOf(part);
  const sides = feet === 'each' || (feet === 'alternate' && alternates(part)) ? 2 : 1;
  const units = part.multipliers.reduce((n, m) => n * m.count, each) * part.sets * sides;
  const workMs = partTime(part, phaseSeconds).workMs * sides;
  const factors = [
    each > 1 || part.multipliers.length === 0 ? `${each} ${sayUnit(part.kind, each)}` : '',
    ...part.multipliers.map((m) => `${m.count} ${sayMultiplier(m.per, m.count)}`),
    part.sets > 1 ? `${part.sets} rounds` : '',
    sides === 2 ? '2 feet' : '',
  ].filter((f) => f !== '');
  const product = factors.length > 1 ? ` = ${units} ${sayUnit(part.kind, units)}` : '';
  return { words: `${factors.join(' × ')}${product}, ${sayTime(workMs)}`, units, workMs };
}

/** A composite dose: its parts joined by "then". */
export function sayDose(dose: readonly DosePart[], feet: FeetPattern | null): string {
  return dose.map((part, i) => sayPart(part, i < dose.length - 1 ? null : feet)).join(', then ');
}
