import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { Preferences } from '@core/contract';

/** What the teacher prefers everywhere, on the server. */
@Injectable({ providedIn: 'root' })
export class PreferenceApi {
  private readonly http = inject(HttpClient);

  read(): Observable<Preferences> {
    return this.http.get('/api/preferences').pipe(map((body) => Preferences.parse(body)));
  }

  save(preferences: Preferences): Observable<null> {
    return this.http.put('/api/preferences', preferences).pipe(map(() => null));
  }
}
