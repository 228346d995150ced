import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, distinctUntilChanged } from 'rxjs';
import { loading, waiting } from './loading';
import { RunApi } from './run-api';

/** What the last classes of one group asked of the feet, as they were taught. */
@Injectable()
export class GroupLoadsFile {
  private readonly api = inject(RunApi);
  private readonly asked$ = new Subject<string>();

  readonly loads = toSignal(
    loading(this.asked$.pipe(distinctUntilChanged()), (id) => this.api.loads(id)),
    { initialValue: waiting },
  );

  ask(groupId: string): void {
    this.asked$.next(groupId);
  }
}
