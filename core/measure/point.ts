import { dayOf } from './day';
import { askedOf, valueOf } from './input';
import type { NumberProtocol, NumberResult } from './protocol';
import { type Foot, type Reading, seriesKey } from './reading';
import { toScale } from './scale';
import type { AskReason } from './verdict';

/** All trials of one series, foot and date as one value to be judged. */
export interface Point {
  readonly readingIds: readonly string[];
  readonly foot: Foot;
  readonly series: string;
  readonly day: number;
  /** In the check's unit, cut where the check was ended. */
  readonly value: number;
  /** On the judging scale. */
  readonly x: number;
  /** How many times the variance of a usual reading this one has: fewer trials, more. */
  readonly f: number;
  /** Where the check was ended, in its unit; infinite where it has no end. */
  readonly cap: number;
  readonly by: string;
  readonly picked: boolean;
  /** A best of fewer trials than are usual understates; one whose trials are not known may. */
  readonly few: boolean;
  readonly unknown: boolean;
  readonly asked: AskReason | null;
  readonly stands: boolean;
}

/**
 * What the hand reached on the same foot and day: under the same conditions where it was taken under those too, so that
 * warm is not held against cold; else whatever was taken on that day.
 */
export function sameFootAndDay(hands: readonly Point[]): (own: Pick<Point, 'foot' | 'day' | 'series'>) => Point | null {
  return ({ foot, day, series }) => {
    const same = hands.filter((hand) => hand.foot === foot && hand.day === day);
    return same.find((hand) => hand.series === series) ?? same.at(-1) ?? null;
  };
}
type ByHand = ReturnType<typeof sameFootAndDay>;

/**
 * The readings of one student and one check as points, by date. Trials of the same series, foot and date are joined.
 * @param byHand for the big toe on its own: what the hand reached
 */
export function pointsOf({ result }: NumberProtocol, readings: readonly Reading[], byHand?: ByHand): Point[] {
  const together = new Map<string, Reading[]>();
  for (const reading of readings) {
    const key = `${reading.date} ${reading.foot} ${seriesKey(reading)}`;
    together.set(key, [...(together.get(key) ?? []), reading]);
  }
  return [...together.values()]
    .flatMap((same) => pointOf(result, same, byHand))
    .sort((a, b) => a.day - b.day || (a.foot < b.foot ? -1 : a.foot > b.foot ? 1 : 0));
}

function pointOf(result: NumberResult, same: readonly Reading[], byHand?: ByHand): Point[] {
  const [first] = same;
  const values = same.flatMap(({ value }) => (value.kind === 'number' ? [value] : []));
  if (!first || values.length === 0) return [];
  const trials = values.flatMap((value) => value.trials);
  const known = values.every((value) => value.known);
  const day = dayOf(first.date);
  const cap = Math.min(...values.map((each) => each.cap ?? result.cap ?? Infinity));
  // who was still standing when it was ended may have been written down with more
  const value = Math.min(valueOf(result, trials), cap);
  const m = known ? trials.length : 1;
  const best = result.combine === 'best';
  return [
    {
      readingIds: same.map(({ id }) => id),
      foot: first.foot,
      series: seriesKey(first),
      day,
      value,
      x: toScale(result, value),
      f: result.combine === 'mean' ? (2 + result.trials / m) / 3 : 1,
      cap,
      by: first.by,
      picked: same.some(({ picked }) => picked),
      few: best && known && m < result.trials,
      unknown: best && !known,
      asked: askedOf(result, trials, byHand?.({ foot: first.foot, day, series: seriesKey(first) })?.value ?? null),
      stands: same.some(({ stands }) => stands),
    },
  ];
}
