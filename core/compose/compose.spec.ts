import type { Dose } from '../dose';
import { itemsOf, defaultPace } from '../plan';
import { Concern, defaultSchool } from '../exercise';
import { type LadderNote, newStudent } from '../roster';
import { catalogueOffers } from '../testing/twenty-briefs';
import { findInCatalogue } from '../testing/catalogue-class';
import { buildTimeline, slotFit } from '../timeline';
import {
  type ComposeBrief,
  type ComposeRequest,
  type Proposal,
  compose,
  composeNow,
  isBreak,
  kitOfLast,
  noHistory,
  usualBrief,
} from '.';
import { isLoaded } from './doses';
import { longestOnFeetMs } from './proposal';

const request = (brief: Partial<ComposeBrief>, change: Partial<ComposeRequest> = {}): ComposeRequest => ({
  brief: { ...usualBrief, ...brief },
  school: defaultSchool,
  pace: defaultPace(),
  library: catalogueOffers,
  seed: 3,
  ...change,
});
const work = ({ plan }: Proposal) =>
  itemsOf(plan).flatMap(({ recheck, exerciseId }) => {
    const family = catalogueOffers.find(({ exercise }) => exercise.id === exerciseId)!.exercise.family;
    return recheck || family === 'check' || family === 'close' ? [] : [exerciseId];
  });
const exerciseOf = (id: string) => catalogueOffers.find(({ exercise }) => exercise.id === id)!.exercise;
const familyOf = (id: string) => catalogueOffers.find(({ exercise }) => exercise.id === id)!.exercise.family;
const short: Partial<ComposeBrief> = { slotSeconds: 15 * 60 };

describe('composing from a seed', () => {
  it('gives the same classes again, and others from another seed', () => {
    const ids = (seed: number) => composeNow(request(short, { seed })).proposals.map(work);
    expect(ids(3)).toEqual(ids(3));
    expect(ids(4)).not.toEqual(ids(3));
  });

  it('says how far it is, and can be left', () => {
    const going = compose(request(short));
    const done: number[] = [];
    for (let i = 0; i < 12; i++) done.push((going.next().value as { done: number }).done);
    expect(done.every((share) => share >= 0 && share < 1)).toBe(true);
    expect([...done].sort((a, b) => a - b)).toEqual(done);
    expect(going.return(undefined as never).done).toBe(true);
  });
});

describe('an own exercise that is a name so far', () => {
  it('comes into no class, and that is said', () => {
    const [first] = catalogueOffers;
    const nothing = { plain: '', anatomical: '' };
    const exercise = { ...first!.exercise, id: 'gangway', cues: { ...first!.exercise.cues, action: nothing } };
    const asked = request(short, { library: [...catalogueOffers, { revision: 'f'.repeat(16), exercise }] });
    const { proposals } = composeNow(asked);
    expect(proposals).toHaveLength(3);
    expect(proposals.flatMap(work)).not.toContain('gangway');
    const left = composeNow({ ...asked, library: [{ revision: 'f'.repeat(16), exercise }] });
    expect(left.notAsked.map(({ words }) => words)).toEqual(['1 of your own say nothing of how they are done yet']);
  });
});

