import type * as z from 'zod';
import type { Shared } from './part';

/** Which sayable values a number of a dose steps along; the scale gives its unit too. */
export type Scale = 'counts' | 'seconds' | 'pauses' | 'tempos' | 'phase';

/** A number of a dose that can be changed. */
export interface NumberOf {
  /** What it is, for a label: "reps", "seconds of each hold". */
  readonly meaning: string;
  readonly scale: Scale;
  /** Whether fit may change it: amounts and their seconds, never tempo, rests or multipliers. */
  readonly fits: boolean;
}
export const num = (meaning: string, scale: Scale, fits = false): NumberOf => ({ meaning, scale, fits });

/** A number in the sentence that can be changed, with where it lives in the part and which sayable values it takes. */
export interface DoseField {
  readonly path: string;
  readonly value: number;
  readonly unit: 's' | 'count' | 'bpm';
  readonly scale: Scale;
  readonly meaning: string;
}
/** A dose sentence is words and changeable numbers in reading order. */
export type DoseToken = { readonly words: string } | { readonly field: DoseField };

const units: Readonly<Record<Scale, DoseField['unit']>> = {
  counts: 'count',
  seconds: 's',
  pauses: 's',
  phase: 's',
  tempos: 'bpm',
};
export const fieldToken = (path: string, value: number, { meaning, scale }: NumberOf): DoseToken => ({
  field: { path, value, unit: units[scale], scale, meaning },
});

/** Pieces of work of a part, without its multipliers and sets. All times in ms. */
export interface UnitLayout {
  /** Pieces of work at each station. */
  readonly units: number;
  /** Pause between two neighbouring pieces. */
  readonly gapMs: number;
  /** When piece `index` (0-based within its set) starts, pauses left out. Never a sum of rounded lengths. */
  readonly unitStartMs: (index: number) => number;
}

/** How a piece of work is drawn on the thread: a stitch, a satin bar, a phrase, a dot, a chain of steps, a fading bar. */
export type Stitch = 'stitch' | 'satin' | 'phrase' | 'dot' | 'chain' | 'fade';

/** A phase as a dose needs it: its name and its seconds in the exercise. */
export interface PhaseLength {
  readonly name: string;
  readonly seconds: number;
}

/**
 * One way to count a dose: everything that is particular to it. A new kind is one such file and its line in
 * `kinds/index.ts`; readers ask the kind and never its name.
 */
export interface Kind<
  P extends Shared = Shared,
  S extends z.ZodType = z.ZodType<P>,
  E extends string = string,
  G extends string | null = string | null,
> {
  readonly schema: S;
  /** What it is counted as, in a list to choose from. */
  readonly name: string;
  /** What one unit is called, one and many. */
  readonly unit: readonly [one: string, many: string];
  /** Where its numbers begin when a part becomes this kind. */
  readonly plain: P;
  readonly numbers: Readonly<Partial<Record<keyof P & string, NumberOf>>>;
  /** The part as a sentence: words, names of its numbers (as `{ at }`), or tokens of its own. */
  readonly sentence: (
    part: P,
    phases: readonly PhaseLength[],
  ) => readonly (string | { readonly at: keyof P & string } | DoseToken)[];
  /** The amount in short: "12 reps", "4 holds of 10 s". The amount itself may be a range in words: "10 to 12". */
  readonly say: (part: P, amount: string) => string;
  /** The number that makes the part longer or shorter: what a window or a slot changes first. */
  readonly amount: (part: P) => keyof P & string;
  /** A changed part with its numbers in order again, where they depend on each other. */
  readonly inOrder?: (part: P) => P;
  /** Writes a number that lies deeper than a name of its own; null where the path is not one. */
  readonly write?: (part: P, path: readonly string[], value: number, phaseSeconds: readonly number[]) => P | null;
  readonly layOut: (part: P, phaseSeconds: readonly number[]) => UnitLayout;
  /** The tempo a teacher gave it, one entry a phase, seconds; null for the exercise's own. */
  readonly tempo?: (part: P) => readonly number[] | null;
  /** The part at the exercise's own tempo again. */
  readonly atOwnTempo?: (part: P) => P;
  /** Lengths of the phases of one unit, ms, where a unit runs through them. */
  readonly phasesMs?: (part: P, phaseSeconds: readonly number[]) => readonly number[];
  /** Where the work has no end of its own: least, usual and most seconds. */
  readonly bounds?: (part: P) => readonly [least: number, usual: number, most: number];
  /** Beats of one unit and how many a minute, where its count is called in beats. */
  readonly beats?: (part: P) => readonly [beats: number, perMinute: number];
  /** How its count is shown while it runs: units called up, beats called up, or seconds down. */
  readonly called: 'units' | 'beats' | 'seconds';
  /** Beats a minute of the music it is done to. */
  readonly music?: (part: P) => number;
  /** What a unit and the pause between two are called on the timeline. */
  readonly event: E;
  readonly gapEvent: G;
  readonly stitch: Stitch;
  /** Too narrow to tell apart, its stitches turn into texture. */
  readonly gathers: boolean;
  /** In an exercise of alternating feet it alternates unit by unit; else both feet do it. */
  readonly alternates: boolean;
  /** Counted by people, or by a clock or music that does not wait for them. */
  readonly paced: 'counted' | 'byTheClock';
  /** Work by the clock: it goes round the phases of the exercise as often as it lasts. */
  readonly roundsPhases: boolean;
  /** Its first unit doubles as the demonstration of a new exercise. */
  readonly demonstrated: boolean;
  /** It has no end of its own: it goes on until the teacher taps. */
  readonly open?: true;
  /** A school may give its number as a time, or until it is felt. */
  readonly countable: boolean;
}

/** Keeps the literal types of a kind, so that events and schema stay exact. */
export const defineKind = <P extends Shared, S extends z.ZodType<P>, E extends string, G extends string | null>(
  kind: Kind<P, S, E, G>,
): Kind<P, S, E, G> => kind;

export const evenly = (unitMs: number) => (index: number) => index * unitMs;

/** Instant of beat `k` counted from its phrase's start, in ms: round(k · 60000 / bpm), never a sum of rounded beats. */
export function beatMs(k: number, beatsPerMinute: number): number {
  return Math.round((k * 60_000) / beatsPerMinute);
}

export const many = (n: number, [one, more]: readonly [string, string]): string => (n === 1 ? one : more);
