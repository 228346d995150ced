import { sampleExercise } from '../testing/sample';
import { catalogue } from './catalogue';
import { Exercise } from './exercise';
import { reversePhases } from './foot-state';
import { resolve } from './resolve';
import { type School, defaultSchool } from './school';

function byId(id: string) {
  const found = catalogue.find((e) => e.id === id);
  if (!found) throw new Error(id);
  return found;
}
const settled = (id: string, rung: string | null, school = defaultSchool) => {
  const result = resolve(byId(id), rung, school);
  if (!result.ok) throw new Error(result.error.code);
  return result.value;
};

describe('settling an exercise', () => {
  it('a rung can change position, sides and kit: the arch lift sits, stands, then takes one foot', () => {
    expect(settled('short-foot', 'seated').position).toBe('chair-seated');
    expect(settled('short-foot', 'standing').sidePattern).toBe('both');
    expect(settled('short-foot', 'one-foot').sidePattern).toBe('each');
  });

  it('says what is done on this rung: nobody who sits is told to stand behind a chair', () => {
    expect(settled('two-foot-rise', 'seated').cues.setup.plain).toBe('Sit, both feet flat under the knees.');
    expect(settled('two-foot-rise', 'fingertips').cues.setup).toBe(byId('two-foot-rise').cues.setup);
  });

  it('a school changes which contact stays down on every rung, what is said and what is watched (practice)', () => {
    const tips: School = { ...defaultSchool, archWork: 'toe-tips-stay' };
    expect(settled('short-foot', null).phases[0]?.working.contacts.innerBall.contact).toBe('press');
    for (const rung of [null, 'seated', 'standing', 'one-foot']) {
      const { contacts } = settled('short-foot', rung, tips).phases[0]?.working ?? {};
      expect([contacts?.innerBall.contact, contacts?.bigToe.contact]).toEqual(['lift', 'press']);
    }
    const { cues, faults } = settled('short-foot', 'standing', tips);
    expect(cues.action.plain).toContain('lift the ball of the foot');
    expect(faults.map((f) => f.seen)).not.toContain('inner ball lifts, weight on the outer edge');
  });

  it('toes on a rise do what the school says, in every rise that leaves it open (practice)', () => {
    const toes = (id: string, toesOnRise: School['toesOnRise']) => {
      const { contacts } = settled(id, null, { ...defaultSchool, toesOnRise }).phases[0]?.working ?? {};
      return [contacts?.bigToe.contact, contacts?.smallToes.contact];
    };
    for (const id of ['two-foot-rise', 'rise-and-stay', 'barre-rise-turned-out', 'half-toe-walk']) {
      expect(toes(id, 'relaxed')).toEqual(['rest', 'rest']);
      expect(toes(id, 'all-press')).toEqual(['press', 'press']);
      expect(toes(id, 'big-toe-leads')).toEqual(['press', 'rest']);
    }
    // on the plate only the big toe has something to press on
    expect(toes('big-toe-rise', 'all-press')).toEqual(['press', 'hang']);
    expect(toes('seated-toes-tucked', 'relaxed')).toEqual(['press', 'press']);
    // soft toes are the point of it, in every school
    const low = settled('three-point-rise', null, { ...defaultSchool, toesOnRise: 'all-press' }).phases[1];
    expect(low?.working.contacts.bigToe.contact).toBe('rest');
  });

  it('weight follows the school’s line, except where an edge or a plate is the point (practice)', () => {
    const second: School = { ...defaultSchool, weightLine: 'second-toe' };
    expect(settled('two-foot-rise', null, second).phases[0]?.working.weightLine).toBe('second-toe');
    expect(settled('two-foot-rise', null, second).cues.action.plain).toContain('over the second toe');
    expect(settled('edge-to-edge', null, second).phases[1]?.working.weightLine).toBe('first-toe');
  });

  it('knees are soft where the school has them soft, but straight where straight is the point (practice)', () => {
    const soft: School = { ...defaultSchool, knees: 'soft' };
    expect(settled('two-foot-rise', null, soft).phases[0]?.working.knee).toBe('soft');
    expect(settled('calf-stretch-straight-knee', null, soft).phases[0]?.working.knee).toBe('locked');
  });

  it('takes the rung’s dose, and the exercise’s own without a rung', () => {
    expect(settled('band-turn-out', 'firm').doses.usual[0]).toMatchObject({ reps: 10 });
    expect(settled('towel-gather', null).doses.source).toBe('usual practice');
  });

  it('refuses a rung that is not there', () => {
    expect(resolve(byId('short-foot'), 'handstand', defaultSchool)).toEqual({
      ok: false,
      error: { code: 'unknown-rung', exerciseId: 'short-foot', rungId: 'handstand' },
    });
    expect(resolve(byId('toe-turns'), 'first', defaultSchool)).toMatchObject({ error: { code: 'no-ladder' } });
  });
});

