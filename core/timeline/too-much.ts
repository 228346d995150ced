import { type Dose, doseTime, piecesOf } from '../dose';
import { type Plan, itemsOf } from '../plan';
import type { FindRevision } from './timeline';

/**
 * The most a class may hold (Needlework's own): ten times what a workshop of 90 minutes has, and far below what a page
 * can no longer draw. Pieces are reps, holds, passes and the like on one foot; hours are of work on one foot.
 */
export const mostOfClass = { pieces: 4000, hours: 6 } as const;

/** Why a class is more than can be taught, and which of its items has most of it. */
export interface TooMuch {
  readonly of: 'pieces' | 'hours';
  readonly found: number;
  readonly most: number;
  readonly itemId: string;
}

/** Looks at doses alone, so that it is answered before any timeline is built. Null where it is no more than a class. */
export function tooMuch(plan: Plan, find: FindRevision): TooMuch | null {
  const items = itemsOf(plan);
  const phases = (revision: string) => find(revision)?.performance.phases.map((phase) => phase.seconds) ?? [];
  return (
    most('pieces', items, ({ dose }) => piecesOf(dose)) ??
    most('hours', items, ({ dose, revision }) => {
      const { workMs, restMs } = doseTime(dose, phases(revision));
      return (workMs + restMs) / 3_600_000;
    })
  );
}

interface Part {
  readonly id: string;
  readonly dose: Dose;
  readonly revision: string;
}

function most(of: TooMuch['of'], items: readonly Part[], amount: (item: Part) => number): TooMuch | null {
  const each = items.map((item) => ({ id: item.id, n: amount(item) }));
  const found = each.reduce((sum, { n }) => sum + n, 0);
  if (found <= mostOfClass[of]) return null;
  const largest = each.reduce((a, b) => (b.n > a.n ? b : a));
  return { of, found, most: mostOfClass[of], itemId: largest.id };
}

/** In words, for whoever has to make it less. @param name of the item that has most of it */
export function tooMuchWords({ of, found, most }: TooMuch, name: string): string {
  const amount =
    of === 'pieces'
      ? `${Math.round(found).toLocaleString('en')} reps and holds on each foot; a class has at most ${most.toLocaleString('en')}`
      : `${Math.round(found)} hours of work on each foot; a class has at most ${most}`;
  return `That is ${amount}. Most of it is “${name}”: give it fewer, or make two classes.`;
}
