import type { HomeworkRow } from '@core/contract';
import { daysOf } from '@core/homework/days';
import { sayDate, today } from './date-words';

/** A sheet in a line: what it is called, whom it is for, when, and how it stands. */
export function sheetLine({ homework, who }: HomeworkRow): {
  readonly title: string;
  readonly who: string;
  readonly when: string;
  readonly stands: string;
} {
  const to = daysOf(homework).at(-1) ?? homework.from;
  const { for: of, items, daysDone, weeks } = homework;
  const level = of.kind === 'level' ? of.words : '';
  const now = today();
  return {
    title: homework.title,
    who: [who, level].filter((words) => words !== '').join(': ') || 'anybody',
    when: `${sayDate(homework.from)} to ${sayDate(to)}`,
    stands:
      items.length === 0
        ? 'nothing on it yet'
        : daysDone !== null
          ? `done on ${daysDone} of ${7 * weeks} days`
          : now > to
            ? 'to be asked back'
            : now < homework.from
              ? 'to come'
              : 'runs',
  };
}
