import { type Execution, handsNearlyFree, onUnstableGround } from '../exercise';
import { addedAtLevel, moved } from './mend';
import { type Entry, type ReviewContext, classRule, named, orderRule } from './rule';

const rungOf = ({ exercise, rungId }: Execution) => exercise.ladder?.rungs.find((r) => r.id === rungId) ?? null;
const loadsCalf = ({ regions, exercise }: Execution) =>
  Math.max(regions.calf ?? 0, regions['deep-calf'] ?? 0) >= 1 && exercise.stage !== 'passive';
const eyesShut = (execution: Execution): boolean => {
  const rungs = execution.exercise.ladder?.rungs ?? [];
  const here = rungOf(execution);
  return here ? here.axes.eyes === 'shut' : rungs.length > 0 && rungs.every((r) => r.axes.eyes === 'shut');
};
/** Standing on one leg with open eyes, hands at most one finger from free. */
const standsFree = (execution: Execution) =>
  execution.sidePattern === 'each' &&
  execution.balance.working >= 2 &&
  execution.position === 'standing' &&
  handsNearlyFree(execution) &&
  !eyesShut(execution) &&
  !onUnstableGround(execution);
const firmGround = (execution: Execution) =>
  !onUnstableGround(execution) && execution.balance.working >= 1 && execution.position === 'standing';

/** Something that prepares comes later: wait for it; or add it, on the first level that does. */
function waitFor(context: ReviewContext, entry: Entry, prepares: (execution: Execution) => boolean, otherwise: string) {
  const later = context.entries.slice(context.indexOf(entry) + 1).find((e) => prepares(e.execution));
  return [
    later ? moved(entry, 'after', later) : null,
    later ? moved(later, 'before', entry) : null,
    addedAtLevel(context, otherwise, 'before', entry, prepares),
  ];
}

/** A minute of work that loads the calves counts as warm (common practice, no source). */
const warmMs = 60_000;

/** Jumps only after the calves have worked. State: warm so far, ms; and whether it was said: one cause, one finding. */
export const impactCold = orderRule<readonly [warmMs: number, said: boolean]>({
  id: 'impact-cold',
  severity: 'hard',
  reason: 'Landings ask most of calf and tendon; they come after at least a minute of calf work.',
  begin: [0, false],
  matters: ({ execution }, among) =>
    (execution.impactsPerRep > 0 || loadsCalf(execution)) && among.some((e) => e.execution.impactsPerRep > 0),
  judge: ([warm, said], { item, execution, workMs }) =>
    execution.impactsPerRep > 0 && warm < warmMs
      ? { state: [warm, true], breach: said ? null : { itemIds: [item.id], cost: 1 } }
      : { state: [loadsCalf(execution) ? Math.min(warmMs, warm + workMs) : warm, said], breach: null },
  explain: (breach, context) => {
    const [entry] = named(breach, context);
    const warm = context.entries
      .slice(0, context.indexOf(entry))
      .filter((e) => loadsCalf(e.execution) && e.execution.impactsPerRep === 0)
      .reduce((ms, e) => ms + e.workMs, 0);
    return {
      words: `${entry.name} comes with cold calves: ${Math.round(warm / 1000)} s of calf work before it.`,
      mends: () => waitFor(context, entry, (e) => e.impactsPerRep === 0 && loadsCalf(e), 'two-foot-rise'),
    };
  },
});

/** Eyes shut only after a stand with the eyes open and the hands nearly free. */
export const eyesShutEarly = orderRule<boolean>({
  id: 'eyes-shut-early',
  severity: 'hard',
  reason: 'Eyes shut comes after standing on one leg with the eyes open and the hands nearly free.',
  begin: false,
  matters: ({ execution }, among) =>
    (eyesShut(execution) || standsFree(execution)) && among.some((e) => eyesShut(e.execution)),
  judge: (stood, { item, execution }) =>
    eyesShut(execution) && !stood
      ? { state: stood, breach: { itemIds: [item.id], cost: 1 } }
      : { state: stood || standsFree(execution), breach: null },
  explain: (breach, context) => {
    const [entry] = named(breach, context);
    return {
      words: `${entry.name} comes before anybody stood on one leg with open eyes and hands nearly free.`,
      mends: () => waitFor(context, entry, standsFree, 'one-leg-stand'),
    };
  },
});

/** Moving ground only after firm ground. */
export const unsteadyEarly = orderRule<boolean>({
  id: 'unstable-early',
  severity: 'hard',
  reason: 'Soft and moving ground comes after firm ground.',
  begin: false,
  matters: ({ execution }, among) =>
    (onUnstableGround(execution) || firmGround(execution)) && among.some((e) => onUnstableGround(e.execution)),
  judge: (firm, { item, execution }) =>
    onUnstableGround(execution) && !firm
      ? { state: firm, breach: { itemIds: [item.id], cost: 1 } }
      : { state: firm || firmGround(execution), breach: null },
  explain: (breach, context) => {
    const [entry] = named(breach, context);
    return {
      words: `${entry.name} comes before any balance on firm ground.`,
      mends: () => waitFor(context, entry, firmGround, 'one-leg-stand'),
    };
  },
});

/** Socks slip on trainers and steps. */
export const slippery = classRule({
  id: 'slippery',
  severity: 'hard',
  reason: 'Socks slip on what moves or tilts: bare feet, or a firm floor.',
  look: (context) =>
    context.entries
      .filter(
        ({ execution }) =>
          context.school.footwear === 'socks' &&
          (execution.position === 'standing' || execution.position === 'walking') &&
          execution.kit.some((n) => ['half-ball', 'cushion', 'slope', 'step', 'block', 'beam'].includes(n.kit)),
      )
      .map((entry) => ({
        itemIds: [entry.item.id],
        cost: 1,
        explain: () => ({
          words: `${entry.name} is done in socks in this class.`,
          mends: () => [
            {
              words: 'Bare feet in this class',
              command: { type: 'edit-class', change: { school: { ...context.school, footwear: 'bare' } } },
            },
          ],
        }),
      })),
});
