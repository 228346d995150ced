import { ChangeDetectionStrategy, Component, booleanAttribute, computed, inject, input, output } from '@angular/core';
import { mdiClose } from '@mdi/js';
import {
  type ComposeBrief,
  ComposeIdea,
  FocusFamily,
  type History,
  PlaceInRoom,
  kitOfLast,
  noHistory,
} from '@core/compose';
import { ideas } from '@core/idea';
import type { GroupTaught, RunSummary } from '@core/contract';
import { Concern, School, type SchoolQuestion, concernNames, defaultSchool, schoolWords } from '@core/exercise';
import { Floor, type KitId, isFetched, kitNames } from '@core/kit';
import { type Student, roomDiffers } from '@core/roster';
import { LibraryStore } from '../../data/library-store';
import { PeopleList } from '../../data/people-list';
import { NumberField } from '../dose/number-field';
import { Icon } from '../icon/icon';
import { localDate, sayDate } from '../saying/date-words';
import { shortList } from '../saying/short-list';
import { audiences, focusWords, levels, occasions, placeWords } from './brief-words';

const minutes = [3, 5, 8, 10, 12, 15, 20, 25, 30, 40, 45, 50, 60, 75, 90, 120];
const counts = Array.from({ length: 60 }, (_, i) => i + 1);
const shares = [10, 20, 30, 40, 50, 60, 80, 100];
const pairs = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.entries(words) as [K, string][]).map(([id, text]) => ({ id, text }));

const SchoolQuestions = Object.keys(schoolWords) as SchoolQuestion[];

