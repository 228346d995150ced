export * from './ankle';
export * from './drawing';
export * from './sole';
