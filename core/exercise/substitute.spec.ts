import { catalogue } from './catalogue';
import { resolve } from './resolve';
import { defaultSchool } from './school';
import { substituteWords, withSubstitutes } from './substitute';

const settled = (id: string) => {
  const exercise = catalogue.find((e) => e.id === id);
  const found = exercise && resolve(exercise, exercise.ladder?.startRung ?? null, defaultSchool);
  if (!found?.ok) throw new Error(id);
  return found.value;
};
const kitOf = (id: string, ...list: Parameters<typeof withSubstitutes>[1]) =>
  withSubstitutes(settled(id), list).kit.map((need) => need.kit);

describe('kit in the place of kit (practice)', () => {
  it('takes the place and nothing else: as many for each, the others as they were', () => {
    expect(settled('towel-gather').kit.map((n) => n.kit)).toContain('cloth');
    const kit = kitOf('towel-gather', { of: 'cloth', by: 'small-objects' });
    expect([kit.includes('cloth'), kit.includes('small-objects'), kit.length]).toEqual([
      false,
      true,
      settled('towel-gather').kit.length,
    ]);
  });

  it('small objects ask for no floor that a cloth slides on', () => {
    expect(settled('towel-gather').floor).toBe('smooth-hard');
    expect(withSubstitutes(settled('towel-gather'), [{ of: 'cloth', by: 'small-objects' }]).floor).toBe('any');
    expect(withSubstitutes(settled('towel-gather'), [{ of: 'cloth', by: 'paper' }]).floor).toBe('smooth-hard');
  });

  it('a mat for a chair means sitting on the floor, a chair for a mat the other way round', () => {
    expect(withSubstitutes(settled('laced-fingers-squeeze'), [{ of: 'chair', by: 'mat' }]).position).toBe(
      'floor-seated',
    );
    const standing = withSubstitutes(settled('one-leg-stand'), [{ of: 'chair', by: 'wall' }]);
    expect([standing.position, standing.kit.map((n) => n.kit)]).toEqual(['standing', ['wall']]);
  });

  it('says what is different with it, and nothing where nothing stands in', () => {
    const words = (list: Parameters<typeof withSubstitutes>[1]) =>
      substituteWords(withSubstitutes(settled('one-leg-stand'), list), list);
    expect(words([{ of: 'chair', by: 'wall' }])).toEqual([expect.stringContaining('wall')]);
    expect(words([])).toEqual([]);
  });

  it('changes nothing where the exercise does not use the piece, and is put together once', () => {
    const execution = settled('short-foot');
    expect(withSubstitutes(execution, [{ of: 'roller', by: 'stick' }])).toBe(execution);
    const swap = [{ of: 'chair', by: 'wall' } as const];
    expect(withSubstitutes(settled('one-leg-stand'), swap)).toBe(withSubstitutes(settled('one-leg-stand'), swap));
  });
});
