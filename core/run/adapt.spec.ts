import { type Dose, holds, reps } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { type Plan, defaultPace, itemsOf, newBlock, newItem, newPlan } from '../plan';
import { letsGo } from '../exercise';
import { floorTeacher } from '../testing/floor-teacher';
import { type Adaptation, adapted, endsSooner } from './adapt';
import type { RunAction } from './event';
import { owed, owedNow } from './retime';
import { revisionsTaught } from './revisions';
import { type RunState, currentBout } from './run';
import { type Standby, isStandby, shakeFor } from './standby';

const revisionOf = (index: number) => index.toString(16).padStart(16, '0');
const all: Standby[] = catalogue.map((exercise, i) => ({ exercise, revision: revisionOf(i) }));
const standbys = all.filter(({ exercise }) => isStandby(exercise));
const find = (revision: string) => all.find((known) => known.revision === revision)?.exercise ?? null;
const item = (id: string, exerciseId: string, dose?: Dose) => {
  const known = all.find(({ exercise }) => exercise.id === exerciseId)!;
  const made = { ...newItem(id, known.exercise, known.revision, base.school), familiarity: 'known' as const };
  return dose ? { ...made, dose } : made;
};
const stand = catalogue.find(({ id }) => id === 'one-leg-stand')!;
const base = { ...newPlan('plan-1', 'A class', 1200), pace: defaultPace() };
/** The arch on each foot, a stand on each foot, a rise on both. */
const plan: Plan = {
  ...base,
  blocks: [
    newBlock('block-1', 'Work', [
      item('drag-1', 'cloth-drag', [reps(8)]),
      { ...item('stand-1', 'one-leg-stand', [holds(2, 10, 5)]), rungId: stand.ladder!.rungs[2]!.id },
      item('rise-1', 'two-foot-rise', [reps(10)]),
    ]),
  ],
};
const go: RunAction = { kind: 'started' };

const teacher = (on: Plan = plan) => floorTeacher(on, find, standbys);
const where = (state: RunState) => [currentBout(state)?.itemId, currentBout(state)?.feet, state.status];

