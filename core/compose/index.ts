export * from './brief';
export { type History, type LeftOut, type Levels, type Offer, barOf, isBreak, noHistory } from './candidates';
export * from './class-from';
export * from './compose';
export { mostShared } from './draft';
export { IdeaId, ideas } from './idea';
export { type Leaning } from './shape';
export { movingShare } from './proposal';
export { type Term, mostMoving, termWords } from './score';
