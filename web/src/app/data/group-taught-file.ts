import { Injectable, inject, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject } from 'rxjs';
import { loading, waiting } from './loading';
import { PeopleApi } from './people-api';

/** What one group was taught so far, by the log. */
@Injectable()
export class GroupTaughtFile {
  private readonly api = inject(PeopleApi);
  private readonly asked$ = new Subject<string>();
  private asked: string | null = null;

  readonly taught = toSignal(
    loading(this.asked$, (id) => this.api.taught(id)),
    { initialValue: waiting },
  );

  /** Asked about the same group again it is fetched once more only where that failed. */
  ask(groupId: string): void {
    if (groupId === this.asked && untracked(this.taught).status !== 'failed') return;
    this.asked = groupId;
    this.asked$.next(groupId);
  }
}
