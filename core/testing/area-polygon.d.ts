/** Area of a polygon, by another package than ours. */
declare module 'area-polygon' {
  const area: (points: readonly (readonly [number, number])[]) => number;
  export = area;
}
