import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { HomeworkList, HomeworkPage, PersonSaved } from '@core/contract';
import type { Homework } from '@core/homework/homework';

/** Which sheets: put away or not, of whom, and after which page. */
export interface SheetsAsked {
  readonly archived: boolean;
  readonly student: string | null;
}

/** Sheets of homework on the server. */
@Injectable({ providedIn: 'root' })
export class HomeworkApi {
  private readonly http = inject(HttpClient);

  list({ archived, student }: SheetsAsked, after: string | null): Observable<HomeworkList> {
    const params = {
      ...(archived ? { archived: 'yes' } : {}),
      ...(student === null ? {} : { student }),
      ...(after === null ? {} : { after }),
    };
    return this.http.get('/api/homework', { params }).pipe(map((body) => HomeworkList.parse(body)));
  }

  /** Sheets that run on some of the days from one to another, both with it. */
  between(from: string, to: string): Observable<HomeworkList> {
    return this.http
      .get('/api/homework/between', { params: { from, to } })
      .pipe(map((body) => HomeworkList.parse(body)));
  }

  page(id: string): Observable<HomeworkPage> {
    return this.http.get(`/api/homework/${id}`).pipe(map((body) => HomeworkPage.parse(body)));
  }

  /** @param basedOn the version the edit was made on; null for a new one */
  save(basedOn: number | null, homework: Homework): Observable<PersonSaved> {
    return this.http
      .put(`/api/homework/${homework.id}`, { basedOn, homework })
      .pipe(map((body) => PersonSaved.parse(body)));
  }
}
