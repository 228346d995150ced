import fc from 'fast-check';
import { WebVTTParser } from 'webvtt-parser';
import { reps } from '../dose';
import { scriptOf } from '../cues';
import { bareClass, sampleExercise, timelineOf } from '../testing/sample';
import { type TimedTone, tonesIn, trackOf, wavOf, wavRate, webVtt } from './index';

const parsed = (text: string) => new WebVTTParser().parse(text, 'subtitles');

describe('a cue track as WebVTT, read by the parser of the W3C (webvtt-parser)', () => {
  it('has each text from when it is said until it is said out', () => {
    const press = sampleExercise('press', { sidePattern: 'both' }, [6]);
    const { plan } = bareClass([{ exercise: press, dose: reps(3) }]);
    const spoken = { ...plan, pace: { ...plan.pace, talkKnownSeconds: 4 } };
    const track = trackOf(scriptOf({ plan: spoken, timeline: timelineOf(spoken, [press]) }));
    const { cues, errors } = parsed(webVtt(track));
    expect(errors).toEqual([]);
    expect(cues.map(({ startTime, text }) => [startTime, text])).toEqual([
      [0, 'Sit tall.'],
      [4, 'Press.'],
      [10, 'A stamp on wet sand.'],
      [16, 'Last one.'],
    ]);
  });

  it('is read back as it was written, whatever the words: marks, arrows, empty lines, hours', () => {
    const cue = fc.record({
      gapMs: fc.nat(4_000_000),
      lastsMs: fc.integer({ min: 1, max: 90_000 }),
      name: fc.string(),
      words: fc.string(),
    });
    fc.assert(
      fc.property(fc.array(cue, { maxLength: 8 }), (made) => {
        let atMs = 0;
        const track = made.map(({ gapMs, lastsMs, name, words }) => {
          const startMs = atMs + gapMs;
          atMs = startMs + lastsMs;
          return { startMs, endMs: atMs, name, words: `x${words}` };
        });
        const { cues, errors } = parsed(webVtt(track, made[0]?.words ?? ''));
        expect(errors).toEqual([]);
        expect(
          cues.map(({ startTime, endTime }) => [Math.round(startTime * 1000), Math.round(endTime * 1000)]),
        ).toEqual(track.map(({ startMs, endMs }) => [startMs, endMs]));
      }),
    );
  });
});

describe('tones as a sound file', () => {
  const made = (tones: readonly TimedTone[], totalMs: number): DataView => {
    const work = wavOf(tones, totalMs);
    for (;;) {
      const next = work.next();
      if (next.done) return new DataView(next.value.buffer);
    }
  };

  it('says in its header what it is (RIFF/WAVE): PCM, one channel, 16 bits, as long as the class', () => {
    const view = made([], 90_000);
    const text = (at: number) => String.fromCharCode(...[0, 1, 2, 3].map((i) => view.getUint8(at + i)));
    expect([text(0), text(8), text(12), text(36)]).toEqual(['RIFF', 'WAVE', 'fmt ', 'data']);
    expect([view.getUint16(20, true), view.getUint16(22, true), view.getUint16(34, true)]).toEqual([1, 1, 16]);
    expect([view.getUint32(24, true), view.getUint32(28, true)]).toEqual([wavRate, 2 * wavRate]);
    // 90 s at 8,000 samples of two bytes
    expect(view.getUint32(40, true)).toBe(1_440_000);
    expect(view.getUint32(4, true)).toBe(view.byteLength - 8);
  });

  it('sounds at its instants and is silent between, and cuts off what would sound past the end', () => {
    const view = made(
      [
        { atMs: 1000, kind: 'rep' },
        { atMs: 2990, kind: 'end' },
      ],
      3000,
    );
    const loudest = (fromMs: number, toMs: number) => {
      let most = 0;
      for (let i = Math.round(fromMs * 8); i < Math.round(toMs * 8); i++)
        most = Math.max(most, Math.abs(view.getInt16(44 + 2 * i, true)));
      return most;
    };
    expect(loudest(0, 999)).toBe(0);
    expect(loudest(1000, 1050)).toBeGreaterThan(8000);
    expect(loudest(1200, 2980)).toBe(0);
    expect(view.byteLength).toBe(44 + 3 * 16_000);
  });

  it('are those of the floor, where the class goes as planned', () => {
    const press = sampleExercise('press', { sidePattern: 'both' }, [2, 2]);
    const { plan, timeline } = bareClass([{ exercise: press, dose: reps(2) }]);
    expect(tonesIn(plan, timeline)).toEqual([
      { kind: 'rep', atMs: 0 },
      { kind: 'phase', atMs: 2000 },
      { kind: 'rep', atMs: 4000 },
      { kind: 'phase', atMs: 6000 },
      { kind: 'end', atMs: 8000 },
    ]);
  });
});
