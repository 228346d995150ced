import { Injectable, inject } from '@angular/core';
import type { HomeworkPage } from '@core/contract';
import { Homework } from '@core/homework';
import { DocumentFile } from './document-file';
import { HomeworkApi } from './homework-api';
import { homeworkAddress } from './letter';
import { newId } from './new-id';

/** What the fields of a sheet are called where one of them is refused. */
const fields: Readonly<Partial<Record<string, string>>> = {
  title: 'the name',
  from: 'the first day',
  weeks: 'the weeks',
  minutes: 'the minutes of a day',
  items: 'an exercise',
  for: 'whom it is for',
  daysDone: 'the days on which it was done',
};

/** One sheet of homework, and its edits. */
@Injectable()
export class HomeworkFile extends DocumentFile<Homework, HomeworkPage> {
  readonly homework = this.document;
  /** Where the classes of the page were read for: other days have other classes. */
  private readFor = '';

  constructor() {
    const api = inject(HomeworkApi);
    super({
      kind: 'homework',
      schema: Homework,
      of: ({ homework }) => homework,
      idOf: ({ id }) => id,
      addressOf: homeworkAddress,
      letter: (basedOn, homework) => ({ kind: 'homework', format: 1, id: newId(), basedOn, homework }),
      inLetter: (letter) => (letter.kind === 'homework' ? letter.homework : null),
      read: (id) => api.page(id),
      fields,
    });
  }

  protected override wasSent(): void {
    const now = this.homework();
    const of = JSON.stringify([now?.from, now?.for, now?.courseId]);
    if (of !== this.readFor) this.refresh();
    this.readFor = of;
  }
}
