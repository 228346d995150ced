import { counts, reps, timed } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { kit } from '../exercise/catalogue/author';
import { type AnyItem, type Block, type Plan, defaultPace, newBlock, newItem, newPlan } from '../plan';
import { sampleExercise, sampleRevision, timelineOf } from '../testing/sample';
import { optionWindows } from './option-window';
import { taughtOrder } from './taught-order';
import { mayRunOn } from './visit';

const press = sampleExercise('press');
const spacers = sampleExercise('spacers', { sidePattern: 'both', kit: [kit('toe-spacers')], setup: 'fiddly' });
const exercises = [press, spacers];
const pressed = (id: string) => ({ ...newItem(id, press, sampleRevision(0)), dose: [reps(5)] });
const worn = (id: string, wornUntil: string | null) => ({
  ...newItem(id, spacers, sampleRevision(1)),
  dose: [timed(300)],
  wornUntil,
});
const talk = (id: string, seconds: number) => ({ kind: 'talk', id, name: 'Shoes off', seconds, note: '' }) as const;
const planOf = (items: AnyItem[], change: Partial<Block> = {}): Plan => ({
  ...newPlan('plan-1', 'Class', 1200),
  blocks: [{ ...newBlock('block-1', 'Work', items), ...change }],
});
const timed_ = (items: AnyItem[], change: Partial<Block> = {}) => timelineOf(planOf(items, change), exercises);

describe('talk of its own in the time of a class', () => {
  it('takes the seconds it is given, between the exercises, and changes nothing else', () => {
    const without = timed_([pressed('item-a'), pressed('item-b')]);
    const t = timed_([talk('item-s', 60), pressed('item-a'), talk('item-t', 45), pressed('item-b')]);
    expect(t.totalMs).toBe(without.totalMs + 105_000);
    expect(t.activityMs.talk).toBe(without.activityMs.talk + 105_000);
    expect([t.leftWorkMs, t.rightWorkMs]).toEqual([without.leftWorkMs, without.rightWorkMs]);
    const { startMs, totalMs } = t.items.find((i) => i.itemId === 'item-s')!;
    expect([startMs, totalMs]).toEqual([0, 60_000]);
  });

  it('strays like talk: the likely range grows by more than the same time of counted work would make it', () => {
    const width = (items: AnyItem[]) => {
      const { likely } = timed_(items);
      return likely.highMs - likely.lowMs;
    };
    const work = { ...pressed('item-a'), dose: [timed(120)], sides: { mode: 'one-foot', side: 'left' } } as const;
    expect(width([{ ...work, dose: [...work.dose] }, talk('item-t', 300)])).toBeGreaterThan(
      width([{ ...work, dose: [timed(420)] }]),
    );
  });

  it('parts the feet of a block taught foot by foot: the ring closes before it', () => {
    const items = [pressed('item-a'), talk('item-t', 30), pressed('item-b')];
    const t = timed_(items, { flow: 'by-foot' });
    expect(
      taughtOrder(planOf(items, { flow: 'by-foot' }), t)
        .get('block-1')!
        .map((s) => `${s.itemId} ${s.feet}`),
    ).toEqual([
      'item-a left',
      'null both',
      'item-a right',
      'item-t neither',
      'item-b left',
      'null both',
      'item-b right',
    ]);
  });
});

