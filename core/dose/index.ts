export {
  asKind,
  fittingNumbers,
  inShape,
  isOpen,
  kindChoices,
  amountName,
  numberIn,
  numberOf,
  sayableOn,
  unitsOf,
  usualRange,
  withField,
  withNumber,
  withRange,
  withSets,
  withUntil,
} from './amount';
export * from './dose';
export { lengthsNotPasses } from './older';
export { type DoseField, type Stitch, beatMs } from './kind';
export {
  type DoseKind,
  type PauseEvent,
  type WorkEvent,
  breaths,
  byFeel,
  counts,
  holds,
  kindOf,
  kindOfEvent,
  kinds,
  passes,
  reps,
  stops,
  timed,
  travel,
} from './kinds';
export { Multiplier, MultiplierKind, usualMultiplier } from './part';
export * from './sayable';
export * from './sentence';
export * from './window';
export * from './work';
