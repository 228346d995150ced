export { type Alternative, type Bend, alternativesOf, asItIs } from './alternatives';
export * from './catch-up';
export * from './fit';
export * from './remainder';
export type { FitProgress } from './request';
export { dropWeight } from './search';
