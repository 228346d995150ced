export * from './build';
export * from './foot-lane';
export * from './hand-over';
export * from './likely';
export * from './outline';
export * from './timeline';
export { type ReadyItem, leadOf, readyItem, stretchesOf } from './visit';
