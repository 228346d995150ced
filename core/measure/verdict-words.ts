import { dateOf } from './day';
import type { NextLook } from './next-date';
import { normalBelow } from './normal';
import { type NumberResult, type Protocol, isNumber, unitWords } from './protocol';
import type { SidesJudged } from './sides';
import type { AskReason, Figures, Judged, RefuseReason } from './verdict';

/** A value as it is read off, without its unit: whole, or in the step of the check. */
export function sayNumber(result: NumberResult, value: number): string {
  const rounded = Math.round(value / result.step) * result.step;
  return rounded.toFixed(result.step < 1 ? 1 : 0).replace('-', '−');
}

/** A value as it is read off, with its unit. @example "8.5 cm", "62°" */
export const sayValue = (result: NumberResult, value: number): string =>
  `${sayNumber(result, value)}${unitWords[result.unit].sign}`;

/** A difference on the judging scale: so much on the raw one, so many times as much on the other. */
function sayDifference(result: NumberResult, difference: number): string {
  if (result.scale === 'raw') {
    const step = result.step < 1 || Math.abs(difference) >= 10 ? result.step : Math.min(result.step, 0.5);
    const rounded = Math.round(Math.abs(difference) / step) * step;
    // per cent of body weight is told in points: 17 % more would be a share of a share
    const sign = result.unit === 'percent' ? ' points' : unitWords[result.unit].sign;
    return `${Number.isInteger(rounded) ? rounded : rounded.toFixed(1)}${sign}`;
  }
  const times = Math.exp(Math.abs(difference));
  return times < 1.5 ? `${Math.round((times - 1) * 100)} %` : `${times.toFixed(1)} times`;
}

const more = ({ difference }: Figures) => (difference > 0 ? 'more' : 'less');
/** "9° more", "12 % less", "2.1 times as much". */
export function changeWords(result: NumberResult, figures: Figures): string {
  const said = sayDifference(result, figures.difference);
  if (!said.endsWith('times')) return `${said} ${more(figures)}`;
  return figures.difference > 0 ? `${said} as much` : `${said} less`;
}

/** How many times the noise a difference is, as one says it: 3½. */
function timesNoise({ difference, noise }: Figures): string {
  const halves = Math.round((Math.abs(difference) / noise) * 2);
  return `${Math.floor(halves / 2) || ''}${halves % 2 === 1 ? '½' : ''}`;
}

/** How seldom noise alone makes a difference like this: one reading in so many. */
export function onceIn({ difference, noise }: Pick<Figures, 'difference' | 'noise'>): number {
  const often = 1 / (2 * (1 - normalBelow(Math.abs(difference / noise))));
  const step = often < 50 ? 1 : often < 200 ? 10 : 100;
  return Math.round(often / step) * step;
}

const months = [
  'one month',
  'two months',
  'three months',
  'four months',
  'five months',
  'six months',
  'seven months',
].concat(['eight months', 'nine months', 'ten months', 'eleven months', 'a year']);
const sayMonths = (days: number): string =>
  months[Math.round(days / 30.44) - 1] ?? `${Math.round(days / 30.44)} months`;

const dayMonth = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
const sayDay = (day: number): string => dayMonth.format(new Date(`${dateOf(day)}T00:00:00Z`));
/** "between 3 and 14 March". */
function between(from: number, to: number): string {
  const [a, b] = [sayDay(from), sayDay(to)];
  const [dayA, monthA] = a.split(' ');
  return `between ${monthA === b.split(' ')[1] ? dayA : a} and ${b}`;
}

const askWords: Readonly<Record<AskReason, string>> = {
  'unusual-value': 'an unusual value: was it read in the right unit? Say that it stands, or take it again',
  'trials-differ':
    'the trials differ more than this check scatters: say that they stand (then the middle one counts), or take them again',
  'far-from-own': 'far from everything before: say that it stands, or take it again',
  'own-above-by-hand':
    'more on its own than by hand, which cannot be: one of the two was misread. Take one again, or say that it stands',
};
const isAsk = (reason: Judged['reason']): reason is AskReason => reason !== null && reason in askWords;
export const refuseWords: Readonly<Record<RefuseReason, string>> = {
  'outside-limits': 'No foot gives this value: it was not taken. Is the unit right?',
  'future-date': 'This date has not come yet: the reading was not taken.',
  'no-consent':
    'This student has not agreed that measures are kept: it was not taken. Note the consent on the student’s page first.',
};

