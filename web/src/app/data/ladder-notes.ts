import { Injectable, computed, inject, signal } from '@angular/core';
import type { LadderNote } from '@core/roster/ladder-note';
import { newId } from './new-id';
import { Outbox } from './outbox';

/** What is written down of ladders: what the server gave, and what was noted or taken out here since. */
@Injectable()
export class LadderNotes {
  private readonly outbox = inject(Outbox);
  private readonly given = signal<readonly LadderNote[]>([]);
  private readonly noted = signal<readonly LadderNote[]>([]);
  private readonly out = signal<ReadonlySet<string>>(new Set());

  readonly all = computed((): readonly LadderNote[] => {
    const [given, out] = [this.given(), this.out()];
    const there = new Set(given.map(({ id }) => id));
    return [...given, ...this.noted().filter(({ id }) => !there.has(id))].filter(({ id }) => !out.has(id));
  });

  give(notes: readonly LadderNote[]): void {
    this.given.set(notes);
  }

  /** @returns takes it out again */
  note(note: Omit<LadderNote, 'id'>): () => void {
    const made = { ...note, id: newId() };
    this.noted.update((noted) => [...noted, made]);
    void this.outbox.put({ kind: 'note', format: 1, id: newId(), note: made });
    return () => this.takeOut(made);
  }

  private takeOut({ id, studentId }: LadderNote): void {
    this.out.update((out) => new Set([...out, id]));
    void this.outbox.put({ kind: 'note-out', format: 1, id: newId(), noteId: id, studentId, out: true });
  }
}
