import type { Gate } from '../../ladder';
import type { Exercise, Performance, PerformanceChange } from '../../exercise';
import type { Phase } from '../../foot-state';
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
  rung,
  saw,
  say,
} from '../author';

export const bandHand = { strap: 'a strap does not stretch: press against it and hold instead of moving' } as const;

export const anchors = foot(hanging, {
  role: 'anchors',
  contacts: { heel: ['rest', 'floor'] },
  toes: 'long',
  knee: 'soft',
});

export const restsLong = foot(hanging, { role: 'rests', contacts: { heel: ['rest', 'floor'] }, knee: 'soft' });

export const heelDown = foot(hanging, { contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });

export const longSit = (change: Partial<Performance> & Pick<Performance, 'phases'>) =>
  performance({
    position: 'floor-seated',
    sidePattern: 'each',
    floorsRuledOut: ['outdoors'],
    setup: 'fiddly',
    ...change,
  });

interface BandLevels {
  readonly thing: 'band' | 'loop';
  /** The level without it: what it is called, how it is done, how much, and what lets somebody leave it. */
  readonly bare: {
    readonly name?: string;
    readonly change: PerformanceChange;
    readonly doses: Exercise['doses'];
    readonly gate: Gate;
  };
  readonly light: Exercise['doses'];
  readonly gate: Gate;
  readonly firmer: Exercise['doses'];
  readonly firmerChange?: PerformanceChange;
}

/** Without, light, firmer: the three levels of everything that is pulled against. */
export const bandLadder = ({ thing, bare, light, gate, firmer, firmerChange }: BandLevels): Exercise['ladder'] =>
  ladder(
    'light',
    rung('no-band', bare.name ?? `no ${thing}`, { resistance: 'none' }, bare.doses, bare.gate, {
      change: { kit: [], band: null, setup: 'plain', ...bare.change },
    }),
    rung('light', `light ${thing}`, { resistance: `light ${thing}` }, light, gate),
    rung(
      'firm',
      `firmer ${thing}`,
      { resistance: `firmer ${thing}` },
      firmer,
      null,
      firmerChange ? { change: firmerChange } : {},
    ),
  );

/** No band, a light one, a firmer one: the way back is slow on each. */
const bandLevels = (usual: Exercise['doses'], bare: Phase[]) => ({
  ladder: bandLadder({
    thing: 'band',
    bare: {
      change: { phases: bare, regions: { calf: 1, 'toe-flexors': 1, 'toe-extensors': 1, shin: 1 } },
      doses: range(reps(6), reps(10), reps(12)),
      gate: cleanReps(10, '10 in four clear parts, both feet.'),
    },
    light: usual,
    gate: cleanReps(10, '10 with long toes and a slow way home, both feet.'),
    firmer: range(reps(6), reps(8), reps(10)),
    firmerChange: { regions: { calf: 3, 'toe-flexors': 2, 'toe-extensors': 1, 'deep-calf': 1 } },
  }),
  levelWords: {
    'no-band': { setup: 'Legs long, heels on the floor, one foot at a time.' },
    firm: { setup: 'Legs long, firmer band round the ball of one foot, hands hold its ends.' },
  },
});
/** From four parts with a stop between them to one smooth line. */
const freeLevels = (slow: Phase[]) => ({
  ladder: ladder(
    'slow',
    rung(
      'one-hand',
      'a hand holds the ball of the foot down while the toes move',
      { 'hand-help': 'hand holds the foot', speed: 'slow' },
      range(reps(4), reps(6), reps(10)),
      saw('Toes move while the foot waits, both feet.'),
      {
        change: {
          phases: slow.map((p) => ({
            ...p,
            working: { ...p.working, knee: 'bent' as const, hands: ['ball of the foot' as const] },
          })),
        },
      },
    ),
    rung(
      'slow',
      'hands off, slow',
      { 'hand-help': 'none', speed: 'slow' },
      range(reps(6), reps(10), reps(12), 'usual practice'),
      cleanReps(10, '10 in four clear parts, both feet.'),
    ),
    rung(
      'smooth',
      'hands off, one long line',
      { 'hand-help': 'none', speed: 'smooth' },
      range(reps(6), reps(10), reps(16)),
      null,
      {
        change: { phases: slow.map((p) => ({ ...p, seconds: p.seconds === 2 ? 1.5 : 0.75 })) },
      },
    ),
  ),
  levelWords: {
    'one-hand': { setup: 'Sit, one knee drawn up, heel on the floor, a hand round the ball of that foot.' },
    smooth: { action: 'Foot, toes long, toes up, foot home: one part melts into the next.' },
  },
});

export function fourPartPoint(withBand: boolean): Exercise {
  const at = (ankle: 'up' | 'down', toes: 'long' | 'up', press: boolean, banded: boolean) =>
    foot(heelDown, {
      ankle,
      toes: 'long',
      contacts: {
        ...(banded
          ? { innerBall: [press ? 'press' : 'rest', 'band'], outerBall: [press ? 'press' : 'rest', 'band'] }
          : {}),
        ...(toes === 'up' ? { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } : {}),
      },
    });
  const seen = { other: restsLong, picture: 'ankle-side' } as const;
  const phases = (banded: boolean) => [
    phase('foot down', 2, at('down', 'up', true, banded), { ...seen, undo: 'foot up', effort: true }),
    phase('toes long', 1, at('down', 'long', true, banded), { ...seen, undo: 'toes up', effort: true }),
    phase('toes up', 1, at('down', 'up', false, banded), { ...seen, undo: 'toes long', effort: false }),
    phase('foot up', 2, at('up', 'up', false, banded), { ...seen, undo: 'foot down', effort: false }),
  ];
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
      picture: say(
        withBand
          ? 'A stiff accordion, drawn out and pushed home.'
          : 'A telescope is drawn out part by part, and pushed home.',
      ),
      correction: say('Four clear parts.'),
    },
    foundBy: ['point', 'flex', 'band', 'toes', 'dance', 'articulation'],
    performance: longSit({
      kit: withBand ? [kit('band', 'person', bandHand)] : [],
      band: withBand ? { placement: 'ball', border: 'sole', purpose: 'resist' } : null,
      setup: withBand ? 'fiddly' : 'plain',
      phases: phases(withBand),
      regions: withBand
        ? { calf: 2, 'toe-flexors': 2, 'toe-extensors': 1, 'deep-calf': 1 }
        : { calf: 1, 'toe-flexors': 1, 'toe-extensors': 1, shin: 1 },
    }),
    doses: range(reps(6), reps(10), reps(12), 'usual practice'),
    ...(withBand
      ? bandLevels(range(reps(6), reps(10), reps(12), 'usual practice'), phases(false))
      : freeLevels(phases(false))),
  });
}
