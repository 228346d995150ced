import { dice } from '../dice';
import type { Exercise } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { type Item, type Plan, newBlock, newItem, newPlan } from '../plan';
import { type FindRevision } from '../timeline';
import { sampleRevision } from './sample';

/** Finds the exercises of the catalogue by their place in it. */
export const findInCatalogue: FindRevision = (revision) => catalogue[Number.parseInt(revision, 16)] ?? null;
export const revisionIn = (exercise: Exercise): string => sampleRevision(catalogue.indexOf(exercise));

export function catalogueItem(itemId: string, exerciseId: string, change: Partial<Item> = {}): Item {
  const exercise = catalogue.find(({ id }) => id === exerciseId);
  if (!exercise) throw new RangeError(exerciseId);
  return { ...newItem(itemId, exercise, revisionIn(exercise)), ...change };
}

/** A class of built-in exercises by their ids, in one block. */
export function classOfCatalogue(ids: readonly string[], change: Partial<Plan> = {}): Plan {
  const items = ids.map((id, i) => catalogueItem(`item-${i}`, id));
  return { ...newPlan('class-1', 'Class', 3600), blocks: [newBlock('block-1', 'Work', items)], ...change };
}

/** A class of different exercises that somebody picked blindly: one or two blocks, kit ready or fetched. */
export function randomCatalogueClass(
  seed: number,
  count: number,
  flow: 'by-exercise' | 'by-foot',
  suits: (exercise: Exercise) => boolean = () => true,
): Plan {
  const roll = dice(seed * 31 + count);
  const pool = catalogue.filter(suits);
  const ids = Array.from({ length: count }, () => pool.splice(roll(pool.length), 1)[0]?.id ?? '');
  const plan = classOfCatalogue(ids);
  const items = plan.blocks[0]?.items ?? [];
  const cut = roll(3) === 0 ? 2 : 0;
  const blocks = [
    ...(cut > 0 ? [newBlock('block-0', 'First', items.slice(0, cut))] : []),
    {
      ...newBlock('block-1', 'Work', items.slice(cut)),
      flow,
      secondOrder: roll(2) === 0 ? ('reversed' as const) : ('same' as const),
      compare: roll(3) > 0,
    },
  ];
  return { ...plan, brief: { ...plan.brief, kitOut: roll(2) === 0 ? 'before' : 'when-needed' }, blocks };
}

/** Work with a long loop that is laid round one foot at a time. */
export const bandedClass = ['waist-loop-up-down', 'waist-loop-bent-knee', 'waist-loop-odd-angles'] as const;