describe('asking again', () => {
  const [first] = composeNow(request(short)).proposals;

  it('another like this has the same idea, and shares at most 60 % with what is shown', () => {
    const shown = [itemsOf(first!.plan).map(({ exerciseId }) => exerciseId)];
    const [other] = composeNow(request({ ...short, idea: first!.idea }, { seed: 9, count: 1, shown })).proposals;
    expect(other!.idea).toBe(first!.idea);
    const ids = [...new Set(itemsOf(other!.plan).map(({ exerciseId }) => exerciseId))];
    expect(ids.filter((id) => shown[0]!.includes(id)).length).toBeLessThanOrEqual(0.6 * ids.length);
  });

  it('swap this one: one of its family in its place, the rest kept', () => {
    const before = work(first!);
    const out = before.find((id) => familyOf(id) === 'mobility')!;
    const swap = { plan: first!.plan, exerciseId: out };
    const [swapped] = composeNow(request({ ...short, idea: first!.idea }, { without: [out], swap })).proposals;
    const after = work(swapped!);
    const fresh = after[before.indexOf(out)]!;
    expect(after).toEqual(before.map((id) => (id === out ? fresh : id)));
    expect([familyOf(fresh), before.includes(fresh)]).toEqual(['mobility', false]);
    // what frames the class stays too, and it lands
    const frames = ({ plan }: Proposal) =>
      itemsOf(plan).flatMap(({ exerciseId }) => (work(first!).includes(exerciseId) ? [] : [exerciseId]));
    expect(frames(swapped!).filter((id) => id !== fresh)).toEqual(frames(first!));
    const { plannedMs, slotMs, reserveMs } = slotFit(
      swapped!.plan,
      buildTimeline({ plan: swapped!.plan, find: findInCatalogue }),
    );
    expect(Math.abs(plannedMs - (slotMs - reserveMs))).toBeLessThanOrEqual(20_000);
    expect(swapped!.reasons.map(({ itemId }) => itemId)).toEqual(first!.reasons.map(({ itemId }) => itemId));
  });

  it('every exercise of a class can be swapped for one of its family, or there is none; and keeps who stands no longer than before', () => {
    const asked = { ...short, concerns: ['falls-or-faints' as const] };
    const [one] = composeNow(request(asked, { count: 1 })).proposals;
    let swaps = 0;
    for (const out of work(one!)) {
      const [other] = composeNow(
        request({ ...asked, idea: one!.idea }, { without: [out], swap: { plan: one!.plan, exerciseId: out } }),
      ).proposals;
      if (!other) continue;
      swaps += 1;
      expect(work(other)).not.toContain(out);
      expect(longestOnFeetMs(buildTimeline({ plan: other.plan, find: findInCatalogue }))).toBeLessThanOrEqual(360_000);
    }
    expect(swaps).toBeGreaterThan(0.6 * work(one!).length);
  });

  it('more of a family: its share grows, and what was there stays', () => {
    const before = work(first!);
    const has = first!.shares.find(({ family }) => family === 'strength')!.has;
    const focus = { strength: Math.round(100 * has) + 15 };
    const [grown] = composeNow(request({ ...short, idea: first!.idea, focus }, { count: 1, kept: before })).proposals;
    expect(before.every((id) => work(grown!).includes(id))).toBe(true);
    expect(grown!.shares.find(({ family }) => family === 'strength')!.has).toBeGreaterThan(has + 0.04);
  });
});

describe('a group that comes back', () => {
  const [last] = composeNow(request({ slotSeconds: 20 * 60 })).proposals;
  const items = itemsOf(last!.plan).map(({ exerciseId, rungId }) => ({ exerciseId, rungId }));
  const times = Object.fromEntries(items.map(({ exerciseId }) => [exerciseId, 3]));
  const history = { ...noHistory, times, last: items };

  it('about half comes back, at most five are new, and it is told so', () => {
    const { proposals } = composeNow(request({ slotSeconds: 20 * 60 }, { history, seed: 5 }));
    expect(proposals.length).toBeGreaterThan(0);
    for (const proposal of proposals) {
      const ids = work(proposal);
      const back = ids.filter((id) => id in times).length / ids.length;
      expect(back).toBeGreaterThanOrEqual(0.3);
      expect(back).toBeLessThanOrEqual(0.75);
      expect(ids.filter((id) => !(id in times)).length).toBeLessThanOrEqual(6);
      expect(proposal.reasons.some(({ own }) => own.includes('Comes back from last time.'))).toBe(true);
      const familiar = itemsOf(proposal.plan).find(({ exerciseId }) => exerciseId in times);
      expect(familiar!.familiarity).toBe('known');
      expect(itemsOf(proposal.plan).some(({ familiarity }) => familiarity === 'new')).toBe(true);
    }
  });

  it('what helped in four looks and more comes again, and says how often', () => {
    const helped = { 'sideways-ankle-rock': { better: 5, looks: 6 } };
    const brief = { slotSeconds: 20 * 60 };
    const has = (of: typeof helped | Record<string, never>) =>
      composeNow(request(brief, { history: { ...noHistory, helped: of }, seed: 2 })).proposals.filter((p) =>
        work(p).includes('sideways-ankle-rock'),
      );
    expect(has(helped).length).toBeGreaterThan(has({}).length);
    const told = has(helped)[0]!.reasons.map(({ own }) => own);
    expect(told).toContainEqual(expect.stringContaining('Afterwards better 5 of 6 times in this group.'));
  });
});

