export * from './check-wording';
export * from './glossary';
export * from './spoken';
