import { lengthsNotPasses } from '../dose';
import type { Result } from '../result';
import { type ReadError, readStored, throughout } from '../stored';
import { Plan } from './plan';

type Document = Readonly<Record<string, unknown>>;

/** Concerns, the teacher's place and what was accepted came after the first classes. */
function withLaterFields(plan: Document): Document {
  const brief = typeof plan['brief'] === 'object' ? plan['brief'] : {};
  return { accepted: [], ...plan, brief: { concerns: [], teacherAt: 'walks', ...brief } };
}

const upgrades = [
  // 0: before plans carried a number
  withLaterFields,
  // 1: lengths of the room were passes
  (plan: Document) => throughout(lengthsNotPasses)(withLaterFields(plan)),
];

/**
 * Reads a class that was stored, drafted or imported: an older one is brought up to date, a newer one is refused.
 * @example readPlan(JSON.parse(row.plan))
 */
export const readPlan = (stored: unknown): Result<Plan, ReadError> => readStored(Plan, upgrades, stored);
