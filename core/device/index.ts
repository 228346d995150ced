export * from './band';
export * from './band-curve';
export * from './simulated';
export * from './sway';
