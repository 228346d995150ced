export * from './build';
export * from './foot-lane';
export {
  type Need,
  type Room,
  type Ways,
  roomAfter,
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
export * from './taught-order';
export * from './timeline';
export * from './too-much';
export * from './turns';
export {
  type ReadyItem,
  type Round,
  type Visit,
  leadOf,
  mayRunOn,
  readyBlock,
  readyItem,
  roundsOf,
  visitsOf,
} from './visit';
