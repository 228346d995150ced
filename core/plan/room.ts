import * as z from 'zod';

/** A wall of the room, as the teacher sees it who stands in front and looks at the class from there: the front is behind them. */
export const RoomWall = z.enum(['front', 'back', 'left', 'right']);
export type RoomWall = z.infer<typeof RoomWall>;

/** The room as far as it decides who sees what. Left and right are those of a student who looks to the front. */
export const ClassRoom = z.strictObject({
  formation: z.enum(['rows', 'circle']),
  /** The wall with the mirror; null where there is none. */
  mirror: RoomWall.nullable(),
  /** The wall to hold on to; null where people hold on to chairs, each where they are. */
  wall: RoomWall.nullable(),
});
export type ClassRoom = z.infer<typeof ClassRoom>;

export const plainRoom: ClassRoom = { formation: 'rows', mirror: null, wall: null };
