import type { ComposeBrief, FocusFamily } from '@core/compose';
import { familyNames } from '@core/exercise';

export const occasions: Readonly<Record<ComposeBrief['occasion'], string>> = {
  class: 'a class of its own',
  opening: 'the opening of another class',
  'warm-up': 'a warm-up before rehearsal or sport',
  release: 'release and recovery',
  homework: 'homework',
};
export const audiences: Readonly<Record<ComposeBrief['who'], string>> = {
  dancers: 'dancers',
  general: 'general students',
  mixed: 'a mixed group',
};
export const levels: Readonly<Record<ComposeBrief['level'], string>> = {
  new: 'new to this work',
  usual: 'at the usual levels',
  further: 'further on',
};
export const placeWords: Readonly<Record<ComposeBrief['places'][number], string>> = {
  floor: 'on the floor',
  chair: 'on chairs',
  up: 'standing and walking',
};

export const focusWords = (family: FocusFamily): string => familyNames[family].toLowerCase();
