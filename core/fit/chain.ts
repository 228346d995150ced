/** One way to do a unit: seconds with getting there, steps from the dose it has, and which of its choices it is. */
export interface Step {
  readonly seconds: number;
  readonly cost: number;
  readonly choice: number;
}

/** Where a class should land, seconds. */
export interface Landing {
  readonly low: number;
  readonly high: number;
  readonly target: number;
}

export interface ChainFound {
  /** Index of the step taken at each link. */
  readonly steps: readonly number[];
  readonly cost: number;
  readonly off: number;
}

/**
 * The cheapest way through a chain (one step a link) that ends inside the landing and costs at most `ceiling`, then the
 * one nearest to the target: a dynamic programme over whole seconds that keeps only what can still land in the landing
 * with the cost that is left. With nothing left out of a class its hand-overs are settled, so it is such a chain.
 * @returns null where no way costs so little; a dearer one may exist
 */
export function cheapest(chain: readonly (readonly Step[])[], landing: Landing, ceiling: number): ChainFound | null {
  const { low, high, target } = landing;
  if (high < 0) return null;
  const { least, most } = whatIsLeft(chain, ceiling);
  // cost plus one for each second, 0 where it is not reached; and the step that reached it
  let cost = new Int32Array(high + 1);
  let reached: number[] = [0];
  cost[0] = 1;
  const came: Int16Array[] = [];
  for (const [link, steps] of chain.entries()) {
    const next = new Int32Array(high + 1);
    const by = new Int16Array(high + 1);
    const on: number[] = [];
    const [shortest, longest] = [least[link + 1], most[link + 1]];
    if (!shortest || !longest) return null;
    for (const [index, step] of steps.entries()) {
      for (const t of reached) {
        const sum = (cost[t] ?? 0) + step.cost;
        const spare = ceiling + 1 - sum;
        const at = t + step.seconds;
        if (spare < 0 || at + (shortest[spare] ?? 0) > high || at + (longest[spare] ?? 0) < low) continue;
        const known = next[at] ?? 0;
        if (known !== 0 && known <= sum) continue;
        if (known === 0) on.push(at);
        next[at] = sum;
        by[at] = index;
      }
    }
    came.push(by);
    cost = next;
    reached = on;
  }
  let end: { readonly seconds: number; readonly cost: number; readonly off: number } | null = null;
  for (const seconds of reached) {
    const found = { seconds, cost: (cost[seconds] ?? 0) - 1, off: Math.abs(seconds - target) };
    if (seconds < low || seconds > high) continue;
    if (!end || found.cost < end.cost || (found.cost === end.cost && found.off < end.off)) end = found;
  }
  return end && { steps: walkedBack(chain, came, end.seconds), cost: end.cost, off: end.off };
}

/** The fewest and the most seconds that the links from each on can take, by the cost they may spend. */
function whatIsLeft(chain: readonly (readonly Step[])[], ceiling: number) {
  const least: Float64Array[] = [];
  const most: Float64Array[] = [];
  least[chain.length] = new Float64Array(ceiling + 1);
  most[chain.length] = new Float64Array(ceiling + 1);
  for (let link = chain.length - 1; link >= 0; link--) {
    const shortest = new Float64Array(ceiling + 1).fill(Infinity);
    const longest = new Float64Array(ceiling + 1).fill(-Infinity);
    for (const { seconds, cost } of chain[link] ?? []) {
      for (let spend = cost; spend <= ceiling; spend++) {
        const rest = spend - cost;
        shortest[spend] = Math.min(shortest[spend] ?? Infinity, seconds + (least[link + 1]?.[rest] ?? Infinity));
        longest[spend] = Math.max(longest[spend] ?? -Infinity, seconds + (most[link + 1]?.[rest] ?? -Infinity));
      }
    }
    least[link] = shortest;
    most[link] = longest;
  }
  return { least, most };
}

function walkedBack(chain: readonly (readonly Step[])[], came: readonly Int16Array[], endsAt: number): number[] {
  const steps: number[] = [];
  let seconds = endsAt;
  for (let link = chain.length - 1; link >= 0; link--) {
    const index = came[link]?.[seconds] ?? 0;
    steps[link] = index;
    seconds -= chain[link]?.[index]?.seconds ?? 0;
  }
  return steps;
}
