export { type Alternative, alternativesOf } from './alternatives';
export * from './fit';
export type { FitProgress } from './request';
export * from './remainder';
export { dropWeight } from './search';
