import { defaultSchool } from '../exercise';
import { defaultPace } from '../plan';
import { catalogueOffers } from '../testing/twenty-briefs';
import { type ComposeBrief, type FocusFamily, noHistory, usualBrief } from '.';
import type { ComposeIdea } from './brief';
import { type Candidate, type History, candidatesFor, likenessOf } from './candidates';
import { type TermId, termWeights, termsOf } from './score';
import { seatedShares, seats, sharesOf, worksIn } from './shape';

const kit = { chair: 20, wall: 1, mat: 20, band: 20, cushion: 20, 'firm-ball': 20, step: 20, block: 20, strap: 20 };
const { may } = candidatesFor({
  brief: { ...usualBrief, kit },
  school: defaultSchool,
  pace: defaultPace(),
  library: catalogueOffers,
  history: noHistory,
  secondsOf: () => 90,
  nextId: () => 'item-1',
  levels: {},
  keepsDoors: false,
  mainLevel: null,
});
const candidate = (id: string): Candidate => {
  const found = may.find(({ exercise }) => exercise.id === id);
  if (!found) throw new RangeError(id);
  return found;
};

interface Asked {
  readonly brief?: Partial<ComposeBrief>;
  readonly idea?: ComposeIdea;
  readonly history?: Partial<History>;
  readonly shares?: readonly [FocusFamily, number][];
  readonly seconds?: number;
  readonly returning?: readonly string[];
}
/** The value of one term for a class of these exercises in this order, each as long as the others. */
function valueOf(term: TermId, ids: readonly string[], asked: Asked = {}): number {
  const steps = ids.map((id) => ({
    candidate: { ...candidate(id), returns: asked.returning?.includes(id) ?? false },
    seconds: asked.seconds ?? 90,
  }));
  const judging = {
    brief: { ...usualBrief, kit, ...asked.brief },
    shares: new Map(asked.shares ?? []),
    idea: asked.idea ?? 'long-toes',
    history: { ...noHistory, ...asked.history },
    alike: likenessOf(may),
  };
  return termsOf(steps, judging).find(({ id }) => id === term)!.value;
}

