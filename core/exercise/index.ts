export * from './belongs';
export * from './check';
export * from './exercise';
export * from './foot-state';
export * from './ladder';
export * from './resolve';
export * from './school';
