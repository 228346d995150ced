import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { EMPTY, Subject, catchError, finalize, switchMap, takeWhile, tap } from 'rxjs';
import { type SimulatedKind, type SwayFigures, matHz } from '@core/device';
import { DeviceStream } from '../../data/device-stream';
import { HeavyWork } from '../../worker/heavy-work';

/** So long is stood, seconds. */
export const recordSeconds = 30;

interface Asked {
  readonly device: 'mat' | 'gauge';
  readonly kind: SimulatedKind;
}

/** One recording from a device: what has come so far, and what it comes to. Nothing of it is kept. */
@Injectable()
export class RecordingStore {
  private readonly stream = inject(DeviceStream);
  private readonly work = inject(HeavyWork);
  private readonly asked$ = new Subject<Asked | null>();
  private seed = 1;

  readonly asked = signal<Asked | null>(null);
  readonly running = signal(false);
  readonly points = signal<readonly (readonly [number, number])[]>([]);
  readonly degrees = signal<number | null>(null);
  readonly figures = signal<SwayFigures | null>(null);
  readonly fault = signal('');
  readonly seconds = computed(() => this.points().length / matHz);

  constructor() {
    this.asked$
      .pipe(
        switchMap((asked) => (asked ? this.record(asked) : EMPTY)),
        takeUntilDestroyed(),
      )
      .subscribe();
  }

  start(asked: Asked): void {
    this.asked.set(asked);
    this.points.set([]);
    this.degrees.set(null);
    this.figures.set(null);
    this.fault.set('');
    this.asked$.next(asked);
  }

  stop(): void {
    this.asked$.next(null);
  }

  private record({ device, kind }: Asked) {
    this.running.set(true);
    return this.stream.open(device, kind, (this.seed += 1)).pipe(
      tap((packet) => {
        if (device === 'gauge') this.degrees.set(Number(packet.at(-1)));
        else
          this.points.update((points) => [
            ...points,
            ...packet.flatMap((sample) => (typeof sample === 'number' ? [] : [sample])),
          ]);
      }),
      takeWhile(() => device === 'gauge' || this.points().length < recordSeconds * matHz),
      catchError(() => {
        this.fault.set(
          device === 'mat'
            ? `The device stopped after ${this.seconds().toFixed(0)} s of ${recordSeconds}. Nothing was taken; plug it in and begin again.`
            : 'The device stopped. Nothing was taken; plug it in and begin again.',
        );
        return EMPTY;
      }),
      finalize(() => {
        this.running.set(false);
        if (this.fault() === '' && device === 'mat') this.reckon();
      }),
    );
  }

  /** The figures are worked out beside the page, so that nothing stands still. */
  private reckon(): void {
    const points = this.points();
    if (points.length < 3) return;
    const record = { hz: matHz, x: points.map(([x]) => x), y: points.map(([, y]) => y) };
    this.work.run({ kind: 'sway', record }).subscribe(({ result }) => this.figures.set(result));
  }
}
