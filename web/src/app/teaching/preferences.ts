import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { BehaviorSubject, Subject, catchError, concatMap, map, of, switchMap, tap } from 'rxjs';
import { Preferences as Saved } from '@core/contract';
import { type School, defaultSchool } from '@core/exercise';

export type PreferenceState = 'fetching' | 'saved' | 'saving' | 'not-saved';

/** How this teacher teaches: the answers that choose wording, phases, breath and defaults everywhere. */
@Injectable({ providedIn: 'root' })
export class Preferences {
  private readonly http = inject(HttpClient);
  private readonly school$ = new BehaviorSubject<School>(defaultSchool);
  private readonly state$ = new BehaviorSubject<PreferenceState>('fetching');
  private readonly changes$ = new Subject<School>();

  readonly school = toSignal(this.school$, { requireSync: true });
  readonly state = toSignal(this.state$, { requireSync: true });

  constructor() {
    this.changes$
      .pipe(
        tap(() => this.state$.next('saving')),
        concatMap((school) =>
          this.http.put('/api/preferences', { school }).pipe(
            map((): PreferenceState => 'saved'),
            catchError(() => of<PreferenceState>('not-saved')),
          ),
        ),
      )
      .subscribe((state) => this.state$.next(state));
    this.load();
  }

  load(): void {
    of(null)
      .pipe(
        switchMap(() => this.http.get('/api/preferences')),
        map((body) => Saved.parse(body).school),
      )
      .subscribe({
        next: (school) => {
          this.school$.next(school);
          this.state$.next('saved');
        },
        error: () => this.state$.next('not-saved'),
      });
  }

  answer(change: Partial<School>): void {
    const school = { ...this.school$.value, ...change };
    this.school$.next(school);
    this.changes$.next(school);
  }
}
