import { applyCommand } from '../plan';
import { bandedClass, classOfCatalogue, findInCatalogue as find } from '../testing/catalogue-class';
import { buildTimeline } from '../timeline';
import { flowTimes } from './flows';

describe('foot by foot against exercise by exercise', () => {
  it('a band that is tied on once a foot is quicker foot by foot; plain standing work is not, for the pause to compare', () => {
    const [bands] = flowTimes(classOfCatalogue(bandedClass), find);
    expect(bands!.byFootMs).toBeLessThan(bands!.byExerciseMs);
    const [plain] = flowTimes(classOfCatalogue(['big-toe-up', 'four-toes-up', 'toe-split-hold']), find);
    expect(plain!.byFootMs).toBeGreaterThan(plain!.byExerciseMs);
  });

  it('each figure is the timeline of the class after its switch', () => {
    const plan = classOfCatalogue(bandedClass);
    for (const { toFoot, toExercise, byFootMs, byExerciseMs, now } of flowTimes(plan, find)) {
      const after = [toExercise, toFoot].map((command) => applyCommand(plan, command));
      const times = after.map((done) => (done.ok ? buildTimeline({ plan: done.value, find }).totalMs : NaN));
      expect(times).toEqual([byExerciseMs, byFootMs]);
      expect(now).toBe('by-exercise');
    }
  });

  it('says nothing of a block in which it makes no difference', () => {
    expect(flowTimes(classOfCatalogue(['two-foot-rise', 'big-toe-up']), find)).toEqual([]);
  });

  it('two blocks are compared each on its own, and together first', () => {
    const plan = classOfCatalogue(bandedClass);
    const [block] = plan.blocks;
    const second = classOfCatalogue(['big-toe-up', 'four-toes-up']).blocks[0]!;
    const other = {
      ...second,
      id: 'block-2',
      flow: 'by-foot' as const,
      items: second.items.map((i) => ({ ...i, id: `second-${i.id}` })),
    };
    const found = flowTimes({ ...plan, blocks: [block!, other] }, find);
    expect(found.map(({ blockId, now }) => [blockId, now])).toEqual([
      [null, 'mixed'],
      ['block-1', 'by-exercise'],
      ['block-2', 'by-foot'],
    ]);
  });
});
