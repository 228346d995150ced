import { type Plan, applyCommand, findItem, itemsOf } from '../plan';
import { buildTimeline } from '../timeline';
import { bridge, schoolsMixed, twoAxes, twoDoses } from './agree';
import { changesSaved } from './changes';
import { askFirst, cautioned, heldBack, mindful, supportOffered } from './concerns';
import { type Finding, type Found, type ProvedMend, type ReviewInput, contextOf, foundBy } from './finding';
import { mainForNobody } from './levels';
import { musicRunsOut, openEight, otherTempo } from './music';
import { archThird, balanceAfterCalf, regionRun, standingLeg } from './load';
import { ladderOrder, lookAgain, lookFirst, prepared, releasePlace } from './order';
import { oneWay, owedWays, unevenPair } from './parity';
import { kitShort, matsTwice, optionSupport, unseenFault, wrongFloor } from './room';
import type { Mend, ReviewContext, Rule, Severity } from './rule';
import { eyesShutEarly, impactCold, slippery, unsteadyEarly } from './safety';

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
  heldBack,
  supportOffered,
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
  kitShort,
  musicRunsOut,
  otherTempo,
  bridge,
  unseenFault,
  optionSupport,
  openEight,
  mainForNobody,
  mindful,
  schoolsMixed,
  twoAxes,
  twoDoses,
];
/** Those that time other classes than the one there is: for a plan at rest. */
const thorough: readonly Rule[] = [changesSaved];
export const rules: readonly Rule[] = [...quick, ...thorough];

/** The rules about load: where work piles up. */
export const loadRuleIds: readonly string[] = [regionRun, archThird, balanceAfterCalf, standingLeg].map(({ id }) => id);

/** The rules about the floor of the room. */
export const roomRuleIds: readonly string[] = [wrongFloor, slippery, matsTwice].map(({ id }) => id);

/** The rules about an exercise and its music. */
export const musicRuleIds: readonly string[] = [otherTempo, openEight].map(({ id }) => id);

const ranks: Readonly<Record<Severity, number>> = { hard: 0, soft: 1, note: 2 };

/**
 * Goes through a class with every rule: what matters most first, accepted findings last. Words and mends are made when
 * a finding is asked for them.
 * @param depth `quick` leaves out the rules that time other classes; for use at every edit
 */
export function review(input: ReviewInput, depth: 'quick' | 'thorough' = 'thorough'): Finding[] {
  const context = contextOf(input);
  const accepted = new Map(input.plan.accepted.map((a) => [a.finding, a.note]));
  const found = (depth === 'quick' ? quick : rules).flatMap((rule) => foundBy(rule, context));
  return found
    .map((one) => ({ ...one, finding: findingOf(one, found, context, accepted.get(one.key) ?? null) }))
    .filter(({ rule, finding }) => !(rule.kind === 'class' && rule.suggests) || finding.mend() !== null)
    .sort(
      (a, b) =>
        Number(a.finding.accepted !== null) - Number(b.finding.accepted !== null) ||
        ranks[a.finding.severity] - ranks[b.finding.severity] ||
        b.breach.cost - a.breach.cost,
    )
    .map(({ finding }) => finding);
}

function findingOf(one: Found, all: readonly Found[], context: ReviewContext, accepted: string | null): Finding {
  const { id, severity, reason } = one.rule;
  const explained = once(one.explain);
  return {
    key: one.key,
    rule: id,
    severity,
    reason,
    itemIds: one.breach.itemIds,
    words: () => explained().words,
    mend: once(() => firstProved(explained().mends(), one, all, context)),
    accepted,
  };
}

function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

/** The first of some mends that holds. */
function firstProved(
  mends: readonly (Mend | null)[],
  one: Found,
  all: readonly Found[],
  context: ReviewContext,
): ProvedMend | null {
  for (const mend of mends) {
    const found = mend && proved(mend, one, all, context);
    if (found) return found;
  }
  return null;
}

/**
 * Runs a mend and judges the class again. It holds when its finding is gone, nothing as hard has come that was not
 * there, and the class has not grown by more than the mend promises.
 */
function proved(mend: Mend, one: Found, all: readonly Found[], context: ReviewContext): ProvedMend | null {
  const after = applyCommand(context.plan, mend.command);
  if (!after.ok || partsWorn(context.plan, after.value)) return null;
  const known = new Map(context.entries.map((e) => [e.item.revision, e.execution.exercise]));
  for (const offer of context.library) known.set(offer.revision, offer.exercise);
  const timeline = buildTimeline({ plan: after.value, find: (revision) => known.get(revision) ?? null });
  const deltaMs = timeline.totalMs - context.timeline.totalMs;
  if (deltaMs > (mend.mostMs ?? Infinity)) return null;
  const now = contextOf({ ...context, plan: after.value, timeline });
  const rank = ranks[one.rule.severity];
  for (const rule of rules) {
    const isOwn = rule === one.rule;
    // A rule that is milder cannot undo the mend, and one that times other orders is asked only about its own.
    if (!isOwn && (ranks[rule.severity] > rank || thorough.includes(rule))) continue;
    const stands = foundBy(rule, now);
    if (stands.some((found) => (isOwn && within(found, one)) || !all.some((known) => within(found, known))))
      return null;
  }
  return { words: mend.words, command: mend.command, deltaMs };
}

/** Whether something that is worn would no longer be. */
const partsWorn = (before: Plan, after: Plan): boolean =>
  itemsOf(before).some(({ id, wornUntil }) => wornUntil !== null && findItem(after, id)?.item.wornUntil === null);

/** Whether a finding is another one again, or what is left of it. */
const within = (found: Found, known: Found): boolean =>
  found.rule === known.rule &&
  found.breach.about === known.breach.about &&
  found.breach.itemIds.every((id) => known.breach.itemIds.includes(id));
