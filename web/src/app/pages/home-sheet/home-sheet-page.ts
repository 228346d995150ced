import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { mdiClose } from '@mdi/js';
import { Concern, Family, concernNames, familyNames } from '@core/exercise';
import { type HomeFor, type Suits, barWords, settle, stopWords } from '@core/homework';
import { Floor, KitId, isWorn, kitNames } from '@core/kit';
import { type Student, initialsIn } from '@core/roster';
import { paperOf } from '../../data/home-paper';
import { HomeworkFile } from '../../data/homework-file';
import { LibraryStore } from '../../data/library-store';
import { PeopleList } from '../../data/people-list';
import { WhoSees } from '../../data/who-sees';
import { Preferences } from '../../data/preferences';
import { NumberField } from '../../parts/dose/number-field';
import { NewName } from '../../parts/new-name/new-name';
import { Icon } from '../../parts/icon/icon';
import { Loading } from '../../parts/loading/loading';
import { OthersSee } from '../../parts/others-see/others-see';
import { TopBar } from '../../parts/top/top-bar';
import { DayGrid } from './day-grid';
import { ItemCard } from './item-card';
import { SheetStore } from './sheet-store';
import { SuggestFlow } from './suggest-flow';

/** What nobody has at home, or has without being asked. */
const notAsked: ReadonlySet<KitId> = new Set<KitId>(['metronome', 'barre', 'mirror', 'beam', 'anchor']);

