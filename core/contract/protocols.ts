import * as z from 'zod';
import { OwnProtocol, readOwnProtocol } from '../measure/own-protocol';
import { document } from './document';

export const SaveProtocol = z.strictObject({
  basedOn: z.int().min(1).nullable(),
  protocol: document(readOwnProtocol),
});
export type SaveProtocol = z.infer<typeof SaveProtocol>;

/** The teacher's own protocols, by name; with how many readings were taken with each. */
export const ProtocolList = z.strictObject({
  protocols: z.array(z.strictObject({ version: z.int().min(1), readings: z.int().min(0), protocol: OwnProtocol })),
});
export type ProtocolList = z.infer<typeof ProtocolList>;
