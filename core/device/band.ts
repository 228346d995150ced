import * as z from 'zod';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import type { Result } from '../result';
import { type ReadError, readStored } from '../stored';

/** One pull: how long the band was, and what the spring scale said. */
export const BandPull = z.strictObject({
  /** Centimetres. */
  length: z.number().min(1).max(1000),
  /** Newtons; a scale in kilograms is multiplied by 9.81. */
  force: z.number().min(0).max(1000),
});
export type BandPull = z.infer<typeof BandPull>;

/** A band on one day: its slack length, and a handful of pulls. */
export const BandTest = z
  .strictObject({
    date: LocalDate,
    /** Centimetres, lying on the table. */
    slack: z.number().min(1).max(1000),
    pulls: z.array(BandPull).min(2).max(20),
  })
  .refine(({ slack, pulls }) => pulls.every(({ length }) => length > slack), { error: 'band-not-stretched' });
export type BandTest = z.infer<typeof BandTest>;

export const Band = z.strictObject({
  format: z.literal(1),
  id: Id,
  name: z.string().trim().min(1).max(60),
  tests: z.array(BandTest).max(40),
});
export type Band = z.infer<typeof Band>;

export const readBand = (stored: unknown): Result<Band, ReadError> => readStored(Band, [(so) => so], stored);

/** What a kilogram on a scale pulls with, in newtons. */
export const newtonsPerKilogram = 9.81;
