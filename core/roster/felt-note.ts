import type { Sensation } from '../run';
import type { LadderNote } from './ladder-note';
import { stopSigns } from './stop-signs';

/** What is written into the file of the one who feels something: about one ladder, or about all of them. */
export type FeltNote = Pick<LadderNote, 'exerciseId' | 'foot' | 'what'>;

/** Signs that freeze every ladder until a clinician's word. */
const signs: Readonly<Partial<Record<Sensation, (typeof stopSigns)[number]>>> = {
  'pop-at-the-heel': stopSigns[0],
  'no-push-off': stopSigns[1],
  'calf-hot-or-swollen': stopSigns[2],
  faint: stopSigns[5],
};
/** Numb or tingling is a sign once it stays. */
export const stayingNumb: (typeof stopSigns)[number] = stopSigns[3];
const pains: readonly Sensation[] = ['joint-pain', 'sharp-pain', 'pinching', 'growing-pain'];

/**
 * What stands in a student's own file of something they felt in class: a stop sign, or pain on a level. Null where it is
 * no matter of a ladder: a burn, a cramp, pain in an exercise without levels.
 * @param where the exercise and level they did, and on which foot it is
 */
export function feltNote(
  sensation: Sensation,
  {
    exerciseId,
    rungId,
    foot,
  }: { readonly exerciseId: string | null; readonly rungId: string | null } & Pick<LadderNote, 'foot'>,
): FeltNote | null {
  const sign = signs[sensation];
  if (sign) return { exerciseId: null, foot: 'both', what: { kind: 'stop', sign } };
  const when = pains.includes(sensation) ? 'during' : sensation === 'pain-next-day' ? 'next-day' : null;
  if (when === null || exerciseId === null || rungId === null) return null;
  return { exerciseId, foot, what: { kind: 'pain', rungId, when } };
}