describe('a class is changed while it is taught', () => {
  it('by one tap each, and each is undone by one', () => {
    const taps: Adaptation[] = ['again', 'skip', 'longer', 'shorter', 'easier', 'shake', 'look'];
    for (const what of taps) {
      const class_ = teacher();
      class_.through();
      class_.through();
      class_.tell(go);
      class_.tell(go);
      const before = class_.wait(4000);
      const after = class_.tap(what);
      expect([what, after === null]).toEqual([what, false]);
      expect([what, after!.plan !== before.plan || after!.status !== before.status]).toEqual([what, true]);
      expect(class_.undo()).toEqual(before);
    }
  });

  it('skip leaves out both feet of what is there, and goes to the next item', () => {
    const class_ = teacher();
    class_.tell(go);
    class_.tell(go);
    class_.wait(20_000);
    expect(where(class_.tap('skip')!)).toEqual(['stand-1', 'left', 'ready']);
    class_.tap('skip');
    class_.tap('skip');
    expect(class_.now().status).toBe('over');
  });

  it('again goes back to what has just been taught, and the other foot is then owed the same', () => {
    const class_ = teacher();
    class_.through();
    class_.through();
    expect(where(class_.tap('again')!)).toEqual(['drag-1', 'right', 'ready']);
    class_.through();
    expect(owed(class_.now())).toEqual([{ itemId: 'drag-1', side: 'left', units: 8 }]);
    expect(owedNow(class_.now())).toMatchObject([{ side: 'left', units: 8, bout: 0, fromMs: 0 }]);
  });

  it('longer and shorter take the next number a teacher would say; what the first foot is short of is owed at once', () => {
    const class_ = teacher();
    expect([class_.says('longer'), class_.says('shorter')]).toEqual(['10 reps', '6 reps']);
    class_.through();
    class_.tap('longer');
    const after = class_.through();
    expect(after.records.map((r) => [r.feet, r.unitsDone])).toEqual([
      ['left', 8],
      ['right', 10],
    ]);
    expect(owedNow(after)).toMatchObject([{ itemId: 'drag-1', side: 'left', units: 2 }]);
  });

  it('an easier level takes the same time, on the foot where the class is, and offers the one below it next', () => {
    const class_ = teacher();
    class_.through();
    class_.through();
    const before = class_.now();
    const after = class_.tap('easier')!;
    const changed = itemsOf(after.plan)[1]!;
    expect([changed.rungId, changed.easier?.rungId]).toEqual([stand.ladder!.rungs[1]!.id, stand.ladder!.rungs[0]!.id]);
    expect(where(after)).toEqual(['stand-1', 'left', 'ready']);
    expect(Math.abs(after.timeline.totalMs - before.timeline.totalMs)).toBeLessThanOrEqual(15_000);
  });

  it('an easier level on other feet begins with its first foot where it waits, and is not taken in the middle of the work', () => {
    const changesFeet = ({ exercise }: Standby) =>
      exercise.ladder?.rungs.findIndex(
        (rung, i) =>
          rung.change.sidePattern === undefined &&
          exercise.performance.sidePattern === 'each' &&
          exercise.ladder?.rungs[i - 1]?.change.sidePattern === 'both',
      ) ?? -1;
    const known = all.find((one) => changesFeet(one) > 0)!;
    const rungId = known.exercise.ladder!.rungs[changesFeet(known)]!.id;
    const feet: Plan = {
      ...plan,
      blocks: [newBlock('block-1', 'Work', [{ ...item('feet-1', known.exercise.id), rungId }])],
    };
    const waiting = teacher(feet);
    expect(where(waiting.now())).toEqual(['feet-1', 'left', 'ready']);
    expect(where(waiting.tap('easier')!)).toEqual(['feet-1', 'both', 'ready']);
    const working = teacher(feet);
    working.tell(go);
    working.tell(go);
    expect(working.now().status).toBe('work');
    expect(working.tap('easier')).toBeNull();
  });

  it('a shake is put in where people are: seated in a seated class, standing in a standing one', () => {
    for (const position of ['floor-seated', 'chair-seated', 'standing', 'walking', 'lying', 'kneeling'] as const) {
      const found = shakeFor(position, base.school, standbys);
      expect([position, found !== null && letsGo(found.exercise)]).toEqual([position, true]);
    }
    const class_ = teacher();
    class_.through();
    class_.through();
    // the drag is done standing, and the stand waits: the shake waits now, and the stand after it
    const shaken = class_.tap('shake')!;
    expect(where(shaken)).toEqual(['made-1', 'both', 'ready']);
    expect(itemsOf(shaken.plan).map((i) => i.id)).toEqual(['drag-1', 'made-1', 'stand-1', 'rise-1']);
    expect(where(class_.through())).toEqual(['stand-1', 'left', 'ready']);
  });

  it('put in while something is done, it comes when that is done, on both feet', () => {
    const class_ = teacher();
    class_.tell(go);
    class_.tell(go);
    class_.wait(20_000);
    expect(where(class_.tap('shake')!)).toEqual(['drag-1', 'left', 'work']);
    class_.through();
    expect(where(class_.through())).toEqual(['made-1', 'both', 'ready']);
  });

  it('a look again looks at what has just been taught, and is answered for it', () => {
    const class_ = teacher();
    class_.through();
    class_.through();
    const looking = class_.tap('look')!;
    expect(currentBout(looking)?.itemId).toBe('made-1');
    expect(itemsOf(looking.plan)[1]?.recheck).toEqual({ of: 'drag-1' });
  });

  it('in a block taught foot by foot what is put in stands behind the block, so that no foot is cut in two', () => {
    const [block] = plan.blocks;
    const ring: Plan = { ...plan, blocks: [{ ...block!, flow: 'by-foot', compare: false }] };
    const class_ = teacher(ring);
    class_.through();
    const feet = (state: RunState) => state.bouts.map((bout) => `${bout.itemId} ${bout.feet}`);
    const before = feet(class_.now());
    for (const what of ['shake', 'look'] as const) {
      const after = teacher(ring);
      after.through();
      expect(feet(after.tap(what)!)).toEqual([...before, 'made-1 both']);
    }
  });

  it('makes no sense of a shake that is not at hand, of less than the least, nor of anything once it is over', () => {
    const state = teacher().now();
    expect(adapted('shake', state, [], () => 'made-1')).toBeNull();
    expect(adapted('again', state, standbys, () => 'made-1')).toBeNull();
    const one = teacher({ ...plan, blocks: [newBlock('block-1', 'Work', [item('drag-1', 'cloth-drag', [reps(1)])])] });
    expect(one.tap('shorter')).toBeNull();
    one.tell({ kind: 'ended' });
    for (const what of ['again', 'skip', 'longer', 'easier', 'shake', 'look'] as const)
      expect(one.tap(what)).toBeNull();
  });

  it('can be played again with what was put in on the way, also where it was taken back', () => {
    const class_ = teacher();
    class_.through();
    class_.tap('shake');
    class_.undo();
    const needed = revisionsTaught(plan, class_.events).map((revision) => find(revision)?.id);
    expect(needed).toEqual(['cloth-drag', 'one-leg-stand', 'two-foot-rise', 'breathe-into-the-soles']);
  });
});

describe('a class whose end comes sooner', () => {
  it('is the same class with less time, taken back with one tap; what gives way is asked for apart', () => {
    const one = teacher();
    one.wait(60_000);
    const found = endsSooner(one.now(), 300)!;
    expect(found.words).toBe('15:00');
    const after = one.tell(found.action);
    expect([after.plan.slotSeconds, after.plan.blocks]).toEqual([900, plan.blocks]);
    expect(one.undo().plan.slotSeconds).toBe(1200);
  });

  it('does not leave less than a minute', () => {
    const one = teacher();
    one.wait(600_000);
    expect(endsSooner(one.now(), 540)).not.toBeNull();
    expect(endsSooner(one.now(), 541)).toBeNull();
    expect(endsSooner(one.now(), 0)).toBeNull();
  });
});

describe('what one foot owes', () => {
  it('is offered again when the last item waits, and when the class is over', () => {
    const class_ = teacher();
    class_.through();
    class_.tell(go);
    class_.wait(14_000 * 3);
    class_.tell({ kind: 'moved', bout: 2 });
    expect(owedNow(class_.now())).toMatchObject([{ itemId: 'drag-1', side: 'right', units: 5 }]);
    class_.through();
    expect(owedNow(class_.now())).toEqual([]);
    class_.through();
    // the rise is the last
    expect(owedNow(class_.now())).toMatchObject([{ itemId: 'drag-1', side: 'right', units: 5 }]);
    const over = class_.through();
    expect([over.status, owedNow(over).length]).toEqual(['over', 1]);
    const debt = owedNow(over)[0]!;
    expect(where(class_.tell({ kind: 'made-up', bout: debt.bout, fromMs: debt.fromMs }))).toEqual([
      'drag-1',
      'right',
      'work',
    ]);
    const done = class_.wait(5 * 14_000 + 1);
    expect([done.status, owed(done)]).toEqual(['over', []]);
  });
});
