import { type FootState, type Place, places as allPlaces } from '../exercise';
import { foot, hanging, standing } from '../exercise/catalogue/author';
import { ankleDrawing } from './ankle';
import type { Drawing, Shape } from './drawing';
import { piecesUnder } from './ground';
import { soleDrawing } from './sole';

const shown = ({ shapes }: Drawing, what: string) => shapes.filter(({ shows }) => shows.split(' ').includes(what));
const ellipses = (shapes: readonly Shape[]) => shapes.filter((shape) => shape.is === 'ellipse');
const kinds = (drawing: Drawing) => shown(drawing, 'mark').map(({ shows }) => shows.replace('mark ', ''));
const pathOf = (drawing: Drawing, what: string) =>
  shown(drawing, what).map((shape) => (shape.is === 'path' ? shape.d : ''));

describe('a sole from above', () => {
  it('marks heel, both balls and five toes by what they do', () => {
    const lifted = foot(standing, { contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] } });
    const drawing = soleDrawing(lifted);
    expect(kinds(drawing)).toEqual(['press', 'press', 'press', 'lift', 'press', 'press', 'press', 'press']);
    expect(shown(drawing, 'up')).toHaveLength(1);
  });

  it('spreads toes apart and shortens curled ones', () => {
    const at = (toes: FootState['toes'], what: 'cx' | 'ry', toe: number) =>
      ellipses(shown(soleDrawing(foot(standing, { toes })), 'mark'))[3 + toe]?.[what] ?? NaN;
    expect(at('spread', 'cx', 4) - at('spread', 'cx', 0)).toBeGreaterThan(at('long', 'cx', 4) - at('long', 'cx', 0));
    expect(at('curled', 'ry', 1)).toBeLessThan(at('long', 'ry', 1));
  });

  it('draws the arch where it is lifted or let down, and the edge that carries', () => {
    const arch = (midfoot: FootState['midfoot']) =>
      shown(soleDrawing(foot(standing, { midfoot })), 'arch').map(({ shows }) => shows);
    expect([arch('lifted'), arch('let-down'), arch('resting')]).toEqual([['arch'], ['arch flat'], []]);
    // the inner edge of a right foot is on the left of its drawing
    const [inner, outer] = (['inner', 'outer'] as const).map((edge) =>
      Number(/^M(\d+)/.exec(pathOf(soleDrawing(foot(standing, { edge })), 'edge')[0] ?? '')?.[1]),
    );
    expect(inner).toBeLessThan(52);
    expect(outer).toBeGreaterThan(52);
  });
});

describe('what lies under a sole', () => {
  const on = (meets: FootState['contacts']['heel']['meets'], places: readonly Place[] = allPlaces) =>
    foot(standing, { contacts: Object.fromEntries(places.map((place) => [place, ['press', meets]])) });

  it('is drawn as what it is: block, slope, cushion, half-ball, cloth', () => {
    const things = (state: FootState) => shown(soleDrawing(state), 'thing').map(({ shows }) => shows);
    expect(things(on('block'))).toEqual(['thing block']);
    expect(things(on('cushion'))).toEqual(['thing cushion']);
    expect(things(on('half-ball'))).toEqual(['thing dome']);
    expect(things(on('cloth', ['bigToe', 'smallToes']))).toEqual(['thing cloth']);
    expect(things(standing)).toEqual([]);
    expect(shown(soleDrawing(on('slope')), 'uphill')).toHaveLength(3);
  });

  it('ends behind toes that hang over its edge, and slants where the big toe stays on it', () => {
    const hang = { smallToes: ['hang', 'air'], bigToe: ['hang', 'air'] } as const;
    const [edge] = piecesUnder(foot(on('block'), { contacts: hang }));
    const [whole] = piecesUnder(on('block'));
    expect(edge?.y).toBeGreaterThan(whole?.y ?? Infinity);
    expect(edge?.slanting).toBe(false);
    const corner = piecesUnder(foot(on('block'), { contacts: { smallToes: ['hang', 'air'] } }));
    expect(corner[0]?.slanting).toBe(true);
  });

  it('is a ball under the middle, with the mark of what presses on it', () => {
    const drape = soleDrawing(foot(hanging, { middle: ['press', 'ball'] }));
    expect(ellipses(shown(drape, 'ball')).map(({ cx, cy }) => [cx, cy])).toEqual([[56, 150]]);
    expect(kinds(drape).filter((kind) => kind === 'press')).toHaveLength(1);
  });
});

