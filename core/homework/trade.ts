import { piecesOf, sayUnit } from '../dose';
import { type ClassDay, homeDays, timesOf } from './days';
import { type Homework, Rhythm, rhythmWords, setsWords } from './homework';
import { type Settled, usualSets } from './settled';

/** What an item comes to over the days of the sheet. */
export interface Totals {
  /** Days on which it is done at home, and classes that do it. */
  readonly home: number;
  readonly inClass: number;
  /** Reps, holds or whatever it counts, on each foot, at home: with the fewest sets, and with the most. */
  readonly least: number;
  readonly most: number;
  /** "7 days × 3 to 5 sets of 10 reps = 210 to 350 on each foot" */
  readonly words: string;
}

/** One way of doing it, with what it comes to. */
export interface Trade {
  readonly rhythm: Rhythm;
  readonly sets: Settled['item']['sets'];
  readonly totals: Totals;
}

/**
 * What an item comes to over the days of the sheet.
 * @example ten reps, 3 to 5 sets every other day for two weeks: 7 days, 210 to 350; 2 or 3 sets daily: 14 days, 280 to 420
 */
export function totalsOf(
  settled: Settled,
  homework: Pick<Homework, 'from' | 'weeks'>,
  classes: readonly ClassDay[],
): Totals {
  const { item, execution } = settled;
  const days = homeDays(homework, [settled], classes);
  const { home, inClass } = timesOf(item.id, days);
  const each = piecesOf(item.dose);
  const [fewest, most] = item.sets;
  const [from, to] = [home * fewest * each, home * most * each];
  const part = item.dose[0];
  const unit = part ? sayUnit(part.kind, each) : '';
  const foot = execution.sidePattern === 'both' || execution.sidePattern === 'travelling' ? '' : ' on each foot';
  const sum = from === to ? `${from}` : `${from} to ${to}`;
  const taught = inClass === 0 ? '' : `, and ${inClass} ${inClass === 1 ? 'class does' : 'classes do'} it`;
  if (home === 0) {
    const words =
      inClass === 0 ? 'on no day' : `nothing at home: ${inClass} ${inClass === 1 ? 'class does' : 'classes do'} it`;
    return { home, inClass, least: 0, most: 0, words };
  }
  const of = `${home} ${home === 1 ? 'day' : 'days'} × ${setsWords(item.sets)} of ${each} ${unit}`;
  return { home, inClass, least: from, most: to, words: `${of} = ${sum}${foot}${taught}` };
}

/** The same work in each rhythm, with the sets that are usual for it, and what each comes to. */
export function tradesOf(
  settled: Settled,
  homework: Pick<Homework, 'from' | 'weeks'>,
  classes: readonly ClassDay[],
): Trade[] {
  return Rhythm.options.map((rhythm) => {
    const isNow = rhythm === settled.item.rhythm;
    const sets = isNow ? settled.item.sets : usualSets(settled.kind, rhythm);
    const item = { ...settled.item, rhythm, sets };
    return { rhythm, sets, totals: totalsOf({ ...settled, item }, homework, classes) };
  });
}

/** "every other day, 3 to 5 sets" */
export const tradeWords = ({ rhythm, sets }: Pick<Trade, 'rhythm' | 'sets'>): string =>
  `${rhythmWords[rhythm]}, ${setsWords(sets)}`;
