import type { Exercise } from '../../exercise';
import { type Phase, reversePhases } from '../../foot-state';
import { cues, say, withLevels } from '../author';
import { toeWave } from './toe-wave';

/** The wave undone backwards: its phases are derived on every level, never written a second time. */
function undone(of: Exercise): Exercise {
  const back = (phases: readonly Phase[]): Phase[] => {
    const found = reversePhases(phases);
    if (!found) throw new Error(`${of.id} cannot be undone backwards`);
    return found;
  };
  return {
    ...of,
    id: 'toe-wave-back',
    name: say('Wave back through the foot', 'Reversed toe and ankle sequence'),
    purpose: 'The wave undone: foot first, toes after, the order of a long point and of leaving the floor.',
    cues: cues(
      'Sit on the mat, legs long, heels down, one foot at a time.',
      'Foot down, toes down, foot up, toes up.',
      'A film of the caterpillar, run backwards.',
      'Say the four parts aloud.',
    ),
    foundBy: ['wave', 'reverse', 'backwards', 'articulate', 'flex'],
    performance: { ...of.performance, phases: back(of.performance.phases) },
    ladder: of.ladder && {
      ...of.ladder,
      rungs: of.ladder.rungs.map((level) => ({
        ...level,
        cues: undefined,
        change: level.change.phases ? { ...level.change, phases: back(level.change.phases) } : level.change,
      })),
    },
  };
}

export const toeWaveBack: Exercise = withLevels(undone(toeWave), {
  preparedBy: ['toe-wave'],
  levelWords: {
    parts: { action: 'Foot down: stop. Toes down: stop. Foot up: stop. Toes up: stop.' },
    smooth: { action: 'Foot, toes, foot, toes: one part melts into the next.' },
  },
});
