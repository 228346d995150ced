import { sayDay } from '../../parts/saying/date-words';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { CourseClass } from '@core/contract';
import type { Change, Course, Follows, Session } from '@core/course';
import { sayTime } from '@core/say-time';
import { type ClassState, stateWords, taughtWords } from './course-words';

/** One class of a course: when, what changes in it, and what can be done with its date. */
@Component({
  selector: 'nw-class-panel',
  imports: [MatButton, RouterLink],
  templateUrl: './class-panel.html',
  styleUrl: './class-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassPanel {
  readonly course = input.required<Course>();
  readonly session = input.required<Session>();
  readonly found = input.required<CourseClass | null>();
  readonly state = input.required<ClassState>();
  readonly changes = input.required<readonly Change[] | null>();
  /** Why they cannot be read, in words. */
  readonly unread = input('');
  readonly isFirst = input.required<boolean>();
  /** What a change that is tried would bring; null while none is. */
  readonly follows = input.required<Follows | null>();
  readonly triedWords = input.required<string>();
  readonly tried = output<{ readonly words: string; readonly change: Partial<Course> }>();
  readonly taken = output();
  readonly left = output();
  readonly again = output<string>();

  protected readonly day = computed(() => sayDay(this.session().date));
  protected readonly planned = computed(() => sayTime(this.found()?.plannedMs ?? 0));
  protected readonly stateWords = stateWords;
  protected readonly note = computed(() => {
    const found = this.found();
    return found ? taughtWords(this.session(), found) : '';
  });
  protected readonly moving = computed(() => {
    const all = this.changes() ?? [];
    return {
      steps: all.filter(({ kind }) => kind === 'up' || kind === 'down'),
      amounts: all.filter(({ kind }) => kind === 'more' || kind === 'less'),
      fresh: all.filter(({ kind }) => kind === 'new'),
      same: all.filter(({ kind }) => kind === 'same' || kind === 'back'),
      rests: all.filter(({ kind }) => kind === 'left'),
    };
  });
  protected readonly others = computed(
    () => this.follows()?.others.filter((key) => key !== this.session().key).length ?? 0,
  );

  protected move(to: string): void {
    if (to !== '') this.tried.emit(moveTo(this.course(), this.session(), to));
  }

  protected notHeld(why: 'closed' | 'show'): void {
    const { date } = this.session();
    this.tried.emit({
      words: `No class on ${sayDay(date)}.`,
      change: { off: [...this.course().off, { from: date, to: date, why, note: '' }] },
    });
  }

  protected wasTaught(): void {
    this.tried.emit({
      words: `The class of ${this.day()} was taught, though no log says so.`,
      change: { taught: [...this.course().taught, this.session().key].sort() },
    });
  }

  protected names = (changes: readonly Change[]): string => changes.map(({ name }) => name).join(', ');
}

/** A class on another date; on its own date again it is not moved. */
export function moveTo(
  course: Course,
  { key, number }: Session,
  to: string,
): { readonly words: string; readonly change: Partial<Course> } {
  const others = course.moved.filter(({ from }) => from !== key);
  const time = course.moved.find(({ from }) => from === key)?.time ?? null;
  const moved = to === key && time === null ? others : [...others, { from: key, to, time }];
  return { words: `Class ${number} on ${sayDay(to)}.`, change: { moved } };
}
