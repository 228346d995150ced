import { Injectable, computed, inject, signal } from '@angular/core';
import { EMPTY, interval, map, startWith, switchMap } from 'rxjs';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import type { Foot } from '@core/measure';
import { LookSession } from '../look-session';

/** One rise each two seconds: the beat of the check. */
export const beatMs = 2000;

interface Run {
  readonly foot: Foot;
  readonly startedMs: number;
  /** Who still stands, or rises. */
  readonly up: readonly string[];
}

/** A stopwatch for one foot of many people at once, or of one; for rises a beat that counts. It ends where the check does. */
@Injectable()
export class WatchClock {
  private readonly session = inject(LookSession);
  private readonly run = signal<Run | null>(null);
  private audio: AudioContext | null = null;

  readonly running = computed(() => this.run() !== null);
  readonly foot = computed(() => this.run()?.foot ?? null);
  private readonly nowMs = toSignal(
    toObservable(this.run).pipe(
      switchMap((run) =>
        run
          ? interval(50).pipe(
              map(() => performance.now()),
              startWith(performance.now()),
            )
          : EMPTY,
      ),
    ),
    { initialValue: 0 },
  );
  private readonly unit = computed(() => {
    const { result } = this.session.protocol();
    return result.gives === 'number' ? result.unit : null;
  });
  /** Whether this check is taken with it. */
  readonly fits = computed(() => this.unit() === 'seconds' || this.unit() === 'reps');
  private readonly most = computed(() => {
    const { result } = this.session.protocol();
    return this.session.cap() ?? (result.gives === 'number' ? result.cap : null) ?? 60;
  });
  /** Seconds, or rises completed. */
  readonly count = computed(() => {
    const run = this.run();
    return run ? this.countAt(Math.max(0, this.nowMs() - run.startedMs)) : 0;
  });

  /** Who is still up on this foot. */
  isUp(studentId: string, foot: Foot): boolean {
    const run = this.run();
    return run?.foot === foot && run.up.includes(studentId);
  }

  start(foot: Foot, studentIds: readonly string[], aloud: boolean): void {
    this.run.set({ foot, startedMs: performance.now(), up: studentIds });
    if (this.unit() === 'reps' && aloud) this.beat();
  }

  /** Somebody came down, or form went: what the clock says is their trial. */
  down(studentId: string): void {
    const run = this.run();
    if (!run?.up.includes(studentId)) return;
    this.session.addTrial(studentId, run.foot, this.countAt(performance.now() - run.startedMs));
    this.leave(run.up.filter((id) => id !== studentId));
  }

  /** Where the check ends, all who are still up have reached it. */
  atEnd(): void {
    const run = this.run();
    if (!run || this.count() < this.most()) return;
    for (const id of run.up) this.session.addTrial(id, run.foot, this.most());
    this.stop();
  }

  stop(): void {
    this.run.set(null);
    void this.audio?.close();
    this.audio = null;
  }

  private leave(up: readonly string[]): void {
    const run = this.run();
    if (up.length === 0) this.stop();
    else if (run) this.run.set({ ...run, up });
  }

  private countAt(ms: number): number {
    return this.unit() === 'reps' ? Math.floor(ms / beatMs) : Math.floor(ms / 100) / 10;
  }

  /** All ticks are handed to the audio clock at once, so that none comes late. */
  private beat(): void {
    if (typeof AudioContext === 'undefined') return;
    const audio = new AudioContext();
    this.audio = audio;
    for (let k = 0; k <= this.most(); k++) {
      const at = audio.currentTime + (k * beatMs) / 1000;
      const [tone, loud] = [audio.createOscillator(), audio.createGain()];
      tone.frequency.value = k % 10 === 0 ? 880 : 660;
      loud.gain.setValueAtTime(0.2, at);
      loud.gain.exponentialRampToValueAtTime(0.001, at + 0.12);
      tone.connect(loud).connect(audio.destination);
      tone.start(at);
      tone.stop(at + 0.13);
    }
  }
}
