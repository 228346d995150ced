import { type Assigned, type RosterAsked, assignItem, standsOn } from './class-roster';
import type { Item } from '../plan';

type Offered = Pick<Item, 'easier' | 'harder'>;

/** An option nobody needs is one thing more to say: Needlework's own weight, in levels. */
const perOption = 0.4;

interface Fitting {
  /** Levels that people do below what they could; three times those they would stand too high. */
  readonly cost: number;
  readonly assigned: readonly Assigned[];
}

/** What an offer comes to when everybody is given their option by it. */
function fitting(asked: RosterAsked, offered: Offered): Fitting {
  const rungs = asked.exercise.ladder?.rungs ?? [];
  const at = (rungId: string | null) => rungs.findIndex(({ id }) => id === rungId);
  const assigned = assignItem({ ...asked, item: { ...asked.item, ...offered } });
  const cost = assigned.reduce((sum, { studentId, rungId, why }) => {
    const place = standsOn(asked, studentId);
    // who is given less for a reason of their own is not done an injustice
    if (place === null || why === 'more-support' || why === 'no-higher' || rungId === null) return sum;
    const gap = place - at(rungId);
    return sum + (gap < 0 ? -3 * gap : gap);
  }, 0);
  return { cost, assigned };
}

/** Whether somebody who has something to mind would stand higher than they do now, or one more has to do something else. */
function harms(asked: RosterAsked, now: readonly Assigned[], then: readonly Assigned[]): boolean {
  const rungs = asked.exercise.ladder?.rungs ?? [];
  const at = (rungId: string | null) => rungs.findIndex(({ id }) => id === rungId);
  return then.some((one, i) => {
    const before = now[i];
    if (!before) return false;
    if (one.option === 'other') return before.option !== 'other';
    return (before.caution !== null || one.caution !== null) && at(one.rungId) > at(before.rungId);
  });
}

/**
 * The easier and the harder level that suit the people best beside the main one. Each is tried: everybody is given
 * their option by it and judged again, so that nobody who has something to mind stands higher for it.
 * @returns null where what is offered suits as well
 */
export function optionsFor(asked: RosterAsked): Offered | null {
  const { item, exercise } = asked;
  const rungs = exercise.ladder?.rungs ?? [];
  const main = rungs.findIndex(({ id }) => id === item.rungId);
  if (main === -1) return null;
  const now = fitting(asked, item);
  // what suits everybody needs no other
  if (now.cost === 0) return null;
  const count = ({ easier, harder }: Offered) => perOption * (Number(easier !== null) + Number(harder !== null));
  let best: { readonly offered: Offered; readonly worth: number } = { offered: item, worth: now.cost + count(item) };
  for (const easier of [null, ...rungs.slice(0, main)])
    for (const harder of [null, ...rungs.slice(main + 1)]) {
      const offered: Offered = {
        easier: easier && { rungId: easier.id },
        harder: harder && { rungId: harder.id },
      };
      const then = fitting(asked, offered);
      const worth = then.cost + count(offered);
      if (then.cost < now.cost && worth < best.worth && !harms(asked, now.assigned, then.assigned))
        best = { offered, worth };
    }
  return best.offered === item ? null : best.offered;
}

/**
 * The level that suits most people as the main one: the middle of where they stand, the lower of two middles.
 * @returns null where the exercise has no levels, or nobody's is written down
 */
export function mainLevelFor(asked: Pick<RosterAsked, 'exercise' | 'notes' | 'students'>): string | null {
  const rungs = asked.exercise.ladder?.rungs ?? [];
  const stands = asked.students.flatMap(({ id }) => standsOn(asked, id) ?? []).sort((a, b) => a - b);
  return rungs[stands[Math.floor((stands.length - 1) / 2)] ?? -1]?.id ?? null;
}
