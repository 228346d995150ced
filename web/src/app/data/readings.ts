import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { filter } from 'rxjs';
import type { StudioNoise } from '@core/contract';
import type { Reading } from '@core/measure/reading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { failureWords } from './request-failure';
import { Toasts } from './toasts';

/** The readings in front of the teacher: those the server gave, and what was taken or taken out here since. */
@Injectable()
export class Readings {
  private readonly outbox = inject(Outbox);
  private readonly toasts = inject(Toasts);
  private readonly given = signal<readonly Reading[]>([]);
  private readonly taken = signal<readonly Reading[]>([]);
  private readonly out = signal<ReadonlySet<string>>(new Set());
  /** Brought back here: the server may not know yet. */
  private readonly back = new Set<string>();
  /** Not kept by the server: nothing is left of them. */
  private readonly dropped = signal<ReadonlySet<string>>(new Set());

  /** Of each check in this studio; on the judging scale. */
  readonly noise = signal<StudioNoise>({});
  private readonly known = computed((): readonly Reading[] => {
    const given = this.given();
    const there = new Set(given.map(({ id }) => id));
    return [...given, ...this.taken().filter(({ id }) => !there.has(id))];
  });
  readonly all = computed((): readonly Reading[] => this.known().filter(({ id }) => !this.out().has(id)));
  /** What was taken out, here or earlier; it can be brought back. */
  readonly takenOut = computed((): readonly Reading[] =>
    this.known().filter(({ id }) => this.out().has(id) && !this.dropped().has(id)),
  );

  constructor() {
    this.outbox.outcomes$
      .pipe(
        filter(({ letter }) => letter.kind === 'reading'),
        takeUntilDestroyed(),
      )
      .subscribe(({ letter, result }) => {
        if (letter.kind !== 'reading' || !this.taken().some(({ id }) => id === letter.reading.id)) return;
        if (result.kind === 'sent' && result.answer && 'kept' in result.answer && !result.answer.kept) {
          this.withdraw(letter.reading.id);
          this.dropped.update((ids) => new Set([...ids, letter.reading.id]));
          this.toasts.refused('This student was deleted somewhere else. What was measured of them is not kept.');
        }
        if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
      });
  }

  /** What the server has. @param out readings that were taken out */
  give(readings: readonly Reading[], noise: StudioNoise, out: readonly Reading[] = []): void {
    this.given.set([...readings, ...out]);
    const still = out.map(({ id }) => id).filter((id) => !this.back.has(id));
    this.out.update((gone) => new Set([...gone, ...still]));
    this.noise.set(noise);
  }

  take(reading: Reading): void {
    this.taken.update((taken) => [...taken, reading]);
    void this.outbox.put({ kind: 'reading', format: 1, id: newId(), reading });
  }

  /** Takes one out; it can be brought back. */
  takeOut({ id, studentId }: Reading): void {
    this.back.delete(id);
    this.withdraw(id);
    void this.outbox.put({ kind: 'reading-out', format: 1, id: newId(), readingId: id, studentId, out: true });
  }

  bringBack({ id, studentId }: Reading): void {
    this.back.add(id);
    this.out.update((out) => new Set([...out].filter((other) => other !== id)));
    void this.outbox.put({ kind: 'reading-out', format: 1, id: newId(), readingId: id, studentId, out: false });
  }

  /** A reading that was wrong, and the right one in its place. */
  putRight(wrong: Reading, right: Reading): void {
    this.takeOut(wrong);
    this.take(right);
  }

  private withdraw(id: string): void {
    this.out.update((out) => new Set([...out, id]));
  }
}