/** Before which change nothing is praised, a verdict says what it is in one sentence. */
export function verdictWords(protocol: Protocol, judged: Judged): string {
  return isNumber(protocol) ? numberWords(protocol, protocol.result, judged) : wordWords(judged);
}

function numberWords({ instead }: Protocol, result: NumberResult, judged: Judged): string {
  const { verdict, figures, reason, how, day } = judged;
  const least = figures?.atLeast ? 'at least ' : '';
  switch (verdict) {
    case 'first-reading':
      return 'the first reading: the next one can be compared with it';
    case 'too-early':
      if (reason === 'practice') return 'too early to tell: the first time counts as practice';
      if (reason === 'picked')
        return 'too early to tell: who was picked for a low value comes nearer the middle by itself';
      return 'too early to tell: nobody knows yet how much this check scatters';
    case 'not-comparable':
      return reason === 'few-trials'
        ? 'fewer tries than usual: a best of fewer is lower by itself'
        : 'taken under other conditions: a new row begins';
    case 'within-noise':
      return figures
        ? `no change that this method could show; it would take ${sayDifference(result, 3 * figures.noise).replace(/times$/, 'times as much')}`
        : 'no change that this method could show';
    case 'perhaps':
      if (!figures) return 'perhaps';
      return `perhaps ${least}${changeWords(result, figures)}; chance does this about once in ${onceIn(figures)} readings; look again ${between(day + 3, day + 14)}`;
    case 'changed':
      if (!figures) return 'changed';
      if (how === 'slowly')
        return `changed slowly: about ${changeWords(result, figures)} in ${sayMonths(figures.to - figures.from)}`;
      return `changed: ${least}${changeWords(result, figures)}, about ${timesNoise(figures)} times the noise`;
    case 'not-seen-again':
      return 'last time’s change was not seen again';
    case 'at-ceiling':
      return `at the ceiling, ${sayValue(result, Number(judged.value))}: this check can show no more${instead.above ? `; next: ${instead.above}` : ''}`;
    case 'at-floor':
      return `at the floor, ${sayValue(result, Number(judged.value))}: this check can show no less${instead.below ? `; next: ${instead.below}` : ''}`;
    case 'ask':
      return isAsk(reason) ? askWords[reason] : 'it is asked about';
    case 'refused':
      return 'not taken';
    case 'not-judged':
      return 'written down, not judged';
  }
}

function wordWords({ verdict, direction, value }: Judged): string {
  switch (verdict) {
    case 'first-reading':
      return 'the first look: the next one can be compared with it';
    case 'too-early':
      return 'too early to tell: an answer counts once it was seen twice running';
    case 'perhaps':
      return `perhaps ${value} now; one look in ten is wrong: look again next class`;
    case 'changed':
      return direction === 'away'
        ? `changed: ${value} now, seen several times running`
        : `changed: ${value}, seen several times running`;
    case 'at-ceiling':
      return `as hoped, and seen again: ${value}`;
    case 'within-noise':
      return 'as before';
    default:
      return 'written down, not judged';
  }
}

/** When to look again, and why then. */
export function nextWords(protocol: Protocol, day: number, next: NextLook): string {
  switch (next.why) {
    case 'soon':
      return `look again ${between(day + next.from, day + next.to)}`;
    case 'harder-check':
      return protocol.instead.above ? `next class: ${protocol.instead.above}` : 'this check can show no more';
    case 'next-class':
      return 'look again next class';
    case 'could-show':
      return `look again from ${sayDay(day + next.weeks * 7)}: in ${next.weeks} weeks the change that can be expected would show`;
    case 'too-slow':
      return `it changes slowly: even in half a year it would show with a chance of ${Math.round(next.chance * 10)} in 10 only. Another check may say more`;
  }
}

/** Left against right in one sentence. */
export function sidesWords(result: NumberResult, { verdict, difference, dates, atLeast }: SidesJudged): string {
  const said = difference === null ? '' : sayDifference(result, difference);
  const which = (difference ?? 0) > 0 ? 'left' : 'right';
  switch (verdict) {
    case 'too-early':
      return 'the feet were never measured on the same day';
    case 'at-ceiling':
      return 'both feet at the ceiling';
    case 'sides-alike':
      return 'no difference between the feet that this method could show';
    case 'sides-perhaps':
      return `perhaps ${atLeast ? 'at least ' : ''}${said} more ${which}; a small lasting difference is usual`;
    case 'sides-differ':
      return `${atLeast ? 'at least ' : ''}${said} more ${which}, on ${dates} dates; a lasting difference is usual and no fault by itself`;
  }
}
