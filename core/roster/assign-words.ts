import { concernNames } from '../exercise';
import type { Assigned, AssignReason } from './class-roster';

const reasons: Readonly<Record<AssignReason, string>> = {
  'one-for-all': 'one level for all',
  'own-level': 'stands on it, or above',
  'not-placed': 'nothing is written down yet: the main one',
  'below-all': 'stands lower than what is offered: offer an easier level',
  'more-support': 'more to hold on to',
  'no-higher': 'no higher than where most begin',
  gently: 'gently',
  'left-out': 'left out',
  'ask-first': 'only after asking a clinician',
  'stop-sign': 'a stop sign: nothing until a clinician’s word',
};

/** Why somebody does what they do, in one sentence. */
export function assignedWords({ why, caution, instead, option }: Assigned): string {
  const mind = caution ? `: ${concernNames[caution.concern]}. ${caution.words}` : '';
  const other =
    option !== 'other' || why === 'stop-sign'
      ? ''
      : instead
        ? ` Instead: ${instead.name.plain}.`
        : ' Nothing near it is known: the place and the time stay theirs.';
  return `${reasons[why]}${mind}${other}`;
}
