import type { TwoWordings } from './exercise';
import type { Execution } from './resolve';

/**
 * The pictures of speech there are for an exercise as it is done; they go round from class to class. A level or a school
 * that has a picture of its own has that one alone: the others were made for the movement as it is written.
 */
export function picturesOf({ cues, exercise }: Pick<Execution, 'cues' | 'exercise'>): readonly TwoWordings[] {
  return cues.picture === exercise.cues.picture ? [cues.picture, ...(exercise.pictures ?? [])] : [cues.picture];
}