describe('the kit of the last class', () => {
  const last = ['ball-along-the-sole', 'waist-loop-turn-in', 'two-foot-rise', 'towel-gather'].map((exerciseId) => ({
    exerciseId,
    rungId: exerciseOf(exerciseId).ladder?.startRung ?? null,
  }));
  const missing = (brief: Partial<ComposeBrief>) =>
    kitOfLast({ last }, catalogueOffers, { ...usualBrief, ...brief }, defaultSchool);

  it('is what it used and the brief has too little of, one for each who comes', () => {
    expect(missing({ people: 7, kit: { chair: 7, mat: 7 } })).toMatchObject({ 'firm-ball': 7 });
    expect(missing({ people: 7, kit: { chair: 7, mat: 7, 'firm-ball': 3 } })).toMatchObject({ 'firm-ball': 7 });
    expect(missing({ people: 7, kit: { chair: 7, mat: 7, 'firm-ball': 7 } })['firm-ball']).toBeUndefined();
  });

  it('what has something standing in for it is not missing', () => {
    expect(missing({ people: 7, kit: { chair: 7, mat: 7, band: 7 } })['long-loop']).toBeUndefined();
    expect(missing({ people: 7, kit: { chair: 7, mat: 7 } })['long-loop']).toBe(7);
  });
});

