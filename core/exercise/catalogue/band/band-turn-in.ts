import type { Exercise } from '../../exercise';
import { cleanReps, exercise, foot, kit, phase, range, reps, saw, say } from '../author';
import { anchors, bandHand, heelDown, longSit, bandLadder } from '../shared/band';

/** The anchor foot holds the other end of the loop. */
const anchored = foot(anchors, { contacts: { innerBall: ['press', 'band'] } });

export const bandTurnIn: Exercise = exercise({
  id: 'band-turn-in',
  name: say('Band: turn the foot in', 'Resisted inversion'),
  family: 'band',
  purpose: 'Strengthens the inner ankle in the range where ankles roll.',
  stage: 'loaded',
  directions: ['turn-in'],
  faults: [
    { seen: 'the whole leg rotates inward', from: 'front', say: 'Kneecap to the ceiling.' },
    { seen: 'quick return', from: 'front', say: 'Slowly home.' },
  ],
  cues: {
    setup: say('Ankles crossed, legs long, loop round both feet on the inner borders.'),
    action: say(
      'Press one foot away from the other; its sole turns away from the other too. Slow return.',
      'Invert against the loop, ankles crossed. Slow return.',
    ),
    breath: null,
    picture: say('A stiff garden gate pushed open, and walked home.'),
    correction: say('Ankle, not hip.'),
  },
  foundBy: ['band', 'inner ankle', 'invert', 'turn in', 'arch'],
  schools: { band: 'form-allows' },
  performance: longSit({
    kit: [kit('band', 'person', bandHand)],
    band: { placement: 'both-feet', border: 'inner', purpose: 'resist' },
    phases: [
      phase('turn in', 2, foot(heelDown, { contacts: { innerBall: ['press', 'band'] }, ankle: 'turned-in' }), {
        other: anchored,
        picture: 'ankle-front',
        undo: 'slow return',
        effort: true,
      }),
      phase('hold', 1, foot(heelDown, { contacts: { innerBall: ['press', 'band'] }, ankle: 'turned-in' }), {
        other: anchored,
        picture: 'ankle-front',
        undo: 'hold',
        effort: true,
      }),
      phase('slow return', 3, foot(heelDown, { contacts: { innerBall: ['rest', 'band'] } }), {
        other: anchored,
        picture: 'ankle-front',
        undo: 'turn in',
        effort: false,
      }),
    ],
    regions: { 'inner-ankle': 3 },
  }),
  doses: range(reps(8), reps(12), reps(15), 'usual practice'),
  ladder: bandLadder({
    thing: 'band',
    bare: {
      name: 'no band, ankles crossed',
      change: {
        phases: [
          phase('turn in', 2, foot(heelDown, { ankle: 'turned-in' }), {
            other: anchors,
            picture: 'ankle-front',
            undo: 'slow return',
            effort: true,
          }),
          phase('slow return', 3, heelDown, { other: anchors, picture: 'ankle-front', undo: 'turn in', effort: false }),
        ],
        regions: { 'inner-ankle': 1 },
      },
      doses: range(reps(6), reps(10), reps(12)),
      gate: saw('The sole turns away from the other foot and the kneecap stays up, both feet.'),
    },
    light: range(reps(8), reps(12), reps(15), 'usual practice'),
    gate: cleanReps(12, '12 with a slow return on both feet.'),
    firmer: range(reps(6), reps(10), reps(12)),
  }),
  levelWords: {
    firm: { setup: 'Ankles crossed, legs long, firmer loop round both feet on the inner borders.' },

    'no-band': { setup: 'Ankles crossed, legs long.', action: 'Turn one sole away from the other foot. Slow return.' },
  },
});
