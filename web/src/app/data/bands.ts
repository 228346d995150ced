import { HttpClient } from '@angular/common/http';
import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { Subject, filter, map } from 'rxjs';
import { BandList } from '@core/contract';
import type { Band, BandTest } from '@core/device';
import { bandAddress } from './letter';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { Toasts } from './toasts';

/** The bands of the cupboard, and what a spring scale said of them. */
@Injectable()
export class Bands {
  private readonly http = inject(HttpClient);
  private readonly outbox = inject(Outbox);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<void>();
  /** As they are on this page: edits that are on their way too. */
  private readonly edited = signal<ReadonlyMap<string, Band>>(new Map());
  private readonly gone = signal<ReadonlySet<string>>(new Set());

  readonly found = toSignal(
    loading(this.asked$, () => this.http.get('/api/bands').pipe(map((body) => BandList.parse(body)))),
    { initialValue: waiting },
  );
  readonly all = computed((): readonly Band[] => {
    const [edited, gone] = [this.edited(), this.gone()];
    const given = (this.found().value?.bands ?? []).map(({ band }) => edited.get(band.id) ?? band);
    const there = new Set(given.map(({ id }) => id));
    return [...given, ...[...edited.values()].filter(({ id }) => !there.has(id))]
      .filter(({ id }) => !gone.has(id))
      .sort((a, b) => a.name.localeCompare(b.name));
  });

  constructor() {
    this.outbox.outcomes$
      .pipe(
        filter(({ letter, result }) => letter.kind === 'band' && result.kind === 'sent'),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.load());
  }

  load(): void {
    this.asked$.next();
  }

  add(name: string): void {
    this.save({ format: 1, id: newId(), name, tests: [] });
  }

  /** A test of a day; another one of the same day takes its place. */
  addTest(band: Band, test: BandTest): void {
    this.save({ ...band, tests: [...band.tests.filter(({ date }) => date !== test.date), test] });
  }

  removeTest(band: Band, date: string): void {
    this.save({ ...band, tests: band.tests.filter((test) => test.date !== date) });
    this.toasts.offer('The test is taken out.', 'Bring it back', () => this.save(band));
  }

  remove({ id, name }: Band): void {
    void this.outbox.drop(bandAddress(id));
    this.http.delete(`/api/bands/${id}`).subscribe({
      next: () => {
        this.gone.update((gone) => new Set([...gone, id]));
        this.toasts.tell(`“${name}” is gone from the cupboard.`);
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  private save(band: Band): void {
    const version = this.found().value?.bands.find((known) => known.band.id === band.id)?.version ?? null;
    this.edited.update((edited) => new Map([...edited, [band.id, band]]));
    void this.outbox.put({ kind: 'band', format: 1, id: newId(), basedOn: version, band });
  }
}
