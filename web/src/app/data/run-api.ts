import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import {
  GroupDone,
  GroupLoads,
  LastTime,
  LearnedTimes,
  RunList,
  RunsOver,
  RunRead,
  type RunRemarks,
  type StartRun,
} from '@core/contract';
import type { RunEvent } from '@core/run';
import { type Narrowed, listParams } from './loading';

/** Taught classes on the server. */
@Injectable({ providedIn: 'root' })
export class RunApi {
  private readonly http = inject(HttpClient);

  /** One page, newest first. @param after where the page before ended; null for the first */
  list(narrowed: Narrowed, after: string | null): Observable<RunList> {
    const params = listParams(narrowed, after);
    return this.http.get('/api/runs', { params }).pipe(map((body) => RunList.parse(body)));
  }

  read(id: string): Observable<RunRead> {
    return this.http.get(`/api/runs/${id}`).pipe(map((body) => RunRead.parse(body)));
  }

  /** What the log teaches about the teacher's times. */
  learned(): Observable<LearnedTimes> {
    return this.http.get('/api/runs/learned').pipe(map((body) => LearnedTimes.parse(body)));
  }

  /** What the last classes of a group asked of the feet. */
  loads(group: string): Observable<GroupLoads> {
    return this.http.get('/api/runs/loads', { params: { group } }).pipe(map((body) => GroupLoads.parse(body)));
  }

  /** What a group was taught between two instants, with the minutes of each exercise. */
  done(group: string, from: string, to: string): Observable<GroupDone> {
    return this.http.get('/api/runs/done', { params: { group, from, to } }).pipe(map((body) => GroupDone.parse(body)));
  }

  /** Why a class always runs over. */
  over(classId: string): Observable<RunsOver> {
    return this.http.get(`/api/runs/over/${classId}`).pipe(map((body) => RunsOver.parse(body)));
  }

  /** What a class left when it was taught last. */
  lastTime(classId: string): Observable<LastTime> {
    return this.http.get(`/api/runs/last/${classId}`).pipe(map((body) => LastTime.parse(body)));
  }

  start(id: string, start: StartRun): Observable<null> {
    return this.http.put(`/api/runs/${id}`, start).pipe(map(() => null));
  }

  add(id: string, events: readonly RunEvent[]): Observable<null> {
    return this.http.post(`/api/runs/${id}/events`, { events }).pipe(map(() => null));
  }

  /** Out of the log; the server keeps it. */
  remove(id: string): Observable<null> {
    return this.http.delete(`/api/runs/${id}`).pipe(map(() => null));
  }

  restore(id: string): Observable<null> {
    return this.http.post(`/api/runs/${id}/restore`, null).pipe(map(() => null));
  }

  remark(id: string, remarks: RunRemarks): Observable<null> {
    return this.http.put(`/api/runs/${id}/remarks`, remarks).pipe(map(() => null));
  }
}
