import request from 'supertest';
import { Desk, DeskGroup } from '@core/contract';
import { type Course, newCourse } from '@core/course';
import { newHomework } from '@core/homework';
import { type LadderNote, newStudent } from '@core/roster';
import { numbers, sampleReading } from '@core/testing/sample-reading';
import { floorTeacher } from '@core/testing/floor-teacher';
import { samplePlan, testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };
/** Tuesdays at 18:30 in London, from 3 March 2026 on; the clock goes forward there on the 29th. */
const course: Course = {
  ...newCourse('spring', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 6,
  weekly: [{ weekday: 2, time: '18:30', minutes: 30 }],
  groupId: 'lunch',
};
const group = (id: string, archived = false) => ({ format: 1 as const, id, name: id, note: '', archived });

function open(change: Partial<Course> = {}) {
  const server = testServer();
  const { people, courses } = server;
  people.people.saveGroup('lunch', { basedOn: null, group: group('lunch') });
  const mara = { ...newStudent('mara', 'Mara Lind', ['lunch']), consent: { date: '2026-01-01', by: 'self' as const } };
  people.people.saveStudent('mara', { basedOn: null, student: mara });
  courses.save('spring', { basedOn: null, course: { ...course, ...change } });
  const desk = async (at: string): Promise<Desk> => {
    const query = { at: `${at}:00.000Z`, today: at.slice(0, 10) };
    const answer = await request(server.app).get('/api/desk').query(query).set(host).expect(200);
    return Desk.parse(answer.body);
  };
  const lunch = async (at: string): Promise<DeskGroup> => {
    const query = { at: `${at}:00.000Z`, today: at.slice(0, 10) };
    const answer = await request(server.app).get('/api/desk/groups/lunch').query(query).set(host).expect(200);
    return DeskGroup.parse(answer.body);
  };
  const planOf = (id: string, title?: string) => {
    const plan = samplePlan(server, id, title);
    return { ...plan, brief: { ...plan.brief, groupId: 'lunch', people: 8 } };
  };
  const make = (...keys: string[]) =>
    courses.make('spring', { classes: keys.map((key) => ({ key, plan: planOf(`spring-${key}`, `Spring ${key}`) })) });
  /** Begun on a date, so many bouts taught, then ended. */
  const teach = (runId: string, classId: string, date: string, bouts: number) => {
    const plan = planOf(classId);
    const find = (revision: string) => server.library.byRevision([revision])[0]?.exercise ?? null;
    const teacher = floorTeacher(plan, find);
    for (let i = 0; i < bouts; i++) {
      teacher.count();
      teacher.work();
    }
    teacher.tell({ kind: 'ended' });
    server.runs.start(runId, { classId, version: 1, plan, startedAt: `${date}T18:30:00.000Z` });
    server.runs.add(
      runId,
      teacher.events.map((event) => ({ ...event, runId })),
    );
  };
  return { server, desk, lunch, make, teach, planOf };
}

describe('the class that comes next', () => {
  it('is the first that is neither over nor taught, at its instant, whatever the clock there does', async () => {
    const { desk, make } = open();
    make('2026-03-31');
    expect((await desk('2026-03-03T18:59')).next).toMatchObject({ key: '2026-03-03', number: 1, of: 6, classId: null });
    expect((await desk('2026-03-03T19:00')).next).toMatchObject({ key: '2026-03-10' });
    // in summer time half past six is half past five elsewhere
    expect((await desk('2026-03-30T12:00')).next).toMatchObject({
      startsAt: '2026-03-31T17:30:00.000Z',
      classId: 'spring-2026-03-31',
    });
    expect((await desk('2026-03-31T18:00')).next).toMatchObject({ key: '2026-04-07' });
  });

  it('is not one that is in the log already, nor one of a course that is put away', async () => {
    const { desk, make, teach } = open();
    make('2026-03-03');
    teach('run-1', 'spring-2026-03-03', '2026-03-03', 1);
    const found = await desk('2026-03-03T18:40');
    expect(found.next?.key).toBe('2026-03-10');
    // what was taught lately is asked for only where nothing comes
    expect(found.lately).toEqual([]);
    expect((await open({ archived: true }).desk('2026-03-03T12:00')).next).toBeNull();
  });

  it('says what to put out for how many, and what these people have not had lately', async () => {
    const { desk, make, teach, server, planOf } = open();
    make('2026-03-10');
    const { next } = await desk('2026-03-09T12:00');
    expect(next?.made?.people).toBe(8);
    expect(next?.made?.summary).toEqual(server.classes.summary('spring-2026-03-10'));
    expect(next?.made?.fresh).toEqual([]);
    expect(next?.made?.unknown).toEqual([]);
    // taught something else before: the rise is new to them
    const walk = planOf('walk-only');
    const [block] = walk.blocks;
    const only = { ...walk, blocks: [{ ...block!, items: block!.items.slice(0, 1) }] };
    server.runs.start('run-0', { classId: 'walk-only', version: 1, plan: only, startedAt: '2026-03-03T18:30:00.000Z' });
    expect((await desk('2026-03-09T12:00')).next?.made?.fresh).toEqual(['Rise on both feet']);
    teach('run-1', 'spring-2026-03-03', '2026-03-04', 2);
    expect((await desk('2026-03-09T12:00')).next?.made?.fresh).toEqual([]);
  });

  it('says what the files of its people say and the class does not know', async () => {
    const { desk, make, server } = open();
    make('2026-03-10');
    const { student, version } = server.people.people.student('mara');
    const caution = { concern: 'falls-or-faints' as const, note: '', cleared: null };
    server.people.people.saveStudent('mara', { basedOn: version, student: { ...student, cautions: [caution] } });
    expect((await desk('2026-03-09T12:00')).next?.made?.unknown).toEqual(['falls-or-faints']);
    const { plan, version: before } = server.classes.read('spring-2026-03-10');
    const told = { ...plan, brief: { ...plan.brief, concerns: ['falls-or-faints' as const] } };
    server.classes.save(plan.id, { saveId: 'save-1', basedOn: before, plan: told });
    expect((await desk('2026-03-09T12:00')).next?.made?.unknown).toEqual([]);
  });

  it('is read anew when somebody changes it', async () => {
    const { desk, make, server } = open();
    make('2026-03-10');
    await desk('2026-03-09T12:00');
    const { plan, version } = server.classes.read('spring-2026-03-10');
    const fewer = { ...plan, brief: { ...plan.brief, people: 3 } };
    server.classes.save(plan.id, { saveId: 'save-1', basedOn: version, plan: fewer });
    expect((await desk('2026-03-09T12:00')).next?.made?.people).toBe(3);
  });

  it('brings what was left when these people were taught last, and whether it has the exercise', async () => {
    const { desk, make, teach, server } = open();
    make('2026-03-10');
    expect((await desk('2026-03-09T12:00')).next?.left).toBeNull();
    teach('run-1', 'spring-2026-03-03', '2026-03-03', 1);
    expect((await desk('2026-03-09T12:00')).next?.left).toMatchObject({
      runId: 'run-1',
      notReached: [{ words: 'Rise on both feet', then: 'comes' }],
    });
    // the class is changed: the rise is not in it any more
    const { plan, version } = server.classes.read('spring-2026-03-10');
    const [block] = plan.blocks;
    const without = { ...plan, blocks: [{ ...block!, items: block!.items.slice(0, 1) }] };
    server.classes.save(plan.id, { saveId: 'save-1', basedOn: version, plan: without });
    expect((await desk('2026-03-09T12:00')).next?.left?.notReached[0]?.then).toBe('rests');
  });
});

describe('what else lies on the desk', () => {
  it('is each class of the next seven days, and what nobody taught in the last fourteen', async () => {
    const { desk } = open({ taught: ['2026-03-10'] });
    const found = await desk('2026-03-18T12:00');
    expect([found.next?.key, ...found.coming.map(({ key }) => key)]).toEqual(['2026-03-24']);
    expect(found.notTaught.map(({ key }) => key)).toEqual(['2026-03-17']);
    expect((await desk('2026-03-17T12:00')).coming.map(({ key }) => key)).toEqual(['2026-03-24']);
    expect((await desk('2026-04-01T12:00')).notTaught.map(({ key }) => key)).toEqual(['2026-03-31', '2026-03-24']);
  });

  it('is whom to look at again, from their day on', async () => {
    const { lunch, server } = open();
    server.people.readings.add(
      sampleReading({
        id: 'read-1',
        studentId: 'mara',
        protocol: 'knee-to-wall',
        date: '2026-02-20',
        value: numbers(9),
      }),
    );
    const due = async (at: string) => (await lunch(at)).measure;
    // a first reading is looked at again from three days after it on
    expect(await due('2026-02-22T12:00')).toEqual([]);
    expect(await due('2026-02-25T12:00')).toEqual([
      { protocol: 'knee-to-wall', name: 'knee to wall', studentIds: ['mara'], since: '2026-02-23' },
    ]);
    expect((await lunch('2026-02-25T12:00')).students).toEqual([{ id: 'mara', name: 'Mara Lind' }]);
  });

  it('is who is ready for more; a note more, and it is worked out anew', async () => {
    const { lunch, server } = open();
    const note = (date: string, what: LadderNote['what']): void => {
      const of = { studentId: 'mara', exerciseId: 'one-leg-stand', foot: 'both' as const, by: '' };
      server.people.notes.add({ ...of, id: `note-${date}-${what.kind}`, date, what });
    };
    const conditions = { surface: 'floor', footwear: 'bare' } as const;
    const clean = { kind: 'clean', rungId: 'five-fingers', value: 30, conditions } as const;
    note('2026-02-10', { kind: 'placed', rungId: 'five-fingers', why: 'begins', note: '' });
    note('2026-02-17', clean);
    const moves = async () => (await lunch('2026-02-28T12:00')).moves;
    expect(await moves()).toEqual([]);
    note('2026-02-24', clean);
    const [ready, ...others] = await moves();
    expect(ready).toMatchObject({ studentId: 'mara', exercise: 'Stand on one leg', verdict: 'up' });
    expect(ready?.words).toContain('ready for');
    expect(others).toEqual([]);
    server.people.notes.mark('note-2026-02-24-clean', true);
    expect(await moves()).toEqual([]);
    note('2026-02-25', { kind: 'stop', sign: 'pain at night' });
    expect((await lunch('2026-02-28T12:00')).stops).toEqual([
      { studentId: 'mara', sign: 'pain at night', date: '2026-02-25' },
    ]);
  });

  it('is a group without a course as long as it was taught within four weeks', async () => {
    const { desk, teach, server } = open({ archived: true });
    teach('run-1', 'somewhere', '2026-03-03', 1);
    expect((await desk('2026-03-20T12:00')).groups.map(({ id }) => id)).toEqual(['lunch']);
    expect((await desk('2026-04-02T12:00')).groups).toEqual([]);
    // one that meets no more is left out
    server.people.people.saveGroup('lunch', { basedOn: 1, group: group('lunch', true) });
    expect((await desk('2026-03-20T12:00')).groups).toEqual([]);
  });

  it('is homework that is over and was not asked back', async () => {
    const { desk, server } = open();
    const walk = server.library.one('walk-and-notice');
    const of = { kind: 'level', groupId: 'lunch', words: '', concerns: [] } as const;
    const sheet = { ...newHomework('home-1', 'Between classes', { ...of, concerns: [] }, '2026-03-02'), weeks: 1 };
    const item = {
      id: 'home-walk',
      exerciseId: 'walk-and-notice',
      revision: walk.revision,
      rungId: null,
      dose: samplePlan(server, 'any').blocks[0]!.items.flatMap((one) => ('dose' in one ? one.dose : []))[0]!,
      sets: [1, 1] as [number, number],
      rhythm: 'daily' as const,
      hidesIn: '',
      note: '',
    };
    server.homework.save('home-1', { basedOn: null, homework: { ...sheet, items: [{ ...item, dose: [item.dose] }] } });
    const asked = async (at: string) => (await desk(at)).homework.map(({ title, who, to }) => [title, who, to]);
    expect(await asked('2026-03-08T12:00')).toEqual([]);
    expect(await asked('2026-03-09T12:00')).toEqual([['Between classes', 'lunch', '2026-03-08']]);
    expect(await asked('2026-04-09T12:00')).toEqual([]);
    server.homework.save('home-1', {
      basedOn: 1,
      homework: { ...sheet, daysDone: 5, items: [{ ...item, dose: [item.dose] }] },
    });
    expect(await asked('2026-03-09T12:00')).toEqual([]);
    // nothing is asked of an empty sheet, nor of one that was put away; of many the latest are
    const put = (id: string, from: string, change: object) =>
      server.homework.save(id, {
        basedOn: null,
        homework: { ...sheet, id, title: id, from, items: [{ ...item, dose: [item.dose] }], ...change },
      });
    put('home-empty', '2026-03-02', { items: [] });
    put('home-away', '2026-03-02', { archived: true });
    expect(await asked('2026-03-14T12:00')).toEqual([]);
    for (const day of [2, 3, 4, 5, 6]) put(`home-${day}`, `2026-03-0${day}`, {});
    expect((await asked('2026-03-14T12:00')).map(([title]) => title)).toEqual(['home-6', 'home-5', 'home-4', 'home-3']);
  });

  it('is the phase that begins in the week of the next class, in words; a missed week moves it', async () => {
    const doors = async (...taught: string[]) =>
      (await open({ weeks: 12, taught }).desk('2026-03-16T12:00')).doors.map(({ words }) => words);
    // two weeks of mobilising lie behind it; of a course of twelve the plans give it as many
    expect(await doors('2026-03-03', '2026-03-10')).toEqual(['Strengthen from week 3; it may from week 2.']);
    expect(await doors('2026-03-03')).toEqual([
      'Strengthen from week 4; it may from week 3. A week later than planned: week 2 missed.',
    ]);
  });

  it('is what was planned and never taught, classes of courses left out', async () => {
    const { desk, make, teach, server, planOf } = open();
    make('2026-03-10');
    server.classes.create({ saveId: 'save-a', plan: planOf('draft-a', 'A draft') });
    server.classes.create({ saveId: 'save-b', plan: planOf('draft-b', 'Taught') });
    teach('run-1', 'draft-b', '2026-03-03', 1);
    // the test's server writes in October
    expect((await desk('2026-10-02T12:00')).drafts.map(({ title }) => title)).toEqual(['A draft']);
    expect((await desk('2026-12-31T12:00')).drafts).toEqual([]);
  });

  it('has what was taught lately where nothing comes, each class once', async () => {
    const { desk, teach } = open({ archived: true });
    teach('run-1', 'class-a', '2026-03-03', 1);
    teach('run-2', 'class-a', '2026-03-10', 1);
    const { lately } = await desk('2026-03-20T12:00');
    expect(lately.map(({ runId }) => runId)).toEqual(['run-2']);
  });

  it('is refused without a moment that can be read', async () => {
    const { server } = open();
    await request(server.app).get('/api/desk').query({ at: 'soon', today: '2026-03-01' }).set(host).expect(422);
  });
});
