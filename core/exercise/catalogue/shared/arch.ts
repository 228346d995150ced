import type { Exercise, PerformanceChange } from '../../exercise';
import {
  cleanHold,
  exercise,
  foot,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair } from './arch-work';
import type { FootState } from '../../foot-state';

/**
 * A strap that is pressed on three levels: seated, standing, standing for longer.
 * @param seated what is done seated, with what works there
 */
export const strapLevels = (seated: PerformanceChange, doses: Exercise['doses']): Exercise['ladder'] =>
  ladder(
    'standing',
    rung(
      'seated',
      'seated, the weight of the leg',
      { base: 'seated', amount: 'half a minute' },
      range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
      saw('The strap stays trapped and no toe claws, both feet.'),
      { change: { position: 'chair-seated', ...seated } },
    ),
    rung(
      'standing',
      'standing, half a minute',
      { base: 'two feet', amount: 'half a minute' },
      doses,
      cleanHold(30, '30 s with the strap trapped and long toes, both feet.'),
    ),
    rung(
      'longer',
      'standing, up to a minute',
      { base: 'two feet', amount: 'up to a minute' },
      range(holds(1, 45, 5), holds(2, 45, 10), holds(3, 60, 10), doses.source),
      null,
    ),
  );

export function strapPress(edge: 'inner' | 'outer'): Exercise {
  const inner = edge === 'inner';
  const ball = inner ? 'inner ball' : 'outer ball';
  const pressed = (on: FootState) =>
    foot(on, {
      contacts: inner
        ? { innerBall: ['press', 'strap'] }
        : { outerBall: ['press', 'strap'], innerBall: ['press', 'floor'] },
      midfoot: 'lifted',
      weightLine: inner ? 'first-toe' : 'even',
    });
  const strap = kit('strap', 'person', {
    cloth: 'a folded cloth is thicker and easier to feel',
    band: 'a band stretches, so the pull says less',
  });
  const doses = range(
    holds(1, 30, 5, { sets: 2, setRest: 5 }),
    holds(1, 30, 5, { sets: 3, setRest: 5 }),
    holds(1, 60, 5, { sets: 3, setRest: 10 }),
    'usual practice',
  );
  return exercise({
    id: `strap-press-${edge}`,
    name: inner
      ? say('Press a strap under the inner ball', 'First ray press with medial arch lift')
      : say('Press a strap under the outer ball', 'Fifth ray press with lateral arch lift'),
    family: 'arch',
    purpose: `Keeps the ${ball} loaded while the ankle lifts away from it.`,
    stage: 'active',
    directions: [inner ? 'turn-in' : 'turn-out'],
    faults: [
      {
        seen: inner
          ? 'the weight goes to the outer edge and the strap slips out'
          : 'the inner ball comes off the floor',
        from: inner ? 'behind' : 'inner side',
        say: inner ? 'Trap the strap first, then lift the ankle.' : 'Inner ball down too, then press.',
      },
      { seen: 'toes claw', from: 'above', say: 'Long toes; the ball of the foot does it.' },
    ],
    cues: {
      setup: say(`Stand, folded strap under the ${ball}, a gentle pull on its end.`),
      action: inner
        ? say('Press the strap so that it cannot be pulled out, and lift the inner ankle.')
        : say('Press the strap so that it cannot be pulled out, then lift the outer ankle, inner ball down.'),
      breath: null,
      picture: say(inner ? 'You are keeping a letter from the wind.' : 'A folded note under the short leg of a table.'),
      correction: say('More ball, less toe.'),
    },
    foundBy: ['strap', 'press', 'arch', edge, 'coin', 'tripod'],
    schools: { archWork: 'long-toes-press' },
    performance: performance({
      situations: ['sole-may-cramp'],
      sidePattern: 'each',
      kit: [strap],
      setup: 'fiddly',
      phases: [phase('press and lift', 30, pressed(standing), { other: stands })],
      regions: inner ? { 'inner-ankle': 2, 'arch-intrinsics': 2 } : { 'outer-ankle': 2, 'arch-intrinsics': 1 },
    }),
    doses,
    ladder: strapLevels(
      {
        kit: [strap, chair],
        phases: [phase('press and lift', 30, pressed(seatedFlat), { other: restsFlat })],
        regions: inner ? { 'inner-ankle': 1, 'arch-intrinsics': 1 } : { 'outer-ankle': 1, 'arch-intrinsics': 1 },
      },
      doses,
    ),
    levelWords: {
      longer: {
        action: inner
          ? 'Trap the strap, lift the inner ankle, and stay longer: breathe, long toes.'
          : 'Trap the strap, lift the outer ankle, inner ball down, and stay longer: breathe, long toes.',
      },

      seated: { setup: `Sit, folded strap under the ${ball} of one foot, a gentle pull on its end.` },
    },
  });
}
