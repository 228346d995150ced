import { catalogue } from './catalogue';
import { defaultSchool } from './school';
import { resolve } from './resolve';
import { handsNearlyFree } from './support';

describe('something to hold on to', () => {
  const rise = catalogue.find(({ id }) => id === 'two-foot-rise')!;
  const nearlyFree = (rungId: string) => {
    const settled = resolve(rise, rungId, defaultSchool);
    if (!settled.ok) throw new Error(settled.error.code);
    return handsNearlyFree(settled.value);
  };

  it('is fingertips on a chair, and not a tap on it now and then, nor nothing', () => {
    const [first] = rise.ladder!.rungs;
    expect([nearlyFree(first!.id), nearlyFree('tap'), nearlyFree('free')]).toEqual([false, true, true]);
  });
});
