import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, map } from 'rxjs';
import { buildTimeline } from '@core/timeline';
import { ClassPackages } from './class-packages';
import { loading, waiting } from './loading';

/** One class to be read and not changed, with its timeline. */
@Injectable()
export class ClassReader {
  private readonly packages = inject(ClassPackages);
  private readonly asked$ = new Subject<string>();

  readonly read = toSignal(
    loading(this.asked$, (id) => this.packages.read(id).pipe(map(({ read }) => read))),
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
