import { Injectable, type OnDestroy, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, filter } from 'rxjs';
import type { KeptCopy } from '@core/contract';
import type { Student } from '@core/roster/student';
import { LadderNotes } from './ladder-notes';
import { studentAddress } from './letter';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { sayDate } from '../parts/saying/date-words';
import { type Outcome, Outbox } from './outbox';
import { PeopleApi } from './people-api';
import { Readings } from './readings';
import { failureWords } from './request-failure';
import { Toasts } from './toasts';

export type FileState = 'saved' | 'saving' | 'away' | 'refused';
const states: Readonly<Record<Outcome['result']['kind'], FileState>> = {
  sending: 'saving',
  sent: 'saved',
  away: 'away',
  refused: 'refused',
};
/** An edit is sent when nothing more has come for so long. */
const quietMs = 700;

/** One student: who it is, and what was measured. */
@Injectable()
export class StudentFile implements OnDestroy {
  private readonly api = inject(PeopleApi);
  private readonly outbox = inject(Outbox);
  private readonly readings = inject(Readings);
  private readonly notes = inject(LadderNotes);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<string>();
  private readonly edited = signal<Student | null>(null);
  private version: number | null = null;

  readonly page = toSignal(
    // what waits here is known before the server is asked
    loading(this.asked$, (id) => this.outbox.readNewest(studentAddress(id), () => this.api.student(id))),
    { initialValue: waiting },
  );
  /** As it is on this page: edits that are on their way too. */
  readonly student = computed((): Student | null => this.edited() ?? this.page().value?.student ?? null);
  readonly copies = computed((): readonly KeptCopy[] => this.page().value?.copies ?? []);
  readonly state = signal<FileState>('saved');
  /** Why the server will not have an edit. */
  readonly refused = signal('');

  constructor() {
    effect(() => {
      const page = this.page();
      if (page.status !== 'ready') return;
      untracked(() => {
        this.version = page.value.version;
        this.readings.give(page.value.readings, page.value.noise, page.value.takenOut);
        this.notes.give(page.value.notes);
        const left = this.outbox.newestOf(studentAddress(page.value.student.id), 'student');
        if (left) this.edited.set(left.student);
      });
    });
    this.outbox.outcomes$
      .pipe(
        filter(({ letter }) => letter.kind === 'student' && letter.student.id === this.student()?.id),
        takeUntilDestroyed(),
      )
      .subscribe(({ result }) => {
        this.state.set(states[result.kind]);
        if (result.kind === 'sent' && result.answer && 'version' in result.answer) this.version = result.answer.version;
        this.refused.set(result.kind === 'refused' ? failureWords(result.failure) : '');
      });
  }

  open(id: string): void {
    this.asked$.next(id);
  }

  change(change: Partial<Student>): void {
    const now = this.student();
    if (!now) return;
    const student = { ...now, ...change };
    this.edited.set(student);
    this.state.set('saving');
    void this.outbox.put({ kind: 'student', format: 1, id: newId(), basedOn: this.version, student }, quietMs);
  }

  /** Who leaves the page has said all: it goes at once. */
  ngOnDestroy(): void {
    const id = this.student()?.id;
    if (id !== undefined) this.outbox.flush(studentAddress(id));
  }

  /** Takes what the server has in the place of an edit that was refused. */
  async takeTheirs(): Promise<void> {
    const id = this.student()?.id;
    if (id === undefined) return;
    await this.outbox.drop(studentAddress(id));
    this.edited.set(null);
    this.refused.set('');
    this.state.set('saved');
    this.open(id);
  }

  /** Really deletes somebody, with all that was measured. There is no way back. */
  delete(): void {
    const student = this.student();
    if (!student) return;
    this.api.deleteStudent(student.id).subscribe({
      next: (copies) => {
        void this.outbox.drop(studentAddress(student.id));
        void this.router.navigate(['/people']);
        this.toasts.tell(deletedWords(copies), 'Good', 15);
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }
}

/** Which copies hold somebody, and until when; empty where none does. @param still whether they are deleted already */
export function copiesWords(copies: readonly KeptCopy[], still = ''): string {
  if (copies.length === 0) return '';
  const one = copies.length === 1;
  const byHand = copies.filter(({ until }) => until === null).length;
  const last = copies.reduce<string | null>(
    (max, { until }) => (until !== null && (max ?? '') < until ? until : max),
    null,
  );
  const holds = `${one ? 'One copy' : `${copies.length} copies`} of everything ${still}${one ? 'holds' : 'hold'} it`;
  if (byHand === copies.length) return `${holds}, until you delete ${one ? 'it' : 'them'} on the page “Safe keeping”.`;
  const until = last === null ? '' : `until ${sayDate(last)} at the latest`;
  return byHand === 0
    ? `${holds}, ${until}, or until you delete ${one ? 'it' : 'them'} on the page “Safe keeping”.`
    : `${holds}: those that made themselves ${until}, ${byHand} of them until you delete ${byHand === 1 ? 'it' : 'them'} on the page “Safe keeping”.`;
}

/** What is left of somebody who was deleted. */
export function deletedWords(copies: readonly KeptCopy[]): string {
  if (copies.length === 0) return 'Deleted, with all that was measured. No copy of the data here holds it any more.';
  return `Deleted. ${copiesWords(copies, 'still ')}`;
}
