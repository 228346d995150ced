import * as z from 'zod';
import { type Result, ok, refuse } from '../result';
import {
  AnyItem,
  Block,
  Item,
  type Plan,
  PlanFields,
  RevisionId,
  TalkItem,
  allItemsOf,
  findAny,
  findItem,
  itemsOf,
  mostItems,
  rechecksOf,
  wornThrough,
} from './plan';

const PlanChange = PlanFields.pick({
  title: true,
  brief: true,
  slotSeconds: true,
  reservePercent: true,
  lead: true,
  music: true,
  school: true,
  pace: true,
  accepted: true,
}).partial();
const ItemChange = Item.omit({ kind: true, id: true, exerciseId: true }).partial();
const TalkChange = TalkItem.pick({ name: true, seconds: true, note: true }).partial();
const BlockChange = Block.pick({ name: true, flow: true, compare: true, secondOrder: true, floor: true }).partial();
const position = z.int().min(0);

const editClass = z.strictObject({ type: z.literal('edit-class'), change: PlanChange });
const addBlock = z.strictObject({ type: z.literal('add-block'), block: Block, index: position });
const editBlock = z.strictObject({ type: z.literal('edit-block'), blockId: z.string(), change: BlockChange });
const moveBlock = z.strictObject({ type: z.literal('move-block'), blockId: z.string(), index: position });
const removeBlock = z.strictObject({ type: z.literal('remove-block'), blockId: z.string() });
const addItem = z.strictObject({ type: z.literal('add-item'), item: AnyItem, blockId: z.string(), index: position });
const editItem = z.strictObject({ type: z.literal('edit-item'), itemId: z.string(), change: ItemChange });
const editTalk = z.strictObject({ type: z.literal('edit-talk'), itemId: z.string(), change: TalkChange });
const moveItem = z.strictObject({
  type: z.literal('move-item'),
  itemId: z.string(),
  blockId: z.string(),
  index: position,
});
/** Every item of an exercise to another revision of it. */
const moveRevision = z.strictObject({ type: z.literal('move-revision'), exerciseId: z.string(), revision: RevisionId });
const removeItem = z.strictObject({ type: z.literal('remove-item'), itemId: z.string() });
const single = [
  editClass,
  addBlock,
  editBlock,
  moveBlock,
  removeBlock,
  addItem,
  editItem,
  editTalk,
  moveItem,
  removeItem,
  moveRevision,
] as const;

/** Several commands taken or undone as one. */
const together = z.strictObject({
  type: z.literal('together'),
  commands: z.array(z.discriminatedUnion('type', single)).min(1).max(300),
});

/** Every edit to a plan, serialisable; ids it creates are carried in it, so replaying gives the same plan. */
export const PlanCommand = z.discriminatedUnion('type', [...single, together]);
export type PlanCommand = z.infer<typeof PlanCommand>;

export type CommandError =
  | { readonly code: 'no-such-item'; readonly id: string }
  | { readonly code: 'no-such-block'; readonly id: string }
  | { readonly code: 'id-in-use'; readonly id: string }
  | { readonly code: 'too-many-items'; readonly most: number }
  | { readonly code: 'not-valid'; readonly issue: z.core.$ZodIssue };

/**
 * Applies one command. The plan passed in is never changed; untouched blocks and items are shared with the new one.
 * Indexes beyond the end mean the end.
 */
export function applyCommand(plan: Plan, command: PlanCommand): Result<Plan, CommandError> {
  const checked = PlanCommand.safeParse(command);
  if (!checked.success) {
    const [issue] = checked.error.issues;
    if (issue) return refuse({ code: 'not-valid', issue });
  }
  return change(plan, command);
}

/** Changes a plan; re-checks follow their drills, and what is worn is taken off behind an item that is there. */
function change(plan: Plan, command: PlanCommand): Result<Plan, CommandError> {
  const done = changed(plan, command);
  return done.ok ? ok(withWorn(plan, withRechecks(done.value))) : done;
}

/**
 * What is worn is worn up to the same item as before; where that has gone, or stands before it now, up to the last one
 * left of those it was worn through. Where none is left it is an exercise of its own again.
 */
