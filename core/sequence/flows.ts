import { type Block, type Plan, type PlanCommand, applyCommand } from '../plan';
import { type FindRevision, buildTimeline, readyBlock } from '../timeline';

export type Flow = Block['flow'];

/** The whole class with a block (or all of them) taught one way and the other, and the step from the one to the other. */
export interface FlowTimes {
  /** Null: all blocks in which it makes a difference. */
  readonly blockId: string | null;
  readonly now: Flow | 'mixed';
  /** The class by the timeline, ms. */
  readonly byExerciseMs: number;
  readonly byFootMs: number;
  readonly toExercise: PlanCommand;
  readonly toFoot: PlanCommand;
}

const flowed = (blocks: readonly Block[], flow: Flow): PlanCommand => ({
  type: 'together',
  commands: blocks.map(({ id }) => ({ type: 'edit-block', blockId: id, change: { flow } })),
});

/**
 * Foot by foot against exercise by exercise, in the time of the class: for each block that has at least two exercises done
 * one foot at a time, and for all of those together. Empty where the class has no such block.
 */
export function flowTimes(plan: Plan, find: FindRevision): FlowTimes[] {
  const blocks = plan.blocks.filter((block) => {
    const ready = readyBlock(plan, block, find).flatMap((r) => ('kind' in r ? [] : [r.execution.sidePattern]));
    return ready.filter((pattern) => pattern === 'each').length > 1;
  });
  const timed = (command: PlanCommand): number => {
    const after = applyCommand(plan, command);
    if (!after.ok) throw new RangeError(after.error.code);
    return buildTimeline({ plan: after.value, find }).totalMs;
  };
  const compared = (of: readonly Block[], blockId: string | null): FlowTimes => {
    const [toExercise, toFoot] = [flowed(of, 'by-exercise'), flowed(of, 'by-foot')];
    const flows = new Set(of.map(({ flow }) => flow));
    const [only] = flows;
    return {
      blockId,
      now: flows.size === 1 && only ? only : 'mixed',
      byExerciseMs: timed(toExercise),
      byFootMs: timed(toFoot),
      toExercise,
      toFoot,
    };
  };
  const each = blocks.map((block) => compared([block], block.id));
  return blocks.length > 1 ? [compared(blocks, null), ...each] : each;
}
