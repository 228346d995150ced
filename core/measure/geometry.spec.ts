import areaPolygon from 'area-polygon';
import { angleAt, angleFromPoints, settingsOf, type At } from './angle';
import { areaInside, baseOfSupport, crossingOf } from './outline';
import { flatten } from './sheet';

const turned = (degrees: number, length = 80): At => ({
  x: 200 + length * Math.cos((degrees * Math.PI) / 180),
  y: 200 - length * Math.sin((degrees * Math.PI) / 180),
});
const joint = { x: 200, y: 200 };

describe('an angle from three points', () => {
  it.each([0, 5, 30, 45, 65, 80, 90, 110, 135])('of a big toe drawn at %d° is read within half a degree', (degrees) => {
    // points are set on whole pixels of the picture
    const whole = ({ x, y }: At) => ({ x: Math.round(x), y: Math.round(y) });
    const read = angleFromPoints('bend', [whole({ x: 40, y: 200 }), joint, whole(turned(degrees, 160))]);
    expect(Math.abs((read ?? NaN) - degrees)).toBeLessThanOrEqual(0.5);
  });

  it.each([15, 38, 50])('of a shin that leans %d° from upright is read within half a degree', (degrees) => {
    const read = angleFromPoints('lean', [{ x: 400, y: 200 }, joint, turned(90 - degrees, 160)]);
    expect(Math.abs((read ?? NaN) - degrees)).toBeLessThanOrEqual(0.5);
  });

  it('is the same whichever way the foot faces, and nothing where two points lie on each other', () => {
    expect(angleAt(joint, { x: 0, y: 200 }, turned(60))).toBeCloseTo(120, 6);
    expect(angleAt(joint, turned(60), { x: 0, y: 200 })).toBeCloseTo(120, 6);
    expect(angleAt(joint, joint, turned(60))).toBeNull();
  });

  it('of three settings has a mean and a spread', () => {
    expect(settingsOf([62, 64, 66])).toEqual({ mean: 64, spread: 2 });
    expect(settingsOf([])).toBeNull();
  });
});

// A made-up outline, so that everything can be worked out by hand: 100 mm wide in front, 60 at the heel, 240 long.
const foot: At[] = [
  { x: 20, y: 240 },
  { x: 0, y: 140 },
  { x: 0, y: 60 },
  { x: 10, y: 0 },
  { x: 50, y: -10 },
  { x: 90, y: 0 },
  { x: 100, y: 60 },
  { x: 80, y: 140 },
  { x: 80, y: 240 },
];

describe('a traced foot', () => {
  it('has the area that another package finds (area-polygon)', () => {
    const theirs = areaPolygon(foot.map(({ x, y }) => [x, y] as const));
    expect(areaInside(foot)).toBeCloseTo(theirs, 8);
    expect(areaInside([...foot].reverse())).toBeCloseTo(theirs, 8);
  });

  it('gives area, tripod and width at the toes, worked out by hand', () => {
    const traced = baseOfSupport({
      outline: foot,
      heel: { x: 50, y: 230 },
      innerBall: { x: 15, y: 60 },
      outerBall: { x: 85, y: 60 },
    });
    expect(traced).toMatchObject({ ok: true });
    if (!traced.ok) return;
    // base 70 mm, height 170 mm: 5950 mm²
    expect(traced.value.tripodArea).toBeCloseTo(59.5, 6);
    expect(traced.value.width).toBeCloseTo(10, 6);
    // trapezia of 240–140, 140–60, 60–0 and 0–−10
    expect(traced.value.outlineArea).toBeCloseTo(
      (100 * (60 + 80)) / 200 + (80 * (80 + 100)) / 200 + (60 * (100 + 80)) / 200 + (10 * 80) / 200,
      6,
    );
  });

  it('has its width where the toes are, however wide the heel is traced', () => {
    const wide = foot.map(({ x, y }) => ({ x: y === 240 ? (x - 50) * 3 + 50 : x, y }));
    const points = { heel: { x: 50, y: 230 }, innerBall: { x: 15, y: 60 }, outerBall: { x: 85, y: 60 } };
    const traced = baseOfSupport({ outline: wide, ...points });
    expect(traced.ok && traced.value.width).toBeCloseTo(10, 6);
  });

  it('is refused where the line crosses itself, is too short to be a foot, or the three points lie in a line', () => {
    const [heel, innerBall, outerBall] = [
      { x: 50, y: 230 },
      { x: 15, y: 60 },
      { x: 85, y: 60 },
    ];
    const crossed = [...foot.slice(0, 3), foot[4]!, foot[3]!, ...foot.slice(5)];
    expect(crossingOf(foot)).toBeNull();
    const swapped = [foot[0]!, foot[5]!, foot[2]!, foot[3]!, foot[4]!, foot[1]!, ...foot.slice(6)];
    expect(baseOfSupport({ outline: swapped, heel, innerBall, outerBall })).toEqual({
      ok: false,
      error: 'outline-crosses',
    });
    expect(crossingOf(crossed)).not.toBeNull();
    expect(baseOfSupport({ outline: foot.slice(0, 5), heel, innerBall, outerBall })).toEqual({
      ok: false,
      error: 'outline-short',
    });
    expect(baseOfSupport({ outline: foot, heel, innerBall: heel, outerBall })).toEqual({
      ok: false,
      error: 'points-in-line',
    });
  });
});

describe('a photographed sheet', () => {
  it('is laid flat: its corners come to its corners, and the middle of its diagonals to its middle', () => {
    const corners = [
      { x: 100, y: 80 },
      { x: 520, y: 120 },
      { x: 600, y: 700 },
      { x: 40, y: 640 },
    ] as const;
    const to = flatten(corners, 210, 297)!;
    for (const [i, [x, y]] of [
      [0, 0],
      [210, 0],
      [210, 297],
      [0, 297],
    ].entries()) {
      expect(to(corners[i]!).x).toBeCloseTo(x!, 6);
      expect(to(corners[i]!).y).toBeCloseTo(y!, 6);
    }
    // where the diagonals of the picture cross: lines 1–3 and 2–4
    const t = crossing(corners[0], corners[2], corners[1], corners[3]);
    expect(to(t).x).toBeCloseTo(105, 6);
    expect(to(t).y).toBeCloseTo(148.5, 6);
  });

  it('seen straight from above is only made smaller', () => {
    const to = flatten(
      [
        { x: 0, y: 0 },
        { x: 420, y: 0 },
        { x: 420, y: 594 },
        { x: 0, y: 594 },
      ],
      210,
      297,
    )!;
    expect(to({ x: 100, y: 300 })).toEqual({ x: expect.closeTo(50, 6) as number, y: expect.closeTo(150, 6) as number });
  });

  it('is nothing with crossed corners, or corners in a line', () => {
    const [a, b, c, d] = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 10 },
      { x: 0, y: 10 },
    ];
    expect(flatten([a, c, b, d], 210, 297)).toBeNull();
    expect(flatten([a, b, { x: 20, y: 0 }, d], 210, 297)).toBeNull();
  });
});

/** Where the lines through a, b and c, d meet. */
function crossing(a: At, b: At, c: At, d: At): At {
  const [rx, ry, sx, sy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
  const t = ((c.x - a.x) * sy - (c.y - a.y) * sx) / (rx * sy - ry * sx);
  return { x: a.x + t * rx, y: a.y + t * ry };
}
