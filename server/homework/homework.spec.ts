import * as fontkit from 'fontkit';
import request from 'supertest';
import { HomeworkList, HomeworkPage } from '@core/contract';
import { type Course, newCourse } from '@core/course';
import { catalogue } from '@core/exercise/catalogue';
import { type HomeItem, type Homework, newHomework } from '@core/homework';
import { newStudent } from '@core/roster';
import { readPdf } from '../testing/read-pdf';
import { samplePlan, testServer } from '../testing/server';
import { faces, fontFile, runsOf } from '../paper/print';

const host = { Host: '127.0.0.1:4310' };
const monday = '2026-11-30';
const student = { ...newStudent('oswin-1', 'Oswin Łódka', ['lunch']), age: '70-79' as const };

const open = () => {
  const server = testServer();
  const api = request(server.app);
  const item = (exerciseId: string, change: Partial<HomeItem> = {}): HomeItem => {
    const { revision, exercise } = server.library.one(exerciseId);
    return {
      id: `item-${exerciseId}`,
      exerciseId,
      revision,
      rungId: exercise.ladder?.startRung ?? null,
      dose: exercise.doses.usual,
      sets: [2, 3],
      rhythm: 'every-other-day',
      hidesIn: 'while the kettle boils',
      note: '',
      ...change,
    };
  };
  const sheet = (id: string, change: Partial<Homework> = {}): Homework => ({
    ...newHomework(id, 'Between classes', { kind: 'student', studentId: student.id }, monday),
    items: [item('two-foot-rise'), item('toe-wave', { rhythm: 'daily', sets: [1, 1] })],
    ...change,
  });
  const save = (of: Homework, basedOn: number | null = null) =>
    api.put(`/api/homework/${of.id}`).set(host).send({ basedOn, homework: of });
  return {
    server,
    sheet,
    item,
    save,
    list: async (query: object = {}) => {
      const answer = await api.get('/api/homework').query(query).set(host).expect(200);
      return HomeworkList.parse(answer.body);
    },
    between: (from: string, to: string) => api.get('/api/homework/between').query({ from, to }).set(host),
    page: (id: string) => api.get(`/api/homework/${id}`).set(host),
    pdf: (id: string, size: string) =>
      api
        .get(`/api/homework/${id}/sheet.pdf`)
        .query({ size })
        .set(host)
        .buffer(true)
        .parse((response, done) => {
          const chunks: Buffer[] = [];
          response.on('data', (chunk: Buffer) => chunks.push(chunk));
          response.on('end', () => done(null, Buffer.concat(chunks)));
        }),
    people: async () => {
      await api
        .put('/api/people/groups/lunch')
        .set(host)
        .send({ basedOn: null, group: { format: 1, id: 'lunch', name: 'Lunch', note: '', archived: false } });
      await api.put(`/api/people/students/${student.id}`).set(host).send({ basedOn: null, student }).expect(200);
    },
    drop: () => api.delete(`/api/people/students/${student.id}`).set(host),
    course: async (of: Course) => {
      await api.put(`/api/courses/${of.id}`).set(host).send({ basedOn: null, course: of }).expect(200);
    },
    make: (id: string, key: string) =>
      api
        .post(`/api/courses/${id}/classes`)
        .set(host)
        .send({ classes: [{ key, plan: samplePlan(server, `${id}-${key}`) }] }),
  };
};

