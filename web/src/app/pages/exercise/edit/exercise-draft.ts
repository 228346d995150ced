import { Injectable, type OnDestroy, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { deepEqual } from 'fast-equals';
import { auditTime, filter, firstValueFrom, switchMap } from 'rxjs';
import * as z from 'zod';
import type { ExerciseRevision } from '@core/contract';
import { Exercise, readUnfinishedExercise } from '@core/exercise';
import { issuePath, issueWords } from '@core/issue-words';
import { RevisionId } from '@core/plan';
import { type Result, ok } from '@core/result';
import { type ReadError, readStored } from '@core/stored';
import { BrowserStore, type Kept } from '../../../data/browser-store';
import { ExerciseApi } from '../../../data/exercise-api';
import { Holds } from '../../../data/holds';
import { newId } from '../../../data/new-id';
import { Outbox } from '../../../data/outbox';
import { failureWords } from '../../../data/request-failure';
import { freeId, idOf, newExercise } from './new-exercise';

const Stored = z.strictObject({ format: z.literal(1), basedOn: RevisionId.nullable(), exercise: z.unknown() });

interface Typed {
  readonly basedOn: string | null;
  readonly exercise: Exercise;
}

/** Reads what was typed and not saved; an older one is brought up to date. */
function readTyped(stored: unknown): Result<Typed, ReadError> {
  const kept = readStored(Stored, [(older) => older], stored);
  if (!kept.ok) return kept;
  const exercise = readUnfinishedExercise(kept.value.exercise);
  return exercise.ok ? ok({ basedOn: kept.value.basedOn, exercise: exercise.value }) : exercise;
}

/** As it goes over the wire: what is not said has no key. */
const asStored = (exercise: Exercise): unknown => JSON.parse(JSON.stringify(exercise));

const holdOn = (key: string): string => `typed ${key}`;

/** An exercise being written: what is typed stays, in this browser too, until it is saved. */
@Injectable()
export class ExerciseDraft implements OnDestroy {
  private readonly api = inject(ExerciseApi);
  private readonly store = inject(BrowserStore);
  private readonly outbox = inject(Outbox);
  private readonly holds = inject(Holds);
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
      .pipe(
        auditTime(400),
        filter(() => this.changed()),
        switchMap((exercise) => this.store.keep(this.key, { format: 1, basedOn: this.basedOn, exercise })),
        takeUntilDestroyed(),
      )
      .subscribe();
  }

  /**
   * Opens an exercise, or what was typed on it and not saved. Answers whether the latter was found, and where it cannot
   * be read, why; it is then kept as it is.
   */
  async open(
    key: string,
    exercise: Exercise,
    basedOn: string | null,
    taken: (id: string) => boolean,
  ): Promise<{ readonly kept: boolean; readonly unreadable: string | null }> {
    this.taken = taken;
    const found = await this.find(`exercise-draft:${key}`);
    // It was saved later, from the outbox: nothing of it is left to save.
    const isSaved = found?.value ? deepEqual(asStored(found.value.exercise), asStored(exercise)) : false;
    if (isSaved) await this.store.forget(this.key);
    const typed = isSaved ? null : (found?.value ?? null);
    this.basedOn = typed?.basedOn ?? basedOn;
    this.draft.set(typed?.exercise ?? exercise);
    this.changed.set(typed !== null);
    return { kept: typed !== null, unreadable: found?.unreadable ?? null };
  }

  /**
   * What was typed here and is not open on another page. Two pages that change one exercise keep what is typed on each,
   * and what cannot be read is not written over: both have a key of their own.
   */
  private async find(first: string): Promise<Kept<Typed> | null> {
    const all = await this.store.all(first, 'What you had typed here', readTyped);
    const mine = all.filter(({ key }) => key === first || key.startsWith(`${first}:`));
    for (const found of mine) {
      if (found.unreadable !== null || !(await this.hold(found.key))) continue;
      return found;
    }
    const unreadable = mine.find((found) => found.unreadable !== null) ?? null;
    if (mine.length > 0 || !(await this.hold(first))) await this.hold(`${first}:${newId()}`);
    return unreadable;
  }

  private async hold(key: string): Promise<boolean> {
    if (this.key !== '') this.holds.release(holdOn(this.key));
    if (!(await this.holds.take(holdOn(key)))) return false;
    this.key = key;
    return true;
  }

  ngOnDestroy(): void {
    this.holds.release(holdOn(this.key));
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

  /** Everything that is wrong below a path, each with its field; nothing before the first attempt to save. */
  wordsUnder(start: string): string | null {
    if (!this.asked()) return null;
    const found = [...this.issues()].filter(([path]) => path.startsWith(start));
    if (found.length === 0) return null;
    return found.map(([path, words]) => `${path.slice(start.length).replaceAll('.', ' ')} ${words}`).join(' ');
  }

  async forget(): Promise<void> {
    this.changed.set(false);
    await this.store.forget(this.key);
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
    const letter = { kind: 'exercise', format: 1, id: newId(), exercise, basedOn: this.basedOn } as const;
    const result = await this.outbox.send(letter);
    this.saving.set(false);
    if (result.kind === 'sent') {
      await this.forget();
      return result.answer && 'exercise' in result.answer ? result.answer : null;
    }
    if (result.kind === 'refused') {
      this.refusal.set(failureWords(result.failure));
      await this.outbox.drop(`exercise:${exercise.id}`);
      if (result.failure.kind === 'problem' && result.failure.problem.status === 409)
        this.theirs.set(await firstValueFrom(this.api.one(exercise.id)).catch(() => null));
    } else this.refusal.set('The server does not answer. This is kept here and will be saved when it is back.');
    return null;
  }

  /** After a clash: this side goes on top of theirs, which stays as a revision; or theirs is taken. */
  choose(choice: 'mine' | 'theirs'): void {
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