describe('a group that comes back from a break', () => {
  const rungs = exerciseOf('two-foot-rise').ladder!.rungs.map(({ id }) => id);
  const last = [{ exerciseId: 'two-foot-rise', rungId: rungs[2]! }];
  const few = catalogueOffers.filter(({ exercise: { id } }) =>
    ['ankle-circles', 'all-toes-up', 'short-foot', 'two-foot-rise', 'one-leg-stand', 'outer-edge-stand'].includes(id),
  );
  const classFor = (afterBreak: boolean) =>
    composeNow(
      request(
        { slotSeconds: 480, who: 'general', looks: false, afterBreak },
        { library: few, history: { ...noHistory, last }, count: 1 },
      ),
    ).proposals[0]!;
  const work = (afterBreak: boolean, id: string) => {
    const { plan } = classFor(afterBreak);
    const item = itemsOf(plan).find(({ exerciseId }) => exerciseId === id);
    const timeline = buildTimeline({ plan, find: findInCatalogue });
    return timeline.items.find(({ itemId }) => itemId === item?.id)?.totalMs ?? 0;
  };

  it('loaded work is a level lower than it had, what carries no weight stays', () => {
    const rungOf = (afterBreak: boolean, id: string) =>
      itemsOf(classFor(afterBreak).plan).find(({ exerciseId }) => exerciseId === id)?.rungId;
    expect([rungOf(false, 'two-foot-rise'), rungOf(true, 'two-foot-rise')]).toEqual([rungs[2], rungs[1]]);
    expect(rungOf(true, 'ankle-circles')).toBe(rungOf(false, 'ankle-circles'));
  });

  it('and about half of its usual dose, however much time there is to fill', () => {
    const reps = (dose: Dose) => dose.reduce((sum, part) => sum + (part.kind === 'reps' ? part.reps : 0), 0);
    const loaded = composeNow(request({ afterBreak: true, slotSeconds: 30 * 60 })).proposals.flatMap(({ plan }) =>
      itemsOf(plan).flatMap(({ exerciseId, rungId, dose }) => {
        const exercise = exerciseOf(exerciseId);
        const { least, usual } = (exercise.ladder?.rungs.find(({ id }) => id === rungId) ?? exercise).doses;
        return isLoaded(exercise) && reps(usual) > 0 ? [{ exerciseId, has: reps(dose), least, usual }] : [];
      }),
    );
    expect(loaded.length).toBeGreaterThan(5);
    // the nearest that is said, and never under the least
    const most = ({ least, usual }: (typeof loaded)[number]) => Math.max(reps(least), Math.ceil(0.67 * reps(usual)));
    expect(loaded.filter((one) => one.has > most(one))).toEqual([]);
    expect(work(true, 'two-foot-rise')).toBeLessThan(work(false, 'two-foot-rise'));
    const why = (afterBreak: boolean, id: string) => {
      const { plan, reasons } = classFor(afterBreak);
      const item = itemsOf(plan).find(({ exerciseId }) => exerciseId === id);
      return reasons.find(({ itemId }) => itemId === item?.id)?.own ?? '';
    };
    expect(why(true, 'two-foot-rise')).toContain('Gentler, after the weeks without a class.');
    expect([why(false, 'two-foot-rise'), why(true, 'ankle-circles')].join()).not.toContain('Gentler');
  });

  it('nobody is offered the level they had before it', () => {
    const levels = (afterBreak: boolean) =>
      composeNow(request({ ...short, who: 'mixed', afterBreak }, { count: 1 })).proposals.flatMap(({ plan }) =>
        itemsOf(plan).flatMap(({ easier, harder }) => [easier && 'easier', harder && 'harder'].filter(Boolean)),
      );
    expect([levels(false).includes('harder'), levels(true).includes('harder')]).toEqual([true, false]);
    expect(levels(true)).toContain('easier');
  });

  it('is one from four weeks without a class on', () => {
    const now = Date.parse('2026-11-28T10:00:00Z');
    expect(['2026-10-31T10:00:00Z', '2026-11-01T10:00:00Z'].map((at) => isBreak(at, now))).toEqual([true, false]);
  });
});

describe('a class of people nobody knows', () => {
  const unstable = ['half-ball-step', 'pillow-stand', 'unstable-stand'];
  const asked = { ...short, focus: { balance: 60 }, kit: { ...usualBrief.kit, 'half-ball': 12, cushion: 12 } };
  const kept = (brief: Partial<ComposeBrief>) =>
    composeNow(request({ ...asked, ...brief }, { count: 1 })).notAsked.find(({ words }) => words.includes('weeks'))
      ?.count;

  it('unstable ground has weeks of other work before it: for those who are further, or had it before', () => {
    // jumps wait for all but dancers, those in all directions for new dancers too
    const levels = [kept({}), kept({ who: 'dancers' }), kept({ who: 'dancers', level: 'new' })];
    expect(levels).toEqual([2 + unstable.length, undefined, 1 + unstable.length]);
    expect(kept({ level: 'further' })).toBeLessThan(unstable.length);
    const plans = composeNow(request(asked)).proposals.flatMap(({ plan }) => itemsOf(plan));
    expect(plans.filter(({ exerciseId }) => unstable.includes(exerciseId))).toEqual([]);
    const times = Object.fromEntries(unstable.map((id) => [id, 1]));
    const known = composeNow(request(asked, { history: { ...noHistory, times } })).proposals;
    expect(known.flatMap(({ plan }) => itemsOf(plan)).some(({ exerciseId }) => unstable.includes(exerciseId))).toBe(
      true,
    );
  });
});

