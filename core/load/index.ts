export * from './weave';
