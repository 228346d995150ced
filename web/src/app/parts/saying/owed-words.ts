import { sayUnit } from '@core/dose';
import { findItem } from '@core/plan';
import { type RunState, owed } from '@core/run';

/** What one side owes the other after its turn: "right foot: 2 reps owed, Band: turn the foot in". */
export function owedWords(state: RunState): string[] {
  return owed(state).map(({ itemId, side, units }) => {
    const kind = findItem(state.plan, itemId)?.item.dose[0]?.kind ?? 'reps';
    const exercise = state.timeline.items.find((i) => i.itemId === itemId)?.execution?.exercise;
    return `${side} foot: ${units} ${sayUnit(kind, units)} owed, ${exercise?.name[state.plan.school.words] ?? ''}`;
  });
}
