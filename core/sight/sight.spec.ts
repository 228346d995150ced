import * as fc from 'fast-check';
import { type Brief, type ClassRoom, plainRoom } from '../plan';
import { catalogue } from '../exercise/catalogue';
import { classOfCatalogue, findInCatalogue } from '../testing/catalogue-class';
import { buildTimeline } from '../timeline';
import { type ItemSight, facingsOf, sightOf, standpointsOf } from './sight';
import { facingWords, helpWords, mirrorSideWords, placeWords } from './sight-words';
import { type ClassFacing, type TeacherPlace, placesIn, seenFrom, viewFrom } from './view';

type Change = Partial<Omit<Brief, 'room'>> & { readonly room?: Partial<ClassRoom> };

function seen(ids: readonly string[], { room, ...brief }: Change = {}) {
  const base = classOfCatalogue(ids);
  const plan = { ...base, brief: { ...base.brief, ...brief, room: { ...plainRoom, ...room } } };
  const timeline = buildTimeline({ plan, find: findInCatalogue });
  return { plan, timeline, sight: sightOf(plan, timeline) };
}
const only = (ids: string, change: Change = {}) => {
  const { plan, timeline, sight } = seen([ids], change);
  return { item: sight.items[0]!, execution: timeline.items[0]!.execution!, brief: plan.brief };
};

describe('from where a fault is seen', () => {
  it('a heel that leans shows from behind, a knee from the front, an arch from beside (practice)', () => {
    expect(seenFrom('behind', viewFrom('back', 'front'), false)).toBe(2);
    expect(seenFrom('behind', viewFrom('front', 'front'), false)).toBe(0);
    expect(seenFrom('front', viewFrom('front', 'front'), false)).toBe(2);
    expect(seenFrom('inner side', viewFrom('left', 'front'), false)).toBe(2);
    expect(seenFrom('inner side', viewFrom('front', 'front'), false)).toBe(1);
  });

  it('in a mirror in front the front of a class is seen from behind it as well', () => {
    expect(seenFrom('front', 'behind', true)).toBe(1);
    expect(seenFrom('front', 'behind', false)).toBe(0);
  });
});

describe('where to stand', () => {
  it('behind a heel that leans to one side, and nobody has to turn', () => {
    const { item } = only('walk-and-notice');
    expect(item.watched[0]!.seen).toBe(2);
    const heels = catalogue.find(({ faults }) => faults[0]?.from === 'behind' && faults.length > 0)!;
    const { item: leaning } = only(heels.id);
    expect(viewFrom(leaning.places[0]!, leaning.facing)).toBe('behind');
    expect(placeWords(leaning.places[0]!, leaning.facing)).toContain('behind them');
  });

  it('stays where the teacher stays; then the class turns round, rather than that nobody looks', () => {
    const ids = (['front', 'behind'] as const).map(
      (from) =>
        catalogue.find(({ faults, performance }) => faults[0]?.from === from && performance.facing === 'support')!.id,
    );
    const { sight } = seen(ids, { teacherAt: 'front' });
    expect(sight.items.every(({ places: [place] }) => place === 'front')).toBe(true);
    expect(sight.items.map(({ facing, turns }) => [facing, turns])).toEqual([
      ['front', false],
      ['back', true],
    ]);
    // who goes round turns nobody
    expect(seen(ids).sight).toMatchObject({ turnRounds: 0, walks: 1 });
  });

  it('people at a wall look at the wall, and the teacher is behind or beside them', () => {
    const { item } = only('two-foot-rise', { room: { wall: 'left' } });
    expect(item.facing).toBe('left');
    expect(facingWords(item.facing)).toBe('to the left wall');
  });

  it('heels that swing outward are seen with the mirror; without one that is said, with what would help', () => {
    const fault = catalogue.flatMap(({ faults }) => faults).find(({ from }) => from === 'mirror in front')!;
    const bare = only('two-foot-rise');
    expect(helpWords(fault, 0, bare.execution, bare.brief)).toContain('no mirror here');
    const { item } = only('two-foot-rise', { room: { mirror: 'front' } });
    const watched = item.watched.find(({ fault: { from } }) => from === 'mirror in front')!;
    expect(watched.seen).toBe(2);
  });

  it('two feet at once hide each other from the side; that is said, with what would help', () => {
    const both = catalogue.find(
      ({ performance, faults }) => performance.sidePattern === 'both' && faults[0]!.from === 'outer side',
    )!;
    const { item, execution, brief } = only(both.id);
    expect(item.watched[0]!.seen).toBe(1);
    expect(helpWords(item.watched[0]!.fault, 1, execution, brief)).toMatch(/^Both feet at once/);
  });

  it('in a circle from its middle or from outside; nobody turns where all look to the middle', () => {
    const { sight } = seen(['big-toe-up', 'two-foot-rise', 'spread-and-narrow'], { room: { formation: 'circle' } });
    expect(sight.items.map(({ facing }) => facing)).toEqual(['centre', 'centre', 'centre']);
    expect(sight.items.every(({ places: [place] }) => place === 'centre' || place === 'outside')).toBe(true);
  });

  it('facing them, the other hand is shown; standing behind, the same', () => {
    const { item, execution } = only('big-toe-up');
    const at = (place: TeacherPlace): ItemSight => ({ ...item, facing: 'front', places: [place] });
    const each = { ...execution, sidePattern: 'each' as const };
    expect(mirrorSideWords(each, at('front'))).toBe('You face them: say “left”, show your right.');
    expect(mirrorSideWords(each, at('back'))).toBe('Same side as theirs.');
    expect(mirrorSideWords(each, at('left'))).toBe('');
    expect(mirrorSideWords({ ...execution, sidePattern: 'both' }, at('front'))).toBe('');
  });

  it('two who teach watch different faults, from two places, where one place does not show both', () => {
    const two = catalogue.find(({ faults }) => faults[0]?.from === 'front' && faults[1]?.from === 'behind');
    const id =
      two?.id ?? catalogue.find(({ faults }) => faults[0]?.from === 'behind' && faults[1]?.from === 'front')!.id;
    const { item } = only(id, { teachers: 2 });
    expect(item.watched.map(({ by }) => by).sort()).toEqual([0, 1]);
    expect(item.watched.map(({ seen: well }) => well)).toEqual([2, 2]);
    expect(only(id).item.watched.map(({ seen: well }) => well)).toContain(0);
  });

  it('foot by foot each go is counted: there and back is three walks, where exercise by exercise is one', () => {
    const oneFooted = (from: 'front' | 'behind') =>
      catalogue.find(
        ({ faults, performance }) =>
          faults[0]?.from === from && performance.sidePattern === 'each' && performance.facing === 'support',
      )!.id;
    const ids = [oneFooted('front'), oneFooted('behind')];
    expect(seen(ids).sight).toMatchObject({ turnRounds: 0, walks: 1 });
    const base = classOfCatalogue(ids);
    const plan = { ...base, blocks: base.blocks.map((block) => ({ ...block, flow: 'by-foot' as const })) };
    const sight = sightOf(plan, buildTimeline({ plan, find: findInCatalogue }));
    expect(sight.walks).toBe(3);
    expect(sight.items.map(({ itemId, feet }) => [itemId, feet])).toEqual([
      ['item-0', 'left'],
      ['item-1', 'left'],
      ['item-0', 'right'],
      ['item-1', 'right'],
    ]);
    expect(standpointsOf(sight)).toHaveLength(4);
  });

  it('neighbours that are seen from one place are one standpoint', () => {
    const { sight } = seen(['spread-and-narrow', 'big-toe-up']);
    const points = standpointsOf(sight);
    expect(points.flat()).toEqual(sight.items);
    expect(points).toHaveLength(1 + sight.walks + sight.turnRounds);
  });

  it('a class of nothing has nobody to watch', () => {
    expect(seen([]).sight).toEqual({ items: [], turnRounds: 0, walks: 0 });
  });
});

