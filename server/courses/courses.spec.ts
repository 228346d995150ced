import request from 'supertest';
import { ClassList, CoursePage } from '@core/contract';
import { type Course, newCourse } from '@core/course';
import { samplePlan, testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };
const course: Course = { ...newCourse('spring', 'Spring', '2026-03-02', 'Europe/London'), weeks: 3 };
const first = '2026-03-03';
const second = '2026-03-10';

describe('courses', () => {
  const open = () => {
    const server = testServer();
    const api = request(server.app);
    const plan = (key: string, title = 'Spring 1') => samplePlan(server, `spring-${key}`, title);
    return {
      plan,
      list: () => api.get('/api/courses').set(host),
      save: (of: Course, basedOn: number | null = null) =>
        api.put(`/api/courses/${of.id}`).set(host).send({ basedOn, course: of }),
      page: () => api.get('/api/courses/spring').set(host),
      plans: () => api.get('/api/courses/spring/plans').set(host),
      make: (...keys: string[]) =>
        api
          .post('/api/courses/spring/classes')
          .set(host)
          .send({ classes: keys.map((key) => ({ key, plan: plan(key) })) }),
      makeAs: (key: string, title: string) =>
        api
          .post('/api/courses/spring/classes')
          .set(host)
          .send({ classes: [{ key, plan: plan(key, title) }] }),
      edit: (key: string, basedOn: number, title: string) =>
        api
          .put(`/api/classes/spring-${key}`)
          .set(host)
          .send({ saveId: `by-hand-${basedOn}`, basedOn, plan: plan(key, title) }),
      teach: (key: string, runId: string, startedAt: string) =>
        api
          .put(`/api/runs/${runId}`)
          .set(host)
          .send({ classId: `spring-${key}`, version: 1, plan: plan(key), startedAt }),
      remove: (key: string) => api.delete(`/api/classes/spring-${key}`).set(host),
      classes: () => api.get('/api/classes').set(host),
      named: (words: string) => api.get('/api/classes').query({ words }).set(host),
    };
  };

  it('are saved on the version before; a save made on an older one overwrites nothing', async () => {
    const { list, save } = open();
    await save(course).expect(200, { version: 1 });
    await save({ ...course, weeks: 4 }, 1).expect(200, { version: 2 });
    await save({ ...course, weeks: 9 }, 1).expect(409);
    expect((await list()).body).toMatchObject({ courses: [{ version: 2, course: { weeks: 4 } }] });
    await save({ ...course, weeks: 4, archived: true }, 2).expect(200);
    expect((await list()).body).toEqual({ courses: [] });
  });

  it('make their classes, and make them anew', async () => {
    const { save, make, makeAs, page, plans } = open();
    await save(course);
    expect((await make(first, second).expect(200)).body).toEqual({ made: [first, second], kept: [] });
    await makeAs(first, 'Spring, other').expect(200);
    expect((await page()).body).toMatchObject({
      classes: [
        { key: first, title: 'Spring, other', version: 2, byHand: false, gone: false, taught: [] },
        { key: second, version: 1, items: [{ exerciseId: 'walk-and-notice' }, { exerciseId: 'two-foot-rise' }] },
      ],
    });
    expect((await plans()).body).toMatchObject({
      plans: [{ key: first, plan: { title: 'Spring, other' } }, { key: second }],
    });
  });

  it('never write over a class that was changed by hand', async () => {
    const { save, make, edit, page } = open();
    await save(course);
    await make(first, second);
    await edit(first, 1, 'Mine').expect(200);
    expect((await make(first, second)).body).toEqual({ made: [second], kept: [{ key: first, why: 'by-hand' }] });
    expect(CoursePage.parse((await page()).body).classes[0]).toMatchObject({ title: 'Mine', byHand: true });
  });

  it('nor one that was taught; taught from two tablets, and by a clock that was set back, it is one class', async () => {
    const { save, make, teach, page } = open();
    await save(course);
    await make(first);
    await teach(first, 'run-one', '2026-03-03T18:30:00.000Z').expect(204);
    await teach(first, 'run-two', '2016-01-01T00:00:00.000Z').expect(204);
    expect((await make(first)).body).toEqual({ made: [], kept: [{ key: first, why: 'taught' }] });
    expect(CoursePage.parse((await page()).body).classes).toMatchObject([
      { key: first, taught: [{ runId: 'run-two' }, { runId: 'run-one' }] },
    ]);
  });

  it('bring a class back that was taken out, once they are asked to make it', async () => {
    const { save, make, remove, page } = open();
    await save(course);
    await make(first);
    await remove(first).expect(204);
    expect(CoursePage.parse((await page()).body).classes[0]).toMatchObject({ gone: true });
    expect((await make(first)).body).toMatchObject({ made: [first] });
    expect(CoursePage.parse((await page()).body).classes[0]).toMatchObject({ gone: false });
  });

  it('keep their classes with them: the list of classes has them only where somebody asks by name', async () => {
    const { save, make, classes, named } = open();
    await save(course);
    await make(first, second);
    expect(ClassList.parse((await classes()).body).classes).toEqual([]);
    expect(ClassList.parse((await named('spring')).body).classes).toHaveLength(2);
  });

  it('take all classes or none: a date that the course has no more is refused, and nothing is made', async () => {
    const { save, make, page, classes } = open();
    await save(course);
    const answer = await make(first, '2026-03-04').expect(422);
    expect(answer.body).toMatchObject({ code: 'no-such-date', title: 'Spring has no class on 2026-03-04' });
    expect(CoursePage.parse((await page()).body).classes).toEqual([]);
    expect(ClassList.parse((await classes()).body).classes).toEqual([]);
  });

  it('are refused with the reason where they make no sense', async () => {
    const { save } = open();
    const words = async (change: Partial<Course>) =>
      JSON.stringify((await save({ ...course, ...change }).expect(422)).body);
    expect(await words({ zone: 'Mars/Olympus' })).toContain('is not one that this machine knows');
    expect(await words({ off: [{ from: '2026-03-09', to: '2026-03-02', why: 'closed', note: '' }] })).toContain(
      'ends before it begins',
    );
    expect(await words({ weekly: [course.weekly[0]!, course.weekly[0]!] })).toContain('a course has one class a day');
  });
});
