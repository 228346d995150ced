import { type Standing, changeOrNoise } from './change-or-noise';
import { checks } from './checks';
import { dayOf } from './day';
import { gapPoints } from './gap';
import { type NextLook, nextLook } from './next-date';
import { noiseOfTrials } from './noise';
import { type Point, pointsOf, sameFootAndDay } from './point';
import { type NumberProtocol, type Protocol, isNumber, numberCheck } from './protocol';
import { type Foot, type Reading, seriesKey } from './reading';
import { toScale } from './scale';
import { type SidesJudged, sidesOf } from './sides';
import { soleZones, zoneOf } from './sole-zone';
import type { Judged } from './verdict';
import { type WordLook, nowhere, scaleOf, wordsChange } from './words-change';

/** The two checks from which the gap is worked out. */
const byHand = numberCheck(checks['big-toe-by-hand']);
const unaided = numberCheck(checks['big-toe-unaided']);

/** All that the readings of one student say about one check. */
export interface History {
  readonly protocol: Protocol;
  /** By date. */
  readonly judged: readonly Judged[];
  readonly latest: readonly Latest[];
  /** Left against right, for each set of conditions in which both have a stretch. */
  readonly sides: readonly { readonly series: string; readonly judged: SidesJudged }[];
}

/** Where one foot stands under one set of conditions, and when to look again. */
export interface Latest {
  readonly foot: Foot;
  readonly series: string;
  readonly last: Judged;
  readonly next: NextLook;
  /** Readings since the last change, for checks that give numbers. */
  readonly stretch: readonly Point[];
  /** Noise of one usual reading on the judging scale; null for words, and where nobody knows it. */
  readonly noise: number | null;
}

export interface HistoryAsked {
  readonly protocol: Protocol;
  /** Of one student: of this check; for the big toe, of both its checks. In any order. */
  readonly readings: readonly Reading[];
  /** The studio's noise of this check where it has one. */
  readonly studio: number | null;
  /** Change expected in a week where the teacher says another one. */
  readonly weekly?: number | undefined;
}

/** Judges all readings of one student in one check: each against the earlier ones. */
export function historyOf(asked: HistoryAsked): History {
  return isNumber(asked.protocol) ? ofNumbers(asked, asked.protocol) : ofWords(asked);
}

/** The points of a check that gives numbers; of the gap, worked out from its two checks. */
export function numberPoints(protocol: NumberProtocol, readings: readonly Reading[]): Point[] {
  const of = (id: string) => readings.filter((reading) => reading.protocol === id);
  if (protocol.id === byHand.id) return pointsOf(byHand, of(byHand.id));
  if (protocol.id === 'big-toe-gap') return gapPoints(pointsOf(byHand, of(byHand.id)), unaidedPoints(of));
  if (protocol.id === unaided.id) return unaidedPoints(of);
  return pointsOf(protocol, of(protocol.id));
}

function unaidedPoints(of: (id: string) => readonly Reading[]): Point[] {
  return pointsOf(unaided, of(unaided.id), sameFootAndDay(pointsOf(byHand, of(byHand.id))));
}

function ofNumbers({ readings, studio, weekly }: HistoryAsked, protocol: NumberProtocol): History {
  const { result } = protocol;
  const points = numberPoints(protocol, readings);
  const noise = studio ?? result.noise ?? noiseOfTrials(trialsOf(protocol, readings), result.trials);
  if (!protocol.judged)
    return { protocol, judged: points.map(notJudged), latest: points.slice(-2).map(asLatest), sides: [] };
  const { judged, standings } = changeOrNoise(result, points, noise);
  const seriesOf = [...new Set(standings.map(({ series }) => series))];
  return {
    protocol,
    judged,
    latest: [...standings].sort(byFoot).map((standing) => ({ ...standing, next: nextLook(result, standing, weekly) })),
    sides: seriesOf.flatMap((series) => {
      const find = (foot: Foot): Standing | undefined =>
        standings.find((standing) => standing.series === series && standing.foot === foot);
      const [left, right] = [find('left'), find('right')];
      if (!left || !right || noise === null) return [];
      const sigma = Math.max(left.noise ?? noise, right.noise ?? noise);
      return [{ series, judged: sidesOf(result, left.stretch, right.stretch, sigma) }];
    }),
  };
}

