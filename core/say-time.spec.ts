import { sayLength, sayTime } from './say-time';

describe('time as it is written', () => {
  it.each([
    [0, '0:00'],
    [9000, '0:09'],
    [635_000, '10:35'],
    [3_600_000, '60:00'],
    [59_499, '0:59'],
    [59_500, '1:00'],
    [-85_000, '−1:25'],
    [-400, '0:00'],
  ])('%d ms is %s', (ms, words) => {
    expect(sayTime(ms)).toBe(words);
  });

  it.each([
    [15_000, '15 s'],
    [60_000, '1 min'],
    [150_000, '2 min 30 s'],
  ])('a length of %d ms is said as %s', (ms, words) => {
    expect(sayLength(ms)).toBe(words);
  });
});
