import { type Item, type Plan, itemsOf } from '../plan';
import { buildTimeline } from '../timeline';
import type { ComposeIdea } from './brief';
import { type Candidate, placeOf } from './candidates';
import { nearestDose } from './draft';
import type { Ground } from './ground';
import { type Made, remade } from './proposal';

/** One exercise of a class that is to be another one. */
export interface Swap {
  readonly plan: Plan;
  readonly exerciseId: string;
}

/** So many are tried in its place: those in the same place of the room that carry the idea come first. */
const mostTried = 12;

/**
 * Another exercise of the same family in the place of one, the rest where it stands; doses are fitted anew. Null where none
 * makes a class that may be shown.
 */
export function* swapped(
  { plan, exerciseId }: Swap,
  { setting, may, judging }: Ground,
  idea: ComposeIdea,
  isSound: (of: Made) => boolean,
): Generator<number, Made | null> {
  const out = itemsOf(plan).find((item) => item.exerciseId === exerciseId && !item.recheck);
  const time = buildTimeline({ plan, find: setting.find }).items.find(({ itemId }) => itemId === out?.id);
  if (!out || !time?.execution) throw new RangeError('an exercise of the class');
  const seconds = time.totalMs / 1000;
  const place = placeOf(time.execution);
  const { family } = time.execution.exercise;
  const has = new Set(itemsOf(plan).map((item) => item.exerciseId));
  const away = (one: Candidate): number =>
    (one.place === place ? 0 : 1e6) + (one.carries.has(idea) ? 0 : 1e3) + Math.abs(one.seconds - seconds);
  const others = may
    .filter(({ exercise }) => exercise.family === family && !has.has(exercise.id))
    .sort((a, b) => away(a) - away(b))
    .slice(0, mostTried);
  let best: Made | null = null;
  for (const [i, other] of others.entries()) {
    yield i / others.length;
    const dose = nearestDose(other.doses, seconds)?.dose ?? other.item.dose;
    // what looks at it again looks at the new one
    const item: Item = { ...other.item, id: out.id, dose };
    for (const tried of remade(replaced(plan, item), item.id, judging(idea), setting)) {
      if (!isSound(tried)) continue;
      if (!best || tried.sum > best.sum) best = tried;
      break;
    }
  }
  return best;
}

const replaced = (plan: Plan, item: Item): Plan => ({
  ...plan,
  blocks: plan.blocks.map((block) => ({
    ...block,
    items: block.items.map((one) => (one.id === item.id ? item : one)),
  })),
});
