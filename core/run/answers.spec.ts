import { addRecheck } from '../plan/add-exercise';
import { type Plan, type PlanCommand, applyCommand, newBlock, newItem, newPlan } from '../plan';
import { sampleExercise, sampleRevision } from '../testing/sample';
import { answersIn } from './answers';
import type { RunAction, RunEvent } from './event';

const exercise = (id: string) => ({ ...sampleExercise('press'), id });
const revision = sampleRevision(0);
const done = (plan: Plan, command: PlanCommand): Plan => {
  const result = applyCommand(plan, command);
  if (!result.ok) throw new Error(result.error.code);
  return result.value;
};
const drill = (id: string) => newItem(`item-${id}`, exercise(id), revision);
const begun: Plan = {
  ...newPlan('class-1', 'Thursday', 1200),
  blocks: [newBlock('block-1', 'Work', [drill('roll'), drill('rise')])],
};
const walk = (plan: Plan, id: string) =>
  addRecheck(plan, `item-${id}`, exercise('walk'), revision, () => `walk-${id}`)!.command;
const plan = done(done(begun, walk(begun, 'roll')), walk(begun, 'rise'));
const events = (...actions: RunAction[]): RunEvent[] =>
  actions.map((event, seq) => ({ runId: 'run-1', deviceId: 'tablet', seq, atMs: seq * 1000, event }));
const said = (id: string, feet: 'left' | 'right' | 'both', answer: 'better' | 'same' | 'worse'): RunAction => ({
  kind: 'answered',
  itemId: `walk-${id}`,
  feet,
  answer,
});
const answers = (of: Plan, ...actions: RunAction[]) =>
  answersIn(of, events(...actions)).map(({ exerciseId, answer }) => `${exerciseId}: ${answer}`);

describe('what a class answered', () => {
  it('belongs to the drill that was looked at again, in the order of the class', () => {
    expect(answers(plan, said('rise', 'both', 'same'), said('roll', 'both', 'better'))).toEqual([
      'roll: better',
      'rise: same',
    ]);
  });

  it('is one answer: both feet alike, or mixed', () => {
    expect(answers(plan, said('roll', 'left', 'better'), said('roll', 'right', 'better'))).toEqual(['roll: better']);
    expect(answers(plan, said('roll', 'left', 'better'), said('roll', 'right', 'same'))).toEqual(['roll: mixed']);
  });

  it('is what was said last of a foot, and nothing where it was taken back', () => {
    expect(answers(plan, said('roll', 'left', 'worse'), said('roll', 'left', 'better'))).toEqual(['roll: better']);
    expect(answers(plan, said('roll', 'left', 'worse'), { kind: 'undone', seq: 0 })).toEqual([]);
  });

  it('holds for a look that was put in while teaching', () => {
    const adapted: RunAction = { kind: 'adapted', command: walk(begun, 'rise') };
    expect(answers(begun, said('rise', 'both', 'better'))).toEqual([]);
    expect(answers(begun, adapted, said('rise', 'both', 'better'))).toEqual(['rise: better']);
  });

  it('of a look at the whole class belongs to no exercise', () => {
    const whole = done(plan, { type: 'edit-item', itemId: 'walk-rise', change: { recheck: { of: null } } });
    expect(answers(whole, said('rise', 'both', 'better'))).toEqual([]);
  });
});
