export * from './bands';
export * from './kit-lines';
export * from './too-few';
