export * from './wav';
export * from './webvtt';
