import type { CheckId } from '../check-id';
import type { Protocol } from '../protocol';
import { ankleChecks } from './ankle';
import { soleChecks } from './arch-and-sole';
import { standingChecks } from './standing';
import { toeChecks } from './toes';

/**
 * Every check with how it is taken. Figures of noise marked `published` are from Konor et al. 2012, IJSPT 7:279, from
 * memory, upper end; all others are Needlework's own estimates, set wide until a studio's own readings replace them.
 */
const allChecks = (): Readonly<Record<CheckId, Protocol>> => ({
  ...toeChecks(),
  ...soleChecks(),
  ...ankleChecks(),
  ...standingChecks(),
});

/** The checks that come with Needlework. A page that asks for none does not carry them. */
export const checks = /* @__PURE__ */ allChecks();
