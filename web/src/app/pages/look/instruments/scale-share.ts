import { ChangeDetectionStrategy, Component, inject, input, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Foot, shareOfBody } from '@core/measure';
import type { Student } from '@core/roster';
import { LookSession } from '../look-session';

/** The weight on a rolling foot from a bathroom scale, as a share of body weight. The body weight is not kept. */
@Component({
  selector: 'nw-scale-share',
  imports: [MatButton],
  template: `
    <h2>From a scale</h2>
    @if (student(); as student) {
      <p class="who">{{ name() }}</p>
      <label
        >body
        <input
          #body
          type="text"
          inputmode="decimal"
          maxlength="6"
          [value]="weight()"
          (input)="weight.set(body.value)"
        />
        kg</label
      >
      <label>scale <input #scale type="text" inputmode="decimal" maxlength="6" /> kg</label>
      <p class="go">
        @for (foot of session.feet(); track foot) {
          <button matButton="outlined" type="button" (click)="take(student, foot, scale)">{{ foot }}</button>
        }
      </p>
      <p class="said" role="status">{{ said() }}</p>
    } @else {
      <p class="quiet">Choose a row.</p>
    }
    <p class="quiet">The share is kept, the body weight is not.</p>
  `,
  styleUrl: './instrument.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScaleShare {
  protected readonly session = inject(LookSession);
  readonly student = input.required<Student | null>();
  readonly name = input.required<string>();
  /** Anew for each person. */
  protected readonly weight = linkedSignal({ source: () => this.student()?.id, computation: () => '' });
  protected readonly said = signal('');

  protected take(student: Student, foot: Foot, scale: HTMLInputElement): void {
    const number = (text: string) => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')));
    const share = shareOfBody(number(scale.value), number(this.weight()));
    if (share === null) {
      this.said.set('Both weights in kilograms, the scale no more than the body. Nothing was taken.');
      return;
    }
    const refused = this.session.addTrial(student.id, foot, share);
    this.said.set(refused ?? `${Math.round(share)} % of body weight, ${foot}.`);
    if (refused === null) scale.value = '';
    scale.focus();
  }
}
