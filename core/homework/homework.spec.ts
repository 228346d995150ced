import { composeNow } from '../compose';
import { holds, reps } from '../exercise/catalogue/author';
import { type Concern, defaultSchool } from '../exercise';
import type { KitId } from '../kit';
import { defaultPace } from '../plan';
import { newStudent } from '../roster';
import { sampleRevision } from '../testing/sample';
import { catalogueOffers } from '../testing/twenty-briefs';
import {
  type ClassDay,
  type HomeFaultsAsked,
  type HomeItem,
  Homework,
  type Settled,
  homeDays,
  homeFaults,
  homeLoads,
  homeworkFrom,
  minutesOf,
  newHomework,
  onLevel,
  readHomework,
  settle,
  settledOf,
  sheetOf,
  suggestRequest,
  timesOfDays,
  totalsOf,
  tradesOf,
  usualDose,
  whoItSuits,
} from '.';

const find = (revision: string) => catalogueOffers.find((offer) => offer.revision === revision)?.exercise ?? null;
const offer = (id: string) => {
  const found = catalogueOffers.find(({ exercise }) => exercise.id === id);
  if (!found) throw new RangeError(id);
  return found;
};
/** On the level where most begin, ten reps. */
const item = (exerciseId: string, change: Partial<HomeItem> = {}): HomeItem => {
  const { revision, exercise } = offer(exerciseId);
  return {
    id: exerciseId,
    exerciseId,
    revision,
    rungId: exercise.ladder?.startRung ?? null,
    dose: [reps(10)],
    sets: [3, 5],
    rhythm: 'every-other-day',
    hidesIn: '',
    note: '',
    ...change,
  };
};
const monday = '2026-03-02';
const sheet = (items: readonly HomeItem[], change: Partial<Homework> = {}): Homework => ({
  ...newHomework('home', 'At home', { kind: 'level', groupId: null, words: '', concerns: [] }, monday),
  items: [...items],
  ...change,
});
const asked = (homework: Homework, change: Partial<HomeFaultsAsked> = {}): HomeFaultsAsked => ({
  homework,
  school: defaultSchool,
  concerns: [],
  find,
  pace: defaultPace(),
  classes: [],
  mobiliseDays: 0,
  standsOn: () => null,
  ...change,
});
const settledFirst = (homework: Homework, concerns: Concern[] = []): Settled => {
  const [first] = settledOf(asked(homework, { concerns }));
  if (!first) throw new RangeError('nothing can be done');
  return first;
};
const rises = item('two-foot-rise');
const loose = item('sideways-ankle-rock', { dose: [holds(2, 20, 5)], sets: [1, 1], rhythm: 'daily' });
const classOn = (date: string, does: ClassDay['does'] = null): ClassDay => ({ date, title: 'Tuesday', does });
/** The days on which an item is due, as days of the sheet from 1. */
const dueOn = (homework: Homework, id: string, classes: readonly ClassDay[] = []) =>
  homeDays(homework, settledOf(asked(homework)), classes).flatMap(({ due }, i) => (due.includes(id) ? [i + 1] : []));

describe('more sets on fewer days, or fewer on more (by hand)', () => {
  // common practice, no source: three to five sets every other day against two or three daily
  it('ten reps, 3 to 5 sets every other day, is 210 to 350 in two weeks, from 7 days', () => {
    const totals = totalsOf(settledFirst(sheet([rises])), sheet([rises]), []);
    expect([totals.home, totals.least, totals.most]).toEqual([7, 210, 350]);
    expect(totals.words).toBe('7 days × 3 to 5 sets of 10 reps = 210 to 350');
  });

  it('2 or 3 sets daily is 280 to 420, from 14 days', () => {
    const daily = tradesOf(settledFirst(sheet([rises])), sheet([rises]), []).find(({ rhythm }) => rhythm === 'daily');
    expect(daily?.sets).toEqual([2, 3]);
    expect([daily?.totals.home, daily?.totals.least, daily?.totals.most]).toEqual([14, 280, 420]);
  });

  it('the way it is done now is offered with its own sets', () => {
    const homework = sheet([{ ...rises, sets: [4, 4] }]);
    const now = tradesOf(settledFirst(homework), homework, []).find(({ rhythm }) => rhythm === 'every-other-day');
    expect(now?.totals.words).toBe('7 days × 4 sets of 10 reps = 280');
  });

  it('counts stations: two holds at four gaps are eight on each foot', () => {
    const gaps = item('toes-drawn-apart', {
      dose: [holds(1, 5, 3, { per: { gaps: 4 } })],
      sets: [2, 2],
      rhythm: 'daily',
    });
    const homework = sheet([gaps], { weeks: 1 });
    expect(totalsOf(settledFirst(homework), homework, []).words).toBe('7 days × 2 sets of 4 holds = 56 on each foot');
  });
});

