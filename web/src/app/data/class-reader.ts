import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject } from 'rxjs';
import { buildTimeline } from '@core/timeline';
import { ClassApi } from './class-api';
import { loading, waiting } from './loading';

/** One class to be read and not changed, with its timeline. */
@Injectable()
export class ClassReader {
  private readonly api = inject(ClassApi);
  private readonly asked$ = new Subject<string>();

  readonly read = toSignal(
    loading(this.asked$, (id) => this.api.read(id)),
    { initialValue: waiting },
  );
  readonly timed = computed(() => {
    const read = this.read().value;
    if (!read) return null;
    const known = new Map(read.revisions.map((r) => [r.revision, r.exercise]));
    const { plan, taught } = read;
    return { plan, taught, timeline: buildTimeline({ plan, find: (r) => known.get(r) ?? null }) };
  });

  open(id: string): void {
    this.asked$.next(id);
  }
}
