export * from './classes';
export * from './exercises';
export { PageAsked } from './page';
export * from './preferences';
export * from './problem';
export * from './runs';
