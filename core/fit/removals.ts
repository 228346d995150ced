import { doseTime } from '../dose';
import { type Plan, applyCommand, itemsOf, rechecksOf } from '../plan';
import { buildTimeline, readyItem } from '../timeline';
import { alternativesOf } from './alternatives';
import type { FitProgress, FitRequest } from './request';

/** Items whose removal lets the rest fit at its least doses. */
export interface Removal {
  readonly itemIds: readonly string[];
  /** What leaving them out saves, ms. */
  readonly savesMs: number;
}

const mostSets = 5;
const mostTried = 4000;

/**
 * The smallest sets of unlocked items whose removal brings the shortest class under a limit: sets of one, else of two,
 * else of three, those that matter least first. Each is tried on the timeline itself.
 */
export function* removalsFor(request: FitRequest, highMs: number): Generator<FitProgress, Removal[]> {
  const { find } = request;
  const shortest = atLeastDoses(request);
  const timeline = buildTimeline({ plan: shortest, find });
  const own = new Map(timeline.items.map((i) => [i.itemId, i.totalMs]));
  const only = request.only ?? null;
  const candidates = itemsOf(shortest)
    .filter((item) => !item.locked && !item.recheck?.of && (only === null || only.has(item.id)))
    .sort((a, b) => a.priority - b.priority || (own.get(b.id) ?? 0) - (own.get(a.id) ?? 0));
  let tried = 0;
  for (const size of [1, 2, 3]) {
    const found: Removal[] = [];
    for (const set of setsOf(candidates, size)) {
      if (tried++ > mostTried) return found;
      if (tried % 100 === 0) yield { done: 0.9 };
      // A drill goes with its re-checks.
      const itemIds = set.flatMap((item) => [item.id, ...rechecksOf(shortest, item.id).map((r) => r.id)]);
      const left = itemIds.reduce<Plan>((plan, itemId) => {
        const next = applyCommand(plan, { type: 'remove-item', itemId });
        return next.ok ? next.value : plan;
      }, shortest);
      const totalMs = buildTimeline({ plan: left, find }).totalMs;
      if (totalMs <= highMs) found.push({ itemIds, savesMs: timeline.totalMs - totalMs });
      if (found.length >= mostSets) return found;
    }
    if (found.length > 0) return found;
  }
  return [];
}

/** The plan with every dose that may change at the shortest sayable one. */
function atLeastDoses({ plan, find, only }: FitRequest): Plan {
  return {
    ...plan,
    blocks: plan.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) => {
        if (item.kind === 'talk' || item.wornUntil !== null) return item;
        const ready = readyItem(plan, block, item, find);
        if ('code' in ready || item.locked || (only && !only.has(item.id))) return item;
        const { phaseSeconds } = ready.execution;
        const time = (dose: typeof item.dose) => {
          const { workMs, restMs } = doseTime(dose, phaseSeconds);
          return workMs + restMs;
        };
        const shortest = alternativesOf(item, ready.execution, 'shorter').reduce((a, b) =>
          time(b.dose) < time(a.dose) ? b : a,
        );
        return { ...item, dose: shortest.dose };
      }),
    })),
  };
}

function* setsOf<T>(list: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let i = from; i < list.length; i++) {
    const head = list[i];
    if (head === undefined) continue;
    for (const tail of setsOf(list, size - 1, i + 1)) yield [head, ...tail];
  }
}
