import { speakingMs } from '../../speaking';
import type { Sense } from './note';

/** The longest that a set-up may take, and any other cue, seconds (Needlework's own). */
const longest = { setup: 12, action: 8, breath: 8, picture: 8, correction: 8 } as const;
const names = {
  setup: 'set-up',
  action: 'action',
  breath: 'breath',
  picture: 'picture',
  correction: 'correction',
} as const;

/** What is said can be said in the time that a class has for it. */
export const speaking: Sense = ({ done, rung }) =>
  (Object.keys(longest) as (keyof typeof longest)[]).flatMap((kind) => {
    const cue = done.cues[kind];
    if (!cue || (rung && rung.cues?.[kind] === undefined)) return [];
    return [...new Set([cue.plain, cue.anatomical])]
      .map((words) => ({ words, seconds: speakingMs(words) / 1000 }))
      .filter(({ seconds }) => seconds > longest[kind])
      .map(({ words, seconds }) => ({
        code: 'too-long-to-say' as const,
        words: `The ${names[kind]} takes ${Math.round(seconds)} s to say, at most ${longest[kind]} s arrive: “${words}”`,
      }));
  });
