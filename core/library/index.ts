export * from './library-filter';
export * from './move';
export * from './search-text';
export * from './swap';
export * from './typical-time';
