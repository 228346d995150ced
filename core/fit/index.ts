export { type Alternative, alternativesOf } from './alternatives';
export * from './fit';
export * from './remainder';
export { dropWeight } from './search';
