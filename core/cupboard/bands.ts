import type { BandUse } from '../exercise';
import { type Block, type Plan, type PlanCommand, type Side, applyCommand } from '../plan';
import { type FindRevision, type Visit, buildTimeline, needOf, readyBlock, roundsOf } from '../timeline';
import { raisesNothing, worriesIn } from '../sequence';

/** What is done with the band before one go at an exercise. */
export type BandHandling = 'put on' | 'stays' | 'slides' | 'pulls the other way' | 'other foot';

/** A band over one go at an exercise: where it lies, on which foot, and what had to be done for that. */
export interface BandStep {
  readonly itemId: string;
  readonly placement: BandUse['placement'];
  readonly border: BandUse['border'];
  readonly foot: Side | 'both';
  readonly handling: BandHandling;
}

/** Each go with a band, in the order of the class. What comes in between without one takes it off. */
export function bandSteps(plan: Plan, find: FindRevision): BandStep[] {
  const steps: BandStep[] = [];
  let last: BandStep | null = null;
  for (const visit of plan.blocks.flatMap((block) => visitsIn(plan, block, find))) {
    const { band } = needOf(visit);
    const { execution, item } = visit.ready;
    if (!band || !execution.band) {
      last = null;
      continue;
    }
    const handling: BandHandling = !last
      ? 'put on'
      : last.foot !== band.foot
        ? 'other foot'
        : last.placement !== band.placement
          ? 'slides'
          : last.border === execution.band.border
            ? 'stays'
            : 'pulls the other way';
    last = { itemId: item.id, placement: band.placement, border: execution.band.border, foot: band.foot, handling };
    steps.push(last);
  }
  return steps;
}

const visitsIn = (plan: Plan, block: Block, find: FindRevision): readonly Visit[] =>
  roundsOf(block, readyBlock(plan, block, find)).flatMap((round) =>
    round.kind === 'talk' ? [] : round.kind === 'line' ? round.visits : round.passes.flat(),
  );

/** How often somebody has to do something with the band. */
export const handlingsIn = (steps: readonly BandStep[]): number =>
  steps.filter(({ handling }) => handling !== 'stays').length;

/** A way through the band work with less handling, tried and judged. */
export interface FewerHandlings {
  readonly blockId: string;
  readonly handlings: number;
  /** Taught one whole foot after the other, where that is part of it. */
  readonly byFoot: boolean;
  readonly reversed: boolean;
  readonly reorders: boolean;
  readonly command: PlanCommand;
  readonly deltaMs: number;
}

/** So many places, borders told apart, are tried in every order. */
const mostPlaces = 5;

/**
 * The way through the band work with the fewest handlings: of each block every order of the places the band lies at, exercise
 * by exercise and foot by foot, there and back. One is offered that handles it less often than now, makes the class no
 * longer, and about which the review has nothing to say that it has not said before.
 */
export function* fewerHandlings(
  plan: Plan,
  find: FindRevision,
): Generator<{ readonly done: number }, FewerHandlings | null> {
  const now = handlingsIn(bandSteps(plan, find));
  const timeline = buildTimeline({ plan, find });
  const known = worriesIn(plan, find, timeline);
  const found = plan.blocks.flatMap((block) => waysThrough(plan, block, find)).filter(({ way }) => way.handlings < now);
  found.sort((a, b) => a.way.handlings - b.way.handlings || a.changes - b.changes);
  for (const [at, { way, after }] of found.entries()) {
    yield { done: at / found.length };
    const changed = buildTimeline({ plan: after, find });
    const deltaMs = changed.totalMs - timeline.totalMs;
    if (deltaMs <= 0 && raisesNothing(worriesIn(after, find, changed), known)) return { ...way, deltaMs };
  }
  return null;
}

interface WayThrough {
  readonly way: Omit<FewerHandlings, 'deltaMs'>;
  readonly after: Plan;
  /** How many steps it takes. */
  readonly changes: number;
}

/** Every way through one block. */
function waysThrough(plan: Plan, block: Block, find: FindRevision): WayThrough[] {
  const placed = new Map(
    readyBlock(plan, block, find).flatMap((ready) =>
      'kind' in ready || !ready.execution.band
        ? []
        : [[ready.item.id, `${ready.execution.band.placement} ${ready.execution.band.border}`] as const],
    ),
  );
  if (placed.size < 2) return [];
  const stays = block.items.some((item) => item.kind === 'exercise' && (item.locked || item.recheck !== null));
  const places = [...new Set(placed.values())];
  // null: everything keeps its place
  const orders = stays || places.length > mostPlaces ? [null] : permutations(places);
  return orders.flatMap((order) =>
    (['by-exercise', 'by-foot', 'there-and-back'] as const).flatMap((flow): WayThrough[] => {
      const byFoot = flow !== 'by-exercise';
      const secondOrder = flow === 'there-and-back' ? ('reversed' as const) : ('same' as const);
      const moves = order ? movesFor(block, placed, order) : [];
      const differs = (block.flow === 'by-foot') !== byFoot || (byFoot && block.secondOrder !== secondOrder);
      const edit = {
        type: 'edit-block',
        blockId: block.id,
        change: { flow: byFoot ? 'by-foot' : 'by-exercise', secondOrder },
      } as const;
      const commands = [...moves, ...(differs ? [edit] : [])];
      if (commands.length === 0) return [];
      const command: PlanCommand = { type: 'together', commands };
      const after = applyCommand(plan, command);
      if (!after.ok) return [];
      return [
        {
          way: {
            blockId: block.id,
            handlings: handlingsIn(bandSteps(after.value, find)),
            byFoot,
            reversed: secondOrder === 'reversed',
            reorders: moves.length > 0,
            command,
          },
          after: after.value,
          changes: commands.length,
        },
      ];
    }),
  );
}

/** The band work of a block brought together by place, from where the first of it stands; all else keeps its order. */
function movesFor(block: Block, placed: ReadonlyMap<string, string>, order: readonly string[]) {
  const ids = block.items.map(({ id }) => id);
  const banded = order.flatMap((place) => ids.filter((id) => placed.get(id) === place));
  const first = ids.findIndex((id) => placed.has(id));
  const wanted = [...ids.slice(0, first), ...banded, ...ids.slice(first).filter((id) => !placed.has(id))];
  const moves: Extract<PlanCommand, { type: 'move-item' }>[] = [];
  const now = [...ids];
  wanted.forEach((id, index) => {
    if (now[index] === id) return;
    now.splice(now.indexOf(id), 1);
    now.splice(index, 0, id);
    moves.push({ type: 'move-item', itemId: id, blockId: block.id, index });
  });
  return moves;
}

function permutations<T>(list: readonly T[]): T[][] {
  if (list.length < 2) return [[...list]];
  return list.flatMap((one, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
  );
}
