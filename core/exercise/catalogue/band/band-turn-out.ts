import type { Exercise } from '../../exercise';
import { cleanReps, exercise, foot, kit, phase, range, reps, saw, say } from '../author';
import { anchors, bandHand, heelDown, longSit, bandLadder } from '../shared/band';

/** The anchor foot holds the other end of the loop. */
const anchored = foot(anchors, { contacts: { outerBall: ['press', 'band'] } });

export const bandTurnOut: Exercise = exercise({
  id: 'band-turn-out',
  name: say('Band: turn the foot out', 'Resisted eversion'),
  family: 'band',
  purpose: 'Strengthens the outer ankle, which catches a foot about to roll.',
  stage: 'loaded',
  directions: ['turn-out'],
  faults: [
    { seen: 'the knee swings with the foot', from: 'front', say: 'Quiet shin. Only the foot turns.' },
    { seen: 'the band snaps the foot back', from: 'front', say: 'Slow on the way home.' },
    { seen: 'toes claw', from: 'above', say: 'Long toes.' },
  ],
  cues: {
    setup: say('Legs long, uncrossed, loop round both feet on the outer borders.'),
    action: say(
      'One foot turns its sole away; the other is the anchor. Slow return.',
      'Evert against the loop; the other foot anchors. Slow return.',
    ),
    breath: null,
    picture: say('A heavy page turned, and laid back without a sound.'),
    correction: say('Smaller, from the ankle.'),
  },
  foundBy: ['band', 'outer ankle', 'sprain', 'evert', 'turn out', 'peroneal'],
  schools: { band: 'form-allows' },
  performance: longSit({
    kit: [kit('band', 'person', bandHand)],
    band: { placement: 'both-feet', border: 'outer', purpose: 'resist' },
    phases: [
      phase('turn out', 2, foot(heelDown, { contacts: { outerBall: ['press', 'band'] }, ankle: 'turned-out' }), {
        other: anchored,
        picture: 'ankle-front',
        undo: 'slow return',
        effort: true,
      }),
      phase('hold', 1, foot(heelDown, { contacts: { outerBall: ['press', 'band'] }, ankle: 'turned-out' }), {
        other: anchored,
        picture: 'ankle-front',
        undo: 'hold',
        effort: true,
      }),
      phase('slow return', 3, foot(heelDown, { contacts: { outerBall: ['rest', 'band'] } }), {
        other: anchored,
        picture: 'ankle-front',
        undo: 'turn out',
        effort: false,
      }),
    ],
    regions: { 'outer-ankle': 3 },
  }),
  doses: range(reps(8), reps(12), reps(15), 'usual practice'),
  ladder: bandLadder({
    thing: 'band',
    bare: {
      change: {
        phases: [
          phase('turn out', 2, foot(heelDown, { ankle: 'turned-out' }), {
            other: anchors,
            picture: 'ankle-front',
            undo: 'slow return',
            effort: true,
          }),
          phase('slow return', 3, heelDown, {
            other: anchors,
            picture: 'ankle-front',
            undo: 'turn out',
            effort: false,
          }),
        ],
        regions: { 'outer-ankle': 1 },
      },
      doses: range(reps(6), reps(10), reps(12)),
      gate: saw('The foot turns and the shin stays still, both feet.'),
    },
    light: range(reps(8), reps(12), reps(15), 'usual practice'),
    gate: cleanReps(12, '12 with a slow return on both feet.'),
    firmer: range(reps(6), reps(10), reps(12)),
  }),
  levelWords: {
    firm: { setup: 'Legs long, uncrossed, firmer loop round both feet on the outer borders.' },

    'no-band': {
      setup: 'Legs long and uncrossed, feet a fist apart.',
      action: 'Turn the sole of one foot away from the other. Slow return.',
    },
  },
});
