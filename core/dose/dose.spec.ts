import { asKind, isOpen, usualRange, withField, withNumber, withRange, withSets, withUntil } from './amount';
import { Dose, DosePart, DoseRange, changeRange } from './dose';
import { byFeel, counts, holds, passes, reps, stops, timed, travel } from './kinds';
import { nextSayable, sayableCounts, sayablePauses, sayableSeconds } from './sayable';
import { doseProduct, doseTokens, sayDose, sayPart } from './sentence';
import { fillWindow } from './window';
import { beatMs } from './kind';
import { doseTime, partTime, phasesMsOf } from './work';

const refusedAt = (part: unknown) => DosePart.safeParse(part).error?.issues[0]?.path.join('.');

describe('what a dose may be', () => {
  it('is never zero and never a thousand', () => {
    expect(refusedAt(reps(0))).toBe('reps');
    expect(refusedAt(reps(1000))).toBe('reps');
    expect(refusedAt(holds(1, 0, 5))).toBe('holdSeconds');
    expect(refusedAt(timed(99_999))).toBe('seconds');
    expect(refusedAt({ ...reps(5), sets: 0 })).toBe('sets');
    expect(Dose.safeParse([]).success).toBe(false);
  });

  it('does not count the same thing twice', () => {
    const twice = {
      ...reps(5),
      multipliers: [
        { per: 'toes', count: 5 },
        { per: 'toes', count: 5 },
      ],
    };
    expect(DosePart.safeParse(twice).error?.issues[0]?.message).toBe('multiplier-twice');
  });

  it('by feel has its usual time between its bounds', () => {
    expect(refusedAt(byFeel(30, 20, 60))).toBe('usualSeconds');
    expect(DosePart.safeParse(byFeel(10, 20, 60)).success).toBe(true);
  });

  it('keeps its kind from least to most', () => {
    expect(
      DoseRange.safeParse({ least: [reps(4)], usual: [timed(30)], most: [reps(8)], source: 'usual practice' }).success,
    ).toBe(false);
  });
});

describe('said as a teacher says it', () => {
  it('"3 rounds of 30 s, 3 contact points, each foot"', () => {
    expect(sayPart(holds(1, 30, 5, { sets: 3, per: { 'contact-points': 3 } }), 'each')).toBe(
      '3 rounds of 30 s, 3 contact points, each foot',
    );
  });

  it.each([
    [reps(12), 'each', '12 reps, each foot'],
    [reps(1), 'both', '1 rep, both feet'],
    [holds(4, 10, 5), 'both', '4 holds of 10 s, both feet'],
    [passes(8, 5), 'each', '8 slow passes, each foot'],
    [stops(3, 10, 2), 'each', '3 spots of 10 s, each foot'],
    [travel(2, 40, 80), 'travelling', '2 × 40 steps, walking'],
    [timed(90), 'both', '1:30, both feet'],
    [counts(4, 8, 108), 'both', '4 × 8 counts at 108, both feet'],
    [byFeel(20, 40, 60), 'each', 'by feel, about 40 s, each foot'],
    [reps(10), 'alternate', '10 reps, each foot, alternating'],
  ] as const)('%#: %s', (part, feet, words) => {
    expect(sayPart(part, feet)).toBe(words);
  });

  it('joins a composite with "then" and says the feet once', () => {
    expect(sayDose([reps(12), holds(1, 20, 0)], 'each')).toBe('12 reps, then 20 s, each foot');
  });

  it('shows the product: 5 toes × 2 ways × 2 feet = 20 reps, 1:40', () => {
    expect(doseProduct(reps(1, { per: { toes: 5, directions: 2 } }), [5], 'each').words).toBe(
      '5 toes × 2 ways × 2 feet = 20 reps, 1:40',
    );
  });

  it('ten circles are 40 when they are ten each way on each foot', () => {
    expect(doseProduct(reps(10, { per: { directions: 2 } }), [3], 'each')).toMatchObject({
      units: 40,
      workMs: 120_000,
    });
  });

  it('names every number that can be changed, with the phase it times', () => {
    const tokens = doseTokens(reps(12, { sets: 2 }), [
      { name: 'out', seconds: 2 },
      { name: 'slow return', seconds: 3 },
    ]);
    expect(tokens.flatMap((t) => ('field' in t ? [t.field.path] : []))).toEqual(['sets', 'reps', 'tempo.0', 'tempo.1']);
    expect(tokens.map((t) => ('field' in t ? String(t.field.value) : t.words)).join(' ')).toBe(
      '2 rounds of 12 reps · 2 out, 3 slow return',
    );
  });
});

describe('sayable doses (practice)', () => {
  it('never offers 13 reps or 27 s', () => {
    expect(sayableCounts).not.toContain(13);
    expect(sayableSeconds).not.toContain(27);
  });

  it('contains all that teachers say', () => {
    expect(sayableCounts).toEqual(expect.arrayContaining([4, 5, 6, 8, 10, 12, 15, 16, 20, 24, 30, 32]));
    expect(sayableSeconds).toEqual(expect.arrayContaining([5, 10, 15, 20, 30, 45, 60]));
  });

  it('steps up and down, from between two values too, and stops at the ends', () => {
    expect(nextSayable(12, 1, sayableCounts)).toBe(15);
    expect(nextSayable(13, -1, sayableCounts)).toBe(12);
    expect(nextSayable(1, -1, sayableCounts)).toBe(1);
    expect(nextSayable(1, -1, sayablePauses)).toBe(0);
  });
});

