/** A small generator of numbers from a seed (Park and Miller's minimal standard), so that the same can be made again. */
export function dice(seed: number): (below: number) => number {
  let state = (seed % 2147483646) + 1;
  return (below) => {
    state = (state * 48271) % 2147483647;
    return state % below;
  };
}
