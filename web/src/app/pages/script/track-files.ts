import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, catchError, map, of, startWith, switchMap, tap } from 'rxjs';
import type { CueScript } from '@core/cues';
import { tonesIn, trackOf, webVtt } from '@core/format';
import type { Plan } from '@core/plan';
import type { Timeline } from '@core/timeline';
import { fileName, saveFile } from '../../data/save-file';
import { HeavyWork } from '../../worker/heavy-work';
import type { WavJob } from '../../worker/job';

/** The cue track as files: words as timed text, tones as sound. */
@Injectable()
export class TrackFiles {
  private readonly heavy = inject(HeavyWork);
  private readonly asked$ = new Subject<{ readonly plan: Plan; readonly timeline: Timeline }>();

  /** How far the sound is, 0 to 1; null while none is made. */
  private readonly made = toSignal(
    this.asked$.pipe(
      switchMap(({ plan, timeline }) => {
        const { title } = plan;
        const job: WavJob = { kind: 'wav', tones: tonesIn(plan, timeline), totalMs: timeline.totalMs };
        return this.heavy.run(job).pipe(
          tap(
            ({ result }) =>
              result && saveFile(new Blob([result.slice().buffer], { type: 'audio/wav' }), fileName(title, 'wav')),
          ),
          map(({ done, result }) => (result ? null : done)),
          startWith(0),
          catchError(() => of(null)),
        );
      }),
    ),
    { initialValue: null },
  );
  readonly working = computed(() => this.made() !== null);

  /** @param nameOf what an item is called: a class can be made of the text again */
  words(title: string, script: CueScript, nameOf: (itemId: string) => string): void {
    saveFile(new Blob([webVtt(trackOf(script, nameOf), title)], { type: 'text/vtt' }), fileName(title, 'vtt'));
  }

  tones(plan: Plan, timeline: Timeline): void {
    this.asked$.next({ plan, timeline });
  }
}
