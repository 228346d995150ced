export * from './command';
export * from './history';
export * from './make';
export * from './pace';
export * from './plan';
