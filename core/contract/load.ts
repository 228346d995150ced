import * as z from 'zod';
import { Region } from '../exercise';

const Each = z.strictObject({ left: z.number(), right: z.number() });

/** What something asks of each foot. */
export const LoadOfFeet = z.strictObject({
  rises: Each,
  landings: Each,
  regions: z.partialRecord(Region, Each),
});
