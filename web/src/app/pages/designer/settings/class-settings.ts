import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatOption, MatSelect } from '@angular/material/select';
import { Floor, type KitId, kitNames } from '@core/kit';
import { putOut } from '@core/timeline';
import { type PaceKey, type Plan, paceKeys } from '@core/plan';
import { sayableCounts } from '@core/dose';
import { sayTime } from '@core/say-time';
import { Concern, type SchoolQuestion, concernNames, defaultSchool, schoolAnswers, schoolWords } from '@core/exercise';
import { Preferences } from '../../../data/preferences';
import { NumberField } from '../../../parts/dose/number-field';
import { PaceList } from '../../../parts/pace/pace-list';
import { Word } from '../../../parts/word/word';
import { type PlanStore } from '../plan-store';

/** What holds for the whole class: who comes, where, the slot, and the teacher's pace. */
@Component({
  selector: 'nw-class-settings',
  imports: [
    MatButton,
    MatButtonToggle,
    MatButtonToggleGroup,
    MatDialogActions,
    MatDialogClose,
    MatDialogContent,
    MatDialogTitle,
    MatFormField,
    MatInput,
    MatLabel,
    MatOption,
    MatSelect,
    NumberField,
    PaceList,
    Word,
  ],
  templateUrl: './class-settings.html',
  styleUrl: './class-settings.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassSettings {
  protected readonly store = inject<PlanStore>(MAT_DIALOG_DATA);
  protected readonly plan = computed(() => this.store.plan());
  protected readonly total = computed(() => sayTime(this.store.timeline()?.totalMs ?? 0));
  protected readonly preferences = inject(Preferences);
  private readonly asked = Object.keys(schoolAnswers) as SchoolQuestion[];
  protected readonly questions = computed(() => {
    const school = this.plan()?.school ?? defaultSchool;
    return this.asked.map((id) => ({
      id,
      question: schoolWords[id].question,
      now: school[id],
      answers: schoolAnswers[id].map((answer) => ({ id: answer, words: schoolWords[id].answers[answer] ?? answer })),
    }));
  });
  /** Where this class answers otherwise than its teacher does everywhere. */
  protected readonly differing = computed(() => {
    const mine = this.preferences.school();
    const here = this.plan()?.school ?? mine;
    return this.asked
      .filter((q) => mine[q] !== here[q])
      .map(
        (q) =>
          `${schoolWords[q].question.replace('?', '').toLowerCase()} – ${schoolWords[q].answers[here[q]] ?? here[q]}`,
      );
  });
  protected readonly concerns = Concern.options.map((id) => ({ id, words: concernNames[id] }));
  protected readonly floors = Floor.options;
  protected readonly counts = sayableCounts;
  /** People are counted one by one. */
  protected readonly heads = Array.from({ length: 120 }, (_, i) => i + 1);
  protected readonly percents = [0, 3, 5, 8, 10, 15, 20];

  /** How many figures of the pace are this class's own. */
  protected readonly ownPace = computed(() => {
    const mine = this.preferences.pace();
    const here = this.plan()?.pace ?? mine;
    return paceKeys.filter((key) => here[key] !== mine[key]).length;
  });

  /** Pieces that everybody needs, with how many there are: as many as are wanted where nobody has counted. */
  protected readonly pieces = computed(() => {
    const plan = this.plan();
    const timeline = this.store.timeline();
    if (!plan || !timeline || plan.brief.people === null) return [];
    return putOut(plan, timeline)
      .filter((piece) => piece.perPerson > 0)
      .map(({ kit, perPerson }) => {
        const wants = perPerson * (plan.brief.people ?? 0);
        const has = plan.brief.cupboard[kit] ?? wants;
        return { kit, name: kitNames[kit], has, short: has < wants };
      });
  });

  protected setCupboard(kit: KitId, count: number): void {
    const plan = this.plan();
    if (plan) this.setBrief({ cupboard: { ...plan.brief.cupboard, [kit]: count } });
  }

  protected change(change: Partial<Plan>): void {
    this.store.do({ type: 'edit-class', change });
  }

  protected setSchool(question: SchoolQuestion, answer: string): void {
    const plan = this.plan();
    if (plan) this.change({ school: { ...plan.school, [question]: answer } });
  }

  /** What it is about stays with a sentence that is put otherwise; without one there is nothing to follow. */
  protected setIdea(idea: string): void {
    this.setBrief(idea === '' ? { idea, ideaTie: null } : { idea });
  }

  protected setBrief(change: Partial<Plan['brief']>): void {
    const plan = this.plan();
    if (plan) this.change({ brief: { ...plan.brief, ...change } });
  }

  protected setPace(key: PaceKey, value: number): void {
    const plan = this.plan();
    if (plan) this.change({ pace: { ...plan.pace, [key]: value } });
  }
}
