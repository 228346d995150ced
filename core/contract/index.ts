export * from './classes';
export * from './exercises';
export * from './people';
export * from './preferences';
export * from './problem';
export * from './runs';
export * from './taken-out';
export { ExerciseDocument, PlanDocument } from './document';
export { ListAsked, PageAsked } from './page';
