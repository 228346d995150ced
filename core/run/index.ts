export * from './bout';
export * from './event';
export * from './moment';
export * from './read-run';
export * from './retime';
export * from './run';
export * from './tones';
