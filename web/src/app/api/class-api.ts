import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { ClassList, ClassRead, type ClassSummary, OtherDoses, SaveAnswer } from '@core/contract';
import type { Plan } from '@core/plan';

/** Classes on the server; every answer is checked against the contract. */
@Injectable({ providedIn: 'root' })
export class ClassApi {
  private readonly http = inject(HttpClient);

  list(): Observable<ClassSummary[]> {
    return this.http.get('/api/classes').pipe(map((body) => ClassList.parse(body).classes));
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

  delete(id: string): Observable<unknown> {
    return this.http.delete(`/api/classes/${id}`);
  }

  restore(id: string): Observable<unknown> {
    return this.http.post(`/api/classes/${id}/restore`, {});
  }
}
