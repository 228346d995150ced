import { TestBed } from '@angular/core/testing';
import type { FootState } from '@core/exercise';
import { foot, hanging, standing } from '@core/exercise/catalogue/author';
import type { Side } from '@core/plan';
import { Ankle } from './ankle';
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
