import { Injectable, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, map } from 'rxjs';
import type { HomeworkRow } from '@core/contract';
import { mondayOf } from '@core/course/sessions';
import { type HomeFor, type Homework, newHomework } from '@core/homework/homework';
import { HomeworkApi } from './homework-api';
import { loading, pages, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { awayWords, failureWords } from './request-failure';
import { Toasts } from './toasts';
import { justMade } from '../parts/new-name/new-name';
import { today } from '../parts/saying/date-words';

/** Sheets of homework, newest first: all of them, or those of one student. */
@Injectable()
export class HomeworkSheets {
  private readonly api = inject(HomeworkApi);
  private readonly outbox = inject(Outbox);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<'first' | 'more'>();
  readonly archived = signal(false);
  private student: string | null = null;

  readonly sheets = toSignal(
    pages(this.asked$, (after) =>
      this.api
        .list({ archived: this.archived(), student: this.student }, after)
        .pipe(map(({ homework, next }) => ({ items: homework, next }))),
    ),
    { initialValue: waiting },
  );

  private readonly during$ = new Subject<{ readonly from: string; readonly to: string }>();
  /** Sheets that run on some of the days asked for. */
  readonly during = toSignal(
    loading(this.during$, ({ from, to }) => this.api.between(from, to)),
    { initialValue: waiting },
  );

  /** Asks for those that run on some of the days from one to another. */
  askDuring(from: string, to: string): void {
    this.during$.next({ from, to });
  }

  load(): void {
    this.asked$.next('first');
  }

  /** Those of one student. */
  of(studentId: string): void {
    this.student = studentId;
    this.load();
  }

  more(): void {
    this.asked$.next('more');
  }

  show(archived: boolean): void {
    this.archived.set(archived);
    this.load();
  }

  /** Two weeks from this Monday, empty; opens them. */
  create(of: HomeFor, courseId: string | null = null, title = 'At home'): Promise<void> {
    return this.open({ ...newHomework(newId(), title, of, mondayOf(today())), courseId }, justMade);
  }

  /** The same sheet for the weeks after it; opens it. */
  again({ homework }: HomeworkRow): Promise<void> {
    return this.open({ ...homework, id: newId(), from: mondayOf(today()), daysDone: null, archived: false });
  }

  async put({ homework, version }: HomeworkRow, away: boolean): Promise<void> {
    const archived = { ...homework, archived: away };
    const letter = { kind: 'homework', format: 1, id: newId(), basedOn: version, homework: archived } as const;
    const result = await this.outbox.send(letter);
    if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
    this.load();
  }

  private async open(homework: Homework, info?: typeof justMade): Promise<void> {
    const letter = { kind: 'homework', format: 1, id: newId(), basedOn: null, homework } as const;
    const result = await this.outbox.send(letter);
    if (result.kind === 'sent') void this.router.navigate(['/homework', homework.id], { info });
    else if (result.kind === 'away')
      this.toasts.refused(`${awayWords(result.failure)} The new sheet waits here and is in the list when it is back.`);
    else if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
  }
}
