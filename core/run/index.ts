export * from './event';
export * from './leg';
export * from './retime';
export * from './run';
export * from './tones';
