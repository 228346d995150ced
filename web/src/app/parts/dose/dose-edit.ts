import {
  type Dose,
  type DoseField,
  type DoseKind,
  type DosePart,
  breaths,
  byFeel,
  counts,
  holds,
  passes,
  reps,
  stops,
  timed,
  travel,
  sayableCounts,
  sayablePauses,
  sayablePhaseSeconds,
  sayableSeconds,
  sayableTempos,
} from '@core/dose';

/** The sayable values of a field. */
export function scaleOf(field: DoseField): readonly number[] {
  return {
    counts: sayableCounts,
    seconds: sayableSeconds,
    pauses: sayablePauses,
    tempos: sayableTempos,
    phase: sayablePhaseSeconds,
  }[field.scale];
}

/**
 * A part with one number of its sentence changed. The number is not judged here: the command that carries the dose is.
 * @param phaseSeconds the exercise's own tempo, for a part that has none yet
 */
export function withField(part: DosePart, path: string, value: number, phaseSeconds: readonly number[]): DosePart {
  const [head, index] = path.split('.');
  if (head === 'tempo' && part.kind === 'reps') {
    const tempo = [...(part.tempoSeconds ?? phaseSeconds)];
    tempo[Number(index)] = value;
    return { ...part, tempoSeconds: tempo };
  }
  if (head === 'multipliers') {
    return { ...part, multipliers: part.multipliers.map((m, i) => (i === Number(index) ? { ...m, count: value } : m)) };
  }
  return { ...part, [String(head)]: value };
}

export const withPart = (dose: Dose, index: number, part: DosePart): Dose =>
  dose.map((p, i) => (i === index ? part : p));

/** A part counted another way: its rounds and multipliers stay, its numbers start at plain ones. */
export function asKind(part: DosePart, kind: DoseKind): DosePart {
  const plain: Readonly<Record<DoseKind, DosePart>> = {
    reps: reps(10),
    hold: holds(1, 30, 5),
    passes: passes(8, 6),
    stops: stops(3, 10, 3),
    travel: travel(2, 20, 80),
    timed: timed(60),
    counts: counts(4, 8, 104),
    breaths: breaths(5, 5),
    byFeel: byFeel(20, 40, 60),
  };
  const { sets, setRestSeconds, multipliers } = part;
  return { ...plain[kind], sets, setRestSeconds, multipliers };
}

export const kindWords: Readonly<Record<DoseKind, string>> = {
  reps: 'reps',
  hold: 'holds',
  passes: 'slow passes',
  stops: 'stops on spots',
  travel: 'lengths of the room',
  timed: 'a time',
  counts: 'counts to music',
  breaths: 'breaths',
  byFeel: 'by feel',
};
