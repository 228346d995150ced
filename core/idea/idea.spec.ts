import { catalogue } from '../exercise/catalogue';
import { foot, phase, standing } from '../exercise/catalogue/author';
import { defaultSchool, resolve, startingExecution } from '../exercise';
import { IdeaId, type IdeaTie, type Plan } from '../plan';
import { catalogueItem, classOfCatalogue, findInCatalogue as find } from '../testing/catalogue-class';
import { sampleExercise } from '../testing/sample';
import { buildTimeline } from '../timeline';
import { ideas } from './ideas';
import { meaningOf, tiedTo, tieWords } from './meaning';
import { faultsIn, partOf, redThread } from './red-thread';

const executionOf = (id: string) =>
  startingExecution(
    catalogue.find((one) => one.id === id)!,
    defaultSchool,
  );
const part = (id: string, idea: IdeaId) => partOf(executionOf(id), ideas[idea]).part;

function followed(ids: readonly string[], tie: IdeaTie | null, sentence = 'One idea.') {
  const base = classOfCatalogue(ids);
  const plan: Plan = { ...base, brief: { ...base.brief, idea: sentence, ideaTie: tie } };
  const timeline = buildTimeline({ plan, find });
  return { plan, timeline, thread: redThread(plan, timeline) };
}
const bySeen = (a: { seen: string }, b: { seen: string }) => a.seen.localeCompare(b.seen);
const listed = (id: IdeaId): IdeaTie => ({ kind: 'listed', id });

describe('what carries an idea', () => {
  it('the inner ball is carried where it presses, and contradicted where it lifts on purpose', () => {
    expect(part('two-foot-rise', 'inner-ball')).toBe('carries');
    expect(part('outer-edge-stand', 'inner-ball')).toBe('opposes');
  });

  it('long toes are contradicted where toes pick something up', () => {
    expect(part('pick-up-small-things', 'long-toes')).toBe('opposes');
    expect(part('big-toe-up', 'slow-way-back')).not.toBe('opposes');
  });

  it('the slow way back is contradicted by small jumps', () => {
    const jumps = resolve(
      catalogue.find(({ id }) => id === 'small-jumps')!,
      'free',
      defaultSchool,
    );
    expect(jumps.ok && partOf(jumps.value, ideas['slow-way-back']).part).toBe('opposes');
  });

  it.each(IdeaId.options)(
    '%s: something of the catalogue carries it, and most of it is about something else or does too',
    (id) => {
      const parts = catalogue.map((exercise) => partOf(startingExecution(exercise, defaultSchool), ideas[id]).part);
      expect(parts.filter((one) => one === 'carries').length).toBeGreaterThan(3);
      expect(parts.filter((one) => one === 'opposes').length).toBeLessThan(parts.length / 3);
      // what contradicts it needs a sentence that bridges
      if (parts.includes('opposes')) expect(ideas[id].bridge).not.toBe('');
    },
  );

  it.each(IdeaId.options)('%s: its question has no promise in it, and its pictures are three', (id) => {
    expect(ideas[id].question).toMatch(/\?$/);
    expect(new Set(ideas[id].pictures).size).toBe(3);
  });
});

describe('an exercise that does both', () => {
  const pressed = foot(standing, { contacts: { innerBall: ['press', 'floor'] } });
  const lifted = foot(standing, { contacts: { innerBall: ['lift', 'air'] } });
  const both = (pressSeconds: number, liftSeconds: number) =>
    startingExecution(
      sampleExercise('piano', { phases: [phase('press', pressSeconds, pressed), phase('lift', liftSeconds, lifted)] }),
      defaultSchool,
    );
  const tie = tiedTo({ kind: 'place', place: 'innerBall', contact: 'press' });

  it('carries what it does at least as long, and asks the opposite where it does that longer', () => {
    expect(partOf(both(2, 2), tie)).toEqual({ part: 'carries', phases: ['press'] });
    expect(partOf(both(2, 3), tie)).toEqual({ part: 'opposes', phases: ['lift'] });
  });
});

describe('a sentence of the teacher’s own', () => {
  const own: IdeaTie = { kind: 'place', place: 'innerBall', contact: 'press' };

  it('is followed by the contact it is tied to, and keeps its words', () => {
    expect(meaningOf({ idea: 'Print the stamp.', ideaTie: own })?.sentence).toBe('Print the stamp.');
    expect(partOf(executionOf('two-foot-rise'), tiedTo(own)).part).toBe('carries');
    expect(tieWords(own)).toBe('the inner ball presses');
  });

  it('cannot be followed where nobody has said what it is about, nor where there is none', () => {
    expect(meaningOf({ idea: 'Be kind.', ideaTie: null })).toBeNull();
    expect(meaningOf({ idea: '', ideaTie: own })).toBeNull();
    expect(followed(['two-foot-rise'], null).thread).toBeNull();
  });

  it.each([
    [{ kind: 'toes', toes: 'curled' }, 'pick-up-small-things'],
    [{ kind: 'midfoot', midfoot: 'lifted' }, 'arch-lift-long-toes'],
    [{ kind: 'edge', edge: 'outer' }, 'outer-edge-stand'],
    [{ kind: 'place', place: 'bigToe', contact: 'lift' }, 'big-toe-up'],
  ] satisfies [IdeaTie, string][])('%j is carried by %s', (tie, id) => {
    const exercise = catalogue.find((one) => one.id === id);
    const carriers = catalogue.filter(
      (one) => partOf(startingExecution(one, defaultSchool), tiedTo(tie)).part === 'carries',
    );
    if (exercise) expect(carriers).toContain(exercise);
    expect(carriers.length).toBeGreaterThan(0);
    expect(carriers.length).toBeLessThan(catalogue.length);
  });
});

