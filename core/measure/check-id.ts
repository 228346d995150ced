import * as z from 'zod';
import { Id } from '../id';

/** The checks that come with Needlework; a gate may ask for one. Ids are permanent. */
export const CheckId = z.enum(
  [
    'big-toe-by-hand',
    'big-toe-unaided',
    'big-toe-gap',
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
    'tripod-area',
    'outline-area',
    'arch-height',
    'arch-drop',
    'rolling-weight',
    'knee-to-wall',
    'knee-to-wall-angle',
    'rises-to-loss-of-form',
    'discomfort',
  ],
  { error: 'unknown-check' },
);
export type CheckId = z.infer<typeof CheckId>;

/** A check in a class: one that comes with Needlework, or one of the teacher's own with the name it had then. */
export const ClassCheck = z.union([CheckId, z.strictObject({ id: Id, name: z.string().trim().min(1).max(80) })]);
export type ClassCheck = z.infer<typeof ClassCheck>;