describe('a class that a teacher would be proud of (common practice, no source), term by term', () => {
  it('1. one idea: seven in ten serve it, and it comes back under more weight', () => {
    const carried = ['sideways-ankle-rock', 'band-turn-in', 'band-turn-out', 'edge-to-edge', 'outer-edge-stand'];
    expect(valueOf('idea', carried, { idea: 'both-edges' })).toBe(1);
    expect(
      valueOf('idea', [...carried.slice(0, 2), 'big-toe-up', 'two-foot-rise'], { idea: 'both-edges' }),
    ).toBeCloseTo(0.5 / 0.7);
    expect(valueOf('grows', ['band-turn-in', 'outer-edge-stand'], { idea: 'both-edges' })).toBe(1);
    expect(valueOf('grows', ['outer-edge-stand', 'band-turn-in'], { idea: 'both-edges' })).toBe(0);
  });

  it('2. one high point in the second half that two earlier items prepare; in release and openings it is rest', () => {
    const rising = ['ankle-circles', 'two-foot-rise', 'one-leg-stand', 'reach-round-the-clock'];
    expect([valueOf('peak', rising), valueOf('prepared', rising)]).toEqual([1, 1]);
    expect(valueOf('peak', [...rising].reverse())).toBeLessThan(0.5);
    expect(
      valueOf('prepared', ['spread-and-narrow', 'toes-drawn-apart', 'big-toe-spring', 'reach-round-the-clock']),
    ).toBeLessThan(1);
    expect(valueOf('peak', [...rising].reverse(), { brief: { occasion: 'release' } })).toBe(1);
  });

  it('3. more minutes mean rounds, not more items: 3 exercises in five, 5 in ten, 7 in twenty, 12 in forty-five', () => {
    expect([5, 10, 20, 45].map((minutes) => worksIn(minutes * 60))).toEqual([3, 5, 7, 12]);
    const ids = ['ankle-circles', 'big-toe-up', 'short-foot', 'two-foot-rise'];
    const inMinutes = (minutes: number) => valueOf('count', ids, { brief: { slotSeconds: minutes * 60 } });
    // one more or fewer is as good, each one beyond that costs a quarter; looks and rest are none of them
    expect([5, 10, 20, 45].map(inMinutes)).toEqual([1, 1, 0.5, 0]);
    expect(valueOf('count', ['walk-and-notice', ...ids, 'let-the-feet-lie'], { brief: { slotSeconds: 600 } })).toBe(1);
  });

  it('4. each place is visited once; kit is away before anybody balances', () => {
    const once = ['ankle-circles', 'band-turn-in', 'big-toe-up', 'two-foot-rise'];
    expect(valueOf('places', once)).toBe(1);
    expect(valueOf('places', ['ankle-circles', 'two-foot-rise', 'band-turn-in', 'one-leg-stand'])).toBe(0);
    expect(valueOf('cleared', ['band-turn-in', 'band-turn-out', 'one-leg-stand'])).toBe(1);
    expect(valueOf('cleared', ['band-turn-in', 'one-leg-stand', 'band-turn-out'])).toBe(0.5);
  });

  it('5. nothing is brought out for one exercise, unless it was asked for; what is out is used in one go', () => {
    expect(valueOf('kit', ['band-turn-in', 'band-turn-out', 'two-foot-rise'])).toBe(1);
    expect(valueOf('kit', ['band-turn-in', 'two-foot-rise'])).toBe(0.5);
    expect(valueOf('kit', ['band-turn-in', 'two-foot-rise'], { brief: { focus: { band: 30 } } })).toBe(1);
    expect(valueOf('kit', ['band-turn-in', 'big-toe-up', 'short-foot', 'band-turn-out'])).toBeLessThan(1);
  });

  it('9. a group that comes back: about half returns, and not all of it', () => {
    const ids = ['ankle-circles', 'big-toe-up', 'short-foot', 'two-foot-rise'];
    const history = {
      last: [{ exerciseId: 'ankle-circles', rungId: null }],
      times: { 'ankle-circles': 2, 'big-toe-up': 1 },
    };
    expect(valueOf('returns', ids, { history, returning: ids.slice(0, 2) })).toBe(1);
    expect(valueOf('returns', ids, { history, returning: [] })).toBe(0);
    expect(valueOf('fresh', ids, { history, returning: ids })).toBe(0);
    // six new among twelve are one too many
    const six = ['ankle-circles', 'toe-wave', 'knee-to-wall', 'big-toe-up', 'four-toes-up', 'all-toes-up'];
    const many = [
      ...six,
      'short-foot',
      'two-foot-rise',
      'one-leg-stand',
      'edge-to-edge',
      'band-turn-in',
      'incline-rise',
    ];
    const times = Object.fromEntries(six.map((id) => [id, 2]));
    const known = { last: history.last, times };
    expect(valueOf('returns', many, { history: known, returning: six })).toBe(0.5);
    expect(valueOf('returns', many.slice(1, -1), { history: known, returning: six })).toBe(1);
    expect(valueOf('returns', ids)).toBe(1);
  });

  it('10. who has fallen stands no longer than six minutes between seats', () => {
    const brief = { concerns: ['falls-or-faints' as const] };
    const standing = ['two-foot-rise', 'one-leg-stand', 'edge-to-edge', 'sideways-ankle-rock', 'knee-to-wall'];
    expect(valueOf('seats', standing, { brief, seconds: 60 })).toBe(1);
    expect(valueOf('seats', standing, { brief, seconds: 120 })).toBeLessThan(0.5);
    const seated = [...standing.slice(0, 2), 'let-the-feet-lie', ...standing.slice(2)];
    expect(valueOf('seats', seated, { brief, seconds: 110 })).toBe(1);
    expect(valueOf('seats', standing, { seconds: 120 })).toBe(1);
  });

  it('looks, loosens, isolates, then arch, band, rises, balance: pairs the other way round cost', () => {
    const hour = ['ankle-circles', 'big-toe-up', 'short-foot', 'band-turn-in', 'two-foot-rise', 'one-leg-stand'];
    expect(valueOf('hour', hour)).toBe(1);
    expect(valueOf('hour', ['ankle-circles', 'short-foot', 'big-toe-up', ...hour.slice(3)])).toBeCloseTo(1 - 3 / 15);
    expect(valueOf('hour', ['let-the-feet-lie', ...hour])).toBeLessThan(1);
  });

  it('what is loaded one way goes the other way; no two are alike; what helped comes again; shares are met', () => {
    expect(valueOf('opposites', ['band-turn-in', 'band-turn-out'])).toBe(1);
    expect(valueOf('opposites', ['band-turn-in', 'two-foot-rise'])).toBeLessThan(1);
    expect(valueOf('variety', ['step-rise-straight-knee', 'incline-rise', 'big-toe-up'])).toBeLessThan(1);
    const helped = { 'big-toe-up': { better: 4, looks: 5 } };
    expect([['big-toe-up'], ['short-foot']].map((ids) => valueOf('helped', ids, { history: { helped } }))).toEqual([
      1, 0,
    ]);
    expect(valueOf('helped', ['short-foot'], { history: { helped: { 'big-toe-up': { better: 3, looks: 3 } } } })).toBe(
      1,
    );
    const shares: [FocusFamily, number][] = [
      ['band', 0.5],
      ['toes', 0.5],
    ];
    expect(valueOf('focus', ['band-turn-in', 'big-toe-up'], { shares })).toBe(1);
    expect(valueOf('focus', ['band-turn-in', 'band-turn-out', 'big-toe-up'], { shares })).toBeLessThan(0.2);
  });

  it('every term has its weight, and is a share', () => {
    const ids = ['ankle-circles', 'big-toe-up', 'two-foot-rise'];
    for (const id of Object.keys(termWeights) as TermId[]) {
      expect(valueOf(id, ids)).toBeGreaterThanOrEqual(0);
      expect(valueOf(id, ids)).toBeLessThanOrEqual(1);
    }
  });
});

