export * from './at-the-door';