describe('the days of a sheet', () => {
  it('mobilise daily, strengthen every other day, twice a week never more than twice in seven', () => {
    const homework = sheet([loose, rises, { ...rises, id: 'seldom', rhythm: 'twice-a-week' }]);
    expect(dueOn(homework, 'sideways-ankle-rock')).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14]);
    expect(dueOn(homework, 'two-foot-rise')).toEqual([1, 3, 5, 7, 9, 11, 13]);
    expect(dueOn(homework, 'seldom')).toEqual([1, 4, 8, 11]);
  });

  it('do not double what class did: none on its day, a day between before and after', () => {
    const classes = ['2026-03-03', '2026-03-05'].map((date) =>
      classOn(date, { exerciseIds: ['two-foot-rise'], loads: ['calf'] }),
    );
    const homework = sheet([rises, loose], { weeks: 1 });
    // Monday would be the day before Tuesday's class; Saturday is the second after Thursday's
    expect(dueOn(homework, 'two-foot-rise', classes)).toEqual([6]);
    const totals = totalsOf(settledFirst(homework), homework, classes);
    expect([totals.home, totals.inClass]).toEqual([1, 2]);
    expect(totals.words).toContain('2 classes do it');
  });

  it('what mobilises is left to the class that does the very same', () => {
    const homework = sheet([loose], { weeks: 1 });
    const same = classOn('2026-03-04', { exerciseIds: ['sideways-ankle-rock'], loads: [] });
    expect(dueOn(homework, 'sideways-ankle-rock', [same])).toEqual([1, 2, 4, 5, 6, 7]);
  });

  it('a class that loads the same calf counts, though it does another exercise; one for the toes does not', () => {
    const homework = sheet([{ ...rises, rhythm: 'daily' }], { weeks: 1 });
    const calf = classOn('2026-03-03', { exerciseIds: ['single-leg-rise'], loads: ['calf'] });
    const toes = classOn('2026-03-03', { exerciseIds: ['toe-wave'], loads: ['toe-flexors'] });
    expect(dueOn(homework, 'two-foot-rise', [calf])).not.toContain(2);
    expect(dueOn(homework, 'two-foot-rise', [toes])).toContain(2);
  });

  it('a class that is not planned yet is taken to load everything, and to mobilise nothing', () => {
    const homework = sheet([rises, loose], { weeks: 1 });
    const days = homeDays(homework, settledOf(asked(homework)), [classOn('2026-03-02')]);
    expect(days[0]).toMatchObject({ due: ['sideways-ankle-rock'], not: { 'two-foot-rise': 'in-class' } });
  });

  it('take what the timeline says: with the fewest sets and with the most', () => {
    const homework = sheet([rises], { weeks: 1 });
    const settled = settledOf(asked(homework));
    const times = timesOfDays(homeDays(homework, settled, []), settled, asked(homework), defaultPace());
    const { longest, daysWithWork, week } = minutesOf(times);
    // ten rises are as long each time; two more sets are twenty rises and two rests of 15 s
    const rep = settledFirst(homework).execution.phaseSeconds.reduce((a, b) => a + b, 0);
    expect(longest.mostMs - longest.leastMs).toBe(2 * (10 * rep + 15) * 1000);
    expect(daysWithWork).toBe(4);
    expect(week.leastMs).toBe(4 * longest.leastMs);
    expect(times.get('2026-03-03')).toEqual({ leastMs: 0, mostMs: 0 });
  });
});

