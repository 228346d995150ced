export { type Alternative, alternativesOf } from './alternatives';
export * from './fit';
export type { FitProgress } from './request';
export * from './rest';
export { dropWeight } from './search';
