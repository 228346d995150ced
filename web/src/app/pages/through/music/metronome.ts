import { Injectable, type OnDestroy, inject, signal } from '@angular/core';
import { beatMs } from '@core/dose';
import { TonePlayer } from '../../floor/tone-player';

/** How often beats are handed over, ms: well before what is handed over has sounded. */
const everyMs = 150;
/** The first beat comes a little after the tap that asks for it, so that it is not late. */
const leadMs = 120;

/** A metronome: its beats are handed to the audio clock ahead of time, the first of each eight higher. */
@Injectable()
export class Metronome implements OnDestroy {
  private readonly tones = inject(TonePlayer);
  private timer: ReturnType<typeof setInterval> | null = null;
  private begun = 0;
  private round = 0;

  /** Beats a minute while it runs; null while it is silent. */
  readonly tempo = signal<number | null>(null);
  /** Which beat of the eight is heard, 1 to 8. */
  readonly beat = signal(1);
  readonly works = this.tones.works;

  start(beatsPerMinute: number): void {
    this.stop();
    this.tones.wake();
    this.begun = performance.now() + leadMs;
    this.round += 1;
    this.tempo.set(beatsPerMinute);
    this.hand();
    this.timer = setInterval(() => this.hand(), everyMs);
  }

  stop(): void {
    if (this.timer !== null) clearInterval(this.timer);
    this.timer = null;
    this.tempo.set(null);
    this.tones.hush();
  }

  ngOnDestroy(): void {
    this.stop();
  }

  private hand(): void {
    const tempo = this.tempo();
    if (tempo === null) return;
    const passed = performance.now() - this.begun;
    const now = Math.max(0, Math.floor((passed * tempo) / 60_000));
    this.beat.set((now % 8) + 1);
    // as many as a hidden page needs until its timer comes again
    const ahead = Math.ceil((4000 * tempo) / 60_000);
    this.tones.plan(
      Array.from({ length: ahead }, (_, i) => {
        const k = now + i;
        const kind = k % 8 === 0 ? ('rep' as const) : ('beat' as const);
        return { key: `${this.round} ${k}`, kind, atMs: this.begun + beatMs(k, tempo) };
      }),
    );
  }
}
