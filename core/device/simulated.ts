import { dice } from '../dice';

/** How a simulated device behaves. */
export const simulatedKinds = ['steady', 'wobbly', 'noisy', 'unplugged'] as const;
export type SimulatedKind = (typeof simulatedKinds)[number];

/** Samples a second. */
export const matHz = 100;
/** The unplugged one falls silent after so many seconds. */
export const unpluggedAfter = 4;

interface Manner {
  /** How far somebody strays, mm, and how fast they come back, a second. */
  readonly stray: number;
  readonly back: number;
  /** Noise of the device itself, mm. */
  readonly noise: number;
}
const manners: Readonly<Record<SimulatedKind, Manner>> = {
  steady: { stray: 4, back: 1.2, noise: 0.1 },
  wobbly: { stray: 14, back: 0.8, noise: 0.1 },
  noisy: { stray: 4, back: 1.2, noise: 3 },
  unplugged: { stray: 4, back: 1.2, noise: 0.1 },
};

/**
 * What a simulated balance mat sends, sample by sample: somebody who strays from the middle and is drawn back (an
 * Ornstein–Uhlenbeck walk), with the noise of the device. The same seed gives the same standing.
 */
export function* simulatedMat(kind: SimulatedKind, seed: number): Generator<readonly [x: number, y: number], void> {
  const die = dice(seed);
  const uniform = () => (die(2147483646) + 1) / 2147483648;
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const { stray, back, noise } = manners[kind];
  const [keep, push] = [Math.exp(-back / matHz), stray * Math.sqrt(1 - Math.exp((-2 * back) / matHz))];
  let [x, y] = [0, 0];
  for (let i = 0; kind !== 'unplugged' || i < unpluggedAfter * matHz; i++) {
    x = keep * x + push * normal();
    y = keep * y + push * normal();
    yield [x + noise * normal(), y + noise * normal()];
  }
}

/** What a simulated angle gauge sends, degrees: a joint that is bent slowly to its end and held there. */
export function* simulatedGauge(kind: SimulatedKind, seed: number): Generator<number, void> {
  const die = dice(seed);
  const uniform = () => (die(2147483646) + 1) / 2147483648;
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const { noise } = manners[kind];
  const end = 60 + 20 * uniform();
  const shake = kind === 'wobbly' ? 4 : 0.5;
  for (let i = 0; kind !== 'unplugged' || i < unpluggedAfter * matHz; i++) {
    const way = Math.min(1, i / (3 * matHz));
    yield end * way + shake * Math.sin(i / 17) * way + noise * normal();
  }
}
