export * from './check-wording';
export * from './glossary';
