import { byFeel, breaths, counts, holds, kit, passes, reps, stops, timed, travel } from '../exercise/catalogue/author';
import { type Plan, bareWorkPace, defaultPace } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';

/**
 * The arithmetic of a class, worked out by hand. Known exercises, no set-up and no talk unless stated.
 * Source: facts of the trade, common practice with no published source, except where a line names one.
 */
const oneFoot = sampleExercise('press');
const bothFeet = sampleExercise('rise', { sidePattern: 'both' });
const alternating = sampleExercise('step', { sidePattern: 'alternate' });
const walking = sampleExercise('walk', { sidePattern: 'travelling', position: 'walking' });
const seconds = (entry: Parameters<typeof bareClass>[0][number], change: Partial<Plan> = {}) =>
  bareClass([entry], change).timeline.totalMs / 1000;
const pace = (change: Partial<Plan['pace']>): Partial<Plan> => ({ pace: { ...bareWorkPace(), ...change } });

describe('the arithmetic of one item (practice)', () => {
  it('12 presses of 4 s on each side with a 15 s change take 111 s', () => {
    // 12 · 4 · 2 + 15 = 111
    expect(seconds({ exercise: oneFoot, dose: reps(12) }, pace({ sideSwitchSeconds: 15 }))).toBe(111);
  });

  it('30 s holds, 3 rounds, three contact points, one foot then the other, 10 s between take 9:00 of work in 11:40', () => {
    // work: 30 · 3 · 3 · 2 = 540. Nine holds a foot leave eight rests of 10 s: 80 a foot, 160 in all. No change of foot. 700 s.
    const { timeline } = bareClass([
      { exercise: oneFoot, dose: holds(1, 30, 10, { sets: 3, setRest: 10, per: { 'contact-points': 3 } }) },
    ]);
    expect(timeline.workMs).toBe(540_000);
    expect(timeline.activityMs.rest).toBe(160_000);
    expect(timeline.totalMs).toBe(700_000);
  });

  it('the same with 5 s between and a 15 s change takes 9:00 of work in 10:35', () => {
    // 540 + 2 · 8 · 5 + 15 = 635 s = 10:35
    expect(
      seconds(
        { exercise: oneFoot, dose: holds(1, 30, 5, { sets: 3, setRest: 5, per: { 'contact-points': 3 } }) },
        pace({ sideSwitchSeconds: 15 }),
      ),
    ).toBe(635);
  });

  it('32 counts at 96 a minute take 20.0 s', () => {
    expect(seconds({ exercise: bothFeet, dose: counts(1, 32, 96) })).toBe(20);
  });

  it('8 phrases of 8 counts at 120 take 32.0 s', () => {
    expect(seconds({ exercise: bothFeet, dose: counts(8, 8, 120) })).toBe(32);
  });

  it('40 steps at 80 a minute take 30.0 s', () => {
    expect(seconds({ exercise: walking, dose: travel(1, 40, 80) })).toBe(30);
  });

  it('two lengths of 40 steps at 80 with a 4 s turn take 64 s: one turn, not two', () => {
    expect(seconds({ exercise: walking, dose: travel(2, 40, 80) })).toBe(64);
  });

  it('one turn of 5 s per toe and way on each foot is 20 turns, 1:40', () => {
    // 5 toes × 2 ways × 2 feet = 20 turns · 5 s = 100 s
    const turn = sampleExercise('turn', {}, [5]);
    const { timeline } = bareClass([{ exercise: turn, dose: reps(1, { per: { toes: 5, directions: 2 } }) }]);
    expect(timeline.events.filter((e) => e.kind === 'rep')).toHaveLength(20);
    expect(timeline.totalMs).toBe(100_000);
  });

  it('four gaps a foot, 10 s each, take 80 s', () => {
    expect(seconds({ exercise: oneFoot, dose: holds(1, 10, 0, { per: { gaps: 4 } }) })).toBe(80);
  });

  it('three sore spots of 10 s with 3 s to find the next take 72 s on both feet', () => {
    // a foot: 3 · 10 + 2 · 3 = 36
    expect(seconds({ exercise: oneFoot, dose: stops(3, 10, 3) })).toBe(72);
  });

  it('sore spots counted by a multiplier come to the same as counted by the stops', () => {
    expect(seconds({ exercise: oneFoot, dose: stops(1, 10, 3, { per: { spots: 3 } }) })).toBe(72);
  });

  it('8 slow passes of 5 s a foot take 80 s', () => {
    expect(seconds({ exercise: oneFoot, dose: passes(8, 5) })).toBe(80);
  });

  it('6 breaths of 5 s with both feet take 30 s; two pulls make it 60', () => {
    expect(seconds({ exercise: bothFeet, dose: breaths(6, 5) })).toBe(30);
    expect(seconds({ exercise: bothFeet, dose: breaths(6, 5, { per: { pulls: 2 } }) })).toBe(60);
  });

  it('a minute is a minute with both feet and two with one foot after the other', () => {
    expect(seconds({ exercise: bothFeet, dose: timed(60) })).toBe(60);
    expect(seconds({ exercise: oneFoot, dose: timed(60) })).toBe(120);
  });

  it('work by feel counts its usual time', () => {
    expect(seconds({ exercise: bothFeet, dose: byFeel(20, 40, 70) })).toBe(40);
  });

  it('3 sets of 10 reps of 4 s with 20 s between sets take 160 s with both feet', () => {
    // 3 · 40 + 2 · 20
    expect(seconds({ exercise: bothFeet, dose: reps(10, { sets: 3, setRest: 20 }) })).toBe(160);
  });

  it('4 holds of 10 s with 5 s between, twice with 20 s between the sets, take 130 s', () => {
    // a set: 40 + 15 = 55; 2 · 55 + 20
    expect(seconds({ exercise: bothFeet, dose: holds(4, 10, 5, { sets: 2, setRest: 20 }) })).toBe(130);
  });

  it('10 reps a foot in alternation take as long as 10 and 10', () => {
    const { timeline } = bareClass([{ exercise: alternating, dose: reps(10) }]);
    expect(timeline.totalMs).toBe(80_000);
    expect(timeline.events.filter((e) => e.feet === 'left')).toHaveLength(10);
    expect(timeline.events.map((e) => e.feet).slice(0, 4)).toEqual(['left', 'right', 'left', 'right']);
  });

  it('3 holds of 8 s a foot in alternation with 2 s between rest five times', () => {
    // 6 · 8 + 5 · 2
    expect(seconds({ exercise: alternating, dose: holds(3, 8, 2) })).toBe(58);
  });

  it('a composite, 12 reps and then one hold of 20 s, adds its parts', () => {
    expect(seconds({ exercise: bothFeet, dose: [reps(12), holds(1, 20, 0)] })).toBe(68);
  });

  it('a tempo of 2 out, 1 hold, 3 back makes a rep of 6 s', () => {
    const three = sampleExercise('band', {}, [1, 1, 1]);
    const { timeline } = bareClass([{ exercise: three, dose: reps(12, { tempo: [2, 1, 3] }) }]);
    expect(timeline.totalMs).toBe(144_000);
    expect(timeline.events[0]?.phaseMs).toEqual([2000, 1000, 3000]);
  });

  it('3 reps of 3.25 s are padded from 9.75 s to 10', () => {
    const quarter = sampleExercise('quick', { sidePattern: 'both' }, [3.25]);
    const { timeline } = bareClass([{ exercise: quarter, dose: reps(3) }]);
    expect(timeline.workMs).toBe(9750);
    expect(timeline.totalMs).toBe(10_000);
  });

  it('beats are placed from the start of the phrase: 7 phrases of 4 at 132 end at 12 727 ms, padded to 13 s', () => {
    // 28 · 60000 / 132 = 12727.27; seven rounded phrases of 1818 would end at 12 726
    const { timeline } = bareClass([{ exercise: bothFeet, dose: counts(7, 4, 132) }]);
    expect(timeline.workMs).toBe(12_727);
    expect(timeline.totalMs).toBe(13_000);
  });
});

