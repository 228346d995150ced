import { catalogue } from '../exercise/catalogue';
import { reps } from '../exercise/catalogue/author';
import { type Brief, type Plan, applyCommand, newBlock } from '../plan';
import { bandedClass, catalogueItem, classOfCatalogue, findInCatalogue as find } from '../testing/catalogue-class';
import { bareClass, sampleExercise } from '../testing/sample';
import { buildTimeline } from '../timeline';
import { bandSteps, fewerHandlings, handlingsIn } from './bands';
import { floorChanges, kitLines } from './kit-lines';
import { sharedOut, tooFew } from './too-few';

function classOf(ids: readonly string[], brief: Partial<Brief> = {}) {
  const base = classOfCatalogue(ids);
  const plan: Plan = { ...base, brief: { ...base.brief, ...brief } };
  return { plan, timeline: buildTimeline({ plan, find }) };
}
const lineOf = (ids: readonly string[], kit: string, brief: Partial<Brief> = {}) => {
  const { plan, timeline } = classOf(ids, brief);
  return kitLines(plan, timeline).find((line) => line.kit === kit)!;
};
/** The first exercise of the catalogue whose kit has a piece of its own for each person, and one that shares. */
const withKit = (kit: string, per: 'person' | 'room') =>
  catalogue.find(({ performance }) => performance.kit.some((need) => need.kit === kit && need.per === per));

describe('how much kit a class takes', () => {
  const own = 'band-turn-out';

  it.each([1, 11, 25])('a band each for %i people is as many bands', (people) => {
    const { count: each } = catalogue.find(({ id }) => id === own)!.performance.kit.find(({ kit }) => kit === 'band')!;
    expect(lineOf([own], 'band', { people })).toMatchObject({ count: each * people, perPerson: each });
    // however many there are, so many are wanted
    const few = lineOf([own], 'band', { people, cupboard: { band: 1 } });
    expect(few).toMatchObject({ count: 1, wants: each * people });
  });

  it.each([1, 11, 25])('two beams that the room shares are two for %i people', (people) => {
    const beams = [{ kit: 'beam' as const, per: 'room' as const, count: 2, substitutes: [] }];
    const made = bareClass([{ exercise: sampleExercise('along-a-beam', { kit: beams }), dose: reps(8) }]);
    const plan = { ...made.plan, brief: { ...made.plan.brief, people } };
    expect(kitLines(plan, made.timeline)[0]).toMatchObject({ kit: 'beam', count: 2, perPerson: 0 });
  });

  it('nobody said how many come: so many each', () => {
    expect(lineOf([own], 'band')).toMatchObject({ count: null, perPerson: 1 });
  });

  it('is needed from its first use to its last, as the timeline has them', () => {
    const { plan, timeline } = classOf(['spread-and-narrow', own, 'big-toe-up', own]);
    const line = kitLines(plan, timeline).find(({ kit }) => kit === 'band')!;
    const [, first, , last] = timeline.items;
    expect([line.fromMs, line.toMs]).toEqual([first!.startMs, last!.startMs + last!.totalMs]);
    expect(line.uses.map(({ itemId }) => itemId)).toEqual(['item-1', 'item-3']);
  });

  it('a wall is not put out, it has to be in reach', () => {
    const atWall = withKit('wall', 'room') ?? withKit('wall', 'person')!;
    expect(lineOf([atWall.id], 'wall', { people: 11 })).toMatchObject({ fixed: true, ready: true, count: 0 });
  });

  it('hand kit that comes after a walk is handed out, before it lies ready; it is cleared for the walk behind it', () => {
    const walk = 'half-toe-walk';
    expect(lineOf([own, walk], 'band')).toMatchObject({ ready: true, clearedFor: { itemId: 'item-1' } });
    expect(lineOf([walk, own], 'band')).toMatchObject({ ready: false, clearedFor: null });
    const twice = lineOf([own, walk, own], 'band');
    expect(twice.aside).toEqual({ startMs: twice.uses[0]!.endMs, endMs: twice.uses[1]!.startMs });
    expect(lineOf([own, 'spread-and-narrow', own], 'band').aside).toBeNull();
  });
});