/** One sheet of homework: for whom, with what, which exercises how often, and the paper it becomes. */
@Component({
  selector: 'nw-home-sheet-page',
  imports: [
    DayGrid,
    Icon,
    ItemCard,
    Loading,
    MatButton,
    MatProgressBar,
    NewName,
    NumberField,
    OthersSee,
    RouterLink,
    TopBar,
  ],
  providers: [HomeworkFile, PeopleList, SheetStore, SuggestFlow],
  templateUrl: './home-sheet-page.html',
  styleUrl: './home-sheet-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HomeSheetPage {
  protected readonly file = inject(HomeworkFile);
  protected readonly sheet = inject(SheetStore);
  protected readonly suggest = inject(SuggestFlow);
  protected readonly people = inject(PeopleList);
  protected readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly sees = inject(WhoSees);
  readonly id = input.required<string>();

  protected readonly icons = { close: mdiClose };
  protected readonly floors = Floor.options;
  protected readonly stopWords = stopWords;
  protected readonly scales = {
    weeks: [1, 2, 3, 4],
    minutes: [3, 5, 8, 10, 12, 15, 20, 25, 30],
    days: Array.from({ length: 29 }, (_, i) => i),
  };
  private readonly shortNames = computed(() => initialsIn(this.sheet.students()));
  /** A student's own sheet, while others can see the screen. */
  protected readonly hidden = computed(() => this.sees.others() && this.file.homework()?.for.kind === 'student');
  protected readonly initials = computed(() => {
    const student = this.sheet.student();
    return student ? (this.shortNames().get(student.id) ?? '') : '';
  });
  protected readonly nameOf = ({ id, name }: Student): string =>
    this.sees.others() ? (this.shortNames().get(id) ?? '') : name;
  protected readonly whom = computed(() => {
    const of = this.file.homework()?.for;
    if (!of) return '';
    return of.kind === 'student' ? `student ${of.studentId}` : of.groupId === null ? '' : `group ${of.groupId}`;
  });
  protected readonly owned = computed(() =>
    (this.file.homework()?.owns ?? []).map((kit) => ({ kit, name: kitNames[kit] })),
  );
  protected readonly otherKit = computed(() => {
    const owns = new Set(this.file.homework()?.owns);
    return KitId.options
      .filter((kit) => !owns.has(kit) && !notAsked.has(kit))
      .map((kit) => ({ kit, name: isWorn(kit) ? `${kitNames[kit]}, worn` : kitNames[kit] }))
      .sort((a, b) => a.name.localeCompare(b.name));
  });
  protected readonly concerns = computed(() => {
    const of = this.file.homework()?.for;
    return of?.kind === 'level' ? of.concerns.map((id) => ({ id, name: concernNames[id] })) : [];
  });
  protected readonly otherConcerns = computed(() => {
    const has = new Set(this.concerns().map(({ id }) => id));
    return Concern.options.filter((id) => !has.has(id)).map((id) => ({ id, name: concernNames[id] }));
  });
  protected readonly byFamily = computed(() =>
    Family.options.flatMap((family) => {
      const exercises = this.sheet.others().filter((one) => one.family === family);
      return exercises.length === 0 ? [] : [{ name: familyNames[family], exercises }];
    }),
  );
  /** Exercises that stand on the sheet and not on its paper, with why. */
  protected readonly barred = computed(() => {
    const asked = this.sheet.asked();
    if (!asked) return [];
    return asked.homework.items.flatMap((item) => {
      const one = settle(item, asked);
      const name = asked.find(item.revision)?.name[this.sheet.words()] ?? item.exerciseId;
      if (one && !('why' in one)) return [];
      return [{ id: item.id, words: `${name}: ${one ? barWords(one) : 'it is not in the library any more.'}` }];
    });
  });
  protected readonly paper = computed(() => ({ a4: paperOf(this.id(), 'a4'), phone: paperOf(this.id(), 'phone') }));

  constructor() {
    this.library.load();
    this.preferences.load();
    this.people.load();
    effect(() => {
      const id = this.id();
      untracked(() => this.file.open(id));
    });
  }

  /** @param chosen "student …", "group …", or nothing for anybody on a level */
  protected setWhom(chosen: string): void {
    const [kind = '', id = ''] = chosen.split(' ');
    const of = this.file.homework()?.for;
    const level = of?.kind === 'level' ? of : { kind: 'level' as const, words: '', concerns: [] };
    const next: HomeFor =
      kind === 'student'
        ? { kind: 'student', studentId: id }
        : { ...level, concerns: [...level.concerns], groupId: kind === 'group' ? id : null };
    this.sheet.set({ for: next });
  }

  protected setLevel(change: Partial<Extract<HomeFor, { kind: 'level' }>>): void {
    const of = this.file.homework()?.for;
    if (of?.kind === 'level') this.sheet.set({ for: { ...of, ...change } });
  }

  protected addConcern(id: string): void {
    const found = Concern.safeParse(id);
    if (found.success) this.setLevel({ concerns: [...this.concerns().map((one) => one.id), found.data] });
  }

  protected removeConcern(id: Concern): void {
    this.setLevel({
      concerns: this.concerns()
        .map((one) => one.id)
        .filter((other) => other !== id),
    });
  }

  protected addKit(kit: string): void {
    const found = KitId.safeParse(kit);
    const owns = this.file.homework()?.owns ?? [];
    if (found.success) this.sheet.set({ owns: [...owns, found.data] });
  }

  protected removeKit(kit: KitId): void {
    this.sheet.set({ owns: (this.file.homework()?.owns ?? []).filter((other) => other !== kit) });
  }

  protected setFloor(floor: string): void {
    const found = Floor.safeParse(floor);
    if (found.success) this.sheet.set({ floor: found.data });
  }

  /** Opens the paper once the server has what it is to say. */
  protected async open(size: 'a4' | 'phone', event: Event): Promise<void> {
    event.preventDefault();
    const page = window.open('about:blank', '_blank');
    const sent = await this.file.sent();
    if (!sent) page?.close();
    else if (page) page.location.href = this.paper()[size];
    // a browser that opens no windows shows it in this one
    else window.location.assign(this.paper()[size]);
    if (!sent) this.file.refused.set('The sheet is not on the server yet; the paper is made when it is.');
  }

  protected notForWords({ tooHigh, notWith, tooEasy }: Suits): string {
    // what somebody has is not for others to read
    const leftOut = this.sees.others() ? [] : notWith;
    return [
      tooHigh.length > 0 ? `stands lower in ${tooHigh.join(', ')}` : '',
      leftOut.length > 0 ? `not ${leftOut.join(', ')}, with what they have` : '',
      tooEasy.length > 0 ? `well beyond ${tooEasy.join(', ')}` : '',
    ]
      .filter((words) => words !== '')
      .join('; ');
  }
}
