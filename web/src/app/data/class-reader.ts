import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject } from 'rxjs';
import { buildTimeline } from '@core/timeline';
import { ClassPackages } from './class-packages';
import { loading, waiting } from './loading';

/** One class to be read and not changed, with its timeline. */
@Injectable()
export class ClassReader {
  private readonly packages = inject(ClassPackages);
  private readonly asked$ = new Subject<string>();

  readonly found = toSignal(
    loading(this.asked$, (id) => this.packages.read(id)),
    { initialValue: waiting },
  );
  readonly timed = computed(() => {
    const found = this.found().value;
    if (!found) return null;
    const { read, fromHere } = found;
    const known = new Map(read.revisions.map((r) => [r.revision, r.exercise]));
    const { plan, taught } = read;
    return { plan, taught, fromHere, timeline: buildTimeline({ plan, find: (r) => known.get(r) ?? null }) };
  });

  open(id: string): void {
    this.asked$.next(id);
  }
}
