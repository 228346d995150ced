import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { Subject, filter, from, switchMap } from 'rxjs';
import type { CourseClass } from '@core/contract';
import { Course } from '@core/course';
import { issueWords } from '@core/issue-words';
import { CourseApi } from './course-api';
import { courseAddress } from './letter';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { failureWords } from './request-failure';

/** An edit is sent when nothing more has come for so long, ms. */
const quietMs = 700;

/** What the fields of a course are called where one of them is refused. */
const fields: Readonly<Partial<Record<string, string>>> = {
  title: 'the name',
  from: 'the first day',
  weekly: 'one of the days',
  zone: 'the zone',
  off: 'what is off',
  moved: 'another date',
  aims: 'where it leads',
  phases: 'a phase',
  brief: 'who comes and with what',
};

/** One course: what it is, the classes it made, and its edits, which go through the outbox. */
@Injectable()
export class CourseFile {
  private readonly api = inject(CourseApi);
  private readonly outbox = inject(Outbox);
  private readonly asked$ = new Subject<string>();
  private readonly edited = signal<Course | null>(null);
  private version: number | null = null;

  readonly page = toSignal(
    loading(this.asked$, (id) => from(this.outbox.ready).pipe(switchMap(() => this.api.page(id)))),
    { initialValue: waiting },
  );
  readonly course = computed((): Course | null => this.edited() ?? this.page().value?.course ?? null);
  readonly classes = computed((): readonly CourseClass[] => this.page().value?.classes ?? []);
  /** Why the last edit was not taken; empty where it was. */
  readonly refused = signal('');
  /** How many edits were not taken: each time what was typed goes back to what it was. */
  readonly refusals = signal(0);

  constructor() {
    effect(() => {
      const page = this.page();
      if (page.status !== 'ready') return;
      untracked(() => {
        this.version = page.value.version;
        const left = this.outbox.newestOf(courseAddress(page.value.course.id), 'course');
        if (left) this.edited.set(left.course);
      });
    });
    this.outbox.outcomes$
      .pipe(
        filter(({ letter }) => letter.kind === 'course'),
        takeUntilDestroyed(),
      )
      .subscribe(({ letter, result }) => {
        if (letter.kind !== 'course' || letter.course.id !== this.course()?.id) return;
        if (result.kind === 'refused') this.refused.set(failureWords(result.failure));
        if (result.kind !== 'sent') return;
        if (result.answer && 'version' in result.answer) this.version = result.answer.version;
      });
  }

  open(id: string): void {
    this.asked$.next(id);
  }

  /** Reads again what the server has of the classes. */
  refresh(): void {
    const id = this.course()?.id;
    if (id !== undefined) this.asked$.next(id);
  }

  /** Takes an edit that makes sense; else says why not, and nothing is changed. */
  change(change: Partial<Course>): boolean {
    const now = this.course();
    if (!now) return false;
    const read = Course.safeParse({ ...now, ...change });
    if (!read.success) {
      const [issue] = read.error.issues;
      const field = fields[String(issue?.path[0])] ?? 'this';
      this.refused.set(issue ? `Not taken: ${field} ${issueWords(issue)}` : 'Not taken.');
      this.refusals.update((count) => count + 1);
      return false;
    }
    this.refused.set('');
    this.edited.set(read.data);
    void this.outbox.put({ kind: 'course', format: 1, id: newId(), basedOn: this.version, course: read.data }, quietMs);
    return true;
  }

  /** Sends what waits, and says whether the server has it. */
  async sent(): Promise<boolean> {
    const course = this.course();
    if (!course) return false;
    if (!this.outbox.newestOf(courseAddress(course.id), 'course')) return true;
    const result = await this.outbox.send({
      kind: 'course',
      format: 1,
      id: newId(),
      basedOn: this.version,
      course,
    });
    return result.kind === 'sent';
  }
}
