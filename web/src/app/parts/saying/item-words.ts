import { sayDose } from '@core/dose';
import { type Plan, findItem, otherSide } from '@core/plan';
import { sayLength, sayTime } from '@core/say-time';
import { type ItemTime, type OptionWindow, leadOf } from '@core/timeline';

/** "L then R", "both together", "left and right in turn", "walking". */
export function sideOrder(plan: Plan, time: ItemTime): string {
  const found = findItem(plan, time.itemId);
  if (!found || !time.execution) return '';
  switch (time.execution.sidePattern) {
    case 'each': {
      const lead = leadOf(plan, found.item);
      const letter = (side: string) => (side === 'left' ? 'L' : 'R');
      const order = `${letter(lead)} then ${letter(otherSide(lead))}`;
      return found.item.sides.mode === 'extra-set' ? `${order}, one more ${letter(found.item.sides.weaker)}` : order;
    }
    case 'alternate':
      return 'in turn';
    case 'both':
      return 'together';
    case 'travelling':
      return 'walking';
  }
}

/** The dose of an item in a line. */
export function doseWords(plan: Plan, time: ItemTime): string {
  const found = findItem(plan, time.itemId);
  return found && time.execution ? sayDose(found.item.dose, time.execution.sidePattern) : '';
}

/** An item as a sentence for someone who does not see the thread. */
export function itemWords(plan: Plan, time: ItemTime): string {
  if (!time.execution) return 'An exercise that is missing here, no time';
  const name = time.execution.exercise.name[plan.school.words];
  return `${name}, from ${sayTime(time.startMs)}, lasts ${sayTime(time.totalMs)}, ${doseWords(plan, time)}`;
}

/** What an easier or harder option does in the window of the main level: "8 reps, each foot, then 12 s rest". */
export function optionWords({ dose, restMs, tooLong, execution }: OptionWindow): string {
  if (tooLong) return 'does not fit this window';
  const rest = restMs >= 1000 ? `, then ${sayLength(restMs)} rest` : '';
  return `${sayDose(dose, execution.sidePattern)}${rest}`;
}
