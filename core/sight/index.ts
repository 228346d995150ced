export * from './sight';
export * from './sight-words';
export * from './view';
