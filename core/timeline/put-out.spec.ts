import { reps } from '../dose';
import { kit, ladder, range, rung, saw } from '../exercise/catalogue/author';
import type { KitNeed } from '../kit';
import type { Item } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';
import { putOut } from './put-out';

const with_ = (...needs: KitNeed[]) => sampleExercise('press', { kit: needs });
const out = (needs: readonly KitNeed[][], people: number | null, item: Partial<Item> = {}) => {
  const { plan, timeline } = bareClass(needs.map((list) => ({ exercise: with_(...list), dose: reps(4), item })));
  return putOut({ ...plan, brief: { ...plan.brief, people } }, timeline);
};

describe('what to put out', () => {
  it('is the most of each thing, not the last: mats for eight, then one mat for the room, are eight', () => {
    expect(out([[kit('mat')], [kit('mat', 'room')]], 8)).toMatchObject([{ kit: 'mat', count: 8 }]);
    expect(out([[kit('mat', 'room')], [kit('mat')]], 8)).toMatchObject([{ kit: 'mat', count: 8 }]);
  });

  it('is so many each where nobody said how many come', () => {
    expect(out([[{ ...kit('firm-ball'), count: 2 }]], null)).toEqual([
      { kit: 'firm-ball', count: null, perPerson: 2, forOptionOnly: false },
    ]);
  });

  it('is no more than there are: three bands for eleven people are three', () => {
    const { plan, timeline } = bareClass([{ exercise: with_(kit('band')), dose: reps(4) }]);
    const brief = { ...plan.brief, people: 11, cupboard: { band: 3 } };
    expect(putOut({ ...plan, brief }, timeline)).toMatchObject([{ kit: 'band', count: 3 }]);
  });

  it('is nothing that belongs to the room: wall, mirror, barre', () => {
    expect(out([[kit('wall', 'room'), kit('mirror', 'room')]], 8)).toEqual([]);
  });

  it('has the kit of the easier and the harder option too, marked as theirs', () => {
    const doses = range(reps(2), reps(4), reps(8));
    const chaired = {
      ...sampleExercise('stand', { kit: [] }),
      ladder: ladder(
        'free',
        rung('held', 'held', { support: 'hand' }, doses, saw('Seen.'), { change: { kit: [kit('chair')] } }),
        rung('finger', 'finger', { support: 'finger' }, doses, saw('Seen.')),
        rung('free', 'free', { support: 'none' }, doses, null),
      ),
    };
    const { plan, timeline } = bareClass([
      { exercise: chaired, dose: reps(4), item: { rungId: 'free', easier: { rungId: 'held' } } },
    ]);
    const asked = { ...plan, brief: { ...plan.brief, people: 12 } };
    expect(putOut(asked, timeline)).toEqual([{ kit: 'chair', count: 12, perPerson: 1, forOptionOnly: true }]);
  });

  describe('where it is known how many do which option', () => {
    const doses = range(reps(2), reps(4), reps(8));
    const banded = {
      ...sampleExercise('press', { kit: [] }),
      ladder: ladder(
        'light',
        rung('none', 'no band', { resistance: 'none' }, doses, saw('Seen.')),
        rung('light', 'light', { resistance: 'light' }, doses, saw('Seen.'), { change: { kit: [kit('band')] } }),
        rung('firm', 'firm', { resistance: 'firm' }, doses, null, { change: { kit: [kit('band'), kit('chair')] } }),
      ),
    };
    const { plan, timeline } = bareClass([
      {
        exercise: banded,
        dose: reps(4),
        item: { rungId: 'light', easier: { rungId: 'none' }, harder: { rungId: 'firm' } },
      },
    ]);
    const withHeads = (people: number | null, heads: Item['heads'], cupboard = {}) => {
      const blocks = plan.blocks.map((block) => ({
        ...block,
        items: block.items.map((one) => (one.kind === 'exercise' ? { ...one, heads } : one)),
      }));
      return putOut({ ...plan, blocks, brief: { ...plan.brief, people, cupboard } }, timeline).map(
        ({ kit: id, count, forOptionOnly }) => `${count} ${id}${forOptionOnly ? ', for the option' : ''}`,
      );
    };
    const heads = { main: 6, easier: 3, harder: 1, other: 1 };

    it('each option needs as many as do it', () => {
      expect(withHeads(11, heads)).toEqual(['7 band', '1 chair, for the option']);
      expect(withHeads(11, null)).toEqual(['11 band', '11 chair, for the option']);
    });
    it('an option that nobody does needs nothing', () => {
      expect(withHeads(11, { ...heads, main: 7, harder: 0 })).toEqual(['7 band']);
    });
    it('numbers of another day are not believed', () => {
      expect(withHeads(13, heads)).toEqual(['13 band', '13 chair, for the option']);
      expect(withHeads(null, heads)).toEqual(['7 band', '1 chair, for the option']);
    });
    it('and there are no more than there are', () => {
      expect(withHeads(11, heads, { band: 4 })).toEqual(['4 band', '1 chair, for the option']);
    });
  });
});
