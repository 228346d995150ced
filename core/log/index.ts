export * from './learn';
export * from './looking-back';
export * from './sample';
export * from './why-over';
