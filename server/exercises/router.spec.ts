import request from 'supertest';
import { type ExerciseRevision, type ExerciseUses, LibraryPage, type Problem } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import { defaultLoadRules } from '@core/load';
import { defaultPace } from '@core/plan';
import { catalogue } from '@core/exercise/catalogue';
import { samplePlan, testServer } from '../testing/server';

const server = testServer();
afterAll(() => server.close());
const host = '127.0.0.1:4310';
const get = (path: string) => request(server.app).get(path).set('Host', host);
const put = (path: string, body: object) =>
  request(server.app).put(path).set('Host', host).set('Origin', `http://${host}`).send(body);
const post = (path: string, body: object = {}) =>
  request(server.app).post(path).set('Host', host).set('Origin', `http://${host}`).send(body);

const rise = catalogue.find((e) => e.id === 'two-foot-rise')!;
const current = async (id: string) => (await get(`/api/exercises/${id}`).expect(200)).body as ExerciseRevision;

const asked = async (query: string) => LibraryPage.parse((await get(`/api/exercises${query}`).expect(200)).body);
/** The library as a page gathers it. */
async function wholeLibrary(): Promise<ExerciseRevision[]> {
  const exercises: ExerciseRevision[] = [];
  for (let from: number | null = 0; from !== null;) {
    const page: LibraryPage = await asked(`?from=${from}`);
    exercises.push(...page.exercises);
    from = page.next;
  }
  return exercises;
}

describe('an instructor’s own exercises', () => {
  it('are made, found again in the library, and kept as revisions', async () => {
    const own = {
      ...rise,
      id: 'rise-with-a-wave',
      name: { plain: 'Rise with a wave', anatomical: 'Rise with a wave' },
    };
    const made = (await put('/api/exercises/rise-with-a-wave', { basedOn: null, exercise: own }).expect(200))
      .body as ExerciseRevision;
    expect(made).toMatchObject({ origin: 'own', changed: false, removed: false });
    const edited = { ...own, purpose: 'Said better.' };
    const again = (
      await put('/api/exercises/rise-with-a-wave', { basedOn: made.revision, exercise: edited }).expect(200)
    ).body as ExerciseRevision;
    expect(again.revision).not.toBe(made.revision);
    expect(server.library.byRevision([made.revision])[0]?.exercise.purpose).toBe(own.purpose);
    const list = await wholeLibrary();
    expect(list.find((e) => e.exercise.id === 'rise-with-a-wave')?.revision).toBe(again.revision);
  });

  it('come page by page, and to a page that has them only what changed since', async () => {
    const first = await asked('');
    expect(first).toMatchObject({ whole: true, gone: [] });
    const exercises = await wholeLibrary();
    // in the order in which they came, which is the catalogue's: suggestions are looked for in it
    expect(exercises.slice(0, catalogue.length).map((r) => r.exercise.id)).toEqual(catalogue.map(({ id }) => id));
    expect(exercises).toHaveLength(server.library.current().length);
    expect(await asked(`?since=${first.at}`)).toMatchObject({ whole: false, exercises: [], gone: [] });
    const { exercise, revision } = await current('rise-with-a-wave');
    await put('/api/exercises/rise-with-a-wave', {
      basedOn: revision,
      exercise: { ...exercise, purpose: 'Said once more.' },
    }).expect(200);
    await request(server.app).delete('/api/exercises/short-foot').set('Host', host).expect(204);
    const changed = await asked(`?since=${first.at}`);
    expect(changed.exercises.map((r) => r.exercise.purpose)).toEqual(['Said once more.']);
    expect(changed.gone).toEqual(['short-foot']);
    await request(server.app).post('/api/exercises/short-foot/restore').set('Host', host).expect(204);
    expect((await asked(`?since=${changed.at}`)).exercises.map((r) => r.exercise.id)).toEqual(['short-foot']);
    const { exercise: built, revision: original } = await current('short-foot');
    await put('/api/exercises/short-foot', { basedOn: original, exercise: { ...built, purpose: 'Mine.' } }).expect(200);
    const mine = await asked(`?since=${changed.at}`);
    expect(mine.exercises.map((r) => r.changed)).toEqual([true]);
    await post('/api/exercises/short-foot/return').expect(200);
    expect((await asked(`?since=${mine.at}`)).exercises.map((r) => r.revision)).toEqual([original]);
    // a server that was started anew does not know what this one has said
    expect((await asked('?since=another.3')).whole).toBe(true);
  });

  it('refuse an edit of a revision that is no longer current, and the same name twice', async () => {
    const { exercise, revision } = await current('rise-with-a-wave');
    const stale = await put('/api/exercises/rise-with-a-wave', {
      basedOn: 'f'.repeat(32),
      exercise: { ...exercise, purpose: 'From another page.' },
    }).expect(409);
    expect((stale.body as Problem).code).toBe('exercise-changed');
    const twice = await put('/api/exercises/rise-with-a-wave', {
      basedOn: null,
      exercise: { ...exercise, purpose: 'A second one.' },
    }).expect(409);
    expect((twice.body as Problem).code).toBe('id-in-use');
    expect((await current('rise-with-a-wave')).revision).toBe(revision);
    // the same content once more is no clash
    await put('/api/exercises/rise-with-a-wave', { basedOn: 'f'.repeat(32), exercise }).expect(200);
  });

  it.each([
    [
      'a ladder with a loop',
      { ladder: { ...rise.ladder!, rungs: [...rise.ladder!.rungs, { ...rise.ladder!.rungs[0]!, id: 'again' }] } },
      `ladder.rungs.${rise.ladder!.rungs.length}.axes`,
      'loop',
    ],
    [
      'a phase of no length',
      { performance: { ...rise.performance, phases: [{ ...rise.performance.phases[0]!, seconds: 0 }] } },
      'performance.phases.0.seconds',
      'quarter of a second',
    ],
    [
      'a gate on a measure that does not exist',
      {
        ladder: {
          ...rise.ladder!,
          rungs: rise.ladder!.rungs.map((r, i) =>
            i === 0
              ? { ...r, gate: { test: 'check', check: 'aura', value: null, occasions: 1, words: 'It glows.' } }
              : r,
          ),
        },
      },
      'ladder.rungs.0.gate.check',
      'does not exist',
    ],
    [
      'an unknown contact',
      {
        performance: {
          ...rise.performance,
          phases: [
            {
              ...rise.performance.phases[0]!,
              working: {
                ...rise.performance.phases[0]!.working,
                contacts: {
                  ...rise.performance.phases[0]!.working.contacts,
                  heel: { contact: 'floats', meets: 'air' },
                },
              },
            },
          ],
        },
      },
      'performance.phases.0.working.contacts.heel.contact',
      'press, rest, lift, hang',
    ],
  ])('refuse %s with the field and the reason', async (_, change, path, reason) => {
    const answer = await put('/api/exercises/bad-one', {
      basedOn: null,
      exercise: { ...rise, id: 'bad-one', ...change },
    }).expect(422);
    const problem = answer.body as Problem;
    const field = problem.fields?.find((f) => f.path === `exercise.${path}`);
    expect(field?.words).toContain(reason);
    await get('/api/exercises/bad-one').expect(404);
  });
});

