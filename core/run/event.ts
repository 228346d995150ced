import * as z from 'zod';
import { Id } from '../id';
import { PlanCommand } from '../plan';
import { Sensation } from './sensation';

/** More hands than that are in no room. */
export const mostHands = 200;

/** What a look again shows. */
export const Answer = z.enum(['same', 'better', 'worse']);
export type Answer = z.infer<typeof Answer>;

/** What a teacher does while teaching. Everything else follows from the clock. */
export const RunAction = z.discriminatedUnion('kind', [
  /** From ready to set-up, from set-up to the first rep. */
  z.strictObject({ kind: z.literal('started') }),
  /** Freezes the count. */
  z.strictObject({ kind: z.literal('held') }),
  z.strictObject({ kind: z.literal('resumed') }),
  /** Work that has no end of its own (by feel, or until something shows) is enough. */
  z.strictObject({ kind: z.literal('enough') }),
  /** To the start of a bout, where it waits. */
  z.strictObject({ kind: z.literal('moved'), bout: z.int().min(0) }),
  /** What a bout still owes is done now: its count goes on at an instant of its work, then the class where it was. */
  z.strictObject({ kind: z.literal('made-up'), bout: z.int().min(0), fromMs: z.int().min(0) }),
  /** A change of the plan while it is taught: one set more, one less. */
  z.strictObject({ kind: z.literal('adapted'), command: PlanCommand }),
  /** What a look again showed on a foot, or on both where nobody said which. */
  z.strictObject({ kind: z.literal('answered'), itemId: Id, feet: z.enum(['left', 'right', 'both']), answer: Answer }),
  /** Hands that went up at a look again, each answer anew. */
  z.strictObject({
    kind: z.literal('tallied'),
    itemId: Id,
    better: z.int().min(0).max(mostHands),
    same: z.int().min(0).max(mostHands),
    worse: z.int().min(0).max(mostHands),
  }),
  /** What becomes of the drill that was looked at: it is kept, dropped from now on, or tried again at once. */
  z.strictObject({ kind: z.literal('decided'), itemId: Id, keep: z.enum(['keep', 'again', 'drop']) }),
  /** Somebody feels something; nobody is named. */
  z.strictObject({ kind: z.literal('sensed'), itemId: Id.nullable(), sensation: Sensation }),
  z.strictObject({ kind: z.literal('observed'), words: z.string().min(1).max(500) }),
  /** Going on by itself from item to item: opt-in. */
  z.strictObject({ kind: z.literal('flowing'), on: z.boolean() }),
  z.strictObject({ kind: z.literal('ended') }),
  /** Takes back an earlier event of the same device; nothing is ever removed. */
  z.strictObject({ kind: z.literal('undone'), seq: z.int().min(0) }),
]);
export type RunAction = z.infer<typeof RunAction>;

/** An event of a run. `atMs` counts from the start of the run on a clock that does not stop. */
export const RunEvent = z.strictObject({
  runId: Id,
  deviceId: Id,
  seq: z.int().min(0),
  atMs: z
    .int()
    .min(0)
    .max(24 * 3_600_000),
  event: RunAction,
});
export type RunEvent = z.infer<typeof RunEvent>;

/** Events that count: each once by (device, seq), in order, without those that were taken back. */
export function effective(events: readonly RunEvent[]): RunEvent[] {
  const once = new Map(events.map((e) => [`${e.deviceId} ${e.seq}`, e] as const));
  const undone = new Set<string>();
  for (const { deviceId, event } of once.values()) if (event.kind === 'undone') undone.add(`${deviceId} ${event.seq}`);
  return [...once.entries()]
    .filter(([key, e]) => e.event.kind !== 'undone' && !undone.has(key))
    .map(([, e]) => e)
    .sort((a, b) => a.atMs - b.atMs || a.seq - b.seq);
}
