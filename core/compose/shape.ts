import { Family } from '../exercise';
import type { ComposeBrief, FocusFamily, Occasion } from './brief';

/** What comes before what: look, release, loosen, isolate, arch, band, rises, step, balance, jump, close. */
export const placeInHour = (family: Family): number => Family.options.indexOf(family);

/** Parts of the working time, per cent. */
export type Leaning = Readonly<Partial<Record<FocusFamily, number>>>;

/** Parts of the working time where nobody asks for others, per cent (Needlework's own). */
const usualShares: Readonly<Record<Occasion, Leaning>> = {
  class: { release: 8, mobility: 20, toes: 14, arch: 14, band: 14, strength: 16, balance: 14 },
  opening: { release: 15, mobility: 35, toes: 30, arch: 20 },
  'warm-up': { mobility: 35, toes: 15, arch: 10, strength: 25, gait: 8, balance: 7 },
  release: { release: 50, mobility: 40, toes: 10 },
  homework: { mobility: 25, toes: 25, arch: 25, strength: 25 },
};

/** The shares of a brief, of the families that are possible at all, adding up to 1. */
export function sharesOf(
  { focus, occasion }: Pick<ComposeBrief, 'focus' | 'occasion'>,
  possible: ReadonlySet<FocusFamily>,
  leaning: Leaning = usualShares[occasion],
): Map<FocusFamily, number> {
  const asked = Object.entries(focus) as [FocusFamily, number][];
  const named = asked.reduce((sum, [, share]) => sum + share, 0);
  const left = Math.max(0, 100 - named);
  const others = (Object.entries(leaning) as [FocusFamily, number][]).filter(
    ([family]) => focus[family] === undefined && possible.has(family),
  );
  const of = others.reduce((sum, [, share]) => sum + share, 0);
  const all = [
    ...asked.filter(([, share]) => share > 0),
    ...(left > 0 ? others.map(([family, share]) => [family, (share * left) / of] as [FocusFamily, number]) : []),
  ];
  const sum = all.reduce((s, [, share]) => s + share, 0) || 1;
  return new Map(all.map(([family, share]) => [family, share / sum]));
}

/**
 * How many exercises a class of so many minutes has, looks and rest not counted: more minutes mean rounds first, and only
 * then more items (3 in five minutes, 7 in twenty, 9 in thirty, 15 in an hour; Needlework's own).
 */
export const worksIn = (seconds: number): number => Math.max(2, Math.round(1.1 * (seconds / 60) ** 0.63));

/** How many exercises each family gets: by its share, the largest remainders first; who is asked for gets one at least. */
export function seats(
  shares: ReadonlyMap<FocusFamily, number>,
  count: number,
  asked: ReadonlySet<FocusFamily>,
): Map<FocusFamily, number> {
  const exact = [...shares].map(([family, share]) => ({ family, want: share * count }));
  const got = new Map(exact.map(({ family, want }) => [family, Math.max(asked.has(family) ? 1 : 0, Math.floor(want))]));
  let left = count - [...got.values()].reduce((a, b) => a + b, 0);
  const byRest = [...exact].sort((a, b) => b.want - (got.get(b.family) ?? 0) - (a.want - (got.get(a.family) ?? 0)));
  for (const { family } of byRest) {
    if (left <= 0) break;
    got.set(family, (got.get(family) ?? 0) + 1);
    left -= 1;
  }
  return new Map([...got].filter(([, n]) => n > 0));
}

/** The shares of the families that have a seat: what was asked for stays, the others share what is left. */
export function seatedShares(
  shares: ReadonlyMap<FocusFamily, number>,
  seated: ReadonlyMap<FocusFamily, number>,
  asked: ReadonlySet<FocusFamily>,
): Map<FocusFamily, number> {
  const has = [...shares].filter(([family]) => seated.has(family));
  const named = has.reduce((sum, [family, share]) => sum + (asked.has(family) ? share : 0), 0);
  const others = has.reduce((sum, [family, share]) => sum + (asked.has(family) ? 0 : share), 0);
  return new Map(
    has.map(([family, share]) => [family, asked.has(family) ? share : (share * (1 - named)) / (others || 1)]),
  );
}
