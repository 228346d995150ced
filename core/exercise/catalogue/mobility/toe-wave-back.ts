import type { Exercise } from '../../exercise';
import { reversePhases } from '../../foot-state';
import { cues, say } from '../author';
import { toeWave } from './toe-wave';
import { withLevels } from '../author';

/** The wave undone backwards: its phases are derived, never written a second time. */
function undone(of: Exercise): Exercise {
  const phases = reversePhases(of.performance.phases);
  if (!phases) throw new Error(`${of.id} cannot be undone backwards`);
  return {
    ...of,
    id: 'toe-wave-back',
    name: say('Wave back through the foot', 'Reversed toe and ankle sequence'),
    purpose: 'The wave undone: foot first, toes after, which is how a foot comes back from a landing.',
    cues: cues(
      'Sit on the mat, legs long, heels down, one foot at a time.',
      'Foot down, toes down, foot up, toes up.',
      'The beach gives the wave back.',
      'Say the four parts aloud.',
    ),
    foundBy: ['wave', 'reverse', 'backwards', 'articulate', 'flex'],
    performance: { ...of.performance, phases },
  };
}

export const toeWaveBack: Exercise = withLevels(undone(toeWave), { preparedBy: ['toe-wave'] });
