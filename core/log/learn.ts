import { median } from '../measure/median';
import { type Pace, type PaceKey, paceDefaults } from '../plan';
import type { RunSample } from './sample';

/** Figures that are learned together, since they lie beside each other before the same reps. */
export type TimeGroup = 'plain' | 'props' | 'fiddly' | 'second' | 'band' | 'moving' | 'fetching' | 'demonstration';

export const timeGroups: Readonly<Record<TimeGroup, { readonly name: string; readonly keys: readonly PaceKey[] }>> = {
  plain: {
    name: 'Set-up and talk before something plain',
    keys: ['plainSetupSeconds', 'talkNewSeconds', 'talkKnownSeconds'],
  },
  props: { name: 'Set-up with props', keys: ['propsSetupSeconds', 'propsKnownSetupSeconds'] },
  fiddly: { name: 'Set-up that is fiddly', keys: ['fiddlySetupSeconds', 'fiddlyKnownSetupSeconds'] },
  second: {
    name: 'The second side',
    keys: ['sideSwitchSeconds', 'secondSetupSeconds', 'secondFiddlySetupSeconds'],
  },
  band: { name: 'Moving a band', keys: ['moveBandSeconds', 'slideBandSeconds'] },
  moving: {
    name: 'From place to place',
    keys: [
      'chairSeconds',
      'floorToStandingSeconds',
      'onTheFloorSeconds',
      'stepOffSeconds',
      'turnRoundSeconds',
      'otherFloorSeconds',
    ],
  },
  fetching: { name: 'Fetching kit and mats', keys: ['fetchKitSeconds', 'reachKitSeconds', 'floorChangeSeconds'] },
  demonstration: { name: 'The slow first rep of something new', keys: ['firstRepTimes'] },
};
const groupOf = new Map(
  (Object.entries(timeGroups) as [TimeGroup, (typeof timeGroups)[TimeGroup]][]).flatMap(([group, { keys }]) =>
    keys.map((key) => [key, group] as const),
  ),
);

/** What the log says of one group of figures. */
export interface LearnedGroup {
  readonly group: TimeGroup;
  /** How many times as long as the teacher's figures say, as the log alone has it. */
  readonly seen: number;
  /** The same, drawn towards the figures where there is little to go by. */
  readonly times: number;
  /** Stretches that spoke of it, each counted by its share. */
  readonly stretches: number;
}

export interface Learned {
  readonly classes: number;
  /** Whether the times were proved on classes left out; else the figures stay, and only how far they stray is learned. */
  readonly holds: boolean;
  readonly groups: readonly LearnedGroup[];
  readonly spreads: Pick<Pace, 'workSpread' | 'aroundSpread' | 'daySpread'>;
  /** The teacher's pace with all of it in it. */
  readonly pace: Pace;
}

/** How far teachers' figures lie from those they start with, as the spread of a logarithm (Needlework's own). */
const teachersDiffer = 0.4;
/** Stretches for which a spread of the start counts; so many whole classes for that of the day. */
const spreadStretches = 4;
const spreadClasses = 4;
/** Rounds of sharing out what a stretch took among what it was made of, until none moves by more than this. */
const mostRounds = 25;
const settled = 0.004;
/** A share smaller than this of a stretch says nothing about a group. */
const leastShare = 0.25;
/** Standard deviation of a normal distribution in its median absolute deviations. */
const perMad = 1.4826;
/** The median of n values strays this many times as far as their mean (Kenney & Keeping 1962, Mathematics of Statistics; from memory). */
const medianStrays = 1.2533;
const furthest = 5;
/** Fewer say nothing: of two, one may be the late bus. */
const leastStretches = 3;
/** So many classes before anything is learned, and so many parts in which the log is left out in turn. */
const leastClasses = 3;
const mostFolds = 5;

interface Stretch {
  /** The item of the class that it belongs to: what strays in the plan strays by item. */
  readonly of: string;
  readonly by: readonly (readonly [TimeGroup | 'said', number])[];
  readonly actualMs: number;
}

/** The median of values by their weights: half of the weight lies on either side. */
function weightedMedian(values: readonly { readonly value: number; readonly weight: number }[]): number {
  const sorted = [...values].sort((a, b) => a.value - b.value);
  const half = sorted.reduce((sum, { weight }) => sum + weight, 0) / 2;
  let sum = 0;
  for (const [i, { value, weight }] of sorted.entries()) {
    sum += weight;
    if (sum > half) return value;
    if (sum === half) return (value + (sorted[i + 1]?.value ?? value)) / 2;
  }
  return 0;
}

/** What was planned under the pace of its day, as the teacher's figures have it now. */
function stretchesOf(samples: readonly RunSample[], pace: Pace): Stretch[] {
  return samples.flatMap(({ pace: then, bouts }, nth) =>
    bouts.flatMap(({ itemId, by, actualMs }) => {
      const parts = (Object.entries(by) as [PaceKey | 'said', number][]).flatMap(
        ([key, ms]): (readonly [TimeGroup | 'said', number])[] => {
          if (key === 'said') return [['said', ms]];
          const group = groupOf.get(key);
          if (!group) return [['said', ms]];
          const [was, is] =
            key === 'firstRepTimes' ? [(then[key] ?? 1) - 1, pace[key] - 1] : [then[key] ?? 0, pace[key]];
          return [[group, was > 0 ? (ms * is) / was : ms]];
        },
      );
      const planned = parts.reduce((sum, [, ms]) => sum + ms, 0);
      return planned > 0 && actualMs > 0 ? [{ of: `${nth} ${itemId}`, by: parts, actualMs }] : [];
    }),
  );
}

