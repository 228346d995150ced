import { defaultSchool, movedAxes, resolve } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { dice } from '../dice';
import type { Course } from './course';
import { usualAims } from './aims';
import { type CoursePlanAsked, coursePlanOf } from './course-plan';
import { type Climb, phaseOf } from './path';
import { heldOf } from './sessions';
import { usualBrief } from '../compose';
import { newCourse } from './templates';

const byId = new Map(catalogue.map((exercise) => [exercise.id, exercise]));
const course = (change: Partial<Course> = {}): Course => ({
  ...newCourse('kurs', 'Spring', '2026-03-02', 'Europe/London'),
  brief: { ...usualBrief, kit: { ...usualBrief.kit, cushion: 12, 'half-ball': 12, step: 12, strap: 12, rope: 12 } },
  weekly: [
    { weekday: 2, time: '18:30', minutes: 30 },
    { weekday: 4, time: '18:30', minutes: 30 },
  ],
  ...change,
});
const planned = (of: Course, change: Partial<CoursePlanAsked> = {}) =>
  coursePlanOf({
    course: of,
    today: '2026-03-01',
    taught: new Set(),
    school: defaultSchool,
    exerciseOf: (id) => byId.get(id) ?? null,
    standsOn: () => null,
    given: new Map(),
    ...change,
  });
const aim = (exerciseId: string, rungId: string) => ({ exerciseId, rungId });
const needOf = ({ exercise }: Climb, index: number) => {
  const settled = resolve(exercise, exercise.ladder?.rungs[index]?.id ?? null, defaultSchool);
  return settled.ok ? phaseOf(settled.value) : null;
};
const rungsOf = ({ exercise }: Climb) => exercise.ladder?.rungs ?? [];
const stand = aim('one-leg-stand', 'crossed');

