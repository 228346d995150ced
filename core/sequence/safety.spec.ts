import { defaultSchool, resolve } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { type Item, newBlock, newItem, newPlan } from '../plan';
import { type Entry, type OrderRule, type Setting, judgeOrder } from './rule';
import { ladderOrder, prepared } from './order';
import { eyesShutEarly, impactCold, unsteadyEarly } from './safety';

const { brief, pace } = newPlan('class-1', 'Asked about', 600);

/** Items as a reorderer has them: no plan, no index, no times of a class. */
function order(
  ...items: readonly (readonly [id: string, rungId?: string | null, workMs?: number, more?: Partial<Item>])[]
) {
  const entries = items.map(([id, rungId, workMs = 60_000, more], i): Entry => {
    const exercise = catalogue.find((e) => e.id === id);
    if (!exercise) throw new Error(id);
    const level = rungId === undefined ? (exercise.ladder?.startRung ?? null) : rungId;
    const execution = resolve(exercise, level, defaultSchool);
    if (!execution.ok) throw new Error(`${id} ${String(level)}`);
    const item = { ...newItem(`item-${i}`, exercise, id.slice(0, 16)), rungId: level, ...more };
    return {
      item,
      block: newBlock('block-1', 'Work'),
      execution: execution.value,
      name: id,
      floor: brief.floor,
      workMs,
    };
  });
  const setting: Setting = {
    school: defaultSchool,
    brief,
    pace,
    entry: (itemId) => entries.find((e) => e.item.id === itemId) ?? null,
  };
  return {
    /** The items that a rule objects to, each breach as the items it names. */
    breaks: (rule: OrderRule) => judgeOrder(rule, entries, setting).map((b) => b.itemIds),
    /** What a rule remembers after the last item. */
    state: (rule: OrderRule) => entries.reduce((state, entry) => rule.judge(state, entry, setting).state, rule.begin),
  };
}

describe('eyes shut comes after hands free (practice)', () => {
  it('is held against a stand with the eyes shut that nothing comes before', () => {
    expect(order(['eyes-shut-stand']).breaks(eyesShutEarly)).toEqual([['item-0']]);
  });

  it('is content once somebody stood on one leg with open eyes, however long ago', () => {
    expect(
      order(['one-leg-stand', 'free'], ['two-foot-rise'], ['short-foot'], ['eyes-shut-stand']).breaks(eyesShutEarly),
    ).toEqual([]);
  });

  it('looks at the hands: a stand on five fingertips prepares nobody for arms crossed and eyes shut', () => {
    expect(order(['one-leg-stand', 'five-fingers'], ['eyes-shut-stand', 'crossed']).breaks(eyesShutEarly)).toEqual([
      ['item-1'],
    ]);
    expect(order(['one-leg-stand', 'one-finger'], ['eyes-shut-stand', 'crossed']).breaks(eyesShutEarly)).toEqual([]);
  });

  it('does not take two feet for one leg', () => {
    expect(order(['two-foot-rise'], ['eyes-shut-stand']).breaks(eyesShutEarly)).toEqual([['item-1']]);
  });

  it('is broken once for each that comes too early, and not by what comes after the stand', () => {
    expect(
      order(['eyes-shut-stand'], ['eyes-shut-stand'], ['one-leg-stand', 'one-finger'], ['eyes-shut-stand']).breaks(
        eyesShutEarly,
      ),
    ).toEqual([['item-0'], ['item-1']]);
  });
});

describe('landings come warm (practice)', () => {
  it('after a minute of calf work, in one piece or in several', () => {
    expect(order(['small-jumps', 'held']).breaks(impactCold)).toEqual([['item-0']]);
    expect(order(['two-foot-rise', undefined, 59_000], ['small-jumps', 'held']).breaks(impactCold)).toEqual([
      ['item-1'],
    ]);
    expect(order(['two-foot-rise', undefined, 60_000], ['small-jumps', 'held']).breaks(impactCold)).toEqual([]);
    expect(
      order(['two-foot-rise', undefined, 30_000], ['two-foot-rise', undefined, 30_000], ['small-jumps', 'held']).breaks(
        impactCold,
      ),
    ).toEqual([]);
  });

  it('not by stretching: a long passive pull warms nobody', () => {
    expect(
      order(['calf-stretch-straight-knee', undefined, 120_000], ['small-jumps', 'held']).breaks(impactCold),
    ).toEqual([['item-1']]);
  });

  it('remembers no more than that it is warm', () => {
    expect(order(['two-foot-rise', undefined, 500_000]).state(impactCold)).toEqual([60_000, false]);
  });

  it('is said once for one cause, however many jumps come cold', () => {
    expect(
      order(['small-jumps', 'held'], ['small-jumps-all-ways'], ['small-jumps', 'held']).breaks(impactCold),
    ).toEqual([['item-0']]);
  });
});

describe('moving ground comes after firm ground (practice)', () => {
  it('and firm ground is any balance standing on the floor', () => {
    expect(order(['pillow-stand']).breaks(unsteadyEarly)).toEqual([['item-0']]);
    expect(order(['edge-to-edge'], ['pillow-stand']).breaks(unsteadyEarly)).toEqual([]);
  });

  it('one unsteady stand does not make the next one safe, nor does sitting', () => {
    expect(order(['pillow-stand'], ['unstable-stand']).breaks(unsteadyEarly)).toEqual([['item-0'], ['item-1']]);
    expect(order(['ankle-circles'], ['pillow-stand']).breaks(unsteadyEarly)).toEqual([['item-1']]);
  });
});

describe('one prepares the other (practice)', () => {
  it('within one ladder the easier level comes first', () => {
    expect(order(['short-foot', 'standing'], ['short-foot', 'seated']).breaks(ladderOrder)).toEqual([
      ['item-0', 'item-1'],
    ]);
    expect(order(['short-foot', 'seated'], ['two-foot-rise'], ['short-foot', 'standing']).breaks(ladderOrder)).toEqual(
      [],
    );
  });

  it('a named preparation comes before what it prepares, and a look again at the end is no preparation', () => {
    const late = catalogue.find((e) => (e.preparedBy ?? []).length > 0)!;
    const [early] = late.preparedBy!;
    expect(order([late.id], [early!]).breaks(prepared)).toEqual([['item-0', 'item-1']]);
    expect(order([early!], [late.id]).breaks(prepared)).toEqual([]);
    expect(order([late.id], [early!, undefined, 1000, { recheck: { of: null } }]).breaks(prepared)).toEqual([]);
  });
});
