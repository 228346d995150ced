import { catalogue } from '../exercise/catalogue';
import { applyCommand } from './command';
import { newBlock, newItem, newPlan } from './make';
import { levelsBeside, offerLevels } from './offer-levels';
import { type Item, itemsOf } from './plan';

const named = (id: string) => {
  const exercise = catalogue.find((e) => e.id === id);
  if (!exercise) throw new Error(id);
  return exercise;
};
const item = (id: string, exercise: string, change: Partial<Item> = {}): Item => ({
  ...newItem(id, named(exercise), '0'.repeat(16)),
  ...change,
});
const find = (exercise: string) => () => named(exercise);

describe('easier and harder beside an exercise', () => {
  it('are its neighbours on the ladder, one step each way', () => {
    const on = (rungId: string) => levelsBeside(item('item-1', 'one-leg-stand', { rungId }), named('one-leg-stand'));
    expect(on('three-fingers')).toEqual({ easier: { rungId: 'five-fingers' }, harder: { rungId: 'one-finger' } });
    expect(on('five-fingers')).toEqual({ easier: null, harder: { rungId: 'three-fingers' } });
    expect(on('crossed')).toEqual({ easier: { rungId: 'free' }, harder: null });
  });

  it('are none where there is no ladder', () => {
    expect(levelsBeside(item('item-1', 'walk-and-notice'), named('walk-and-notice'))).toEqual({
      easier: null,
      harder: null,
    });
  });
});

describe('offering levels for the whole class', () => {
  const planOf = (...items: Item[]) => ({
    ...newPlan('class-1', 'Stand', 600),
    blocks: [newBlock('block-1', 'Stand', items)],
  });

  it('is one step, and keeps what the teacher has chosen', () => {
    const plan = planOf(
      item('item-1', 'one-leg-stand', { rungId: 'one-finger', easier: { rungId: 'five-fingers' } }),
      item('item-2', 'one-leg-stand', { rungId: 'three-fingers' }),
    );
    const command = offerLevels(plan, find('one-leg-stand'));
    const done = command && applyCommand(plan, command);
    if (!done?.ok) throw new Error('refused');
    expect(itemsOf(done.value).map((i) => [i.easier?.rungId, i.harder?.rungId])).toEqual([
      ['five-fingers', 'free'],
      ['five-fingers', 'one-finger'],
    ]);
    expect(offerLevels(done.value, find('one-leg-stand'))).toBeNull();
  });

  it('offers nothing where there is no ladder, or the exercise is not there', () => {
    expect(offerLevels(planOf(item('item-1', 'walk-and-notice')), find('walk-and-notice'))).toBeNull();
    expect(offerLevels(planOf(item('item-1', 'one-leg-stand')), () => null)).toBeNull();
  });
});
