import * as z from 'zod';
import { defineKind, evenly, fieldToken, many, num } from '../kind';
import { type Rounds, count, rounds, shared } from '../part';

const schema = z.strictObject({
  kind: z.literal('reps'),
  reps: count(200),
  /** In place of the seconds of the exercise's phases, one entry a phase. */
  tempoSeconds: z.array(z.number().min(0.25).max(60).multipleOf(0.25)).min(1).max(12).nullable(),
  ...shared,
});
type Reps = z.infer<typeof schema>;

export const reps = (n: number, r: Rounds & { readonly tempo?: number[] } = {}): Reps => ({
  kind: 'reps',
  reps: n,
  tempoSeconds: r.tempo ?? null,
  ...rounds(r),
});

const unit = ['rep', 'reps'] as const;
const phasesMs = ({ tempoSeconds }: Reps, phaseSeconds: readonly number[]) =>
  (tempoSeconds ?? phaseSeconds).map((s) => Math.round(s * 1000));

/** Repetitions through the exercise's phases. */
export const repsKind = defineKind({
  schema,
  name: 'reps',
  unit,
  plain: reps(10),
  numbers: { reps: num('reps', 'counts', true) },
  sentence: ({ reps: n, tempoSeconds }, phases) => {
    const tempo = tempoSeconds ?? phases.map((p) => p.seconds);
    const names = tempo.map((_, i) => phases[i]?.name ?? `phase ${i + 1}`);
    return [
      { at: 'reps' },
      many(n, unit),
      '·',
      ...tempo.flatMap((s, i) => [
        fieldToken(`tempo.${i}`, s, num(`seconds to ${names[i] ?? ''}`, 'phase')),
        `${names[i] ?? ''}${i < tempo.length - 1 ? ',' : ''}`,
      ]),
    ];
  },
  say: ({ reps: n }, amount) => `${amount} ${many(n, unit)}`,
  amount: () => 'reps',
  write: (part, [head, index], value, phaseSeconds) => {
    if (head !== 'tempo') return null;
    const tempoSeconds = [...(part.tempoSeconds ?? phaseSeconds)];
    tempoSeconds[Number(index)] = value;
    return { ...part, tempoSeconds };
  },
  layOut: (part, phaseSeconds) => ({
    units: part.reps,
    gapMs: 0,
    unitStartMs: evenly(phasesMs(part, phaseSeconds).reduce((a, b) => a + b, 0)),
  }),
  tempo: (part) => part.tempoSeconds,
  atOwnTempo: (part) => ({ ...part, tempoSeconds: null }),
  phasesMs,
  called: 'units',
  event: 'rep',
  gapEvent: null,
  stitch: 'stitch',
  gathers: true,
  alternates: true,
  paced: 'counted',
  roundsPhases: false,
  demonstrated: true,
  countable: true,
});
