import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { type Direction, directionNames, familyNames } from '@core/exercise';
import { initialsIn } from '@core/roster';
import { LibraryStore } from '../../data/library-store';
import { LookingBack } from '../../data/looking-back';
import { Preferences } from '../../data/preferences';
import { WhoSees } from '../../data/who-sees';
import { HelpedList } from '../../parts/helped/helped-list';
import { Loading } from '../../parts/loading/loading';
import { OthersSee } from '../../parts/others-see/others-see';
import { sayDate } from '../../parts/saying/date-words';
import { sheetLine } from '../../parts/saying/sheet-line';
import { TopBar } from '../../parts/top/top-bar';

/** Exercises that are named: what came most. */
const mostNamed = 8;

/** What some weeks brought, of a group or of one student: one page to keep, or to hand over. */
@Component({
  selector: 'nw-looking-back-page',
  imports: [HelpedList, Loading, MatButton, OthersSee, RouterLink, TopBar],
  providers: [LookingBack],
  templateUrl: './looking-back-page.html',
  styleUrl: './looking-back-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LookingBackPage {
  protected readonly weeks = inject(LookingBack);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly sees = inject(WhoSees);
  readonly id = input.required<string>();
  readonly of = input.required<'group' | 'student'>();

  private readonly words = computed(() => this.preferences.school().words);
  private readonly names = computed(() => {
    const students = this.weeks.found().value?.students ?? [];
    const initials = initialsIn(students);
    return new Map(students.map(({ id, name }) => [id, this.sees.others() ? (initials.get(id) ?? '') : name]));
  });
  protected readonly title = computed(() => {
    const found = this.weeks.found().value;
    if (!found) return '';
    return this.of() === 'student' ? (this.names().get(found.asked.id) ?? '') : found.name;
  });
  protected readonly back = computed(() => (this.of() === 'group' ? ['/groups', this.id()] : ['/people', this.id()]));
  protected readonly sum = computed(() => {
    const { classes, minutes } = this.weeks.back();
    return `${classes} ${classes === 1 ? 'class' : 'classes'}, ${hoursWords(minutes)} of work`;
  });
  /** Said where it is not known who came. */
  protected readonly presence = computed(() =>
    this.of() === 'student' && !this.weeks.presenceKnown() && this.weeks.back().classes > 0
      ? 'Nobody wrote down who came, so all classes of the group are counted.'
      : '',
  );
  protected readonly families = computed(() => {
    const { families, minutes } = this.weeks.back();
    const most = Math.max(1, ...families.map((one) => one.minutes));
    return families.map(({ family, minutes: of }) => ({
      name: familyNames[family],
      minutes: Math.round(of),
      share: Math.round((100 * of) / Math.max(1, minutes)),
      width: (100 * of) / most,
    }));
  });
  protected readonly ways = computed(() => {
    const { directions } = this.weeks.back();
    const most = Math.max(1, ...directions.flatMap(({ minutes }) => [...minutes]));
    return directions.map(({ one, other, minutes: [a, b] }) => ({
      key: one,
      one: this.wayName(one),
      other: this.wayName(other),
      a: Math.round(a),
      b: Math.round(b),
      aWidth: (100 * a) / most,
      bWidth: (100 * b) / most,
    }));
  });
  protected readonly lopsided = computed(() =>
    this.weeks
      .lopsided()
      .map(
        ([shorter, longer]) =>
          `“${capital(this.wayName(longer))}” had three times the minutes of “${this.wayName(shorter)}”, or more.`,
      ),
  );
  protected readonly exercises = computed(() => {
    const byId = this.library.byId();
    return this.weeks
      .back()
      .exercises.slice(0, mostNamed)
      .map(({ exerciseId, times, minutes }) => ({
        id: exerciseId,
        name: byId.get(exerciseId)?.exercise.name[this.words()] ?? 'an exercise that is gone',
        words: `${times} ${times === 1 ? 'time' : 'times'}, ${Math.max(1, Math.round(minutes))} min`,
      }));
  });
  protected readonly steps = computed(() => {
    const byId = this.library.byId();
    return this.weeks.steps().map((step) => {
      const exercise = byId.get(step.exerciseId)?.exercise;
      const rung = exercise?.ladder?.rungs.find(({ id }) => id === step.rungId)?.name ?? step.rungId;
      const foot = step.foot === 'both' ? '' : `, ${step.foot} foot`;
      return {
        key: `${step.studentId} ${step.exerciseId} ${step.date} ${step.foot}`,
        who: this.of() === 'group' ? (this.names().get(step.studentId) ?? '') : '',
        words: `${exercise?.name[this.words()] ?? step.exerciseId}: ${step.way === 'up' ? 'up' : 'back'} to “${rung}”${foot}`,
        date: sayDate(step.date),
      };
    });
  });
  protected readonly changes = computed(() =>
    this.weeks.changes().map(({ studentId, check, foot, date, words }) => ({
      key: `${studentId} ${check} ${foot} ${date}`,
      who: this.of() === 'group' ? (this.names().get(studentId) ?? '') : '',
      words: `${check}${foot === 'both' ? '' : `, ${foot}`}: ${words}`,
      date: sayDate(date),
    })),
  );
  protected readonly homework = computed(() =>
    (this.weeks.found().value?.homework ?? []).map((row) => ({ id: row.homework.id, ...sheetLine(row) })),
  );

  constructor() {
    effect(() => {
      const [kind, id] = [this.of(), this.id()];
      untracked(() => this.weeks.open({ kind, id }));
    });
  }

  protected print(): void {
    window.print();
  }

  private wayName(way: Direction): string {
    const [plain, anatomical] = directionNames[way];
    return this.words() === 'plain' ? plain : anatomical;
  }
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** "50 min", "4 h 10 min" */
function hoursWords(minutes: number): string {
  const all = Math.round(minutes);
  const [hours, rest] = [Math.floor(all / 60), all % 60];
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
