import { studioNoise } from './noise';
import { type Point, pointsOf } from './point';
import type { NumberProtocol } from './protocol';
import type { Reading } from './reading';

/**
 * How much a check scatters in one studio, from the readings of all its students: each foot under each set of
 * conditions is a row of its own, without a first time that is practice and without what was asked about.
 * @param readings of this check, of everybody, by date
 * @returns on the judging scale; null where the protocol says no figure to begin with
 */
export function noiseInStudio(protocol: NumberProtocol, readings: readonly Reading[]): number | null {
  const { result } = protocol;
  if (result.noise === null) return null;
  const byStudent = new Map<string, Reading[]>();
  for (const reading of readings) {
    const own = byStudent.get(reading.studentId);
    if (own) own.push(reading);
    else byStudent.set(reading.studentId, [reading]);
  }
  const rows = [...byStudent.values()].flatMap((own) => {
    const bySeries = new Map<string, Point[]>();
    for (const point of pointsOf(protocol, own)) {
      if ((point.asked && !point.stands) || point.few) continue;
      const key = `${point.foot} ${point.series}`;
      const row = bySeries.get(key);
      if (row) row.push(point);
      else bySeries.set(key, [point]);
    }
    return [...bySeries.values()].map((row) => (result.practice ? row.slice(1) : row));
  });
  return studioNoise(result.noise, rows);
}
