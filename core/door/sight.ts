import * as z from 'zod';
import { Concern } from '../exercise';
import { Floor, KitId } from '../kit';

/** What a teacher sees half a minute before a class, without names. */
export const DoorSight = z.strictObject({
  heads: z.int().min(1).max(200),
  /** Really left until the class has to end. */
  minutes: z.int().min(1).max(240),
  floor: Floor,
  /** Pieces there are; of what is not named there is enough. */
  kit: z.partialRecord(KitId, z.int().min(0).max(200)),
  /** How many have what. */
  concerns: z.partialRecord(Concern, z.int().min(1).max(200)),
});
export type DoorSight = z.infer<typeof DoorSight>;

/** One thing that is done otherwise than planned, and why. */
export interface DoorChange {
  readonly kind: 'swap' | 'out' | 'level' | 'option' | 'kit' | 'other' | 'less' | 'more';
  readonly words: string;
  readonly why: string;
  /** What it is called that changes, as planned; and what comes in its place, where something does. */
  readonly name: string;
  readonly instead: string | null;
  /** What it does to the length of the class, ms. */
  readonly deltaMs: number;
}
