import { type School, defaultSchool, differsFrom, startingRung } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { newItem } from '../plan';
import { sampleExercise } from '../testing/sample';
import { likeness, moveTo, noFilter, suits, searchTextOf, swapsFor, typicalTimes } from './index';
import { bareClass } from '../testing/sample';

const named = (id: string) => catalogue.find((e) => e.id === id)!;
const usually = (id: string) => () => typicalTimes(named(id), null).usual.known;

describe('how long an exercise takes in a class', () => {
  it('counts talk, set-up, both sides and changing foot (worked out by hand)', () => {
    // 12 presses of 4 s on each side: 96 s; talk 2 s, set-up 3 s and 2 s, changing foot 3 s
    expect(typicalTimes(sampleExercise('press'), null).usual.known).toBe(106_000);
    // new: talk 3 s, and a first rep three times as long: 8 s more
    expect(typicalTimes(sampleExercise('press'), null).usual.new).toBe(115_000);
  });

  it('never takes less for more', () => {
    for (const e of catalogue) {
      const { least, usual, most } = typicalTimes(e, null);
      expect([least.known <= usual.known, usual.known <= most.known, usual.known <= usual.new]).toEqual([
        true,
        true,
        true,
      ]);
    }
  });
});

describe('narrowing the library down', () => {
  const found = (change: Partial<typeof noFilter>) =>
    catalogue.filter((e) => suits(e, { ...noFilter, ...change }, usually(e.id))).map((e) => e.id);

  it('finds on carpet nothing that slides a cloth, and outdoors what may be done there', () => {
    expect(found({ floor: 'carpet' })).not.toContain('towel-gather');
    expect(found({ floor: 'wood' })).toContain('towel-gather');
    expect(found({ floor: 'outdoors' })).toContain('uneven-ground-walk');
  });

  it('finds for sore knees no deep squat, and for a recent injury nothing to ask a clinician about', () => {
    expect(found({ concern: 'sore-knees' })).not.toContain('deep-squat-sit');
    expect(found({ concern: 'recent-injury' })).not.toContain('band-turn-out');
  });

  it('counts what a rung changes: a rise can be done seated', () => {
    expect(found({ position: 'chair-seated' })).toContain('two-foot-rise');
  });

  it('takes a substitute for the kit itself, and knows what needs none', () => {
    expect(found({ kit: ['cloth', 'chair'] })).toContain('strap-press-inner');
    expect(found({ kit: [] })).toContain('walk-and-notice');
    expect(found({ kit: [] })).not.toContain('ball-along-the-sole');
  });

  it('narrows by axis, time and school', () => {
    expect(found({ axis: 'eyes' })).toEqual(['paper-crinkle', 'seated-foot-press', 'eyes-shut-stand', 'pillow-stand']);
    for (const id of found({ mostMs: 60_000 })) expect(usually(id)()).toBeLessThanOrEqual(60_000);
    expect(found({ school: { ...defaultSchool, rolling: 'stops' } })).not.toContain('ball-along-the-sole');
  });
});

describe('schools', () => {
  it('are mixed where an exercise answers otherwise and has no variant for the teacher’s answer', () => {
    const soft = named('three-point-rise');
    expect(differsFrom(soft, defaultSchool)).toEqual([]);
    expect(differsFrom(soft, { ...defaultSchool, toesOnRise: 'all-press' })).toEqual(['toesOnRise']);
    const arch = named('short-foot');
    expect(differsFrom(arch, { ...defaultSchool, archWork: 'toe-tips-stay' })).toEqual([]);
    expect(differsFrom(arch, { ...defaultSchool, archWork: 'toes-grip' })).toEqual(['archWork']);
    expect(differsFrom(named('two-foot-rise'), { ...defaultSchool, toesOnRise: 'all-press' })).toEqual([]);
  });

  it('begin without a band where the teacher says none first', () => {
    expect(startingRung(named('band-turn-out'), defaultSchool)?.id).toBe('light');
    expect(startingRung(named('band-turn-out'), { ...defaultSchool, band: 'none-first' })?.id).toBe('no-band');
  });

  it('give the first dose as a number, a time, or until it is felt', () => {
    const dose = (way: School['dose']) =>
      newItem('item-1', named('two-foot-rise'), '0'.repeat(16), { ...defaultSchool, dose: way }).dose;
    expect(dose('range')).toMatchObject([{ kind: 'reps', reps: 12 }]);
    // 12 rises of 6 s are 72 s, said as 60 s; 8 and 24 of them 48 s and 144 s
    expect(dose('time')).toMatchObject([{ kind: 'timed', seconds: 60 }]);
    expect(dose('until-felt')).toMatchObject([
      { kind: 'byFeel', leastSeconds: 45, usualSeconds: 60, mostSeconds: 150 },
    ]);
  });
});

describe('instead of an exercise', () => {
  it('comes what trains the same, most alike first, with what changes', () => {
    const swaps = swapsFor(named('band-turn-out'), catalogue, defaultSchool);
    expect(swaps[0]?.exercise.id).toBe('seated-band-turn-out');
    const loop = swaps.find((s) => s.exercise.id === 'waist-loop-turn-out');
    expect(loop?.changes.join(', ')).toContain('needs long loop');
    expect(swaps.map((s) => s.likeness)).toEqual([...swaps.map((s) => s.likeness)].sort((a, b) => b - a));
  });

  it('is nothing like an exercise for another part', () => {
    expect(likeness(named('band-turn-out'), named('big-toe-up'))).toBe(0);
  });

  it('can be done by somebody for whom the first is left out', () => {
    const swap = swapsFor(named('small-jumps'), catalogue, defaultSchool, 20).find((s) =>
      s.answers.includes('pregnancy'),
    );
    expect(swap).toBeDefined();
  });
});

describe('moving a class to another revision', () => {
  it('says the time before and after, and refuses a rung that is gone', () => {
    const press = sampleExercise('press');
    const { plan } = bareClass([{ exercise: press, dose: press.doses.usual }]);
    const slower = {
      ...press,
      performance: { ...press.performance, phases: press.performance.phases.map((p) => ({ ...p, seconds: 5 })) },
    };
    const move = moveTo(plan, slower, 'f'.repeat(16), () => press);
    expect([move.beforeMs, move.afterMs, move.problem]).toEqual([96_000, 120_000, null]);
    const onRung = {
      ...plan,
      blocks: plan.blocks.map((b) => ({ ...b, items: b.items.map((i) => ({ ...i, rungId: 'gone' })) })),
    };
    expect(moveTo(onRung, slower, 'f'.repeat(16), () => press).problem).toContain('gone');
  });
});

describe('the words an exercise is found by', () => {
  it('are its names, purpose, faults, kit, movements in both wordings, and everyday words', () => {
    const text = Object.values(searchTextOf(named('band-turn-in'))).join(' ');
    for (const word of ['inversion', 'turn in', 'inner ankle', 'band', 'quick return', 'seated on the floor', 'firmer'])
      expect(text).toContain(word);
  });
});
