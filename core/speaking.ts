import { remembering } from './remembering';

/** Words a minute in a moving class (common practice, no source). */
export const usualSpeakingRate = 145;

/** Words of a text as they are said: what holds a letter or a figure; a dash on its own is a breath. */
export const wordsIn: (text: string) => number = remembering(
  (text) => text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length,
  // the same cues are counted at every edit of a class
  4000,
);

/**
 * How long a text takes to say, ms.
 * @param wordsPerMinute the teacher's own rate, as measured or as usual
 * @example speakingMs('Toes long, the ball presses.', 130) // five words: 2308
 */
export const speakingMs = (text: string, wordsPerMinute = usualSpeakingRate): number =>
  Math.round((wordsIn(text) * 60_000) / wordsPerMinute);

/** Rates at which somebody really speaks to a class, words a minute; outside it, the watch was stopped wrong. */
const sensibleRates = { least: 60, most: 240 };

/**
 * The rate of somebody who has read a text aloud, words a minute, whole.
 * @param ms from the first word to the last
 * @returns null where nobody reads so fast or so slowly: the watch was stopped too early, or forgotten
 * @example measuredRate('… 26 words …', 12_000) // 130
 */
export function measuredRate(text: string, ms: number): number | null {
  const rate = ms > 0 ? Math.round((wordsIn(text) * 60_000) / ms) : 0;
  return rate >= sensibleRates.least && rate <= sensibleRates.most ? rate : null;
}