/** A brief as one sentence with places to fill. */
@Component({
  selector: 'nw-brief-sentence',
  imports: [Icon, NumberField],
  templateUrl: './brief-sentence.html',
  styleUrl: './brief-sentence.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BriefSentence {
  private readonly library = inject(LibraryStore);
  private readonly people = inject(PeopleList);
  readonly brief = input.required<ComposeBrief>();
  readonly taught = input.required<GroupTaught | null>();
  readonly students = input.required<readonly Student[]>();
  /** What was taught before, and how this teacher teaches. */
  readonly history = input<Pick<History, 'last'>>(noHistory);
  readonly school = input<School>(defaultSchool);
  /** What helped the group, by name. */
  readonly helped = input<readonly string[]>([]);
  /** Classes that were taught lately, and the one this is to follow. */
  readonly lately = input.required<readonly RunSummary[]>();
  readonly after = input.required<string | null>();
  /** Of a course: how long a class is, whom it is for and what it follows is said elsewhere. */
  readonly ofCourse = input(false, { transform: booleanAttribute });
  readonly afterChosen = output<string | null>();
  readonly changed = output<Partial<ComposeBrief>>();
  readonly roomTaken = output();

  protected readonly icons = { close: mdiClose };
  protected readonly minutes = minutes;
  protected readonly counts = counts;
  protected readonly shares = shares;
  protected readonly audiences = pairs(audiences);
  protected readonly levels = pairs(levels);
  protected readonly occasions = pairs(occasions);
  protected readonly places = PlaceInRoom.options.map((id) => ({ id, text: placeWords[id] }));
  protected readonly floors = Floor.options;
  protected readonly ideas = ComposeIdea.options.map((id) => ({ id, text: ideas[id].name }));
  protected readonly groups = computed(() => this.people.groups());

  protected readonly kit = computed(() =>
    (Object.entries(this.brief().kit) as [KitId, number][]).map(([kit, count]) => ({
      kit,
      count,
      name: kitNames[kit],
      counted: isFetched(kit),
    })),
  );
  /** Pieces that some exercise of the library asks for and the brief does not name. */
  protected readonly otherKit = computed(() => {
    const asked = new Set(
      (this.library.exercises() ?? []).flatMap(({ exercise }) => exercise.performance.kit.map(({ kit }) => kit)),
    );
    asked.delete('metronome');
    return [...asked]
      .filter((kit) => this.brief().kit[kit] === undefined)
      .map((kit) => ({ kit, name: kitNames[kit] }))
      .sort((a, b) => a.name.localeCompare(b.name));
  });
  protected readonly concerns = computed(() => this.brief().concerns.map((id) => ({ id, name: concernNames[id] })));
  protected readonly otherConcerns = computed(() =>
    Concern.options.filter((id) => !this.brief().concerns.includes(id)).map((id) => ({ id, name: concernNames[id] })),
  );
  protected readonly focus = computed(() =>
    (Object.entries(this.brief().focus) as [FocusFamily, number][]).map(([family, share]) => ({
      family,
      share,
      name: focusWords(family),
    })),
  );
  protected readonly otherFocus = computed(() =>
    FocusFamily.options
      .filter((family) => this.brief().focus[family] === undefined)
      .map((family) => ({ family, name: focusWords(family) })),
  );
  /** What the log knows of the group. */
  protected readonly lastWords = computed(() => {
    const last = this.taught()?.last;
    if (!last) return '';
    const n = last.items.length;
    const when = sayDate(localDate(last.startedAt));
    return `Last time, ${when}: “${last.title}”, ${n} exercise${n === 1 ? '' : 's'}. About half come back.`;
  });
  /** Their files say something else than the sentence does. */
  protected readonly helpedWords = computed(() => shortList(this.helped(), 3));
  /** What the last class used and the sentence does not have. */
  protected readonly kitOfLast = computed(() => {
    const { last } = this.history();
    return last.length === 0 ? {} : kitOfLast({ last }, this.library.exercises() ?? [], this.brief(), this.school());
  });
  protected readonly kitOfLastWords = computed(() =>
    shortList(
      (Object.keys(this.kitOfLast()) as KitId[]).map((kit) => kitNames[kit]),
      4,
    ),
  );
  protected readonly differs = computed(() => roomDiffers(this.students(), this.brief()));

  constructor() {
    this.people.load();
  }

  protected day = (at: string): string => sayDate(localDate(at));
  protected clampMinutes = (value: number): number => Math.max(2, Math.min(120, Math.round(value)));
  protected clampShare = (value: number): number => Math.max(0, Math.min(100, Math.round(value)));

  protected set(change: Partial<ComposeBrief>): void {
    this.changed.emit(change);
  }

  protected togglePlace(place: PlaceInRoom, on: boolean): void {
    const places = PlaceInRoom.options.filter((p) => (p === place ? on : this.brief().places.includes(p)));
    if (places.length > 0) this.set({ places });
  }

  protected takeKit(): void {
    this.set({ kit: { ...this.brief().kit, ...this.kitOfLast() } });
  }

  protected setKit(kit: KitId, count: number | null): void {
    this.set({ kit: changedIn(this.brief().kit, kit, count) });
  }

  protected addKit(kit: string): void {
    const found = this.otherKit().find((piece) => piece.kit === kit);
    if (found) this.setKit(found.kit, isFetched(found.kit) ? (this.brief().people ?? 1) : 1);
  }

  /** Answers for this class alone. */
  protected readonly otherwise = computed(() =>
    (Object.entries(this.brief().school) as [SchoolQuestion, string][]).map(([question, answer]) => ({
      question,
      answer,
      words: schoolWords[question].question,
      answers: pairs(schoolWords[question].answers),
    })),
  );
  protected readonly otherQuestions = computed(() =>
    SchoolQuestions.filter((question) => this.brief().school[question] === undefined).map((question) => ({
      question,
      words: schoolWords[question].question,
    })),
  );

  protected setSchool(question: string, answer: string | null): void {
    const found = SchoolQuestions.find((known) => known === question);
    if (!found) return;
    const others = Object.entries(this.brief().school).filter(([key]) => key !== found);
    const first = Object.keys(schoolWords[found].answers)[0] ?? '';
    this.set({
      school: School.partial().parse(
        Object.fromEntries(answer === null ? others : [...others, [found, answer || first]]),
      ),
    });
  }

  protected setConcern(concern: string, on: boolean): void {
    this.set({
      concerns: Concern.options.filter((c) => (c === concern ? on : this.brief().concerns.includes(c))),
    });
  }

  protected setFocus(family: string, share: number | null): void {
    const found = FocusFamily.safeParse(family);
    if (!found.success) return;
    this.set({ focus: changedIn(this.brief().focus, found.data, share) });
  }
}

/** A list of numbers by name with one of them changed, or gone. */
function changedIn<K extends string>(
  list: Readonly<Partial<Record<K, number>>>,
  name: K,
  value: number | null,
): Partial<Record<K, number>> {
  const others = Object.entries(list).filter(([key]) => key !== name);
  return Object.fromEntries(value === null ? others : [...others, [name, value]]) as Partial<Record<K, number>>;
}
