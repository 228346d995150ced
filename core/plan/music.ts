import * as z from 'zod';
import { Id } from '../id';

/** Beats a minute that music has. */
export const Tempo = z.int().min(30).max(240);

/** A piece of music, as its teacher typed it: Needlework neither has nor plays it. */
export const Piece = z.strictObject({
  id: Id,
  title: z.string().trim().min(1).max(80),
  beatsPerMinute: Tempo,
  /** Whole length. */
  seconds: z.int().min(5).max(3600),
});
export type Piece = z.infer<typeof Piece>;

/** The music of a class. */
export const Music = z.strictObject({
  /** Counts before the first phrase of what is done to counts: they cost time. */
  countIn: z.union([z.literal(0), z.literal(4), z.literal(8)]),
  pieces: z.array(Piece).max(20),
});
export type Music = z.infer<typeof Music>;

export const noMusic: Music = { countIn: 0, pieces: [] };
