import * as z from 'zod';
import { amountName, asKind, numberIn } from './amount';
import { type DosePart as Part, kinds } from './kinds';

type PartSchema = (typeof kinds)[keyof typeof kinds]['schema'];

/** One part of a dose: one of the kinds, as each of them says. */
export const DosePart = z
  .discriminatedUnion('kind', Object.values(kinds).map((kind) => kind.schema) as [PartSchema, ...PartSchema[]])
  .refine(
    (part) => {
      const own = numberIn(part, amountName(part));
      return !part.range || (own >= (part.range[0] ?? own) && own <= (part.range.at(-1) ?? own));
    },
    { error: 'range-usual', path: ['range'] },
  );
export type DosePart = Part;

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

/** Whether two doses are counted the same way, part by part. */
export function sameKinds(a: Dose, b: Dose): boolean {
  return a.length === b.length && a.every((part, i) => part.kind === b[i]?.kind);
}

/**
 * A range with one of its doses changed; where that is counted another way, the others are too, each as long as it was.
 * @param phaseSeconds seconds of each phase of one rep
 */
export function changeRange(
  range: DoseRange,
  which: 'least' | 'usual' | 'most',
  dose: Dose,
  phaseSeconds: readonly number[],
): DoseRange {
  const like = (other: Dose) => {
    if (sameKinds(other, dose)) return other;
    if (other.length !== dose.length) return dose;
    return other.map((part, i) => asKind(part, dose[i]?.kind ?? part.kind, phaseSeconds));
  };
  const changed = { ...range, [which]: dose };
  return {
    least: like(changed.least),
    usual: like(changed.usual),
    most: like(changed.most),
    source: "Needlework's own",
  };
}
