export * from './card';
export * from './clock';
export * from './item-words';
export * from './level-words';
export * from './put-out-words';
export * from './running-order';
