import type { CheckId } from '../check-id';
import type { Protocol } from '../protocol';
import { named, number, protocolOf, span } from './author';

/** How far the ankle goes, and its line. */
export const ankleChecks = () =>
  ({
    'knee-to-wall': protocolOf(
      'knee-to-wall',
      {
        name: 'knee to the wall, heel down',
        short: 'knee to wall',
        takenWith: 'knee-to-wall',
        needs: ['wall', 'tape'],
        drawing: 'knee-to-wall',
        instead: { above: null, below: 'by inclinometer' },
        steps: [
          'Foot square to the wall, the second toe and the heel on one line; the knee goes to the wall over the second toe.',
          'Move the foot back until the knee just touches and the heel just stays down.',
          'From the wall to the big toe. Three times.',
        ],
      },
      number('cm', {
        step: 0.5,
        refuse: span(0, 30),
        ask: span(0, 20),
        noise: 0.54,
        noiseFrom: 'published',
        rater: 0.5,
        weekly: 0.1,
        floor: 0,
      }),
    ),
    'knee-to-wall-angle': protocolOf(
      'knee-to-wall-angle',
      {
        name: 'knee over the toes, by inclinometer',
        short: 'lunge angle',
        takenWith: 'knee-to-wall',
        needs: ['angle gauge'],
        drawing: 'knee-to-wall',
        steps: [
          'The same lunge, as far as the heel just stays down; no wall is needed.',
          'The gauge on the front of the shin, a hand below the knee: how far it leans from upright. Three times.',
        ],
      },
      number('degrees', {
        refuse: span(0, 70),
        ask: span(15, 60),
        noise: 1.4,
        noiseFrom: 'published',
        rater: 0.5,
        weekly: 0.36,
      }),
    ),
    'circle-sticks': protocolOf(
      'circle-sticks',
      {
        name: 'where the ankle circle sticks, as on a clock',
        short: 'circle sticks',
        takenWith: 'ankle-circles',
        drawing: 'clock',
        steps: [
          'Sitting, the leg still: a slow circle with the toes, once each way.',
          'Twelve is up, three is to the student’s right. Where does it catch? Nowhere is an answer.',
        ],
      },
      { gives: 'clock' },
    ),
    'heel-drop-resists': protocolOf(
      'heel-drop-resists',
      {
        name: 'where the heel drop resists',
        short: 'heel drop',
        takenWith: 'heel-drop-stretch',
        steps: [
          'The heel sinks slowly to floor level and no lower.',
          'Where is it held back: towards the inner side, the outer side, nowhere?',
        ],
      },
      named('nowhere', 'towards the inner side', 'towards the outer side'),
    ),
    'heel-line': protocolOf(
      'heel-line',
      {
        name: 'heel line from behind',
        short: 'heel line',
        takenWith: 'read-the-tripod',
        drawing: 'heel-line',
        steps: [
          'Standing at ease, feet hip wide. Look from behind, at the height of the heels.',
          'The line of the heel against the line of the tendon: leans in, upright, leans out.',
        ],
      },
      named('upright', 'leans in', 'leans out'),
    ),
  }) satisfies Partial<Record<CheckId, Protocol>>;
