import { type Load, itemLoads, together } from '../load';
import type { Pace } from '../plan';
import { type ClassDay, homeDays } from './days';
import { dayTimeline } from './minutes';
import { type HomeAsked, settledOf } from './settled';

export interface HomeLoadAsked extends HomeAsked {
  readonly pace: Pace;
  readonly classes: readonly ClassDay[];
}

/**
 * What a sheet asks of the feet on each of its days: with the fewest sets, which is what was asked for. Once it is handed
 * back, as much of it as was done, spread over its days.
 */
export function homeLoads(asked: HomeLoadAsked): { readonly date: string; readonly load: Load }[] {
  const settled = settledOf(asked);
  const days = homeDays(asked.homework, settled, asked.classes).filter(({ due }) => due.length > 0);
  const { daysDone } = asked.homework;
  const share = daysDone === null ? 1 : Math.min(1, daysDone / Math.max(1, days.length));
  const known = new Map<string, Load>();
  return days.map(({ date, due }) => {
    const key = due.join();
    const on = settled.filter(({ item }) => due.includes(item.id));
    const load = known.get(key) ?? scaled(together(itemLoads(dayTimeline(on, 'least', asked, asked.pace))), share);
    known.set(key, load);
    return { date, load };
  });
}

function scaled({ rises, landings, regions }: Load, share: number): Load {
  const of = ({ left, right }: Load['rises']) => ({ left: left * share, right: right * share });
  return {
    rises: of(rises),
    landings: of(landings),
    regions: Object.fromEntries(Object.entries(regions).map(([region, each]) => [region, of(each)])),
  };
}
