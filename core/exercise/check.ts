import * as z from 'zod';

/**
 * The checks that a gate may ask for: what is looked at or measured, on each foot, with a date. Ids are permanent.
 * How each is taken belongs to the measures; here they are names that a gate may use.
 */
export const CheckId = z.enum(
  [
    'big-toe-by-hand',
    'big-toe-unaided',
    'arch-rises-with-big-toe',
    'arch-flattens-with-four-toes',
    'big-toe-stays-down',
    'toes-spread-without-fingers',
    'paper-creases',
    'one-leg-stand',
    'eyes-shut-stand',
    'ball-kept',
    'heels-hidden',
    'heel-line',
    'knee-in-line',
    'big-toe-separates',
    'walk-after',
    'worked-foot-compared',
    'circle-sticks',
    'heel-drop-resists',
    'toes-fan-after-roll',
    'sore-spots',
    'base-of-support',
    'knee-to-wall',
    'rises-to-loss-of-form',
  ],
  { error: 'unknown-check' },
);
export type CheckId = z.infer<typeof CheckId>;

/** What a check gives: a number in a unit, or one of a few words. */
export interface CheckResult {
  readonly name: string;
  readonly gives: 'degrees' | 'seconds' | 'reps' | 'cm' | 'words' | 'marks';
  /** The possible answers of a check that gives words; the last one is what is hoped for. */
  readonly answers: readonly string[];
  /** The exercise with which it is taken where it stands in a class by itself. */
  readonly takenWith: string;
}

const number = (takenWith: string, name: string, gives: CheckResult['gives']): CheckResult => ({
  name,
  gives,
  answers: [],
  takenWith,
});
const words = (takenWith: string, name: string, ...answers: string[]): CheckResult => ({
  name,
  gives: 'words',
  answers,
  takenWith,
});

export const checks: Readonly<Record<CheckId, CheckResult>> = {
  'big-toe-by-hand': number('big-toe-bend-by-hand', 'how far the big toe bends up by hand', 'degrees'),
  'big-toe-unaided': number('big-toe-up', 'how far the big toe lifts on its own', 'degrees'),
  'arch-rises-with-big-toe': words('big-toe-up', 'the arch rises when the big toe lifts', 'none', 'some', 'full'),
  'arch-flattens-with-four-toes': words('four-toes-up', 'the arch flattens when the four toes lift', 'no', 'yes'),
  'big-toe-stays-down': words('one-leg-stand', 'the big toe on one leg', 'bobbing', 'steady'),
  'toes-spread-without-fingers': words('spread-and-narrow', 'the toes spread without fingers', 'no', 'yes'),
  'paper-creases': words('paper-crinkle', 'the paper creases', 'no', 'yes'),
  'one-leg-stand': number('one-leg-stand', 'standing on one leg', 'seconds'),
  'eyes-shut-stand': number('eyes-shut-stand', 'standing on one leg, eyes shut', 'seconds'),
  'ball-kept': number('ball-held-rise', 'rises without dropping the ball', 'reps'),
  'heels-hidden': words('two-foot-rise', 'heels hidden behind the toes in a mirror in front', 'no', 'yes'),
  'heel-line': words('read-the-tripod', 'heel line from behind', 'leans in', 'leans out', 'upright'),
  'knee-in-line': words('barefoot-squat', 'second toe, ankle and knee in one line', 'no', 'yes'),
  'big-toe-separates': words('toe-split-hold', 'the big toe parts from the four', 'assisted', 'free'),
  'walk-after': words('walk-and-compare', 'the walk after an exercise', 'worse', 'same', 'better'),
  'worked-foot-compared': words('stand-and-compare', 'the worked foot against the other', 'same', 'different'),
  'circle-sticks': number('ankle-circles', 'where the ankle circle sticks, as on a clock', 'marks'),
  'heel-drop-resists': words(
    'heel-drop-stretch',
    'where the heel drop resists',
    'towards the inner side',
    'towards the outer side',
    'nowhere',
  ),
  'toes-fan-after-roll': words('ball-along-the-sole', 'the toes fan at the end of a roll', 'no', 'yes'),
  'sore-spots': number('sore-spot-wait', 'tender spots on a map of the sole', 'marks'),
  'base-of-support': number('read-the-tripod', 'width at the toes, from a tracing', 'cm'),
  'knee-to-wall': number('knee-to-wall', 'knee to the wall, heel down', 'cm'),
  'rises-to-loss-of-form': number('single-leg-rise', 'rises on one foot until form goes', 'reps'),
};
