import type { Execution, Fault } from '../exercise';
import type { Brief } from '../plan';
import type { ItemSight } from './sight';
import { type ClassFacing, type Seen, type TeacherPlace, type View, viewFrom } from './view';

/** Where the class looks, as one would tell it. */
export const facingWords = (facing: ClassFacing): string =>
  facing === 'centre'
    ? 'to the middle'
    : facing === 'left' || facing === 'right'
      ? `to the ${facing} wall`
      : `to the ${facing}`;

const views: Readonly<Record<View, string>> = {
  ahead: 'in front of them',
  behind: 'behind them',
  beside: 'beside them',
};

/** Where a teacher stands, for whoever reads it in a hurry: first for the class, then in the room. */
export function placeWords(place: TeacherPlace, facing: ClassFacing): string {
  if (place === 'centre') return 'in the middle';
  if (place === 'outside') return 'outside the circle';
  const wall = place === 'left' || place === 'right' ? `by the ${place} wall` : `at the ${place}`;
  return `${views[viewFrom(place, facing)]}, ${wall}`;
}

/** How well, where that has to be said; empty for plainly. */
export const seenWords: Readonly<Record<Seen, string>> = { 0: 'nobody sees it', 1: 'at an angle', 2: '' };

/** What would help where a fault is not seen, or only half: one sentence. Empty where it is seen. */
export function helpWords({ from }: Fault, seen: Seen, execution: Execution, { teacherAt, room }: Brief): string {
  const edge = from === 'inner side' || from === 'outer side';
  if (seen === 2) return '';
  if (edge && execution.sidePattern === 'both')
    return 'Both feet at once: from the side the near foot hides the other. Look from low in front, let pairs look, or take one foot after the other.';
  if (seen === 1) return '';
  if (from === 'mirror in front')
    return room.mirror === null
      ? 'There is no mirror here: let pairs look, or go behind them and watch the heels.'
      : 'It shows in the mirror alone: turn them to it, or let pairs look.';
  const where = from === 'behind' ? 'behind them' : from === 'above' ? 'close in front of them' : 'in front of them';
  const mirror = from === 'front' && room.mirror === null ? ', or work towards a mirror' : '';
  return teacherAt === 'walks'
    ? `It shows from ${where} alone: let pairs look, or say what to feel.`
    : `Go ${where}${mirror}, or let pairs look.`;
}

/** Which side to show, where the teacher faces people who do one side; empty where there is nothing to turn round. */
export function mirrorSideWords({ sidePattern }: Execution, { places: [place], facing }: ItemSight): string {
  const oneSided = sidePattern === 'each' || sidePattern === 'alternate';
  if (!oneSided || place === undefined) return '';
  const view = viewFrom(place, facing);
  if (view === 'beside') return '';
  return view === 'ahead' ? 'You face them: say “left”, show your right.' : 'Same side as theirs.';
}
