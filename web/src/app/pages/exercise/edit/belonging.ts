import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { type BandUse, BandUse as bandUse, schoolAnswers, schoolWords, type SchoolQuestion } from '@core/exercise';
import { LibraryStore } from '../../../data/library-store';
import { ExerciseDraft } from './exercise-draft';

const asked: readonly SchoolQuestion[] = [
  'archWork',
  'toesOnRise',
  'weightLine',
  'knees',
  'rolling',
  'tightSpot',
  'rollingIn',
  'harderBalance',
  'band',
  'breath',
];
const bandWords: Readonly<Record<string, string>> = {
  arch: 'round the arch',
  ball: 'round the ball',
  'both-feet': 'round both feet',
  'big-toe': 'round the big toe',
  outer: 'the outer border',
  inner: 'the inner border',
  sole: 'the sole',
  top: 'the top',
  align: 'to line up',
  resist: 'to resist',
};

/** Which schools an exercise answers for, what its band does, and which exercises it belongs with. */
@Component({
  selector: 'nw-belonging',
  template: `
    <p>
      @if (band(); as b) {
        The band lies
        <select #at aria-label="Where the band lies" (change)="setBand({ placement: asPlacement(at.value) })">
          @for (o of placements; track o) {
            <option [value]="o" [selected]="o === b.placement">{{ bandWords[o] }}</option>
          }
        </select>
        , pulls on
        <select #on aria-label="Which border it pulls on" (change)="setBand({ border: asBorder(on.value) })">
          @for (o of borders; track o) {
            <option [value]="o" [selected]="o === b.border">{{ bandWords[o] }}</option>
          }
        </select>
        , and is there
        <select #why aria-label="What the band is for" (change)="setBand({ purpose: asPurpose(why.value) })">
          @for (o of purposes; track o) {
            <option [value]="o" [selected]="o === b.purpose">{{ bandWords[o] }}</option>
          }
        </select>
        . <button type="button" (click)="noBand()">No band on the foot</button>
        @if (trains(); as words) {
          <small>{{ words }}</small>
        }
      } @else {
        <button type="button" (click)="setBand({})">There is a band on the foot</button>
      }
    </p>
    <label>
      The other half of the same job, at the same dose
      <select #half (change)="setPair(half.value)">
        <option value="" [selected]="!pair()">none</option>
        @for (o of others(); track o.id) {
          <option [value]="o.id" [selected]="o.id === pair()">{{ o.name }}</option>
        }
      </select>
    </label>
    <label>
      Comes after, where a class has both
      <select #before (change)="prepare(before.value); before.value = ''">
        <option value="">{{ preparedBy().length === 0 ? 'nothing named' : 'and after …' }}</option>
        @for (o of others(); track o.id) {
          <option [value]="o.id">{{ o.name }}</option>
        }
      </select>
      @for (o of preparedBy(); track o.id) {
        <span class="named">
          {{ o.name }}
          <button type="button" [attr.aria-label]="'Not after ' + o.name" (click)="unprepare(o.id)">×</button>
        </span>
      }
    </label>
    @for (line of questions(); track line.question) {
      <label>
        {{ line.words }}
        <select #a (change)="answer(line.question, a.value)">
          <option value="" [selected]="line.answer === ''">as each teacher has it</option>
          @for (o of line.answers; track o.id) {
            <option [value]="o.id" [selected]="o.id === line.answer">{{ o.words }}</option>
          }
        </select>
      </label>
    }
  `,
  styleUrl: './belonging.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Belonging {
  private readonly draft = inject(ExerciseDraft);
  private readonly library = inject(LibraryStore);
  /** Every other exercise, by name. */
  protected readonly others = computed(() =>
    [...this.library.byId().values()]
      .filter(({ exercise }) => exercise.id !== this.draft.exercise().id)
      .map(({ exercise }) => ({ id: exercise.id, name: exercise.name.plain }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  );
  protected readonly pair = computed(() => this.draft.exercise().pair ?? '');
  protected readonly preparedBy = computed(() =>
    (this.draft.exercise().preparedBy ?? []).map((id) => ({
      id,
      name: this.library.byId().get(id)?.exercise.name.plain ?? id,
    })),
  );
  protected readonly band = computed(() => this.draft.exercise().performance.band);
  protected readonly bandWords = bandWords;
  protected readonly placements = bandUse.shape.placement.options;
  protected readonly borders = bandUse.shape.border.options;
  protected readonly purposes = bandUse.shape.purpose.options;
  protected readonly asPlacement = (value: string) => value as BandUse['placement'];
  protected readonly asBorder = (value: string) => value as BandUse['border'];
  protected readonly asPurpose = (value: string) => value as BandUse['purpose'];
  /** A band resists the movement away from where it pulls. */
  protected readonly trains = computed(() => {
    const band = this.band();
    if (band?.purpose !== 'resist') return null;
    if (band.border === 'outer') return 'A pull on the outer border trains turning the foot out.';
    return band.border === 'inner' ? 'A pull on the inner border trains turning the foot in.' : null;
  });
  protected readonly questions = computed(() =>
    asked.map((question) => ({
      question,
      words: schoolWords[question].question,
      answer: this.draft.exercise().schools[question] ?? '',
      answers: schoolAnswers[question].map((id) => ({ id, words: schoolWords[question].answers[id] ?? id })),
    })),
  );

  protected setBand(change: Partial<BandUse>): void {
    this.put({ placement: 'arch', border: 'outer', purpose: 'resist', ...this.band(), ...change });
  }
  protected setPair(id: string): void {
    this.draft.edit((e) => ({ ...e, pair: id === '' ? undefined : id }));
  }
  protected prepare(id: string): void {
    const before = this.preparedBy().map((o) => o.id);
    if (id !== '' && !before.includes(id) && before.length < 6) this.setPrepared([...before, id]);
  }
  protected unprepare(id: string): void {
    this.setPrepared(this.preparedBy().flatMap((o) => (o.id === id ? [] : [o.id])));
  }
  private setPrepared(ids: string[]): void {
    this.draft.edit((e) => ({ ...e, preparedBy: ids.length === 0 ? undefined : ids }));
  }
  protected noBand(): void {
    this.put(null);
  }
  protected answer(question: SchoolQuestion, answer: string): void {
    this.draft.edit((e) => {
      const others = Object.entries(e.schools).filter(([q]) => q !== question);
      return { ...e, schools: Object.fromEntries(answer === '' ? others : [...others, [question, answer]]) };
    });
  }
  private put(band: BandUse | null): void {
    this.draft.edit((e) => ({ ...e, performance: { ...e.performance, band } }));
  }
}
