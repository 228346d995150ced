export * from './days';
export { type HomeFault, type HomeFaultsAsked, barWords, fewerSets, homeFaults, mindsIn } from './faults';
export * from './homework';
export * from './load';
export * from './minutes';
export {
  type Barred,
  type HomeAsked,
  type Settled,
  oneSet,
  settle,
  settledOf,
  usualRhythm,
  usualSets,
  kindOf,
  usuallyHidesIn,
} from './settled';
export * from './sheet';
export * from './suggest';
export * from './trade';
export * from './who';
