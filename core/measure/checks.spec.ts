import { CheckId } from './check-id';
import { checks } from './checks';
import { minimalDetectableChange } from './minimal-detectable-change';
import { type NumberProtocol, Protocol, isNumber } from './protocol';

const numbers = CheckId.options.map((id) => checks[id]).filter((p): p is NumberProtocol => isNumber(p) && p.judged);

describe('the checks', () => {
  it.each(CheckId.options)('%s says how it is taken', (id) => {
    expect(checks[id].id).toBe(id);
    expect(Protocol.safeParse(checks[id]).error?.issues).toBeUndefined();
    expect(checks[id].steps.length).toBeGreaterThan(0);
  });

  // Needlework's own estimates, but for the two of the wall: Konor et al. 2012, from memory, upper end.
  it.each([
    ['big-toe-by-hand', 8.3],
    ['big-toe-unaided', 9.7],
    ['big-toe-gap', 12.8],
    ['knee-to-wall', 1.5],
    ['knee-to-wall-angle', 3.8],
    ['base-of-support', 0.8],
    ['arch-height', 4.2],
    ['arch-drop', 5.5],
    ['rolling-weight', 11],
  ] as const)('%s can show a change of %d and no less', (id, change) => {
    const { result } = checks[id] as NumberProtocol;
    expect(result.scale).toBe('raw');
    expect(Math.abs(minimalDetectableChange(result.noise ?? 0) - change)).toBeLessThanOrEqual(0.1);
  });

  it.each([
    ['tripod-area', 1.18],
    ['outline-area', 1.15],
    ['one-leg-stand', 3],
    ['eyes-shut-stand', 3.5],
    ['rises-to-loss-of-form', 1.7],
  ] as const)('%s can show a change by a factor of %d and no less', (id, factor) => {
    const { result } = checks[id] as NumberProtocol;
    expect(result.scale).toBe('log');
    expect(Math.abs(Math.exp(minimalDetectableChange(result.noise ?? 0)) - factor)).toBeLessThanOrEqual(0.05);
  });

  it('marks as published only what a source says', () => {
    expect(numbers.filter(({ result }) => result.noiseFrom === 'published').map(({ id }) => id)).toEqual([
      'knee-to-wall',
      'knee-to-wall-angle',
    ]);
  });

  it('asks inside what it refuses', () => {
    for (const { result } of numbers) {
      expect(result.ask.least).toBeGreaterThanOrEqual(result.refuse.least);
      expect(result.ask.most).toBeLessThanOrEqual(result.refuse.most);
    }
  });

  it('knows what to take instead wherever a check has an end', () => {
    for (const { id, result, instead } of numbers) {
      if (result.cap !== null) expect([id, instead.above]).not.toEqual([id, null]);
      if (result.floor !== null) expect([id, instead.below]).not.toEqual([id, null]);
    }
  });

  it('takes the first time as practice where a knack is learnt', () => {
    expect(numbers.filter(({ result }) => result.practice).map(({ id }) => id)).toEqual([
      'big-toe-unaided',
      'big-toe-gap',
      'one-leg-stand',
      'eyes-shut-stand',
      'rolling-weight',
      'rises-to-loss-of-form',
    ]);
  });
});