describe('the way up a ladder', () => {
  it('goes one level at a time, up to the aim, with its occasions on every level', () => {
    const { climbs } = planned(course({ aims: [stand] }));
    const [climb] = climbs;
    expect(climb?.steps.map(({ index }) => index)).toEqual([1, 2, 3, 4]);
    expect(climb?.short).toBeNull();
    // two occasions are two classes: nobody goes up after one
    const classes = [...(climb?.at.values() ?? [])];
    for (const index of [0, 1, 2, 3]) expect(classes.filter((at) => at === index).length).toBeGreaterThanOrEqual(2);
  });

  it('is spread over the weeks there are', () => {
    const { climbs } = planned(course({ aims: [stand] }));
    const weeks = climbs[0]?.steps.map(({ week }) => week) ?? [];
    expect(weeks[0]).toBeGreaterThan(0);
    expect(weeks.at(-1)).toBeGreaterThan(6);
  });

  it('takes one step a week over all ladders: only steps up count as the week’s one change', () => {
    const aims = [
      stand,
      aim('two-foot-rise', byId.get('two-foot-rise')?.ladder?.rungs.at(-1)?.id ?? ''),
      aim('short-foot', byId.get('short-foot')?.ladder?.rungs.at(-1)?.id ?? ''),
    ];
    const { climbs } = planned(course({ aims }));
    const weeks = climbs.flatMap(({ steps }) => steps.map(({ week }) => week));
    expect(weeks.length).toBeGreaterThan(6);
    expect(new Set(weeks).size).toBe(weeks.length);
  });

  it('holds in any course: up alone, in order, on one axis or with its reason, never before its phase or its door', () => {
    const ladders = catalogue.filter(({ ladder }) => ladder !== null);
    const roll = dice(8);
    for (let i = 0; i < 60; i++) {
      const aims = Array.from({ length: 1 + roll(5) }, () => ladders[roll(ladders.length)])
        .flatMap((exercise) => {
          const rungs = exercise?.ladder?.rungs ?? [];
          const rung = rungs[roll(rungs.length)];
          return exercise && rung ? [aim(exercise.id, rung.id)] : [];
        })
        .filter((one, at, all) => all.findIndex(({ exerciseId }) => exerciseId === one.exerciseId) === at);
      const of = course({ aims, weeks: 4 + roll(12) });
      const { climbs, doors, sessions } = planned(of);
      const weekOf = new Map(sessions.map(({ key, week }) => [key, week]));
      for (const climb of climbs) {
        const levels = heldOf(sessions).flatMap(({ key }) => climb.at.get(key) ?? []);
        levels.forEach((level, at) => expect(level - (levels[at - 1] ?? level)).toBeGreaterThanOrEqual(0));
        for (const { index, week } of climb.steps) {
          const [a, b] = [rungsOf(climb)[index - 1], rungsOf(climb)[index]];
          expect(a && b && (movedAxes(a.axes, b.axes).length === 1 || b.why !== null)).toBe(true);
          expect(week).toBeGreaterThanOrEqual(b?.door?.weeks ?? 0);
          expect(index).toBeLessThanOrEqual(climb.to);
        }
        // also the level on which it begins has its weeks
        const [begun] = [...climb.at.keys()].map((key) => weekOf.get(key) ?? 0);
        if (begun !== undefined) expect(begun).toBeGreaterThanOrEqual(rungsOf(climb)[climb.from]?.door?.weeks ?? 0);
        for (const [key, index] of climb.at) {
          const needs = needOf(climb, index);
          const begins = needs === null ? 0 : (doors.find(({ phase }) => phase.kind === needs)?.begins ?? Infinity);
          expect(weekOf.get(key)).toBeGreaterThanOrEqual(begins);
        }
      }
    }
  });

  it('waits for unstable ground and for jumps, and is there at most twice a week then', () => {
    const { climbs, doors, sessions } = planned(
      course({
        weekly: [1, 3, 5].map((weekday) => ({ weekday, time: '18:30', minutes: 45 })),
        aims: [
          aim('pillow-stand', byId.get('pillow-stand')?.ladder?.rungs.at(-1)?.id ?? ''),
          aim('small-jumps', 'free'),
        ],
      }),
    );
    const week = new Map(sessions.map((session) => [session.key, session.week]));
    for (const [id, kind] of [
      ['pillow-stand', 'unstable'],
      ['small-jumps', 'jumps'],
    ]) {
      const climb = climbs.find(({ exercise }) => exercise.id === id);
      const keys = [...(climb?.at ?? [])].flatMap(([key, index]) =>
        climb && needOf(climb, index) === kind ? [key] : [],
      );
      const begins = doors.find(({ phase }) => phase.kind === kind)?.begins ?? 0;
      expect(keys.length).toBeGreaterThan(3);
      for (const key of keys) expect(week.get(key)).toBeGreaterThanOrEqual(begins);
      for (const w of new Set(week.values()))
        expect(keys.filter((key) => week.get(key) === w).length).toBeLessThanOrEqual(2);
    }
  });

  it('is begun once the weeks of its first level have come, also where its phase is open before', () => {
    // small jumps each way ask six weeks of people new to them; this course opens its jumps after five
    const phases = course().phases.map((phase) => ({ ...phase, mostWeeks: phase.leastWeeks }));
    const asked = course({ phases, aims: [aim('small-jumps-all-ways', 'held')] });
    const first = ({ climbs, sessions }: ReturnType<typeof planned>) => {
      const [key] = [...(climbs[0]?.at.keys() ?? [])];
      return sessions.find((session) => session.key === key)?.week;
    };
    expect(planned(asked).doors.at(-1)?.begins).toBe(5);
    expect(first(planned(asked))).toBe(6);
    expect(first(planned({ ...asked, newToImpact: false }))).toBe(5);
  });

  it('begins where the group stands, and follows a class that was changed by hand', () => {
    const of = course({ aims: [stand] });
    expect(planned(of, { standsOn: () => 'one-finger' }).climbs[0]).toMatchObject({ from: 2 });
    const key = '2026-03-10';
    const given = new Map([[key, [{ exerciseId: 'one-leg-stand', rungId: 'free' }]]]);
    const climb = planned(of, { given }).climbs[0];
    expect(climb?.at.get(key)).toBe(3);
    expect([...(climb?.at ?? [])].filter(([at]) => at > key).every(([, index]) => index >= 3)).toBe(true);
  });

  it('one class made anew among the others stands on the levels it had: a week’s one change stays one', () => {
    const of = course({ aims: [stand, aim('short-foot', 'one-foot'), aim('two-foot-rise', 'free')] });
    const whole = planned(of);
    const itemsAt = (key: string) =>
      whole.climbs.flatMap((climb) => {
        const rungId = rungsOf(climb)[climb.at.get(key) ?? -1]?.id;
        return rungId === undefined ? [] : [{ exerciseId: climb.exercise.id, rungId }];
      });
    const keys = heldOf(whole.sessions).map(({ key }) => key);
    for (const key of keys) {
      const given = new Map(keys.filter((one) => one !== key).map((one) => [one, itemsAt(one)]));
      const again = planned(of, { given });
      expect(again.climbs.map(({ at }) => at.get(key))).toEqual(whole.climbs.map(({ at }) => at.get(key)));
    }
  });

  it('a class that was planned by hand and then missed was seen by nobody', () => {
    const of = course({ aims: [stand] });
    const given = new Map([['2026-03-03', [{ exerciseId: 'one-leg-stand', rungId: 'free' }]]]);
    const missed = planned(of, { given, today: '2026-03-04' }).climbs[0];
    expect([...(missed?.at.values() ?? [])][0]).toBe(0);
    const taught = planned(of, { given, today: '2026-03-04', taught: new Set(['2026-03-03']) }).climbs[0];
    expect(taught?.at.get('2026-03-03')).toBe(3);
  });

  it('an aim that the weeks do not hold is said, with the level that they do', () => {
    const { faults, climbs } = planned(course({ weeks: 3, aims: [stand] }));
    expect(climbs[0]?.short?.levels).toBeGreaterThan(0);
    const fault = faults.find(({ code }) => code === 'aim-not-reached');
    expect(fault?.words).toContain('“Stand on one leg” (');
    const change = fault?.cure?.change ?? {};
    expect(planned({ ...course({ weeks: 3 }), ...change }).faults.map(({ code }) => code)).not.toContain(
      'aim-not-reached',
    );
  });
});

