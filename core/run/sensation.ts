import * as z from 'zod';

/** What somebody may feel, in a closed list: each has an answer. */
export const Sensation = z.enum([
  'burn',
  'cramp',
  'stretch',
  'tender-spot',
  'wobble',
  'click',
  'sore-next-day',
  'pain-next-day',
  'joint-pain',
  'sharp-pain',
  'pinching',
  'numbness',
  'growing-pain',
  'pop-at-the-heel',
  'no-push-off',
  'calf-hot-or-swollen',
  'faint',
]);
export type Sensation = z.infer<typeof Sensation>;

/** What follows: the class always goes on; a stop is the student's. */
export type Follows = 'go-on' | 'ease' | 'support' | 'lower' | 'stop' | 'stop-and-refer';

export interface SensationAnswer {
  readonly name: string;
  readonly follows: Follows;
  /** What to do, in a sentence or two. */
  readonly words: string;
}

const stop = 'Stop this exercise for that student; another way, or rest. If it stays, a clinician. The class goes on.';
const refer =
  'Stop for that student now, and refer at once, even without pain. Local rules come first. The class goes on.';

/** The answer to each sensation (common practice, no source; local rules come first). */
export const sensationAnswers: Readonly<Record<Sensation, SensationAnswer>> = {
  burn: { name: 'a burn in sole or calf', follows: 'go-on', words: 'That is the work. Go on.' },
  cramp: { name: 'a cramp in arch work', follows: 'ease', words: 'Expected: ease, shake it out, resume.' },
  stretch: { name: 'a stretch', follows: 'go-on', words: 'Go on.' },
  'tender-spot': {
    name: 'a tender spot under pressure',
    follows: 'ease',
    words: 'Stay, breathe, no more than 3 of 10; then move on.',
  },
  wobble: { name: 'a wobble', follows: 'support', words: 'Go on with support: a finger more.' },
  click: { name: 'a click in a joint, no pain', follows: 'go-on', words: 'No praise, no alarm. Go on.' },
  'sore-next-day': { name: 'sore the day after', follows: 'go-on', words: 'Fine. Go on.' },
  'pain-next-day': { name: 'pain the day after', follows: 'lower', words: 'Down a level for that foot.' },
  'joint-pain': { name: 'pain in a joint', follows: 'stop', words: stop },
  'sharp-pain': { name: 'a sharp pain', follows: 'stop', words: stop },
  pinching: { name: 'pinching', follows: 'stop', words: stop },
  numbness: { name: 'numbness or tingling', follows: 'stop', words: `${stop} Look at the skin.` },
  'growing-pain': { name: 'pain that grows', follows: 'stop', words: stop },
  'pop-at-the-heel': { name: 'a pop or kick at the back of the heel', follows: 'stop-and-refer', words: refer },
  'no-push-off': { name: 'no strength to push off', follows: 'stop-and-refer', words: refer },
  'calf-hot-or-swollen': {
    name: 'calf pain with swelling or heat, or at rest',
    follows: 'stop-and-refer',
    words: refer,
  },
  faint: { name: 'faint or dizzy', follows: 'stop-and-refer', words: `Sit down, stop. ${refer}` },
};

/** A stop is for the one who feels it. */
export const isStop = (sensation: Sensation): boolean =>
  ['stop', 'stop-and-refer'].includes(sensationAnswers[sensation].follows);
