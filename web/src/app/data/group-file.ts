import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { Subject, filter, map } from 'rxjs';
import type { Group, Student } from '@core/roster/student';
import { newStudent } from '@core/roster/student';
import { groupAddress, studentAddress } from './letter';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { PeopleApi } from './people-api';
import { Readings } from './readings';

/** One group: who comes, and where everybody stands. */
@Injectable()
export class GroupFile {
  private readonly api = inject(PeopleApi);
  private readonly outbox = inject(Outbox);
  private readonly asked$ = new Subject<string>();
  private readonly edited = signal<Group | null>(null);
  private version: number | null = null;

  readonly page = toSignal(
    // what waits here is known before the server is asked
    loading(this.asked$, (id) => this.outbox.readNewest(groupAddress(id), () => this.api.group(id))),
    { initialValue: waiting },
  );
  /** What the classes of this group answered to looks again. */
  readonly helped = toSignal(
    loading(this.asked$, (id) => this.api.helped(id)),
    { initialValue: waiting },
  );
  readonly group = computed((): Group | null => this.edited() ?? this.page().value?.group ?? null);
  /** Who comes, with those who were written down here and are still on their way. */
  readonly students = computed((): readonly Student[] => {
    const [given, id] = [(this.page().value?.students ?? []).map(({ student }) => student), this.group()?.id];
    const there = new Set(given.map((student) => student.id));
    const onTheWay = this.outbox
      .waiting()
      .flatMap(({ newest }) => (newest.kind === 'student' ? [newest.student] : []))
      .filter((student) => id !== undefined && student.groupIds.includes(id) && !there.has(student.id));
    return [...given, ...onTheWay];
  });

  constructor() {
    effect(() => {
      const page = this.page();
      if (page.status !== 'ready') return;
      untracked(() => {
        this.version = page.value.version;
        // what an earlier page wrote and could not send yet
        const left = this.outbox.newestOf(groupAddress(page.value.group.id), 'group');
        if (left) this.edited.set(left.group);
      });
    });
    this.outbox.outcomes$.pipe(takeUntilDestroyed()).subscribe(({ letter, result }) => {
      if (result.kind !== 'sent') return;
      const id = this.group()?.id;
      if (letter.kind === 'group' && letter.group.id === id && result.answer && 'version' in result.answer)
        this.version = result.answer.version;
      if (id !== undefined && letter.kind === 'student') this.open(id);
    });
  }

  open(id: string): void {
    this.asked$.next(id);
  }

  change(change: Partial<Group>): void {
    const now = this.group();
    if (!now) return;
    const group = { ...now, ...change };
    this.edited.set(group);
    void this.outbox.put({ kind: 'group', format: 1, id: newId(), basedOn: this.version, group }, 700);
  }

  add(name: string): void {
    const group = this.group();
    if (!group) return;
    const student = newStudent(newId(), name, [group.id]);
    void this.outbox.put({ kind: 'student', format: 1, id: newId(), basedOn: null, student });
  }
}

/** Who is looked at: a group, or one student. */
interface Looked {
  readonly kind: 'group' | 'student';
  readonly id: string;
}

/** A look at a group or at one student: who is there, and what was measured before in the checks that are asked for. */
@Injectable()
export class Looking {
  private readonly outbox = inject(Outbox);
  private readonly api = inject(PeopleApi);
  private readonly readings = inject(Readings);
  private readonly asked$ = new Subject<{ readonly whom: Looked; readonly protocols: readonly string[] }>();

  readonly found = toSignal(
    loading(this.asked$.pipe(filter(({ protocols }) => protocols.length > 0)), ({ whom, protocols }) =>
      whom.kind === 'group'
        ? this.api.groupReadings(whom.id, protocols, 'none')
        : this.api.student(whom.id).pipe(
            map(({ student, version, updatedAt, readings, noise }) => ({
              students: [{ student, version, updatedAt }],
              readings: readings.filter(({ protocol }) => protocols.includes(protocol)),
              noise,
            })),
          ),
    ),
    { initialValue: waiting },
  );
  /** As they are on this page: what was written of them and is still on its way counts. */
  readonly students = computed((): readonly Student[] =>
    (this.found().value?.students ?? []).map(({ student }) => {
      const left = this.outbox.newestOf(studentAddress(student.id), 'student');
      return left ? left.student : student;
    }),
  );

  constructor() {
    effect(() => {
      const found = this.found();
      if (found.status === 'ready') untracked(() => this.readings.give(found.value.readings, found.value.noise));
    });
  }

  ask(whom: Looked, protocols: readonly string[]): void {
    this.asked$.next({ whom, protocols });
  }
}