describe('the fewest turn-rounds', () => {
  const rooms: readonly Change[] = [
    {},
    { teacherAt: 'front' },
    { teacherAt: 'behind', room: { mirror: 'front' } },
    { teacherAt: 'front', room: { mirror: 'right', wall: 'back' } },
    { teacherAt: 'walks', room: { formation: 'circle', wall: 'left' } },
  ];
  const ids = catalogue.map(({ id }) => id);

  it('and the most that is seen are those of every way there is, one after the other (brute force)', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...ids), { minLength: 2, maxLength: 4 }),
        fc.constantFrom(...rooms),
        (chosen, room) => {
          const { plan, timeline, sight } = seen(chosen, room);
          const order = [...timeline.items].sort((a, b) => a.startMs - b.startMs);
          const { brief } = plan;
          const places =
            brief.teacherAt === 'walks'
              ? placesIn(brief.room)
              : [brief.teacherAt === 'front' ? ('front' as const) : ('back' as const)];
          let best: number[] | null = null;
          const tried = (
            at: number,
            last: readonly [ClassFacing, TeacherPlace] | null,
            [blind, turns, angle, walks]: number[],
          ): void => {
            if (at === order.length) {
              const found = [blind!, turns!, angle!, walks!];
              if (!best || found.join() === lesser(found, best).join()) best = lesser(found, best ?? found);
              return;
            }
            const execution = order[at]!.execution!;
            for (const facing of facingsOf(execution, brief))
              for (const place of places) {
                const view = viewFrom(place, facing);
                const mirrored = brief.room.mirror !== null && facing === brief.room.mirror;
                const { from } = execution.faults[0]!;
                const edge = from === 'inner side' || from === 'outer side';
                const lanes = execution.facing === 'lane' && view !== 'beside';
                const well = lanes
                  ? Math.max(seenFrom(from, 'ahead', mirrored), seenFrom(from, 'behind', mirrored))
                  : Math.min(seenFrom(from, view, mirrored), edge && execution.sidePattern === 'both' ? 1 : 2);
                tried(
                  at + 1,
                  [facing, place],
                  [
                    blind! + Number(well === 0),
                    turns! + Number(last !== null && last[0] !== facing),
                    angle! + Number(well === 1),
                    walks! + Number(last !== null && last[1] !== place),
                  ],
                );
              }
          };
          tried(0, null, [0, 0, 0, 0]);
          const found = [
            sight.items.filter(({ watched }) => watched[0]!.seen === 0).length,
            sight.turnRounds,
            sight.items.filter(({ watched }) => watched[0]!.seen === 1).length,
            sight.walks,
          ];
          expect(found).toEqual(best);
        },
      ),
      { numRuns: 60 },
    );
  });
});

/** The one that is less in the first figure in which they differ. */
function lesser(a: readonly number[], b: readonly number[]): number[] {
  const at = a.findIndex((figure, i) => figure !== b[i]);
  return [...(at === -1 || a[at]! < b[at]! ? a : b)];
}
