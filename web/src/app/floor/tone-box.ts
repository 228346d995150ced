import { Injectable, type OnDestroy, signal } from '@angular/core';
import type { Tone } from '@core/run';

/** A tone and the instant it belongs to, on the page's monotonic clock (ms). */
export interface DueTone {
  readonly key: string;
  readonly kind: Tone['kind'];
  readonly atMs: number;
}

const pitches: Readonly<Record<Tone['kind'], readonly number[]>> = { rep: [523], phase: [392], end: [659, 440] };
/** How far ahead tones are handed to the audio clock: further while hidden, where timers come once a second. */
const aheadMs = { visible: 1200, hidden: 3500 };

/**
 * Quiet tones, handed to the audio clock ahead of time, so that a busy or hidden page does not shift them. The two
 * clocks are matched anew at every tone, by what leaves the loudspeaker.
 */
@Injectable()
export class ToneBox implements OnDestroy {
  readonly on = signal(true);
  /** Null until the first tap; then whether this browser can sound. */
  readonly works = signal<boolean | null>(null);
  private context: AudioContext | null = null;
  private readonly handed = new Map<string, OscillatorNode[]>();

  /** Wakes the audio: browsers allow that after a tap only. */
  wake(): void {
    if (this.context) return;
    try {
      // the first tone of a count cannot be handed over ahead, so the output is asked for its shortest delay
      this.context = new AudioContext({ latencyHint: 0 });
      void this.context.resume();
      this.works.set(true);
    } catch {
      this.works.set(false);
    }
  }

  /** Hands over what is due soon; the same tone is handed over once. */
  plan(due: readonly DueTone[]): void {
    const { context } = this;
    if (!context || !this.on()) return;
    const now = performance.now();
    const until = now + (document.hidden ? aheadMs.hidden : aheadMs.visible);
    for (const tone of due) {
      if (tone.atMs < now - 20 || tone.atMs > until || this.handed.has(tone.key)) continue;
      this.handed.set(
        tone.key,
        pitches[tone.kind].map((pitch, i) => this.sound(context, tone, pitch, i * 0.11)),
      );
    }
  }

  /** Takes back what has not sounded: the count was held or the leg changed. */
  hush(): void {
    for (const nodes of this.handed.values()) for (const node of nodes) node.disconnect();
    this.handed.clear();
  }

  ngOnDestroy(): void {
    this.hush();
    void this.context?.close();
  }

  private sound(context: AudioContext, tone: DueTone, pitch: number, later: number): OscillatorNode {
    const matched = audioZeroMs(context);
    const at = Math.max(context.currentTime, audioSeconds(context, tone.atMs)) + later;
    const node = new OscillatorNode(context, { frequency: pitch, type: 'sine' });
    const gain = new GainNode(context, { gain: 0 });
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(tone.kind === 'phase' ? 0.08 : 0.16, at + 0.012);
    gain.gain.exponentialRampToValueAtTime(0.0008, at + 0.16);
    node.connect(gain).connect(context.destination);
    node.start(at);
    node.stop(at + 0.18);
    if (later === 0) node.onended = () => this.noteLateness(context, tone, at, matched);
    return node;
  }

  /**
   * Leaves a mark with how far the tone lay from its instant, so that it can be measured from outside, and how much of
   * that is a stall of the sound itself after the tone was handed over: no one could have placed it better.
   */
  private noteLateness(context: AudioContext, tone: DueTone, at: number, matched: number | null): void {
    const zero = audioZeroMs(context);
    if (zero === null) return;
    performance.mark('needlework-tone', {
      detail: {
        kind: tone.kind,
        lateMs: zero + at * 1000 - tone.atMs,
        stalledMs: matched === null ? 0 : zero - matched,
        hidden: document.hidden,
      },
    });
  }
}

/** Where the audio clock's zero lies on the page's clock, by what is heard now, ms; null until the first sample is out. */
function audioZeroMs(context: Pick<AudioContext, 'getOutputTimestamp'>): number | null {
  const { contextTime, performanceTime } = context.getOutputTimestamp();
  return contextTime && performanceTime ? performanceTime - contextTime * 1000 : null;
}

/**
 * The audio clock's time (s) of what is heard at `atMs` on the page's clock. `currentTime` runs ahead of the ear by the
 * output's latency, some 40 ms in Chromium, and moves in steps; the output's timestamp does neither, but reads zero
 * until the first sample is out.
 */
export function audioSeconds(context: Pick<AudioContext, 'currentTime' | 'getOutputTimestamp'>, atMs: number): number {
  const zero = audioZeroMs(context);
  return zero === null ? context.currentTime + (atMs - performance.now()) / 1000 : (atMs - zero) / 1000;
}