describe('the same window for an easier or harder option', () => {
  it('fills 72 s with as many reps as fit and can be said, and leaves the rest as rest', () => {
    // 72 s at 5 s a rep: 14 would fit, nobody says 14; 12 take 60 s
    const filled = fillWindow([reps(10)], [reps(30)], 72_000, [5]);
    expect(filled.dose).toEqual([reps(12)]);
    expect(filled.restMs).toBe(12_000);
  });

  it('stretches a single hold instead of repeating it', () => {
    expect(fillWindow([holds(1, 30, 5)], [holds(1, 60, 5)], 50_000, [30])).toEqual({
      dose: [holds(1, 45, 5)],
      restMs: 5000,
      tooLong: false,
    });
  });

  it('never goes beyond the rung’s own most', () => {
    const filled = fillWindow([reps(10)], [reps(10)], 72_000, [5]);
    expect(filled.dose).toEqual([reps(10)]);
    expect(filled.restMs).toBe(22_000);
  });

  it('says so when one is already too long', () => {
    expect(fillWindow([holds(2, 60, 0)], [holds(3, 60, 0)], 30_000, [60]).tooLong).toBe(true);
  });
});

describe('phases', () => {
  it('of a pass stretch to its length: a sweep of 1 and 5 s in a pass of 4 s', () => {
    expect(phasesMsOf(passes(8, 4), [1, 5])).toEqual([667, 3333]);
    expect(phasesMsOf(reps(8, { tempo: [2, 3] }), [1, 5])).toEqual([2000, 3000]);
  });
});

describe('beats', () => {
  it('are rounded from the start of the phrase, not added up', () => {
    expect(beatMs(4, 132)).toBe(1818);
    expect(beatMs(28, 132)).toBe(12_727);
  });

  it('keep work and pauses apart', () => {
    expect(partTime(holds(3, 10, 5, { sets: 2, setRest: 20 }), [1])).toEqual({ workMs: 60_000, restMs: 40_000 });
  });
});

describe('changing one number of a dose', () => {
  it('a phase second becomes the dose’s own tempo, the others as the exercise has them', () => {
    expect(withField(reps(8), 'tempo.1', 5, [2, 1, 3])).toEqual(reps(8, { tempo: [2, 5, 3] }));
  });

  it('a multiplier keeps what it counts', () => {
    expect(withField(reps(1, { per: { toes: 5, directions: 2 } }), 'multipliers.1.count', 1, [5])).toEqual(
      reps(1, { per: { toes: 5, directions: 1 } }),
    );
  });

  it('counted another way keeps rounds and multipliers, and takes about as long as it did', () => {
    const part = reps(8, { sets: 3, setRest: 20, per: { toes: 5 } });
    // 8 reps of 4 s are 32 s at each toe
    expect(asKind(part, 'hold', [4])).toEqual(holds(1, 30, 5, { sets: 3, setRest: 20, per: { toes: 5 } }));
    expect(asKind(part, 'timed', [4])).toEqual(timed(30, { sets: 3, setRest: 20, per: { toes: 5 } }));
    expect(asKind(timed(60), 'reps', [4])).toEqual(reps(15));
  });

  it('said as a range counts the usual one; a number outside moves the nearer end', () => {
    const said = withRange(reps(10), [10, 12]);
    expect(sayPart(said, 'each')).toBe('10 to 12 reps, each foot');
    expect(sayPart(withRange(reps(15), [10, 15, 20]), 'both')).toBe('10, 15 or 20 reps, both feet');
    expect(sayPart(withRange(holds(1, 45, 0), [30, 60]), 'both')).toBe('30 to 60 s, both feet');
    expect(doseTime([said], [4]).workMs).toBe(40_000);
    expect(withNumber(said, 'reps', 15).range).toEqual([10, 15]);
    expect(withNumber(said, 'reps', 8).range).toEqual([8, 12]);
    expect(withRange(said, null)).toEqual(reps(10));
    expect(usualRange(reps(10))).toEqual([8, 12]);
  });

  it('a range typed upside down, or without its usual number, is refused by name', () => {
    const why = (range: number[]) => DosePart.safeParse(withRange(reps(10), range)).error?.issues[0]?.message;
    expect([why([12, 10]), why([12, 15]), why([10]), why([10, 12])]).toEqual([
      'range-order',
      'range-usual',
      'range-form',
      undefined,
    ]);
  });

  it('may end by a sign in place of a number', () => {
    const felt = withUntil(withRange(reps(8), [5, 10]), 'the toes fan');
    expect(sayPart(felt, 'each')).toBe('5 to 10 reps until the toes fan, each foot');
    expect([isOpen(felt), isOpen(reps(8)), isOpen(byFeel(20, 40, 60))]).toEqual([true, false, true]);
    expect(withUntil(felt, null)).toEqual(withRange(reps(8), [5, 10]));
  });

  it('one more set brings its rest; nobody does less than one or more than twenty', () => {
    expect(withSets([reps(8), holds(1, 20, 0)], 1)).toEqual([reps(8, { sets: 2 }), holds(1, 20, 0)]);
    expect(withSets([reps(8)], -1)).toBeNull();
    expect(withSets([reps(8, { sets: 20 })], 1)).toBeNull();
  });

  it('a range follows when one of its doses is counted another way', () => {
    const range = { least: [reps(4)], usual: [reps(8)], most: [reps(12)], source: 'usual practice' as const };
    expect(changeRange(range, 'usual', [reps(10)], [5])).toMatchObject({ least: [reps(4)], usual: [reps(10)] });
    // 4 and 8 reps of 5 s: each becomes the time it took
    expect(changeRange(range, 'most', [timed(60)], [5])).toEqual({
      least: [timed(20)],
      usual: [timed(45)],
      most: [timed(60)],
      source: "Needlework's own",
    });
  });
});
