import { bridge, schoolsMixed, twoAxes, twoDoses } from './agree';
import { changesSaved } from './changes';
import { archThird, balanceAfterCalf, regionRun, standingLeg } from './load';
import { ladderOrder, lookAgain, lookFirst, prepared, releasePlace } from './order';
import { oneWay, owedSides, owedWays, unevenPair } from './parity';
import { matsTwice, unseenFault, wrongFloor } from './room';
import type { Rule, Severity } from './rule';
import { type Finding, type ReviewInput, contextOf, findingsOf } from './run-rules';
import { askFirst, cautioned, eyesShutEarly, impactCold, slippery, unsteadyEarly } from './safety';

/** Every rule that answers at each edit, in the order in which they are explained. */
const quick: readonly Rule[] = [
  cautioned,
  impactCold,
  eyesShutEarly,
  unsteadyEarly,
  slippery,
  wrongFloor,
  ladderOrder,
  prepared,
  askFirst,
  owedSides,
  owedWays,
  unevenPair,
  oneWay,
  lookFirst,
  lookAgain,
  releasePlace,
  regionRun,
  archThird,
  balanceAfterCalf,
  standingLeg,
  matsTwice,
  bridge,
  unseenFault,
  schoolsMixed,
  twoAxes,
  twoDoses,
];
/** Those that time other classes than the one there is: for a plan at rest. */
const thorough: readonly Rule[] = [changesSaved];
export const rules: readonly Rule[] = [...quick, ...thorough];

const ranks: Readonly<Record<Severity, number>> = { hard: 0, soft: 1, note: 2 };

/**
 * Goes through a class with every rule: what matters most first, accepted findings last.
 * @param depth `quick` leaves out the rules that time other classes; for use at every edit
 */
export function review(input: ReviewInput, depth: 'quick' | 'thorough' = 'thorough'): Finding[] {
  const context = contextOf(input);
  const accepted = new Map(input.plan.accepted.map((a) => [a.finding, a.note]));
  const found = (depth === 'quick' ? quick : rules).flatMap((each) => findingsOf(each, context));
  return found
    .map(({ finding, weight }) => ({ finding: { ...finding, accepted: accepted.get(finding.key) ?? null }, weight }))
    .sort(
      (a, b) =>
        Number(a.finding.accepted !== null) - Number(b.finding.accepted !== null) ||
        ranks[a.finding.severity] - ranks[b.finding.severity] ||
        b.weight - a.weight,
    )
    .map(({ finding }) => finding);
}
