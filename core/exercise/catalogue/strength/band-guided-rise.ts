import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
  stands,
} from '../author';
import { chairBack } from '../shared/rise';

const guided = foot(onTheBall, { contacts: { bigToe: ['press', 'band'] }, knee: 'soft' });

export const bandGuidedRise: Exercise = exercise({
  id: 'band-guided-rise',
  name: say('Rise with a light loop at the big toe', 'Heel raise with hallux alignment band'),
  family: 'strength',
  purpose: 'A light loop keeps the big toe on its line while the heel rises, so that the push goes through it.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('the foot escapes to the little toe', 'behind', 'Big-toe root stays heavy all the way.'),
    fault('the loop pinches', 'above', 'Looser; it only reminds.'),
  ],
  cautions: [care('numb-or-diabetic-feet', 'leave-out', 'Nothing round a toe that feels little.')],
  cues: cues(
    'Light loop round the big toe, pulling it straight; other foot as a prop. Hold on, knee soft.',
    'Rise over the big-toe root, lower slowly.',
    'A curtain on a straight rail.',
    'Looser loop, straighter path.',
  ),
  foundBy: ['band', 'big toe', 'rise', 'bunion', 'align', 'push off'],
  schools: { band: 'line-up' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('band', 'person', { strap: 'a strap held by a partner' }), chairBack],
    band: { placement: 'big-toe', border: 'inner', purpose: 'align' },
    setup: 'fiddly',
    phases: [
      phase('rise', 2, guided, { other: stands, undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, foot(standing, { contacts: { bigToe: ['rest', 'band'] } }), {
        other: stands,
        undo: 'rise',
        effort: false,
        body: 'sinks',
      }),
    ],
    regions: { calf: 2, 'toe-flexors': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(8), reps(15), reps(20), 'usual practice'),
});