describe('“I have 3 bands”', () => {
  it('eleven people are 3, 3, 3 and 2: four turns, three of them waited for', () => {
    expect(sharedOut(11, 4)).toEqual([3, 3, 3, 2]);
    // 25 people and 4 bands: seven turns
    expect(sharedOut(25, 7)).toEqual([4, 4, 4, 4, 3, 3, 3]);
    const many = classOf(['band-turn-out'], { people: 25 });
    expect(tooFew(many.plan, many.timeline, 'band', 4, find)!.groups).toEqual([4, 4, 4, 4, 3, 3, 3]);
    // one alone with one band waits for nobody
    const alone = classOf(['band-turn-out'], { people: 1 });
    expect(tooFew(alone.plan, alone.timeline, 'band', 1, find)).toBeNull();
    const { plan, timeline } = classOf(['band-turn-out'], { people: 11 });
    const answer = tooFew(plan, timeline, 'band', 3, find)!;
    expect(answer).toMatchObject({ has: 3, wants: 11, groups: [3, 3, 3, 2] });
    const { reachKitSeconds, sideSwitchSeconds } = plan.pace;
    // once through, from the first rep to the last, and the handing over: three times more
    const events = timeline.events.filter(({ itemId }) => itemId === 'item-0');
    const firstRep = events.find(({ activity }) => activity === 'work')!.startMs;
    const onceMs = events.findLast(({ activity }) => activity === 'work')!.endMs - firstRep;
    const byHandMs = 3 * (onceMs + 1000 * (reachKitSeconds + sideSwitchSeconds));
    expect(Math.abs(answer.costMs - byHandMs)).toBeLessThan(1000);
  });

  it('says what those who wait do: the same movement without it, or a partner who looks', () => {
    const { plan, timeline } = classOf(['band-turn-out'], { people: 11 });
    const [item] = tooFew(plan, timeline, 'band', 3, find)!.items;
    const { ladder, faults } = catalogue.find(({ id }) => id === 'band-turn-out')!;
    if (item!.meanwhile.do === 'watch') expect(item!.meanwhile.seen).toBe(faults[0]!.seen);
    else expect(ladder!.rungs.map(({ id }) => id)).toContain(item!.meanwhile.rungId);
  });

  it('what could stand in for it was tried, with what it does to the time, and turns are gone', () => {
    const swaps = catalogue.find(({ performance }) =>
      performance.kit.some(
        ({ per, kit, substitutes }) => kit === 'cloth' && per === 'person' && substitutes.length > 0,
      ),
    )!;
    const { plan, timeline } = classOf([swaps.id], { people: 11 });
    const answer = tooFew(plan, timeline, 'cloth', 3, find)!;
    const [instead] = answer.instead;
    expect(instead!.changes[0]).not.toBe('');
    const counted = { ...plan, brief: { ...plan.brief, cupboard: { cloth: 3 } } };
    const after = applyCommand(counted, instead!.command);
    if (!after.ok) throw new Error(after.error.code);
    const swapped = buildTimeline({ plan: after.value, find });
    expect(swapped.events.some(({ kind }) => kind === 'turns')).toBe(false);
    expect(swapped.totalMs - buildTimeline({ plan: counted, find }).totalMs).toBe(instead!.deltaMs);
    expect(instead!.deltaMs).toBeLessThan(0);
  });

  it('offers nothing that the review would object to: on a mat in place of the chair the cloth would not slide', () => {
    const { plan, timeline } = classOf(['cloth-push-away'], { people: 11, floor: 'wood' });
    const { execution } = timeline.items[0]!;
    const named = execution!.kit.find(({ kit }) => kit === 'chair')!.substitutes.map(({ kit }) => kit);
    expect(named).toContain('mat');
    const { instead } = tooFew(plan, timeline, 'chair', 3, find)!;
    expect(instead.map(({ by }) => by)).not.toContain('mat');
  });

  it('none at all cannot be shared; enough, or nobody counted, is no question', () => {
    const { plan, timeline } = classOf(['band-turn-out'], { people: 11 });
    expect(tooFew(plan, timeline, 'band', 0, find)!.groups).toEqual([]);
    expect(tooFew(plan, timeline, 'band', 11, find)).toBeNull();
    expect(tooFew(plan, timeline, 'wall', 0, find)).toBeNull();
    const open = classOf(['band-turn-out']);
    expect(tooFew(open.plan, open.timeline, 'band', 3, find)).toBeNull();
  });
});

