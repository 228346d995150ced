export { type Alternative, type Bend, alternativesOf, asItIs } from './alternatives';
export * from './catch-up';
export * from './fit';
export * from './remainder';
export { dropWeight } from './search';
