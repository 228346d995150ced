export * from './at-the-door';
export * from './sight';
