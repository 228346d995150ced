import { type FilledWindow, doseTime, fillWindow } from '../dose';
import { type Execution, resolve, withSubstitutes } from '../exercise';
import { type Item, type Plan, findItem } from '../plan';
import type { ItemTime } from './timeline';

/** An easier or harder option, filled into the time that the main level takes. */
export interface OptionWindow extends FilledWindow {
  readonly which: 'easier' | 'harder';
  readonly execution: Execution;
}

/**
 * The window of an item, ms in one go: the work of its main level and the rests inside it, on one foot where the feet
 * follow each other, else on both together.
 */
export function windowMsOf(item: Item, execution: Execution): number {
  const { workMs, restMs } = doseTime(item.dose, execution.phaseSeconds, execution.sidePattern === 'alternate');
  return workMs + restMs;
}

/**
 * The easier and the harder option of an item, each filled into the window of the main one. An option on one foot at a
 * time beside a main level on both has half of it a foot, less the change; one on both beside a main level on one foot
 * has each foot's time. What is worn beside the work has no window: everybody wears it as long.
 */
export function optionWindows(plan: Plan, time: ItemTime): OptionWindow[] {
  const found = findItem(plan, time.itemId);
  const { execution } = time;
  if (!found || !execution || found.item.wornUntil !== null) return [];
  const windowMs = windowMsOf(found.item, execution);
  return (['easier', 'harder'] as const).flatMap((which): OptionWindow[] => {
    const rungId = found.item[which]?.rungId;
    const option = rungId === undefined ? null : resolve(execution.exercise, rungId, plan.school);
    if (!option?.ok) return [];
    const settled = withSubstitutes(option.value, found.item.substitutes);
    const { doses, phaseSeconds, sidePattern } = settled;
    const halved = sidePattern === 'each' && execution.sidePattern !== 'each';
    const own = halved ? Math.max(0, Math.floor((windowMs - plan.pace.sideSwitchSeconds * 1000) / 2)) : windowMs;
    const filled = fillWindow(doses.usual, doses.most, own, phaseSeconds, sidePattern === 'alternate');
    return [{ which, execution: settled, ...filled }];
  });
}