describe('the shares of a brief', () => {
  const all = new Set<FocusFamily>([
    'release',
    'mobility',
    'toes',
    'arch',
    'band',
    'strength',
    'balance',
    'gait',
    'impact',
  ]);

  it('what was asked for stays as it was asked, the others share what is left', () => {
    const shares = sharesOf({ ...usualBrief, focus: { band: 50 } }, all);
    expect(shares.get('band')).toBeCloseTo(0.5);
    expect([...shares.values()].reduce((a, b) => a + b, 0)).toBeCloseTo(1);
    expect(shares.get('mobility')! / shares.get('toes')!).toBeCloseTo(20 / 14);
  });

  it('what is not possible has none; nothing asked for at all: none', () => {
    expect(sharesOf(usualBrief, new Set<FocusFamily>(['toes', 'arch']))).toEqual(
      new Map([
        ['toes', 0.5],
        ['arch', 0.5],
      ]),
    );
    expect(sharesOf({ ...usualBrief, focus: { toes: 0 } }, all).has('toes')).toBe(false);
  });

  it('places go by share, the largest remainder first, one at least to what was asked for', () => {
    const shares = new Map<FocusFamily, number>([
      ['mobility', 0.5],
      ['toes', 0.3],
      ['arch', 0.15],
      ['band', 0.05],
    ]);
    expect(seats(shares, 4, new Set())).toEqual(
      new Map([
        ['mobility', 2],
        ['toes', 1],
        ['arch', 1],
      ]),
    );
    expect(seats(shares, 4, new Set(['band'])).get('band')).toBe(1);
    const seated = seatedShares(
      shares,
      new Map([
        ['mobility', 2],
        ['band', 1],
      ]),
      new Set(['band']),
    );
    expect([seated.get('band'), seated.get('mobility')]).toEqual([0.05, 0.95]);
  });
});
