import type { Exercise } from '../../exercise';
import { byFeel, care, cues, exercise, fault, foot, hanging, kit, performance, phase, range, say } from '../author';
import { ballInHand, held } from '../shared/hand';

export const soleToCalfStroke: Exercise = exercise({
  id: 'sole-to-calf-stroke',
  name: say('Stroke from sole to calf', 'Self-massage along flexor hallucis longus'),
  family: 'release',
  purpose: 'Follows the long bender of the big toe by hand: sole, behind the inner ankle, inner calf.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('one place is rubbed hard', 'front', 'Travel; come back to it later.'),
    fault('shoulders climb', 'front', 'Elbow on the knee, weight of the arm.'),
    fault('one calf is swollen or redder', 'front', 'We leave that one. Stop, and a clinician today.'),
  ],
  cautions: [
    care('blood-thinners', 'go-gently', 'Stroke, do not press; a bruise means too hard.'),
    care(
      'recent-injury',
      'leave-out',
      'A calf or ankle that is swollen, hot or painful at rest: do not stroke. Stop, and a clinician today.',
    ),
  ],
  cues: cues(
    'One ankle over the other knee, thumbs on the sole behind the big toe.',
    'Long strokes: sole, behind the inner ankle bone, up the inner calf.',
    'Smoothing a sleeve from cuff to elbow.',
    'Press where it is tense, lighter over bone.',
    'Long breath out with each stroke.',
  ),
  foundBy: ['massage', 'calf', 'point', 'big toe', 'dancer', 'tendon', 'inner ankle'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { chair: 'ankle over the knee on a chair' })],
    floor: 'padded',
    phases: [
      phase('along the sole', 2, foot(ballInHand, { hands: ['sole'] }), {
        ...held,
        picture: 'ankle-side',
        breath: 'out',
      }),
      phase('behind the ankle, up the calf', 3, foot(hanging, { hands: ['ankle', 'shin'] }), {
        ...held,
        picture: 'ankle-side',
        breath: 'out',
      }),
    ],
    regions: { 'plantar-tissue': 1, 'toe-flexors': 1 },
  }),
  doses: range(byFeel(20, 30, 60), byFeel(30, 45, 90), byFeel(45, 60, 120)),
});
