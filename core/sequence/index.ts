export { loadRuleIds, musicRuleIds, review, roomRuleIds } from './review';
export type { OtherDose } from './rule';
export type { Finding, ProvedMend } from './finding';
export * from './reorder/reorder';
export * from './flows';
export * from './stand-ins';
export * from './worries';
