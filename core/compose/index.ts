export * from './brief';
export { type History, type LeftOut, type Offer, barOf, isBreak, kitOfLast, noHistory } from './candidates';
export * from './class-from';
export * from './compose';
export { type Levels } from './doses';
export { mostShared } from './draft';
export { type Leaning } from './shape';
export { movingShare } from './proposal';
export { type Term, mostMoving, termWords, whatHelped } from './score';
