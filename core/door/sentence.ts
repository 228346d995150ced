import { wordsIn } from '../speaking';
import type { DoorChange, DoorSight } from './sight';

const few = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const counted = (n: number): string => few[n] ?? String(n);
const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);
/** Names that are taken in by somebody who hears them once, and words of a sentence said in one breath or two. */
const mostNames = 2;
const mostWords = 40;

/** What a teacher says to the class of what is different today: one sentence, and nobody is named, nor what they have. */
export function sentenceOf(sight: DoorSight, changes: readonly DoorChange[]): string {
  const named = sentence(sight, changes, mostNames);
  return wordsIn(named) <= mostWords ? named : sentence(sight, changes, 0);
}

/** @param names how many exercises are named of each kind of change; more are said as what they are */
function sentence({ heads, minutes, concerns }: DoorSight, changes: readonly DoorChange[], names: number): string {
  const of = (...kinds: DoorChange['kind'][]) => changes.filter((change) => kinds.includes(change.kind));
  const part = (found: readonly DoorChange[], words: string) => (found.length === 0 ? [] : [words]);
  const some = (found: readonly DoorChange[], many: string): string =>
    found.length > names ? many : listed(found.map(({ name }) => lower(name)));
  const things = (found: readonly DoorChange[]) =>
    `${counted(found.length)} ${found.length === 1 ? 'thing' : 'things'}`;
  const swaps = of('swap');
  const parts = [
    ...(swaps.length > names
      ? [`${things(swaps)} in another way`]
      : swaps.map(({ name, instead }) => `${lower(instead ?? '')} in place of ${lower(name)}`)),
    ...part(of('out'), of('out').length > names ? `${things(of('out'))} left out` : `no ${some(of('out'), '')}`),
    ...part(of('less'), `a little less of ${some(of('less'), 'most things')}`),
    ...part(of('more'), `a little more of ${some(of('more'), 'most things')}`),
    ...part(of('kit'), 'other things in hand'),
    ...part(of('option', 'level'), 'something to hold on to for whoever wants it'),
  ];
  const minded = Object.values(concerns).some((count) => count > 0);
  const whoever = minded ? '; whoever is sore or unsteady gets their own way to do it' : '';
  const who = heads === 1 ? 'Only one of us' : `${upper(counted(heads))} of us`;
  const time = `${counted(minutes)} ${minutes === 1 ? 'minute' : 'minutes'}`;
  return `${who} and ${time}: ${parts.length === 0 ? 'everything as planned' : listed(parts)}${whoever}.`;
}