describe('what of a sheet cannot be', () => {
  const faults = (homework: Homework, change: Partial<HomeFaultsAsked> = {}) => homeFaults(asked(homework, change));

  it('kit that nobody owns: they have it after all, or it is left out', () => {
    const band = item('band-four-part-point');
    const [fault] = faults(sheet([band]));
    expect(fault?.words).toContain('it needs band, which is not at hand');
    expect(fault?.cure?.words).toBe('They have band');
    expect(faults(fault?.cure?.homework ?? sheet([band]))).toEqual([]);
  });

  it('a thing at home stands in for another: no fault, and the sheet says what it changes', () => {
    const picks = item('pick-up-small-things', { dose: [reps(5)] });
    const [settled] = settledOf(asked(sheet([picks], { owns: ['chair', 'small-objects', 'cloth', 'bowl'] })));
    expect(settled?.execution.kit.map(({ kit }) => kit)).toContain('small-objects');
  });

  it('what they have rules it out, and nobody who falls stands on one leg alone', () => {
    const concerns: Concern[] = ['falls-or-faints'];
    const [fault] = faults(sheet([item('one-leg-stand', { dose: [holds(1, 20, 5)] })]), { concerns });
    expect(fault).toMatchObject({ hard: true, cure: { words: 'Leave it out' } });
    expect(fault?.words).toContain('not alone at home with falls');
    expect(faults(sheet([rises]), { concerns })).toEqual([]);
  });

  it('landings are for class; unstable ground twice a week', () => {
    const [jumps] = faults(sheet([item('small-jumps', { rungId: 'free', dose: [reps(8)] })], { floor: 'wood' }));
    expect(jumps).toMatchObject({
      hard: true,
      cure: { words: expect.stringContaining('without leaving the floor') as string },
    });
    const pillow = item('pillow-stand', { dose: [holds(1, 20, 5)], rhythm: 'daily', sets: [1, 1] });
    const [unstable] = faults(sheet([pillow]));
    expect(unstable?.cure?.homework.items[0]?.rhythm).toBe('twice-a-week');
  });

  it('a level above the one on which they stand comes down to theirs', () => {
    const rungs = offer('two-foot-rise').exercise.ladder?.rungs ?? [];
    const high = item('two-foot-rise', { rungId: rungs.at(-1)?.id ?? null });
    const stands = rungs[1];
    const [fault] = faults(sheet([high]), { standsOn: () => stands?.id ?? null });
    expect(fault?.cure?.words).toBe(`Take “${stands?.name ?? ''}”`);
    expect(fault?.cure?.homework.items[0]?.rungId).toBe(stands?.id);
  });

  it('a day longer than was meant gets fewer sets, and is then as long as was meant', () => {
    const homework = sheet([rises, item('toe-wave'), item('three-point-rise')], { minutes: 6 });
    const [fault] = faults(homework);
    expect(fault?.key).toBe('minutes');
    const cured = fault?.cure?.homework ?? homework;
    const settled = settledOf(asked(cured));
    const times = timesOfDays(homeDays(cured, settled, []), settled, asked(cured), defaultPace());
    expect(minutesOf(times).longest.leastMs).toBeLessThanOrEqual(6.5 * 60_000);
    expect(cured.items.every(({ sets }, i) => sets[0] <= (homework.items[i]?.sets[0] ?? 0))).toBe(true);
  });

  it('feet that are mobilised on too few days for the course: what mobilises, every day', () => {
    const homework = sheet([{ ...loose, rhythm: 'every-other-day' }]);
    const [fault] = faults(homework, { mobiliseDays: 5 });
    expect(fault?.words).toContain('on 3 days a week, classes counted; the course asks for 5');
    expect(fault?.cure?.homework.items[0]?.rhythm).toBe('daily');
    expect(faults(sheet([loose]), { mobiliseDays: 5 })).toEqual([]);
  });
});

