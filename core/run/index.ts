export * from './bout';
export * from './event';
export * from './moment';
export * from './read-run';
export * from './report';
export * from './retime';
export * from './run';
export * from './tones';
