import type { Fault } from '../exercise';
import type { ClassRoom, RoomWall } from '../plan';

/** Where the class looks: at a wall, or to the middle of its circle. */
export type ClassFacing = RoomWall | 'centre';

/** Where a teacher stands: by a wall; in a circle in its middle, or outside behind the people. */
export type TeacherPlace = RoomWall | 'centre' | 'outside';

/** Where that is for a student: in front of them, behind them, or beside them. */
export type View = 'ahead' | 'behind' | 'beside';

/** How well something is seen: not at all, at an angle or in the mirror, plainly. */
export type Seen = 0 | 1 | 2;

const opposite: Readonly<Record<RoomWall, RoomWall>> = { front: 'back', back: 'front', left: 'right', right: 'left' };

/** Where a teacher is for a class that looks somewhere. Of a circle that looks at a wall, the middle is behind it. */
export function viewFrom(place: TeacherPlace, facing: ClassFacing): View {
  if (facing === 'centre') return place === 'centre' ? 'ahead' : 'behind';
  if (place === facing) return 'ahead';
  return place === 'centre' || place === opposite[facing] ? 'behind' : 'beside';
}

/**
 * Whether a fault shows from a place (common practice, no source): toes from above by whoever stands close in front; an
 * edge of the foot plainly from beside, at an angle from in front and behind; the front of a class that looks into a mirror
 * also in the mirror.
 * @param mirrored the class looks into the mirror
 */
export function seenFrom(from: Fault['from'], view: View, mirrored: boolean): Seen {
  switch (from) {
    case 'front':
      return view === 'ahead' ? 2 : view === 'behind' && mirrored ? 1 : 0;
    case 'behind':
      return view === 'behind' ? 2 : 0;
    case 'inner side':
    case 'outer side':
      return view === 'beside' ? 2 : 1;
    case 'above':
      return view === 'ahead' ? 2 : view === 'beside' ? 1 : 0;
    case 'mirror in front':
      return mirrored ? 2 : 0;
  }
}

/** Where the walls of a room are one can stand by, and where one cannot: a circle has a middle and an outside. */
export const placesIn = ({ formation }: Pick<ClassRoom, 'formation'>): readonly TeacherPlace[] =>
  formation === 'circle' ? ['centre', 'outside'] : ['front', 'back', 'left', 'right'];
