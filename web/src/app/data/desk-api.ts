import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { Desk, type DeskAsked, DeskGroup, DueList } from '@core/contract';

/** What waits for a teacher, from the server. */
@Injectable({ providedIn: 'root' })
export class DeskApi {
  private readonly http = inject(HttpClient);

  read({ at, today }: DeskAsked): Observable<Desk> {
    return this.http.get('/api/desk', { params: { at, today } }).pipe(map((body) => Desk.parse(body)));
  }

  /** What is to be known of one of its groups. */
  group(id: string, { at, today }: DeskAsked): Observable<DeskGroup> {
    const params = { at, today };
    return this.http.get(`/api/desk/groups/${id}`, { params }).pipe(map((body) => DeskGroup.parse(body)));
  }

  /** Checks that are due, or will be, of the groups that come. */
  due({ at, today }: DeskAsked): Observable<DueList> {
    return this.http.get('/api/desk/due', { params: { at, today } }).pipe(map((body) => DueList.parse(body)));
  }
}
