import { Injectable, computed, inject } from '@angular/core';
import type { CourseClass, CoursePage } from '@core/contract';
import { Course } from '@core/course';
import { CourseApi } from './course-api';
import { DocumentFile } from './document-file';
import { courseAddress } from './letter';
import { newId } from './new-id';

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

/** One course: what it is, the classes it made, and its edits. */
@Injectable()
export class CourseFile extends DocumentFile<Course, CoursePage> {
  readonly course = this.document;
  readonly classes = computed((): readonly CourseClass[] => this.page().value?.classes ?? []);

  constructor() {
    const api = inject(CourseApi);
    super({
      kind: 'course',
      schema: Course,
      of: ({ course }) => course,
      idOf: ({ id }) => id,
      addressOf: courseAddress,
      letter: (basedOn, course) => ({ kind: 'course', format: 1, id: newId(), basedOn, course }),
      inLetter: (letter) => (letter.kind === 'course' ? letter.course : null),
      read: (id) => api.page(id),
      fields,
    });
  }
}
