import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { ClassList, ClassRead, ClassRevisions, OtherDoses, SaveAnswer } from '@core/contract';
import type { Plan } from '@core/plan';
import { type Narrowed, listParams } from './loading';

/** Classes on the server; every answer is checked against the contract. */
@Injectable({ providedIn: 'root' })
export class ClassApi {
  private readonly http = inject(HttpClient);

  /** One page, newest first. @param after where the page before ended; null for the first */
  list(narrowed: Narrowed, after: string | null): Observable<ClassList> {
    const params = listParams(narrowed, after);
    return this.http.get('/api/classes', { params }).pipe(map((body) => ClassList.parse(body)));
  }

  read(id: string): Observable<ClassRead> {
    return this.http.get(`/api/classes/${id}`).pipe(map((body) => ClassRead.parse(body)));
  }

  create(saveId: string, plan: Plan): Observable<SaveAnswer> {
    return this.http.post('/api/classes', { saveId, plan }).pipe(map((body) => SaveAnswer.parse(body)));
  }

  save(saveId: string, basedOn: number, plan: Plan): Observable<SaveAnswer> {
    return this.http
      .put(`/api/classes/${plan.id}`, { saveId, basedOn, plan })
      .pipe(map((body) => SaveAnswer.parse(body)));
  }

  duplicate(id: string, saveId: string, newId: string): Observable<SaveAnswer> {
    return this.http
      .post(`/api/classes/${id}/duplicate`, { saveId, id: newId })
      .pipe(map((body) => SaveAnswer.parse(body)));
  }

  /** How the exercises of this class are dosed in others. */
  otherDoses(id: string): Observable<OtherDoses['doses']> {
    return this.http.get(`/api/classes/${id}/other-doses`).pipe(map((body) => OtherDoses.parse(body).doses));
  }

  /** Earlier states of a class, newest first, a page at a time. */
  revisions(id: string, after: string | null): Observable<ClassRevisions> {
    const params: Record<string, string> = after === null ? {} : { after };
    return this.http.get(`/api/classes/${id}/revisions`, { params }).pipe(map((body) => ClassRevisions.parse(body)));
  }

  revision(id: string, number: number): Observable<ClassRead> {
    return this.http.get(`/api/classes/${id}/revisions/${number}`).pipe(map((body) => ClassRead.parse(body)));
  }

  delete(id: string): Observable<unknown> {
    return this.http.delete(`/api/classes/${id}`);
  }

  restore(id: string): Observable<unknown> {
    return this.http.post(`/api/classes/${id}/restore`, {});
  }
}
