import * as z from 'zod';
import { lengthsNotPasses } from '../dose';
import { Plan, readPlan } from '../plan';
import { type Result, ok, refuse } from '../result';
import { type ReadError, readStored, throughout } from '../stored';
import { RunEvent } from './event';

/** A class as it was taught: the plan it began with, and what the teacher did. */
export const Run = z.strictObject({ format: z.literal(1), plan: Plan, events: z.array(RunEvent) });
export type Run = z.infer<typeof Run>;
const Rest = Run.omit({ plan: true });

type Document = Readonly<Record<string, unknown>>;

/** Bouts were once called legs, which are also what people stand on. */
function boutsNotLegs(found: Document): Document {
  if (found['kind'] !== 'moved' || !('leg' in found)) return found;
  const { leg, ...rest } = found;
  return { ...rest, bout: leg };
}

/** A run, or anything that holds one, with what earlier formats called otherwise. */
export const runInTodaysWords = throughout((found) => lengthsNotPasses(boutsNotLegs(found)));

const upgrades = [
  // 0: before runs carried a number
  runInTodaysWords,
];

/**
 * Reads a taught class that was stored or kept in a browser: an older one is brought up to date, a newer one is refused.
 * Its plan is read as any plan is.
 */
export function readRun(stored: unknown): Result<Run, ReadError> {
  if (typeof stored !== 'object' || stored === null || !('plan' in stored)) return refuse({ code: 'not-a-document' });
  const plan = readPlan(stored.plan);
  if (!plan.ok) return plan;
  // judged above, and not once more with the rest
  const { plan: judged, ...rest } = { ...stored };
  void judged;
  const read = readStored(Rest, upgrades, rest);
  return read.ok ? ok({ ...read.value, plan: plan.value }) : read;
}
