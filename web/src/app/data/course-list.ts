import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, catchError, firstValueFrom, of } from 'rxjs';
import { Temporal } from 'temporal-polyfill';
import { type Course, mondayOf, newCourse } from '@core/course';
import { CourseApi } from './course-api';
import { courseAddress } from './letter';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { Outbox, type Outcome } from './outbox';
import { awayWords, failureWords, isOlder } from './request-failure';
import { Toasts } from './toasts';
import { justMade } from '../parts/new-name/new-name';
import { today } from '../parts/saying/date-words';

interface Known {
  readonly course: Course;
  readonly version: number | null;
}

/** The courses of this teacher; those that are put away on demand. */
@Injectable()
export class CourseList {
  private readonly api = inject(CourseApi);
  private readonly outbox = inject(Outbox);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<boolean>();
  readonly archived = signal(false);

  readonly found = toSignal(
    loading(this.asked$, (archived) => this.api.list(archived)),
    { initialValue: waiting },
  );
  readonly courses = computed((): readonly Course[] => (this.found().value?.courses ?? []).map(({ course }) => course));

  load(): void {
    this.asked$.next(this.archived());
  }

  show(archived: boolean): void {
    this.archived.set(archived);
    this.load();
  }

  /** A course that begins with the coming week; opens it. */
  async create(): Promise<void> {
    const monday = Temporal.PlainDate.from(mondayOf(today())).add({ weeks: 1 }).toString();
    const course = newCourse(newId(), 'New course', monday, Temporal.Now.timeZoneId());
    const result = await this.outbox.send({ kind: 'course', format: 1, id: newId(), basedOn: null, course });
    if (result.kind === 'sent') void this.router.navigate(['/courses', course.id], { info: justMade });
    else if (result.kind === 'away')
      this.toasts.refused(`${awayWords(result.failure)} The new course waits here and is in the list when it is back.`);
    else if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
  }

  /** Puts a course away or brings it back; what else of it is on its way, or changed elsewhere, stays as it is. */
  async put({ course, away }: { readonly course: Course; readonly away: boolean }): Promise<void> {
    await this.outbox.ready;
    const address = courseAddress(course.id);
    const left = this.outbox.newestOf(address, 'course');
    let result = await this.sendAway(left ? { course: left.course, version: left.basedOn } : null, course.id, away);
    // what the page just left was sending came in between: it stays, and this is done on it
    if (!left && result?.kind === 'refused' && isOlder(result.failure))
      result = await this.sendAway(null, course.id, away);
    if (!result) return;
    if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
    this.load();
  }

  private async sendAway(left: Known | null, id: string, away: boolean): Promise<Outcome['result'] | null> {
    const known = left ?? (await this.asItStands(id));
    if (!known) return null;
    const course = { ...known.course, archived: away };
    return this.outbox.send({ kind: 'course', format: 1, id: newId(), basedOn: known.version, course });
  }

  /** A course as the server has it now; as this list has it while the server is away. */
  private asItStands(id: string): Promise<Known | null> {
    const listed = this.found().value?.courses.find(({ course }) => course.id === id) ?? null;
    return firstValueFrom(this.api.page(id).pipe(catchError(() => of(listed))));
  }
}
