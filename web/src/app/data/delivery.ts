import { Injectable, inject } from '@angular/core';
import type { Observable } from 'rxjs';
import type { ExerciseRevision, PersonSaved, ReadingKept, SaveAnswer } from '@core/contract';
import { ClassApi } from './class-api';
import { CourseApi } from './course-api';
import { ExerciseApi } from './exercise-api';
import { HomeworkApi } from './homework-api';
import { type Letter, newClass } from './letter';
import { PeopleApi } from './people-api';
import { PreferenceApi } from './preference-api';
import { RunApi } from './run-api';

/** What the server says to a letter; null where it has nothing to say. */
export type Answer = SaveAnswer | ExerciseRevision | PersonSaved | ReadingKept | null;

/** Takes a letter to the door it is for. */
@Injectable({ providedIn: 'root' })
export class Delivery {
  private readonly classes = inject(ClassApi);
  private readonly exercises = inject(ExerciseApi);
  private readonly runs = inject(RunApi);
  private readonly preferences = inject(PreferenceApi);
  private readonly people = inject(PeopleApi);
  private readonly courses = inject(CourseApi);
  private readonly homework = inject(HomeworkApi);

  send(letter: Letter): Observable<Answer> {
    switch (letter.kind) {
      case 'class':
        return letter.basedOn === newClass
          ? this.classes.create(letter.id, letter.plan)
          : this.classes.save(letter.id, letter.basedOn ?? 1, letter.plan);
      case 'exercise':
        return this.exercises.save(letter.basedOn, letter.exercise);
      case 'preferences':
        return this.preferences.save(letter.preferences);
      case 'run-start':
        return this.runs.start(letter.runId, letter.start);
      case 'run-events':
        return this.runs.add(letter.runId, letter.events);
      case 'run-remarks':
        return this.runs.remark(letter.runId, letter.remarks);
      case 'student':
        return this.people.saveStudent(letter.basedOn, letter.student);
      case 'group':
        return this.people.saveGroup(letter.basedOn, letter.group);
      case 'band':
        return this.people.saveBand(letter.basedOn, letter.band);
      case 'protocol':
        return this.people.saveProtocol(letter.basedOn, letter.protocol);
      case 'course':
        return this.courses.save(letter.basedOn, letter.course);
      case 'homework':
        return this.homework.save(letter.basedOn, letter.homework);
      case 'reading':
        return this.people.take(letter.reading);
      case 'note':
        return this.people.note(letter.note);
      case 'note-out':
        return this.people.markNote(letter.noteId, letter.out);
      case 'reading-out':
        return letter.out ? this.people.takeOut(letter.readingId) : this.people.bringBack(letter.readingId);
    }
  }
}
