import { type DosePart, reps, timed } from '../dose';
import { bareClass, sampleExercise } from '../testing/sample';
import { floorTeacher } from '../testing/floor-teacher';
import { type Plan, findItem } from '../plan';
import { boutsOf } from './bout';
import { carriedInto, carriedOver, leftOver, payBack } from './last-time';
import { owed } from './retime';
import { buildTimeline } from '../timeline';

const press = sampleExercise('press', { sidePattern: 'each' });
const find = () => press;
const classOf = (dose: DosePart, item: object = {}): Plan =>
  bareClass([
    { exercise: press, dose, item },
    { exercise: press, dose: reps(4) },
  ]).plan;

/** Taught to the end, but for the last seconds of its second foot. */
function shortOn(plan: Plan, leftOutMs: number) {
  const teacher = floorTeacher(plan, find);
  teacher.count();
  teacher.work();
  const second = teacher.count().bouts[1]!;
  teacher.wait(second.workEndMs - second.workStartMs - leftOutMs);
  teacher.tell({ kind: 'moved', bout: 2 });
  teacher.count();
  teacher.work();
  teacher.count();
  teacher.work();
  return carriedOver(teacher.now());
}
const unitsOn = (plan: Plan, side: 'left' | 'right') =>
  boutsOf(buildTimeline({ plan, find }))
    .filter(({ itemId, feet }) => itemId === 'item-0' && feet === side)
    .flatMap(({ events }) => events.filter(({ activity }) => activity === 'work')).length;

describe('what one class leaves for the next', () => {
  const plan = classOf(reps(5));

  it('is what one foot owes, and what was not reached', () => {
    expect(shortOn(plan, 8000)).toEqual({ owed: [{ itemId: 'item-0', side: 'right', units: 2 }], notReached: [] });
    const early = floorTeacher(plan, find);
    early.count();
    early.work();
    early.count();
    early.work();
    early.tell({ kind: 'ended' });
    expect(carriedOver(early.now())).toEqual({ owed: [], notReached: ['item-1'] });
  });

  it('is paid back with as many reps more on that foot, priced by the timeline', () => {
    const paid = payBack(plan, [{ itemId: 'item-0', side: 'right', units: 2 }], find)!;
    expect([unitsOn(paid.plan, 'left'), unitsOn(paid.plan, 'right')]).toEqual([5, 7]);
    // two reps of 4 s
    expect(paid.deltaMs).toBe(8000);
    expect(paid.deltaMs).toBe(buildTimeline({ plan: paid.plan, find }).totalMs - buildTimeline({ plan, find }).totalMs);
    // unequal on purpose: when it is taught, nothing is owed the other way
    const teacher = floorTeacher(paid.plan, find);
    for (let i = 0; i < 4; i++) {
      teacher.count();
      teacher.work();
    }
    expect([teacher.now().status, owed(teacher.now())]).toEqual(['over', []]);
  });

  it('takes the fewest that will do where a rep is done twice over, one for each way', () => {
    const ways = classOf({ ...reps(5), multipliers: [{ per: 'directions', count: 2 }] });
    const paid = payBack(ways, [{ itemId: 'item-0', side: 'left', units: 3 }], find)!;
    expect(findItem(paid.plan, 'item-0')!.item.sides).toEqual({ mode: 'extra-reps', weaker: 'left', more: 2 });
    expect(unitsOn(paid.plan, 'left') - unitsOn(paid.plan, 'right')).toBe(4);
  });

  it('leaves alone what is unequal already, what is timed, and what the class does not have any more', () => {
    const unequal = classOf(reps(5), { sides: { mode: 'weaker-first', weaker: 'left' } });
    const debt = { itemId: 'item-0', side: 'right' as const, units: 2 };
    expect(payBack(unequal, [debt], find)).toBeNull();
    expect(payBack(classOf(timed(30)), [debt], find)).toBeNull();
    expect(payBack(plan, [{ ...debt, itemId: 'gone' }], find)).toBeNull();
    // half as much again, and not one rep more
    expect(payBack(plan, [{ ...debt, units: 3 }], find)).toBeNull();
    expect(payBack(plan, [], find)).toBeNull();
  });

  it('goes into another class of the same people, where that has the exercise and counts it in the same way', () => {
    const debt = shortOn(plan, 8000);
    const other = { ...plan, id: 'class-next', blocks: plan.blocks.map((block) => renamed(block)) };
    expect(carriedInto(debt, plan, other)).toEqual({
      owed: [{ itemId: 'next-item-0', side: 'right', units: 2 }],
      notReached: [],
    });
    const timedOnly = {
      ...other,
      blocks: classOf(timed(30)).blocks.map((b) => ({ ...b, items: b.items.slice(0, 1) })),
    };
    expect(carriedInto(debt, plan, timedOnly).owed).toEqual([]);
    expect(carriedInto({ owed: [], notReached: ['item-0', 'item-1'] }, plan, other).notReached).toEqual([
      'next-item-0',
    ]);
  });

  it('is told in words that stand without the class, with what the next class can do about it', () => {
    const teacher = floorTeacher(plan, find);
    teacher.count();
    teacher.work();
    teacher.tell({ kind: 'moved', bout: 2 });
    teacher.tell({ kind: 'ended' });
    const words = 'right foot: 5 reps owed, press';
    const left = (next: Plan | null) => leftOver(teacher.now(), next && { plan: next, find });
    expect(left(null)).toEqual({
      owed: [{ words, then: 'rests' }],
      notReached: [{ words: press.name.plain, then: 'rests' }],
    });
    // five more of five is other work, so it only comes; of twelve it can be paid
    expect(left(plan).owed).toEqual([{ words, then: 'comes' }]);
    expect(left(classOf(reps(12))).owed).toEqual([{ words, then: 'pay' }]);
    expect(left(plan).notReached[0]?.then).toBe('comes');
  });
});

/** The same block of another class. */
const renamed = (block: Plan['blocks'][number]): Plan['blocks'][number] => ({
  ...block,
  items: block.items.map((item) => ({ ...item, id: `next-${item.id}` })),
});
