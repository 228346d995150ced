import type { Door, WeekState } from './doors';
import { whyShut } from './faults';
import { phaseNames } from './templates';

const week = (at: number): string => `week ${at + 1}`;

/** What is to be said of a door: when it may open, when the plans begin it, and what moved it. */
export function doorWords({ phase, opens, begins, unmoved, waits }: Door, states: readonly WeekState[]): string {
  const name = phaseNames[phase.kind];
  if (begins === null) return `${name}: not within these weeks; ${whyShut({ waits })}.`;
  const moved = unmoved !== null && begins > unmoved ? movedWords(begins - unmoved, states) : '';
  const may = opens !== null && opens < begins ? `; it may from ${week(opens)}` : '';
  return `${name} from ${week(begins)}${may}.${moved}`;
}

function movedWords(by: number, states: readonly WeekState[]): string {
  const missed = states.flatMap((state, at) => (state === 'missed' ? [at + 1] : []));
  const weeks = by === 1 ? 'A week' : `${by} weeks`;
  if (missed.length === 0) return ` ${weeks} later than planned.`;
  const named = missed.length === 1 ? `week ${missed[0]} was` : `weeks ${missed.join(', ')} were`;
  return ` ${weeks} later than planned: ${named} missed.`;
}

/** How often a week feet are mobilised, against how often they are to be. */
export function mobiliseWords(classesAWeek: number, days: number): string {
  if (days === 0) return '';
  const home = Math.max(0, days - classesAWeek);
  const classes = `${classesAWeek} ${classesAWeek === 1 ? 'class' : 'classes'} a week`;
  if (home === 0) return `Mobilised on ${days} days a week: ${classes} are enough.`;
  return `Mobilised on ${days} days a week: ${classes}, and ${home} ${home === 1 ? 'day' : 'days'} at home.`;
}
