export { ideas } from './ideas';
export * from './meaning';
export * from './red-thread';