/**
 * For each group of figures how many times as long it takes. What a stretch took is shared out among what it was planned to
 * be made of; of each group the median counts, so that a forgotten tablet or a torn band moves nothing, brought up to the
 * mean that a plan needs, since lengths lean to late (log-normal: mean = median · exp(σ²/2)). Where there is little the
 * figures stay: the posterior mean of a normal prior around them.
 */
function estimated(samples: readonly RunSample[], pace: Pace): Learned {
  const stretches = stretchesOf(samples, pace);
  const factors = new Map<TimeGroup | 'said', number>([['said', 1]]);
  const of = (group: TimeGroup | 'said') => factors.get(group) ?? 1;
  const expected = ({ by }: Stretch) => by.reduce((sum, [group, ms]) => sum + of(group) * ms, 0);
  const groups = Object.keys(timeGroups) as TimeGroup[];
  const having = new Map(
    groups.map((group) => [group, stretches.filter(({ by }) => by.some(([key]) => key === group))]),
  );
  const speaking = (group: TimeGroup) =>
    (having.get(group) ?? []).flatMap((stretch) => {
      const whole = expected(stretch);
      const share = stretch.by.reduce((sum, [key, ms]) => sum + (key === group ? of(key) * ms : 0), 0) / whole;
      return share >= leastShare ? [{ value: Math.log(stretch.actualMs / whole), weight: share }] : [];
    });
  let sigma = pace.aroundSpread;
  for (let [round, moved] = [0, Infinity]; round < mostRounds && moved > settled; round++) {
    sigma = spreadOf(stretches, expected, pace.aroundSpread);
    moved = 0;
    for (const group of groups) {
      const values = speaking(group);
      if (values.length === 0) continue;
      const before = of(group);
      const step = weightedMedian(values) + (sigma * sigma) / 2;
      factors.set(group, Math.min(furthest, Math.max(1 / furthest, before * Math.exp(step))));
      moved = Math.max(moved, Math.abs(Math.log(of(group) / before)));
    }
  }
  const learned = groups.flatMap((group): LearnedGroup[] => {
    const stretchesHeard = speaking(group).reduce((sum, { weight }) => sum + weight, 0);
    if (stretchesHeard < leastStretches) return [];
    const error = (medianStrays * sigma) / Math.sqrt(stretchesHeard);
    const pull = teachersDiffer ** 2 / (teachersDiffer ** 2 + error ** 2);
    return [{ group, seen: of(group), times: Math.exp(pull * Math.log(of(group))), stretches: stretchesHeard }];
  });
  const items = itemsOf(stretches);
  const around = items.length === 0 ? pace.aroundSpread : spreadOf(items, expected, pace.aroundSpread);
  const spreads = spreadsOf(samples, around, learned, pace);
  return {
    classes: samples.length,
    holds: true,
    groups: learned,
    spreads,
    pace: { ...paceBy(learned, pace), ...spreads },
  };
}

/**
 * Learns a teacher's times from taught classes, and proves them on the same log: each class is predicted from the others,
 * with what they teach and with the figures as they are. Where the figures are as near, they stay.
 * @param pace the figures that the teacher has now
 */
export function learnTimes(samples: readonly RunSample[], pace: Pace): Learned {
  const all = estimated(samples, pace);
  if (samples.length < leastClasses) return { ...all, holds: false, spreads: spreadsIn(pace), pace };
  return proves(samples, pace) ? all : { ...all, holds: false, pace: { ...pace, ...all.spreads } };
}

const spreadsIn = ({ workSpread, aroundSpread, daySpread }: Pace): Learned['spreads'] => ({
  workSpread,
  aroundSpread,
  daySpread,
});

/** Whether classes that were left out are predicted better with what the others teach. */
function proves(samples: readonly RunSample[], pace: Pace): boolean {
  const folds = Math.min(samples.length, mostFolds);
  const errors = Array.from({ length: folds }, (_, fold) => {
    const out = samples.filter((_sample, i) => i % folds === fold);
    const { groups } = estimated(
      samples.filter((_sample, i) => i % folds !== fold),
      pace,
    );
    const times = new Map(groups.map((one) => [one.group, one.times] as const));
    return out.flatMap((sample) => {
      const stretches = stretchesOf([sample], pace);
      const actual = stretches.reduce((sum, { actualMs }) => sum + actualMs, 0);
      const expected = (of: (group: TimeGroup | 'said') => number) =>
        stretches.reduce((sum, { by }) => sum + by.reduce((ms, [group, part]) => ms + of(group) * part, 0), 0);
      const error = (ms: number) => (actual > 0 && ms > 0 ? [Math.abs(Math.log(actual / ms))] : []);
      return {
        learned: error(expected((group) => (group === 'said' ? 1 : (times.get(group) ?? 1)))),
        stays: error(expected(() => 1)),
      };
    });
  }).flat();
  const middle = (of: 'learned' | 'stays') => {
    const values = errors.flatMap((one) => one[of]);
    return values.length === 0 ? 0 : median(values);
  };
  // of few classes it is asked to be much nearer: with three by a third, with twenty by a twentieth
  return middle('learned') < (1 - 1 / samples.length) * middle('stays');
}

