export * from './classes';
export { ExerciseDocument, PlanDocument } from './document';
export * from './exercises';
export { ListAsked, PageAsked } from './page';
export * from './preferences';
export * from './problem';
export * from './runs';
export * from './taken-out';
