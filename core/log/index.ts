export * from './learn';
export * from './sample';
export * from './why-over';
