import { catalogue } from '@core/exercise/catalogue';
import { type Plan, newBlock, newItem, newPlan } from '@core/plan';
import type { FindRevision } from '@core/timeline';

/** By id, so that the class is the same however the catalogue is ordered. */
const sorted = [...catalogue].sort((a, b) => (a.id < b.id ? -1 : 1));
const revisions = new Map(sorted.map((exercise, i) => [i.toString(16).padStart(16, '0'), exercise]));
/** The catalogue as fixes of the review may add it. */
export const offers = [...revisions].map(([revision, exercise]) => ({ revision, exercise }));
export const find: FindRevision = (revision) => revisions.get(revision) ?? null;

/**
 * A class of so many items, round and round the catalogue, in blocks of five, every other one foot by foot.
 * @param from where in the catalogue it begins: another class
 */
export function classOf(items: number, from = 0): Plan {
  const entries = [...revisions];
  const all = Array.from({ length: items }, (_, i) => {
    const entry = entries[(from + i * 7) % entries.length];
    if (!entry) throw new Error('an empty catalogue');
    const [revision, exercise] = entry;
    return {
      ...newItem(`bench-item-${i}`, exercise, revision),
      familiarity: i % 4 === 0 ? ('new' as const) : ('known' as const),
    };
  });
  const blocks = Array.from({ length: Math.ceil(items / 5) }, (_, b) => ({
    ...newBlock(`bench-block-${b}`, `Block ${b + 1}`, all.slice(b * 5, b * 5 + 5)),
    flow: b % 2 === 0 ? ('by-exercise' as const) : ('by-foot' as const),
  }));
  return { ...newPlan('bench-class', 'Bench', 5400), blocks };
}
