export * from './brief';
export { type Clash, type NearBrief } from './clash';
export { type History, noHistory } from './candidates';
export * from './compose';
export { mostShared } from './draft';
export { IdeaId, ideas } from './idea';
export { movingShare } from './proposal';
export { type NotAsked, type Reason, reasonWords } from './reasons';
export { type Term, type TermId, mostMoving, mostSum, termWords } from './score';
