import type { Exercise } from '../../exercise';
import {
  cleanReps,
  exercise,
  foot,
  hanging,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  say,
  seatedFlat,
} from '../author';
import { chairBack, down, onRise, rollsOut } from '../shared/strength';
import { floorRise } from '../shared/rise';

const beat = kit('metronome', 'room');
const off = foot(hanging, { role: 'rests', knee: 'soft' });

export const singleLegRise: Exercise = exercise({
  id: 'single-leg-rise',
  name: say('Rise on one foot to a beat', 'Single-leg heel raise, metronome'),
  family: 'strength',
  purpose: 'Rises to an even beat, ended by form: the usual way to count calf strength.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    rollsOut,
    { seen: 'the knee bends to help', from: 'outer side', say: 'Straight knee, even if it is lower.' },
    { seen: 'hands push on the chair', from: 'outer side', say: 'Fingertips only.' },
  ],
  cues: {
    setup: say('Behind the chair, fingertips, one foot off the floor.'),
    action: say('Up with the beat, down with the beat. Stop when the height goes.'),
    breath: null,
    picture: say('A pump handle: same stroke every time.'),
    correction: say('The last good one counts; the next one does not.'),
  },
  foundBy: ['single leg', 'rise', 'calf', 'one foot', 'metronome', 'heel raise'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack, beat],
    phases: [
      phase('rise', 1, onRise, { other: off, undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 1, down, { other: off, undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 3, 'deep-calf': 2, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(5), reps(10), reps(24)),
  ladder: ladder(
    'one-foot',
    rung(
      'seated',
      'seated, one foot',
      { base: 'seated', resistance: 'no body weight' },
      range(reps(8), reps(16), reps(32)),
      cleanReps(16, '16 on the beat, as high at the end as at the start, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'on the floor, knee bent' }), beat],
          balance: { working: 0, standing: 0 },
          regions: { 'deep-calf': 1 },
          phases: [
            phase(
              'rise',
              1,
              foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, heelHeightCm: 6, ankle: 'down' }),
              { other: restsFlat, undo: 'lower', effort: true },
            ),
            phase('lower', 1, seatedFlat, { other: restsFlat, undo: 'rise', effort: false }),
          ],
        },
      },
    ),
    rung(
      'two-feet',
      'standing, both feet',
      { base: 'two feet', resistance: 'half body weight' },
      floorRise.doses,
      floorRise.gate,
      {
        why: 'Standing up puts the body’s weight on at the same moment.',
        change: {
          sidePattern: 'both',
          regions: floorRise.regions,
          balance: { working: 1, standing: 0 },
          phases: [
            phase('rise', 1, onRise, { effort: true, body: 'rises' }),
            phase('lower', 1, down, { effort: false, body: 'sinks' }),
          ],
        },
      },
    ),
    rung(
      'one-foot',
      'standing, one foot',
      { base: 'one foot', resistance: 'body weight' },
      range(reps(5), reps(10), reps(24)),
      null,
      { why: 'One foot carries what two shared.' },
    ),
  ),
  preparedBy: ['two-foot-rise'],
  levelWords: {
    seated: {
      setup: 'Sit, one foot flat under its knee.',
      action: 'Heel up with the beat, down with the beat. Stop when the height goes.',
    },
    'two-feet': {
      setup: 'Behind the chair, fingertips on it, feet parallel.',
      action: 'Both heels up with the beat, down with the beat. Stop when the height goes.',
    },
  },
});
