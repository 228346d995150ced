import { type Caution, type Performance, defaultSchool, resolve } from './index';
import { catalogue } from './catalogue';
import { performance, phase, foot, onTheBall, seatedFlat, standing, stands } from './catalogue/author';
import { type Situation, cautionsOf, situations, situationsOf } from './situation';

/** What each situation must carry, written down apart from the code (common practice; the domain's list of cautions). */
const mustCarry: Readonly<Record<Situation, readonly string[]>> = {
  'one-leg-carries': ['falls-or-faints: change-support'],
  'balance-asked': ['falls-or-faints: change-support'],
  'steps-ask-balance': ['falls-or-faints: change-support'],
  'demanding-balance': ['pregnancy: change-support'],
  'unstable-ground': [
    'falls-or-faints: leave-out',
    'pregnancy: leave-out',
    'numb-or-diabetic-feet: leave-out',
    'recent-injury: ask-clinician',
  ],
  landing: [
    'brittle-bones: leave-out',
    'pregnancy: leave-out',
    'falls-or-faints: leave-out',
    'sore-achilles: leave-out',
    'sore-knees: leave-out',
    'numb-or-diabetic-feet: leave-out',
    'joint-disease: leave-out',
    'recent-injury: ask-clinician',
    'morning-heel-pain: leave-out',
    'growing-feet: go-gently',
  ],
  'heel-rises': ['sore-achilles: go-gently'],
  'heel-below-edge': ['sore-achilles: leave-out'],
  'edge-carries': ['recent-injury: ask-clinician'],
  'ankle-turns': ['recent-injury: ask-clinician'],
  'knees-bend-under-weight': ['sore-knees: go-gently'],
  'knees-on-floor': ['sore-knees: change-support'],
  'ball-under-foot': [
    'blood-thinners: change-support',
    'numb-or-diabetic-feet: ask-clinician',
    'broken-skin: change-support',
  ],
  'ball-under-heel': ['morning-heel-pain: go-gently'],
  'big-toe-lifts': ['sore-big-toe-joint: go-gently'],
  'big-toe-bent': ['sore-big-toe-joint: leave-out', 'joint-disease: go-gently'],
  'end-range-point': [
    'recent-injury: leave-out',
    'very-mobile-joints: go-gently',
    'growing-feet: go-gently',
    'joint-disease: go-gently',
  ],
  'between-the-toes': ['broken-skin: leave-out', 'numb-or-diabetic-feet: ask-clinician'],
  'band-on-foot': ['numb-or-diabetic-feet: leave-out', 'recent-injury: ask-clinician'],
  'band-round-toe': ['bunion-pain: go-gently', 'sore-big-toe-joint: go-gently'],
  'feet-tied': ['falls-or-faints: change-support'],
  'sole-may-cramp': ['cramp: go-gently'],
};
const strictness = ['go-gently', 'change-support', 'hold-at-rung', 'ask-clinician', 'leave-out'];
const said = ({ concern, action }: Caution) => `${concern}: ${action}`;
const on = (way: Performance) => situationsOf(way, 'loaded');
const still = phase('hold', 5, standing);
/** Every level of every built-in exercise. */
const ways = catalogue.flatMap((exercise) =>
  [null, ...(exercise.ladder?.rungs.map((r) => r.id) ?? [])].map((rung) => {
    const found = resolve(exercise, rung, defaultSchool);
    if (!found.ok) throw new Error(exercise.id);
    return { name: `${exercise.id} ${rung ?? ''}`, exercise, way: found.value };
  }),
);

