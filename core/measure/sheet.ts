import type { At } from './angle';

/** Corners of a sheet in a picture: top left, top right, bottom right, bottom left, as the foot stands on it. */
export type Corners = readonly [At, At, At, At];

/** Takes a point of the picture to millimetres on the sheet. */
export type ToSheet = (at: At) => At;

/**
 * A photographed sheet of known size laid flat again: the projection that takes its four corners to a rectangle
 * (textbook: eight linear equations).
 * @param width, height of the sheet in millimetres
 * @returns null where the corners lie in a line or are crossed
 */
export function flatten(corners: Corners, width: number, height: number): ToSheet | null {
  if (!isConvex(corners)) return null;
  const to: Corners = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ];
  const rows = corners.flatMap(({ x, y }, i) => {
    const { x: u, y: v } = to[i] ?? { x: 0, y: 0 };
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  const h = solve(rows);
  if (!h) return null;
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, i = 0] = h;
  return ({ x, y }) => {
    const w = g * x + i * y + 1;
    return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
  };
}

function isConvex(corners: Corners): boolean {
  const turns = corners.map((b, i) => {
    const [a, c] = [corners[(i + 3) % 4], corners[(i + 1) % 4]];
    return a && c ? (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) : 0;
  });
  return turns.every((turn) => turn > 0) || turns.every((turn) => turn < 0);
}

/** Gauss's elimination with the largest pivot. @param rows the equations, the right side last; null where they say too little */
function solve(rows: readonly (readonly number[])[]): number[] | null {
  const m = rows.map((row) => [...row]);
  const n = m.length;
  for (let column = 0; column < n; column++) {
    let best = column;
    for (let row = column + 1; row < n; row++)
      if (Math.abs(m[row]?.[column] ?? 0) > Math.abs(m[best]?.[column] ?? 0)) best = row;
    const pivot = m[best];
    const other = m[column];
    if (!pivot || !other || Math.abs(pivot[column] ?? 0) < 1e-12) return null;
    m[best] = other;
    m[column] = pivot;
    for (let row = 0; row < n; row++) {
      const target = m[row];
      if (row === column || !target) continue;
      const factor = (target[column] ?? 0) / (pivot[column] ?? 1);
      for (let k = column; k <= n; k++) target[k] = (target[k] ?? 0) - factor * (pivot[k] ?? 0);
    }
  }
  return m.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}
