import * as z from 'zod';
import type { Exercise } from '../exercise';
import { type Familiarity, type Item, type Pace, type PaceKey, findItem, paceKeys } from '../plan';
import { type Bout, type RunState } from '../run';
import type { TimelineEvent, TransitionReason } from '../timeline';

/** One stretch of a taught class before its first rep: what the plan counted, by the figure it came from, and what it took. */
export const SampledBout = z.strictObject({
  itemId: z.string().nullable(),
  /** Planned, ms, by the teacher's figure; what no figure stands behind is `said`. */
  by: z.partialRecord(z.enum(['said', ...paceKeys]), z.number().min(0)),
  actualMs: z.number().min(0),
});
export type SampledBout = z.infer<typeof SampledBout>;

/** Work that was done to its end: planned and actual, what was held included, ms; by how its first part is counted. */
export const SampledWork = z.strictObject({ kind: z.string(), plannedMs: z.number(), actualMs: z.number() });
export type SampledWork = z.infer<typeof SampledWork>;

/** A taught class as the planner learns from it. */
export const RunSample = z.strictObject({
  pace: z.record(z.string(), z.number()),
  bouts: z.array(SampledBout),
  work: z.array(SampledWork),
  /** The class as it was planned and as it was taught, ms, where it was taught to its end; else null. */
  whole: z.strictObject({ plannedMs: z.number(), actualMs: z.number(), slotMs: z.number() }).nullable(),
});
export type RunSample = z.infer<typeof RunSample>;

/** Somebody forgot the tablet: what took longer than this, before one bout or on hold, says nothing of set-up, ms. */
const forgottenMs = 15 * 60_000;

const transitionKeys: Readonly<Record<Exclude<TransitionReason, 'position'>, PaceKey>> = {
  kit: 'fetchKitSeconds',
  reach: 'reachKitSeconds',
  floor: 'otherFloorSeconds',
  mats: 'floorChangeSeconds',
  facing: 'turnRoundSeconds',
  'band-moved': 'moveBandSeconds',
  'band-slid': 'slideBandSeconds',
};
const positionKeys: readonly PaceKey[] = [
  'chairSeconds',
  'floorToStandingSeconds',
  'onTheFloorSeconds',
  'stepOffSeconds',
];
const isNew = (familiarity: Familiarity): boolean => familiarity !== 'known';

/** Which of the teacher's figures stand behind an event before the work. */
function keysOf(event: TimelineEvent, item: Item | null, setup: Exercise['performance']['setup'], pace: Pace) {
  const ms = event.endMs - event.startMs;
  const one = (key: PaceKey | 'said'): [PaceKey | 'said', number][] => [[key, ms]];
  const fresh = item !== null && isNew(item.familiarity);
  switch (event.kind) {
    case 'talk':
      return one(item?.talk.beforeSeconds === null ? (fresh ? 'talkNewSeconds' : 'talkKnownSeconds') : 'said');
    case 'set-up': {
      if (setup === 'plain' || ms === Math.round(pace.plainSetupSeconds * 1000)) return one('plainSetupSeconds');
      if (setup === 'props') return one(fresh ? 'propsSetupSeconds' : 'propsKnownSetupSeconds');
      return one(fresh ? 'fiddlySetupSeconds' : 'fiddlyKnownSetupSeconds');
    }
    case 'second-set-up':
      if (ms === Math.round(pace.moveBandSeconds * 1000)) return one('moveBandSeconds');
      return one(setup === 'fiddly' ? 'secondFiddlySetupSeconds' : 'secondSetupSeconds');
    case 'switch':
      return one('sideSwitchSeconds');
    case 'demonstration':
      return one('firstRepTimes');
    case 'transition':
      return (event.because ?? []).map(({ reason, ms: part }): [PaceKey | 'said', number] => {
        if (reason !== 'position') return [transitionKeys[reason], part];
        const key = positionKeys.find((one) => Math.round(pace[one] * 1000) === part);
        return [key ?? 'said', part];
      });
    default:
      return one('said');
  }
}

function plannedBy(state: RunState, bout: Bout): SampledBout['by'] {
  const { plan, timeline } = state;
  const item = bout.itemId === null ? null : (findItem(plan, bout.itemId)?.item ?? null);
  const execution = timeline.items.find(({ itemId }) => itemId === bout.itemId)?.execution;
  const by: SampledBout['by'] = {};
  for (const event of timeline.events) {
    if (event.lane !== 'body' || event.startMs < bout.startMs || event.endMs > bout.workStartMs) continue;
    for (const [key, ms] of keysOf(event, item, execution?.setup ?? 'plain', plan.pace)) by[key] = (by[key] ?? 0) + ms;
  }
  return by;
}

/**
 * What a taught class says about the times around the work. Bouts that were gone back to, cut short or forgotten on a shelf
 * say nothing.
 */
export function sampleOf(state: RunState): RunSample {
  const seen = new Set<string>();
  const bouts: SampledBout[] = [];
  const work: SampledWork[] = [];
  for (const record of state.records) {
    const name = `${record.itemId ?? 'compare'} ${record.feet}`;
    const bout = state.bouts.find((one) => one.itemId === record.itemId && one.feet === record.feet);
    if (!bout || seen.has(name)) continue;
    seen.add(name);
    const begun = record.itemId !== null && (record.unitsDone > 0 || record.workMs > 0);
    if (begun && record.setUpMs < forgottenMs && bout.workStartMs > bout.startMs)
      bouts.push({ itemId: record.itemId, by: plannedBy(state, bout), actualMs: record.setUpMs });
    if (record.unitsPlanned > 0 && record.unitsDone >= record.unitsPlanned && record.heldMs < forgottenMs)
      work.push({
        kind: findItem(state.plan, record.itemId ?? '')?.item.dose[0]?.kind ?? '',
        plannedMs: record.plannedWorkMs,
        actualMs: record.workMs + record.heldMs,
      });
  }
  const isWhole = state.status === 'over' && state.records.length >= state.bouts.length;
  return {
    pace: { ...state.plan.pace },
    bouts,
    work,
    whole: isWhole
      ? {
          plannedMs: state.timeline.totalMs,
          actualMs: state.records.at(-1)?.endedAtMs ?? 0,
          slotMs: state.plan.slotSeconds * 1000,
        }
      : null,
  };
}
