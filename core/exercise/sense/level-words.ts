import type { Sense } from './note';

const hand = /\b(hands?|arms?|fingers?|fingertips?|thumbs?|elbows?|hold)\b/i;
const letGo = /\bhands (free|off)\b|\bin reach\b|\bnear\b|\barms? (out|crossed|free)\b|\bhands behind the head\b/i;

/** Every level is told in its own words: where one is, and what the hands do. */
export const levelWords: Sense = ({ exercise, rung, before, done }) => {
  if (!rung) return [];
  const said = `${done.cues.setup.plain} ${done.cues.action.plain}`;
  const own = rung.cues?.setup !== undefined;
  const note = (why: string) => [
    { code: 'other-levels-words' as const, words: `“${rung.name}”: ${why} Give the level a set-up of its own.` },
  ];
  const earlier = before?.cues;
  if (earlier?.setup.plain === done.cues.setup.plain && earlier.action.plain === done.cues.action.plain)
    return note('it is said word for word like the level before, so a class cannot hear what is new.');
  if (done.position !== exercise.performance.position && !own)
    return note(
      `it is done ${done.position.replace('-', ' ')}, and the set-up is the one for ${exercise.performance.position.replace('-', ' ')}.`,
    );
  const help = rung.axes['hand-help'];
  if (help !== undefined && hand.test(help) && !hand.test(said))
    return note('a hand helps, and no word says where it goes.');
  const support = rung.axes.support;
  if (support !== undefined && hand.test(support) && !hand.test(said))
    return note(`support is ${support}, and no word says where the hands are.`);
  if (support !== undefined && /^(none|0 )/.test(support) && done.position === 'standing' && !letGo.test(said))
    return note('hands are free, and no word says so.');
  return [];
};
