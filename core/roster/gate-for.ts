import type { Execution, Gate } from '../exercise';
import type { AgeBand } from './student';

/** Seconds on one leg that fit an age, where a gate asks for more: Needlework's own, below the published means. */
const fitting: Readonly<Partial<Record<AgeBand, { readonly open: number; readonly shut: number }>>> = {
  '60-69': { open: 30, shut: 5 },
  '70-79': { open: 15, shut: 5 },
  '80-99': { open: 10, shut: 5 },
};

/**
 * The figure a gate asks of one person: 60 s on one leg are a goal for the young, and no door that never opens for the
 * old. Another figure is only put in the place of one on one leg.
 */
export function gateFor(gate: Gate, execution: Execution, age: AgeBand | null): Gate {
  const fits = age === null ? undefined : fitting[age];
  const oneLeg = execution.position === 'standing' && execution.balance.working >= 2;
  if (!fits || gate.value === null || gate.test !== 'clean-hold-seconds' || !oneLeg) return gate;
  const rung = execution.exercise.ladder?.rungs.find(({ id }) => id === execution.rungId);
  const most = (rung?.axes.eyes ?? '').includes('shut') ? fits.shut : fits.open;
  return gate.value <= most ? gate : { ...gate, value: most };
}
