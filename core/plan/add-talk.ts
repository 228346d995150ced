import type { NextId } from './make';
import { type Addition, type Where, addedAt, placeFor } from './place';
import type { Plan, TalkItem } from './plan';

/** Talk or a pause that classes often have: its length is common practice, no source. */
export interface UsualTalk {
  readonly name: string;
  readonly seconds: number;
  readonly where: Where;
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
  return addedAt(
    plan,
    placeFor(plan, selectedId, usual.where),
    item,
    usual.where === 'last' ? 'Close' : 'Open',
    nextId,
  );
}
