export * from './class-music';
export * from './eights';
export * from './tap';
