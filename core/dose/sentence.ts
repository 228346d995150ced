import { sayTime } from '../say-time';
import type { DosePart, MultiplierKind } from './dose';
import { alternates, layOut } from './work';

/** How the two feet share an exercise. */
export type FeetPattern = 'both' | 'each' | 'alternate' | 'travelling';

/** A number in the sentence that can be changed, with where it lives in the part and which sayable values it takes. */
export interface DoseField {
  readonly path: string;
  readonly value: number;
  readonly unit: 's' | 'count' | 'bpm';
  readonly scale: 'counts' | 'seconds' | 'pauses' | 'tempos' | 'phase';
  /** What the number is, for a label: 'reps', 'seconds of each hold'. */
  readonly meaning: string;
}

/** A dose sentence is words and changeable numbers in reading order. */
export type DoseToken = { readonly words: string } | { readonly field: DoseField };

const say = (words: string): DoseToken => ({ words });
const counted = (path: string, value: number, meaning: string): DoseToken => ({
  field: { path, value, unit: 'count', scale: 'counts', meaning },
});
const lasting = (
  path: string,
  value: number,
  meaning: string,
  scale: 'seconds' | 'pauses' | 'phase' = 'seconds',
): DoseToken => ({
  field: { path, value, unit: 's', scale, meaning },
});

const many = (n: number, one: string, more = `${one}s`) => (n === 1 ? one : more);

const multiplierWords: Readonly<Record<MultiplierKind, readonly [string, string]>> = {
  toes: ['toe', 'toes'],
  gaps: ['gap between toes', 'gaps between toes'],
  spots: ['sore spot', 'sore spots'],
  directions: ['way', 'ways'],
  'contact-points': ['contact point', 'contact points'],
  pulls: ['pull', 'pulls'],
};
export const sayMultiplier = (per: MultiplierKind, n: number): string => multiplierWords[per][n === 1 ? 0 : 1];

export const feetWords: Readonly<Record<FeetPattern, string>> = {
  both: 'both feet',
  each: 'each foot',
  alternate: 'each foot, alternating',
  travelling: 'walking',
};

/** The part as a sentence of words and changeable numbers, the feet left to the caller. */
export function doseTokens(
  part: DosePart,
  phases: readonly { readonly name: string; readonly seconds: number }[],
): DoseToken[] {
  const tokens = [...setTokens(part), ...kindTokens(part, phases)];
  part.multipliers.forEach((m, i) => {
    tokens.push(
      say(m.per === 'directions' ? 'in' : 'at'),
      counted(`multipliers.${i}.count`, m.count, sayMultiplier(m.per, 2)),
      say(sayMultiplier(m.per, m.count)),
    );
  });
  return tokens;
}

function setTokens(part: DosePart): DoseToken[] {
  if (part.sets === 1) return [];
  return [counted('sets', part.sets, 'rounds'), say('rounds of')];
}

function kindTokens(
  part: DosePart,
  phases: readonly { readonly name: string; readonly seconds: number }[],
): DoseToken[] {
  switch (part.kind) {
    case 'reps': {
      const tempo = part.tempoSeconds ?? phases.map((p) => p.seconds);
      return [
        counted('reps', part.reps, 'reps'),
        say(many(part.reps, 'rep')),
        say('·'),
        ...tempo.flatMap((s, i) => [
          lasting(`tempo.${i}`, s, `seconds to ${phases[i]?.name ?? `phase ${i + 1}`}`, 'phase'),
          say(`${phases[i]?.name ?? `phase ${i + 1}`}${i < tempo.length - 1 ? ',' : ''}`),
        ]),
      ];
    }
    case 'hold':
      return [
        ...(part.holds === 1 ? [] : [counted('holds', part.holds, 'holds'), say('holds of')]),
        lasting('holdSeconds', part.holdSeconds, 'seconds of each hold'),
        say('hold,'),
        lasting('restSeconds', part.restSeconds, 'seconds of rest between holds', 'pauses'),
        say('between'),
      ];
    case 'passes':
      return [
        counted('passes', part.passes, 'passes'),
        say(`slow ${many(part.passes, 'pass', 'passes')} of`),
        lasting('passSeconds', part.passSeconds, 'seconds of each pass'),
      ];
    case 'stops':
      return [
        counted('spots', part.spots, 'spots'),
        say(`${many(part.spots, 'spot')},`),
        lasting('stopSeconds', part.stopSeconds, 'seconds on each spot'),
        say('on each,'),
        lasting('shiftSeconds', part.shiftSeconds, 'seconds to shift', 'pauses'),
        say('to shift'),
      ];
    case 'travel':
      return [
        counted('passes', part.passes, 'lengths'),
        say(`${many(part.passes, 'length')} of`),
        counted('steps', part.steps, 'steps in a length'),
        say('steps at'),
        {
          field: {
            path: 'stepsPerMinute',
            value: part.stepsPerMinute,
            unit: 'bpm',
            scale: 'tempos',
            meaning: 'steps a minute',
          },
        },
        say('a minute'),
      ];
    case 'timed':
      return [lasting('seconds', part.seconds, 'seconds')];
    case 'counts':
      return [
        counted('phrases', part.phrases, 'phrases'),
        say(`${many(part.phrases, 'phrase')} of`),
        counted('countsPerPhrase', part.countsPerPhrase, 'counts in a phrase'),
        say('counts at'),
        {
          field: {
            path: 'beatsPerMinute',
            value: part.beatsPerMinute,
            unit: 'bpm',
            scale: 'tempos',
            meaning: 'beats a minute',
          },
        },
        say('beats a minute'),
      ];
    case 'breaths':
      return [
        counted('breaths', part.breaths, 'breaths'),
        say(`${many(part.breaths, 'breath')} of`),
        lasting('breathSeconds', part.breathSeconds, 'seconds of each breath'),
      ];
    case 'byFeel':
      return [
        say('by feel, about'),
        lasting('usualSeconds', part.usualSeconds, 'seconds, usually'),
        say('(between'),
        lasting('leastSeconds', part.leastSeconds, 'seconds, at least'),
        say('and'),
        lasting('mostSeconds', part.mostSeconds, 'seconds, at most'),
        say(')'),
      ];
  }
}

