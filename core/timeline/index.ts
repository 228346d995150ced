export * from './build';
export * from './foot-lane';
export {
  type Need,
  type Room,
  type Ways,
  roomAfter,
  arrival,
  arrivalMs,
  clearsFloor,
  needOf,
  secondSetUpMs,
  surfaceFor,
} from './hand-over';
export * from './likely';
export * from './option-window';
export * from './outline';
export * from './put-out';
export * from './timeline';
export { type ReadyItem, type Visit, leadOf, readyItem, stretchesOf, visitsOf } from './visit';
