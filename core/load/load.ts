import type { Execution, Region } from '../exercise';
import type { RunState } from '../run';
import type { ItemTime, Timeline, TimelineEvent } from '../timeline';

/** What each foot carries. */
export interface Each {
  readonly left: number;
  readonly right: number;
}
const none: Each = { left: 0, right: 0 };

/** What one exercise of a class asks of each foot. */
export interface ItemLoad {
  readonly itemId: string;
  readonly exerciseId: string;
  /** Rises with weight on the foot: reps, or holds on top. */
  readonly rises: Each;
  readonly landings: Each;
  /** Rating times minutes of work: Needlework's own measure, to compare weeks by and for nothing else. */
  readonly regions: Readonly<Partial<Record<Region, Each>>>;
}

/** What a class, or a day at home, asks of each foot. */
export type Load = Omit<ItemLoad, 'itemId' | 'exerciseId'>;
export const noLoad: Load = { rises: none, landings: none, regions: {} };

const sum = (a: Each, b: Each): Each => ({ left: a.left + b.left, right: a.right + b.right });
const times = ({ left, right }: Each, by: Each): Each => ({ left: left * by.left, right: right * by.right });

/** Loads put together. */
export function together(loads: readonly Load[]): Load {
  let [rises, landings] = [none, none];
  const regions: Partial<Record<Region, Each>> = {};
  for (const load of loads) {
    rises = sum(rises, load.rises);
    landings = sum(landings, load.landings);
    for (const [region, each] of Object.entries(load.regions) as [Region, Each][])
      regions[region] = sum(regions[region] ?? none, each);
  }
  return { rises, landings, regions };
}

/** What the foot that has more of it has. */
export const busier = ({ left, right }: Each): number => Math.max(left, right);

/**
 * A rise: standing, the calf loaded, the heel comes up or stays up while the ball carries weight. What rolls over the toes
 * without load, or sinks with the heels up, is none.
 */
export const isRise = ({ position, phases, regions, exercise }: Execution): boolean => {
  const isLoaded = exercise.stage === 'loaded' || exercise.stage === 'integrated';
  if (position !== 'standing' || !isLoaded || (regions.calf ?? 0) + (regions['deep-calf'] ?? 0) === 0) return false;
  return phases.some(({ working: { role, heelHeightCm, contacts }, body }) => {
    const carries = [contacts.innerBall, contacts.outerBall].some(({ contact }) => contact === 'press');
    return role === 'works' && heelHeightCm > 0 && carries && body !== 'sinks';
  });
};

/** Reps in a stretch of work: itself where it is one, a hold too; else as many as fit into it at the exercise's own tempo. */
function repsIn({ kind, phaseMs, startMs, endMs }: TimelineEvent, { phaseSeconds }: Execution): number {
  if (phaseMs !== null || kind === 'hold') return 1;
  const repMs = phaseSeconds.reduce((a, b) => a + b, 0) * 1000;
  return Math.max(1, Math.round((endMs - startMs) / Math.max(1, repMs)));
}

const feetOf = ({ feet }: TimelineEvent): Each => ({
  left: feet === 'left' || feet === 'both' ? 1 : 0,
  right: feet === 'right' || feet === 'both' ? 1 : 0,
});

/** What each exercise of a class asks of each foot, by its timeline. */
export function itemLoads({ items, events }: Pick<Timeline, 'items' | 'events'>): ItemLoad[] {
  const byItem = new Map<string, Each>();
  const executions = new Map(items.map(({ itemId, execution }) => [itemId, execution]));
  for (const event of events) {
    const execution = event.itemId === null ? null : (executions.get(event.itemId) ?? null);
    if (event.activity !== 'work' || !execution || event.itemId === null) continue;
    const reps = repsIn(event, execution);
    const here = times(feetOf(event), { left: reps, right: reps });
    byItem.set(event.itemId, sum(byItem.get(event.itemId) ?? none, here));
  }
  return items.flatMap((time) => loadOf(time, byItem.get(time.itemId) ?? none));
}

function loadOf({ itemId, execution, leftWorkMs, rightWorkMs }: ItemTime, reps: Each): ItemLoad[] {
  if (!execution) return [];
  const { impactsPerRep, regions, exercise } = execution;
  const minutes: Each = { left: leftWorkMs / 60_000, right: rightWorkMs / 60_000 };
  return [
    {
      itemId,
      exerciseId: exercise.id,
      rises: isRise(execution) ? reps : none,
      landings: times(reps, { left: impactsPerRep, right: impactsPerRep }),
      regions: Object.fromEntries(
        (Object.entries(regions) as [Region, number][])
          .filter(([, rating]) => rating > 0)
          .map(([region, rating]) => [region, times(minutes, { left: rating, right: rating })]),
      ),
    },
  ];
}

/** What a class that was taught asked of each foot: of each exercise as much as was done of it. */
export function loadsDone({ timeline, records }: Pick<RunState, 'timeline' | 'records'>): ItemLoad[] {
  const done = new Map<string, { left: [number, number]; right: [number, number] }>();
  for (const { itemId, feet, unitsDone, unitsPlanned } of records) {
    if (itemId === null) continue;
    const of = done.get(itemId) ?? { left: [0, 0], right: [0, 0] };
    for (const foot of ['left', 'right'] as const)
      if (feet === foot || feet === 'both') {
        of[foot][0] += unitsDone;
        of[foot][1] += unitsPlanned;
      }
    done.set(itemId, of);
  }
  return itemLoads(timeline).map((load) => {
    const of = done.get(load.itemId);
    const share = (foot: 'left' | 'right'): number => {
      const [units, planned] = of?.[foot] ?? [0, 0];
      return planned === 0 ? 0 : units / planned;
    };
    const by: Each = { left: share('left'), right: share('right') };
    return {
      ...load,
      rises: rounded(times(load.rises, by)),
      landings: rounded(times(load.landings, by)),
      regions: Object.fromEntries(
        (Object.entries(load.regions) as [Region, Each][]).map(([region, each]) => [region, times(each, by)]),
      ),
    };
  });
}

const rounded = ({ left, right }: Each): Each => ({ left: Math.round(left), right: Math.round(right) });
