import type { Exercise } from '../../exercise';
import { exercise, foot, holds, kit, performance, phase, range, say, standing, stands } from '../author';

export function strapPress(edge: 'inner' | 'outer'): Exercise {
  const inner = edge === 'inner';
  const ball = inner ? 'inner ball' : 'outer ball';
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
        seen: inner ? 'the foot rolls to its outer edge and the strap slips out' : 'the inner ball comes off the floor',
        from: 'front',
        say: inner ? 'Trap the strap first, then lift the ankle.' : 'Inner ball down too, then press.',
      },
      { seen: 'toes claw', from: 'above', say: 'Long toes; the ball of the foot does it.' },
    ],
    cues: {
      setup: say(`Stand, folded strap under the ${ball}, a gentle pull on its end.`),
      action: inner
        ? say('Press the strap so that it cannot be pulled out, and lift the inner ankle.')
        : say('Press the strap so that it cannot be pulled out, and keep the inner ball down.'),
      breath: null,
      picture: say('You are keeping a letter from the wind.'),
      correction: say('More ball, less toe.'),
    },
    foundBy: ['strap', 'press', 'arch', edge, 'coin', 'tripod'],
    schools: { archWork: 'long-toes-press' },
    performance: performance({
      situations: ['sole-may-cramp'],
      sidePattern: 'each',
      kit: [
        kit('strap', 'person', {
          cloth: 'a folded cloth is thicker and easier to feel',
          band: 'a band stretches, so the pull says less',
        }),
      ],
      setup: 'fiddly',
      phases: [
        phase(
          'press and lift',
          30,
          foot(standing, {
            contacts: inner ? { innerBall: ['press', 'cloth'] } : { outerBall: ['press', 'cloth'] },
            midfoot: 'lifted',
            weightLine: inner ? 'first-toe' : 'even',
          }),
          { other: stands },
        ),
      ],
      regions: inner ? { 'inner-ankle': 2, 'arch-intrinsics': 2 } : { 'outer-ankle': 2, 'arch-intrinsics': 1 },
    }),
    doses: range(
      holds(1, 30, 5, { sets: 2, setRest: 5 }),
      holds(1, 30, 5, { sets: 3, setRest: 5 }),
      holds(1, 60, 5, { sets: 3, setRest: 10 }),
      'usual practice',
    ),
  });
}