describe('unequal on purpose (practice)', () => {
  it('an extra set for the left costs that set and its rest', () => {
    const dose = reps(10, { sets: 2, setRest: 15 });
    const equal = bareClass([{ exercise: oneFoot, dose }]).timeline;
    const extra = bareClass([
      { exercise: oneFoot, dose, item: { sides: { mode: 'extra-set', weaker: 'left' } } },
    ]).timeline;
    expect(extra.totalMs - equal.totalMs).toBe(55_000);
    expect(extra.leftWorkMs - extra.rightWorkMs).toBe(40_000);
  });

  it('the weaker foot leads where that was chosen, whatever the class does', () => {
    const { timeline } = bareClass([
      { exercise: oneFoot, dose: reps(2), item: { sides: { mode: 'weaker-first', weaker: 'right' } } },
    ]);
    expect(timeline.events[0]?.feet).toBe('right');
    expect(timeline.leftWorkMs).toBe(timeline.rightWorkMs);
  });

  it('an extra set of an alternating exercise is done by the weaker foot alone', () => {
    const { timeline } = bareClass([
      { exercise: alternating, dose: reps(5), item: { sides: { mode: 'extra-set', weaker: 'right' } } },
    ]);
    expect(timeline.leftWorkMs).toBe(20_000);
    expect(timeline.rightWorkMs).toBe(40_000);
  });
});