describe('a changed built-in exercise', () => {
  it('says so, survives the next start, and returns to its original', async () => {
    const before = await current('two-foot-rise');
    const changed = (
      await put('/api/exercises/two-foot-rise', {
        basedOn: before.revision,
        exercise: { ...rise, purpose: 'Mine.' },
      }).expect(200)
    ).body as ExerciseRevision;
    expect(changed).toMatchObject({ origin: 'built-in', changed: true });
    server.library.addBuiltIns(catalogue);
    expect((await current('two-foot-rise')).revision).toBe(changed.revision);
    const back = (await post('/api/exercises/two-foot-rise/return').expect(200)).body as ExerciseRevision;
    expect(back).toMatchObject({ revision: before.revision, changed: false });
    await post('/api/exercises/rise-with-a-wave/return').expect(409);
  });

  it('shows which planned classes could move, moves them, and keeps taught ones as they were', async () => {
    const plan = samplePlan(server, 'class-using-rise');
    await post('/api/classes', { saveId: 'save-using-rise', plan }).expect(201);
    await put('/api/runs/run-of-rise', {
      classId: plan.id,
      version: 1,
      plan,
      startedAt: '2026-11-25T12:00:00Z',
    }).expect(204);
    const { exercise, revision } = await current('two-foot-rise');
    const slower = {
      ...exercise,
      performance: {
        ...exercise.performance,
        phases: exercise.performance.phases.map((p) => ({ ...p, seconds: p.seconds + 1 })),
      },
    };
    await put('/api/exercises/two-foot-rise', { basedOn: revision, exercise: slower }).expect(200);
    const uses = (await get('/api/exercises/two-foot-rise/classes').expect(200)).body as ExerciseUses;
    expect(uses.taught).toBe(1);
    // 12 reps, three phases each a second longer: 36 s
    expect(uses.classes).toMatchObject([{ classId: plan.id, items: 1, upToDate: false, problem: null }]);
    expect((uses.classes[0]?.afterMs ?? 0) - (uses.classes[0]?.beforeMs ?? 0)).toBe(36_000);
    await post('/api/exercises/two-foot-rise/move', { classIds: [plan.id] }).expect(200, { moved: [plan.id] });
    const after = (await get('/api/exercises/two-foot-rise/classes').expect(200)).body as ExerciseUses;
    expect(after.classes[0]?.upToDate).toBe(true);
    const run = (await get('/api/runs/run-of-rise').expect(200)).body as { plan: typeof plan };
    expect(run.plan).toEqual(plan);
  });

  it('moves all classes or none: an unknown one refuses the whole, and one without the exercise is left alone', async () => {
    const { exercise, revision } = await current('two-foot-rise');
    await put('/api/exercises/two-foot-rise', {
      basedOn: revision,
      exercise: { ...exercise, purpose: 'Said once more.' },
    }).expect(200);
    await post('/api/exercises/two-foot-rise/move', { classIds: ['class-using-rise', 'no-such-class'] }).expect(404);
    const uses = (await get('/api/exercises/two-foot-rise/classes').expect(200)).body as ExerciseUses;
    expect(uses.classes.find((c) => c.classId === 'class-using-rise')?.upToDate).toBe(false);
    const plan = samplePlan(server, 'class-without');
    const [block] = plan.blocks;
    if (!block) throw new Error('sample');
    const without = { ...plan, blocks: [{ ...block, items: block.items.slice(0, 1) }] };
    await post('/api/classes', { saveId: 'save-without', plan: without }).expect(201);
    await post('/api/exercises/two-foot-rise/move', { classIds: ['class-without', 'class-using-rise'] }).expect(200, {
      moved: ['class-using-rise'],
    });
    expect(((await get('/api/classes/class-without').expect(200)).body as { version: number }).version).toBe(1);
  });

  it('tells how the exercises of a class are dosed in others, the newest first', async () => {
    const plan = samplePlan(server, 'class-dosed', 'Dosed otherwise');
    await post('/api/classes', { saveId: 'save-dosed', plan }).expect(201);
    const { doses } = (await get('/api/classes/class-using-rise/other-doses').expect(200)).body as {
      doses: { exerciseId: string; title: string }[];
    };
    expect(doses.filter((d) => d.exerciseId === 'two-foot-rise').map((d) => d.title)[0]).toBe('Dosed otherwise');
    expect(doses.some((d) => d.title === 'Quiet ankles' && d.exerciseId === 'two-foot-rise')).toBe(false);
  });

  it('names the classes that use an exercise page by page, each once; a cursor that nobody gave begins anew', async () => {
    for (let i = 0; i < 14; i++)
      await post('/api/classes', { saveId: `save-page-${i}`, plan: samplePlan(server, `class-page-${i}`) }).expect(201);
    const page = async (after: string) =>
      (await get(`/api/exercises/two-foot-rise/classes?after=${after}`).expect(200)).body as ExerciseUses;
    const seen: string[] = [];
    for (let at: string | null = '0'; at !== null;) {
      const { classes, next, total } = await page(at);
      seen.push(...classes.map(({ classId }) => classId));
      expect(total).toBeGreaterThan(14);
      at = next;
    }
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen.length).toBe((await page('0')).total);
    expect(await page('nowhere')).toEqual(await page('0'));
    expect(await page('-3')).toEqual(await page('0'));
  });

  it('does not move a class that stands on a rung which is gone, and says why', async () => {
    const { exercise, revision } = await current('two-foot-rise');
    const rungs = exercise.ladder!.rungs.map((r) => (r.id === 'fingertips' ? { ...r, id: 'light-touch' } : r));
    await put('/api/exercises/two-foot-rise', {
      basedOn: revision,
      exercise: { ...exercise, ladder: { startRung: 'light-touch', rungs } },
    }).expect(200);
    const uses = (await get('/api/exercises/two-foot-rise/classes').expect(200)).body as ExerciseUses;
    expect(uses.classes[0]?.problem).toContain('fingertips');
    await post('/api/exercises/two-foot-rise/move', { classIds: ['class-using-rise'] }).expect(200, { moved: [] });
  });
});

