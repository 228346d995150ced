import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { Subject, filter } from 'rxjs';
import { type Group, type Student, newStudent } from '@core/roster/student';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { PeopleApi } from './people-api';

/** Everybody and every group; what was added here stands there at once. */
@Injectable()
export class PeopleList {
  private readonly api = inject(PeopleApi);
  private readonly outbox = inject(Outbox);
  private readonly asked$ = new Subject<boolean>();
  private readonly newStudents = signal<readonly Student[]>([]);
  private readonly newGroups = signal<readonly Group[]>([]);
  /** Those who come no more are shown. */
  readonly archived = signal(false);

  readonly people = toSignal(
    loading(this.asked$, (archived) => this.api.list(archived)),
    { initialValue: waiting },
  );
  readonly groups = computed((): readonly Group[] => {
    const given = (this.people().value?.groups ?? []).map(({ group }) => group);
    const there = new Set(given.map(({ id }) => id));
    return [...given, ...this.newGroups().filter(({ id }) => !there.has(id))].sort(byName);
  });
  readonly students = computed((): readonly Student[] => {
    const given = (this.people().value?.students ?? []).map(({ student }) => student);
    if (this.archived()) return given;
    const there = new Set(given.map(({ id }) => id));
    return [...given, ...this.newStudents().filter(({ id }) => !there.has(id))].sort(byName);
  });

  constructor() {
    this.outbox.outcomes$
      .pipe(
        filter(
          ({ letter, result }) => result.kind === 'sent' && (letter.kind === 'student' || letter.kind === 'group'),
        ),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.load());
  }

  load(): void {
    this.asked$.next(this.archived());
  }

  show(archived: boolean): void {
    this.archived.set(archived);
    this.load();
  }

  /** @returns the id of somebody new */
  add(name: string, groupIds: readonly string[]): string {
    const student = newStudent(newId(), name, groupIds);
    this.newStudents.update((known) => [...known, student]);
    void this.outbox.put({ kind: 'student', format: 1, id: newId(), basedOn: null, student });
    return student.id;
  }

  addGroup(name: string): void {
    const group: Group = { format: 1, id: newId(), name, note: '', archived: false };
    this.newGroups.update((known) => [...known, group]);
    void this.outbox.put({ kind: 'group', format: 1, id: newId(), basedOn: null, group });
  }
}

const byName = (a: { readonly name: string }, b: { readonly name: string }) => a.name.localeCompare(b.name);
