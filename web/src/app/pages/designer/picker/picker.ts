import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { mdiChevronUp, mdiDotsVertical, mdiPlus } from '@mdi/js';
import { RouterLink } from '@angular/router';
import { auditTime } from 'rxjs';
import { type Standing, nextUp } from '@core/compose';
import type { ExerciseRevision } from '@core/contract';
import {
  type Caution,
  Family,
  barredBy,
  cautionsFor,
  concernNames,
  familyNames,
  positionNames,
  startingExecution,
} from '@core/exercise';
import { kitNames } from '@core/kit';
import { type Plan, addExercise } from '@core/plan';
import { sayTime } from '@core/say-time';
import { Icon } from '../../../parts/icon/icon';
import { Preferences } from '../../../data/preferences';
import { LibraryStore } from '../../../data/library-store';
import { otherSchool } from '../../../parts/saying/school-words';
import { pickerKeys } from '../designer-keys';
import { PlanStore } from '../plan-store';

const page = 40;

interface Found {
  readonly revision: ExerciseRevision;
  readonly name: string;
  readonly line: string;
  /** What picking it adds to the class, from the timeline: getting there, set-up and talk included. */
  readonly adds: string;
  /** Questions on which it answers otherwise than this class. */
  readonly school: string;
  /** For whom it is left out, or what they mind; empty where nobody has anything. */
  readonly care: string;
  readonly out: boolean;
}

/** Pick an exercise: by a word, by family; each says what it adds to this class. */
@Component({
  selector: 'nw-picker',
  imports: [
    Icon,
    MatButton,
    MatFormField,
    MatIconButton,
    MatInput,
    MatLabel,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    RouterLink,
  ],
  templateUrl: './picker.html',
  styleUrl: './picker.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown)': 'key($event)' },
})
export class Picker {
  private readonly store = inject(PlanStore);
  protected readonly exercises = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly library = computed(() => this.exercises.exercises() ?? []);
  readonly plan = input.required<Plan>();
  readonly picked = output<ExerciseRevision>();
  readonly left = output();

  protected readonly icons = { add: mdiPlus, more: mdiDotsVertical, up: mdiChevronUp };
  protected readonly search = signal('');
  protected readonly family = signal<Family | null>(null);
  private readonly sought = viewChild.required<ElementRef<HTMLElement>>('sought');
  private readonly chips = viewChild.required<ElementRef<HTMLElement>>('chips');
  /** The families have gone out of sight above the list: which of them is listed is said beside what is looked for. */
  protected readonly familiesAway = signal(false);
  protected readonly familyWords = computed(() => {
    const family = this.family();
    return family === null ? 'all' : familyNames[family];
  });
  /** How many are listed: each is timed in this class, so not thousands at once. */
  protected readonly shown = linkedSignal({ source: () => [this.search(), this.family()], computation: () => page });
  /** The list is worked out against a plan at rest: not at every step of a number. */
  private readonly quietPlan = toSignal(toObservable(this.plan).pipe(auditTime(150)));

  protected readonly families = computed(() =>
    Family.options
      .filter((family) => this.library().some((r) => r.exercise.family === family))
      .map((family) => ({ family, name: familyNames[family] })),
  );

  /** Everything that answers, best first; without a question in the order of a class. */
  private readonly answering = computed(() => {
    const ranked = this.exercises.index().find(this.search(), this.preferences.words());
    const order = (r: ExerciseRevision) => ranked?.get(r.exercise.id) ?? familyOrder(r);
    return this.library()
      .filter(
        ({ exercise }) =>
          (this.family() === null || exercise.family === this.family()) && (ranked === null || ranked.has(exercise.id)),
      )
      .map((revision) => ({ revision, at: order(revision), out: this.careOf(revision).out }))
      .sort(
        (a, b) =>
          Number(a.out) - Number(b.out) ||
          a.at - b.at ||
          a.revision.exercise.name.plain.localeCompare(b.revision.exercise.name.plain),
      )
      .map(({ revision }) => revision);
  });
  protected readonly more = computed(() => Math.max(0, this.answering().length - this.shown()));

