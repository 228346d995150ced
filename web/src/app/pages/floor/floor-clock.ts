import { Injectable, InjectionToken, inject } from '@angular/core';
import { type Observable, animationFrames, interval, map, merge } from 'rxjs';

/** Two clocks: one that only goes forward, and the one on the wall. Tests put their own in their place. */
export interface Clocks {
  readonly monotonicMs: () => number;
  readonly wallMs: () => number;
  /** Beats while something is counted: each frame while visible, a few times a second while not. */
  readonly beats$: Observable<unknown>;
}

export const CLOCKS = new InjectionToken<Clocks>('clocks of the floor', {
  providedIn: 'root',
  factory: () => ({
    monotonicMs: () => performance.now(),
    wallMs: () => Date.now(),
    beats$: merge(animationFrames(), interval(250)).pipe(map(() => null)),
  }),
});

/** The machine slept when the wall clock ran on and the other one did not. */
const sleptMs = 3000;

/** Milliseconds since the start of a run, on the clock that does not stop; it notices sleep. */
@Injectable()
export class FloorClock {
  private readonly clocks = inject(CLOCKS);
  readonly beats$ = this.clocks.beats$;
  private startWallMs = 0;
  private anchorWallMs = 0;
  private anchorMonotonicMs = 0;
  private times = 1;

  /** @param startedAtMs wall clock at which the run began */
  begin(startedAtMs: number): void {
    this.startWallMs = startedAtMs;
    this.anchor();
  }

  /** How many times as fast as life; 1 wherever it is not rehearsed. */
  get speed(): number {
    return this.times;
  }

  /** From this instant on the clock runs so many times as fast. */
  run(times: number): void {
    const nowMs = this.nowMs();
    this.anchor();
    this.startWallMs = this.anchorWallMs - nowMs;
    this.times = times;
  }

  wallMs(): number {
    return this.clocks.wallMs();
  }

  /** Since the start of the run, whole ms. */
  nowMs(): number {
    const since = (this.clocks.monotonicMs() - this.anchorMonotonicMs) * this.times;
    return Math.max(0, Math.round(this.anchorWallMs + since - this.startWallMs));
  }

  /**
   * How long the machine slept since the last look, ms; 0 when it did not. The clock is set right, so the time asleep
   * counts; `beforeMs` is the instant of the run at which it fell asleep.
   */
  asleep(): { readonly sleptMs: number; readonly beforeMs: number } | null {
    const beforeMs = this.nowMs();
    const monotonic = this.clocks.monotonicMs() - this.anchorMonotonicMs;
    const wall = this.clocks.wallMs() - this.anchorWallMs;
    // a rehearsal is not held up by a lid that was closed
    if (wall - monotonic < sleptMs || this.times !== 1) return null;
    this.anchor();
    return { sleptMs: Math.round(wall - monotonic), beforeMs };
  }

  private anchor(): void {
    this.anchorWallMs = this.clocks.wallMs();
    this.anchorMonotonicMs = this.clocks.monotonicMs();
  }
}
