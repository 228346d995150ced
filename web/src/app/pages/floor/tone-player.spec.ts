import { TonePlayer, audioSeconds, hasDrifted } from './tone-player';

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

describe('a sound that stands still', () => {
  it('lets a tone be that is on its instant, or sounds already', () => {
    const context = { currentTime: 5.04, getOutputTimestamp: () => ({ contextTime: 5, performanceTime: 90_000 }) };
    expect(hasDrifted(context, 6, 91_010)).toBe(false);
    expect(hasDrifted(context, 5, 90_400)).toBe(false);
  });

  it('tells when a tone would now come too late or too early', () => {
    // the output stood still for 80 ms since the tone was handed over for 91 s
    const context = { currentTime: 5.04, getOutputTimestamp: () => ({ contextTime: 5, performanceTime: 90_080 }) };
    expect(hasDrifted(context, 6, 91_000)).toBe(true);
    expect(hasDrifted(context, 6, 91_160)).toBe(true);
  });
});

describe('tones', () => {
  const started: { at: number; live: boolean }[] = [];
  let stoodStillMs = 0;
  const clock = { currentTime: 1, contextTime: 0.99 };

  beforeEach(() => {
    started.length = 0;
    stoodStillMs = 0;
    class Node {
      onended: (() => void) | null = null;
      readonly gain = {
        setValueAtTime: jest.fn(),
        linearRampToValueAtTime: jest.fn(),
        exponentialRampToValueAtTime: jest.fn(),
      };
      private readonly own = { at: 0, live: true };
      connect = (to: unknown) => to;
      disconnect = () => (this.own.live = false);
      start = (at: number) => {
        this.own.at = at;
        started.push(this.own);
      };
      stop = jest.fn();
    }
    class Context {
      get currentTime() {
        return clock.currentTime;
      }
      getOutputTimestamp = () => ({
        contextTime: clock.contextTime,
        performanceTime: performance.now() + stoodStillMs,
      });
      resume = () => Promise.resolve();
      close = () => Promise.resolve();
    }
    performance.mark = jest.fn() as never;
    Object.assign(globalThis, { AudioContext: Context, OscillatorNode: Node, GainNode: Node });
  });

  const player = () => {
    const made = new TonePlayer();
    made.wake();
    return made;
  };

  it('hands a tone over once, ahead of its instant', () => {
    const tones = player();
    const due = [{ key: 'a', kind: 'rep' as const, atMs: performance.now() + 1000 }];
    tones.plan(due);
    tones.plan(due);
    expect(started).toHaveLength(1);
    expect(started[0]?.at).toBeCloseTo(1.99, 1);
  });

  it('places it anew when the sound has stood still, and takes the old one back', () => {
    const tones = player();
    const due = [{ key: 'a', kind: 'rep' as const, atMs: performance.now() + 1000 }];
    tones.plan(due);
    stoodStillMs = 200;
    tones.plan(due);
    expect(started.map((node) => node.live)).toEqual([false, true]);
    expect((started[0]?.at ?? 0) - (started[1]?.at ?? 0)).toBeCloseTo(0.2, 1);
  });

  it('leaves a tone out rather than sounding it at a wrong time', () => {
    const tones = player();
    const due = [{ key: 'a', kind: 'rep' as const, atMs: performance.now() + 1000 }];
    tones.plan(due);
    stoodStillMs = 5000;
    tones.plan(due);
    tones.plan(due);
    expect(started.map((node) => node.live)).toEqual([false]);
  });
});
