export * from './class-load';
export * from './load';
export * from './rules';
export * from './weave';
export * from './weeks';
