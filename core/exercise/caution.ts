import type { Caution, Concern } from './exercise';

/** What weighs most comes first. */
const weight: Readonly<Record<Caution['action'], number>> = {
  'leave-out': 0,
  'ask-clinician': 1,
  'hold-at-rung': 2,
  'change-support': 3,
  'go-gently': 4,
};

/** The cautions that concern a room, what weighs most first; all of them where nobody has said who comes. */
export const cautionsFor = (cautions: readonly Caution[], concerns: readonly Concern[]): Caution[] =>
  cautions
    .filter((caution) => concerns.length === 0 || concerns.includes(caution.concern))
    .sort((a, b) => weight[a.action] - weight[b.action]);

/** The caution for which an exercise is left out for these people, or asked about first; null where they may do it. */
export const barredBy = (cautions: readonly Caution[], concerns: readonly Concern[]): Caution | null =>
  cautions.find(
    ({ concern, action }) => concerns.includes(concern) && (action === 'leave-out' || action === 'ask-clinician'),
  ) ?? null;
