import { newHomework } from '../homework';
import { defaultSchool } from '../exercise';
import { reps } from '../exercise/catalogue/author';
import { type LoadEntry, type WeeksAsked, defaultLoadRules, itemLoads, loadByWeek, steepIn, together } from '../load';
import { type Item, type Plan, defaultPace, newItem, newPlan } from '../plan';
import { homeLoads } from '../homework';
import { catalogueOffers } from '../testing/twenty-briefs';
import { buildTimeline } from '../timeline';
import { type CurableClass, type CurableSheet, loadCure } from './load-cures';

const find = (revision: string) => catalogueOffers.find((offer) => offer.revision === revision)?.exercise ?? null;
const offer = (id: string) => {
  const found = catalogueOffers.find(({ exercise }) => exercise.id === id);
  if (!found) throw new RangeError(id);
  return found;
};
const item = (id: string, rungId: string | null, n: number): Item => {
  const { exercise, revision } = offer(id);
  return { ...newItem(`item-${id}`, exercise, revision), rungId, dose: [reps(n)] };
};
const classOf = (key: string, items: readonly Item[]): CurableClass => {
  const plan: Plan = {
    ...newPlan(`class-${key}`, `Class of ${key}`, 1800),
    blocks: [
      {
        id: 'work',
        name: 'Work',
        flow: 'by-exercise',
        compare: true,
        secondOrder: 'same',
        floor: null,
        items: [...items],
      },
    ],
  };
  const load = together(itemLoads(buildTimeline({ plan, find })));
  return { key, plan, entry: { date: key, source: 'planned', title: plan.title, load } };
};
const jumps = (n: number) => item('small-jumps', 'free', n);
const rises = (n: number) => item('two-foot-rise', 'fingertips', n);

const asked = (classes: readonly CurableClass[], sheets: readonly CurableSheet[] = []) => {
  const entries: LoadEntry[] = [...classes.map(({ entry }) => entry), ...sheets.flatMap((one) => one.entries)];
  const weeks: WeeksAsked = {
    monday: '2026-03-02',
    weeks: 3,
    entries,
    landingsOutside: 0,
    today: '2026-03-01',
    full: [true, true, true],
  };
  const nameOf = (id: string) => offer(id).exercise.name.plain;
  return { weeks, rules: defaultLoadRules, newToImpact: false, classes, sheets, find, nameOf };
};
const steepOf = ({ weeks, rules, newToImpact }: ReturnType<typeof asked>) => {
  const [steep] = steepIn(loadByWeek(weeks), rules, newToImpact);
  if (!steep) throw new RangeError('nothing is steep');
  return steep;
};

describe('the smallest change that cures a steep week', () => {
  it('is the dose nearest under the one there is: 80 landings after 50 become 60', () => {
    const all = asked([classOf('2026-03-03', [jumps(50)]), classOf('2026-03-10', [jumps(80)])]);
    // 30 per cent more than 50 are 65, a handful of 20 more are 70
    expect(steepOf(all)).toMatchObject({ from: 50, to: 80, most: 70 });
    const cure = loadCure(steepOf(all), all);
    expect(cure).toMatchObject({ fewer: 20, changes: [{ kind: 'class' }] });
    expect(cure?.words).toBe('60 instead of 80 in Small jumps on the spot, in “Class of 2026-03-10”');
    const [change] = cure?.changes ?? [];
    if (change?.kind !== 'class') throw new RangeError('a class is changed');
    const after = asked([all.classes[0]!, classOf('2026-03-10', [jumps(60)])]);
    expect(together(itemLoads(buildTimeline({ plan: change.plan, find }))).landings).toEqual({
      left: 60,
      right: 60,
    });
    expect(steepIn(loadByWeek(after.weeks), defaultLoadRules, false)).toEqual([]);
  });

  it('is a few changes together where none is enough alone, and they are judged together', () => {
    const split = { ...rises(30), id: 'item-more-rises' };
    const all = asked([classOf('2026-03-03', [rises(40)]), classOf('2026-03-10', [rises(60), split])]);
    // 90 where 60 would do: neither goes down by thirty within its level alone
    expect(steepOf(all)).toMatchObject({ to: 90, most: 60 });
    const cure = loadCure(steepOf(all), all);
    expect(cure?.fewer).toBeGreaterThanOrEqual(30);
    const [change] = cure?.changes ?? [];
    if (change?.kind !== 'class') throw new RangeError('a class is changed');
    const left = together(itemLoads(buildTimeline({ plan: change.plan, find }))).rises.left;
    expect([left, 90 - left]).toEqual([90 - (cure?.fewer ?? 0), cure?.fewer]);
  });

  it('is not one that makes the week after steep', () => {
    const weeks = [jumps(50), jumps(80), jumps(100)].map((one, i) =>
      classOf(`2026-03-${['03', '10', '17'][i] ?? ''}`, [one]),
    );
    const all = asked(weeks);
    // 60 would leave 100 after it too many (78): what comes after 80 may be 104
    const cure = loadCure(steepOf(all), all);
    expect(cure).toBeNull();
  });

  it('never goes under what the level asks at the least, and leaves what is locked', () => {
    const locked = asked([classOf('2026-03-03', [rises(20)]), classOf('2026-03-10', [{ ...rises(80), locked: true }])]);
    expect(loadCure(steepOf(locked), locked)).toBeNull();
  });

  it('takes an exercise out where its least dose is still too much', () => {
    const other = { ...jumps(32), id: 'item-locked-jumps', locked: true };
    const all = asked([classOf('2026-03-03', [jumps(16)]), classOf('2026-03-10', [jumps(12), other])]);
    // 44 where 36 would do; twelve become eight at the least, which is four too many
    expect(steepOf(all)).toMatchObject({ to: 44, most: 36 });
    expect(loadCure(steepOf(all), all)?.words).toBe('“Class of 2026-03-10” without Small jumps on the spot');
  });

  it('may be a set less at home, where the class is as the teacher wants it', () => {
    const { revision } = offer('two-foot-rise');
    const homework = {
      ...newHomework('home', 'At home', { kind: 'level', groupId: null, words: '', concerns: [] }, '2026-03-09'),
      weeks: 1,
      items: [
        {
          id: 'home-rise',
          exerciseId: 'two-foot-rise',
          revision,
          rungId: 'fingertips',
          dose: [reps(5)],
          sets: [2, 3] as [number, number],
          rhythm: 'twice-a-week' as const,
          hidesIn: '',
          note: '',
        },
      ],
    };
    const sheet = { homework, school: defaultSchool, concerns: [], find, pace: defaultPace(), classes: [] };
    const entries = homeLoads(sheet).map(({ date, load }): LoadEntry => ({
      date,
      source: 'home',
      title: 'At home',
      load,
    }));
    const all = asked(
      [classOf('2026-03-03', [rises(40)]), classOf('2026-03-10', [{ ...rises(50), locked: true }])],
      [{ asked: sheet, entries }],
    );
    // 40, then 50 in class and two days of ten at home: 70, where 60 would do
    expect(steepOf(all)).toMatchObject({ of: 'rises', to: 70, most: 60 });
    const cure = loadCure(steepOf(all), all);
    expect(cure).toMatchObject({ fewer: 10, changes: [{ kind: 'home' }] });
    expect(cure?.words).toBe('1 set instead of 2 of Rise on both feet at home');
  });
});
