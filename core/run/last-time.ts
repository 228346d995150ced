import { amountName, numberIn, numberOf, sayUnit } from '../dose';
import { type Plan, type PlanCommand, type Side, applyCommand, findAny, findItem, itemsOf } from '../plan';
import { type FindRevision, buildTimeline } from '../timeline';
import { boutsOf } from './bout';
import { reportOf } from './report';
import { type Owed, owed } from './retime';
import type { RunState } from './run';

/** What a taught class leaves for the next time. */
export interface CarriedOver {
  readonly owed: readonly Owed[];
  /** Items that were not begun on any foot, in their order. */
  readonly notReached: readonly string[];
}

/** What one foot owes the other at the end of a class, and what was not reached. */
export const carriedOver = (state: RunState): CarriedOver => ({
  owed: owed(state),
  notReached: reportOf(state).notReached,
});

/**
 * What a class leaves for another class of the same people: of what it owes and did not reach, that which the other has
 * too, counted in the same way; by the other's items.
 */
export function carriedInto({ owed: debts, notReached }: CarriedOver, from: Plan, to: Plan): CarriedOver {
  const there = (itemId: string): string[] => {
    const item = findItem(from, itemId)?.item;
    const same = itemsOf(to).find(
      ({ exerciseId, recheck, dose }) =>
        exerciseId === item?.exerciseId && recheck === null && dose[0]?.kind === item.dose[0]?.kind,
    );
    return same ? [same.id] : [];
  };
  return {
    owed: debts.flatMap((debt) => there(debt.itemId).map((itemId) => ({ ...debt, itemId }))),
    notReached: [...new Set(notReached.flatMap(there))],
  };
}

/** Something that is left, in words that stand without the class, and what the next class can do about it. */
export interface LeftOver {
  /** "right foot: 2 reps owed, Band: turn the foot in"; of what was not reached its name. */
  readonly words: string;
  /** It can be paid back there, as it was tried; the exercise comes there; it does not. */
  readonly then: 'pay' | 'comes' | 'rests';
}

/** One debt; empty where the class does not have the exercise any more. */
export function debtWords({ plan, timeline }: RunState, { itemId, side, units }: Owed): string {
  const kind = findItem(plan, itemId)?.item.dose[0]?.kind;
  const exercise = timeline.items.find((i) => i.itemId === itemId)?.execution?.exercise;
  if (kind === undefined || !exercise) return '';
  return `${side} foot: ${units} ${sayUnit(kind, units)} owed, ${exercise.name[plan.school.words]}`;
}

/**
 * What is owed and what was not reached, each in words.
 * @param next the next class of the same people; null where there is none yet
 */
export function leftOver(
  state: RunState,
  next: { readonly plan: Plan; readonly find: FindRevision } | null,
): { readonly owed: readonly LeftOver[]; readonly notReached: readonly LeftOver[] } {
  const { owed: debts, notReached } = carriedOver(state);
  const comes = (itemId: string): LeftOver['then'] => {
    const exerciseId = findItem(state.plan, itemId)?.item.exerciseId;
    return next && itemsOf(next.plan).some((item) => item.exerciseId === exerciseId) ? 'comes' : 'rests';
  };
  const canPay = (debt: Owed): boolean => {
    const there = next && carriedInto({ owed: [debt], notReached: [] }, state.plan, next.plan).owed;
    return next !== null && there !== null && payBack(next.plan, there, next.find) !== null;
  };
  const nameOf = (itemId: string): string => {
    const item = findAny(state.plan, itemId)?.item;
    if (item?.kind === 'talk') return item.name;
    const time = state.timeline.items.find((one) => one.itemId === itemId);
    return time?.execution?.exercise.name[state.plan.school.words] ?? '';
  };
  const told = (one: LeftOver) => one.words !== '';
  return {
    owed: debts
      .map((debt): LeftOver => ({ words: debtWords(state, debt), then: canPay(debt) ? 'pay' : comes(debt.itemId) }))
      .filter(told),
    notReached: notReached.map((id): LeftOver => ({ words: nameOf(id), then: comes(id) })).filter(told),
  };
}

/** A class that pays back what one foot owes from last time. */
export interface PaidBack {
  readonly plan: Plan;
  /** What it costs, ms. */
  readonly deltaMs: number;
  /** What is paid by it; the rest has no place in this class any more. */
  readonly debts: readonly Owed[];
}

/** A foot that would do more than half as much again does other work, and makes nothing up (Needlework's own). */
const mostShare = 0.5;

/**
 * The class with a few reps more for the foot that owes them, wherever its feet are equal and take turns: tried on the
 * timeline, and as few more as will do. Null where nothing can be paid.
 */
export function payBack(plan: Plan, debts: readonly Owed[], find: FindRevision): PaidBack | null {
  const beforeMs = buildTimeline({ plan, find }).totalMs;
  const paid = debts.reduce<{ readonly plan: Plan; readonly debts: readonly Owed[] }>(
    (now, debt) => {
      const after = oneMore(now.plan, debt, find);
      return after ? { plan: after, debts: [...now.debts, debt] } : now;
    },
    { plan, debts: [] },
  );
  if (paid.debts.length === 0) return null;
  return { ...paid, deltaMs: buildTimeline({ plan: paid.plan, find }).totalMs - beforeMs };
}

function oneMore(plan: Plan, { itemId, side, units }: Owed, find: FindRevision): Plan | null {
  const item = findItem(plan, itemId)?.item;
  const [first] = item?.dose ?? [];
  if (!item || !first || item.sides.mode !== 'equal' || numberOf(first, amountName(first))?.scale !== 'counts')
    return null;
  const most = Math.min(20, mostShare * numberIn(first, amountName(first)));
  const before = unitsOf(plan, itemId, side, find);
  for (let more = 1; more <= most; more++) {
    const command: PlanCommand = {
      type: 'edit-item',
      itemId,
      change: { sides: { mode: 'extra-reps', weaker: side, more } },
    };
    const after = applyCommand(plan, command);
    if (after.ok && unitsOf(after.value, itemId, side, find) - before >= units) return after.value;
  }
  return null;
}

const unitsOf = (plan: Plan, itemId: string, side: Side, find: FindRevision): number =>
  boutsOf(buildTimeline({ plan, find }))
    .filter((bout) => bout.itemId === itemId && bout.feet === side)
    .flatMap(({ events }) => events.filter(({ activity }) => activity === 'work')).length;
