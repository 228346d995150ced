import { TestBed } from '@angular/core/testing';
import { type FootState, type Place, places as allPlaces } from '@core/exercise';
import { foot, hanging, standing } from '@core/exercise/catalogue/author';
import type { Side } from '@core/plan';
import { Ankle } from './ankle';
import { piecesUnder } from './ground';
import { Sole } from './sole';

async function drawn(picture: typeof Sole | typeof Ankle, inputs: Readonly<Record<string, unknown>>) {
  const fixture = TestBed.createComponent<Sole | Ankle>(picture);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  return fixture.nativeElement as HTMLElement;
}
const sole = (state: FootState, side: Side = 'right') => drawn(Sole, { state, side });
const ankle = (state: FootState, from: 'side' | 'front' = 'side') => drawn(Ankle, { state, side: 'right', from });
const kinds = (picture: HTMLElement) =>
  [...picture.querySelectorAll('.mark')].map((mark) => mark.getAttribute('class')?.replace('mark ', ''));
/** The angles of everything that is turned, outside in, degrees. */
const turns = (picture: HTMLElement) =>
  [...picture.querySelectorAll('g[transform^=rotate]')].map((g) =>
    Number(/rotate\((-?\d+)/.exec(g.getAttribute('transform') ?? '')?.[1]),
  );

describe('a sole from above', () => {
  it('marks heel, both balls and five toes by what they do', async () => {
    const lifted = foot(standing, { contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] } });
    expect(kinds(await sole(lifted))).toEqual(['press', 'press', 'press', 'lift', 'press', 'press', 'press', 'press']);
    expect((await sole(lifted)).querySelectorAll('.up')).toHaveLength(1);
  });

  it('has the big toe to the middle: a left sole is the mirror of a right one', async () => {
    expect((await sole(standing)).querySelector('g')?.getAttribute('transform')).toBeNull();
    expect((await sole(standing, 'left')).querySelector('g')?.getAttribute('transform')).toContain('scale(-1 1)');
  });

  it('spreads toes apart and shortens curled ones', async () => {
    const at = async (toes: FootState['toes'], what: 'cx' | 'ry', toe: number) => {
      const marks = (await sole(foot(standing, { toes }))).querySelectorAll('.mark');
      return Number(marks[3 + toe]?.getAttribute(what));
    };
    expect((await at('spread', 'cx', 4)) - (await at('spread', 'cx', 0))).toBeGreaterThan(
      (await at('long', 'cx', 4)) - (await at('long', 'cx', 0)),
    );
    expect(await at('curled', 'ry', 1)).toBeLessThan(await at('long', 'ry', 1));
  });

  it('draws the arch where it is lifted or let down, and the edge that carries', async () => {
    expect((await sole(foot(standing, { midfoot: 'lifted' }))).querySelectorAll('.arch:not(.flat)')).toHaveLength(1);
    expect((await sole(foot(standing, { midfoot: 'let-down' }))).querySelectorAll('.arch.flat')).toHaveLength(1);
    const edges = await Promise.all(
      (['inner', 'outer'] as const).map(async (edge) =>
        (await sole(foot(standing, { edge }))).querySelector('.edge')?.getAttribute('d'),
      ),
    );
    // the inner edge of a right foot is on the left of its drawing
    const [inner, outer] = edges.map((d) => Number(/^M(\d+)/.exec(d ?? '')?.[1]));
    expect(inner).toBeLessThan(52);
    expect(outer).toBeGreaterThan(52);
  });
});

