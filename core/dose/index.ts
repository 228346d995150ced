export * from './dose';
export * from './sayable';
export * from './sentence';
export * from './window';
export * from './work';
export * from './write';
