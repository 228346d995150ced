export * from './brief';
export { type History, noHistory } from './candidates';
export * from './compose';
export { mostShared } from './draft';
export { IdeaId, ideas } from './idea';
export { movingShare } from './proposal';
export { reasonWords } from './reasons';
export { type Term, mostMoving, termWords } from './score';