describe('what lies under a sole', () => {
  const on = (meets: FootState['contacts']['heel']['meets'], places: readonly Place[] = allPlaces) =>
    foot(standing, { contacts: Object.fromEntries(places.map((place) => [place, ['press', meets]])) });

  it('is drawn as what it is: block, slope, cushion, half-ball, cloth', async () => {
    const things = async (state: FootState) =>
      [...(await sole(state)).querySelectorAll('.thing')].map((thing) => thing.getAttribute('class'));
    expect(await things(on('block'))).toEqual(['thing block']);
    expect(await things(on('cushion'))).toEqual(['thing cushion']);
    expect(await things(on('half-ball'))).toEqual(['thing dome']);
    expect(await things(on('cloth', ['bigToe', 'smallToes']))).toEqual(['thing cloth']);
    expect(await things(standing)).toEqual([]);
    expect((await sole(on('slope'))).querySelectorAll('.uphill')).toHaveLength(3);
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

  it('is a ball under the middle, with the mark of what presses on it', async () => {
    const drape = await sole(foot(hanging, { middle: ['press', 'ball'] }));
    const ball = drape.querySelector('.ball');
    expect([Number(ball?.getAttribute('cx')), Number(ball?.getAttribute('cy'))]).toEqual([56, 150]);
    expect(kinds(drape).filter((kind) => kind === 'press')).toHaveLength(1);
  });
});

describe('a hand that helps', () => {
  it('has its fingers where it holds: three on the small toes, four between them, none where there is no hand', async () => {
    const fingers = async (hands: FootState['hands']) =>
      (await sole(foot(standing, { hands }))).querySelectorAll('.finger').length;
    expect(await fingers(['small toes'])).toBe(3);
    expect(await fingers(['between the toes'])).toBe(4);
    expect(await fingers(undefined)).toBe(0);
    expect((await ankle(foot(hanging, { hands: ['shin'] }))).querySelectorAll('.finger')).toHaveLength(2);
  });
});

describe('a foot on the tops of its toes', () => {
  it('is drawn behind the body, standing or lying, and never as toes that grip', async () => {
    const stands = await ankle(foot(hanging, { toes: 'on-tops', contacts: { heel: ['lift', 'air'] } }));
    const lies = await ankle(foot(hanging, { toes: 'on-tops' }));
    const leg = (drawn: HTMLElement) => drawn.querySelector('.leg')?.getAttribute('d');
    expect(leg(stands)).not.toBe(leg(lies));
    expect(turns(stands)).toEqual([]);
  });
});

describe('toes from the front', () => {
  it('are five: a lifted big toe higher than the others, spread ones further apart', async () => {
    const at = async (change: Parameters<typeof foot>[1], what: 'cx' | 'cy') =>
      [...(await ankle(foot(hanging, change), 'front')).querySelectorAll('ellipse')].map((e) =>
        Number(e.getAttribute(what)),
      );
    const [big = 0, second = 0, , , little = 0] = await at({ contacts: { bigToe: ['lift', 'air'] } }, 'cy');
    expect([big < second, second]).toEqual([true, little]);
    const width = async (toes: FootState['toes']) => {
      const xs = await at({ toes }, 'cx');
      return (xs.at(-1) ?? 0) - (xs[0] ?? 0);
    };
    expect(await width('spread')).toBeGreaterThan(await width('long'));
  });
});

describe('an ankle where nothing bears weight', () => {
  it('hangs further when it points than when it is drawn up', async () => {
    const tilt = async (state: FootState['ankle']) => turns(await ankle(foot(hanging, { ankle: state })))[0] ?? 0;
    expect(await tilt('up')).toBeLessThan(await tilt('neutral'));
    expect(await tilt('neutral')).toBeLessThan(await tilt('down'));
  });

  it('bends the toes: curled towards the sole, a lifted big toe towards the shin', async () => {
    const toes = async (change: Parameters<typeof foot>[1]) => turns(await ankle(foot(hanging, change))).slice(1);
    expect(await toes({ toes: 'curled' })).toEqual([48]);
    // small toes behind, big toe in front, each its own way
    expect(await toes({ toes: 'curled', contacts: { bigToe: ['lift', 'air'] } })).toEqual([48, -34]);
  });

  it('turns in and out to opposite sides, seen along the shin', async () => {
    const turn = async (state: FootState['ankle']) =>
      turns(await ankle(foot(hanging, { ankle: state }), 'front'))[0] ?? 0;
    expect(await turn('turned-in')).toBe(-(await turn('turned-out')));
    expect(await turn('neutral')).toBe(0);
  });
});
