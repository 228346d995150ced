import { type KitId, isFetched, standsInPlace } from '../kit';
import { type Plan, findAny } from '../plan';
import { type ItemTime, type PutOut, type Timeline, clearsFloor, putOut } from '../timeline';

/** A stretch of class time in which a piece is used. Ms. */
export interface KitUse {
  readonly itemId: string;
  readonly startMs: number;
  readonly endMs: number;
}

/** A piece of kit over a class. */
export interface KitLine {
  readonly kit: KitId;
  /** The most of it at once; null where it goes by people and nobody said how many come. Of what is part of the room: 0. */
  readonly count: number | null;
  /** As many as would be needed, however many there are; null where nobody said how many people come. */
  readonly wants: number | null;
  /** Pieces for each person; 0 where the room shares it. */
  readonly perPerson: number;
  /** Part of the room: a wall, a mirror. */
  readonly fixed: boolean;
  readonly forOptionOnly: boolean;
  readonly uses: readonly KitUse[];
  readonly fromMs: number;
  readonly toMs: number;
  /**
   * Whether it can lie ready before the class: what stands in its place, and what is used before anybody walks or jumps.
   * Else it is handed out, by itself at this time.
   */
  readonly ready: boolean;
  /** What it has to be out of the way for after its last use, and when; null where nothing needs the floor. */
  readonly clearedFor: { readonly itemId: string; readonly atMs: number } | null;
  /** Between two uses something wants the floor: it is put aside for so long. Null where nothing does. */
  readonly aside: { readonly startMs: number; readonly endMs: number } | null;
  /** When somebody fetches it in this class as it is planned; null where it lies ready. */
  readonly fetchedMs: number | null;
}

/** What balances, walks or jumps wants nothing lying about. */
const wantsFloor = ({ execution }: ItemTime): boolean =>
  execution !== null && (clearsFloor(execution) || execution.balance.working >= 2);

/**
 * Each piece of kit over a class, in the order in which it is first used: how many, from when to when, what can lie ready,
 * what is handed out when, what is cleared for what.
 */
export function kitLines(plan: Plan, timeline: Timeline): KitLine[] {
  const counts = new Map(putOut(plan, timeline).map((line) => [line.kit, line]));
  const order = timeline.items
    .filter(({ visits, execution }) => execution !== null && visits.length > 0)
    .sort((a, b) => a.startMs - b.startMs);
  const uses = new Map<KitId, KitUse[]>();
  for (const { itemId, visits, execution } of order)
    for (const { kit } of execution?.kit ?? []) {
      const worn = timeline.worn.find((one) => one.itemId === itemId);
      const here = worn ? [{ startMs: visits[0]?.startMs ?? 0, endMs: worn.endMs }] : visits;
      uses.set(kit, [...(uses.get(kit) ?? []), ...here.map(({ startMs, endMs }) => ({ itemId, startMs, endMs }))]);
    }
  const lines = [...uses].map(([kit, of]): KitLine => {
    const inOrder = [...of].sort((a, b) => a.startMs - b.startMs);
    const fromMs = inOrder[0]?.startMs ?? 0;
    const toMs = Math.max(...of.map(({ endMs }) => endMs));
    const put = counts.get(kit);
    const inTheWay = order.find((item) => wantsFloor(item) && item.startMs < fromMs && !usesIt(item, kit));
    const after = order.find((item) => wantsFloor(item) && item.startMs >= toMs);
    const fixed = !isFetched(kit);
    return {
      kit,
      count: put ? put.count : 0,
      wants: wantedOf(plan, put),
      perPerson: put?.perPerson ?? 0,
      fixed,
      forOptionOnly: false,
      uses: inOrder,
      fromMs,
      toMs,
      ready: fixed || standsAside(kit) || inTheWay === undefined,
      clearedFor: fixed || kit === 'chair' || !after ? null : { itemId: after.itemId, atMs: after.startMs },
      aside: fixed || standsAside(kit) ? null : asideIn(order, inOrder),
      fetchedMs: fetchedAt(plan, timeline, inOrder[0]?.itemId ?? '', kit),
    };
  });
  return [...lines.sort((a, b) => a.fromMs - b.fromMs), ...forOptions(plan, timeline, uses)];
}

/** The first gap between two uses in which somebody walks, jumps or balances without it, up to its next use. */
function asideIn(order: readonly ItemTime[], uses: readonly KitUse[]): KitLine['aside'] {
  for (const [i, { endMs }] of uses.entries()) {
    const next = uses[i + 1];
    if (!next) return null;
    if (order.some((item) => wantsFloor(item) && item.startMs >= endMs && item.startMs < next.startMs))
      return { startMs: endMs, endMs: next.startMs };
  }
  return null;
}

function wantedOf({ brief }: Plan, put: PutOut | undefined): number | null {
  if (!put) return 0;
  if (put.perPerson === 0) return put.count;
  return brief.people === null ? null : put.perPerson * brief.people;
}

/** Stands by the side until it is needed: nobody walks into a chair by the wall. */
const standsAside = (kit: KitId): boolean => standsInPlace(kit) && kit !== 'mat';
const usesIt = ({ execution }: ItemTime, kit: KitId): boolean =>
  execution?.kit.some((need) => need.kit === kit) ?? false;

/** What only an easier or harder level takes: from the first item that offers one with it. */
function forOptions(plan: Plan, timeline: Timeline, uses: ReadonlyMap<KitId, unknown>): KitLine[] {
  return putOut(plan, timeline)
    .filter(({ kit }) => !uses.has(kit))
    .map((put) => ({
      kit: put.kit,
      count: put.count,
      wants: wantedOf(plan, put),
      perPerson: put.perPerson,
      fixed: false,
      forOptionOnly: true,
      uses: [],
      fromMs: 0,
      toMs: timeline.totalMs,
      ready: true,
      clearedFor: null,
      aside: null,
      fetchedMs: null,
    }));
}

function fetchedAt(plan: Plan, { events }: Timeline, itemId: string, kit: KitId): number | null {
  if (plan.brief.kitOut === 'before' || !isFetched(kit) || findAny(plan, itemId) === null) return null;
  const going = events.find(
    (event) => event.itemId === itemId && event.because?.some(({ reason }) => reason === 'kit'),
  );
  return going?.startMs ?? null;
}

/** The floor or the mats change: when, what for, and how long that takes. */
export interface FloorChange {
  readonly itemId: string;
  readonly what: 'mats' | 'floor';
  readonly atMs: number;
  readonly ms: number;
}

/** Each time mats are laid out or taken away, or the class goes to another floor, as the timeline has it. */
export const floorChanges = ({ events }: Pick<Timeline, 'events'>): FloorChange[] =>
  events.flatMap(({ itemId, because, startMs }) =>
    (because ?? []).flatMap(({ reason, ms }): FloorChange[] =>
      itemId !== null && (reason === 'mats' || reason === 'floor') ? [{ itemId, what: reason, atMs: startMs, ms }] : [],
    ),
  );
