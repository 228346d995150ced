import type { Plan } from '../plan';
import type { Proposal } from './compose';
import { reasonWords } from './reasons';

/** Letters that the reason of an item may have. */
const longest = 300;

/** The class that a proposal becomes: its reasons stand beside its exercises until they are edited. */
export function classFrom({ plan, reasons }: Pick<Proposal, 'plan' | 'reasons'>, id: string): Plan {
  const words = new Map(reasons.map((reason) => [reason.itemId, reasonWords(reason)]));
  return {
    ...plan,
    id,
    blocks: plan.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) =>
        item.kind === 'talk' ? item : { ...item, because: (words.get(item.id) ?? '').slice(0, longest) },
      ),
    })),
  };
}
