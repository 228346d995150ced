import type { Door } from '../exercise';
import { kitNames } from '../kit';
import { type Plan, findItem } from '../plan';
import { type ItemTime, type OptionWindow, optionWindows } from '../timeline';
import { optionWords } from './item-words';

/** When a level opens for people new to it: "after 5 weeks. For people new to impact: …" */
export const doorWords = ({ weeks, words }: Door): string =>
  `after ${weeks} ${weeks === 1 ? 'week' : 'weeks'}. ${words}`;

/** A level as it is shown where the class is taught. */
export interface LevelLine {
  readonly which: 'easier' | 'main' | 'harder';
  readonly name: string;
  /** What it does in the same time; empty for the main one, whose dose stands beside it. */
  readonly words: string;
  /** What it needs that the main one does not. */
  readonly kit: string;
  /** How many of the group do it; null where nobody has counted. */
  readonly heads: number | null;
}

const extraKit = ({ execution }: OptionWindow, { execution: main }: ItemTime): string =>
  execution.kit
    .filter((need) => !main?.kit.some((has) => has.kit === need.kit))
    .map((need) => kitNames[need.kit])
    .join(', ');

/** The levels of an item, easiest first: the one it is on, and those offered in the same time. Empty without a ladder. */
export function levelLines(plan: Plan, time: ItemTime): LevelLine[] {
  const { execution } = time;
  if (!execution?.rungName) return [];
  const windows = optionWindows(plan, time);
  const heads = findItem(plan, time.itemId)?.item.heads ?? null;
  const line = (which: 'easier' | 'harder') =>
    windows
      .filter((w) => w.which === which)
      .map((w) => ({
        which,
        name: w.execution.rungName ?? '',
        words: optionWords(w),
        kit: extraKit(w, time),
        heads: heads?.[which] ?? null,
      }));
  const main = { which: 'main' as const, name: execution.rungName, words: '', kit: '', heads: heads?.main ?? null };
  return [...line('easier'), main, ...line('harder')];
}

/** "easier: 5 fingertips (30 s, each foot; chair)" */
export const levelWords = ({ which, name, words, kit, heads }: LevelLine): string =>
  which === 'main'
    ? name
    : `${which}${heads === null ? '' : ` for ${heads}`}: ${name} (${[words, kit].filter((w) => w !== '').join('; ')})`;

/** The main level, with how many do it: "three fingertips (8 people)". Empty where there is none. */
export const mainWords = (line: LevelLine | undefined): string =>
  line === undefined
    ? ''
    : `${line.name}${line.heads === null ? '' : ` (${line.heads} ${line.heads === 1 ? 'person' : 'people'})`}`;
