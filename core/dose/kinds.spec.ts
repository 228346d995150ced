import fc from 'fast-check';
import { anyPart } from '../testing/arbitrary';
import { amountName, asKind, fittingNumbers, inShape, kindChoices, numberIn, numberOf, withNumber } from './amount';
import { DosePart } from './dose';
import { doseKinds, holds, kindOf, kindOfEvent, kinds, passes, reps } from './kinds';
import { doseTokens, sayPart, sayUnit } from './sentence';
import { layOut, partTime } from './work';

describe('every kind of dose', () => {
  it.each(doseKinds)('%s begins at plain numbers that it accepts itself, and can be said', (name) => {
    const { plain } = kinds[name];
    expect(DosePart.safeParse(plain).error).toBeUndefined();
    expect(plain.kind).toBe(name);
    expect(sayPart(plain, 'each')).toContain(', each foot');
    expect(sayUnit(name, 1)).not.toBe(sayUnit(name, 2));
  });

  it.each(doseKinds)('%s shows every one of its numbers in its sentence, or says why not', (name) => {
    const part = name === 'hold' ? holds(2, 10, 5) : kinds[name].plain;
    const shown = doseTokens(part, [{ name: 'press', seconds: 2 }]).flatMap((t) =>
      'field' in t ? [t.field.path] : [],
    );
    expect(shown).toEqual(expect.arrayContaining(Object.keys(kinds[name].numbers)));
    for (const path of Object.keys(kinds[name].numbers)) expect(numberOf(part, path)?.meaning).not.toBe('');
  });

  it.each(doseKinds)('%s grows with its amount, and fit may change that amount', (name) => {
    const { plain } = kinds[name];
    const amount = amountName(plain);
    const longer = withNumber(plain, amount, numberIn(plain, amount) * 2);
    expect(partTime(longer, [4]).workMs).toBeGreaterThan(partTime(plain, [4]).workMs);
    expect(fittingNumbers(plain)).toContain(amount);
  });

  it('is known on the timeline by what its pieces are called, each by another name', () => {
    expect(new Set(doseKinds.map((name) => kinds[name].event)).size).toBe(doseKinds.length);
    for (const name of doseKinds) expect(kindOfEvent(kinds[name].event)).toBe(kinds[name]);
    expect(kindOfEvent('set-up')).toBeNull();
  });

  it('is offered by a name of its own', () => {
    expect(new Set(kindChoices.map((c) => c.words)).size).toBe(doseKinds.length);
  });

  it('keeps rounds and multipliers when it is counted another way (any part, any kind)', () => {
    fc.assert(
      fc.property(anyPart, fc.constantFrom(...doseKinds), (part, kind) => {
        const { sets, setRestSeconds, multipliers } = part;
        expect(asKind(part, kind, [2, 3])).toMatchObject({ kind, sets, setRestSeconds, multipliers });
      }),
    );
  });

  it('is laid out so that units, pauses and sets add up to its time (any part)', () => {
    fc.assert(
      fc.property(anyPart, (part) => {
        const l = layOut(part, [2, 3]);
        const { workMs, restMs } = partTime(part, [2, 3]);
        const units = l.stations * l.units;
        expect(workMs).toBe(l.sets * l.unitStartMs(units));
        expect(restMs).toBe(l.sets * (units - 1) * l.gapMs + (l.sets - 1) * l.setRestMs);
        const bounds = kindOf(part).bounds?.(part) ?? [1, 2, 3];
        expect([...bounds].sort((a, b) => a - b)).toEqual(bounds);
      }),
    );
  });
});

describe('the numbers of one dose in the shape of another', () => {
  it('keep its tempo, pauses and multipliers: only amounts come over', () => {
    expect(inShape([reps(20)], [reps(8, { tempo: [2, 5], per: { toes: 5 } })])).toEqual([
      reps(20, { tempo: [2, 5], per: { toes: 5 } }),
    ]);
    expect(inShape([passes(5, 3)], [passes(8, 6)])).toEqual([passes(5, 6)]);
    expect(inShape([holds(2, 10, 5)], [reps(8)])).toEqual([holds(2, 10, 5)]);
  });
});
