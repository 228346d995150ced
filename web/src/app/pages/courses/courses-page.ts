import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { heldOf, sessionsOf } from '@core/course';
import { PeopleList } from '../../data/people-list';
import { Loading } from '../../parts/loading/loading';
import { sayDay, today } from '../../parts/saying/date-words';
import { TopBar } from '../../parts/top/top-bar';
import { courseLine } from '../course/course-words';
import { CourseList } from '../../data/course-list';

/** The courses there are, and a new one. */
@Component({
  selector: 'nw-courses-page',
  imports: [Loading, MatButton, RouterLink, TopBar],
  providers: [CourseList, PeopleList],
  templateUrl: './courses-page.html',
  styleUrl: './courses-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CoursesPage {
  protected readonly list = inject(CourseList);
  private readonly people = inject(PeopleList);

  protected readonly rows = computed(() => {
    const now = today();
    const groups = new Map(this.people.groups().map(({ id, name }) => [id, name]));
    return this.list.courses().map((course) => {
      const held = heldOf(sessionsOf(course));
      const next = held.find(({ date }) => date >= now);
      const behind = held.filter(({ date }) => date < now).length;
      return {
        course,
        line: courseLine(course),
        group: course.groupId === null ? '' : (groups.get(course.groupId) ?? ''),
        next: next ? `Next: class ${next.number} of ${held.length}, ${sayDay(next.date)} ${next.time}` : 'Over',
        done: held.length === 0 ? 0 : behind / held.length,
      };
    });
  });

  constructor() {
    this.list.load();
    this.people.load();
  }
}
