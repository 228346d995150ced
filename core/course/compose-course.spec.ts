import { usualBrief } from '../compose';
import { doseTime } from '../dose';
import { defaultSchool, resolve } from '../exercise';
import { type Item, defaultPace, itemsOf } from '../plan';
import { review } from '../sequence';
import { catalogueOffers } from '../testing/twenty-briefs';
import { buildTimeline, slotFit } from '../timeline';
import { type CourseRequest, type ComposedCourse, composeCourse, planAsked } from './compose-course';
import type { Course } from './course';
import { coursePlanOf } from './course-plan';
import { newCourse } from './templates';
import { noHistory } from '../compose';

const find = (revision: string) => catalogueOffers.find((offer) => offer.revision === revision)?.exercise ?? null;
const course: Course = {
  ...newCourse('spring', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 5,
  weekly: [
    { weekday: 2, time: '18:30', minutes: 25 },
    { weekday: 4, time: '18:30', minutes: 25 },
  ],
  aims: [
    { exerciseId: 'one-leg-stand', rungId: 'free' },
    { exerciseId: 'pillow-stand', rungId: 'fingertips' },
  ],
  brief: { ...usualBrief, kit: { ...usualBrief.kit, band: 12, cushion: 12, 'soft-ball': 12 } },
};
const request = (change: Partial<CourseRequest> = {}): CourseRequest => ({
  course,
  today: '2026-03-01',
  taught: [],
  library: catalogueOffers,
  school: defaultSchool,
  pace: defaultPace(),
  roster: null,
  stands: {},
  history: noHistory,
  given: [],
  only: null,
  turn: 0,
  ...change,
});
function composed(asked: CourseRequest): ComposedCourse {
  const work = composeCourse(asked);
  let [next, last] = [work.next(), 0];
  for (; !next.done; next = work.next()) {
    expect(next.value.done).toBeGreaterThanOrEqual(last - 1e-9);
    last = next.value.done;
  }
  return next.value;
}

describe('the classes of a course', () => {
  const all = composed(request());
  const plan = coursePlanOf(planAsked(request()));

  it('are there for every date, each in its slot and with no hard finding', () => {
    expect(all.notMade).toEqual([]);
    expect(all.made.map(({ key }) => key)).toEqual(plan.sessions.map(({ key }) => key));
    for (const { plan: made } of all.made) {
      const timeline = buildTimeline({ plan: made, find });
      const room = slotFit(made, timeline);
      expect(Math.abs(room.plannedMs - (room.slotMs - room.reserveMs))).toBeLessThanOrEqual(20_000);
      let made_ = 0;
      const findings = review({ plan: made, timeline, nextId: () => `id-${++made_}` }, 'quick');
      expect(findings.filter(({ severity, accepted }) => severity === 'hard' && accepted === null)).toEqual([]);
    }
  });

  it('change one thing of each exercise at the most, from one class to the next', () => {
    for (const { changes } of all.made.slice(1)) {
      for (const { kind, axes } of changes)
        expect(axes.length).toBeLessThanOrEqual(kind === 'up' || kind === 'down' ? 2 : 1);
      // what is a level up begins at its least: its amount is not counted as a second change
      const up = changes.filter(({ kind }) => kind === 'up');
      expect(up.length).toBeLessThanOrEqual(1);
      expect(changes.filter(({ kind }) => kind === 'down')).toEqual([]);
    }
    for (const { plan: made, changes } of all.made)
      for (const { exerciseId } of changes.filter(({ kind }) => kind === 'up')) {
        const item = itemsOf(made).find((one) => one.exerciseId === exerciseId && !one.recheck);
        const rung = find(item?.revision ?? '')?.ladder?.rungs.find(({ id }) => id === item?.rungId);
        expect(item?.dose).toEqual(rung?.doses.least);
        expect(item?.because).toMatch(/^A level up, support:|^A level up,/);
      }
  });

  it('bring about half of the class before, and the ladders on their levels', () => {
    const back = all.made.slice(1).map(({ changes }) => {
      const here = changes.filter(({ kind }) => kind !== 'left');
      return here.filter(({ kind }) => kind !== 'new').length / here.length;
    });
    const middle = [...back].sort((a, b) => a - b)[Math.floor(back.length / 2)] ?? 0;
    expect(middle).toBeGreaterThan(0.3);
    for (const climb of plan.climbs)
      for (const { key, plan: made } of all.made) {
        const item = itemsOf(made).find(({ exerciseId, recheck }) => exerciseId === climb.exercise.id && !recheck);
        const index = climb.at.get(key);
        if (index === undefined) expect(item).toBeUndefined();
        else if (item) expect(item.rungId).toBe(climb.exercise.ladder?.rungs[index]?.id);
      }
  });

  it('have nothing unstable in the basics but once its weeks have come, and the foot that starts turns', () => {
    const unstable = plan.doors.find(({ phase }) => phase.kind === 'unstable')?.begins ?? 0;
    const ids = all.made.flatMap(({ plan: made }) => itemsOf(made).map(({ exerciseId }) => exerciseId));
    // and not only what a ladder leads to
    expect(ids).toContain('half-ball-step');
    for (const { key, plan: made } of all.made) {
      const session = plan.sessions.find((one) => one.key === key);
      expect(made.lead).toBe(session?.lead);
      if ((session?.week ?? 0) >= unstable) continue;
      for (const item of itemsOf(made))
        expect(['unstable-stand', 'pillow-stand', 'half-ball-step']).not.toContain(item.exerciseId);
    }
  });

  it('are the same again from the same seed', () => {
    const again = composed(request({ only: all.made.slice(0, 2).map(({ key }) => key) }));
    expect(again.made).toEqual(all.made.slice(0, 2));
  });

  it('are others where somebody asks once more, with the same ladders on the same levels', () => {
    const [first] = all.made;
    if (!first) throw new RangeError('a class');
    const [other] = composed(request({ only: [first.key], turn: 1 })).made;
    const ids = ({ plan: made }: typeof first) => itemsOf(made).map(({ exerciseId }) => exerciseId);
    expect(other && ids(other)).not.toEqual(ids(first));
    for (const { exercise, at } of plan.climbs)
      if (at.has(first.key)) expect(other && ids(other)).toContain(exercise.id);
  });

  it('grow no dose by more than a third, but what begins a level', () => {
    const workOf = (item: Item) => {
      const settled = resolve(find(item.revision)!, item.rungId, defaultSchool);
      return settled.ok ? doseTime(item.dose, settled.value.phaseSeconds).workMs : 0;
    };
    const had = new Map<string, Item>();
    let grown = 0;
    for (const { plan: made } of all.made)
      for (const item of itemsOf(made).filter(({ recheck }) => !recheck)) {
        const before = had.get(item.exerciseId);
        had.set(item.exerciseId, item);
        const family = find(item.revision)?.family;
        if (before?.rungId !== item.rungId || family === 'check' || family === 'close') continue;
        expect(workOf(item)).toBeLessThanOrEqual((4 / 3) * workOf(before) + 1);
        grown += Number(workOf(item) > workOf(before));
      }
    expect(grown).toBeGreaterThan(0);
  });

  it('put nothing together in the first weeks, and leave what a ladder prepares until it is climbed', () => {
    const strengthen = plan.doors.find(({ phase }) => phase.kind === 'strengthen')?.begins ?? 0;
    const early = all.made.filter(({ key }) => (plan.sessions.find((one) => one.key === key)?.week ?? 0) < strengthen);
    expect(early.length).toBeGreaterThan(1);
    const stages = early
      .flatMap(({ plan: made }) => itemsOf(made))
      .flatMap((item) => {
        const exercise = find(item.revision);
        return exercise && exercise.id !== 'one-leg-stand' && !['check', 'close', 'gait'].includes(exercise.family)
          ? [exercise.stage]
          : [];
      });
    expect(stages).not.toContain('integrated');
    // eyes are not shut while fingertips are still on
    expect(all.made.flatMap(({ plan: made }) => itemsOf(made)).map(({ exerciseId }) => exerciseId)).not.toContain(
      'eyes-shut-stand',
    );
  });

  it('go on from what was changed by hand, and leave it alone', () => {
    const [first, second] = all.made;
    if (!first || !second) throw new RangeError('two classes');
    const hand = { ...first.plan, title: 'Mine' };
    const again = composed(request({ given: [{ key: first.key, plan: hand }], only: [first.key, second.key] }));
    expect(again.made.map(({ key }) => key)).toEqual([second.key]);
  });

  it('what cannot be composed is said for its date, and the others are made', () => {
    const tiny = {
      ...course,
      weeks: 1,
      weekly: [
        { weekday: 2, time: '18:30', minutes: 5 },
        { weekday: 4, time: '18:30', minutes: 25 },
      ],
    };
    const found = composed(
      request({ course: { ...tiny, brief: { ...tiny.brief, focus: { band: 100 }, kit: { chair: 12 } } } }),
    );
    expect(found.made).toEqual([]);
    expect(found.notMade.map(({ key }) => key)).toEqual(['2026-03-03', '2026-03-05']);
    expect(found.notMade[0]?.words).toMatch(/band/);
  });
});