describe('a situation of the body', () => {
  it.each(Object.entries(mustCarry))('%s carries what it must', (id, cautions) => {
    expect(situations[id as Situation].carries.map(said).sort()).toEqual([...cautions].sort());
  });

  it.each(Object.keys(mustCarry))('%s is met in the catalogue, so that it is not there for nothing', (id) => {
    expect(ways.some(({ way, exercise }) => situationsOf(way, exercise.stage).includes(id as Situation))).toBe(true);
  });

  it('shows in what the body does: one leg, a rise, a heel over an edge, an edge of the foot', () => {
    const oneLeg = performance({ sidePattern: 'each', balance: { working: 2, standing: 2 }, phases: [still] });
    expect(on(oneLeg)).toEqual(['one-leg-carries', 'demanding-balance']);
    expect(on(performance({ phases: [phase('up', 2, onTheBall)] }))).toEqual(['heel-rises']);
    const below = foot(standing, { contacts: { heel: ['hang', 'air'] } });
    expect(on(performance({ phases: [phase('sink', 2, below)] }))).toEqual(['heel-below-edge']);
    expect(on(performance({ phases: [phase('tilt', 2, foot(standing, { edge: 'outer' }))] }))).toEqual([
      'edge-carries',
    ]);
  });

  it('sees a ball wherever it lies under the sole, the middle too', () => {
    const lying = (change: Parameters<typeof foot>[1]) =>
      on(performance({ position: 'chair-seated', phases: [phase('wait', 5, foot(seatedFlat, change))] }));
    expect(lying({ middle: ['press', 'ball'] })).toEqual(['ball-under-foot']);
    expect(lying({ contacts: { heel: ['press', 'ball'] } })).toEqual(['ball-under-foot', 'ball-under-heel']);
    expect(lying({})).toEqual([]);
  });

  it('is over where the body is out of it: the same movement seated asks for no support', () => {
    const standingRise = performance({ balance: { working: 1, standing: 0 }, phases: [phase('up', 2, onTheBall)] });
    const seated = { ...standingRise, position: 'chair-seated' as const };
    expect(cautionsOf([], standingRise, 'loaded').map(said)).toEqual([
      'falls-or-faints: change-support',
      'sore-achilles: go-gently',
    ]);
    expect(cautionsOf([], seated, 'loaded')).toEqual([]);
  });

  it('is named by the author where no number shows it', () => {
    const spread = performance({
      position: 'chair-seated',
      sidePattern: 'each',
      phases: [phase('spread', 5, seatedFlat, { other: stands })],
      situations: ['between-the-toes'],
    });
    expect(on(spread)).toEqual(['between-the-toes']);
  });
});

describe('the cautions of an exercise', () => {
  const jump = performance({ impactsPerRep: 1, phases: [still] });

  it('are one a concern, the strictest; of two alike the exercise’s own words', () => {
    const own: Caution[] = [
      { concern: 'pregnancy', action: 'go-gently', words: 'Small ones.' },
      { concern: 'brittle-bones', action: 'leave-out', words: 'Walk instead.' },
      { concern: 'cramp', action: 'go-gently', words: 'Shake it out.' },
    ];
    const found = cautionsOf(own, jump, 'loaded');
    expect(found.find((c) => c.concern === 'pregnancy')).toMatchObject({ action: 'leave-out' });
    expect(found.find((c) => c.concern === 'brittle-bones')?.words).toBe('Walk instead.');
    expect(found.find((c) => c.concern === 'cramp')?.words).toBe('Shake it out.');
    expect(new Set(found.map((c) => c.concern)).size).toBe(found.length);
  });

  it('hold on every level in the catalogue: no sister lacks what the other has', () => {
    const lacking = ways.flatMap(({ name, exercise, way }) =>
      situationsOf(way, exercise.stage).flatMap((id) =>
        mustCarry[id].flatMap((must) => {
          const [concern = '', action = ''] = must.split(': ');
          const has = way.cautions.find((c) => c.concern === concern);
          return has && strictness.indexOf(has.action) >= strictness.indexOf(action) ? [] : [`${name}: ${must}`];
        }),
      ),
    );
    expect(lacking).toEqual([]);
  });

  it('are written in an exercise only where they are its own: none repeats what follows anyway', () => {
    const repeated = ways.flatMap(({ name, exercise, way }) => {
      const carried = situationsOf(way, exercise.stage).flatMap((id) => situations[id].carries);
      return exercise.cautions
        .filter((own) => carried.some((c) => said(c) === said(own) && c.words === own.words))
        .map((own) => `${name}: ${said(own)}`);
    });
    expect(repeated).toEqual([]);
  });
});