describe('ladders that are suggested', () => {
  const suggested = (of: Course) =>
    usualAims({
      course: of,
      today: '2026-03-01',
      taught: new Set(),
      school: defaultSchool,
      exerciseOf: (id) => byId.get(id) ?? null,
      standsOn: () => null,
      given: new Map(),
    });

  it('can all be reached in their weeks, and no level more', () => {
    for (const weeks of [4, 8, 12]) {
      const aims = suggested(course({ weeks }));
      expect(aims.length).toBeGreaterThan(2);
      const { faults, climbs } = planned(course({ weeks, aims }));
      expect(faults.filter(({ code }) => code.startsWith('aim'))).toEqual([]);
      expect(climbs.reduce((sum, { steps }) => sum + steps.length, 0)).toBeGreaterThan(weeks / 3);
    }
  });

  it('are none that the cupboard has nothing for', () => {
    const bare = { ...course(), brief: { ...usualBrief, kit: { wall: 1 } } };
    expect(suggested(bare).map(({ exerciseId }) => exerciseId)).not.toContain('soft-step-down');
  });
});

describe('what cannot be', () => {
  const codes = (of: Course) => planned(of).faults.map(({ code }) => code);
  const cured = (of: Course) => {
    const [fault] = planned(of).faults;
    return planned({ ...of, ...fault?.cure?.change });
  };

  it('a course of no classes: says so, and offers a day', () => {
    const none = course({ weekly: [] });
    expect(codes(none)).toEqual(['no-days']);
    expect(heldOf(cured(none).sessions).length).toBe(12);
  });

  it('every date off: says how many, and offers what leaves one', () => {
    const off = [{ from: '2026-01-01', to: '2026-12-31', why: 'closed' as const, note: '' }];
    const none = course({ off });
    expect(planned(none).faults[0]).toMatchObject({ code: 'all-off', whole: true });
    expect(heldOf(cured(none).sessions).length).toBeGreaterThan(0);
  });

  it('a gate that can never open: why, and the fewest weeks with which it does', () => {
    const short = course({ weeks: 4 });
    expect(planned(short).faults[0]).toMatchObject({ code: 'door-never' });
    expect(planned(short).faults[0]?.cure?.change).toEqual({ weeks: 6 });
    expect(codes({ ...short, weeks: 6 })).not.toContain('door-never');
    expect(codes({ ...short, weeks: 5 })).toContain('door-never');
  });

  it('a gate that asks for a level nobody works towards: offered without it', () => {
    const phases = course().phases.map((phase) =>
      phase.kind === 'jumps' ? { ...phase, checks: [aim('one-leg-stand', 'one-finger')] } : phase,
    );
    const shut = course({ phases });
    expect(codes(shut)).toContain('door-never');
    expect(cured(shut).faults).toEqual([]);
    // with the ladder among its aims the door opens once it is climbed
    const climbed = planned({ ...shut, aims: [stand] });
    const reached = climbed.climbs[0]?.steps.find(({ index }) => index === 2)?.week ?? Infinity;
    const jumps = climbed.doors.find(({ phase }) => phase.kind === 'jumps');
    expect(jumps?.begins).toBeGreaterThan(reached);
  });

  it('two classes on one day: offered back', () => {
    const of = course({ moved: [{ from: '2026-03-05', to: '2026-03-03', time: '20:00' }] });
    expect(codes(of)).toContain('two-on-a-day');
    expect(cured(of).faults.map(({ code }) => code)).not.toContain('two-on-a-day');
  });

  it('a ladder whose kit is not there: says what is missing, and offers it', () => {
    const bare = { ...course({ aims: [aim('pillow-stand', 'free')] }), brief: { ...usualBrief, kit: { chair: 12 } } };
    const [fault] = planned(bare).faults;
    expect(fault).toMatchObject({ code: 'aim-barred' });
    expect(fault?.words).toContain('there are not enough of: ');
    expect(cured(bare).faults.map(({ code }) => code)).not.toContain('aim-barred');
  });

  it('a class that was moved out of the weeks: offered back', () => {
    const of = course({ moved: [{ from: '2026-03-05', to: '2026-08-03', time: null }] });
    expect(codes(of)).toContain('outside');
    expect(cured(of).faults).toEqual([]);
  });

  it('an aim that is gone from the library, and one below where the group stands', () => {
    expect(codes(course({ aims: [aim('no-such', 'level')] }))).toContain('aim-lost');
    const below = planned(course({ aims: [aim('one-leg-stand', 'five-fingers')] }), { standsOn: () => 'free' });
    expect(below.faults.map(({ code }) => code)).toContain('aim-below');
    // and nobody is brought down for it
    expect([...(below.climbs[0]?.at.values() ?? [])].every((index) => index === 3)).toBe(true);
  });
});
