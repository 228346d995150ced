import type { Exercise, Performance } from '../../exercise';
import { exercise, foot, hanging, kit, performance, phase, range, reps, say } from '../author';

export const bandHand = { strap: 'a strap does not stretch: press against it and hold instead of moving' } as const;

export const anchors = foot(hanging, {
  role: 'anchors',
  contacts: { heel: ['rest', 'floor'] },
  toes: 'long',
  knee: 'soft',
});

const restsLong = foot(hanging, { role: 'rests', contacts: { heel: ['rest', 'floor'] }, knee: 'soft' });

export const heelDown = foot(hanging, { contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });

export const longSit = (change: Partial<Performance> & Pick<Performance, 'phases'>) =>
  performance({
    position: 'floor-seated',
    sidePattern: 'each',
    floorsRuledOut: ['outdoors'],
    setup: 'fiddly',
    ...change,
  });

export function fourPartPoint(withBand: boolean): Exercise {
  const meets = withBand ? 'band' : 'air';
  const at = (ankle: 'up' | 'down', toes: 'long' | 'relaxed', press: boolean) =>
    foot(heelDown, {
      ankle,
      toes: toes === 'long' ? 'long' : 'relaxed',
      contacts: withBand
        ? { innerBall: [press ? 'press' : 'rest', 'band'], outerBall: [press ? 'press' : 'rest', 'band'] }
        : { innerBall: ['hang', meets], outerBall: ['hang', meets] },
    });
  const seen = { other: restsLong, picture: 'ankle-side' } as const;
  return exercise({
    id: withBand ? 'band-four-part-point' : 'four-part-point',
    name: withBand
      ? say('Band: four-part point', 'Resisted sequential plantarflexion')
      : say('Four-part point', 'Sequential plantarflexion'),
    family: withBand ? 'band' : 'mobility',
    purpose: 'Ankle, then toes, and home the same way in order: a long point without curled toes.',
    stage: withBand ? 'loaded' : 'active',
    directions: ['ankle-down', 'ankle-up', 'toes-curl', 'toes-lift'],
    faults: [
      { seen: 'toes crunch at the end of the point', from: 'inner side', say: 'Longer, not tighter.' },
      { seen: 'ankle and toes move together', from: 'inner side', say: 'Ankle first; toes wait their turn.' },
      { seen: 'the foot curves to the inside', from: 'above', say: 'Point over the second toe.' },
    ],
    cues: {
      setup: withBand
        ? say('Legs long, band round the ball of one foot, hands hold its ends.')
        : say('Legs long, heels on the floor.'),
      action: say('Foot down, toes long, toes up, foot up.'),
      breath: null,
      picture: say('A swan’s neck stretches, and folds again.'),
      correction: say('Four clear parts.'),
    },
    foundBy: ['point', 'flex', 'band', 'toes', 'dance', 'articulation'],
    performance: longSit({
      kit: withBand ? [kit('band', 'person', bandHand)] : [],
      band: withBand ? { placement: 'ball', border: 'sole', purpose: 'resist' } : null,
      setup: withBand ? 'fiddly' : 'plain',
      phases: [
        phase('foot down', 2, at('down', 'relaxed', true), { ...seen, undo: 'foot up' }),
        phase('toes long', 1, at('down', 'long', true), { ...seen, undo: 'toes up' }),
        phase(
          'toes up',
          1,
          foot(at('down', 'relaxed', false), { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } }),
          { ...seen, undo: 'toes long' },
        ),
        phase('foot up', 2, at('up', 'relaxed', false), { ...seen, undo: 'foot down' }),
      ],
      regions: withBand ? { calf: 2, 'toe-flexors': 2, 'deep-calf': 1 } : { calf: 1, 'toe-flexors': 1, shin: 1 },
    }),
    doses: range(reps(6), reps(10), reps(12), 'usual practice'),
  });
}
