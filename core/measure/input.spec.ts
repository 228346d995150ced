import { numbers, sampleReading, word } from '../testing/sample-reading';
import { checks } from './checks';
import { refusalOf, valueOf } from './input';
import { besideReading, standingNorms } from './published';
import { numberCheck } from './protocol';
import { shareOfBody } from './share-of-body';
import { zoneOf } from './sole-zone';

const wall = numberCheck(checks['knee-to-wall']).result;
const stand = numberCheck(checks['one-leg-stand']).result;

describe('a reading as it comes in', () => {
  it('is refused outside what a foot gives, before its day, and without consent; a word has no limits', () => {
    const of = (more = {}, consent = true) => refusalOf(wall, sampleReading(more), '2026-09-01', consent);
    expect(of()).toBeNull();
    expect(of({ value: numbers(8, 85) })).toBe('outside-limits');
    expect(of({ value: numbers(Number.NaN) })).toBe('outside-limits');
    expect(of({ date: '2026-09-02' })).toBe('future-date');
    expect(of({}, false)).toBe('no-consent');
    expect(refusalOf(null, sampleReading({ value: word('yes') }), '2026-09-01', true)).toBeNull();
  });

  it('is the mean of its trials, or the best of the usual number of them', () => {
    expect(valueOf(wall, [8, 8.5, 9])).toBe(8.5);
    // a fourth try is one chance more than the others had
    expect(valueOf(stand, [10, 14, 12, 30])).toBe(14);
  });
});

describe('the weight on a rolling foot', () => {
  it('is a share of body weight: 24 to 30 kg of 60 are 40 to 50 % (common practice, no source)', () => {
    expect(shareOfBody(24, 60)).toBe(40);
    expect(shareOfBody(30, 60)).toBe(50);
  });

  it('is nothing where a weight is missing, or the foot would weigh more than the body', () => {
    for (const [scale, body] of [
      [24, NaN],
      [NaN, 60],
      [70, 60],
      [24, 0],
    ] as const)
      expect(shareOfBody(scale, body)).toBeNull();
  });
});

describe('what stands beside a reading', () => {
  it('is the published band of the age (Springer et al. 2007, J Geriatr Phys Ther 30:8; from memory), marked as such', () => {
    const [band] = besideReading('one-leg-stand', 60);
    expect(band).toMatchObject({ mark: 'published, to be confirmed' });
    expect(band?.words).toContain('30.4 s');
    expect(standingNorms.map(({ open, shut }) => [open, shut])).toEqual([
      [45.1, 13.1],
      [42.1, 13.5],
      [40.9, 7.9],
      [30.4, 3.6],
      [16.7, 3.7],
      [10.6, 2.1],
    ]);
  });

  it('marks a rule of the trade for what it is', () => {
    expect(besideReading('big-toe-by-hand', null).map(({ mark }) => mark)).toEqual([
      'published, to be confirmed',
      'rule of thumb, no source',
    ]);
  });

  it('is nothing where nothing is published', () => {
    expect(besideReading('heel-line', 40)).toEqual([]);
  });
});

describe('a mark on the sole', () => {
  it('lies in the same zone on both feet when it is mirrored', () => {
    for (const [x, y] of [
      [70, 10],
      [20, 10],
      [70, 30],
      [30, 60],
      [60, 65],
      [50, 90],
    ] as const)
      expect(zoneOf('left', { x, y })).toBe(zoneOf('right', { x: 100 - x - 0.001, y }));
    expect(zoneOf('left', { x: 70, y: 10 })).toBe('big toe');
    expect(zoneOf('right', { x: 70, y: 10 })).toBe('small toes');
  });
});
