export * from './cue';
export * from './marks';
export * from './now';
export * from './script';
