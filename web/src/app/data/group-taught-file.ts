import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, distinctUntilChanged } from 'rxjs';
import { loading, waiting } from './loading';
import { PeopleApi } from './people-api';

/** What one group was taught so far, by the log. */
@Injectable()
export class GroupTaughtFile {
  private readonly api = inject(PeopleApi);
  private readonly asked$ = new Subject<string>();

  readonly taught = toSignal(
    loading(this.asked$.pipe(distinctUntilChanged()), (id) => this.api.taught(id)),
    { initialValue: waiting },
  );

  ask(groupId: string): void {
    this.asked$.next(groupId);
  }
}
