import type { BoutRecord, RunState } from './run';

/** A bout that took this much longer than planned is worth a look, ms (Needlework's own figure). */
const lateMs = 15_000;

/** One bout of a taught class against its plan. */
export interface ReportedBout {
  readonly record: BoutRecord;
  /** Set-up, work and holds together, ms. */
  readonly actualMs: number;
  readonly plannedMs: number;
  /** Above zero: longer than planned. */
  readonly differenceMs: number;
  readonly late: boolean;
}

/** A taught class against its plan. All times in ms. */
export interface RunReport {
  readonly bouts: readonly ReportedBout[];
  /** From the first tap to the end of the last bout. */
  readonly taughtMs: number;
  readonly plannedMs: number;
  /** Above zero: the class ended after its slot. */
  readonly overSlotMs: number;
  readonly setUpMs: number;
  readonly plannedSetUpMs: number;
  /** Items that were not begun on any foot, in their order. */
  readonly notReached: readonly string[];
}

/** Work was done; or, where there is none to count (talk, putting something on), time was spent. */
const wasBegun = (r: BoutRecord): boolean => (r.unitsPlanned > 0 ? r.unitsDone > 0 : r.setUpMs + r.workMs > 0);

/** Planned against actual, by bout and in all. */
export function reportOf({ records, plan, timeline }: RunState): RunReport {
  const bouts = records.map((record): ReportedBout => {
    const actualMs = record.setUpMs + record.workMs + record.heldMs;
    const plannedMs = record.plannedSetUpMs + record.plannedWorkMs;
    const differenceMs = actualMs - plannedMs;
    return { record, actualMs, plannedMs, differenceMs, late: differenceMs >= lateMs };
  });
  const taughtMs = records.at(-1)?.endedAtMs ?? 0;
  return {
    bouts,
    taughtMs,
    plannedMs: timeline.totalMs,
    overSlotMs: taughtMs - plan.slotSeconds * 1000,
    setUpMs: records.reduce((ms, r) => ms + r.setUpMs, 0),
    plannedSetUpMs: records.reduce((ms, r) => ms + r.plannedSetUpMs, 0),
    notReached: timeline.items
      .map((i) => i.itemId)
      .filter((id) => !records.some((r) => r.itemId === id && wasBegun(r))),
  };
}
