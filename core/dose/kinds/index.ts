import type * as z from 'zod';
import type { Kind } from '../kind';
import { breathsKind } from './breaths';
import { byFeelKind } from './by-feel';
import { countsKind } from './counts';
import { holdKind } from './hold';
import { passesKind } from './passes';
import { repsKind } from './reps';
import { stopsKind } from './stops';
import { timedKind } from './timed';
import { travelKind } from './travel';

export { breaths } from './breaths';
export { byFeel } from './by-feel';
export { counts } from './counts';
export { holds } from './hold';
export { passes } from './passes';
export { reps } from './reps';
export { stops } from './stops';
export { timed } from './timed';
export { travel } from './travel';

/** Every kind of dose, in the order in which they are offered: the one list that all others read. */
export const kinds = {
  reps: repsKind,
  hold: holdKind,
  passes: passesKind,
  stops: stopsKind,
  travel: travelKind,
  timed: timedKind,
  counts: countsKind,
  breaths: breathsKind,
  byFeel: byFeelKind,
};

type Kinds = typeof kinds;
export type DoseKind = keyof Kinds;
export const doseKinds = Object.keys(kinds) as DoseKind[];
export type DosePart = { [K in DoseKind]: z.infer<Kinds[K]['schema']> }[DoseKind];
/** What pieces of work, and the pauses inside it, are called on the timeline. */
export type WorkEvent = Kinds[DoseKind]['event'];
export type PauseEvent = NonNullable<Kinds[DoseKind]['gapEvent']>;

/** All that is particular to how a part is counted. */
export function kindOf<P extends DosePart>(part: P): Kind<P, z.ZodType<P>, WorkEvent, PauseEvent | null> {
  return kinds[part.kind] as unknown as Kind<P, z.ZodType<P>, WorkEvent, PauseEvent | null>;
}

const byEvent = new Map<string, (typeof kinds)[DoseKind]>(Object.values(kinds).map((kind) => [kind.event, kind]));
/** The kind whose units are called so on the timeline; null for anything that is not a unit of work. */
export const kindOfEvent = (event: string): Kinds[DoseKind] | null => byEvent.get(event) ?? null;
