import { Plan, itemsOf } from '@core/plan';
import { floorSuits } from '@core/kit';
import { classLoad } from '@core/load';
import { whatHelped } from '@core/measure';
import { owed, replay } from '@core/run';
import { buildTimeline } from '@core/timeline';
import { testServer } from '../testing/server';
import { coursePlanOf, standsIn } from '@core/course';
import { defaultSchool } from '@core/exercise';
import { addDemoCourse, addDemoCourseClasses } from './course';
import { addDemoClasses } from './saltmarsh';
import { addDemoPeople } from './people';
import { addTaughtClass, addTaughtWeeks } from './taught';

describe('Saltmarsh Hall (invented)', () => {
  const server = testServer();
  let n = 0;
  addDemoClasses(server, () => `demo-id-${n++}`);
  const summaries = server.classes.list({ limit: 200 }).classes;
  const reads = summaries.map((s) => server.classes.read(s.id));
  afterAll(() => server.close());

  it('has at least six classes of 5, 10, 20, 45 and 60 minutes, for dancers, general students and both', () => {
    expect(summaries.length).toBeGreaterThanOrEqual(6);
    expect([...new Set(summaries.map((s) => s.slotSeconds / 60))].sort((a, b) => a - b)).toEqual([5, 10, 20, 45, 60]);
    expect(new Set(summaries.map((s) => s.audience))).toEqual(new Set(['dancers', 'general', 'mixed']));
  });

  it('the troupe rises 79 times on each foot, summed by hand, and lands never; the reel rises 16 times', () => {
    const loadOf = (title: string) => {
      const { plan, revisions } = reads.find((read) => read.plan.title === title)!;
      const known = new Map(revisions.map(({ revision, exercise }) => [revision, exercise]));
      return classLoad(buildTimeline({ plan, find: (revision) => known.get(revision) ?? null }));
    };
    // 2 sets of 16 on both feet, 2 of 12 with a ball, 8 bends with the heels up, 15 on each foot alone
    expect(loadOf('Troupe: long points, clean rises')).toMatchObject({
      rises: { left: 79, right: 79 },
      landings: { left: 0, right: 0 },
    });
    expect(loadOf('Five minutes before the reel').rises).toEqual({ left: 16, right: 16 });
  });

  it('has a troupe of 16, a lunch group of 11 and a seated group of 5, with two years of looks', () => {
    const { people } = server;
    addDemoPeople(server, () => `demo-id-${n++}`, Date.UTC(2026, 9, 1));
    const groups = ['demo-troupe', 'demo-lunch', 'demo-seated'].map((id) => people.people.members(id));
    expect(groups.map((members) => members.length)).toEqual([16, 11, 5]);
    const ids = groups.flat().map(({ student }) => student.id);
    const dates = people.readings.of(ids).map(({ date }) => date);
    expect(dates[0]?.slice(0, 7)).toBe('2024-10');
    expect(dates.length).toBeGreaterThan(2500);
    // who has not agreed was not measured
    const silent = groups.flat().filter(({ student }) => student.consent === null);
    expect(silent.length).toBeGreaterThan(0);
    expect(people.readings.of(silent.map(({ student }) => student.id))).toEqual([]);
    // some really changed, most did not, and nothing is asked about
    const { rows } = people.standings.of(ids);
    const share = (verdict: string) => rows.filter((row) => row.verdict === verdict).length / rows.length;
    expect(share('changed')).toBeGreaterThan(0);
    expect(share('changed')).toBeLessThan(0.1);
    expect(share('within-noise')).toBeGreaterThan(0.5);
    expect(share('ask')).toBe(0);
  });

  /** The course of the lunches in its weeks, for whoever comes. */
  const winter = () => {
    const { course } = server.courses.page('demo-winter');
    const students = server.people.people.members('demo-lunch').map(({ student }) => student);
    const notes = server.people.notes.of(students.map(({ id }) => id));
    const exercises = new Map(server.library.current().map(({ exercise }) => [exercise.id, exercise]));
    const exerciseOf = (id: string) => exercises.get(id) ?? null;
    const stands = standsIn(students, notes, exerciseOf);
    return coursePlanOf({
      course,
      today: '2026-11-27',
      taught: new Set(course.taught),
      school: defaultSchool,
      exerciseOf,
      standsOn: (id) => stands[id] ?? null,
      given: new Map(),
    });
  };

  it('has a course for its lunches that a teacher could teach: nothing in it that cannot be', () => {
    addDemoCourse(server, Date.UTC(2026, 10, 27));
    expect(winter().faults).toEqual([]);
    // the missed week moved the doors
    expect(winter().doors.some(({ begins, unmoved }) => (begins ?? 0) > (unmoved ?? 0))).toBe(true);
  });

  it('has the next two classes of that course made, each within its slot, for the people who come', () => {
    addDemoCourseClasses(server, Date.UTC(2026, 10, 27));
    // what they have to mind is known now, and still nothing cannot be
    expect(winter().faults).toEqual([]);
    const { classes } = server.courses.page('demo-winter');
    expect(classes.map(({ key }) => key)).toEqual(['2026-12-01', '2026-12-03']);
    for (const { classId, plannedMs } of classes) {
      const { plan } = server.classes.read(classId);
      expect(plannedMs).toBeLessThanOrEqual(plan.slotSeconds * 1000);
      expect([plan.brief.groupId, plan.brief.people]).toEqual(['demo-lunch', 11]);
      expect(plan.brief.concerns).toContain('falls-or-faints');
    }
  });

  it('has weeks of lunches that say what helped: counted, not praised', () => {
    addTaughtWeeks(server, () => `demo-id-${n++}`, Date.UTC(2026, 10, 24));
    const { answers, names } = server.people.helped('demo-lunch');
    expect(names['ball-along-the-sole']).toBe('Ball along the sole');
    const said = whatHelped(
      answers.map(({ exerciseId, at, answer }) => ({ exerciseId, answer, day: Date.parse(at) / 86_400_000 })),
      ['ball-along-the-sole', 'one-leg-stand'],
    );
    expect(said.map(({ n: times, better }) => [times, better])).toEqual([
      [11, 9],
      [3, 1],
    ]);
  });

  it('has one class that was taught, two reps short on one side', () => {
    addTaughtClass(server, () => `demo-id-${n++}`, Date.UTC(2026, 10, 24));
    const [summary] = server.runs.list({ limit: 1 }).runs;
    const run = server.runs.read(summary?.id ?? '');
    const find = (id: string) => run.revisions.find((r) => r.revision === id)?.exercise ?? null;
    const state = replay(run.plan, run.events, run.events.at(-1)?.atMs ?? 0, find);
    expect(state.status).toBe('over');
    expect(state.records).toHaveLength(state.bouts.length);
    expect(owed(state)).toMatchObject([{ side: 'right', units: 2 }]);
  });

  it.each(reads.map((r) => [r.plan.title, r] as const))(
    '%s lands in its slot and can be taught there',
    (_, { plan, revisions }) => {
      expect(Plan.safeParse(plan).error).toBeUndefined();
      const timeline = buildTimeline({
        plan,
        find: (id) => revisions.find((r) => r.revision === id)?.exercise ?? null,
      });
      expect(timeline.problems).toEqual([]);
      expect(timeline.totalMs / 1000).toBeLessThanOrEqual(plan.slotSeconds);
      expect(timeline.totalMs / 1000).toBeGreaterThan(plan.slotSeconds * 0.85);
      const misfits = timeline.items.filter((t) => {
        const e = t.execution;
        return e?.floor === 'smooth-hard' && !floorSuits(e.floor, e.floorsRuledOut, plan.brief.floor);
      });
      expect(misfits).toEqual([]);
      expect(itemsOf(plan).length).toBeGreaterThan(2);
    },
  );
});
