import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import { RunList, RunRead, type RunRemarks, type RunSummary, type StartRun } from '@core/contract';
import type { RunEvent } from '@core/run';

/** Taught classes on the server. */
@Injectable({ providedIn: 'root' })
export class RunApi {
  private readonly http = inject(HttpClient);

  list(): Observable<RunSummary[]> {
    return this.http.get('/api/runs').pipe(map((body) => RunList.parse(body).runs));
  }

  read(id: string): Observable<RunRead> {
    return this.http.get(`/api/runs/${id}`).pipe(map((body) => RunRead.parse(body)));
  }

  start(id: string, start: StartRun): Observable<unknown> {
    return this.http.put(`/api/runs/${id}`, start);
  }

  add(id: string, events: readonly RunEvent[]): Observable<unknown> {
    return this.http.post(`/api/runs/${id}/events`, { events });
  }

  remark(id: string, remarks: RunRemarks): Observable<unknown> {
    return this.http.put(`/api/runs/${id}/remarks`, remarks);
  }
}
