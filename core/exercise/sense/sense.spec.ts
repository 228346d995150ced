import { type Exercise, type Gate, type Performance, type Rung, Exercise as ExerciseSchema } from '../index';
import {
  cleanHold,
  cleanReps,
  fault,
  holds,
  kit,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../catalogue/author';
import { sampleExercise } from '../../testing/sample';
import { senseOf } from './index';

const codes = (exercise: Exercise) => senseOf(exercise).map((note) => note.code);
const chair = kit('chair');
const levels = (...rungs: Rung[]): Exercise['ladder'] => ({ startRung: rungs[0]?.id ?? '', rungs });
const eight = range(reps(4), reps(8), reps(12));
/** A standing exercise for one foot, with what is asked about changed. */
function stand(change: Partial<Exercise>, way: Partial<Performance> = {}): Exercise {
  return {
    ...sampleExercise('stand'),
    cues: { ...sampleExercise('stand').cues, setup: say('Stand at the chair, a hand on it.') },
    doses: eight,
    performance: performance({
      sidePattern: 'each',
      kit: [chair],
      phases: [phase('stand', 4, standing, { other: stands })],
      ...way,
    }),
    ...change,
  };
}
const gated = (gate: Gate, doses = eight) =>
  codes(
    stand({
      ladder: levels(rung('held', 'held', { support: 'one hand' }, doses, gate), {
        ...rung('tips', 'fingertips', { support: 'fingertips' }, doses, null),
        cues: { setup: say('Stand at the chair, fingertips on it.') },
      }),
    }),
  );

describe('what to watch', () => {
  const watched = (seen: string, from: Parameters<typeof fault>[1], way: Partial<Performance> = {}, setup?: string) => {
    const it = stand({ faults: [fault(seen, from, 'Less.')] }, way);
    return codes(setup === undefined ? it : { ...it, cues: { ...it.cues, setup: say(setup) } });
  };

  it('is something an eye can see: pain, warmth and a forgotten side are not', () => {
    expect(watched('the tendon complains', 'outer side')).toEqual(['felt-not-seen']);
    expect(watched('holding the breath', 'front')).toEqual(['felt-not-seen']);
    expect(watched('the shoulders lift with the breath', 'front')).toEqual([]);
    expect(watched('toes turn pale', 'above')).toEqual([]);
  });

  it('shows from where it is said: a heel from behind, an arch from the inner side', () => {
    expect(watched('the heel drops', 'front')).toEqual(['seen-from-elsewhere']);
    expect(watched('the heel drops', 'outer side')).toEqual([]);
    expect(watched('the arch drops', 'front')).toEqual(['seen-from-elsewhere']);
    expect(watched('the arch drops', 'inner side')).toEqual([]);
  });

  it('does not show from the front of somebody who faces a wall', () => {
    expect(watched('the knee falls inward', 'front', {}, 'Face the wall, hands on it.')).toEqual([
      'seen-from-elsewhere',
    ]);
    expect(watched('the knee falls inward', 'front', {}, 'Side to the wall, a hand on it.')).toEqual([]);
  });

  it('does not show toes from the front of somebody who kneels', () => {
    expect(watched('the little toe slips out', 'front', { position: 'kneeling' })).toEqual(['seen-from-elsewhere']);
    expect(watched('the little toe slips out', 'behind', { position: 'kneeling' })).toEqual([]);
  });
});

describe('a level', () => {
  const withSetup = (level: Rung, setup: string | null): Exercise =>
    stand({ ladder: levels(setup === null ? level : { ...level, cues: { setup: say(setup) } }) });

  it('is told in its own words: seated in a seated set-up', () => {
    const seated = rung('seated', 'seated', { base: 'seated' }, eight, null, { change: { position: 'chair-seated' } });
    expect(codes(withSetup(seated, null))).toEqual(['other-levels-words']);
    expect(codes(withSetup(seated, 'Sit, one foot flat.'))).toEqual([]);
  });

  it('says where a helping hand goes, and that hands are free', () => {
    const plain = { ...stand({}).cues, setup: say('Stand tall.') };
    const helped = rung('helped', 'helped', { 'hand-help': 'hand holds the others' }, eight, null);
    expect(codes({ ...withSetup(helped, null), cues: plain })).toEqual(['other-levels-words']);
    expect(codes({ ...withSetup(helped, 'Stand, fingers on the four toes.'), cues: plain })).toEqual([]);
    const free = rung('free', 'hands free', { support: 'none' }, eight, null);
    expect(codes(withSetup(free, null))).toEqual(['other-levels-words']);
    expect(codes(withSetup(free, 'Beside the chair, hands free.'))).toEqual([]);
  });

  it('is not said word for word like the level before it', () => {
    const said = (action: string | null) => {
      const longer = rung('longer', 'longer', { amount: 'longer' }, eight, null);
      return codes(
        stand({
          ladder: levels(
            rung('short', 'short', { amount: 'short' }, eight, saw('The knee stays over the toes.')),
            action === null ? longer : { ...longer, cues: { action: say(action) } },
          ),
        }),
      );
    };
    expect(said(null)).toEqual(['other-levels-words']);
    expect(said('Press, and stay longer.')).toEqual([]);
  });

  it('keeps the support in reach when the hands let go', () => {
    const to = (kept: boolean) =>
      codes(
        stand({
          ladder: levels(rung('held', 'held', { support: 'one hand' }, eight, saw('The knee stays over the toes.')), {
            ...rung('free', 'free', { support: 'none' }, eight, null, { change: { kit: kept ? [chair] : [] } }),
            cues: { setup: say('Stand, hands free, something in reach.') },
          }),
        }),
      );
    expect(to(false)).toEqual(['support-out-of-reach']);
    expect(to(true)).toEqual([]);
  });

  it('is rated by its load: nothing works hard without one, or where the hand does it', () => {
    const rated = (axes: Rung['axes'], calf: number, effort: boolean | undefined) =>
      codes(
        stand({
          ladder: levels({
            ...rung('first', 'first', axes, eight, null, {
              change: { regions: { calf }, phases: [phase('up', 2, standing, { other: stands, effort })] },
            }),
            cues: { setup: say('Stand, a hand round the toe.') },
          }),
        }),
      );
    expect(rated({ resistance: 'none' }, 2, true)).toEqual(['rating-without-load']);
    expect(rated({ resistance: 'none' }, 1, true)).toEqual([]);
    expect(rated({ 'hand-help': 'hand lifts' }, 1, true)).toEqual(['rating-without-load']);
    expect(rated({ 'hand-help': 'hand lifts' }, 1, undefined)).toEqual([]);
    expect(rated({ resistance: 'light band' }, 3, true)).toEqual([]);
  });

  it('of ground that moves, or of landings, opens by weeks too', () => {
    const onto = (door: Rung['door']) =>
      codes(
        stand({
          ladder: levels({
            ...rung('soft', 'soft', { surface: 'cushion' }, eight, null, {
              change: { kit: [chair, kit('cushion')], balance: { working: 2, standing: 2 } },
              door,
            }),
          }),
        }),
      );
    expect(onto(undefined)).toEqual(['no-door-of-weeks']);
    expect(onto({ weeks: 2, words: 'After two weeks of basics.' })).toEqual([]);
    expect(senseOf(stand({}, { impactsPerRep: 1 }))[0]?.words).toBe(
      'There are landings, and no weeks before them. Give it levels, and say after how many weeks of basics they open.',
    );
  });
});

describe('a gate', () => {
  it('asks for no more than the usual dose: else nobody passes in an ordinary class', () => {
    expect(gated(cleanReps(12, '12 with the heel down.'))).toEqual(['gate-above-usual']);
    expect(gated(cleanReps(8, '8 with the heel down.'))).toEqual([]);
    const half = range(holds(1, 10, 5), holds(2, 20, 5), holds(2, 30, 5));
    expect(gated(cleanHold(30, '30 s with long toes.'), half)).toEqual(['gate-above-usual']);
    expect(gated(cleanHold(20, '20 s with long toes.'), half)).toEqual([]);
  });

  it('asks in the measure of the level: seconds of a hold, not of reps', () => {
    expect(gated(cleanHold(10, '10 s with long toes.'))).toEqual(['gate-above-usual']);
    expect(gated(cleanReps(2, '2 with long toes.'), range(holds(1, 5, 5), holds(2, 5, 5), holds(3, 5, 5)))).toEqual([
      'gate-above-usual',
    ]);
  });

  it('is not passed by everybody, and does not count what stands beside it', () => {
    expect(gated(cleanReps(3, '3 with the heel down.'))).toEqual(['gate-passes-everybody']);
    expect(gated(cleanReps(4, '4 with the heel down.'))).toEqual([]);
    expect(gated(saw('The distance is noted.'))).toEqual(['gate-passes-everybody']);
    expect(gated(cleanReps(8, '8 clean ones, on two days.'))).toEqual(['gate-says-what-is-not-meant']);
  });

  it('forbids no wobble, closes for no soreness, and says what older people do instead', () => {
    expect(gated(saw('Stands without a wobble.'))).toEqual(['gate-says-what-is-not-meant']);
    expect(gated(saw('Nothing sore next day.'))).toEqual(['gate-says-what-is-not-meant']);
    expect(gated(saw('Half a minute; older students need not.'))).toEqual(['gate-says-what-is-not-meant']);
    expect(gated(saw('Half a minute; older students need not, and keep two fingertips on instead.'))).toEqual([]);
    expect(gated(saw('No pain next day.'))).toEqual([]);
  });
});

describe('an exercise', () => {
  it('counts per way what goes several ways', () => {
    const cues = { ...stand({}).cues, action: say('Circle one way, then the other way.') };
    expect(codes(stand({ cues }))).toEqual(['ways-not-multiplied']);
    expect(codes(stand({ cues, doses: range(reps(2), reps(5), reps(8)) }))).toEqual(['ways-not-multiplied']);
    const perWay = (n: number) => reps(n, { per: { directions: 2 } });
    expect(codes(stand({ cues, doses: range(perWay(2), perWay(5), perWay(8)) }))).toEqual([]);
  });

  it('is said within 8 s an action and 12 s a set-up, at 145 words a minute (common practice, no source)', () => {
    const words = (n: number) => say(Array.from({ length: n }, () => 'toe').join(' '));
    const action = (n: number) => codes(stand({ cues: { ...stand({}).cues, action: words(n) } }));
    expect(action(19)).toEqual([]);
    expect(action(20)).toEqual(['too-long-to-say']);
    // anatomical words run longer than plain ones, and are said in the same time
    const anatomical = { plain: 'Big toe up.', anatomical: words(20).plain };
    expect(codes(stand({ cues: { ...stand({}).cues, action: anatomical } }))).toEqual(['too-long-to-say']);
    const setup = (n: number) => codes(stand({ cues: { ...stand({}).cues, setup: words(n) } }));
    expect(setup(29)).toEqual([]);
    expect(setup(30)).toEqual(['too-long-to-say']);
  });

  it('says where the effort is in loaded work, and what the other foot does where feet take turns', () => {
    expect(codes(stand({ family: 'strength', stage: 'loaded' }))).toEqual(['effort-unsaid']);
    const worked = { phases: [phase('up', 2, standing, { other: stands, effort: true })] };
    expect(codes(stand({ family: 'strength', stage: 'loaded' }, worked))).toEqual([]);
    const turns = (other?: typeof offTheFloor) =>
      codes(stand({}, { sidePattern: 'alternate', phases: [phase('step', 1, standing, { other })] }));
    expect(turns()).toEqual(['other-foot-unsaid']);
    expect(turns(offTheFloor)).toEqual([]);
  });

  it('that breaks a sense is told so in words, and is an exercise all the same', () => {
    const own = stand({
      faults: [fault('the calf burns', 'front', 'Ease off.'), fault('the heel lifts', 'front', 'Heel down.')],
    });
    expect(senseOf(own).map((note) => note.words)).toEqual([
      'What to watch: “the calf burns”. “burns” is felt or thought, not seen. Say what an eye can see of it.',
      'What to watch: “the heel lifts” cannot be seen from the front: the heel is behind the foot. Choose another place to stand.',
    ]);
    expect(ExerciseSchema.safeParse(own).success).toBe(true);
  });

  it('that sits and makes sense is left in peace', () => {
    expect(senseOf(sampleExercise('press', { phases: [phase('press', 2, seatedFlat, { other: stands })] }))).toEqual(
      [],
    );
  });
});