describe('a sheet that is suggested', () => {
  const made = (minutes: number, concerns: Concern[], owns: KitId[]) => {
    const homework = sheet([], { minutes, owns });
    const full = { ...asked(homework, { concerns }), library: catalogueOffers, stands: {}, seed: 7 };
    let n = 0;
    const suggested = homeworkFrom(composeNow(suggestRequest(full)), full, () => `item-${n++}`);
    if (!suggested) throw new RangeError('nothing was suggested');
    return suggested;
  };

  it.each([
    [5, [], ['chair', 'wall']],
    [10, ['sore-achilles'], ['chair', 'wall', 'mat', 'cloth']],
    [12, ['falls-or-faints'], ['chair', 'wall']],
    [8, ['pregnancy', 'bunion-pain'], ['chair', 'wall', 'mat', 'band', 'firm-ball']],
    [20, [], ['chair', 'wall', 'mat', 'band', 'cushion', 'step']],
  ] as [number, Concern[], KitId[]][])(
    'of %i minutes with %j fits the day, the person and what they own',
    (minutes, concerns, owns) => {
      const homework = made(minutes, concerns, owns);
      expect(homework.items.length).toBeGreaterThan(0);
      expect(Homework.safeParse(homework).error?.issues ?? []).toEqual([]);
      expect(homeFaults(asked(homework, { concerns }))).toEqual([]);
      for (const { kind, item: of } of settledOf(asked(homework, { concerns }))) {
        expect(kind).not.toBe('jumps');
        expect(of.rhythm).toBe(
          { mobilise: 'daily', strength: 'every-other-day', unstable: 'twice-a-week', jumps: '' }[kind],
        );
      }
    },
  );

  it('never asks somebody who falls to balance alone', () => {
    const full = {
      ...asked(sheet([]), { concerns: ['falls-or-faints'] }),
      library: catalogueOffers,
      stands: {},
      seed: 1,
    };
    expect(suggestRequest(full).without).toContain('one-leg-stand');
    expect(suggestRequest({ ...full, concerns: [] }).without).toEqual([]);
  });

  it('is on the levels on which the person stands', () => {
    const rungs = offer('two-foot-rise').exercise.ladder?.rungs ?? [];
    const stands = { 'two-foot-rise': rungs[0]?.id ?? '' };
    const full = { ...asked(sheet([], { minutes: 15 })), library: catalogueOffers, stands, seed: 2 };
    expect(suggestRequest(full).levels?.['two-foot-rise']?.rungId).toBe(rungs[0]?.id);
  });
});

describe('a sheet of paper', () => {
  const homework = sheet([loose, rises, item('small-jumps', { exerciseId: 'nobody', revision: sampleRevision(9999) })]);
  const paper = sheetOf({
    ...asked(homework, { concerns: ['sore-achilles'] }),
    who: 'Ada',
    classes: [classOn('2026-03-04')],
  });

  it('says for each exercise how much, how often, with what, and what this person has to mind', () => {
    expect(paper.lines.map(({ itemId }) => itemId)).toEqual(['sideways-ankle-rock', 'two-foot-rise']);
    const [, second] = paper.lines;
    expect(second).toMatchObject({ dose: '10 reps, both feet', often: '3 to 5 sets, every other day' });
    expect(second?.minds.join()).toContain('a sore Achilles tendon');
    expect(paper.time).toMatch(/^\d+ to \d+ min on full days, \d+ min on the shortest$/);
  });

  it('has a box for what is due, none on a day between, and the class on its day', () => {
    expect(paper.days).toHaveLength(14);
    expect(paper.days.slice(0, 5).map(({ boxes }) => boxes[1])).toEqual(['box', 'none', 'class', 'none', 'box']);
    expect(paper.days[2]?.classes).toBe('Tuesday');
    expect(paper.days.every(({ boxes }) => boxes[0] === 'box')).toBe(true);
  });
});

