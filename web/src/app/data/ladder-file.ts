import { Injectable, computed, effect, inject, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, from, switchMap } from 'rxjs';
import type { Student } from '@core/roster/student';
import { LadderNotes } from './ladder-notes';
import { loading, waiting } from './loading';
import { Outbox } from './outbox';
import { PeopleApi } from './people-api';
import { Readings } from './readings';

/** A group on its ladders: who comes, what is written down of them, and the readings that gates ask for. */
@Injectable()
export class LadderFile {
  private readonly api = inject(PeopleApi);
  private readonly outbox = inject(Outbox);
  private readonly readings = inject(Readings);
  private readonly notes = inject(LadderNotes);
  private readonly asked$ = new Subject<{ readonly groupId: string; readonly protocols: readonly string[] }>();

  readonly found = toSignal(
    loading(this.asked$, ({ groupId, protocols }) =>
      from(this.outbox.ready).pipe(switchMap(() => this.api.groupReadings(groupId, protocols))),
    ),
    { initialValue: waiting },
  );
  readonly students = computed((): readonly Student[] =>
    (this.found().value?.students ?? []).map(({ student }) => student),
  );

  constructor() {
    effect(() => {
      const found = this.found();
      if (found.status !== 'ready') return;
      untracked(() => {
        this.readings.give(found.value.readings, found.value.noise);
        this.notes.give(found.value.notes);
      });
    });
  }

  /** @param protocols of the checks that gates ask for */
  ask(groupId: string, protocols: readonly string[]): void {
    this.asked$.next({ groupId, protocols });
  }
}
