import { measuredRate, speakingMs, wordsIn } from './speaking';

const words = (n: number) => Array.from({ length: n }, () => 'toe').join(' ');

describe('speaking', () => {
  it('takes 12.0 s for 26 words at 130 a minute (arithmetic), and 4.1 s for ten at 145 (common practice)', () => {
    expect(speakingMs(words(26), 130)).toBe(12_000);
    expect(speakingMs(words(10))).toBe(4138);
  });

  it('fits about 24 words into a hold of 10 s, and 5 into a stop of 2 s (common practice, no source)', () => {
    expect(speakingMs(words(24))).toBeLessThanOrEqual(10_000);
    expect(speakingMs(words(25))).toBeGreaterThan(10_000);
    expect(Math.abs(speakingMs(words(5)) - 2000)).toBeLessThan(100);
  });

  it('counts words and figures, and takes a dash for a breath', () => {
    expect(wordsIn('Toes long – 5 of them; the ball presses.')).toBe(8);
    expect(wordsIn('  ')).toBe(0);
  });

  it('is measured by reading: 26 words in 12 s are 130 a minute; a watch stopped wrong measures nothing', () => {
    expect(measuredRate(words(26), 12_000)).toBe(130);
    expect(measuredRate(words(100), 2000)).toBeNull();
    expect(measuredRate(words(100), 300_000)).toBeNull();
    expect(measuredRate(words(100), 0)).toBeNull();
  });
});
