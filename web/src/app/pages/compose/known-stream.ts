import { Injectable, computed, inject, signal, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, catchError, map, of } from 'rxjs';
import { type History, noHistory, whatHelped } from '@core/compose';
import type { GroupTaught } from '@core/contract';
import { itemsOf } from '@core/plan';
import type { Student } from '@core/roster';
import { groupHistory } from '../../data/group-history';
import { GroupTaughtFile } from '../../data/group-taught-file';
import { LadderFile } from '../../data/ladder-file';
import { everything, loading, waiting } from '../../data/loading';
import { PeopleApi } from '../../data/people-api';
import { RunApi } from '../../data/run-api';

/** Classes of the log that are offered to follow. */
const mostLately = 8;

/** What is known before a class is composed: of the group it is for, or of the class it is to follow. */
@Injectable()
export class KnownStream {
  private readonly people = inject(PeopleApi);
  private readonly runs = inject(RunApi);
  private readonly file = inject(LadderFile);
  private readonly group$ = new Subject<string>();
  private readonly run$ = new Subject<string>();
  private readonly groupId = signal<string | null>(null);
  private readonly runId = signal<string | null>(null);
  /** The class of the log that this one is to follow. */
  readonly after = this.runId.asReadonly();

  private readonly taughtOf = inject(GroupTaughtFile);
  private readonly helpedOf = toSignal(
    loading(this.group$, (id) => this.people.helped(id)),
    { initialValue: waiting },
  );
  private readonly run = toSignal(
    loading(this.run$, (id) => this.runs.read(id)),
    { initialValue: waiting },
  );
  /** The last classes in the log. */
  readonly lately = toSignal(
    this.runs.list(everything, null).pipe(
      map(({ runs }) => runs.slice(0, mostLately)),
      catchError(() => of([])),
    ),
    { initialValue: [] },
  );

  private readonly asked = computed(() => {
    if (this.groupId() !== null) return [this.taughtOf.taught(), this.helpedOf(), this.file.found()];
    return this.runId() === null ? [] : [this.run()];
  });
  readonly isWaiting = computed(() => this.asked().some(({ status }) => status === 'waiting'));
  readonly isUnread = computed(() => this.asked().some(({ status }) => status === 'failed'));

  readonly students = computed((): readonly Student[] =>
    this.groupId() !== null && this.file.found().status === 'ready' ? this.file.students() : [],
  );
  /** What the group was taught, once that is known. */
  readonly taught = computed((): GroupTaught | null => {
    const taught = this.taughtOf.taught();
    return this.groupId() !== null && taught.status === 'ready' ? taught.value : null;
  });
  /** As the next class meets it. */
  readonly history = computed((): History => {
    const taught = this.taught();
    if (taught) return groupHistory(taught, this.helpedOf().value);
    const run = this.runId() === null || this.groupId() !== null ? null : this.run().value;
    if (!run) return noHistory;
    return { ...noHistory, last: itemsOf(run.plan).map(({ exerciseId, rungId }) => ({ exerciseId, rungId })) };
  });
  /** Exercises that helped the group, by name. */
  readonly helped = computed((): readonly string[] => {
    const names = this.helpedOf().value?.names ?? {};
    return this.taught() ? whatHelped(this.history()).flatMap((id) => names[id] ?? []) : [];
  });

  ofGroup(groupId: string | null): void {
    if (groupId === untracked(this.groupId)) return;
    this.groupId.set(groupId);
    if (groupId === null) return;
    this.taughtOf.ask(groupId);
    this.group$.next(groupId);
    this.file.ask(groupId, []);
  }

  follow(runId: string | null): void {
    this.runId.set(runId);
    if (runId !== null) this.run$.next(runId);
  }
}