describe('what the teacher prefers', () => {
  it('starts at the defaults, is kept, and refuses an answer that no school gives', async () => {
    const pace = { ...defaultPace(), moveBandSeconds: 20 };
    const start = { school: defaultSchool, pace: defaultPace(), words: [], weekly: {}, load: defaultLoadRules };
    await get('/api/preferences').expect(200, start);
    const school = { ...defaultSchool, breath: 'out-on-effort' };
    const words = [{ word: 'limpet', means: 'short foot' }];
    const weekly = { 'knee-to-wall': 0.3 };
    const load = { ...defaultLoadRules, risesPercent: 50 };
    await put('/api/preferences', { school, pace, words, weekly, load }).expect(204);
    await get('/api/preferences').expect(200, { school, pace, words, weekly, load });
    await put('/api/preferences', { school: { ...school, breath: 'sideways' }, pace }).expect(422);
    await put('/api/preferences', { school, pace: { ...pace, talkNewSeconds: -1 } }).expect(422);
    await put('/api/preferences', { school, pace, words: [{ word: '', means: 'x' }] }).expect(422);
    await put('/api/preferences', { school, pace, words, weekly: { 'toe-telepathy': 1 } }).expect(422);
    await put('/api/preferences', { school, pace, words, weekly: { 'knee-to-wall': 0 } }).expect(422);
    await put('/api/preferences', { school, pace, load: { ...load, least: -1 } }).expect(422);
    await get('/api/preferences').expect(200, { school, pace, words, weekly, load });
    expect(server.faults).toEqual([]);
  });
});
