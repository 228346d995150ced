import type { Exercise } from './exercise';

/** Lets go what has worked: a release, a shake, lying still. It asks nothing of what it eases. */
export const letsGo = ({ family, stage, relief }: Exercise): boolean =>
  relief === true || family === 'release' || (family === 'close' && stage === 'passive');