  protected readonly found = computed<Found[]>(() => {
    const plan = this.quietPlan() ?? this.plan();
    const total = this.store.timelineOf(plan).totalMs;
    return this.answering()
      .slice(0, this.shown())
      .map((revision) => {
        const { exercise } = revision;
        const kit = exercise.performance.kit.map((need) => kitNames[need.kit]).join(', ');
        return {
          revision,
          name: exercise.name[plan.school.words],
          line: [familyNames[exercise.family], positionNames[exercise.performance.position], kit]
            .filter((w) => w !== '')
            .join(' · '),
          adds: this.adds(plan, revision, total),
          school: otherSchool(exercise, plan.school, 'this class'),
          ...this.careOf(revision),
        };
      });
  });

  /** What the class could go on with behind the chosen item, each tried in it; nothing while something is looked for. */
  protected readonly goesOn = computed<Found[]>(() => {
    if (this.search() !== '' || this.family() !== null) return [];
    const plan = this.quietPlan() ?? this.plan();
    const total = this.store.timelineOf(plan).totalMs;
    return nextUp(plan, this.store.selectedId(), this.library(), (revision) => this.store.find(revision)).map(
      (offer) => ({
        revision: offer,
        name: offer.exercise.name[plan.school.words],
        line: standing(offer),
        adds: this.adds(plan, offer, total),
        school: '',
        ...this.careOf(offer),
      }),
    );
  });

  constructor() {
    effect((cleanUp) => {
      const watcher = new IntersectionObserver(([entry]) => {
        const search = this.sought().nativeElement.getBoundingClientRect();
        const isAbove = entry !== undefined && entry.boundingClientRect.top < search.bottom;
        this.familiesAway.set(isAbove && !entry.isIntersecting);
      });
      watcher.observe(this.chips().nativeElement);
      cleanUp(() => watcher.disconnect());
    });
  }

  protected toFamilies(): void {
    const chips = this.chips().nativeElement;
    chips.scrollIntoView({ block: 'center' });
    chips.querySelector<HTMLElement>('[aria-pressed=true]')?.focus();
  }

  protected key(event: KeyboardEvent): void {
    const pressed = pickerKeys.bindings.find(({ keys }) => keys.some((key) => key === event.key));
    const inSearch = event.target instanceof HTMLInputElement;
    if (pressed?.does === 'first' && inSearch) this.pickFirst();
    if (pressed?.does === 'leave') this.left.emit();
  }

  protected showMore(): void {
    this.shown.update((n) => n + page);
  }

  private pickFirst(): void {
    const [first] = this.goesOn().length > 0 ? this.goesOn() : this.found();
    if (first) this.picked.emit(first.revision);
  }

  /** What somebody in this class has to mind of it, or for whom it is left out; nothing where nobody said what they have. */
  private careOf({ exercise }: ExerciseRevision): Pick<Found, 'care' | 'out'> {
    const { concerns } = this.plan().brief;
    if (concerns.length === 0) return { care: '', out: false };
    const { cautions } = startingExecution(exercise, this.plan().school);
    const barred = barredBy(cautions, concerns);
    const mind = barred ?? cautionsFor(cautions, concerns)[0];
    if (!mind) return { care: '', out: false };
    return { out: barred !== null, care: `${actionWords[mind.action]}: ${concernNames[mind.concern]}` };
  }

  private adds(plan: Plan, { exercise, revision }: ExerciseRevision, totalMs: number): string {
    let n = 0;
    const { command } = addExercise(plan, this.store.selectedId(), exercise, revision, () => `tried-${++n}`);
    return `+${sayTime(this.store.timelineAfter(command, plan) - totalMs)}`;
  }
}

const actionWords: Readonly<Record<Caution['action'], string>> = {
  'leave-out': 'leave out',
  'ask-clinician': 'ask a clinician first',
  'hold-at-rung': 'mind',
  'change-support': 'mind',
  'go-gently': 'mind',
};

/** How many of its kind the class has: "toes, none yet". */
const standing = ({ family, has, of }: Standing): string =>
  [familyNames[family], has === 0 ? 'none yet' : `${has} of the usual ${of}`].join(', ');

const familyOrder = ({ exercise }: ExerciseRevision) => Family.options.indexOf(exercise.family);
