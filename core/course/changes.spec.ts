import { defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { type Item, type Plan, newBlock, newItem, newPlan } from '../plan';
import { revisionIn } from '../testing/catalogue-class';
import { changesBetween } from './changes';

const byId = new Map(catalogue.map((exercise) => [exercise.id, exercise]));
const item = (id: string, change: Partial<Item> = {}): Item => {
  const exercise = byId.get(id);
  if (!exercise) throw new RangeError(`an exercise called ${id}`);
  return { ...newItem(`item-${id}`, exercise, revisionIn(exercise)), ...change };
};
const plan = (...items: Item[]): Plan => ({
  ...newPlan('plan', 'Class', 1800),
  blocks: [newBlock('b-01', 'Work', items)],
});
const said = (before: readonly Plan[], now: Plan) =>
  changesBetween(before, now, (id) => byId.get(id) ?? null, defaultSchool).map(({ exerciseId, kind, words }) => [
    exerciseId,
    kind,
    words,
  ]);
const stand = (rungId: string) => item('one-leg-stand', { rungId });

describe('what changes from one class to the next', () => {
  it('is one axis, with both levels by name', () => {
    expect(said([plan(stand('five-fingers'))], plan(stand('three-fingers')))).toEqual([
      ['one-leg-stand', 'up', 'support: five fingertips → three fingertips'],
    ]);
    expect(said([plan(stand('free'))], plan(stand('one-finger')))[0]?.[1]).toBe('down');
  });

  it('is an amount where the level stays', () => {
    const wave = item('toe-wave');
    const [part] = wave.dose;
    if (part?.kind !== 'reps') throw new RangeError('toe waves are counted');
    const more = { ...wave, dose: [{ ...part, reps: part.reps * 2 }] };
    const [change] = said([plan(wave)], plan(more));
    expect(change?.[1]).toBe('more');
    expect(change?.[2]).toMatch(new RegExp(`^amount: ${part.reps} .*→ ${part.reps * 2} `));
    expect(said([plan(more)], plan(wave))[0]?.[1]).toBe('less');
    expect(said([plan(wave)], plan(wave))[0]?.[1]).toBe('same');
  });

  it('tells what is new, what comes back, and what rests', () => {
    const [a, b] = [item('toe-wave'), item('short-foot')];
    expect(said([plan(a), plan(b)], plan(a, item('toe-seesaw')))).toEqual([
      ['toe-wave', 'back', 'back, as it was'],
      ['toe-seesaw', 'new', 'new'],
      ['short-foot', 'left', 'rests this time'],
    ]);
  });

  it('compares with the last class that had it, not with the first', () => {
    const now = said(
      [plan(stand('five-fingers')), plan(stand('three-fingers')), plan(item('toe-wave'))],
      plan(stand('one-finger')),
    );
    expect(now[0]?.[2]).toBe('support: three fingertips → one fingertip');
  });

  it('says why where two axes move', () => {
    const shut = said(
      [plan(item('pillow-stand', { rungId: 'free' }))],
      plan(item('pillow-stand', { rungId: 'eyes-shut' })),
    );
    expect(shut[0]?.[2]).toMatch(/^support and eyes: .*The first try with eyes shut goes back to fingertips/);
  });

  it('leaves looks out: they are not worked', () => {
    expect(said([], plan(item('walk-and-notice')))).toEqual([]);
  });
});
