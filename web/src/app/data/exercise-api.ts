import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { ExerciseList, ExerciseRevision, ExerciseUses, MovedClasses } from '@core/contract';
import type { Exercise } from '@core/exercise';

/** The exercises an instructor can pick from, read about, and make. */
@Injectable({ providedIn: 'root' })
export class ExerciseApi {
  private readonly http = inject(HttpClient);

  /** The whole library; asked again, it is sent only when something changed. */
  list(): Observable<ExerciseRevision[]> {
    return this.http.get('/api/exercises').pipe(map((body) => ExerciseList.parse(body).exercises));
  }

  one(id: string): Observable<ExerciseRevision> {
    return this.http.get(`/api/exercises/${id}`).pipe(map((body) => ExerciseRevision.parse(body)));
  }

  /** @param basedOn the revision this edit was made on; null for a new exercise */
  save(basedOn: string | null, exercise: Exercise): Observable<ExerciseRevision> {
    return this.http
      .put(`/api/exercises/${exercise.id}`, { basedOn, exercise })
      .pipe(map((body) => ExerciseRevision.parse(body)));
  }

  returnToOriginal(id: string): Observable<ExerciseRevision> {
    return this.http.post(`/api/exercises/${id}/return`, {}).pipe(map((body) => ExerciseRevision.parse(body)));
  }

  uses(id: string): Observable<ExerciseUses> {
    return this.http.get(`/api/exercises/${id}/classes`).pipe(map((body) => ExerciseUses.parse(body)));
  }

  /** Moves classes to the current revision; answers which of them went. */
  move(id: string, classIds: readonly string[]): Observable<string[]> {
    return this.http
      .post(`/api/exercises/${id}/move`, { classIds })
      .pipe(map((body) => MovedClasses.parse(body).moved));
  }

  remove(id: string): Observable<unknown> {
    return this.http.delete(`/api/exercises/${id}`);
  }

  restore(id: string): Observable<unknown> {
    return this.http.post(`/api/exercises/${id}/restore`, {});
  }
}
