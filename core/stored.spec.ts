import { travel } from './dose';
import { readExercise } from './exercise';
import { catalogue } from './exercise/catalogue';
import { defaultPace, itemsOf, newPlan, readPlan } from './plan';
import { readRun } from './run';
import { readWords } from './read-words';
import { bareClass, sampleExercise } from './testing/sample';

const walk = sampleExercise('walk', { sidePattern: 'travelling', position: 'walking' });
const { plan } = bareClass([{ exercise: walk, dose: travel(2, 20, 80) }]);
/** As it would lie in a file. */
const stored = (value: unknown): Record<string, unknown> =>
  JSON.parse(JSON.stringify(value)) as Record<string, unknown>;
/** Lengths of the room as they were called before. */
const older = (value: unknown) => JSON.parse(JSON.stringify(value).replace('"lengths"', '"passes"')) as object;

describe('a stored document', () => {
  it('of today is read as it is', () => {
    expect(readPlan(stored(plan))).toEqual({ ok: true, value: plan });
    for (const exercise of catalogue) expect(readExercise(stored(exercise))).toMatchObject({ ok: true });
    // of before levels had weeks and feet a middle: what was said then says the same
    for (const exercise of catalogue.slice(0, 20))
      expect(readExercise({ ...exercise, format: 1 })).toEqual(readExercise(exercise));
    expect(readExercise({ ...catalogue[0], format: 3 })).toMatchObject({ error: { code: 'newer-format', known: 2 } });
    expect(readRun(stored({ format: 1, plan, events: [] }))).toMatchObject({ ok: true });
  });

  it('of an older format is brought up to date and loses nothing', () => {
    expect(readPlan({ ...older(plan), format: 1 })).toEqual({ ok: true, value: plan });
    const { format, ...unnumbered } = older(plan) as typeof plan;
    void format;
    expect(readPlan(unnumbered)).toEqual({ ok: true, value: plan });
  });

  it('of before kit was remembered fetches it as it did, and keeps what a teacher had changed of the pace', () => {
    const { kitOut, ...brief } = plan.brief;
    void kitOut;
    const earlier = { knownSetupSeconds: 6, newSetupSeconds: 20, propsSetupSeconds: 50, fiddlySetupSeconds: 45 };
    const pace = { ...earlier, secondSideShare: 0.6, talkNewSeconds: 12, fetchKitSeconds: 30, moveBandSeconds: 25 };
    const read = readPlan({ ...stored(plan), format: 2, brief, pace });
    if (!read.ok) throw new Error('not read');
    expect(read.value.brief.kitOut).toBe('when-needed');
    // what nobody had touched is today's figure; 50, 30 and 25 s were the teacher's own
    expect(read.value.pace).toEqual({
      ...defaultPace(),
      propsSetupSeconds: 50,
      fetchKitSeconds: 30,
      moveBandSeconds: 25,
    });
  });

  it('of before teachers strayed each in their own way strays as the start does', () => {
    const { workSpread, aroundSpread, daySpread, ...pace } = plan.pace;
    const read = readPlan({ ...stored(plan), format: 8, pace });
    expect(read).toEqual({ ok: true, value: plan });
    expect([workSpread, aroundSpread, daySpread]).toEqual([0.4, 0.8, 0.08]);
  });

  it('of before there was talk has exercises alone, each of them on its own, with all that was said of them', () => {
    const blocks = plan.blocks.map((block) => ({
      ...block,
      items: itemsOf(plan).map(({ kind, wornUntil, ...item }) => {
        void kind;
        void wornUntil;
        return { ...item, recheck: { of: null }, note: 'Count aloud.' };
      }),
    }));
    const read = readPlan({ ...stored(plan), format: 3, blocks });
    if (!read.ok) throw new Error('not read');
    const [item] = itemsOf(plan);
    expect(read.value.blocks[0]?.items).toEqual([{ ...item, recheck: { of: null }, note: 'Count aloud.' }]);
  });

  it('of before a class knew its group names none, and nobody was counted', () => {
    const { groupId, ...brief } = plan.brief;
    void groupId;
    const blocks = plan.blocks.map((block) => ({
      ...block,
      items: itemsOf(plan).map(({ heads, ...item }) => {
        void heads;
        return item;
      }),
    }));
    expect(readPlan({ ...stored(plan), format: 4, brief, blocks })).toEqual({ ok: true, value: plan });
  });

  it('of before rooms and music stands in rows of a plain room, one teaches, and nothing plays', () => {
    const { room, teachers, ideaTie, ...brief } = plan.brief;
    const { music, ...rest } = plan;
    void [room, teachers, ideaTie, music];
    const blocks = plan.blocks.map((block) => ({
      ...block,
      items: itemsOf(plan).map(({ piece, ...item }) => {
        void piece;
        return item;
      }),
    }));
    expect(readPlan({ ...stored(rest), format: 9, brief, blocks })).toEqual({ ok: true, value: plan });
  });

  it('is brought up wherever the old word lies: in an edit made while teaching too', () => {
    const event = (event: object) => ({ runId: 'run-1', deviceId: 'dev-1', seq: 0, atMs: 0, event });
    const dose = [{ ...travel(4, 20, 80), lengths: undefined, passes: 4 }];
    const adapted = { kind: 'adapted', command: { type: 'edit-item', itemId: 'item-0', change: { dose } } };
    const read = readRun(
      stored({
        plan: { ...older(plan), format: 1 },
        events: [event({ kind: 'moved', leg: 2 }), { ...event(adapted), seq: 1 }],
      }),
    );
    expect(read.ok && read.value.events.map((e) => e.event)).toEqual([
      { kind: 'moved', bout: 2 },
      { kind: 'adapted', command: { type: 'edit-item', itemId: 'item-0', change: { dose: [travel(4, 20, 80)] } } },
    ]);
  });

  it('of a newer format, cut in half, or of another kind is refused with its reason, and not changed', () => {
    const future = { ...stored(plan), format: 11 };
    const asked = JSON.stringify(future);
    const refused = readPlan(future);
    expect(refused).toEqual({ ok: false, error: { code: 'newer-format', format: 11, known: 10 } });
    expect(JSON.stringify(future)).toBe(asked);
    for (const nonsense of [null, undefined, 'plan', 7, [], JSON.stringify(plan).slice(0, 80)])
      expect(readPlan(nonsense)).toEqual({ ok: false, error: { code: 'not-a-document' } });
    expect(readRun({ plan: future, events: [] })).toMatchObject({ error: { code: 'newer-format' } });
    expect(readRun({ events: [] })).toMatchObject({ error: { code: 'not-a-document' } });
  });

  it('that is wrong inside names the field', () => {
    const wrong = readPlan({ ...stored(newPlan('class-1', 'x', 600)), slotSeconds: 5 });
    if (wrong.ok) throw new Error('read');
    expect(readWords('This class', wrong.error)).toBe(
      'This class cannot be read: slotSeconds must be at least 60. It is kept as it is.',
    );
  });

  it.each([-1, 0, 1.5, 'two', null])(
    'whose number is none (%p) counts as the first form, and is judged like it',
    (format) => {
      expect(readPlan({ ...plan, format })).toEqual({ ok: true, value: plan });
    },
  );

  it('says in words what happened and that it is kept', () => {
    expect(readWords('This draft', { code: 'newer-format', format: 3, known: 2 })).toContain(
      'open it with that version',
    );
    expect(readWords('This draft', { code: 'not-a-document' })).toContain('It is kept as it is.');
  });
});
