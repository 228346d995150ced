import * as z from 'zod';
import { KitId } from '../kit';
import type { Execution } from './resolve';

/** One piece of kit in the place of another, chosen in a class. */
export const Substitute = z.strictObject({ of: KitId, by: KitId });
export type Substitute = z.infer<typeof Substitute>;

const slides: ReadonlySet<KitId> = new Set<KitId>(['cloth', 'paper']);

/** What an execution asks once one piece stands in for another: kit, seat, and the floor that the piece itself asked for. */
function substituted(execution: Execution, { of, by }: Substitute): Execution {
  if (!execution.kit.some((need) => need.kit === of)) return execution;
  const kit = execution.kit
    .filter((need) => need.kit !== by || need.kit === of)
    .map((need) => (need.kit === of ? { ...need, kit: by } : need));
  const seat =
    of === 'chair' && by === 'mat' && execution.position === 'chair-seated'
      ? { position: 'floor-seated' as const }
      : of === 'mat' && by === 'chair'
        ? { position: 'chair-seated' as const, floor: 'any' as const }
        : {};
  // A cloth asks for a floor it slides on; small things in a bowl do not.
  const floor = slides.has(of) && !slides.has(by) ? { floor: 'any' as const, floorsRuledOut: [] } : {};
  return { ...execution, kit, ...seat, ...floor };
}

/** Executions and lists of substitutes never change: what was put together once stays, so that an edit settles nothing anew. */
const known = new WeakMap<Execution, Map<string, Execution>>();

/** An execution with the kit that a class puts in the place of its own; a substitute it does not need changes nothing. */
export function withSubstitutes(execution: Execution, list: readonly Substitute[]): Execution {
  if (list.length === 0) return execution;
  const key = list.map(({ of, by }) => `${of}>${by}`).join();
  const byKey = known.get(execution) ?? new Map<string, Execution>();
  known.set(execution, byKey);
  const found = byKey.get(key) ?? list.reduce(substituted, execution);
  byKey.set(key, found);
  return found;
}

/** What is different with the pieces that stand in for others, as it is done with them: "a hand on the wall". */
export const substituteWords = ({ kit }: Pick<Execution, 'kit'>, list: readonly Substitute[]): string[] =>
  list.flatMap(({ by }) => {
    const words = kit.find((need) => need.kit === by)?.substitutes.find((other) => other.kit === by)?.changes ?? '';
    return words === '' ? [] : [words];
  });
