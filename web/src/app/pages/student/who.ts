import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Concern, Concern as concerns, concernNames, resolve } from '@core/exercise';
import {
  AgeBand,
  Experience,
  type Student,
  type StudentCaution,
  actionWords,
  ageWords,
  effectsOf,
  experienceWords,
  isGrowing,
} from '@core/roster';
import { fileOf } from '../../data/file-of';
import { LibraryStore } from '../../data/library-store';
import { PeopleList } from '../../data/people-list';
import { Preferences } from '../../data/preferences';
import { StudentFile, copiesWords } from '../../data/student-file';
import { sayDate, today } from '../../parts/saying/date-words';

/** Who a student is, what to mind, and whether measures may be kept. */
@Component({
  selector: 'nw-who',
  imports: [MatButton],
  providers: [PeopleList],
  templateUrl: './who.html',
  styleUrl: './who.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Who {
  protected readonly fileOf = fileOf;
  readonly student = input.required<Student>();
  protected readonly file = inject(StudentFile);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly people = inject(PeopleList);

  protected readonly ages = AgeBand.options.map((id) => ({ id, words: ageWords[id] }));
  protected readonly experiences = Experience.options.map((id) => ({ id, words: experienceWords[id] }));
  protected readonly names = concernNames;
  protected readonly sayDate = sayDate;
  protected readonly deleting = signal(false);
  protected readonly copies = computed(() => copiesWords(this.file.copies()));

  protected readonly groups = computed(() => this.people.groups().filter(({ archived }) => !archived));
  /** The form waits for the names of the groups: were they to come after it, what stands below would move under a finger. */
  protected readonly groupsKnown = computed(() => {
    const { status, value } = this.people.people();
    return status !== 'waiting' || value !== null;
  });
  protected readonly left = computed(() => {
    const had = new Set(this.student().cautions.map(({ concern }) => concern));
    return concerns.options.filter((concern) => !had.has(concern));
  });
  protected readonly growing = computed(
    () => isGrowing(this.student().age) && !this.student().cautions.some(({ concern }) => concern === 'growing-feet'),
  );

  /** Every exercise of the library where most people begin. */
  private readonly executions = computed(() =>
    (this.library.exercises() ?? []).flatMap(({ exercise }) => {
      const settled = resolve(exercise, exercise.ladder?.startRung ?? null, this.preferences.school());
      return settled.ok ? [settled.value] : [];
    }),
  );
  /** What each caution does to classes. */
  protected readonly cautions = computed(() =>
    this.student().cautions.map((caution) => ({ ...caution, does: this.doesOf(caution.concern) })),
  );
  protected readonly growingDoes = computed(() => (this.growing() ? this.doesOf('growing-feet') : []));

  constructor() {
    this.library.load();
    this.people.load();
  }

  protected addCaution(concern: string): void {
    const read = concerns.safeParse(concern);
    if (!read.success) return;
    this.setCautions([...this.student().cautions, { concern: read.data, note: '', cleared: null }]);
  }

  protected editCaution(concern: Concern, change: Partial<StudentCaution>): void {
    this.setCautions(this.student().cautions.map((one) => (one.concern === concern ? { ...one, ...change } : one)));
  }

  protected removeCaution(concern: Concern): void {
    this.setCautions(this.student().cautions.filter((one) => one.concern !== concern));
  }

  protected clear(concern: Concern, words: string): void {
    const said = words.trim();
    this.editCaution(concern, { cleared: said === '' ? null : { date: today(), words: said } });
  }

  protected setGroup(id: string, on: boolean): void {
    const { groupIds } = this.student();
    this.file.change({ groupIds: on ? [...groupIds, id] : groupIds.filter((other) => other !== id) });
  }

  protected setAge(value: string): void {
    const age = AgeBand.safeParse(value);
    this.file.change({ age: age.success ? age.data : null });
  }

  protected setExperience(value: string): void {
    const experience = Experience.safeParse(value);
    this.file.change({ experience: experience.success ? experience.data : null });
  }

  protected agree(by: 'self' | 'parent' | null): void {
    this.file.change({ consent: by === null ? null : { date: today(), by } });
  }

  private setCautions(cautions: StudentCaution[]): void {
    this.file.change({ cautions });
  }

  private doesOf(concern: Concern) {
    return effectsOf(concern, this.executions()).map(({ action, count, examples }) => ({
      words: `${count} ${count === 1 ? 'exercise' : 'exercises'} ${actionWords[action]}`,
      examples: `${examples.join(', ')}${count > examples.length ? ' …' : ''}`,
    }));
  }
}
