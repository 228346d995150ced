import { type Judged, type NumberResult, type Point, changeOrNoise, minimalDetectableChange } from '../../measure';
import { type Chance } from '../noisy-students';

/** A situation of the simulation with what was measured and what is allowed, in per cent. */
export interface Simulated {
  readonly situation: string;
  readonly measured: number;
  readonly least: number;
  readonly most: number;
}

/** A check on the raw scale whose noise is one, so that everything is said in noises. */
export const plain: NumberResult = {
  gives: 'number',
  unit: 'degrees',
  trials: 3,
  combine: 'mean',
  step: 1,
  refuse: { least: -1000, most: 1000 },
  ask: { least: -1000, most: 1000 },
  scale: 'raw',
  noise: 1,
  noiseFrom: 'estimate',
  rater: 1,
  weekly: 0.2,
  practice: false,
  cap: null,
  floor: null,
};
export const mdc = minimalDetectableChange(1);
export const monthly = Array.from({ length: 12 }, (_, i) => i * 30);
export const feet = ['left', 'right'] as const;

/** Readings of both feet on some days. @param draw the value of a foot on the nth day */
export const both = (days: readonly number[], draw: (n: number, foot: 'left' | 'right') => Point): Point[] =>
  days.flatMap((_, n) => feet.map((foot) => draw(n, foot)));
export const judgedBy = (points: readonly Point[], result = plain, studio = 1): readonly Judged[] =>
  changeOrNoise(result, points, studio).judged;

export const share = (list: readonly boolean[]): number => (100 * list.filter(Boolean).length) / list.length;
export const changed = ({ verdict }: Judged): boolean => verdict === 'changed';

interface Year {
  readonly perReading: number;
  readonly perhaps: number;
  readonly year: number;
}

/** Runs many students and counts false changes on one foot: per reading, and in the whole time. */
export function falseAlarms(
  students: number,
  points: (n: number) => readonly Point[],
  result = plain,
  studio = 1,
): Year {
  const years: boolean[] = [];
  const readings: boolean[] = [];
  const perhaps: boolean[] = [];
  for (let n = 0; n < students; n++) {
    const all = judgedBy(points(n), result, studio);
    for (const foot of feet) {
      const own = all.filter((one) => one.foot === foot);
      if (own.length === 0) continue;
      years.push(own.some(changed));
      readings.push(...own.slice(1).map(changed));
      perhaps.push(...own.slice(1).map(({ verdict }) => verdict === 'perhaps'));
    }
  }
  return { perReading: share(readings), perhaps: share(perhaps), year: share(years) };
}

export type Row = (students: number, chance: Chance) => readonly Simulated[];
export const row = (situation: string, measured: number, least: number, most: number): Simulated => ({
  situation,
  measured,
  least,
  most,
});