/** The stretches of each item as one. */
function itemsOf(stretches: readonly Stretch[]): Stretch[] {
  const items = new Map<string, Stretch>();
  for (const stretch of stretches) {
    const { of, by, actualMs } = items.get(stretch.of) ?? { of: stretch.of, by: [], actualMs: 0 };
    items.set(of, { of, by: [...by, ...stretch.by], actualMs: actualMs + stretch.actualMs });
  }
  return [...items.values()];
}

/** How far stretches stray around what is expected of them; drawn towards the start where there are few. */
function spreadOf(stretches: readonly Stretch[], expected: (stretch: Stretch) => number, start: number): number {
  const logs = stretches.map((stretch) => Math.log(stretch.actualMs / expected(stretch)));
  return drawn(madOf(logs), logs.length, start, spreadStretches);
}

function madOf(values: readonly number[]): number {
  if (values.length === 0) return 0;
  const middle = median(values);
  return perMad * median(values.map((value) => Math.abs(value - middle)));
}

const drawn = (seen: number, count: number, start: number, weight: number): number =>
  Math.sqrt((weight * start ** 2 + count * seen ** 2) / (weight + count));

const hundredths = (value: number): number => Math.round(value * 100) / 100;

function spreadsOf(
  samples: readonly RunSample[],
  around: number,
  learned: readonly LearnedGroup[],
  pace: Pace,
): Learned['spreads'] {
  const work = samples.flatMap((sample) =>
    sample.work.map(({ plannedMs, actualMs }) => Math.log(actualMs / plannedMs)),
  );
  const workSpread = drawn(madOf(work.filter(Number.isFinite)), work.length, pace.workSpread, spreadStretches);
  return {
    workSpread: hundredths(Math.max(0.02, Math.min(1.5, workSpread))),
    aroundSpread: hundredths(Math.max(0.1, Math.min(1.5, around))),
    daySpread: hundredths(daysOf(samples, learned, around, workSpread, pace)),
  };
}

/** What whole classes stray beyond what their stretches account for. */
function daysOf(
  samples: readonly RunSample[],
  learned: readonly LearnedGroup[],
  around: number,
  work: number,
  pace: Pace,
): number {
  const times = new Map(learned.map((one) => [one.group, one.times] as const));
  const wholes = samples.flatMap((sample) => {
    if (!sample.whole) return [];
    const stretches = itemsOf(stretchesOf([sample], pace));
    const before = stretches.map(({ by }) =>
      by.reduce((sum, [group, ms]) => sum + ms * (group === 'said' ? 1 : (times.get(group) ?? 1)), 0),
    );
    const done = sample.work.map(({ plannedMs }) => plannedMs);
    const expected = [...before, ...done].reduce((sum, ms) => sum + ms, 0);
    const actual =
      stretches.reduce((sum, { actualMs }) => sum + actualMs, 0) +
      sample.work.reduce((sum, { actualMs }) => sum + actualMs, 0);
    if (expected === 0) return [];
    const variance =
      before.reduce((sum, ms) => sum + ms ** 2 * Math.expm1(around ** 2), 0) +
      done.reduce((sum, ms) => sum + ms ** 2 * Math.expm1(work ** 2), 0);
    return [{ log: Math.log(actual / expected), apart: variance / expected ** 2 }];
  });
  const seen = madOf(wholes.map(({ log }) => log));
  const apart = wholes.length === 0 ? 0 : median(wholes.map((one) => one.apart));
  const day = Math.sqrt(Math.max(0, seen ** 2 - apart));
  return Math.min(0.5, drawn(day, wholes.length, pace.daySpread, spreadClasses));
}

/** The pace with each figure as many times as long; in half seconds, inside what a figure may be. */
function paceBy(learned: readonly LearnedGroup[], pace: Pace): Pace {
  const next = { ...pace };
  for (const { group, times } of learned)
    for (const key of timeGroups[group].keys) {
      if (key === 'firstRepTimes')
        next[key] = Math.min(6, Math.max(1, Math.round(4 * (1 + (pace[key] - 1) * times)) / 4));
      else next[key] = Math.min(300, Math.round(2 * pace[key] * times) / 2);
    }
  return next;
}

/** The figures that would be others, with what they are now. */
export const changedFigures = (
  { pace: learned }: Learned,
  pace: Pace,
): { readonly key: PaceKey; readonly label: string; readonly from: number; readonly to: number }[] =>
  (Object.keys(paceDefaults) as PaceKey[])
    .filter((key) => learned[key] !== pace[key])
    .map((key) => ({ key, label: paceDefaults[key].label, from: pace[key], to: learned[key] }));
