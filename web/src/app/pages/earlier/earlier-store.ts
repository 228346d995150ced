import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, map } from 'rxjs';
import { type ClassRead } from '@core/contract';
import { differencesOf } from '@core/plan';
import { buildTimeline } from '@core/timeline';
import { ClassApi } from '../../data/class-api';
import { classAddress, ownClass } from '../../data/letter';
import { type Loading, loading, pages, waiting } from '../../data/loading';
import { newId } from '../../data/new-id';
import { type Outcome, Outbox } from '../../data/outbox';
import { awayWords, failureWords } from '../../data/request-failure';
import { Toasts } from '../../data/toasts';

/** The earlier states of one class: a list, one of them to look at, and the ways to have it again. */
@Injectable()
export class EarlierStore {
  private readonly api = inject(ClassApi);
  private readonly outbox = inject(Outbox);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<'first' | 'more'>();
  private readonly opened$ = new Subject<string>();
  private readonly chosen$ = new Subject<number>();
  private id = '';

  readonly states = toSignal(
    pages(this.asked$, (after) =>
      this.api.revisions(this.id, after).pipe(map(({ revisions, next }) => ({ items: revisions, next }))),
    ),
    { initialValue: waiting },
  );
  readonly current = toSignal(
    loading(this.opened$, (id) => this.api.read(id)),
    { initialValue: waiting },
  );
  readonly chosen = toSignal<Loading<ClassRead & { readonly number: number }>>(
    loading(this.chosen$, (number) => this.api.revision(this.id, number).pipe(map((read) => ({ ...read, number })))),
  );

  /** The chosen state with its times, and what bringing it back would change. */
  readonly shown = computed(() => {
    const chosen = this.chosen()?.value;
    const current = this.current().value;
    if (!chosen || !current) return null;
    const known = new Map([...current.revisions, ...chosen.revisions].map((r) => [r.revision, r.exercise]));
    const find = (revision: string) => known.get(revision) ?? null;
    return {
      number: chosen.number,
      plan: chosen.plan,
      timeline: buildTimeline({ plan: chosen.plan, find }),
      differs: differencesOf(current.plan, chosen.plan, find),
    };
  });

  open(id: string): void {
    this.id = id;
    this.opened$.next(id);
    this.asked$.next('first');
  }

  more(): void {
    this.asked$.next('more');
  }

  look(number: number): void {
    this.chosen$.next(number);
  }

  /** Saves the chosen state over the class as it is now, which stays among the earlier ones. */
  async bringBack(): Promise<void> {
    const [shown, current] = [this.shown(), this.current().value];
    if (!shown || !current) return;
    const { plan } = shown;
    const basedOn = current.version;
    const result = await this.outbox.send({ kind: 'class', format: 1, id: newId(), plan, basedOn });
    this.say(result, 'The class is as it was then. How it was until now is among its earlier states.', plan.id);
  }

  /** Makes the chosen state a class beside this one. */
  async ownClass(): Promise<void> {
    const shown = this.shown();
    if (!shown) return;
    const own = ownClass(shown.plan, 'as it was');
    this.say(await this.outbox.send(own), 'That state is a class of its own.', own.plan.id);
  }

  private say(result: Outcome['result'], words: string, classId: string): void {
    if (result.kind === 'sent') {
      this.toasts.tell(words);
      void this.router.navigate(['/class', classId]);
    } else if (result.kind === 'away') {
      const kept = this.outbox.keptHere(classAddress(classId)) === true;
      const place = kept
        ? 'This is kept in this browser and done when the server takes it.'
        : 'This lies only on this page: leave it open until the server takes it.';
      this.toasts.refused(`${awayWords(result.failure)} ${place}`);
    } else if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
  }
}
