export * from './floor';
export * from './kit';