describe('what is worn beside the work, in the time of a class', () => {
  const items = [worn('item-s', 'item-b'), pressed('item-a'), pressed('item-b'), pressed('item-c')];

  it('costs putting on and taking off, and none of its dose', () => {
    const t = timed_(items);
    const pace = defaultPace();
    const own = t.items.find((i) => i.itemId === 'item-s')!;
    expect(own.activityMs).toMatchObject({
      work: 0,
      talk: pace.talkKnownSeconds * 1000,
      'set-up': (pace.fiddlyKnownSetupSeconds + pace.secondFiddlySetupSeconds) * 1000,
    });
    expect(own.visits).toHaveLength(2);
  });

  it('is not shown with a slow first rep, however new it is, nor put on one foot after the other', () => {
    const each = { ...newItem('item-s', press, sampleRevision(0)), dose: [reps(5)], familiarity: 'new' } as const;
    for (const flow of ['by-exercise', 'by-foot'] as const) {
      const made = [{ ...each, dose: [...each.dose], wornUntil: 'item-a' }, pressed('item-a')];
      const { events, items: times } = timed_(made, { flow });
      const own = times.find((i) => i.itemId === 'item-s')!;
      expect(own.visits.map((v) => v.feet)).toEqual(['both', 'both']);
      expect(events.filter((e) => e.itemId === 'item-s').map((e) => e.kind)).not.toContain('demonstration');
    }
  });

  it('is taken off between two pieces of music: the first ends on its second before', () => {
    const danced = (id: string, change: object = {}) => ({
      ...newItem(id, press, sampleRevision(0)),
      dose: [counts(3, 7, 110)],
      sides: { mode: 'one-foot', side: 'left' } as const,
      ...change,
    });
    const runs = [danced('item-a'), danced('item-b', { musicRunsOn: true })];
    const { worn: beside, events } = timed_([worn('item-s', 'item-a'), ...runs]);
    expect(beside[0]!.endMs % 1000).toBe(0);
    expect(events.filter((e) => e.kind === 'take-off')).toHaveLength(1);
    const [mayNot, may, other] = [
      planOf([danced('item-a'), talk('item-t', 30), danced('item-b')]),
      planOf([danced('item-a'), danced('item-b')]),
      planOf([danced('item-a'), danced('item-b', { dose: [counts(3, 7, 96)] })]),
    ].map((plan) => mayRunOn(plan, 'item-b'));
    expect([mayNot, may, other]).toEqual([false, true, false]);
  });

  it('has no easier or harder option: everybody wears it as long', () => {
    const exercise = catalogue.find((e) => e.id === 'toe-spacer-wear')!;
    const item = { ...newItem('item-s', exercise, sampleRevision(0)), easier: { rungId: 'short' } };
    const of = (wornUntil: string | null) => {
      const made = planOf([
        { ...item, wornUntil },
        { ...pressed('item-a'), revision: sampleRevision(1) },
      ]);
      return optionWindows(made, timelineOf(made, [exercise, press]).items[0]!);
    };
    expect([of(null).length, of('item-a').length]).toEqual([1, 0]);
  });

  it('lies beside the work from the one to the other', () => {
    const t = timed_(items);
    const [on, off] = t.items.find((i) => i.itemId === 'item-s')!.visits;
    const b = t.items.find((i) => i.itemId === 'item-b')!;
    expect(off?.startMs).toBe(b.visits.at(-1)?.endMs);
    expect(t.worn).toEqual([{ itemId: 'item-s', startMs: on!.endMs, endMs: off!.startMs }]);
  });

  it('is kept on through both feet of a ring', () => {
    const t = timed_(items, { flow: 'by-foot' });
    const ends = t.items.filter((i) => i.itemId === 'item-c').flatMap((i) => i.visits.map((v) => v.endMs));
    // The ring of a, b and c is gone through twice: b on its second foot is behind c on its first.
    expect(t.worn[0]!.endMs).toBeGreaterThan(ends[0]!);
    expect(t.worn[0]!.endMs).toBeLessThan(ends[1]!);
  });

  it('whose exercise cannot be settled is worn to the end of the class', () => {
    const lost = { ...pressed('item-b'), revision: 'f'.repeat(16) };
    const t = timed_([worn('item-s', 'item-b'), pressed('item-a'), lost]);
    expect(t.problems).toHaveLength(1);
    expect(t.worn[0]?.endMs).toBe(t.totalMs);
  });

  it('on its own it is an exercise like others', () => {
    const t = timed_([worn('item-s', null)]);
    expect([t.workMs, t.worn]).toEqual([300_000, []]);
  });
});