describe('what a sheet asks of the feet', () => {
  it('is its fewest sets on each of its days; once it is handed back, as much of it as was done', () => {
    const homework = sheet([rises]);
    const of = (change: Partial<Homework>) => homeLoads(asked({ ...homework, ...change }));
    expect(of({}).map(({ load }) => load.rises.left)).toEqual([30, 30, 30, 30, 30, 30, 30]);
    // ten days were meant to be seven: no more than all of it is counted
    expect(of({ daysDone: 10 })[0]?.load.rises.left).toBe(30);
    expect(of({ daysDone: 0 })[0]?.load.rises.left).toBe(0);
  });
});

describe('for whom of a group a sheet is right', () => {
  it('names who stands lower, who is well beyond, and who is not to do it', () => {
    const { exercise } = offer('two-foot-rise');
    const rungs = exercise.ladder?.rungs ?? [];
    const homework = sheet([item('two-foot-rise', { rungId: rungs[1]?.id ?? null })]);
    const placed = (studentId: string, rungId: string) =>
      (['left', 'right'] as const).map((foot, i) => ({
        id: `${studentId}-${i}`,
        studentId,
        exerciseId: exercise.id,
        date: monday,
        by: '',
        foot,
        what: { kind: 'placed' as const, rungId, why: 'begins' as const, note: '' },
      }));
    const notes = [...placed('low', rungs[0]?.id ?? ''), ...placed('high', rungs.at(-1)?.id ?? '')];
    const students = ['low', 'high', 'new'].map((id) => newStudent(id, id));
    const suits = whoItSuits(settledOf(asked(homework)), students, notes, 'plain');
    expect(suits.map(({ tooHigh, tooEasy }) => [tooHigh.length, tooEasy.length])).toEqual([
      [1, 0],
      [0, rungs.length - 2 >= 3 ? 1 : 0],
      [0, 0],
    ]);
  });
});

describe('another level', () => {
  const ladder = offer('one-leg-stand').exercise;
  const at = (rungId: string | null): HomeItem =>
    item('one-leg-stand', { rungId, dose: usualDose(ladder, offer('one-leg-stand').revision, rungId, defaultSchool) });
  const rungs = ladder.ladder?.rungs ?? [];

  it('brings its own usual dose where nobody had touched it, on every ladder', () => {
    let differ = 0;
    for (const { exercise, revision } of catalogueOffers) {
      const usual = (rungId: string | null) => usualDose(exercise, revision, rungId, defaultSchool);
      const [first, ...others] = exercise.ladder?.rungs ?? [];
      for (const rung of others) {
        const before = item(exercise.id, { rungId: first?.id ?? null, dose: usual(first?.id ?? null) });
        expect(onLevel(before, exercise, rung.id, defaultSchool).dose).toEqual(usual(rung.id));
        differ += Number(JSON.stringify(usual(rung.id)) !== JSON.stringify(before.dose));
      }
    }
    expect(differ).toBeGreaterThan(20);
  });

  it('keeps a dose that somebody gave, up to its most', () => {
    const given = { ...at('three-fingers'), dose: [holds(1, 600, 5)] };
    const most = rungs.find(({ id }) => id === 'free')?.doses.most[0];
    const [held] = onLevel(given, ladder, 'free', defaultSchool).dose;
    expect(most?.kind === 'hold' && held?.kind === 'hold' && held.holdSeconds === most.holdSeconds).toBe(true);
  });
});

describe('a sheet that is stored', () => {
  it('is read back, and one that makes no sense is refused', () => {
    expect(readHomework(sheet([rises]))).toMatchObject({ ok: true });
    expect(readHomework(sheet([{ ...rises, sets: [5, 3] }])).ok).toBe(false);
    expect(readHomework({ ...sheet([rises]), weeks: 9 }).ok).toBe(false);
    expect(readHomework({ ...sheet([rises]), daysDone: 15 }).ok).toBe(false);
    expect(readHomework({ ...sheet([rises]), daysDone: 14 }).ok).toBe(true);
    expect(readHomework({ ...sheet([rises]), format: 2 }).ok).toBe(false);
  });

  it('with an exercise that is not there any more stands without it', () => {
    expect(settle({ ...rises, revision: sampleRevision(9999) }, asked(sheet([rises])))).toBeNull();
  });
});