describe('homework', () => {
  it('is saved on the version before; a save made on an older one overwrites nothing', async () => {
    const { people, save, sheet, page } = open();
    await people();
    await save(sheet('home')).expect(200, { version: 1 });
    await save(sheet('home', { minutes: 12 }), 1).expect(200, { version: 2 });
    await save(sheet('home', { minutes: 20 }), 1).expect(409);
    expect((await page('home')).body).toMatchObject({ version: 2, homework: { minutes: 12 }, who: student.name });
  });

  it('stands in lists by its last day, page by page; put away, in the other list', async () => {
    const { people, save, sheet, list, between } = open();
    await people();
    await save(sheet('first', { weeks: 1 }));
    await save(sheet('second', { weeks: 3 }));
    await save(sheet('away', { archived: true }));
    const first = await list({ limit: 1 });
    expect(first.homework.map(({ homework }) => homework.id)).toEqual(['second']);
    const next = await list({ limit: 1, after: first.next });
    expect([next.homework.map(({ homework }) => homework.id), next.next]).toEqual([['first'], null]);
    expect((await list({ archived: 'yes' })).homework).toHaveLength(1);
    expect((await list({ student: 'somebody-else' })).homework).toEqual([]);
    // the second week has the longer one alone; the day after its last has none
    const ids = async (from: string, to: string) =>
      HomeworkList.parse((await between(from, to)).body).homework.map(({ homework }) => homework.id);
    expect(await ids('2026-12-08', '2026-12-08')).toEqual(['second']);
    expect(await ids('2026-12-21', '2026-12-25')).toEqual([]);
  });

  it('knows the classes of the group on its days, and what they do', async () => {
    const { people, save, sheet, page, course, make } = open();
    await people();
    await course({ ...newCourse('winter', 'Winter', monday, 'Europe/London'), groupId: 'lunch', weeks: 6 });
    await make('winter', '2026-12-01').expect(200);
    await save(sheet('home'));
    const { classes, mobiliseDays } = HomeworkPage.parse((await page('home')).body);
    // a class a week for the four weeks that a sheet can run, the first of them planned
    expect(classes.map(({ date }) => date)).toEqual(['2026-12-01', '2026-12-08', '2026-12-15', '2026-12-22']);
    expect(classes[0]?.does?.exerciseIds).toContain('two-foot-rise');
    expect(classes[0]?.does?.loads).toContain('calf');
    expect(classes[1]?.does).toBeNull();
    expect(mobiliseDays).toBe(5);
  });

  it('comes with the exercises that it pins, as they were then: a page that has only newer ones shows the same as paper', async () => {
    const { server, people, save, sheet, page } = open();
    await people();
    await save(sheet('home'));
    const { exercise, revision } = server.library.one('two-foot-rise');
    server.library.save({ basedOn: revision, exercise: { ...exercise, purpose: 'Another purpose.' } });
    const { revisions } = HomeworkPage.parse((await page('home')).body);
    expect(revisions.map((one) => one.revision)).toContain(revision);
    expect(server.library.one('two-foot-rise').revision).not.toBe(revision);
  });

  it('of a student goes with the student, and does not come back', async () => {
    const { people, save, sheet, page, drop } = open();
    await people();
    await save(sheet('home'));
    await drop().expect(200);
    await page('home').expect(404);
    await save(sheet('later')).expect(404);
  });

  it('that makes no sense is refused with the field at fault', async () => {
    const { people, save, sheet } = open();
    await people();
    const { body } = (await save({ ...sheet('home'), weeks: 9 }).expect(422)) as { body: { fields?: unknown } };
    expect(JSON.stringify(body)).toContain('weeks');
  });
});

describe('homework on paper, read back by another package', () => {
  it('is one page of A4 that says who, what, how often and when to stop', async () => {
    const { people, save, sheet, pdf } = open();
    await people();
    await save(sheet('home'));
    const { body, headers } = (await pdf('home', 'a4').expect(200)) as {
      body: Buffer;
      headers: Record<string, string>;
    };
    expect(headers['content-type']).toBe('application/pdf');
    const { text, pages } = readPdf(body);
    expect(pages).toBe(1);
    for (const said of [
      'Oswin Łódka',
      '30 November to 13 December',
      'Rise on both feet',
      '2 to 3 sets, every other day',
    ])
      expect(text).toContain(said);
    expect(text).toContain('Stop for sharp pain');
    // fonts travel with the file
    expect(body.toString('latin1').match(/\/FontFile[23]/g)?.length).toBeGreaterThanOrEqual(2);
  });

  it('is still one page with eight exercises and four weeks', async () => {
    const { people, save, sheet, item, pdf } = open();
    await people();
    const ids = ['two-foot-rise', 'toe-wave', 'short-foot', 'ankle-circles', 'one-leg-stand', 'towel-gather'];
    const items = [...ids, 'rise-and-stay', 'calf-stretch-straight-knee'].map((id) =>
      item(id, { note: 'Slowly. '.repeat(15).trim() }),
    );
    await save(sheet('home', { items, weeks: 4 })).expect(200);
    const { body } = (await pdf('home', 'a4')) as { body: Buffer };
    expect(readPdf(body).pages).toBe(1);
  });

  it('fits a phone, its days as words', async () => {
    const { people, save, sheet, pdf } = open();
    await people();
    await save(sheet('home'));
    const { body } = (await pdf('home', 'phone')) as { body: Buffer };
    const { text, width } = readPdf(body);
    expect(width).toBeLessThanOrEqual(360);
    expect(text).toContain('Mon 30 November: 1, 2');
  });

  it('has a letter for everything the catalogue says', () => {
    const font = (name: keyof typeof faces) => fontkit.create(fontFile(faces[name])) as fontkit.Font;
    const [basic, further] = [font('plain'), font('plainFurther')];
    const missing = new Set<string>();
    for (const { name, cues, ladder, cautions, faults } of catalogue)
      for (const run of runsOf(JSON.stringify([name, cues, ladder, cautions, faults])))
        for (const letter of run.text)
          if (!(run.further ? further : basic).hasGlyphForCodePoint(letter.codePointAt(0) ?? 0)) missing.add(letter);
    expect([...missing]).toEqual([]);
  });

  it('prints names of other alphabets as far as it can, and says where it cannot', () => {
    expect(runsOf('Łucja')).toEqual([
      { further: true, text: 'Ł' },
      { further: false, text: 'ucja' },
    ]);
    expect(runsOf('Ω1')).toEqual([{ further: false, text: '·1' }]);
  });
});
