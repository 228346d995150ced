import type { Exercise } from '../exercise';
import { say } from './author';

/** A second picture of speech for exercises that are taught again and again; it goes round with the first. */
const more: Readonly<Record<string, string>> = {
  'ankle-circles': 'Stir a small pot without touching its side.',
  'ball-along-the-sole': 'Iron one pleat after the other.',
  'band-turn-out': 'A garden gate opens against the wind.',
  'band-turn-in': 'A drawer is pushed shut, softly.',
  'two-foot-rise': 'Read over the neighbour’s fence.',
  'one-leg-stand': 'A floor lamp, plugged in.',
  'cloth-drag': 'A tent’s floor is drawn in from outside.',
  'short-foot': 'A cat draws itself up before it moves.',
  'toe-wave': 'Dominoes, laid down by hand.',
  'all-toes-up': 'A hedgehog looks up.',
  'big-toe-up': 'One voice sings before the choir.',
  'four-toes-up': 'Four doors of one corridor open.',
  'four-part-point': 'A letter is folded and put in its envelope.',
  'small-jumps': 'Rain on a warm pavement.',
  'edge-to-edge': 'A seesaw with nobody on it.',
};

export const withPictures = (exercise: Exercise): Exercise => {
  const picture = more[exercise.id];
  return picture === undefined ? exercise : { ...exercise, pictures: [say(picture)] };
};
