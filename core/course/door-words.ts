import type { Door, WeekState } from './doors';
import { whyShut } from './faults';
import { phaseNames } from './templates';

const week = (at: number): string => `week ${at + 1}`;

/** What is to be said of a door: when it may open, when the plans begin it, and what moved it. */
export function doorWords({ phase, opens, begins, unmoved, waits }: Door, states: readonly WeekState[]): string {
  const name = phaseNames[phase.kind];
  if (begins === null) return `${name}: not within these weeks; ${whyShut({ waits })}.`;
  const moved = unmoved !== null && begins > unmoved ? movedWords(unmoved, begins, states) : '';
  const may = opens !== null && opens < begins ? `; it may from ${week(opens)}` : '';
  return `${name} from ${week(begins)}${may}.${moved}`;
}

function movedWords(unmoved: number, begins: number, states: readonly WeekState[]): string {
  const of = (state: WeekState, from: number) =>
    states.flatMap((one, at) => (one === state && at >= from && at < begins ? [at + 1] : []));
  const said = [named(of('missed', 0), 'missed'), named(of('closed', unmoved), 'closed')].filter((w) => w !== '');
  const weeks = begins - unmoved === 1 ? 'A week' : `${begins - unmoved} weeks`;
  return ` ${weeks} later than planned${said.length === 0 ? '' : `: ${said.join(', ')}`}.`;
}

function named(weeks: readonly number[], what: string): string {
  if (weeks.length === 0) return '';
  return weeks.length === 1 ? `week ${weeks[0]} ${what}` : `weeks ${weeks.join(', ')} ${what}`;
}

/** How often a week feet are mobilised, against how often they are to be. */
export function mobiliseWords(classesAWeek: number, days: number): string {
  if (days === 0) return '';
  const home = Math.max(0, days - classesAWeek);
  const classes = `${classesAWeek} ${classesAWeek === 1 ? 'class' : 'classes'} a week`;
  if (home === 0) return `Mobilised on ${days} days a week: ${classes} are enough.`;
  return `Mobilised on ${days} days a week: ${classes}, and ${home} ${home === 1 ? 'day' : 'days'} at home.`;
}