describe('the band over a class', () => {
  const best = (plan: Plan) => {
    const work = fewerHandlings(plan, find);
    for (;;) {
      const next = work.next();
      if (next.done) return next.value;
    }
  };

  it('is put on once, changes foot once, and stays where neighbours need it at one place', () => {
    const { plan } = classOf([...bandedClass]);
    const byFoot = { ...plan, blocks: plan.blocks.map((block) => ({ ...block, flow: 'by-foot' as const })) };
    expect(bandSteps(byFoot, find).map(({ handling }) => handling)).toEqual([
      'put on',
      'stays',
      'stays',
      'other foot',
      'stays',
      'stays',
    ]);
    // exercise by exercise it goes to the other foot and back each time: five times, and put on once
    expect(handlingsIn(bandSteps(plan, find))).toBe(6);
  });

  it('foot by foot saves four handlings of six, by hand; what is offered is what comes of it', () => {
    const { plan } = classOf([...bandedClass]);
    const way = best(plan)!;
    expect(way).toMatchObject({ handlings: 2, byFoot: true });
    const after = applyCommand(plan, way.command);
    if (!after.ok) throw new Error(after.error.code);
    expect(handlingsIn(bandSteps(after.value, find))).toBe(way.handlings);
    expect(buildTimeline({ plan: after.value, find }).totalMs - buildTimeline({ plan, find }).totalMs).toBe(
      way.deltaMs,
    );
    expect(way.deltaMs).toBeLessThanOrEqual(0);
    expect(best(after.value)).toBeNull();
  });

  it('inner, outer, inner is one turn too many: brought together it is put on and turned once', () => {
    const { plan } = classOf(['band-turn-in', 'band-turn-out', 'seated-band-turn-in']);
    const handled = bandSteps(plan, find).filter(({ handling }) => handling !== 'stays');
    expect(handled.map(({ handling }) => handling)).toEqual(['put on', 'pulls the other way', 'pulls the other way']);
    expect(best(plan)).toMatchObject({ handlings: 2, reorders: true, byFoot: false, deltaMs: 0 });
  });

  it('what comes in between without a band takes it off', () => {
    const { plan } = classOf(['waist-loop-up-down', 'big-toe-up', 'waist-loop-bent-knee']);
    expect(bandSteps(plan, find).map(({ handling }) => handling)).toEqual([
      'put on',
      'other foot',
      'put on',
      'other foot',
    ]);
  });

  it('an order that somebody locked is left alone', () => {
    const items = ['band-turn-in', 'band-turn-out', 'seated-band-turn-in'].map((id, i) =>
      catalogueItem(`item-${i}`, id, { locked: i === 1 }),
    );
    const plan = { ...classOf([]).plan, blocks: [newBlock('block-1', 'Bands', items)] };
    expect(handlingsIn(bandSteps(plan, find))).toBe(3);
    expect(best(plan)).toBeNull();
  });

  it('is not offered where the class would be longer by it: a long pause to compare the feet', () => {
    const { plan } = classOf([...bandedClass]);
    expect(best({ ...plan, pace: { ...plan.pace, compareSeconds: 600 } })).toBeNull();
  });

  it('a class without bands has none', () => {
    const { plan } = classOf(['big-toe-up']);
    expect(bandSteps(plan, find)).toEqual([]);
    expect(best(plan)).toBeNull();
  });
});

describe('changes of floor', () => {
  it('mats are laid where nothing lies ready, and taken out of the way for a walk, when the timeline says', () => {
    const padded = catalogue.find(({ performance }) => performance.floor === 'padded')!;
    const { plan, timeline } = classOf(['spread-and-narrow', padded.id, 'half-toe-walk'], { kitOut: 'when-needed' });
    const changes = floorChanges(timeline);
    expect(changes.map(({ itemId, what }) => [itemId, what])).toEqual([
      ['item-1', 'mats'],
      ['item-2', 'mats'],
    ]);
    expect(changes.every(({ ms }) => ms === plan.pace.floorChangeSeconds * 1000)).toBe(true);
  });
});
