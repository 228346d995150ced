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
}

const number = (name: string, gives: CheckResult['gives']): CheckResult => ({ name, gives, answers: [] });
const words = (name: string, ...answers: string[]): CheckResult => ({ name, gives: 'words', answers });

export const checks: Readonly<Record<CheckId, CheckResult>> = {
  'big-toe-by-hand': number('how far the big toe bends up by hand', 'degrees'),
  'big-toe-unaided': number('how far the big toe lifts on its own', 'degrees'),
  'arch-rises-with-big-toe': words('the arch rises when the big toe lifts', 'none', 'some', 'full'),
  'arch-flattens-with-four-toes': words('the arch flattens when the four toes lift', 'no', 'yes'),
  'big-toe-stays-down': words('the big toe on one leg', 'bobbing', 'steady'),
  'toes-spread-without-fingers': words('the toes spread without fingers', 'no', 'yes'),
  'paper-creases': words('the paper creases', 'no', 'yes'),
  'one-leg-stand': number('standing on one leg', 'seconds'),
  'eyes-shut-stand': number('standing on one leg, eyes shut', 'seconds'),
  'ball-kept': number('rises without dropping the ball', 'reps'),
  'heels-hidden': words('heels hidden behind the toes in a mirror in front', 'no', 'yes'),
  'heel-line': words('heel line from behind', 'leans in', 'leans out', 'upright'),
  'knee-in-line': words('second toe, ankle and knee in one line', 'no', 'yes'),
  'big-toe-separates': words('the big toe parts from the four', 'assisted', 'free'),
  'walk-after': words('the walk after an exercise', 'worse', 'same', 'better'),
  'worked-foot-compared': words('the worked foot against the other', 'same', 'different'),
  'circle-sticks': number('where the ankle circle sticks, as on a clock', 'marks'),
  'heel-drop-resists': words(
    'where the heel drop resists',
    'towards the inner side',
    'towards the outer side',
    'nowhere',
  ),
  'toes-fan-after-roll': words('the toes fan at the end of a roll', 'no', 'yes'),
  'sore-spots': number('tender spots on a map of the sole', 'marks'),
  'base-of-support': number('width at the toes, from a tracing', 'cm'),
  'knee-to-wall': number('knee to the wall, heel down', 'cm'),
  'rises-to-loss-of-form': number('rises on one foot until form goes', 'reps'),
};
