import { byFeel, reps, timed } from '../dose';
import { type Exercise, type School, defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { sampleExercise, sampleRevision } from '../testing/sample';
import { addAgain, addExercise, addRecheck, amongItsKind } from './add-exercise';
import { changeLevel } from './change-level';
import { changeSets } from './change-sets';
import { applyCommand } from './command';
import { newBlock, newItem, newPlan } from './make';
import { type Item, type Plan, itemsOf } from './plan';

const named = (id: string): Exercise => catalogue.find((e) => e.id === id)!;
let made = 0;
const nextId = () => `fresh-${made++}`;
const press = sampleExercise('press');
const arch = { ...press, family: 'arch' as const };
const items = [0, 1].map((i) => newItem(`item-${i}`, press, sampleRevision(0)));
const plan: Plan = { ...newPlan('class-1', 'Quiet ankles', 600), blocks: [newBlock('block-1', 'Toes', items)] };
const done = (of: Plan, command: Parameters<typeof applyCommand>[1] | null | undefined): Plan => {
  const result = command ? applyCommand(of, command) : null;
  if (!result?.ok) throw new Error('refused');
  return result.value;
};

describe('where a picked exercise goes', () => {
  const blocks = (of: Plan, selected: string | null, exercise: Exercise) =>
    done(of, addExercise(of, selected, exercise, sampleRevision(0), nextId).command).blocks.map(
      (b) => `${b.name}: ${b.items.map((i) => i.id.slice(0, 5)).join(' ')}`,
    );

  it('into a block of its own kind in an empty class', () => {
    expect(blocks(newPlan('class-1', 'x', 600), null, press)).toEqual(['Toes: fresh']);
  });

  it('after the selected item, also between two of another family', () => {
    expect(blocks(plan, 'item-0', press)).toEqual(['Toes: item- fresh item-']);
    expect(blocks(plan, 'item-0', arch)).toEqual(['Toes: item- fresh item-']);
  });

  it('behind the block when another family follows its last item, into one that is there already', () => {
    expect(blocks(plan, 'item-1', arch)).toEqual(['Toes: item- item-', 'Arch: fresh']);
    const two = { ...plan, blocks: [...plan.blocks, newBlock('block-2', 'Arch', [])] };
    expect(blocks(two, 'item-1', arch)).toEqual(['Toes: item- item-', 'Arch: fresh']);
  });

  it('among its kind where nobody said where; behind everything where there is none', () => {
    const close = newBlock('block-2', 'Close', [newItem('last-1', press, sampleRevision(0))]);
    const whole = { ...plan, blocks: [...plan.blocks, close] };
    expect(blocks(whole, amongItsKind(whole, press), press)).toEqual(['Toes: item- item- fresh', 'Close: last-']);
    expect(blocks(whole, amongItsKind(whole, arch), arch)).toEqual([
      'Toes: item- item-',
      'Close: last-',
      'Arch: fresh',
    ]);
  });
});

describe('beside an item', () => {
  it('a re-check is the walk again, as long as the teacher’s pace says, right after it', () => {
    const pace = { ...plan.pace, recheckSeconds: 20 };
    const added = addRecheck({ ...plan, pace }, 'item-0', named('walk-and-compare'), sampleRevision(1), nextId);
    const [, again] = itemsOf(done(plan, added?.command));
    expect(again).toMatchObject({ exerciseId: 'walk-and-compare', recheck: { of: 'item-0' }, dose: [timed(20)] });
    expect(addRecheck(plan, 'nobody', press, sampleRevision(0), nextId)).toBeNull();
  });

  it('the same once more has an id of its own', () => {
    const added = addAgain(plan, 'item-0', nextId);
    expect(itemsOf(done(plan, added?.command)).map((i) => i.exerciseId)).toEqual(['press', 'press', 'press']);
    expect(new Set(itemsOf(done(plan, added?.command)).map((i) => i.id)).size).toBe(3);
  });

  it('one more set brings the rest that two sets need; there is no set below one and none above twenty', () => {
    const more = itemsOf(done(plan, changeSets(plan, 'item-0', 1)))[0];
    expect(more?.dose[0]).toMatchObject({ sets: 2, setRestSeconds: 15 });
    expect(changeSets(plan, 'item-0', -1)).toBeNull();
    const most = done(plan, { type: 'edit-item', itemId: 'item-0', change: { dose: [reps(4, { sets: 20 })] } });
    expect(changeSets(most, 'item-0', 1)).toBeNull();
    expect(changeSets(plan, 'nobody', 1)).toBeNull();
  });
});

describe('another level of an item', () => {
  const rise = named('two-foot-rise');
  const [first, , last] = rise.ladder!.rungs;
  const at = (change: Partial<Item>, school: School = defaultSchool): Item => ({
    ...newItem('item-1', rise, sampleRevision(0), school),
    ...change,
  });

  it('brings its own usual dose where nobody had touched the dose', () => {
    expect(changeLevel(at({}), rise, last!.id, defaultSchool)).toMatchObject({
      rungId: last!.id,
      dose: last!.doses.usual,
    });
  });

  it('keeps the dose that the teacher gave, held to the most of the new level', () => {
    expect(changeLevel(at({ dose: [reps(9)] }), rise, last!.id, defaultSchool)?.dose).toEqual([reps(9)]);
    const cap = last!.doses.most[0];
    const most = cap?.kind === 'reps' ? cap.reps : 0;
    expect(changeLevel(at({ dose: [reps(200)] }), rise, last!.id, defaultSchool)?.dose).toMatchObject([{ reps: most }]);
  });

  it('holds a range to it as well: its upper end too, and one number where only one is left', () => {
    const cap = last!.doses.most[0];
    const most = cap?.kind === 'reps' ? cap.reps : 0;
    const ranged = (usual: number, range: number[]) =>
      changeLevel(at({ dose: [{ ...reps(usual), range }] }), rise, last!.id, defaultSchool)?.dose?.[0];
    expect(ranged(4, [3, most + 10])).toMatchObject({ reps: 4, range: [3, most] });
    expect(ranged(most + 5, [most, most + 5, most + 10])).toEqual(reps(most));
    expect(ranged(4, [3, 5])).toMatchObject({ range: [3, 5] });
  });

  it('keeps the school’s way of dosing: by feel stays by feel', () => {
    const felt = { ...defaultSchool, dose: 'until-felt' as const };
    expect(changeLevel(at({}, felt), rise, last!.id, felt)?.dose).toMatchObject([{ kind: 'byFeel' }]);
    const own = byFeel(30, 50, 90);
    expect(changeLevel(at({ dose: [own] }, felt), rise, last!.id, felt)?.dose).toEqual([own]);
  });

  it('cannot keep a dose that the new level counts another way, nor a tempo for other phases', () => {
    const short = named('short-foot');
    const [seated] = short.ladder!.rungs;
    const item = { ...newItem('item-1', short, sampleRevision(0)), dose: [reps(7)] };
    expect(changeLevel(item, short, seated!.id, defaultSchool)?.dose).toEqual(seated!.doses.usual);
    const fourPhases = at({ dose: [reps(9, { tempo: [1, 1, 1, 1, 1] })] });
    expect(changeLevel(fourPhases, rise, last!.id, defaultSchool)?.dose).toMatchObject([
      { reps: 9, tempoSeconds: null },
    ]);
  });

  it('takes away the option that is now the level itself, and knows no level that is not there', () => {
    const item = at({ rungId: first!.id, harder: { rungId: last!.id }, easier: { rungId: first!.id } });
    expect(changeLevel(item, rise, last!.id, defaultSchool)).toMatchObject({
      harder: null,
      easier: { rungId: first!.id },
    });
    expect(changeLevel(item, rise, 'nowhere', defaultSchool)).toBeNull();
  });
});