/** What one unit of a part is called, one and many. */
const unitWords: Readonly<Record<DosePart['kind'], readonly [string, string]>> = {
  reps: ['rep', 'reps'],
  hold: ['hold', 'holds'],
  passes: ['pass', 'passes'],
  stops: ['stop', 'stops'],
  travel: ['length', 'lengths'],
  timed: ['stretch of time', 'stretches of time'],
  counts: ['phrase', 'phrases'],
  breaths: ['breath', 'breaths'],
  byFeel: ['go', 'goes'],
};
export const sayUnit = (kind: DosePart['kind'], n: number): string => unitWords[kind][n === 1 ? 0 : 1];

/**
 * The dose as a teacher says it, in short: "3 rounds of 30 s, 3 contact points, each foot".
 * Pauses are left out; the timeline states them. Without `feet` the feet go unsaid.
 */
export function sayPart(part: DosePart, feet: FeetPattern | null): string {
  const rounds = part.sets === 1 ? '' : `${part.sets} rounds of `;
  const points = part.multipliers.map((m) => `, ${m.count} ${sayMultiplier(m.per, m.count)}`).join('');
  return `${rounds}${sayAmount(part)}${points}${feet ? `, ${feetWords[feet]}` : ''}`;
}

function sayAmount(part: DosePart): string {
  switch (part.kind) {
    case 'reps':
      return `${part.reps} ${sayUnit('reps', part.reps)}`;
    case 'hold':
      return part.holds === 1 ? `${part.holdSeconds} s` : `${part.holds} holds of ${part.holdSeconds} s`;
    case 'passes':
      return `${part.passes} slow ${sayUnit('passes', part.passes)}`;
    case 'stops':
      return `${part.spots} ${many(part.spots, 'spot')} of ${part.stopSeconds} s`;
    case 'travel':
      return `${part.passes} × ${part.steps} steps`;
    case 'timed':
      return sayTime(part.seconds * 1000);
    case 'counts':
      return `${part.phrases} × ${part.countsPerPhrase} counts at ${part.beatsPerMinute}`;
    case 'breaths':
      return `${part.breaths} ${sayUnit('breaths', part.breaths)}`;
    case 'byFeel':
      return `by feel, about ${part.usualSeconds} s`;
  }
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
  const l = layOut(part, phaseSeconds);
  const sides = feet === 'each' || (feet === 'alternate' && alternates(part)) ? 2 : 1;
  const units = l.sets * l.stations * l.unitsPerStation * sides;
  const workMs = l.sets * l.unitStartMs(l.stations * l.unitsPerStation) * sides;
  const factors = [
    l.unitsPerStation > 1 || part.multipliers.length === 0
      ? `${l.unitsPerStation} ${sayUnit(part.kind, l.unitsPerStation)}`
      : '',
    ...part.multipliers.map((m) => `${m.count} ${sayMultiplier(m.per, m.count)}`),
    l.sets > 1 ? `${l.sets} rounds` : '',
    sides === 2 ? '2 feet' : '',
  ].filter((f) => f !== '');
  const product = factors.length > 1 ? ` = ${units} ${sayUnit(part.kind, units)}` : '';
  return { words: `${factors.join(' × ')}${product}, ${sayTime(workMs)}`, units, workMs };
}

/** A composite dose: its parts joined by "then". */
export function sayDose(dose: readonly DosePart[], feet: FeetPattern): string {
  return dose.map((part, i) => sayPart(part, i < dose.length - 1 ? null : feet)).join(', then ');
}
