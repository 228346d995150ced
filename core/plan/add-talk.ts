import type { Addition } from './add-exercise';
import { type NextId, newBlock } from './make';
import { type Plan, type TalkItem, findAny } from './plan';

/** Talk or a pause that classes often have: its length is common practice, no source. */
export interface UsualTalk {
  readonly name: string;
  readonly seconds: number;
  /** Where it belongs: at the very beginning, after what is selected, or at the very end. */
  readonly where: 'first' | 'here' | 'last';
}
export const usualTalks: readonly UsualTalk[] = [
  { name: 'Opening words', seconds: 60, where: 'first' },
  { name: 'Shoes and socks off', seconds: 60, where: 'first' },
  { name: 'Talk', seconds: 60, where: 'here' },
  { name: 'Pause', seconds: 45, where: 'here' },
  { name: 'Closing words', seconds: 60, where: 'last' },
];

/** Talk of its own, where its kind belongs; in an empty class with a block around it. */
export function addTalk(plan: Plan, selectedId: string | null, usual: UsualTalk, nextId: NextId): Addition {
  const item: TalkItem = { kind: 'talk', id: nextId(), name: usual.name, seconds: usual.seconds, note: '' };
  const place = placeFor(plan, selectedId, usual.where);
  if (place) return { command: { type: 'add-item', item, ...place }, itemId: item.id };
  const block = newBlock(nextId(), usual.where === 'last' ? 'Close' : 'Open', [item]);
  return { command: { type: 'add-block', block, index: plan.blocks.length }, itemId: item.id };
}

function placeFor(
  plan: Plan,
  selectedId: string | null,
  where: UsualTalk['where'],
): { readonly blockId: string; readonly index: number } | null {
  const selected = where === 'here' && selectedId !== null ? findAny(plan, selectedId) : null;
  if (selected) return { blockId: selected.block.id, index: selected.index + 1 };
  const block = where === 'first' ? plan.blocks[0] : plan.blocks.at(-1);
  if (!block) return null;
  // What opens a class opens it in the order in which it was put there.
  const opening = block.items.findIndex((item) => item.kind !== 'talk');
  const index = where === 'first' && opening !== -1 ? opening : block.items.length;
  return { blockId: block.id, index };
}