describe('one idea through a class', () => {
  const ids = [
    'two-foot-rise',
    'outer-edge-stand',
    'pick-up-small-things',
    'four-part-point',
    'press-balls-heel',
    'two-foot-rise',
  ];
  const known = ids.filter((id) => catalogue.some((exercise) => exercise.id === id));

  it('says of each exercise what it does with it, with the sentence that bridges where it is the other way round', () => {
    const { thread } = followed(known, listed('inner-ball'));
    const at = (id: string) => thread!.items[known.indexOf(id)]!;
    expect(at('two-foot-rise').part).toBe('carries');
    expect(at('outer-edge-stand')).toMatchObject({ part: 'opposes', bridge: ideas['inner-ball'].bridge });
  });

  it('brings its correction first where it is carried, and leaves the others as they are', () => {
    const { plan, thread } = followed(['two-foot-rise', 'pick-up-small-things'], listed('inner-ball'));
    const rise = executionOf('two-foot-rise');
    expect(thread!.items[0]!.watch!.say).toMatch(/inner ball/i);
    expect(faultsIn(plan, rise)[0]).toEqual(thread!.items[0]!.watch);
    // all that the exercise has is still there, and nothing else
    expect([...faultsIn(plan, rise)].sort(bySeen)).toEqual([...rise.faults].sort(bySeen));
    expect(thread!.items[0]!.correction).toBe(thread!.items[0]!.watch!.say);
    // where none of its own is about the idea, the idea has one of its own, and what was watched stays first
    const carrier = catalogue.find(
      (one) =>
        part(one.id, 'inner-ball') === 'carries' &&
        one.family === 'balance' &&
        !one.faults.some(ideas['inner-ball'].speaksOf),
    )!;
    const other = followed([carrier.id], listed('inner-ball'));
    expect(other.thread!.items[0]).toMatchObject({ watch: null, correction: ideas['inner-ball'].watch.say });
    expect(faultsIn(other.plan, executionOf(carrier.id))).toEqual(executionOf(carrier.id).faults);
    const { plan: bare } = followed(['two-foot-rise'], null);
    expect(faultsIn(bare, rise)).toEqual(rise.faults);
  });

  it('its picture returns, and each time another', () => {
    const { thread } = followed(
      ['two-foot-rise', 'two-foot-rise', 'two-foot-rise', 'two-foot-rise'],
      listed('inner-ball'),
    );
    expect(thread!.items.map(({ picture }) => ideas['inner-ball'].pictures.indexOf(picture))).toEqual([0, -1, 1, 2]);
    const twice = followed(['two-foot-rise', 'two-foot-rise'], listed('inner-ball')).thread;
    expect(twice!.items.map(({ picture }) => ideas['inner-ball'].pictures.indexOf(picture))).toEqual([0, 1]);
  });

  it('breaks where nothing carries it for two minutes, and says which exercises lie there', () => {
    const away = ['pick-up-small-things', 'pick-up-small-things', 'pick-up-small-things'];
    const { thread, timeline } = followed(['two-foot-rise', ...away, 'two-foot-rise'], listed('inner-ball'));
    const [first, , , , last] = timeline.items;
    const [gap] = thread!.breaks;
    expect(gap).toEqual({
      startMs: first!.startMs + first!.totalMs,
      endMs: last!.startMs,
      itemIds: ['item-1', 'item-2', 'item-3'],
    });
    expect(gap!.endMs - gap!.startMs).toBeGreaterThanOrEqual(120_000);
    expect(thread!.carriedMs).toBe(first!.workMs + last!.workMs);
    expect(thread!.workMs).toBe(timeline.workMs);
  });

  it('does not break for an exercise or two in between', () => {
    const { thread, timeline } = followed(
      ['two-foot-rise', 'pick-up-small-things', 'two-foot-rise'],
      listed('inner-ball'),
    );
    expect(timeline.items[1]!.totalMs).toBeGreaterThan(20_000);
    expect(timeline.items[1]!.totalMs).toBeLessThan(120_000);
    expect(thread!.breaks).toEqual([]);
  });

  it('asks about it in the look that closes the class, and nowhere else', () => {
    const look = catalogueItem('again', 'walk-and-notice', { recheck: { of: null } });
    const { plan } = followed(['walk-and-notice', 'two-foot-rise'], listed('inner-ball'));
    const [block] = plan.blocks;
    const closed = { ...plan, blocks: [{ ...block!, items: [...block!.items, look] }] };
    const thread = redThread(closed, buildTimeline({ plan: closed, find }))!;
    expect(thread.items.map(({ question }) => question)).toEqual(['', '', ideas['inner-ball'].question]);
    // a look is not expected to carry it, though its feet press
    expect(thread.items.map(({ part: of }) => of)).toEqual(['silent', 'carries', 'silent']);
  });

  it('a class that half contradicts it is told so by its shares, not refused', () => {
    const { thread } = followed(['outer-edge-stand', 'two-foot-rise'], listed('inner-ball'));
    expect(thread!.items.filter(({ part: of }) => of === 'opposes')).toHaveLength(1);
    expect(thread!.holds).toBe('half against');
    expect(followed(['two-foot-rise'], listed('inner-ball')).thread!.holds).toBe('holds');
    const lost = followed(
      ['two-foot-rise', 'four-part-point', 'four-part-point', 'four-part-point'],
      listed('inner-ball'),
    );
    expect(lost.thread!.holds).toBe('thin');
  });

  it('an empty class has nothing to follow it through', () => {
    expect(followed([], listed('long-toes')).thread).toMatchObject({ items: [], breaks: [], workMs: 0 });
  });
});
