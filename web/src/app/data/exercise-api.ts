import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { ExerciseRevision, ExerciseUses, LibraryPage, MovedClasses } from '@core/contract';
import type { Exercise } from '@core/exercise';

/** The exercises an instructor can pick from, read about, and make. */
@Injectable({ providedIn: 'root' })
export class ExerciseApi {
  private readonly http = inject(HttpClient);

  /**
   * A page of the library, or of what changed in it.
   * @param since `at` of an earlier answer; null for all of it
   * @param from where the page before ended
   */
  page(since: string | null, from: number): Observable<LibraryPage> {
    const params = { ...(since === null ? {} : { since }), ...(from === 0 ? {} : { from }) };
    return this.http.get('/api/exercises', { params }).pipe(map((body) => LibraryPage.parse(body)));
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

  /** One page. @param after where the page before ended; null for the first */
  uses(id: string, after: string | null): Observable<ExerciseUses> {
    const params: Record<string, string> = after === null ? {} : { after };
    return this.http.get(`/api/exercises/${id}/classes`, { params }).pipe(map((body) => ExerciseUses.parse(body)));
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
