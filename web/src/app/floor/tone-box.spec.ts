import { audioSeconds } from './tone-box';

describe('matching the count with the audio clock', () => {
  it('sounds a tone early by the latency of the output, so that it is heard on its instant', () => {
    const context = { currentTime: 5.04, getOutputTimestamp: () => ({ contextTime: 5, performanceTime: 90_000 }) };
    expect(audioSeconds(context, 91_000)).toBeCloseTo(6, 9);
  });

  it('goes by the current time until the first sample is out', () => {
    const now = performance.now();
    const context = { currentTime: 0.01, getOutputTimestamp: () => ({ contextTime: 0, performanceTime: 0 }) };
    expect(audioSeconds(context, now + 1000)).toBeGreaterThan(0.9);
    expect(audioSeconds(context, now + 1000)).toBeLessThanOrEqual(1.01);
  });
});
