import type { Door } from '@core/exercise';
import { kitNames } from '@core/kit';
import type { Plan } from '@core/plan';
import { type ItemTime, type OptionWindow, optionWindows } from '@core/timeline';
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
  const line = (which: 'easier' | 'harder') =>
    windows
      .filter((w) => w.which === which)
      .map((w) => ({ which, name: w.execution.rungName ?? '', words: optionWords(w), kit: extraKit(w, time) }));
  return [...line('easier'), { which: 'main', name: execution.rungName, words: '', kit: '' }, ...line('harder')];
}

/** "easier: 5 fingertips (30 s, each foot; chair)" */
export const levelWords = ({ which, name, words, kit }: LevelLine): string =>
  which === 'main' ? name : `${which}: ${name} (${[words, kit].filter((w) => w !== '').join('; ')})`;
