import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type FirstQuestion,
  type Student,
  ankleReferral,
  firstQuestions,
  firstSign,
  isGrowing,
  pointeChecklist,
} from '@core/roster';
import { LadderNotes } from '../../data/ladder-notes';
import { StudentFile } from '../../data/student-file';
import { Toasts } from '../../data/toasts';
import { sayDate, today } from '../../parts/saying/date-words';

/** What is asked before somebody's first class; and what others look at before pointe work. */
@Component({
  selector: 'nw-first-class',
  imports: [MatButton],
  template: `
    <h2>Before the first class</h2>
    @if (student().asked; as date) {
      <p class="quiet">Asked on {{ sayDate(date) }}. What was answered with yes stands under “To mind”.</p>
    } @else {
      <details>
        <summary>{{ questions.length }} short questions, a minute</summary>
        <ul>
          @for (question of questions; track question.id) {
            <li>
              <label
                ><input type="checkbox" #yes [checked]="has(question)" (change)="answer(question, yes.checked)" />
                {{ question.ask }}</label
              >
            </li>
          }
        </ul>
        <p><button matButton="outlined" type="button" (click)="done()">All asked</button></p>
        <p class="quiet">A yes changes classes, or refers. Ask a clinician; local rules come first.</p>
      </details>
    }
    @if (injured()) {
      <p class="quiet">
        {{ ankle.words }} <small>{{ ankle.source }}, {{ ankle.mark }}.</small>
      </p>
    }
    @if (growing()) {
      <details>
        <summary>Before pointe work</summary>
        <ul>
          @for (ask of pointe.asks; track ask) {
            <li>{{ ask }}</li>
          }
        </ul>
        <p class="quiet">
          {{ pointe.words }} <small>{{ pointe.source }}, {{ pointe.mark }}.</small>
        </p>
      </details>
    }
  `,
  styles: `
    :host {
      display: block;
      padding: 14px 0 18px;
      border-top: 1px solid var(--nw-hem);
    }
    h2 {
      font-size: 1.15rem;
      margin-bottom: 6px;
    }
    summary {
      cursor: pointer;
    }
    ul {
      margin: 8px 0;
      padding-left: 1.1rem;
    }
    label {
      display: flex;
      gap: 8px;
      padding: 2px 0;
      cursor: pointer;
    }
    ul:has(label) {
      list-style: none;
      padding: 0;
    }
    p {
      margin: 6px 0;
    }
    .quiet {
      color: var(--nw-quiet);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstClass {
  readonly student = input.required<Student>();
  private readonly file = inject(StudentFile);
  private readonly notes = inject(LadderNotes);
  private readonly toasts = inject(Toasts);

  protected readonly questions = firstQuestions;
  protected readonly ankle = ankleReferral;
  protected readonly pointe = pointeChecklist;
  protected readonly sayDate = sayDate;
  protected readonly growing = computed(() => isGrowing(this.student().age));
  protected readonly injured = computed(() =>
    this.student().cautions.some(({ concern }) => concern === 'recent-injury'),
  );
  private readonly stopped = computed(() =>
    this.notes.all().some(({ what }) => what.kind === 'stop' && what.sign === firstSign),
  );

  protected has({ concern }: FirstQuestion): boolean {
    return concern === null ? this.stopped() : this.student().cautions.some((one) => one.concern === concern);
  }

  protected answer({ concern }: FirstQuestion, yes: boolean): void {
    const { cautions, id } = this.student();
    if (concern !== null) {
      const others = cautions.filter((one) => one.concern !== concern);
      this.file.change({ cautions: yes ? [...others, { concern, note: '', cleared: null }] : others });
      return;
    }
    if (!yes) return;
    const out = this.notes.note({
      studentId: id,
      exerciseId: null,
      foot: 'both',
      date: today(),
      what: { kind: 'stop', sign: firstSign },
      by: '',
    });
    this.toasts.offer(
      'Nothing is begun until a clinician has looked. Local rules come first.',
      'Take it back',
      out,
      12,
    );
  }

  protected done(): void {
    this.file.change({ asked: today() });
  }
}
