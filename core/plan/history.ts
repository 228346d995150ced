import * as z from 'zod';
import { type Result, ok, refuse } from '../result';
import { type CommandError, PlanCommand, applyCommand } from './command';
import type { Plan } from './plan';
import { readPlan } from './read-plan';

/** One command as it was taken, and the plan before it. */
export interface Step {
  readonly command: PlanCommand;
  readonly before: Plan;
}

/** A plan with the commands that made it, so that any edit can be taken back. Plans share what did not change. */
export interface History {
  readonly plan: Plan;
  readonly done: readonly Step[];
  readonly undone: readonly PlanCommand[];
}

const mostSteps = 500;

export const startHistory = (plan: Plan): History => ({ plan, done: [], undone: [] });

/** Applies a command and forgets what had been undone. */
export function perform(history: History, command: PlanCommand): Result<History, CommandError> {
  const result = applyCommand(history.plan, command);
  if (!result.ok) return result;
  const done = [...history.done, { command, before: history.plan }].slice(-mostSteps);
  return ok({ plan: result.value, done, undone: [] });
}

/** Takes back the last command; without one, the same history. */
export function undo(history: History): History {
  const last = history.done.at(-1);
  if (!last) return history;
  return { plan: last.before, done: history.done.slice(0, -1), undone: [last.command, ...history.undone] };
}

/** Does again what was taken back last; without anything, the same history. */
export function redo(history: History): History {
  const [next, ...rest] = history.undone;
  if (!next) return history;
  const again = perform(history, next);
  return again.ok ? { ...again.value, undone: rest } : history;
}

/**
 * Takes back one step, also when others came after it: those are taken again over the plan without it. What had been
 * undone is forgotten. Refused where one of them makes no sense without it, or where the step is no longer there.
 */
export function takeBack(
  history: History,
  step: Step,
): Result<History, CommandError | { readonly code: 'no-such-step' }> {
  const at = history.done.indexOf(step);
  if (at === -1) return refuse({ code: 'no-such-step' });
  const before: History = { plan: step.before, done: history.done.slice(0, at), undone: [] };
  return history.done
    .slice(at + 1)
    .reduce<Result<History, CommandError>>((so, later) => (so.ok ? perform(so.value, later.command) : so), ok(before));
}

/** Steps as they are put aside: a plan, what was done to it since, and what had been taken back. */
export const KeptHistory = z.object({
  from: z.unknown(),
  done: z.array(PlanCommand),
  undone: z.array(PlanCommand),
});
export type KeptHistory = z.infer<typeof KeptHistory>;

/** @param most so many of the latest steps, either way */
export function putAside({ plan, done, undone }: History, most: number): KeptHistory {
  const last = done.slice(-most);
  return { from: last[0]?.before ?? plan, done: last.map(({ command }) => command), undone: undone.slice(0, most) };
}

/** The steps taken again; null where one of them makes no sense any more. */
export function takenAgain({ from, done, undone }: KeptHistory): History | null {
  const read = readPlan(from);
  if (!read.ok) return null;
  const again = done.reduce<Result<History, CommandError>>(
    (so, command) => (so.ok ? perform(so.value, command) : so),
    ok(startHistory(read.value)),
  );
  return again.ok ? { ...again.value, undone } : null;
}

/** Several commands over a plan, one after the other; the first that is refused ends it. */
export function applyAll(plan: Plan, commands: readonly PlanCommand[]): Result<Plan, CommandError> {
  return commands.reduce<Result<Plan, CommandError>>((so, c) => (so.ok ? applyCommand(so.value, c) : so), ok(plan));
}
