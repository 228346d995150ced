import { phasesMsOf, sayDose, tempoOf } from '../dose';
import type { Execution } from '../exercise';
import { type Block, type Item, type Plan, findAny, findItem, otherSide, wornThrough } from '../plan';
import { sayLength, sayTime } from '../say-time';
import { type ItemTime, type OptionWindow, leadOf } from '../timeline';

/** What an item is called: the exercise's name in the class's words, or what the talk is called. */
export function nameOf(plan: Plan, time: Pick<ItemTime, 'itemId' | 'execution'>): string {
  const item = findAny(plan, time.itemId)?.item;
  if (item?.kind === 'talk') return item.name;
  return time.execution?.exercise.name[plan.school.words] ?? `${item?.exerciseId ?? 'An exercise'} (missing)`;
}

/** "L then R", "both together", "left and right in turn", "walking". */
export function sideOrder(plan: Plan, time: ItemTime): string {
  const found = findItem(plan, time.itemId);
  if (!found || !time.execution) return '';
  switch (time.execution.sidePattern) {
    case 'each': {
      const lead = leadOf(plan, found.item);
      const letter = (side: string) => (side === 'left' ? 'L' : 'R');
      const order = `${letter(lead)} then ${letter(otherSide(lead))}`;
      const { sides } = found.item;
      if (sides.mode === 'one-foot') return `${letter(sides.side)} only`;
      if (sides.mode === 'extra-set') return `${order}, one more ${letter(sides.weaker)}`;
      return sides.mode === 'extra-reps' ? `${order}, +${sides.more} ${letter(sides.weaker)}` : order;
    }
    case 'alternate':
      return 'in turn';
    case 'both':
      return 'together';
    case 'travelling':
      return 'walking';
  }
}

/** How a block goes through the feet, where it is taught foot by foot; empty else. */
export function flowWords({ flow, compare, secondOrder }: Block): string {
  if (flow === 'by-exercise') return '';
  return `one whole foot, ${compare ? 'compare, ' : ''}the other${secondOrder === 'reversed' ? ' in reverse' : ''}`;
}

/** The dose of an item in a line. */
export function doseWords(plan: Plan, time: ItemTime): string {
  const found = findItem(plan, time.itemId);
  if (!found || !time.execution) return '';
  const { dose, sides, wornUntil } = found.item;
  if (wornUntil !== null) {
    const count = wornThrough(plan, time.itemId).length;
    return `worn through ${count} ${count === 1 ? 'exercise' : 'exercises'}`;
  }
  const { sidePattern } = time.execution;
  const oneFoot = sides.mode === 'one-foot' && (sidePattern === 'each' || sidePattern === 'alternate');
  return oneFoot ? `${sayDose(dose, null)}, ${sides.side} foot` : sayDose(dose, sidePattern);
}

/** An item as a sentence for someone who does not see the thread. */
export function itemWords(plan: Plan, time: ItemTime): string {
  const isTalk = findAny(plan, time.itemId)?.item.kind === 'talk';
  if (!time.execution && !isTalk) return 'An exercise that is missing here, no time';
  const words = [nameOf(plan, time), `from ${sayTime(time.startMs)}`, `lasts ${sayTime(time.totalMs)}`];
  return [...words, isTalk ? 'talk' : doseWords(plan, time)].join(', ');
}

/** The tempo, where the teacher gave one; the exercise's own goes without saying. */
export const ownTempoWords = (item: Item, execution: Execution): string =>
  item.dose.some((part) => tempoOf(part) !== null) ? tempoWords(item, execution) : '';

/** What is said of the breath: the teacher's words, else the exercise's; empty where it is left alone. */
export const breathWords = (plan: Plan, item: Item, { cues }: Execution): string =>
  item.cues.breath ?? cues.breath?.[plan.school.words] ?? '';

/** What an easier or harder option does in the window of the main level: "8 reps, each foot, then 12 s rest". */
export function optionWords({ dose, restMs, tooLong, execution }: OptionWindow): string {
  if (tooLong) return 'does not fit this window';
  const rest = restMs >= 1000 ? `, then ${sayLength(restMs)} rest` : '';
  return `${sayDose(dose, execution.sidePattern)}${rest}`;
}

/** The tempo of a counted item: "2 s rise, 1 s stay, 3 s lower"; empty where there is none to keep. */
export function tempoWords({ dose }: Item, { phases, phaseSeconds }: Execution): string {
  const [part] = dose;
  if (!part || phases.length < 2) return '';
  const ms = phasesMsOf(part, phaseSeconds);
  return ms ? ms.map((of, i) => `${of / 1000} s ${phases[i]?.name ?? ''}`.trim()).join(', ') : '';
}
