export * from './ankle';
export * from './both-feet';
export * from './drawing';
export * from './sole';