describe('undone backwards (practice)', () => {
  const reverseOf = (id: string) => reversePhases(byId(id).performance.phases);

  it('a wave is foot down, toes down, foot up, toes up', () => {
    expect(reverseOf('toe-wave')?.map((p) => p.name)).toEqual(['foot down', 'toes down', 'foot up', 'toes up']);
  });

  it('a four-part point is its own reverse, in name and in where the foot is', () => {
    const phases = byId('four-part-point').performance.phases;
    const reversed = reverseOf('four-part-point');
    expect(reversed?.map((p) => p.name)).toEqual(phases.map((p) => p.name));
    expect(reversed?.map((p) => p.working.ankle)).toEqual(phases.map((p) => p.working.ankle));
  });

  it('twice backwards is forwards', () => {
    const once = reverseOf('toe-wave');
    const twice = once && reversePhases(once);
    expect(twice?.map((p) => [p.name, p.working])).toEqual(
      byId('toe-wave').performance.phases.map((p) => [p.name, p.working]),
    );
  });

  it('has no reverse where undoing makes no sense', () => {
    expect(reverseOf('small-jumps')).toBeNull();
  });
});

describe('breath, which the school decides everywhere', () => {
  it.each(['left-alone', 'out-on-effort', 'out-on-sinking'] as const)(
    'leaves an exercise that is about the breath its own, %s',
    (breath) => {
      const { phases } = settled('breath-split-squat', null, { ...defaultSchool, breath });
      expect(phases.map((phase) => phase.breath)).toEqual(['out', 'in']);
    },
  );

  it('out on effort breathes in on what is none, and never out on every phase', () => {
    for (const exercise of catalogue.filter((e) => e.schools.breath === undefined)) {
      const result = resolve(exercise, null, { ...defaultSchool, breath: 'out-on-effort' });
      if (!result.ok) throw new Error(exercise.id);
      const { phases } = result.value;
      if (phases.some((p) => p.effort === true) && phases.some((p) => p.effort !== true))
        expect([exercise.id, phases.some((p) => p.breath === 'in')]).toEqual([exercise.id, true]);
    }
  });

  const rise = sampleExercise('rise', {
    sidePattern: 'both',
    phases: [
      {
        ...sampleExercise('a').performance.phases[0]!,
        id: 'up',
        name: 'up',
        other: null,
        effort: true,
        body: 'rises',
        breath: 'free',
      },
      {
        ...sampleExercise('a').performance.phases[0]!,
        id: 'down',
        name: 'down',
        other: null,
        effort: false,
        body: 'sinks',
        breath: 'free',
      },
      { ...sampleExercise('a').performance.phases[0]!, id: 'wait', name: 'wait', other: null, breath: 'in' },
    ],
  });
  const breathed = (breath: School['breath']) => {
    const found = resolve({ ...rise, cues: { ...rise.cues, breath: { plain: 'Out.', anatomical: 'Out.' } } }, null, {
      ...defaultSchool,
      breath,
    });
    return found.ok ? [...found.value.phases.map((p) => p.breath), found.value.cues.breath?.plain ?? null] : [];
  };

  it('is left alone: no phase and no cue speaks of it', () => {
    expect(breathed('left-alone')).toEqual(['free', 'free', 'free', null]);
  });
  it('goes out on effort and in on the way back; a phase that says neither keeps its own', () => {
    expect(breathed('out-on-effort')).toEqual(['out', 'in', 'in', 'Out.']);
  });
  it('goes out on sinking and in on rising', () => {
    expect(breathed('out-on-sinking')).toEqual(['in', 'out', 'in', 'Out.']);
  });
});

describe('a ladder', () => {
  const rungs = ['held', 'fingertips', 'free'].map((support) => ({
    id: support,
    name: support,
    axes: { support },
    why: null,
    change: {},
    doses: sampleExercise('x').doses,
    gate: null,
  }));
  const judged = (change: object) => {
    const read = Exercise.safeParse({ ...sampleExercise('x'), ladder: { startRung: 'held', rungs, ...change } });
    return read.success ? [] : read.error.issues.map((i) => `${i.path.join('.')} ${i.message}`);
  };

  it('goes one way: no rung twice, no point twice', () => {
    expect(judged({})).toEqual([]);
    expect(judged({ rungs: [...rungs, rungs[0]] })).toEqual(['ladder.rungs.3.id rung-twice']);
    expect(judged({ rungs: [...rungs, { ...rungs[0], id: 'again' }] })).toEqual(['ladder.rungs.3.axes ladder-loop']);
  });
  it('has three rungs at least, and begins on one of them', () => {
    expect(judged({ rungs: rungs.slice(0, 1) })).toEqual(['ladder.rungs ladder-short']);
    expect(judged({ startRung: 'nowhere' })).toEqual(['ladder.startRung start-rung']);
  });
  it('changes one axis a rung, or says why two', () => {
    const two = { ...rungs[2], axes: { support: 'none', eyes: 'shut' } };
    expect(judged({ rungs: [rungs[0], rungs[1], two] })).toEqual(['ladder.rungs.2.why axes-why']);
    expect(judged({ rungs: [rungs[0], rungs[1], { ...two, why: 'On purpose.' }] })).toEqual([]);
  });
  it('asks in its gates for checks that exist, and for a number where one counts', () => {
    const gate = (g: object) =>
      judged({ rungs: [{ ...rungs[0], gate: { value: null, occasions: 1, words: 'x', ...g } }, rungs[1], rungs[2]] });
    expect(gate({ test: 'check', check: 'big-toe-by-hand' })).toEqual([]);
    expect(gate({ test: 'check', check: 'aura' })).toEqual(['ladder.rungs.0.gate.check unknown-check']);
    expect(gate({ test: 'check' })).toEqual(['ladder.rungs.0.gate.check gate-check']);
    expect(gate({ test: 'clean-reps' })).toEqual(['ladder.rungs.0.gate.value gate-value']);
  });
});
