import { Injectable, type OnDestroy, signal } from '@angular/core';
import { type Tone, tonePitches } from '@core/run';

/** A tone and the instant it belongs to, on the page's monotonic clock (ms). */
export interface DueTone {
  readonly key: string;
  readonly kind: Tone['kind'];
  readonly atMs: number;
}

/** How far ahead tones are handed to the audio clock: further while hidden, where timers come once a second. */
const aheadMs = { visible: 1200, hidden: 3500 };
/** A tone that would now miss its instant by more is placed anew; one that can only come later than this is left out. */
const driftMs = 12;
const tooLateMs = 50;

/** A tone in the hands of the audio clock, or left out because its instant had gone (no nodes). */
interface Handed {
  readonly nodes: readonly OscillatorNode[];
  /** Where it lies on the audio clock, s. */
  readonly at: number;
}

/**
 * Quiet tones, handed to the audio clock ahead of time, so that a busy or hidden page does not shift them. The two
 * clocks are matched anew at every tone, by what leaves the loudspeaker; where the sound stands still or runs on another
 * clock meanwhile, what has not sounded is placed anew, and a tone is left out rather than sounded at a wrong time.
 */
@Injectable()
export class TonePlayer implements OnDestroy {
  readonly on = signal(true);
  /** Null until the first tap; then whether this browser can sound. */
  readonly works = signal<boolean | null>(null);
  private context: AudioContext | null = null;
  private readonly handed = new Map<string, Handed>();

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

  /** Hands over what is due soon, once each, and places anew what has drifted since. */
  plan(due: readonly DueTone[]): void {
    const { context } = this;
    if (!context || !this.on()) return;
    const now = performance.now();
    const until = now + (document.hidden ? aheadMs.hidden : aheadMs.visible);
    for (const tone of due) {
      const handed = this.handed.get(tone.key);
      if (!handed && (tone.atMs < now - 20 || tone.atMs > until)) continue;
      if (handed && !hasDrifted(context, handed.at, tone.atMs)) continue;
      silence(handed);
      this.handed.set(tone.key, this.hand(context, tone));
    }
  }

  /** Takes back what has not sounded: the count was held or the bout changed. */
  /** On or off. */
  turn(): void {
    this.on.update((on) => !on);
    this.hush();
  }

  hush(): void {
    for (const handed of this.handed.values()) silence(handed);
    this.handed.clear();
  }

  ngOnDestroy(): void {
    this.hush();
    void this.context?.close();
  }

  private hand(context: AudioContext, tone: DueTone): Handed {
    const wanted = audioSeconds(context, tone.atMs);
    if ((context.currentTime - wanted) * 1000 > tooLateMs) {
      performance.mark('needlework-tone-left-out');
      return { nodes: [], at: wanted };
    }
    const at = Math.max(context.currentTime, wanted);
    return {
      at,
      nodes: tonePitches[tone.kind].map((pitch, i) => this.sound(context, tone, pitch, at + i * 0.11, i === 0)),
    };
  }

  private sound(context: AudioContext, tone: DueTone, pitch: number, at: number, first: boolean): OscillatorNode {
    const matched = audioZeroMs(context);
    const node = new OscillatorNode(context, { frequency: pitch, type: 'sine' });
    const gain = new GainNode(context, { gain: 0 });
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(tone.kind === 'rep' || tone.kind === 'end' ? 0.16 : 0.08, at + 0.012);
    gain.gain.exponentialRampToValueAtTime(0.0008, at + 0.16);
    node.connect(gain).connect(context.destination);
    node.start(at);
    node.stop(at + 0.18);
    if (first) node.onended = () => this.noteLateness(context, tone, at, matched);
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

function silence(handed: Handed | undefined): void {
  for (const node of handed?.nodes ?? []) {
    node.onended = null;
    node.disconnect();
  }
}

/** Whether a tone that has not sounded yet would now miss its instant. */
export function hasDrifted(
  context: Pick<AudioContext, 'currentTime' | 'getOutputTimestamp'>,
  at: number,
  atMs: number,
): boolean {
  const zero = audioZeroMs(context);
  return zero !== null && at > context.currentTime && Math.abs(zero + at * 1000 - atMs) > driftMs;
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
