import type { Plan } from '../plan';
import { type Tone, boutsOf, tonePitches, tonesOf } from '../run';
import type { Timeline } from '../timeline';

/** A tone at an instant of the class, ms. */
export interface TimedTone {
  readonly atMs: number;
  readonly kind: Tone['kind'];
}

/** Every tone of a class that goes as planned. */
export const tonesIn = (plan: Plan, timeline: Timeline): TimedTone[] =>
  boutsOf(timeline).flatMap((bout) =>
    tonesOf(bout, plan).map(({ kind, workMs }) => ({ kind, atMs: bout.workStartMs + workMs })),
  );

/** Samples a second, one channel of 16 bits: enough for tones, and 20 minutes are 19 MB. */
export const wavRate = 8000;
const bytesPerSample = 2;
const headerBytes = 44;
const toneMs = 160;
const apartMs = 110;
const loudness: Readonly<Record<Tone['kind'], number>> = { rep: 0.5, phase: 0.25, beat: 0.2, end: 0.5 };

/**
 * A sound file of tones, as long as the class: RIFF/WAVE, PCM, one channel. It yields its progress, 0 to 1.
 * @param totalMs length of the file, ms
 */
export function* wavOf(tones: readonly TimedTone[], totalMs: number): Generator<{ readonly done: number }, Uint8Array> {
  const samples = Math.round((totalMs * wavRate) / 1000);
  const bytes = new Uint8Array(headerBytes + samples * bytesPerSample);
  const view = new DataView(bytes.buffer);
  header(view, samples * bytesPerSample);
  for (const [i, { atMs, kind }] of tones.entries()) {
    tonePitches[kind].forEach((pitch, nth) => sound(view, atMs + nth * apartMs, pitch, loudness[kind], samples));
    if (i % 50 === 0) yield { done: i / tones.length };
  }
  return bytes;
}

/** A short sine that begins softly and dies away. */
function sound(view: DataView, atMs: number, pitch: number, loud: number, samples: number): void {
  const first = Math.round((atMs * wavRate) / 1000);
  const length = Math.round((toneMs * wavRate) / 1000);
  for (let i = 0; i < length && first + i < samples; i++) {
    const rise = Math.min(1, i / (0.012 * wavRate));
    const value = loud * rise * Math.exp((-5 * i) / length) * Math.sin((2 * Math.PI * pitch * i) / wavRate);
    const at = headerBytes + (first + i) * bytesPerSample;
    const mixed = view.getInt16(at, true) + Math.round(value * 32_767);
    view.setInt16(at, Math.max(-32_768, Math.min(32_767, mixed)), true);
  }
}

/** The 44 bytes before the samples. */
function header(view: DataView, dataBytes: number): void {
  const text = (at: number, letters: string) =>
    [...letters].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, 'RIFF');
  view.setUint32(4, 36 + dataBytes, true);
  text(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, wavRate, true);
  view.setUint32(28, wavRate * bytesPerSample, true);
  view.setUint16(32, bytesPerSample, true);
  view.setUint16(34, 8 * bytesPerSample, true);
  text(36, 'data');
  view.setUint32(40, dataBytes, true);
}
