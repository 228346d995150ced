import { type Execution, concernNames } from '../exercise';
import { alternativeTo, added, leftOut, moved } from './mend';
import { type Place, type Rule, rule } from './rule';

const rungOf = ({ exercise, rungId }: Execution) => exercise.ladder?.rungs.find((r) => r.id === rungId) ?? null;
const loadsCalf = ({ regions, exercise }: Execution) =>
  Math.max(regions.calf ?? 0, regions['deep-calf'] ?? 0) >= 1 && exercise.stage !== 'passive';
export const eyesShut = (execution: Execution): boolean => {
  const rungs = execution.exercise.ladder?.rungs ?? [];
  const here = rungOf(execution);
  return here ? here.axes.eyes === 'shut' : rungs.length > 0 && rungs.every((r) => r.axes.eyes === 'shut');
};
/** Something soft or moving under the feet of someone who stands. */
export const unsteady = (execution: Execution): boolean =>
  (execution.position === 'standing' || execution.position === 'walking') &&
  execution.balance.working >= 2 &&
  execution.kit.some((need) => need.kit === 'half-ball' || need.kit === 'cushion');
const oneLegOpen = (execution: Execution) =>
  execution.sidePattern === 'each' && execution.balance.working >= 2 && !eyesShut(execution) && !unsteady(execution);

/** A minute of work that loads the calves counts as warm (common practice, no source). */
const warmMs = 60_000;

/** Jumps only after the calves have worked. */
export const impactCold: Rule = rule({
  id: 'impact-cold',
  severity: 'hard',
  reason: 'Landings ask most of calf and tendon; they come after at least a minute of calf work.',
  begin: () => 0,
  take: (warm: number, place, context) => {
    const { execution, time } = place;
    if (execution.impactsPerRep > 0 && warm < warmMs) {
      const later = context.places.find(
        (p) => p.index > place.index && p.execution.impactsPerRep === 0 && loadsCalf(p.execution),
      );
      return {
        state: warm,
        breaches: [
          {
            itemIds: [place.item.id],
            words: `${place.name} comes with cold calves: ${Math.round(warm / 1000)} s of calf work before it.`,
            mend: () => (later ? moved(place, 'after', later) : added(context, 'two-foot-rise', 'before', place)),
          },
        ],
      };
    }
    return { state: warm + (loadsCalf(execution) ? time.workMs : 0) };
  },
});

/** Eyes shut only after a stand with the eyes open. */
export const eyesShutEarly: Rule = rule({
  id: 'eyes-shut-early',
  severity: 'hard',
  reason: 'Eyes shut comes after standing on one leg with the eyes open and the hands nearly free.',
  begin: () => false,
  take: (stood: boolean, place, context) => {
    if (!eyesShut(place.execution) || stood) return { state: stood || oneLegOpen(place.execution) };
    const later = context.places.find((p) => p.index > place.index && oneLegOpen(p.execution));
    return {
      state: stood,
      breaches: [
        {
          itemIds: [place.item.id],
          words: `${place.name} comes before anybody stood on one leg with open eyes.`,
          mend: () => (later ? moved(place, 'after', later) : added(context, 'one-leg-stand', 'before', place)),
        },
      ],
    };
  },
});

/** Moving ground only after firm ground. */
export const unsteadyEarly: Rule = rule({
  id: 'unstable-early',
  severity: 'hard',
  reason: 'Soft and moving ground comes after firm ground.',
  begin: () => false,
  take: (firm: boolean, place, context) => {
    const stable =
      !unsteady(place.execution) && place.execution.balance.working >= 1 && place.execution.position === 'standing';
    if (!unsteady(place.execution) || firm) return { state: firm || stable };
    const later = context.places.find(
      (p) =>
        p.index > place.index &&
        !unsteady(p.execution) &&
        p.execution.balance.working >= 1 &&
        p.execution.position === 'standing',
    );
    return {
      state: firm,
      breaches: [
        {
          itemIds: [place.item.id],
          words: `${place.name} comes before any balance on firm ground.`,
          mend: () => (later ? moved(place, 'after', later) : added(context, 'one-leg-stand', 'before', place)),
        },
      ],
    };
  },
});

/** Somebody in the room must leave this out. */
export const cautioned: Rule = rule({
  id: 'caution',
  severity: 'hard',
  reason: 'Somebody in the room has what this exercise is left out for. Local rules and a clinician come first.',
  begin: () => null,
  take: (state: null, place, context) => {
    const concerns = new Set(context.plan.brief.concerns);
    const found = place.execution.exercise.cautions.filter((c) => c.action === 'leave-out' && concerns.has(c.concern));
    return {
      state,
      breaches: found.slice(0, 1).map((c) => ({
        itemIds: [place.item.id],
        about: c.concern,
        words: `${place.name} is left out with ${concernNames[c.concern]}. ${c.words}`,
        weight: 100,
        mend: () => alternativeTo(context, place, () => true) ?? leftOut(place),
      })),
    };
  },
});

/** Ask first: one finding for all such items. */
export const askFirst: Rule = rule({
  id: 'ask-first',
  severity: 'soft',
  reason:
    'Somebody in the room should ask a clinician before this. Plan something else for them, or be sure they have.',
  begin: (): readonly Place[] => [],
  take: (so: readonly Place[], place, context) => {
    const concerns = new Set(context.plan.brief.concerns);
    const asked = place.execution.exercise.cautions.some(
      (c) => c.action === 'ask-clinician' && concerns.has(c.concern),
    );
    return { state: asked ? [...so, place] : so };
  },
  end: (found, context) => {
    const [first] = found;
    if (!first) return [];
    const names = found.map((p) => p.name).join(', ');
    return [
      {
        itemIds: found.map((p) => p.item.id),
        words: `Somebody should ask a clinician before ${names}.`,
        mend: () => alternativeTo(context, first, () => true),
      },
    ];
  },
});

/** Socks slip on trainers and steps. */
export const slippery: Rule = rule({
  id: 'slippery',
  severity: 'hard',
  reason: 'Socks slip on what moves or tilts: bare feet, or a firm floor.',
  begin: () => null,
  take: (state: null, place, context) => {
    const tilts = place.execution.kit.some((n) => ['half-ball', 'cushion', 'slope', 'step'].includes(n.kit));
    if (context.school.footwear !== 'socks' || !tilts || place.execution.balance.working < 2) return { state };
    return {
      state,
      breaches: [
        {
          itemIds: [place.item.id],
          words: `${place.name} is done in socks in this class.`,
          mend: () => ({
            words: 'Bare feet in this class',
            command: { type: 'edit-class', change: { school: { ...context.school, footwear: 'bare' } } },
          }),
        },
      ],
    };
  },
});
