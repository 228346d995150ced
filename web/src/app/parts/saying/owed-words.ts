import { sayUnit } from '@core/dose';
import { findItem } from '@core/plan';
import { type OwedNow, type RunState, owed, stationWords } from '@core/run';

/** What one side owes the other after its turn: "right foot: 2 reps owed, Band: turn the foot in". */
export function owedWords(state: RunState): string[] {
  return owed(state).map(({ itemId, side, units }) => {
    const kind = findItem(state.plan, itemId)?.item.dose[0]?.kind ?? 'reps';
    const exercise = state.timeline.items.find((i) => i.itemId === itemId)?.execution?.exercise;
    return `${side} foot: ${units} ${sayUnit(kind, units)} owed, ${exercise?.name[state.plan.school.words] ?? ''}`;
  });
}

/** What the item just taught owes, short enough for one glance: "right foot, way 2 of 2: 3 reps owed". */
export function owedNowWords(state: RunState, { itemId, side, units, event }: OwedNow): string {
  const part = findItem(state.plan, itemId)?.item.dose[event.count?.part ?? 0];
  const where = part ? stationWords(part, event) : '';
  const what = part ? sayUnit(part.kind, units) : 'reps';
  return `${side} foot${where === '' ? '' : `, ${where}`}: ${units} ${what} owed`;
}
