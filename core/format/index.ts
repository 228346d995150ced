export * from './needlework-file';
export * from './published';
export * from './record';
export * from './split-records';
export * from './wav';
export * from './webvtt';
