import type { Load } from './load';
import { defaultLoadRules } from './rules';
import { type LoadEntry, type LoadSource, landingsIn, loadByWeek, risesIn, steepIn, steepWords } from './weeks';

const monday = '2026-03-02';
const each = (n: number) => ({ left: n, right: n });
const load = (rises: number, landings: number): Load => ({
  rises: each(rises),
  landings: each(landings),
  regions: { calf: each(rises / 10) },
});
/** One entry a week, on its Tuesday. */
const week = (at: number, rises: number, landings: number, source: LoadSource = 'planned'): LoadEntry => ({
  date: new Date(Date.UTC(2026, 2, 3 + 7 * at)).toISOString().slice(0, 10),
  source,
  title: `Class ${at + 1}`,
  load: load(rises, landings),
});
const weeks = (
  entries: readonly LoadEntry[],
  change: { outside?: number; notFull?: number[]; count?: number; today?: string } = {},
) =>
  loadByWeek({
    monday,
    weeks: change.count ?? 4,
    entries,
    landingsOutside: change.outside ?? 0,
    today: change.today ?? monday,
    full: Array.from({ length: change.count ?? 4 }, (_, at) => !(change.notFull ?? []).includes(at)),
  });
const steep = (all: ReturnType<typeof weeks>, newToImpact = true) =>
  steepIn(all, defaultLoadRules, newToImpact).map(({ week: at, why, from, to, most }) => [at, why, from, to, most]);

describe('load by week', () => {
  it('sums class, homework and outside, and says how much more than the week before', () => {
    const all = weeks([week(0, 100, 40, 'taught'), week(0, 50, 0, 'home'), week(1, 180, 50)], { outside: 200 });
    expect(all[0]?.rises).toEqual({ outside: 0, taught: 100, planned: 0, home: 50 });
    // 200 landings outside are on both feet together: 100 on each
    expect(all.map(landingsIn).slice(0, 2)).toEqual([140, 150]);
    expect(all.map(risesIn).slice(0, 2)).toEqual([150, 180]);
    expect([all[1]?.landingsPercent, all[1]?.risesPercent]).toEqual([7, 20]);
    expect(all[0]?.regions).toEqual([{ region: 'calf', load: 15 }]);
  });

  it('compares with the last whole week: a week of holidays in between makes nothing steep', () => {
    const all = weeks([week(0, 100, 0), week(1, 10, 0), week(2, 110, 0)], { notFull: [1] });
    expect(all[2]?.risesPercent).toBe(10);
    expect(steep(all)).toEqual([]);
  });

  it('a class that was planned and missed asked nothing; one that is to come today counts', () => {
    const all = weeks([week(0, 100, 0), week(1, 90, 0)], { today: '2026-03-10' });
    expect(all.map(risesIn).slice(0, 2)).toEqual([0, 90]);
  });

  it('entries outside the weeks count nowhere', () => {
    expect(weeks([week(-1, 50, 5), week(9, 50, 5)]).map(risesIn)).toEqual([0, 0, 0, 0]);
  });
});

describe('a week that is too steep', () => {
  it('landings that grow by more than the rule lets them, and by more than a handful', () => {
    expect(steep(weeks([week(0, 0, 100), week(1, 0, 140)]), false)).toEqual([[1, 'landings-grow', 100, 140, 130]]);
    expect(steep(weeks([week(0, 0, 100), week(1, 0, 130)]), false)).toEqual([]);
    // from 20 to 35 is 75 per cent, and fifteen landings
    expect(steep(weeks([week(0, 0, 20), week(1, 0, 35)]), false)).toEqual([]);
  });

  it('the first landings of people who are new to them', () => {
    expect(steep(weeks([week(0, 100, 0), week(1, 100, 80)]))).toEqual([[1, 'first-landings', 0, 80, 60]]);
    expect(steep(weeks([week(0, 100, 0), week(1, 100, 80)]), false)).toEqual([]);
  });

  it('rises that grow in the week in which landings begin, though the same growth would pass in another', () => {
    expect(steep(weeks([week(0, 100, 0), week(1, 130, 40)]))).toEqual([[1, 'rises-with-landings', 100, 130, 120]]);
    expect(steep(weeks([week(0, 100, 0), week(1, 130, 0)]))).toEqual([]);
  });

  it('what is outside class comes first: with 300 landings there, 60 more are no jump', () => {
    const entries = [week(0, 0, 20), week(1, 0, 80)];
    expect(steep(weeks(entries, { outside: 600 }), false)).toEqual([]);
    expect(steep(weeks(entries), false)).toHaveLength(1);
  });

  it('is said with its figures', () => {
    const [found] = steepIn(weeks([week(0, 100, 0), week(1, 180, 0)]), defaultLoadRules, true);
    expect(found && steepWords(found, 'week 2')).toBe(
      'In week 2 rises on a foot go from 100 to 180, 80 % more; up to 140 would do.',
    );
  });
});