describe('before rehearsal', () => {
  const { proposals } = composeNow(
    request({ slotSeconds: 12 * 60, who: 'dancers', occasion: 'warm-up', looks: false }),
  );

  it('what carries weight is not made more than its usual dose to fill the time', () => {
    const over = proposals.flatMap(({ plan }) =>
      itemsOf(plan).flatMap(({ exerciseId, rungId, dose }) => {
        const { exercise } = catalogueOffers.find((offer) => offer.exercise.id === exerciseId)!;
        const usual = (exercise.ladder?.rungs.find(({ id }) => id === rungId) ?? exercise).doses.usual;
        const reps = (of: typeof dose) => of.reduce((sum, part) => sum + (part.kind === 'reps' ? part.reps : 0), 0);
        return isLoaded(exercise) && reps(dose) > reps(usual) ? [exerciseId] : [];
      }),
    );
    expect([proposals.length, over]).toEqual([3, []]);
  });

  it('a class that is to have no looks gets none from the review either', () => {
    const looks = proposals.flatMap(({ plan }) => itemsOf(plan).filter(({ recheck }) => recheck));
    expect(looks).toEqual([]);
  });
});

describe('levels from a roster', () => {
  const students = ['anna', 'bert', 'cleo'].map((id) => newStudent(id, id, []));
  const placed = (studentId: string, rungId: string): LadderNote => ({
    id: `note-${studentId}`,
    studentId,
    exerciseId: 'two-foot-rise',
    foot: 'both',
    date: '2026-11-01',
    what: { kind: 'placed', rungId, why: 'begins', note: '' },
    by: '',
  });
  const { rungs, startRung } = catalogueOffers.find(({ exercise }) => exercise.id === 'two-foot-rise')!.exercise
    .ladder!;
  const [easiest, , third] = rungs;
  // so small a library that the rise has to come
  const few = catalogueOffers.filter(({ exercise: { id } }) =>
    [
      'walk-and-notice',
      'walk-and-compare',
      'ankle-circles',
      'all-toes-up',
      'short-foot',
      'two-foot-rise',
      'one-leg-stand',
    ].includes(id),
  );
  const riseIn = (notes: LadderNote[]) =>
    composeNow(request({ slotSeconds: 480, who: 'general' }, { library: few, roster: { students, notes }, count: 1 }))
      .proposals.flatMap(({ plan }) => itemsOf(plan))
      .find(({ exerciseId, recheck }) => exerciseId === 'two-foot-rise' && !recheck);

  it('the main level is where the middle of them stands, with what suits the others beside it', () => {
    const rise = riseIn([placed('anna', third!.id), placed('bert', third!.id), placed('cleo', easiest!.id)]);
    expect(rise).toMatchObject({ rungId: third!.id, easier: { rungId: easiest!.id } });
  });

  it('what comes back comes back on the level of last time', () => {
    const last = [{ exerciseId: 'two-foot-rise', rungId: third!.id }];
    const [found] = composeNow(
      request({ slotSeconds: 480, who: 'general' }, { library: few, history: { ...noHistory, last }, count: 1 }),
    ).proposals;
    const rise = itemsOf(found!.plan).find(({ exerciseId }) => exerciseId === 'two-foot-rise');
    expect(rise!.rungId).toBe(third!.id);
  });

  it('a share that cannot be met is not proposed: it is said, and the brief without it offered', () => {
    const asked = request({ slotSeconds: 480, who: 'general', focus: { balance: 80 } }, { library: few });
    const { proposals, clash } = composeNow(asked);
    expect(proposals).toEqual([]);
    expect(clash!.nearest.some(({ brief }) => Object.keys(brief.focus).length === 0)).toBe(true);
  });

  it('before rehearsal no hold is made longer than 15 s to fill the time', () => {
    const asked = request({ slotSeconds: 540, who: 'dancers', occasion: 'warm-up', looks: false }, { library: few });
    const longest = composeNow(asked).proposals.flatMap(({ plan }) =>
      itemsOf(plan).flatMap(({ dose }) => dose.flatMap((part) => (part.kind === 'hold' ? [part.holdSeconds] : []))),
    );
    expect(longest.filter((seconds) => seconds > 15)).toEqual([]);
  });

  it('nobody written down: the level where most people begin, and nothing beside it', () => {
    expect(riseIn([])).toMatchObject({ rungId: startRung, easier: null, harder: null });
  });
});

