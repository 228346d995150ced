import * as z from 'zod';
import { Band, readBand } from '../device/band';
import { simulatedKinds } from '../device/simulated';
import { document } from './document';

export const SaveBand = z.strictObject({ basedOn: z.int().min(1).nullable(), band: document(readBand) });
export type SaveBand = z.infer<typeof SaveBand>;
export const BandList = z.strictObject({
  bands: z.array(z.strictObject({ version: z.int().min(1), band: Band })),
});
export type BandList = z.infer<typeof BandList>;

/** Which simulated device is asked for, how it behaves, and from which seed. */
export const DeviceAsked = z.strictObject({
  device: z.enum(['mat', 'gauge']),
  kind: z.enum(simulatedKinds).default('steady'),
  seed: z.coerce.number().int().min(1).max(1_000_000).default(1),
});

/** Samples of a device: where the weight is, mm, or degrees. */
export const DevicePacket = z.array(z.union([z.number(), z.tuple([z.number(), z.number()])])).max(100);
export type DevicePacket = z.infer<typeof DevicePacket>;
