import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { type Observable, map } from 'rxjs';
import * as z from 'zod';
import {
  GroupHelped,
  GroupTaught,
  GroupPage,
  GroupReadings,
  KeptCopy,
  People,
  PersonSaved,
  ReadingKept,
  StudentPage,
} from '@core/contract';
import type { Band } from '@core/device/band';
import type { OwnProtocol } from '@core/measure/own-protocol';
import type { Reading } from '@core/measure/reading';
import type { LadderNote } from '@core/roster/ladder-note';
import type { Group, Student } from '@core/roster/student';

/** Students, groups and readings on the server. */
@Injectable({ providedIn: 'root' })
export class PeopleApi {
  private readonly http = inject(HttpClient);

  /** Everybody; or those who come no more. */
  list(archived: boolean): Observable<People> {
    return this.http.get(`/api/people${archived ? '/archived' : ''}`).pipe(map((body) => People.parse(body)));
  }

  student(id: string): Observable<StudentPage> {
    return this.http.get(`/api/people/students/${id}`).pipe(map((body) => StudentPage.parse(body)));
  }

  group(id: string): Observable<GroupPage> {
    return this.http.get(`/api/people/groups/${id}`).pipe(map((body) => GroupPage.parse(body)));
  }

  /** The readings of a group in some checks, and what is written down of its ladders where that is wanted. */
  groupReadings(id: string, protocols: readonly string[], notes: 'all' | 'none' = 'all'): Observable<GroupReadings> {
    const params = { protocols: protocols.join(','), ...(notes === 'all' ? {} : { notes }) };
    return this.http
      .get(`/api/people/groups/${id}/readings`, { params })
      .pipe(map((body) => GroupReadings.parse(body)));
  }

  /** @param basedOn the version the edit was made on; null for somebody new */
  saveStudent(basedOn: number | null, student: Student): Observable<PersonSaved> {
    return this.http
      .put(`/api/people/students/${student.id}`, { basedOn, student })
      .pipe(map((body) => PersonSaved.parse(body)));
  }

  saveGroup(basedOn: number | null, group: Group): Observable<PersonSaved> {
    return this.http
      .put(`/api/people/groups/${group.id}`, { basedOn, group })
      .pipe(map((body) => PersonSaved.parse(body)));
  }

  /** Really deletes somebody. @returns the copies that still hold what was deleted */
  deleteStudent(id: string): Observable<readonly KeptCopy[]> {
    return this.http.delete(`/api/people/students/${id}`).pipe(map((body) => z.array(KeptCopy).parse(body)));
  }

  saveBand(basedOn: number | null, band: Band): Observable<PersonSaved> {
    return this.http.put(`/api/bands/${band.id}`, { basedOn, band }).pipe(map((body) => PersonSaved.parse(body)));
  }

  saveProtocol(basedOn: number | null, protocol: OwnProtocol): Observable<PersonSaved> {
    return this.http
      .put(`/api/protocols/${protocol.id}`, { basedOn, protocol })
      .pipe(map((body) => PersonSaved.parse(body)));
  }

  /** What a group answered to looks again. */
  helped(groupId: string): Observable<GroupHelped> {
    return this.http.get(`/api/people/groups/${groupId}/helped`).pipe(map((body) => GroupHelped.parse(body)));
  }

  /** What a group was taught so far. */
  taught(groupId: string): Observable<GroupTaught> {
    return this.http.get(`/api/people/groups/${groupId}/taught`).pipe(map((body) => GroupTaught.parse(body)));
  }

  take(reading: Reading): Observable<ReadingKept> {
    return this.http.put(`/api/readings/${reading.id}`, reading).pipe(map((body) => ReadingKept.parse(body)));
  }

  note(note: LadderNote): Observable<ReadingKept> {
    return this.http.put(`/api/notes/${note.id}`, note).pipe(map((body) => ReadingKept.parse(body)));
  }

  /** Takes a note out, or brings it back. */
  markNote(noteId: string, out: boolean): Observable<null> {
    const asked = out ? this.http.delete(`/api/notes/${noteId}`) : this.http.post(`/api/notes/${noteId}/restore`, null);
    return asked.pipe(map(() => null));
  }

  takeOut(readingId: string): Observable<null> {
    return this.http.delete(`/api/readings/${readingId}`).pipe(map(() => null));
  }

  bringBack(readingId: string): Observable<null> {
    return this.http.post(`/api/readings/${readingId}/restore`, null).pipe(map(() => null));
  }
}