describe('new and known exercises (read off real teaching)', () => {
  const item = { familiarity: 'new' } as const;
  const beforeFirstRep = (change: Parameters<typeof sampleExercise>[1], familiarity: 'new' | 'seen-once' | 'known') => {
    const exercise = sampleExercise('x', change);
    const { timeline } = bareClass([{ exercise, dose: timed(60), item: { familiarity } }], { pace: defaultPace() });
    return (timeline.events.find((e) => e.activity === 'work')?.startMs ?? 0) / 1000;
  };

  // Observed before the first rep: plain 5 s, with props 21, fiddly 21, the second side 5 (common practice, no source).
  it.each([
    ['plain', {}, 5],
    ['with props', { setup: 'props' as const, kit: [kit('soft-ball')] }, 21],
    ['fiddly', { setup: 'fiddly' as const }, 21],
  ])('something new and %s begins after what was observed, within 20 %%', (_, change, observed) => {
    expect(beforeFirstRep(change, 'new')).toBeGreaterThanOrEqual(observed * 0.8);
    expect(beforeFirstRep(change, 'new')).toBeLessThanOrEqual(observed * 1.2);
  });

  it('begins sooner the better it is known', () => {
    for (const setup of ['plain', 'props', 'fiddly'] as const) {
      const [fresh, once, known] = (['new', 'seen-once', 'known'] as const).map((f) => beforeFirstRep({ setup }, f));
      expect(fresh).toBeGreaterThan(once ?? 0);
      expect(once).toBeGreaterThan(known ?? 0);
    }
  });

  it('the second side begins 5 s after the first, within 20 %', () => {
    const { events } = bareClass([{ exercise: oneFoot, dose: reps(5) }], { pace: defaultPace() }).timeline;
    const [lastOfOne, firstOfTwo] = [
      events.findLast((e) => e.kind === 'rep' && e.feet === 'left'),
      events.find((e) => e.kind === 'rep' && e.feet === 'right'),
    ];
    expect(Math.abs((firstOfTwo?.startMs ?? 0) - (lastOfOne?.endMs ?? 0) - 5000)).toBeLessThanOrEqual(1000);
  });

  it('a new fiddly exercise sets up 20 s on the first foot and 9 s on the second', () => {
    const fiddly = sampleExercise('fiddly', { setup: 'fiddly' });
    const change = pace({ fiddlySetupSeconds: 20, secondFiddlySetupSeconds: 9 });
    expect(seconds({ exercise: fiddly, dose: reps(10), item }, change)).toBe(80 + 20 + 9);
  });

  it('five drills on one loop pay for threading it once, and for finding the place four times', () => {
    const drill = sampleExercise('loop', { setup: 'fiddly', sidePattern: 'both', kit: [kit('long-loop')] });
    const five = Array.from({ length: 5 }, () => ({ exercise: drill, dose: reps(5), item }));
    const change = pace({ fiddlySetupSeconds: 20, plainSetupSeconds: 3, reachKitSeconds: 3 });
    const { timeline } = bareClass(five, change);
    expect(timeline.activityMs['set-up']).toBe((20 + 4 * 3) * 1000);
    expect(timeline.activityMs.transition).toBe(0);
  });

  it('a slow rise is not shown three times as slowly: the demonstration is capped', () => {
    const slow = sampleExercise('slow', { sidePattern: 'both' }, [18]);
    const change = pace({ firstRepTimes: 3, demonstrationMostSeconds: 20 });
    expect(seconds({ exercise: slow, dose: reps(4), item }, change)).toBe(4 * 18 + 20);
  });

  it('the first rep of a new exercise is the demonstration and takes three times as long, once', () => {
    const change = pace({ firstRepTimes: 3, demonstrationMostSeconds: 20 });
    const { timeline } = bareClass([{ exercise: oneFoot, dose: reps(10), item }], change);
    expect(timeline.events.filter((e) => e.kind === 'demonstration')).toHaveLength(1);
    expect(timeline.totalMs).toBe(80_000 + 2 * 4000);
    expect(timeline.leftWorkMs).toBe(timeline.rightWorkMs);
  });

  it('talk before the work costs time, talk over it costs none', () => {
    const before = { talk: { beforeSeconds: 20, overSeconds: 0 } };
    const over = { talk: { beforeSeconds: 0, overSeconds: 20 } };
    expect(seconds({ exercise: bothFeet, dose: reps(10), item: before })).toBe(60);
    const { timeline } = bareClass([{ exercise: bothFeet, dose: reps(10), item: over }]);
    expect(timeline.totalMs).toBe(40_000);
    expect(timeline.events.find((e) => e.lane === 'voice')).toMatchObject({ startMs: 0, endMs: 20_000 });
  });

  it('talk over the work never outlasts it', () => {
    const { timeline } = bareClass([
      { exercise: bothFeet, dose: reps(2), item: { talk: { beforeSeconds: 0, overSeconds: 60 } } },
    ]);
    expect(timeline.events.find((e) => e.lane === 'voice')?.endMs).toBe(8000);
  });
});