function withWorn(before: Plan, after: Plan): Plan {
  const now = itemsOf(after);
  const behind = (itemId: string) => now.slice(now.findIndex((item) => item.id === itemId) + 1).map((item) => item.id);
  const amiss = itemsOf(after).filter(({ id, wornUntil }) => wornUntil !== null && !behind(id).includes(wornUntil));
  return amiss.reduce((plan, { id }) => {
    const later = behind(id);
    const left = wornThrough(before, id).findLast((item) => later.includes(item.id));
    return withItem(plan, id, (item) => (item.kind === 'exercise' ? { ...item, wornUntil: left?.id ?? null } : item));
  }, after);
}

/**
 * Every re-check right behind its drill, whatever was moved or put between. One whose drill is gone, or is a re-check
 * itself, stays where it is, as a look at the class.
 */
function withRechecks(plan: Plan): Plan {
  const items = itemsOf(plan);
  if (!items.some((item) => item.recheck?.of)) return plan;
  const drills = new Set(items.filter((item) => !item.recheck?.of).map((item) => item.id));
  const block = (of: Block): Block => {
    const placed = of.items.flatMap((item): AnyItem[] => {
      const drill = item.kind === 'exercise' ? item.recheck?.of : null;
      if (item.kind === 'talk' || !drill) return [item, ...rechecksOf(plan, item.id)];
      return drills.has(drill) ? [] : [{ ...item, recheck: { of: null } }];
    });
    const same = placed.length === of.items.length && placed.every((item, i) => item === of.items[i]);
    return same ? of : { ...of, items: placed };
  };
  return { ...plan, blocks: plan.blocks.map(block) };
}

/** What somebody chose to do otherwise is no longer what was proposed; who does it, and how well they know it, is not told so. */
const told: ReadonlySet<string> = new Set(['heads', 'familiarity', 'because']);

function edited(item: Item, change: Partial<Item>): Item {
  const isOther = Object.keys(change).some((key) => !told.has(key));
  return { ...item, ...(isOther ? { because: '' } : {}), ...change };
}

