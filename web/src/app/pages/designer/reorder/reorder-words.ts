import { sayLength } from '@core/say-time';
import type { Moves, Reordered } from '@core/sequence';

const stops: Readonly<Record<Moves['reason'], string>> = {
  position: 'changes of position',
  kit: 'times kit is fetched',
  reach: 'times kit is taken up',
  floor: 'moves to another floor',
  mats: 'times mats come or go',
  facing: 'turns of the room',
  'band-moved': 'times the band changes foot',
  'band-slid': 'times the band slides along the foot',
};

/** What stops the room, before and after. */
export const moveWords = ({ reason, before, after }: Moves) => ({ words: stops[reason], before, after });

/** How sure it is that nothing is better. */
export function exactWords({ exact, free, command }: Reordered, blocks: number): string {
  if (free < 2)
    return exact
      ? 'There is nothing here that could change places.'
      : 'Foot by foot with another lead foot, talk, or both feet in each pass: such a block stays in its order.';
  if (!exact) return 'The best of the orders that were tried; not all could be.';
  return command
    ? `${blocks === 1 ? 'No order of these is better' : 'In no block is another order better'}: all were weighed.`
    : 'It stands in its best order already: all were weighed.';
}

/** What an order saves, or costs. */
export function savedWords({ before, after }: Reordered): string {
  const setUp = before.setUpMs - after.setUpMs;
  const more = (ms: number, of: string) =>
    ms === 0 ? '' : `${sayLength(Math.abs(ms))} ${ms > 0 ? 'less' : 'more'} of ${of}`;
  const fewer = before.soft - after.soft;
  const points = fewer === 0 ? '' : `${Math.abs(fewer)} ${fewer > 0 ? 'fewer' : 'more'} worth a look`;
  const safe = before.hard > after.hard ? 'what must come first comes first' : '';
  return [more(before.totalMs - after.totalMs - setUp, 'moving about'), more(setUp, 'setting up'), points, safe]
    .filter((words) => words !== '')
    .join(', ');
}
