import type { LadderNote } from './ladder-note';
import { isKind } from './ladder-note';

/** A step on a ladder, up or down, as it was written down. */
export interface StepTaken {
  readonly studentId: string;
  readonly exerciseId: string;
  readonly rungId: string;
  readonly foot: LadderNote['foot'];
  readonly date: string;
  readonly way: 'up' | 'down';
}

/** Steps between two dates, both with them, oldest first; both feet on one date are one step. */
export function stepsIn(notes: readonly LadderNote[], from: string, to: string): StepTaken[] {
  const steps = new Map<string, StepTaken>();
  for (const { studentId, exerciseId, foot, date, what } of notes.filter(isKind('placed'))) {
    if (exerciseId === null || date < from || date > to || (what.why !== 'up' && what.why !== 'down')) continue;
    const key = `${studentId} ${exerciseId} ${date} ${what.rungId}`;
    const before = steps.get(key);
    const both = before && before.foot !== foot ? 'both' : foot;
    steps.set(key, { studentId, exerciseId, rungId: what.rungId, foot: both, date, way: what.why });
  }
  return [...steps.values()].sort((a, b) => a.date.localeCompare(b.date));
}

/** Dates between two on which somebody was in class, as it was written down; empty where nobody wrote. */
export const presentIn = (notes: readonly LadderNote[], from: string, to: string): string[] =>
  notes.filter(isKind('present')).flatMap(({ date }) => (date >= from && date <= to ? [date] : []));
