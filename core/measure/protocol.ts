import * as z from 'zod';

/** What a number counts. */
export const Unit = z.enum(['degrees', 'seconds', 'reps', 'times', 'cm', 'mm', 'cm2', 'percent', 'points']);
export type Unit = z.infer<typeof Unit>;

/** How a unit is written behind its number, and read aloud. */
export const unitWords: Readonly<Record<Unit, { readonly sign: string; readonly name: string }>> = {
  degrees: { sign: '°', name: 'degrees' },
  seconds: { sign: ' s', name: 'seconds' },
  reps: { sign: ' rises', name: 'rises' },
  /** Counted, and no rise: taps, steps, curls. */
  times: { sign: ' times', name: 'times' },
  cm: { sign: ' cm', name: 'centimetres' },
  mm: { sign: ' mm', name: 'millimetres' },
  cm2: { sign: ' cm²', name: 'square centimetres' },
  percent: { sign: ' %', name: 'per cent' },
  points: { sign: ' of 10', name: 'points of ten' },
};

const Span = z
  .strictObject({ least: z.number(), most: z.number() })
  .refine(({ least, most }) => least < most, { error: 'range-order' });
export type Span = z.infer<typeof Span>;

/** A check that gives a number. Noise, rater and weekly change are on the judging scale: raw, or ln(1 + value). */
export const NumberResult = z.strictObject({
  gives: z.literal('number'),
  unit: Unit,
  /** Trials of a usual reading, and how they make one value. */
  trials: z.int().min(1).max(6),
  combine: z.enum(['mean', 'best', 'single']),
  /** The smallest step that can be read off. */
  step: z.number().positive(),
  /** Outside this a trial is refused. */
  refuse: Span,
  /** Outside this somebody is asked whether it stands. */
  ask: Span,
  scale: z.enum(['raw', 'log']),
  /** Standard error of measurement of one reading with its usual trials; null where nobody knows it yet. */
  noise: z.number().positive().nullable(),
  /** Whose figure the noise is. */
  noiseFrom: z.enum(['published', 'estimate', 'teacher']),
  /** What another rater adds, as a share of the noise. */
  rater: z.number().min(0).max(3),
  /** Change that can be expected in a week. */
  weekly: z.number().positive(),
  /** Whether the first reading ever is practice. */
  practice: z.boolean(),
  /** Where the check is ended and can show no more; null where it has no end. */
  cap: z.number().positive().nullable(),
  /** At or under this the check can show no less; null where it has no floor. */
  floor: z.number().min(0).nullable(),
});
export type NumberResult = z.infer<typeof NumberResult>;

const answer = z.string().trim().min(1).max(60);
/** What a check gives: a number; one of a few words, in an order or by name; an hour of a clock face; marks on the sole. */
export const ProtocolResult = z.discriminatedUnion('gives', [
  NumberResult,
  /** The last one is hoped for. */
  z.strictObject({ gives: z.literal('ordered'), answers: z.array(answer).min(2).max(5) }),
  z.strictObject({ gives: z.literal('named'), answers: z.array(answer).min(2).max(5), hoped: answer }),
  z.strictObject({ gives: z.literal('clock') }),
  z.strictObject({ gives: z.literal('marks') }),
]);
export type ProtocolResult = z.infer<typeof ProtocolResult>;

/** Drawings that ship beside a protocol where words are not enough. */
export const ProtocolDrawing = z.enum([
  'big-toe',
  'knee-to-wall',
  'tracing',
  'arch-height',
  'heel-line',
  'clock',
  'sole',
]);
export type ProtocolDrawing = z.infer<typeof ProtocolDrawing>;

/** How a check is taken, and what its answer is worth. */
export const Protocol = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{4,40}$/, { error: 'id-form' }),
  name: z.string().trim().min(1).max(80),
  /** Over a column of readings. */
  short: z.string().trim().min(1).max(24),
  /** The exercise with which it is taken where it stands in a class by itself; null where it needs a teacher for each. */
  takenWith: z.string().min(1).max(64).nullable(),
  /** Each foot for itself, or both at once. */
  sides: z.enum(['each', 'both']),
  steps: z.array(z.string().trim().min(1).max(200)).max(6),
  /** What it needs beside the feet, in words. */
  needs: z.array(z.string().trim().min(1).max(40)).max(6),
  drawing: ProtocolDrawing.nullable(),
  result: ProtocolResult,
  /** What is counted beside a word and not judged: "dropped on rise"; null where nothing is. */
  counted: z.string().trim().min(1).max(40).nullable(),
  /** Whether change is judged; a walk that is better or worse says so itself. */
  judged: z.boolean(),
  /** What to take instead at the end of its range. */
  instead: z.strictObject({ above: z.string().max(80).nullable(), below: z.string().max(80).nullable() }),
});
export type Protocol = z.infer<typeof Protocol>;

/** A protocol that gives a number. */
export type NumberProtocol = Protocol & { readonly result: NumberResult };
export const isNumber = (protocol: Protocol): protocol is NumberProtocol => protocol.result.gives === 'number';

/** A check that is known to give a number. @throws TypeError where it does not */
export function numberCheck(protocol: Protocol): NumberProtocol {
  if (!isNumber(protocol)) throw new TypeError(`${protocol.id} gives no number`);
  return protocol;
}