const order: Readonly<Record<Foot, number>> = { left: 0, right: 1, both: 2 };
/** Left before right, the usual conditions first as they came. */
const byFoot = (a: { readonly foot: Foot }, b: { readonly foot: Foot }) => order[a.foot] - order[b.foot];

/** Trials of each date on the judging scale, for a protocol that says no noise of its own. */
const trialsOf = ({ id, result }: NumberProtocol, readings: readonly Reading[]): number[][] =>
  readings.flatMap(({ protocol, value }) =>
    protocol === id && value.kind === 'number' && value.known
      ? [value.trials.map((trial) => toScale(result, trial))]
      : [],
  );

const notJudged = (point: Point): Judged => ({
  readingIds: point.readingIds,
  foot: point.foot,
  series: point.series,
  day: point.day,
  value: point.value,
  verdict: 'not-judged',
  reason: null,
  direction: null,
  how: null,
  figures: null,
});
const asLatest = (point: Point): Latest => ({
  foot: point.foot,
  series: point.series,
  last: notJudged(point),
  next: { why: 'next-class' },
  stretch: [],
  noise: null,
});

function ofWords({ protocol, readings }: HistoryAsked): History {
  const scale = scaleOf(protocol);
  const looks = new Map<string, { foot: Foot; series: string; zone: string; looks: Map<number, [WordLook, string]> }>();
  const add = (reading: Reading, zone: string, answer: string) => {
    const series = seriesKey(reading) + zone;
    const key = `${reading.foot} ${series}`;
    const own = looks.get(key) ?? { foot: reading.foot, series, zone, looks: new Map<number, [WordLook, string]>() };
    const day = dayOf(reading.date);
    // one look a date: the last
    own.looks.set(day, [{ day, answer }, reading.id]);
    looks.set(key, own);
  };
  for (const reading of readings.filter(({ protocol: id }) => id === protocol.id)) {
    const { value } = reading;
    if (value.kind === 'word') add(reading, '', value.answer);
    if (value.kind === 'clock') add(reading, '', value.hour === null ? nowhere : String(value.hour));
    if (value.kind === 'marks') {
      const marked = new Set(value.marks.map((mark) => zoneOf(reading.foot, mark)));
      for (const zone of soleZones) add(reading, `|${zone}`, marked.has(zone) ? 'marked' : 'not marked');
    }
  }
  const judged: Judged[] = [];
  const latest: Latest[] = [];
  for (const { foot, series, zone, looks: own } of looks.values()) {
    const inOrder = [...own.values()].sort(([a], [b]) => a.day - b.day);
    // a zone that was never marked says nothing
    if (zone !== '' && inOrder.every(([{ answer }]) => answer === 'not marked')) continue;
    const verdicts =
      scale && protocol.judged
        ? wordsChange(
            scale,
            inOrder.map(([look]) => look),
          )
        : inOrder.map(() => ({ verdict: 'not-judged' as const, reason: null, direction: null, how: null }));
    const all = inOrder.map(([{ day, answer }, id], i): Judged => ({
      readingIds: [id],
      foot,
      series,
      day,
      value: zone === '' ? answer : `${zone.slice(1)} ${answer}`,
      figures: null,
      ...(verdicts[i] ?? { verdict: 'not-judged', reason: null, direction: null, how: null }),
    }));
    judged.push(...all);
    const last = all.at(-1);
    if (last) latest.push({ foot, series, last, next: { why: 'next-class' }, stretch: [], noise: null });
  }
  return { protocol, judged: judged.sort((a, b) => a.day - b.day), latest: latest.sort(byFoot), sides: [] };
}
