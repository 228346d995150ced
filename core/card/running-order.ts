import { sayTime } from '../say-time';
import type { Card, CardRow } from './card';

/** The columns of a running order, as other programs read them. */
export const runningOrderColumns = [
  'start',
  'start s',
  'length s',
  'block',
  'what',
  'level',
  'dose',
  'tempo',
  'feet',
  'second foot',
  'kit',
  'fetch',
  'say',
  'watch',
  'mind',
  'note',
] as const;

const seconds = (ms: number): string => String(Math.round(ms / 1000));

/** A class as rows of a table, a row for all that has a time: exercises, talk, the second foot, a pause to compare. */
export function runningOrder({ blocks }: Card): string[][] {
  return blocks.flatMap(({ name, rows }) =>
    rows.map((row) => {
      const { what, ...of } = saysOf(row);
      const start = [sayTime(row.startMs), seconds(row.startMs), seconds(row.totalMs), name, what];
      return [...start, ...runningOrderColumns.slice(start.length).map((column) => of[column] ?? '')];
    }),
  );
}

function saysOf({ again, item, talk }: CardRow): { readonly what: string } & Readonly<Record<string, string>> {
  if (talk) return { what: talk.name, note: talk.note };
  if (!item) return { what: again };
  return {
    what: item.name,
    level: [item.level, ...item.options].filter((words) => words !== '').join('; '),
    dose: item.dose,
    tempo: item.tempo,
    feet: item.order,
    'second foot': item.secondMs === null ? '' : `${item.second} from ${sayTime(item.secondMs)}`,
    kit: item.kit,
    fetch: item.fetched.map(({ atMs, words }) => `${words} at ${sayTime(atMs)}`).join('; '),
    say: [item.cue, item.breath].filter((words) => words !== '').join(' '),
    watch: item.fault,
    mind: item.caution,
    note: item.note,
  };
}
