import { sayDay } from '../../parts/saying/date-words';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { mdiClose } from '@mdi/js';
import { Temporal } from 'temporal-polyfill';
import type { ComposeBrief } from '@core/compose';
import { type CalendarDays, longestCalendar, readCalendar } from '../../data/read-calendar';
import { type Course, type Off, type Phase, type Weekly, mondaysOf, phaseNames, templates } from '@core/course';
import { concernNames, familyNames } from '@core/exercise';
import { type KitId, kitNames } from '@core/kit';
import { LibraryStore } from '../../data/library-store';
import { PeopleList } from '../../data/people-list';
import { BriefSentence } from '../../parts/brief/brief-sentence';
import { audiences } from '../../parts/brief/brief-words';
import { NumberField } from '../../parts/dose/number-field';
import { Icon } from '../../parts/icon/icon';
import { dayNames } from './course-words';

const upTo = (most: number, from = 0) => Array.from({ length: most - from + 1 }, (_, i) => i + from);

/** What a course is: its weeks and days, its parts and their doors, its ladders, who comes and with what. */
@Component({
  selector: 'nw-course-setup',
  imports: [BriefSentence, Icon, MatButton, NumberField],
  templateUrl: './course-setup.html',
  styleUrl: './course-setup.scss',
  host: { '(focusin)': 'remember($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CourseSetup {
  private readonly library = inject(LibraryStore);
  protected readonly people = inject(PeopleList);
  readonly course = input.required<Course>();
  readonly words = input.required<'plain' | 'anatomical'>();
  /** Edits that were not taken. */
  readonly refusals = input(0);
  readonly changed = output<Partial<Course>>();
  readonly aimsAsked = output();

  protected readonly icons = { close: mdiClose };
  protected readonly dayNames = dayNames;
  protected readonly phaseNames = phaseNames;
  protected readonly templates = templates;
  protected readonly scales = {
    weeks: upTo(52, 1),
    phaseWeeks: upTo(26),
    sessions: upTo(60),
    minutes: [5, 8, 10, 12, 15, 20, 25, 30, 40, 45, 50, 60, 75, 90],
    days: upTo(7),
    hours: upTo(40),
    landings: [0, 50, 100, 200, 300, 400, 600, 800, 1000, 1500, 2000, 3000, 5000],
  };

  protected readonly template = computed(() => {
    const { phases, newToImpact } = this.course();
    const same = templates.find(
      (template) => template.newToImpact === newToImpact && JSON.stringify(template.phases) === JSON.stringify(phases),
    );
    return same?.id ?? '';
  });
  protected readonly ladders = computed(() =>
    (this.library.exercises() ?? [])
      .filter(({ exercise }) => exercise.ladder !== null)
      .map(({ exercise }) => ({
        id: exercise.id,
        name: exercise.name[this.words()],
        family: familyNames[exercise.family],
        rungs: exercise.ladder?.rungs ?? [],
      }))
      .sort((a, b) => a.family.localeCompare(b.family) || a.name.localeCompare(b.name)),
  );
  protected readonly aims = computed(() =>
    this.course().aims.map((aim) => {
      const ladder = this.ladders().find(({ id }) => id === aim.exerciseId);
      return { ...aim, name: ladder?.name ?? 'not in the library', rungs: ladder?.rungs ?? [] };
    }),
  );
  protected readonly otherLadders = computed(() => {
    const has = new Set(this.course().aims.map(({ exerciseId }) => exerciseId));
    return this.ladders().filter(({ id }) => !has.has(id));
  });
  /** Levels that a door may ask for: those of the ladders that are climbed. */
  protected readonly doorLevels = computed(() =>
    this.aims().flatMap(({ exerciseId, name, rungs }) =>
      rungs.map((rung) => ({ value: `${exerciseId} ${rung.id}`, text: `${name}: ${rung.name}` })),
    ),
  );
  protected readonly partsLine = computed(() => {
    const { phases, newToImpact } = this.course();
    const parts = phases.map(({ kind }) => phaseNames[kind].toLowerCase()).join(', ');
    return `Phases: ${parts}; ${newToImpact ? 'people new to jumping' : 'people who jump already'}`;
  });
  protected readonly briefLine = computed(() => {
    const { brief } = this.course();
    const kit = (Object.keys(brief.kit) as KitId[]).map((id) => kitNames[id]).join(', ');
    const has = brief.concerns.map((id) => concernNames[id]).join(', ');
    return `Who comes and with what: ${brief.people ?? 10} people, ${audiences[brief.who]}; ${kit === '' ? 'no kit' : kit}${has === '' ? '' : `; somebody has ${has}`}`;
  });
  protected readonly zones = Intl.supportedValuesOf('timeZone');

  /** The field that is changed, and what it had. */
  private before: { readonly field: HTMLInputElement | HTMLSelectElement; readonly value: string } | null = null;

  protected remember({ target }: Event): void {
    if (target instanceof HTMLInputElement || target instanceof HTMLSelectElement)
      this.before = { field: target, value: target.value };
  }

  constructor() {
    this.people.load();
    // what was not taken does not stand there as if it were
    effect(() => {
      if (this.refusals() > 0 && this.before) this.before.field.value = this.before.value;
    });
  }

  protected set(change: Partial<Course>): void {
    this.changed.emit(change);
  }

  protected setTemplate(id: string): void {
    const found = templates.find((template) => template.id === id);
    if (found) this.set({ phases: [...found.phases], newToImpact: found.newToImpact });
  }

  protected setDay(at: number, change: Partial<Weekly>): void {
    this.set({ weekly: this.course().weekly.map((day, i) => (i === at ? { ...day, ...change } : day)) });
  }

  protected addDay(): void {
    const taken = new Set(this.course().weekly.map(({ weekday }) => weekday));
    const weekday = [2, 4, 1, 3, 5, 6, 7].find((day) => !taken.has(day));
    const [like] = this.course().weekly;
    if (weekday === undefined) return;
    this.set({ weekly: [...this.course().weekly, { time: '18:00', minutes: 30, ...like, weekday }] });
  }

  protected removeDay(at: number): void {
    this.set({ weekly: this.course().weekly.filter((_, i) => i !== at) });
  }

  protected setPhase(at: number, change: Partial<Phase>): void {
    this.set({ phases: this.course().phases.map((phase, i) => (i === at ? { ...phase, ...change } : phase)) });
  }

  protected removePhase(at: number): void {
    this.set({ phases: this.course().phases.filter((_, i) => i !== at) });
  }

  protected setCheck(at: number, value: string): void {
    const [exerciseId, rungId] = value.split(' ');
    this.setPhase(at, { checks: exerciseId && rungId ? [{ exerciseId, rungId }] : [] });
  }

  protected checkOf({ checks }: Phase): string {
    const [first] = checks;
    return first ? `${first.exerciseId} ${first.rungId}` : '';
  }

  protected addAim(exerciseId: string): void {
    const rung = this.ladders()
      .find(({ id }) => id === exerciseId)
      ?.rungs.at(-1);
    if (rung) this.set({ aims: [...this.course().aims, { exerciseId, rungId: rung.id }] });
  }

  protected setAim(exerciseId: string, rungId: string): void {
    this.set({ aims: this.course().aims.map((aim) => (aim.exerciseId === exerciseId ? { ...aim, rungId } : aim)) });
  }

  protected removeAim(exerciseId: string): void {
    this.set({ aims: this.course().aims.filter((aim) => aim.exerciseId !== exerciseId) });
  }

  protected addOff(from: string, to: string, why: string): void {
    if (from === '') return;
    const off: Off = { from, to: to === '' ? from : to, why: why === 'show' ? 'show' : 'closed', note: '' };
    this.set({ off: [...this.course().off, off] });
  }

  protected setOff(at: number, change: Partial<Off>): void {
    this.set({ off: this.course().off.map((off, i) => (i === at ? { ...off, ...change } : off)) });
  }

  protected removeOff(at: number): void {
    this.set({ off: this.course().off.filter((_, i) => i !== at) });
  }

  /** Days of a calendar file that lie in these weeks, to choose from. */
  protected readonly offered = signal<readonly CalendarDays[]>([]);
  protected readonly fileTold = signal<readonly string[]>([]);

  protected async readFile(file: File | undefined): Promise<void> {
    if (!file) return;
    this.offered.set([]);
    if (file.size > longestCalendar) {
      this.fileTold.set(['This file is larger than any calendar. Nothing was taken from it.']);
      return;
    }
    const mondays = mondaysOf(this.course());
    const last = Temporal.PlainDate.from(mondays.at(-1) ?? this.course().from).add({ days: 6 });
    const read = readCalendar(await file.text(), this.course().from, last.toString());
    if (!read.ok) {
      this.fileTold.set([read.error]);
      return;
    }
    const { events, told } = read.value;
    this.fileTold.set(events.length === 0 ? [...told, 'Nothing in this file lies in these weeks.'] : told);
    this.offered.set(events);
  }

  /** Takes one as days off; what is off already is not taken twice. */
  protected takeDays(days: CalendarDays, why: Off['why']): void {
    this.offered.update((all) => all.filter((one) => one !== days));
    const note = days.title.slice(0, 80);
    if (this.course().off.some(({ from, to }) => from === days.from && to === days.to)) return;
    this.set({ off: [...this.course().off, { from: days.from, to: days.to, why, note }] });
  }

  protected day = sayDay;

  protected setBrief(change: Partial<ComposeBrief>): void {
    this.set({ brief: { ...this.course().brief, ...change } });
  }

  protected setOutside(change: Partial<Course['outside']>): void {
    this.set({ outside: { ...this.course().outside, ...change } });
  }
}