describe('a school for one class', () => {
  it('its answers stand in the class, the rest is as the teacher teaches', () => {
    const [first] = composeNow(request({ ...short, school: { release: 'closes', sides: 'by-foot' } })).proposals;
    expect(first!.plan.school).toEqual({ ...defaultSchool, release: 'closes', sides: 'by-foot' });
    expect(first!.plan.blocks.every(({ flow }) => flow === 'by-foot')).toBe(true);
    const release = work(first!).findIndex((id) => familyOf(id) === 'release');
    expect(release === -1 || release === work(first!).length - 1).toBe(true);
  });
});

describe('briefs that clash', () => {
  const clashOf = (brief: Partial<ComposeBrief>, change: Partial<ComposeRequest> = {}) => {
    const asked = request(brief, change);
    const { proposals, clash } = composeNow(asked);
    expect(proposals).toEqual([]);
    // what is offered works: the nearest is composed once more
    const [near] = clash!.nearest;
    expect(near && composeNow({ ...asked, brief: near.brief, count: 1 }).proposals.length).toBe(1);
    expect(clash!.nearest.length).toBeGreaterThan(0);
    return clash!;
  };

  it('60 minutes of band work and no bands: says so, and offers bands, or the class without', () => {
    const { words, nearest } = clashOf({ slotSeconds: 3600, focus: { band: 60 } });
    expect(words.join()).toMatch(/You ask for band.*band/);
    expect(nearest.map((near) => near.words)).toEqual(expect.arrayContaining([expect.stringMatching(/^with 12 band/)]));
    expect(nearest.some(({ brief }) => brief.focus.band === undefined)).toBe(true);
  });

  it('a 3-minute slot with a look first and again: says how long they take, and offers it without, or longer', () => {
    const { words, nearest } = clashOf({ slotSeconds: 180 });
    expect(words.join()).toMatch(/In 3 minutes the look first and again take \d+ s/);
    expect(nearest.map((near) => near.words)).toContainEqual('without the look first and again');
  });

  it('nothing left after what people have: names it, and says who comes first', () => {
    const brief = { concerns: [...Concern.options], places: ['floor' as const], kit: {}, floor: 'outdoors' as const };
    const { clash, proposals } = composeNow(request(brief));
    expect(proposals).toEqual([]);
    expect(clash!.words.join(' ')).toMatch(/No exercise is left/);
    expect(clash!.words.join(' ')).toContain('clinician');
  });

  it('longer than what is left can fill: says how long that is', () => {
    const { words, nearest } = clashOf({ slotSeconds: 7200, places: ['chair'], kit: { chair: 12 } });
    expect(words.join()).toMatch(/120 minutes are more than what is left can fill/);
    expect(nearest[0]!.brief.slotSeconds).toBeLessThan(7200);
  });

  it('an empty library has nothing to offer, and says so', () => {
    const { clash, proposals } = composeNow(request({}, { library: [] }));
    expect(proposals).toEqual([]);
    expect(clash!.words.join()).toMatch(/No exercise is left/);
    expect(clash!.nearest).toEqual([]);
  });
});

describe('what was not asked to come', () => {
  it('is told by its cause, the largest first, and adds up to the library', () => {
    const { notAsked, proposals } = composeNow(request({ ...short, concerns: ['sore-achilles'] }, { count: 1 }));
    expect(notAsked.map(({ count }) => count)).toEqual(notAsked.map(({ count }) => count).sort((a, b) => b - a));
    expect(notAsked.map(({ words }) => words).join()).toMatch(/sore Achilles/);
    const left = notAsked.reduce((sum, { count }) => sum + count, 0);
    expect(left).toBeLessThan(catalogueOffers.length - proposals[0]!.plan.blocks.length);
  });
});
