import type { NumberResult } from './protocol';

type Scaled = Pick<NumberResult, 'scale'>;

/** A value on the scale on which it is judged: as it is, or x = ln(1 + value). */
export const toScale = ({ scale }: Scaled, value: number): number =>
  scale === 'raw' ? value : Math.log(1 + Math.max(0, value));

/** The way back: toScale and fromScale undo each other. */
export const fromScale = ({ scale }: Scaled, x: number): number => (scale === 'raw' ? x : Math.exp(x) - 1);
