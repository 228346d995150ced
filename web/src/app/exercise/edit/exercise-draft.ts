import { HttpErrorResponse } from '@angular/common/http';
import { Injectable, computed, inject, signal } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import { del, get, set } from 'idb-keyval';
import { auditTime, firstValueFrom } from 'rxjs';
import type { ExerciseRevision } from '@core/contract';
import { Exercise } from '@core/exercise';
import { issuePath, issueWords } from '@core/issue-words';
import { LibraryApi } from '../../api/library-api';
import { failureOf, failureWords } from '../../api/problem';
import { freeId, idOf, newExercise } from './new-exercise';

interface Kept {
  readonly basedOn: string | null;
  readonly exercise: Exercise;
}

/** An exercise being written: what is typed stays, in this browser too, until it is saved. */
@Injectable()
export class ExerciseDraft {
  private readonly api = inject(LibraryApi);
  private readonly draft = signal<Exercise>(newExercise());
  private readonly changed = signal(false);
  private key = '';
  private basedOn: string | null = null;
  private taken: (id: string) => boolean = () => false;

  readonly exercise = this.draft.asReadonly();
  readonly touched = this.changed.asReadonly();
  readonly saving = signal(false);
  /** Asked to save once: from then on every field that is refused says why. */
  readonly asked = signal(false);
  readonly refusal = signal<string | null>(null);
  /** The version somebody saved meanwhile. */
  readonly theirs = signal<ExerciseRevision | null>(null);

  /** Why fields are refused, by path: performance.phases.0.seconds. */
  readonly issues = computed<ReadonlyMap<string, string>>(() => {
    const named = { ...this.draft(), id: this.draft().id || 'new' };
    const read = Exercise.safeParse(named);
    if (read.success) return new Map();
    return new Map(read.error.issues.map((issue) => [issuePath(issue), issueWords(issue)]));
  });

  constructor() {
    toObservable(this.draft)
      .pipe(auditTime(400))
      .subscribe((exercise) => {
        if (this.changed())
          void set(this.key, { basedOn: this.basedOn, exercise } satisfies Kept).catch(() => undefined);
      });
  }

  /** Opens an exercise, or what was typed on it and not saved. Answers whether the latter was found. */
  async open(
    key: string,
    exercise: Exercise,
    basedOn: string | null,
    taken: (id: string) => boolean,
  ): Promise<boolean> {
    this.key = `exercise-draft:${key}`;
    this.taken = taken;
    const kept = await get<Kept>(this.key).catch(() => undefined);
    this.basedOn = kept?.basedOn ?? basedOn;
    this.draft.set(kept?.exercise ?? exercise);
    this.changed.set(kept !== undefined);
    return kept !== undefined;
  }

  edit(change: (exercise: Exercise) => Exercise): void {
    this.draft.update(change);
    this.changed.set(true);
  }

  /** What is wrong at a path or below it; nothing before the first attempt to save. */
  problem(path: string): string | null {
    if (!this.asked()) return null;
    return this.issues().get(path) ?? null;
  }

  async forget(): Promise<void> {
    this.changed.set(false);
    await del(this.key).catch(() => undefined);
  }

  /** Saves; answers the new revision, or null with the reason on the screen and everything still in its field. */
  async save(): Promise<ExerciseRevision | null> {
    this.asked.set(true);
    this.refusal.set(null);
    this.theirs.set(null);
    if (this.issues().size > 0) {
      this.refusal.set(this.issueLine());
      return null;
    }
    const exercise = this.draft().id
      ? this.draft()
      : { ...this.draft(), id: freeId(idOf(this.draft().name.plain) || 'exercise', this.taken) };
    this.saving.set(true);
    try {
      const saved = await firstValueFrom(this.api.save(this.basedOn, exercise));
      await this.forget();
      return saved;
    } catch (error) {
      this.refusal.set(failureWords(failureOf(error)));
      if (error instanceof HttpErrorResponse && error.status === 409)
        this.theirs.set(await firstValueFrom(this.api.one(exercise.id)).catch(() => null));
      return null;
    } finally {
      this.saving.set(false);
    }
  }

  /** After a clash: this side goes on top of theirs, which stays as a revision; or theirs is taken. */
  settle(choice: 'mine' | 'theirs'): void {
    const theirs = this.theirs();
    if (!theirs) return;
    this.basedOn = theirs.revision;
    if (choice === 'theirs') this.draft.set(theirs.exercise);
    this.theirs.set(null);
    this.refusal.set(null);
  }

  private issueLine(): string {
    const count = this.issues().size;
    return `${count === 1 ? 'One field needs' : `${count} fields need`} another look before this can be saved. Nothing is lost.`;
  }
}
