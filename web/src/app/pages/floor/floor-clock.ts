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

  /** @param startedAtMs wall clock at which the run began */
  begin(startedAtMs: number): void {
    this.startWallMs = startedAtMs;
    this.anchor();
  }

  wallMs(): number {
    return this.clocks.wallMs();
  }

  /** Since the start of the run, whole ms. */
  nowMs(): number {
    const since = this.clocks.monotonicMs() - this.anchorMonotonicMs;
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
    if (wall - monotonic < sleptMs) return null;
    this.anchor();
    return { sleptMs: Math.round(wall - monotonic), beforeMs };
  }

  private anchor(): void {
    this.anchorWallMs = this.clocks.wallMs();
    this.anchorMonotonicMs = this.clocks.monotonicMs();
  }
}