describe('a hand that helps', () => {
  it('has its fingers where it holds: three on the small toes, four between them, none where there is no hand', () => {
    const fingers = (hands: FootState['hands']) => shown(soleDrawing(foot(standing, { hands })), 'finger').length;
    expect(fingers(['small toes'])).toBe(3);
    expect(fingers(['between the toes'])).toBe(4);
    expect(fingers(undefined)).toBe(0);
    expect(shown(ankleDrawing(foot(hanging, { hands: ['shin'] }), 'side'), 'finger')).toHaveLength(2);
  });
});

describe('a foot on the tops of its toes', () => {
  it('is drawn behind the body, standing or lying, and never as toes that grip', () => {
    const stands = ankleDrawing(foot(hanging, { toes: 'on-tops', contacts: { heel: ['lift', 'air'] } }), 'side');
    const lies = ankleDrawing(foot(hanging, { toes: 'on-tops' }), 'side');
    expect(pathOf(stands, 'leg')).not.toEqual(pathOf(lies, 'leg'));
    expect(stands.shapes.flatMap(({ turns }) => turns)).toEqual([]);
  });
});

describe('toes from the front', () => {
  it('are five: a lifted big toe higher than the others, spread ones further apart', () => {
    const at = (change: Parameters<typeof foot>[1], what: 'cx' | 'cy') =>
      ellipses(ankleDrawing(foot(hanging, change), 'front').shapes).map((toe) => toe[what]);
    const [big = 0, second = 0, , , little = 0] = at({ contacts: { bigToe: ['lift', 'air'] } }, 'cy');
    expect([big < second, second]).toEqual([true, little]);
    const width = (toes: FootState['toes']) => {
      const xs = at({ toes }, 'cx');
      return (xs.at(-1) ?? 0) - (xs[0] ?? 0);
    };
    expect(width('spread')).toBeGreaterThan(width('long'));
  });
});

describe('an ankle where nothing bears weight', () => {
  const side = (change: Parameters<typeof foot>[1]) => ankleDrawing(foot(hanging, change), 'side');
  const tiltOf = (drawing: Drawing) => shown(drawing, 'foot')[0]?.turns[0]?.degrees ?? NaN;

  it('hangs further when it points than when it is drawn up', () => {
    const [up = NaN, quiet = NaN, down = NaN] = (['up', 'neutral', 'down'] as const).map((ankle) =>
      tiltOf(side({ ankle })),
    );
    expect(up).toBeLessThan(quiet);
    expect(quiet).toBeLessThan(down);
  });

  it('bends the toes: curled towards the sole, a lifted big toe towards the shin', () => {
    const bends = (change: Parameters<typeof foot>[1]) =>
      shown(side(change), 'toe').map(({ turns }) => turns[1]?.degrees);
    expect(bends({ toes: 'curled' })).toEqual([48]);
    // small toes behind, big toe in front, each its own way
    expect(bends({ toes: 'curled', contacts: { bigToe: ['lift', 'air'] } })).toEqual([48, -34]);
  });

  it('turns in and out to opposite sides, seen along the shin', () => {
    const turn = (ankle: FootState['ankle']) => tiltOf(ankleDrawing(foot(hanging, { ankle }), 'front'));
    expect(turn('turned-in')).toBe(-turn('turned-out'));
    expect(turn('neutral')).toBe(0);
  });
});
