import type { ClassCheck } from './check-id';
import { CheckId } from './check-id';
import { checks } from './checks';
import type { Protocol } from './protocol';

/** A check by its id: one that comes with Needlework, or one of the teacher's own; null where nobody knows it. */
export function protocolFor(id: string, own: readonly Protocol[]): Protocol | null {
  const builtIn = CheckId.safeParse(id);
  return builtIn.success ? checks[builtIn.data] : (own.find((protocol) => protocol.id === id) ?? null);
}

/** A check as a class says it: by its id, or with the name it had when it was put there. */
export const classCheck = ({ id, name }: Pick<Protocol, 'id' | 'name'>): ClassCheck => {
  const builtIn = CheckId.safeParse(id);
  return builtIn.success ? builtIn.data : { id, name };
};
export const checkName = (check: ClassCheck): string => (typeof check === 'string' ? checks[check].name : check.name);
export const checkIdOf = (check: ClassCheck): string => (typeof check === 'string' ? check : check.id);

/** Checks that can stand in a class for everybody, each on an exercise: the teacher's own first. */
export const classChecks = (own: readonly (Protocol & { readonly away: boolean })[]): readonly Protocol[] => [
  ...own.filter(({ away, takenWith }) => !away && takenWith !== null),
  ...CheckId.options.map((id) => checks[id]).filter(({ takenWith }) => takenWith !== null),
];
