import { dice } from '@core/dice';
import { type CheckId, type Reading, checks, dateOf, usualConditions } from '@core/measure';
import { newStudent } from '@core/roster';
import type { PeopleParts } from '../server/people/router';

/** How many people ten years leave behind, and what was measured of them. */
export const tenYearsOfPeople = {
  students: 500,
  readings: 100_000,
  /** One group of thirty, looked at often: ten thousand readings. */
  group: { id: 'years-group', students: 30, readings: 10_000 },
  /** One person who came every week. */
  student: { id: 'years-student', readings: 1000 },
} as const;

/** Checks that give numbers, and what somebody usually has in them. */
const taken: readonly (readonly [check: CheckId, level: number])[] = [
  ['one-leg-stand', 14],
  ['knee-to-wall', 9],
  ['big-toe-unaided', 42],
  ['big-toe-by-hand', 74],
  ['rises-to-loss-of-form', 10],
  ['eyes-shut-stand', 6],
];
const years = 3650;

/**
 * Ten years of people of Saltmarsh Hall, through the same doors as any other save. The same numbers give the same data.
 * @param today day number
 */
export function addTenYearsOfPeople(
  { people, readings, noise }: Pick<PeopleParts, 'people' | 'readings' | 'noise'>,
  today: number,
): void {
  const die = dice(1911);
  const uniform = () => (die(1_000_000) + 0.5) / 1_000_000;
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const { students, group, student: often, readings: all } = tenYearsOfPeople;
  const groupIds = [group.id, ...Array.from({ length: 24 }, (_, i) => `years-group-${i}`)];
  for (const id of groupIds)
    people.saveGroup(id, { basedOn: null, group: { format: 1, id, name: `Group ${id}`, note: '', archived: false } });
  const others = students - group.students - 1;
  const each = (all - group.readings - often.readings) / others;
  let made = 0;
  for (let i = 0; i < students; i++) {
    const inGroup = i >= 1 && i <= group.students;
    const id = i === 0 ? often.id : `years-student-${i}`;
    const belongs = inGroup ? group.id : (groupIds[1 + (i % 24)] ?? group.id);
    people.saveStudent(id, {
      basedOn: null,
      student: {
        ...newStudent(id, `Somebody ${i}`, [belongs]),
        age: '40-49',
        consent: { date: dateOf(today - years), by: 'self' },
      },
    });
    const wanted = Math.round(i === 0 ? often.readings : inGroup ? group.readings / group.students : each);
    // each look: a few checks on both feet
    const looks = Math.ceil(wanted / 6);
    const own: Reading[] = [];
    for (let look = 0; own.length < wanted; look++) {
      const date = dateOf(today - years + Math.floor(((look + 0.5) * years) / looks));
      for (let c = 0; c < 3; c++) {
        const [protocol, level] = taken[(look * 3 + c) % taken.length] ?? ['one-leg-stand', 14];
        const { result } = checks[protocol];
        if (result.gives !== 'number') continue;
        for (const foot of ['left', 'right'] as const) {
          if (own.length >= wanted) break;
          const noiseHere = (result.noise ?? 1) * normal();
          const value = result.scale === 'raw' ? level + noiseHere : (1 + level) * Math.exp(noiseHere) - 1;
          const { least, most } = result.refuse;
          const trial = Number(Math.min(Math.max(value, least), Math.min(result.cap ?? most, most)).toFixed(1));
          own.push({
            id: `years-reading-${made++}`,
            studentId: id,
            protocol,
            foot,
            date,
            value: {
              kind: 'number',
              trials: Array.from({ length: result.trials }, () => trial),
              known: true,
              cap: null,
            },
            conditions: usualConditions,
            by: '',
            picked: false,
            stands: true,
            pain: null,
            note: '',
          });
        }
      }
    }
    readings.addAll(own);
  }
  for (const [check] of taken) noise.follow(check);
}
