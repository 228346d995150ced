import fc from 'fast-check';
import { counts, holds, reps } from '../dose';
import { type Exercise, type School, defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import {
  type AnyItem,
  type Block,
  type Brief,
  type Item,
  type Plan,
  type PlanCommand,
  applyCommand,
  findItem,
  itemsOf,
  newBlock,
  newItem,
  newPlan,
} from '../plan';
import { buildTimeline } from '../timeline';
import { type Finding, contextOf, foundBy } from './finding';
import { review, rules } from './review';
import { type Offer, type OtherDose, judgeOrder } from './rule';

const offers = catalogue.map((exercise, i) => ({ exercise, revision: i.toString(16).padStart(16, '0') }));
const find = (revision: string) => offers.find((o) => o.revision === revision)?.exercise ?? null;

type Entry = string | readonly [id: string, change: Partial<Item>];
interface Setting {
  readonly school?: Partial<School>;
  readonly brief?: Partial<Brief>;
  readonly music?: Plan['music'];
  readonly flow?: Block['flow'];
  readonly otherDoses?: ReadonlyMap<string, readonly OtherDose[]>;
}

/** A class of catalogue exercises at their usual doses, in one block; under eight minutes nobody asks for a look. */
function classOf(entries: readonly Entry[], { school, brief, flow, music }: Setting = {}): Plan {
  const settled = { ...defaultSchool, ...school };
  const items = entries.map((entry, i): Item => {
    const [id, change] = typeof entry === 'string' ? [entry, {}] : entry;
    const offer = offers.find((o) => o.exercise.id === id);
    if (!offer) throw new Error(id);
    return { ...newItem(`item-${i}`, offer.exercise, offer.revision, settled), ...change };
  });
  const plan = newPlan('class-1', 'Reviewed', 3600, settled);
  return {
    ...plan,
    brief: { ...plan.brief, ...brief },
    ...(music ? { music } : {}),
    blocks: [{ ...newBlock('block-1', 'Work', items), flow: flow ?? 'by-exercise' }],
  };
}

function reviewed(plan: Plan, setting: Setting = {}): Finding[] {
  let n = 0;
  return review({
    plan,
    timeline: buildTimeline({ plan, find }),
    library: offers,
    otherDoses: setting.otherDoses,
    nextId: () => `added-${++n}`,
  });
}
const broken = (entries: readonly Entry[], setting: Setting = {}) =>
  reviewed(classOf(entries, setting), setting).map((f) => f.rule);
const short = (id: string): Entry => [id, { dose: [reps(4)] }];

const unstable = (harder: string): Entry => [
  'unstable-stand',
  { rungId: 'held-two', dose: [holds(1, 15, 15)], harder: { rungId: harder } },
];

/** Jumps that leave the floor: the level before only bounces. */
const jumping: Entry = ['small-jumps', { rungId: 'held', dose: [reps(12)] }];

/** Nine minutes that look first, work, and look again: a class, and no warm-up. */
const aClass = (...work: readonly Entry[]): readonly Entry[] => [
  'walk-and-notice',
  ['spread-and-narrow', { dose: [reps(100)] }],
  ...work,
  ['walk-and-compare', { recheck: { of: null } }],
];

/** Half a minute of music at 96 a minute: 48 counts. */
const tide: Setting = {
  music: { countIn: 0, pieces: [{ id: 'tide', title: 'Tide', beatsPerMinute: 96, seconds: 30 }] },
};

/** For each rule a class that breaks only it, and one that does not. */
const cases: Readonly<
  Record<
    string,
    {
      readonly breaks: readonly Entry[];
      readonly keeps: readonly Entry[];
      readonly with?: Setting;
      readonly keepsWith?: Setting;
      /** Only to be known: nothing to press. */
      readonly onlySaid?: true;
    }
  >
> = {
  caution: {
    breaks: ['tucked-toes-heel-sit', 'calf-stretch-straight-knee'],
    keeps: ['seated-toes-tucked', 'calf-stretch-straight-knee'],
    with: { brief: { concerns: ['sore-knees'] } },
  },
  'impact-cold': { breaks: [jumping], keeps: ['knee-to-wall', 'heel-to-ball-rock', jumping] },
  'eyes-shut-early': {
    breaks: ['eyes-shut-stand'],
    keeps: [['one-leg-stand', { rungId: 'one-finger' }], 'eyes-shut-stand'],
  },
  'unstable-early': {
    breaks: ['pillow-stand'],
    keeps: ['edge-to-edge', 'pillow-stand'],
    with: { school: { harderBalance: 'surface' } },
  },
  slippery: {
    breaks: ['barefoot-squat', ['wedge-squat', { rungId: 'held', dose: [reps(2)] }]],
    keeps: ['barefoot-squat', ['wedge-squat', { rungId: 'held', dose: [reps(2)] }]],
    with: { school: { footwear: 'socks' } },
    keepsWith: {},
  },
  'held-back': {
    breaks: [['waist-loop-bent-knee', { rungId: 'near' }]],
    keeps: [['waist-loop-bent-knee', { rungId: 'far' }]],
    with: { brief: { concerns: ['sore-achilles'] } },
    keepsWith: {},
  },
  'support-offered': {
    breaks: [['one-leg-stand', { rungId: 'free' }]],
    keeps: [['one-leg-stand', { rungId: 'free', easier: { rungId: 'one-finger' } }]],
    with: { brief: { concerns: ['pregnancy'] } },
    keepsWith: {},
  },
  'main-for-nobody': {
    breaks: [
      [
        'one-leg-stand',
        {
          rungId: 'one-finger',
          easier: { rungId: 'three-fingers' },
          heads: { main: 0, easier: 4, harder: 0, other: 1 },
        },
      ],
    ],
    keeps: [
      [
        'one-leg-stand',
        {
          rungId: 'one-finger',
          easier: { rungId: 'three-fingers' },
          heads: { main: 1, easier: 4, harder: 0, other: 0 },
        },
      ],
    ],
  },
  mindful: {
    breaks: ['short-foot'],
    keeps: ['short-foot'],
    with: { brief: { concerns: ['cramp'] } },
    keepsWith: {},
    onlySaid: true,
  },
  'kit-short': {
    breaks: [['ball-above-ankles-rise', { dose: [reps(4)] }]],
    keeps: [['ball-above-ankles-rise', { dose: [reps(4)] }]],
    with: { brief: { people: 11, cupboard: { 'soft-ball': 3 } } },
    keepsWith: { brief: { people: 11, cupboard: { 'soft-ball': 11 } } },
  },
  'option-support': {
    breaks: [['hands-and-feet-calf', { rungId: 'both-heels', easier: { rungId: 'chair-seat' } }]],
    keeps: [['hands-and-feet-calf', { rungId: 'both-heels' }]],
    onlySaid: true,
  },
  floor: { breaks: ['cloth-drag'], keeps: ['cloth-drag'], with: { brief: { floor: 'carpet' } }, keepsWith: {} },
  'ladder-order': {
    breaks: [
      ['short-foot', { rungId: 'standing', dose: [holds(4, 10, 5)] }],
      ['short-foot', { rungId: 'seated', dose: [holds(5, 5, 5)] }],
    ],
    keeps: [
      ['short-foot', { rungId: 'seated', dose: [holds(5, 5, 5)] }],
      ['short-foot', { rungId: 'standing', dose: [holds(4, 10, 5)] }],
    ],
  },
  prepared: {
    breaks: ['calf-stretch-bent-knee', 'calf-stretch-straight-knee'],
    keeps: ['calf-stretch-straight-knee', 'calf-stretch-bent-knee'],
  },
  'ask-first': {
    breaks: ['knee-to-wall'],
    keeps: ['calf-stretch-straight-knee'],
    with: { brief: { concerns: ['recent-injury'] } },
  },
  owed: {
    breaks: [['ankle-circles', { dose: [reps(5)] }]],
    keeps: [['ankle-circles', { dose: [reps(5, { per: { directions: 2 } })] }]],
  },
  'uneven-pair': {
    breaks: [
      ['band-turn-out', { dose: [reps(12)] }],
      ['band-turn-in', { dose: [reps(8)] }],
    ],
    keeps: [
      ['band-turn-out', { dose: [reps(12)] }],
      ['band-turn-in', { dose: [reps(12)] }],
    ],
  },
  'one-way': {
    breaks: aClass('band-turn-out'),
    keeps: aClass('band-turn-out', 'band-turn-in'),
  },
  'look-first': {
    breaks: [['spread-and-narrow', { dose: [reps(100)] }], 'walk-and-compare'],
    keeps: ['walk-and-notice', ['spread-and-narrow', { dose: [reps(100)] }], 'walk-and-compare'],
  },
  'look-again': {
    breaks: ['walk-and-notice', ['spread-and-narrow', { dose: [reps(100)] }]],
    keeps: ['walk-and-notice', ['spread-and-narrow', { dose: [reps(100)] }], 'walk-and-compare'],
  },
  'release-place': {
    breaks: [
      'walk-and-notice',
      'ball-along-the-sole',
      'easy-stepping',
      'calf-stretch-straight-knee',
      'lean-forward-and-back',
      'walk-and-compare',
    ],
    keeps: [
      'walk-and-notice',
      'easy-stepping',
      'calf-stretch-straight-knee',
      'lean-forward-and-back',
      'ball-along-the-sole',
      'walk-and-compare',
    ],
    with: { school: { release: 'closes' } },
  },
  'region-run': {
    breaks: ['heel-to-ball-rock', short('two-foot-rise'), short('ball-held-rise')],
    keeps: ['heel-to-ball-rock', short('two-foot-rise'), 'spread-and-narrow', short('ball-held-rise')],
  },
  'arch-third': {
    breaks: ['walk-and-notice', 'splay-and-twist', 'short-foot', 'cloth-drag', 'walk-and-compare'],
    keeps: ['walk-and-notice', 'splay-and-twist', 'short-foot', 'loose-ankle-shake', 'cloth-drag', 'walk-and-compare'],
  },
  'balance-after-calf': {
    breaks: ['knee-to-wall', ['single-leg-rise', { dose: [reps(40)] }], 'one-leg-stand'],
    keeps: ['knee-to-wall', 'one-leg-stand', ['single-leg-rise', { dose: [reps(40)] }]],
  },
  'standing-leg': {
    breaks: [
      'walk-and-notice',
      ['ground-the-toes', { rungId: 'free', dose: [holds(4, 30, 5)] }],
      ['one-leg-stand', { rungId: 'free', dose: [holds(2, 45, 5)] }],
      'walk-and-compare',
    ],
    keeps: [
      'walk-and-notice',
      ['ground-the-toes', { rungId: 'free', dose: [holds(4, 30, 5)] }],
      ['one-leg-stand', { rungId: 'free', dose: [holds(2, 45, 5)] }],
      'walk-and-compare',
    ],
    with: { flow: 'by-foot' },
    keepsWith: {},
  },
  'mats-twice': {
    breaks: [
      ['pointed-heel-sit', { locked: true }],
      ['heel-walk', { locked: true }],
      ['tucked-toes-heel-sit', { locked: true }],
    ],
    keeps: ['pointed-heel-sit', 'tucked-toes-heel-sit', 'heel-walk'],
  },
  changes: {
    breaks: ['easy-stepping', 'loose-ankle-shake', 'lean-forward-and-back', 'four-part-point'],
    keeps: ['easy-stepping', 'loose-ankle-shake', 'four-part-point', 'lean-forward-and-back'],
  },
  bridge: {
    breaks: ['big-toe-up', 'pick-up-small-things'],
    keeps: ['big-toe-up', ['pick-up-small-things', { cues: { setup: 'Grip now.' } }]],
    with: { school: { archWork: 'toes-grip' } },
  },
  'unseen-fault': {
    breaks: ['half-toe-walk', 'knee-to-wall'],
    keeps: ['half-toe-walk', 'knee-to-wall'],
    with: { brief: { teacherAt: 'front' } },
    keepsWith: { brief: { teacherAt: 'walks' } },
  },
  'music-runs-out': {
    breaks: [['easy-stepping', { dose: [counts(8, 8, 96)], piece: 'tide' }]],
    keeps: [['easy-stepping', { dose: [counts(4, 8, 96)], piece: 'tide' }]],
    with: tide,
  },
  'other-tempo': {
    breaks: [['easy-stepping', { dose: [counts(4, 8, 104)], piece: 'tide' }]],
    keeps: [['easy-stepping', { dose: [counts(4, 8, 96)], piece: 'tide' }]],
    with: tide,
  },
  'open-eight': {
    breaks: [['easy-stepping', { dose: [counts(1, 12, 96)] }]],
    keeps: [['easy-stepping', { dose: [counts(3, 8, 96)] }]],
  },
  schools: { breaks: ['sore-spot-wait'], keeps: ['sore-spot-wait'], keepsWith: { school: { rolling: 'stops' } } },
  'two-axes': {
    breaks: ['edge-to-edge', unstable('squat-two')],
    keeps: ['edge-to-edge', unstable('free-two')],
    with: { school: { harderBalance: 'surface' } },
  },
  'two-doses': {
    breaks: [['spread-and-narrow', { dose: [reps(12)] }]],
    keeps: [['spread-and-narrow', { dose: [reps(8)] }]],
    with: {
      otherDoses: new Map([['spread-and-narrow', [{ title: 'Monday', rungId: 'fingers-copy', dose: [reps(8)] }]]]),
    },
  },
};

describe('each rule', () => {
  it('has a case of its own', () => {
    expect(Object.keys(cases).sort()).toEqual(rules.map((r) => r.id).sort());
  });

  it.each(Object.entries(cases))(
    '%s: a class that breaks only it, and one that does not',
    (id, { breaks, keeps, with: setting, keepsWith }) => {
      expect([...new Set(broken(breaks, setting))]).toEqual([id]);
      expect(broken(keeps, keepsWith ?? setting)).toEqual([]);
    },
  );

  it('two-axes is quiet about the neighbour, which says why or changes one', () => {
    expect(broken(['knee-to-wall'], { brief: { teacherAt: 'front' } })).toEqual([]);
  });
});

describe('an order of items', () => {
  const orderRules = rules.flatMap((rule) => (rule.kind === 'order' ? [rule] : []));
  const pool = offers.filter(({ exercise }) => exercise.family !== 'close');

  it('is judged the same whether it is a plan or only asked about (any order, any class)', () => {
    const anyOrder = fc
      .uniqueArray(fc.nat({ max: pool.length - 1 }), { minLength: 2, maxLength: 9 })
      .chain((picked) => fc.tuple(fc.constant(picked), fc.shuffledSubarray(picked, { minLength: picked.length })));
    let broke = 0;
    fc.assert(
      fc.property(anyOrder, ([picked, order]) => {
        const idOf = (at: number) => pool[at]?.exercise.id ?? '';
        const plan = classOf(picked.map(idOf), { brief: { floor: 'wood' } });
        const [block] = plan.blocks;
        if (!block) return;
        const items = order.map((at) => block.items[picked.indexOf(at)]!);
        const ordered = { ...plan, blocks: [{ ...block, items }] };
        const asked = contextOf({ plan, timeline: buildTimeline({ plan, find }), nextId: () => 'none' });
        const entries = items.map((item) => asked.entry(item.id)!);
        const reviewedKeys = reviewed(ordered).flatMap((f) => (orderRules.some((r) => r.id === f.rule) ? [f.key] : []));
        const judgedKeys = orderRules.flatMap((rule) =>
          judgeOrder(rule, entries, asked).map((b) => [rule.id, b.about ?? '', ...[...b.itemIds].sort()].join(' ')),
        );
        broke += judgedKeys.length;
        expect(judgedKeys.sort()).toEqual(reviewedKeys.sort());
      }),
      { numRuns: 300, seed: 7 },
    );
    expect(broke).toBeGreaterThan(50);
  });

  it('leaves states that are small and say the same when they mean the same', () => {
    const plan = classOf(['two-foot-rise', 'one-leg-stand', 'short-foot', 'big-toe-up']);
    const context = contextOf({ plan, timeline: buildTimeline({ plan, find }), nextId: () => 'none' });
    for (const rule of orderRules) {
      let state = rule.begin;
      for (const entry of context.entries) ({ state } = rule.judge(state, entry, context));
      expect(JSON.stringify(state).length).toBeLessThan(200);
      expect(JSON.parse(JSON.stringify(state))).toEqual(state);
    }
  });
});

describe('what is not a fault (practice)', () => {
  it('release at the end, and toes on one foot before rises on two', () => {
    expect(broken(['big-toe-up', 'two-foot-rise', 'knee-to-wall', 'ball-along-the-sole'])).toEqual([]);
  });

  it('unequal sides on purpose', () => {
    expect(broken([['band-turn-out', { sides: { mode: 'extra-set', weaker: 'right' } }], 'band-turn-in'])).toEqual([]);
  });

  it('an exercise its teacher calls the relief: it loads nothing, and eases what came before', () => {
    const work = (...ids: readonly string[]) => {
      const plan = classOf(aClass(...ids.map(short)));
      const eased = catalogue.find((e) => e.id === 'cloth-drag')!;
      const asRelief = { ...eased, relief: true };
      const rules = (of: (revision: string) => Exercise | null) =>
        review({ plan, timeline: buildTimeline({ plan, find: of }), library: offers, nextId: () => 'added-1' }).map(
          (f) => f.rule,
        );
      return [rules(find), rules((revision) => (find(revision)?.id === eased.id ? asRelief : find(revision)))];
    };
    const [worked, eased] = work('splay-and-twist', 'cloth-drag', 'short-foot');
    expect([worked?.includes('arch-third'), eased?.includes('arch-third')]).toEqual([true, false]);
  });

  it('the relief is none of three items running that load one part', () => {
    const plan = classOf(['heel-to-ball-rock', short('two-foot-rise'), short('ball-held-rise')]);
    const asRelief = { ...catalogue.find((e) => e.id === 'ball-held-rise')!, relief: true };
    const of = (revision: string) => (find(revision)?.id === asRelief.id ? asRelief : find(revision));
    const rules = (found: typeof find) =>
      review({ plan, timeline: buildTimeline({ plan, find: found }), library: offers, nextId: () => 'added-1' }).map(
        (f) => f.rule,
      );
    expect([rules(find).includes('region-run'), rules(of).includes('region-run')]).toEqual([true, false]);
  });

  it('three band items in one go: the band is placed once', () => {
    expect(broken(['waist-loop-turn-in', 'waist-loop-turn-out', 'waist-loop-odd-angles'])).not.toContain('region-run');
  });
});

describe('what is worn through exercises that must go', () => {
  const concerned: Setting = { brief: { concerns: ['sore-knees'] } };
  const dressed = (until: boolean): Plan => {
    const plan = classOf(['toe-spacer-wear', 'tucked-toes-heel-sit', 'loose-ankle-shake'], concerned);
    const [block] = plan.blocks;
    const items = itemsOf(plan).map((item, i) => (i === 0 && until ? { ...item, wornUntil: 'item-1' } : item));
    return { ...plan, blocks: [{ ...block!, items }] };
  };
  const mendOf = (plan: Plan, library: readonly Offer[]) =>
    review({ plan, timeline: buildTimeline({ plan, find }), library, nextId: () => 'added-1' })
      .find((f) => f.rule === 'caution')
      ?.mend();

  it('no mend ends the wearing: leaving out the only one it is worn through is not offered', () => {
    expect(mendOf(dressed(false), [])?.words).toBe('Leave it out');
    expect(mendOf(dressed(true), [])).toBeNull();
  });

  it('another exercise in the place of the one it is worn up to: it is worn up to that one', () => {
    const plan = dressed(true);
    const mend = mendOf(plan, offers);
    const done = mend && applyCommand(plan, mend.command);
    if (!done?.ok) throw new Error('no mend');
    expect(itemsOf(done.value)[0]?.wornUntil).toBe('added-1');
  });
});

describe('a concern that rules out every exercise of a class', () => {
  const bands = ['band-turn-in', 'band-turn-out', 'waist-loop-bent-knee', 'toe-spacer-wear'];
  const numb: Setting = { brief: { concerns: ['numb-or-diabetic-feet'] } };
  const cautions = (ids: readonly string[]) => reviewed(classOf(ids, numb)).filter((f) => f.rule === 'caution');

  it('is told once, in a sentence, and nothing is taken away', () => {
    const [only, ...others] = cautions(bands);
    expect([only?.itemIds.length, others, only?.mend()]).toEqual([4, [], null]);
    expect(only?.words()).toContain(
      'All 4 exercises are left out with little feeling in the feet, or diabetes: this class does not suit this group.',
    );
  });

  it('is told of each exercise where one of them may stay, and where there are only two', () => {
    expect(cautions([...bands, 'loose-ankle-shake']).map((f) => f.itemIds.length)).toEqual([1, 1, 1, 1]);
    expect(cautions(bands.slice(0, 2)).map((f) => f.itemIds.length)).toEqual([1, 1]);
  });
});

describe('kit that is short', () => {
  it('is told in a sentence with its time, and answered with what the exercise itself names', () => {
    const setting = { brief: { people: 11, cupboard: { 'soft-ball': 3 } } };
    const [finding] = reviewed(classOf([['ball-above-ankles-rise', { dose: [reps(4)] }]], setting), setting);
    expect(finding?.words()).toMatch(/^small soft ball: 3 for 11 people in .*\. That is four turns, .* more\.$/);
    expect(finding?.mend()?.words).toBe('Cushion in place of small soft ball');
    expect(finding?.mend()?.deltaMs).toBeLessThan(0);
  });

  it('of which there is none at all says so: nobody can take turns with nothing', () => {
    const setting = { brief: { people: 11, cupboard: { band: 0 } } };
    const [finding] = reviewed(classOf(['band-turn-in'], setting), setting).filter((f) => f.rule === 'kit-short');
    expect(finding?.words()).toContain('there is nothing to take turns with');
  });
});

describe('a main level that nobody does', () => {
  const counted = (heads: Item['heads'], change: Partial<Item> = {}) =>
    reviewed(
      classOf([
        [
          'one-leg-stand',
          { rungId: 'one-finger', easier: { rungId: 'three-fingers' }, harder: { rungId: 'free' }, heads, ...change },
        ],
      ]),
    ).filter((f) => f.rule === 'main-for-nobody');

  it('is answered with the option that is done: it becomes the main one, with those who do it', () => {
    const [finding] = counted({ main: 0, easier: 7, harder: 2, other: 1 });
    expect(finding?.words()).toMatch(/^Nobody in this group does the main level of .*: 7 do the easier one\.$/);
    const mend = finding?.mend();
    expect(mend?.words).toMatch(/^Make “.*” the main level$/);
    expect(mend?.command).toMatchObject({
      change: { rungId: 'three-fingers', easier: null, heads: { main: 7, easier: 0, harder: 2, other: 1 } },
    });
  });

  it('is the harder one where more do that', () => {
    expect(counted({ main: 0, easier: 2, harder: 7, other: 0 })[0]?.words()).toContain('7 do the harder one');
  });

  it('is not found where nobody has counted, or all do something else', () => {
    expect(counted(null)).toEqual([]);
    expect(counted({ main: 0, easier: 0, harder: 0, other: 5 })).toEqual([]);
  });
});

describe('a floor that an exercise cannot be done on', () => {
  const onCarpet = (change: Partial<Item> = {}, block: Partial<Block> = {}) => {
    const plan = classOf([['towel-gather', change]], { brief: { floor: 'carpet' } });
    return { ...plan, blocks: plan.blocks.map((b) => ({ ...b, ...block })) };
  };

  it('is first answered with the kit that the exercise itself names', () => {
    const [finding] = reviewed(onCarpet()).filter((f) => f.rule === 'floor');
    expect(finding?.words()).toContain('it is taught on carpet');
    expect(finding?.mend()?.words).toBe('Small objects in place of cloth or towel');
  });

  it('is not found where the item, or its block, is taught on another floor', () => {
    expect(reviewed(onCarpet({ floor: 'tile' })).map((f) => f.rule)).not.toContain('floor');
    expect(reviewed(onCarpet({}, { floor: 'wood' })).map((f) => f.rule)).not.toContain('floor');
  });

  it('on wood a padded exercise may stand in for another: a mat can be laid', () => {
    const plan = classOf(['tucked-toes-heel-sit'], { brief: { floor: 'wood', concerns: ['sore-knees'] } });
    expect(
      reviewed(plan)
        .find((f) => f.rule === 'caution')
        ?.mend()?.words,
    ).toMatch(/^Take .* instead$/);
  });
});

describe('a finding', () => {
  it('says what is owed in seconds: five circles of 4 s are 20 s', () => {
    const [finding] = reviewed(classOf([['ankle-circles', { dose: [reps(5)] }]]));
    expect(finding?.words()).toBe('Ankle circles: each foot owes 5 reps the other way, 20 s.');
  });

  it.each(Object.entries(cases).filter(([, one]) => !one.onlySaid))(
    '%s is mended by its one step, and nothing as hard comes of it',
    (id, one) => {
      const plan = classOf(one.breaks, one.with);
      const before = reviewed(plan, one.with);
      const [finding] = before.filter((f) => f.mend() !== null);
      const mend = finding?.mend();
      if (!mend) throw new Error(`nothing mends ${id}`);
      const after = applyCommand(plan, mend.command);
      if (!after.ok) throw new Error(after.error.code);
      const left = reviewed(after.value, one.with);
      expect(left.map((f) => f.key)).not.toContain(finding?.key);
      const rank = ['hard', 'soft', 'note'].indexOf(finding?.severity ?? 'note');
      const asHard = left.filter((f) => ['hard', 'soft', 'note'].indexOf(f.severity) <= rank);
      expect(asHard.filter((f) => !before.some((b) => b.key === f.key && f.rule !== 'changes'))).toEqual([]);
      expect(mend.deltaMs).toBe(
        buildTimeline({ plan: after.value, find }).totalMs - buildTimeline({ plan, find }).totalMs,
      );
    },
  );

  const after = (plan: Plan, command: PlanCommand): Plan => {
    const done = applyCommand(plan, command);
    if (!done.ok) throw new Error(done.error.code);
    return done.value;
  };
  /** Worn before, and through nothing now. */
  const isTakenOffAtOnce = (plan: Plan, itemId: string) => findItem(plan, itemId)?.item.wornUntil === null;

  /** Any class that somebody could plan: any exercises, floor, footwear, concerns, foot by foot or not, a re-check, talk, spacers. */
  const anyClass = fc
    .record({
      picked: fc.uniqueArray(fc.nat({ max: offers.length - 1 }), { minLength: 3, maxLength: 8 }),
      floor: fc.constantFrom('wood' as const, 'carpet' as const, 'tile' as const),
      concerns: fc.subarray(['sore-knees', 'falls-or-faints', 'sore-achilles'] as const, { maxLength: 2 }),
      footwear: fc.constantFrom('bare' as const, 'socks' as const),
      flow: fc.constantFrom('by-exercise' as const, 'by-foot' as const),
      drill: fc.nat({ max: 7 }),
      talkAt: fc.option(fc.nat({ max: 7 })),
      wears: fc.boolean(),
    })
    .map(({ picked, floor, concerns, footwear, flow, drill, talkAt, wears }): Plan => {
      const entries = picked.map((at) => offers[at]?.exercise.id ?? '');
      const of = drill % picked.length;
      const again: Entry = ['walk-and-compare', { recheck: { of: `item-${of}` } }];
      const plan = classOf([...entries, again], { brief: { floor, concerns }, school: { footwear }, flow });
      const spacers = offers.find((o) => o.exercise.id === 'toe-spacer-wear')!;
      const worn = {
        ...newItem('item-worn', spacers.exercise, spacers.revision, plan.school),
        wornUntil: `item-${of}`,
      };
      const talk = { kind: 'talk', id: 'item-talk', name: 'Why feet', seconds: 40, note: '' } as const;
      const commands: PlanCommand[] = [
        { type: 'edit-class', change: {} },
        ...(talkAt === null ? [] : [{ type: 'add-item', item: talk, blockId: 'block-1', index: talkAt } as const]),
        ...(wears ? [{ type: 'add-item', item: worn, blockId: 'block-1', index: 0 } as const] : []),
      ];
      return commands.reduce(after, plan);
    });
  const ranks = ['hard', 'soft', 'note'];
  const lengthOf = (plan: Plan) => buildTimeline({ plan, find }).totalMs;
  const recheckOf = (item: AnyItem | undefined) => (item?.kind === 'exercise' ? item.recheck : null);
  /** Each re-check that names a drill stands right behind it, or behind another re-check of it. */
  const parted = (plan: Plan) => {
    for (const { items } of plan.blocks)
      for (const [i, item] of items.entries()) {
        const recheck = recheckOf(item);
        const before = items[i - 1];
        if (recheck?.of && before?.id !== recheck.of && recheckOf(before)?.of !== recheck.of) return true;
      }
    return false;
  };

  it('offers only mends that do what they say (any class): the finding goes, nothing as hard comes, the length is right', () => {
    let offered = 0;
    let dropped = 0;
    fc.assert(
      fc.property(anyClass, (plan) => {
        const before = reviewed(plan);
        const context = contextOf({
          plan,
          timeline: buildTimeline({ plan, find }),
          library: offers,
          nextId: () => 'tried-1',
        });
        const first = new Map(
          rules.flatMap((rule) => foundBy(rule, context)).map((found) => [found.key, found.explain().mends()[0]]),
        );
        dropped += [...first.keys()].filter((key) => !before.some((f) => f.key === key)).length;
        const rechecks = new Set(itemsOf(plan).flatMap((i) => (i.recheck?.of ? [i.id] : [])));
        for (const finding of before) {
          const mend = finding.mend();
          if (first.get(finding.key) && first.get(finding.key)?.words !== mend?.words) dropped++;
          if (!mend) continue;
          offered++;
          const mended = after(plan, mend.command);
          const left = reviewed(mended);
          const isNew = (f: Finding) =>
            !before.some((b) => b.rule === f.rule && f.itemIds.every((id) => b.itemIds.includes(id)));
          expect(left.map((f) => f.key)).not.toContain(finding.key);
          expect(
            left.filter(
              (f) => f.rule !== 'changes' && isNew(f) && ranks.indexOf(f.severity) <= ranks.indexOf(finding.severity),
            ),
          ).toEqual([]);
          expect(lengthOf(mended) - lengthOf(plan)).toBe(mend.deltaMs);
          const adrift = itemsOf(mended).filter((i) => i.recheck?.of === null && rechecks.has(i.id));
          const isBare = itemsOf(plan).some(({ id, wornUntil }) => wornUntil !== null && isTakenOffAtOnce(mended, id));
          expect([finding.rule, mend.words, parted(mended), adrift, isBare]).toEqual([
            finding.rule,
            mend.words,
            false,
            [],
            false,
          ]);
        }
      }),
      { numRuns: 250, seed: 11 },
    );
    expect([offered > 200, dropped > 10]).toEqual([true, true]);
  });

  it('comes to an end: taking what is offered until nothing is left takes 20 steps at most (any class)', () => {
    let most = 0;
    fc.assert(
      fc.property(anyClass, (start) => {
        let plan = start;
        let steps = 0;
        for (; steps <= 20; steps++) {
          const mend = reviewed(plan)
            .map((f) => f.mend())
            .find((m) => m !== null);
          if (!mend) break;
          plan = after(plan, mend.command);
        }
        most = Math.max(most, steps);
        expect(steps).toBeLessThanOrEqual(20);
      }),
      { numRuns: 60, seed: 12 },
    );
    expect(most).toBeGreaterThan(4);
  });

  it('does not go round and round: what was mended does not come back with the next step', () => {
    // each of the two was once mended by bringing back the other
    let plan = classOf([
      'ball-along-the-sole',
      'spread-and-narrow',
      'short-foot',
      'strap-press-inner',
      'band-turn-out',
      'one-leg-stand',
    ]);
    const seen = new Set<string>();
    for (let step = 0; step < 20; step++) {
      const [mend] = reviewed(plan).flatMap((f) => f.mend() ?? []);
      if (!mend) break;
      plan = after(plan, mend.command);
      const shape = itemsOf(plan)
        .map((i) => `${i.exerciseId} ${i.rungId ?? ''}`)
        .join();
      expect(seen).not.toContain(shape);
      seen.add(shape);
    }
  });

  it('trains the missing direction with something that works by itself, never with a hand that does it', () => {
    let mended = 0;
    for (const { exercise } of offers.filter((o) => o.exercise.stage === 'loaded')) {
      for (const finding of reviewed(classOf(aClass(exercise.id))).filter((f) => f.rule === 'one-way')) {
        const command = finding.mend()?.command;
        if (command?.type !== 'add-item' || command.item.kind !== 'exercise') continue;
        const { exerciseId } = command.item;
        const added = offers.find((o) => o.exercise.id === exerciseId)?.exercise;
        expect([exercise.id, added?.id, added?.stage === 'passive']).toEqual([exercise.id, added?.id, false]);
        mended++;
      }
    }
    expect(mended).toBeGreaterThan(10);
  });

  it('is not made of a saving that would make something else worse (any class): an idea that holds, or none', () => {
    const idea = rules.find((rule) => rule.kind === 'class' && rule.suggests);
    if (!idea) throw new Error('no rule suggests');
    const [said, kept] = [new Set<string>(), new Set<string>()];
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat({ max: offers.length - 1 }), { minLength: 5, maxLength: 9 }), (picked) => {
        const plan = classOf(picked.map((at) => offers[at]?.exercise.id ?? ''));
        const timeline = buildTimeline({ plan, find });
        const found = foundBy(idea, contextOf({ plan, timeline, library: offers, nextId: () => 'tried-1' }));
        const shown = reviewed(plan).filter((f) => f.rule === idea.id);
        for (const one of found) said.add(`${picked.join(' ')} ${one.key}`);
        for (const finding of shown) {
          kept.add(`${picked.join(' ')} ${finding.key}`);
          expect(finding.mend()?.deltaMs).toBeLessThanOrEqual(-20_000);
        }
      }),
      { numRuns: 150, seed: 3 },
    );
    expect(kept.size).toBeGreaterThan(10);
    expect(said.size - kept.size).toBeGreaterThan(2);
  });

  it('stays quiet once it is accepted, with its note, and comes back when the note is taken away', () => {
    const plan = classOf(aClass('band-turn-out'));
    const [finding] = reviewed(plan);
    const kept: Plan = { ...plan, accepted: [{ finding: finding?.key ?? '', note: 'outer ankles today' }] };
    expect(reviewed(kept).map((f) => f.accepted)).toEqual(['outer ankles today']);
    expect(reviewed({ ...kept, accepted: [] }).map((f) => f.accepted)).toEqual([null]);
  });

  it('comes in the order of what matters: safety, then order and load, then notes', () => {
    const found = reviewed(classOf(['sore-spot-wait', 'band-turn-out', jumping]));
    const ranks = found.map((f) => ['hard', 'soft', 'note'].indexOf(f.severity));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    expect(found[0]?.rule).toBe('impact-cold');
  });

  it('is not needed for a class of none', () => {
    expect(reviewed(newPlan('empty-1', 'Empty', 600))).toEqual([]);
    expect(itemsOf(classOf(['walk-and-notice']))).toHaveLength(1);
  });
});
