import * as z from 'zod';

/** What a count is a count *of*, beyond the feet themselves: ten per toe is fifty. */
export const MultiplierKind = z.enum(['toes', 'gaps', 'spots', 'directions', 'contact-points', 'pulls']);
export type MultiplierKind = z.infer<typeof MultiplierKind>;

export const Multiplier = z.strictObject({ per: MultiplierKind, count: z.int().min(1).max(12) });
export type Multiplier = z.infer<typeof Multiplier>;

const count = (most: number) => z.int().min(1).max(most);
const seconds = (most: number) => z.int().min(1).max(most);
const pauseSeconds = z.int().min(0).max(300);

const shared = {
  /** How many times the whole part is done on each foot. */
  sets: count(20),
  /** Rest between two sets, seconds. */
  setRestSeconds: pauseSeconds,
  multipliers: z
    .array(Multiplier)
    .max(3)
    .refine((list) => new Set(list.map((m) => m.per)).size === list.length, { error: 'multiplier-twice' }),
};

/** Repetitions through the exercise's phases. `tempoSeconds` replaces the seconds of the phases, one entry a phase. */
export const RepsPart = z.strictObject({
  kind: z.literal('reps'),
  reps: count(200),
  tempoSeconds: z.array(z.number().min(0.25).max(60).multipleOf(0.25)).min(1).max(12).nullable(),
  ...shared,
});
/** Holds: `restSeconds` lies between any two holds of one set. */
export const HoldPart = z.strictObject({
  kind: z.literal('hold'),
  holds: count(60),
  holdSeconds: seconds(600),
  restSeconds: pauseSeconds,
  ...shared,
});
/** Slow passes over the foot, as in rolling. */
export const PassesPart = z.strictObject({
  kind: z.literal('passes'),
  passes: count(60),
  passSeconds: seconds(60),
  ...shared,
});
/** A stay on each spot, `shiftSeconds` to find the next one. */
export const StopsPart = z.strictObject({
  kind: z.literal('stops'),
  spots: count(30),
  stopSeconds: seconds(120),
  shiftSeconds: z.int().min(0).max(30),
  ...shared,
});
/** Lengths of the room: `steps` at `stepsPerMinute`, `turnSeconds` between lengths. */
export const TravelPart = z.strictObject({
  kind: z.literal('travel'),
  passes: count(40),
  steps: count(200),
  stepsPerMinute: z.int().min(20).max(240),
  turnSeconds: z.int().min(0).max(60),
  ...shared,
});
export const TimedPart = z.strictObject({ kind: z.literal('timed'), seconds: seconds(1800), ...shared });
/** Counts to music: phrases of counts at a tempo. */
export const CountsPart = z.strictObject({
  kind: z.literal('counts'),
  phrases: count(64),
  countsPerPhrase: count(64),
  beatsPerMinute: z.int().min(30).max(240),
  ...shared,
});
export const BreathsPart = z.strictObject({
  kind: z.literal('breaths'),
  breaths: count(60),
  breathSeconds: z.int().min(2).max(20),
  ...shared,
});
/** By feel, until it is felt or form goes, inside a window; the plan counts `usualSeconds`. */
export const ByFeelPart = z.strictObject({
  kind: z.literal('byFeel'),
  leastSeconds: seconds(900),
  usualSeconds: seconds(900),
  mostSeconds: seconds(900),
  ...shared,
});

export const DosePart = z
  .discriminatedUnion('kind', [
    RepsPart,
    HoldPart,
    PassesPart,
    StopsPart,
    TravelPart,
    TimedPart,
    CountsPart,
    BreathsPart,
    ByFeelPart,
  ])
  .refine((p) => p.kind !== 'byFeel' || (p.leastSeconds <= p.usualSeconds && p.usualSeconds <= p.mostSeconds), {
    error: 'window-order',
    path: ['usualSeconds'],
  });
export type DosePart = z.infer<typeof DosePart>;
export type DoseKind = DosePart['kind'];

/** A dose is mostly one part; a composite is common (10 to 15 reps, then one hold of 10 to 30 s). */
export const Dose = z.array(DosePart).min(1).max(4);
export type Dose = z.infer<typeof Dose>;

/** What a rung asks: never under `least`, never over `most`; all three have the same kinds in the same order. */
export const DoseRange = z
  .strictObject({
    least: Dose,
    usual: Dose,
    most: Dose,
    /** Where the usual figure comes from. */
    source: z.enum(['usual practice', "Needlework's own"]),
  })
  .refine((r) => sameKinds(r.least, r.usual) && sameKinds(r.usual, r.most), { error: 'range-kinds' });
export type DoseRange = z.infer<typeof DoseRange>;

function sameKinds(a: Dose, b: Dose): boolean {
  return a.length === b.length && a.every((part, i) => part.kind === b[i]?.kind);
}