function changed(plan: Plan, command: PlanCommand): Result<Plan, CommandError> {
  switch (command.type) {
    case 'edit-class':
      return ok({ ...plan, ...command.change });
    case 'add-block': {
      const ids = [command.block.id, ...command.block.items.map((i) => i.id)];
      const taken = ids.find((id) => idsOf(plan).has(id));
      if (taken !== undefined) return refuse({ code: 'id-in-use', id: taken });
      if (allItemsOf(plan).length + command.block.items.length > mostItems)
        return refuse({ code: 'too-many-items', most: mostItems });
      return ok({ ...plan, blocks: insert(plan.blocks, command.index, command.block) });
    }
    case 'edit-block':
      return withBlock(plan, command.blockId, (block) => ({ ...block, ...command.change }));
    case 'move-block': {
      const block = plan.blocks.find((b) => b.id === command.blockId);
      if (!block) return refuse({ code: 'no-such-block', id: command.blockId });
      return ok({
        ...plan,
        blocks: insert(
          plan.blocks.filter((b) => b !== block),
          command.index,
          block,
        ),
      });
    }
    case 'remove-block': {
      if (!plan.blocks.some((b) => b.id === command.blockId))
        return refuse({ code: 'no-such-block', id: command.blockId });
      return ok({ ...plan, blocks: plan.blocks.filter((b) => b.id !== command.blockId) });
    }
    case 'add-item':
      if (idsOf(plan).has(command.item.id)) return refuse({ code: 'id-in-use', id: command.item.id });
      if (allItemsOf(plan).length >= mostItems) return refuse({ code: 'too-many-items', most: mostItems });
      return withBlock(plan, command.blockId, (block) => ({
        ...block,
        items: insert(block.items, command.index, command.item),
      }));
    case 'edit-item': {
      const found = findItem(plan, command.itemId);
      if (!found) return refuse({ code: 'no-such-item', id: command.itemId });
      return ok(withItem(plan, command.itemId, () => edited(found.item, command.change)));
    }
    case 'edit-talk': {
      const found = findAny(plan, command.itemId)?.item;
      if (found?.kind !== 'talk') return refuse({ code: 'no-such-item', id: command.itemId });
      return ok(withItem(plan, found.id, () => ({ ...found, ...command.change })));
    }
    case 'move-item': {
      const asked = findAny(plan, command.itemId);
      if (!asked) return refuse({ code: 'no-such-item', id: command.itemId });
      // A re-check takes its drill along.
      const drill = asked.item.kind === 'exercise' ? asked.item.recheck?.of : null;
      const found = (drill ? findAny(plan, drill) : null) ?? asked;
      if (!plan.blocks.some((b) => b.id === command.blockId))
        return refuse({ code: 'no-such-block', id: command.blockId });
      const left = withoutGroup(plan, found.item.id);
      // The place is named as if only the one item were taken out; the others of its group before it go too.
      const target = left.blocks.find((b) => b.id === command.blockId);
      const one = plan.blocks.find((b) => b.id === command.blockId)?.items.filter((i) => i.id !== command.itemId) ?? [];
      const behind = one.slice(command.index).find((i) => target?.items.includes(i));
      const at = behind ? (target?.items.indexOf(behind) ?? 0) : (target?.items.length ?? 0);
      return withBlock(left, command.blockId, (block) => ({
        ...block,
        items: insertAll(block.items, at, [found.item, ...rechecksOf(plan, found.item.id)]),
      }));
    }
    case 'remove-item':
      if (!findAny(plan, command.itemId)) return refuse({ code: 'no-such-item', id: command.itemId });
      return ok(without(plan, command.itemId));
    case 'move-revision':
      return ok({
        ...plan,
        blocks: plan.blocks.map((block) =>
          block.items.some((i) => isOf(i, command.exerciseId))
            ? {
                ...block,
                items: block.items.map((i) => (isOf(i, command.exerciseId) ? { ...i, revision: command.revision } : i)),
              }
            : block,
        ),
      });
    case 'together':
      return command.commands.reduce<Result<Plan, CommandError>>(
        (so, next) => (so.ok ? change(so.value, next) : so),
        ok(plan),
      );
  }
}

function insert<T>(list: readonly T[], index: number, value: T): T[] {
  return [...list.slice(0, index), value, ...list.slice(index)];
}

const insertAll = <T>(list: readonly T[], index: number, values: readonly T[]): T[] => [
  ...list.slice(0, index),
  ...values,
  ...list.slice(index),
];

const isOf = (item: AnyItem, exerciseId: string): item is Item =>
  item.kind === 'exercise' && item.exerciseId === exerciseId;

function withItem(plan: Plan, itemId: string, edit: (item: AnyItem) => AnyItem): Plan {
  return {
    ...plan,
    blocks: plan.blocks.map((block) =>
      block.items.some((item) => item.id === itemId)
        ? { ...block, items: block.items.map((item) => (item.id === itemId ? edit(item) : item)) }
        : block,
    ),
  };
}

const withoutGroup = (plan: Plan, itemId: string): Plan =>
  [itemId, ...rechecksOf(plan, itemId).map((item) => item.id)].reduce(without, plan);

function without(plan: Plan, itemId: string): Plan {
  return {
    ...plan,
    blocks: plan.blocks.map((block) =>
      block.items.some((i) => i.id === itemId)
        ? { ...block, items: block.items.filter((i) => i.id !== itemId) }
        : block,
    ),
  };
}

function withBlock(plan: Plan, blockId: string, edit: (block: Block) => Block): Result<Plan, CommandError> {
  if (!plan.blocks.some((b) => b.id === blockId)) return refuse({ code: 'no-such-block', id: blockId });
  return ok({ ...plan, blocks: plan.blocks.map((block) => (block.id === blockId ? edit(block) : block)) });
}

function idsOf(plan: Plan): Set<string> {
  return new Set(plan.blocks.flatMap((block) => [block.id, ...block.items.map((item) => item.id)]));
}
