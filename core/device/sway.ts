/** Where the weight is on a balance mat: millimetres to the right and to the front, at a steady rate. */
export interface SwayRecord {
  readonly hz: number;
  readonly x: readonly number[];
  readonly y: readonly number[];
}

export interface SwayFigures {
  /** Seconds. */
  readonly seconds: number;
  /** How far the point travelled, mm. */
  readonly path: number;
  /** mm a second. */
  readonly velocity: number;
  /** From the farthest to the farthest, mm: to the side, and to the front. */
  readonly rangeX: number;
  readonly rangeY: number;
  /** Area of the ellipse that holds 95 of 100 points, mm². */
  readonly ellipse: number;
}

/** 95 % of chi-square with two degrees of freedom. */
const chi95 = 5.991;

/**
 * Figures of standing still: path, mean velocity, ranges, 95 % ellipse area = π·χ²·√(λ₁λ₂), with χ² = 5.991 and not the
 * F form. Prieto et al. 1996, IEEE TBME 43:956; Schubert & Kirchner 2014, Gait Posture 39:518.
 * @returns null with fewer than three points, or lists of unequal length
 */
export function swayFigures({ hz, x, y }: SwayRecord): SwayFigures | null {
  const n = x.length;
  if (n < 3 || y.length !== n || !(hz > 0)) return null;
  let [path, sumX, sumY] = [0, 0, 0];
  let [minX, maxX, minY, maxY] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < n; i++) {
    const [px, py] = [x[i] ?? 0, y[i] ?? 0];
    sumX += px;
    sumY += py;
    minX = Math.min(minX, px);
    maxX = Math.max(maxX, px);
    minY = Math.min(minY, py);
    maxY = Math.max(maxY, py);
    if (i > 0) path += Math.hypot(px - (x[i - 1] ?? 0), py - (y[i - 1] ?? 0));
  }
  const [meanX, meanY] = [sumX / n, sumY / n];
  let [xx, yy, xy] = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const [dx, dy] = [(x[i] ?? 0) - meanX, (y[i] ?? 0) - meanY];
    xx += dx * dx;
    yy += dy * dy;
    xy += dx * dy;
  }
  // the product of the eigenvalues of the covariance is its determinant
  const determinant = Math.max(0, (xx * yy - xy * xy) / (n - 1) ** 2);
  const seconds = (n - 1) / hz;
  return {
    seconds,
    path,
    velocity: path / seconds,
    rangeX: maxX - minX,
    rangeY: maxY - minY,
    ellipse: Math.PI * chi95 * Math.sqrt(determinant),
  };
}
