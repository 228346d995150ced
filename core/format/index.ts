export * from './needlework-file';
export * from './published';
export * from './readings-table';
export * from './record';
export * from './safe-cell';
export * from './split-records';
export * from './wav';
export * from './webvtt';
