/**
 * The weight on a foot as a share of body weight.
 * @param onScale, body kilograms
 * @returns per cent; null where a weight is missing or the foot would weigh more than the body
 * @example shareOfBody(24, 60) // 40
 */
export function shareOfBody(onScale: number, body: number): number | null {
  if (!(onScale >= 0 && body >= 15 && body <= 300) || onScale > body) return null;
  return (100 * onScale) / body;
}
