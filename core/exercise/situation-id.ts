import * as z from 'zod';

/** What the body is in: from it follow the cautions that every exercise of its like must carry. */
export const Situation = z.enum([
  'one-leg-carries',
  'balance-asked',
  'steps-ask-balance',
  'demanding-balance',
  'unstable-ground',
  'landing',
  'heel-rises',
  'heel-below-edge',
  'edge-carries',
  'ankle-turns',
  'knees-bend-under-weight',
  'knees-on-floor',
  'ball-under-foot',
  'ball-under-heel',
  'big-toe-lifts',
  'big-toe-bent',
  'end-range-point',
  'between-the-toes',
  'band-on-foot',
  'band-round-toe',
  'feet-tied',
  'sole-may-cramp',
]);
export type Situation = z.infer<typeof Situation>;
