import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import {
  ClassesMade,
  CourseList,
  CourseLoad,
  CoursePage,
  CoursePlans,
  type MakeClasses,
  PersonSaved,
} from '@core/contract';
import type { Course } from '@core/course/course';

/** Courses on the server, and the classes they make. */
@Injectable({ providedIn: 'root' })
export class CourseApi {
  private readonly http = inject(HttpClient);

  /** @param archived those that are put away, in the place of the others */
  list(archived: boolean): Observable<CourseList> {
    return this.http.get(`/api/courses${archived ? '/archived' : ''}`).pipe(map((body) => CourseList.parse(body)));
  }

  page(id: string): Observable<CoursePage> {
    return this.http.get(`/api/courses/${id}`).pipe(map((body) => CoursePage.parse(body)));
  }

  /** The plans of all its classes. */
  plans(id: string): Observable<CoursePlans> {
    return this.http.get(`/api/courses/${id}/plans`).pipe(map((body) => CoursePlans.parse(body)));
  }

  /** What its weeks ask of the feet. */
  load(id: string): Observable<CourseLoad> {
    return this.http.get(`/api/courses/${id}/load`).pipe(map((body) => CourseLoad.parse(body)));
  }

  /** @param basedOn the version the edit was made on; null for a new one */
  save(basedOn: number | null, course: Course): Observable<PersonSaved> {
    return this.http.put(`/api/courses/${course.id}`, { basedOn, course }).pipe(map((body) => PersonSaved.parse(body)));
  }

  /** Classes as the course makes them; those changed by hand or taught are left alone, and named. */
  make(id: string, classes: MakeClasses['classes']): Observable<ClassesMade> {
    return this.http.post(`/api/courses/${id}/classes`, { classes }).pipe(map((body) => ClassesMade.parse(body)));
  }
}
