import { type Execution, resolve } from '../exercise';
import { type KitId, isFetched } from '../kit';
import { type Item, type Plan, type PlanCommand, applyCommand, findItem } from '../plan';
import { raisesNothing, standInsFor, worriesIn } from '../sequence';
import { type FindRevision, type Timeline, buildTimeline } from '../timeline';

/** What the half that waits for a piece does meanwhile. */
export type Meanwhile =
  /** The same movement on a level that does without it. */
  | { readonly do: 'level'; readonly rungId: string; readonly name: string }
  /** One of a pair looks: what to look for, and what to say. */
  | { readonly do: 'watch'; readonly seen: string; readonly say: string };

/** One exercise that a piece is too few for. */
export interface ShortItem {
  readonly itemId: string;
  readonly meanwhile: Meanwhile;
}

/** Another piece in its place, where every one of these exercises names it and there is enough of it. */
export interface Instead {
  readonly by: KitId;
  /** What the swap changes, in the exercises' own words. */
  readonly changes: readonly string[];
  readonly command: PlanCommand;
  /** What it does to the class as it is with turns, ms. */
  readonly deltaMs: number;
}

/** “I have 3 bands”, answered. */
export interface TooFew {
  readonly kit: KitId;
  readonly has: number;
  /** Wanted at once, by the exercise that wants most. */
  readonly wants: number;
  /** How people share: so many in each turn; empty where there is none, or all share one and turns would not help. */
  readonly groups: readonly number[];
  /** What taking turns adds to the class, ms. */
  readonly costMs: number;
  readonly items: readonly ShortItem[];
  readonly instead: readonly Instead[];
}

/**
 * What becomes of a class where a piece does not go round: who shares, what those who wait do, what it costs, and what
 * could stand in for it. Null where there is enough of it, or nobody said how many people come.
 * @param has pieces there are
 */
export function tooFew(plan: Plan, timeline: Timeline, kit: KitId, has: number, find: FindRevision): TooFew | null {
  const { people } = plan.brief;
  if (people === null || !isFetched(kit)) return null;
  const those = timeline.items.flatMap(({ itemId, execution }) => {
    const need = execution?.kit.find((one) => one.kit === kit);
    const item = findItem(plan, itemId)?.item;
    if (!execution || !need || !item) return [];
    const wants = need.per === 'person' ? need.count * people : need.count;
    return wants > has ? [{ item, execution, need, wants }] : [];
  });
  if (those.length === 0) return null;
  const counted = withCount(plan, kit, has);
  const enough = buildTimeline({ plan: withCount(plan, kit, Math.max(...those.map(({ wants }) => wants))), find });
  const inTurns = buildTimeline({ plan: counted, find });
  const sets = Math.min(...those.map(({ need }) => (need.per === 'person' ? Math.floor(has / need.count) : 0)));
  return {
    kit,
    has,
    wants: Math.max(...those.map(({ wants }) => wants)),
    groups: sets === 0 ? [] : sharedOut(people, Math.ceil(people / sets)),
    costMs: inTurns.totalMs - enough.totalMs,
    items: those.map(({ item, execution }) => ({ itemId: item.id, meanwhile: meanwhileOf(plan, execution, kit) })),
    instead: insteadOf(counted, inTurns, kit, those, find),
  };
}

/** The class with so many pieces in the cupboard. */
const withCount = (plan: Plan, kit: KitId, has: number): Plan => ({
  ...plan,
  brief: { ...plan.brief, cupboard: { ...plan.brief.cupboard, [kit]: has } },
});

/**
 * People shared out over turns, as evenly as it goes, the larger turns first.
 * @example sharedOut(11, 4) // [3, 3, 3, 2]
 */
export function sharedOut(people: number, turns: number): number[] {
  const least = Math.floor(people / turns);
  return Array.from({ length: turns }, (_, i) => least + (i < people % turns ? 1 : 0));
}

/** The nearest level of the same exercise that does without the piece, in the same place; else a partner looks. */
function meanwhileOf({ school }: Plan, { exercise, rungId, position, faults }: Execution, kit: KitId): Meanwhile {
  const rungs = exercise.ladder?.rungs ?? [];
  const at = rungs.findIndex(({ id }) => id === rungId);
  const nearest = [...rungs.keys()].sort((a, b) => Math.abs(a - at) - Math.abs(b - at) || a - b);
  for (const index of nearest) {
    const rung = rungs[index];
    const settled = rung && rung.id !== rungId ? resolve(exercise, rung.id, school) : null;
    if (!rung || !settled?.ok || settled.value.position !== position) continue;
    if (settled.value.kit.every((need) => need.kit !== kit)) return { do: 'level', rungId: rung.id, name: rung.name };
  }
  const [fault] = faults;
  return { do: 'watch', seen: fault?.seen ?? '', say: fault?.say ?? '' };
}

interface Short {
  readonly item: Item;
  readonly execution: Execution;
}

/** What can stand in for the piece, tried and judged: what the review then objects to is not offered. The least time first. */
function insteadOf(plan: Plan, now: Timeline, kit: KitId, those: readonly Short[], find: FindRevision): Instead[] {
  const known = worriesIn(plan, find, now);
  return standInsFor(kit, those, plan.brief)
    .flatMap((one): Instead[] => {
      const after = applyCommand(plan, one.command);
      if (!after.ok) return [];
      const timeline = buildTimeline({ plan: after.value, find });
      if (!raisesNothing(worriesIn(after.value, find, timeline), known)) return [];
      return [{ ...one, deltaMs: timeline.totalMs - now.totalMs }];
    })
    .sort((a, b) => a.deltaMs - b.deltaMs);
}
