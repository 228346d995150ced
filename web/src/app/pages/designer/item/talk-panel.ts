import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { tooLongIn } from '@core/cues';
import { sayableSeconds } from '@core/dose';
import type { TalkItem } from '@core/plan';
import { usualSpeakingRate } from '@core/speaking';
import { NumberField } from '../../../parts/dose/number-field';
import { TooLongWords } from '../../../parts/saying/too-long';
import { PlanStore } from '../plan-store';

/** Talk or a pause that stands on its own in the class: what it is called, how long, what there is to say. */
@Component({
  selector: 'nw-talk-panel',
  imports: [MatFormField, MatInput, MatLabel, NumberField, TooLongWords],
  template: `
    <header>
      <h2>{{ talk().name }}</h2>
      <p class="quiet">Talk or a pause of its own. On the floor it counts up and ends when you tap.</p>
    </header>
    <p class="length">
      The plan counts
      <nw-number
        label="seconds of talk"
        unit="s"
        [value]="talk().seconds"
        [scale]="seconds"
        (changed)="edit({ seconds: $event })"
      />
      for it.
    </p>
    <mat-form-field subscriptSizing="dynamic">
      <mat-label>What it is called</mat-label>
      <input matInput maxlength="60" #name [value]="talk().name" (change)="rename(name)" />
    </mat-form-field>
    <mat-form-field subscriptSizing="dynamic">
      <mat-label>What there is to say</mat-label>
      <textarea
        matInput
        rows="4"
        maxlength="500"
        #note
        [value]="talk().note"
        (change)="edit({ note: note.value })"
      ></textarea>
    </mat-form-field>
    @for (found of tooLong(); track found.words) {
      <nw-too-long
        [found]="found"
        [wordsPerMinute]="rate()"
        (shortened)="edit({ note: $event })"
        (lengthened)="edit({ seconds: talk().seconds + $event })"
      />
    }
  `,
  styles: `
    :host {
      display: grid;
      gap: 14px;
    }
    h2 {
      font-size: 1.3rem;
    }
    p {
      margin: 0;
    }
    .quiet {
      color: var(--nw-quiet);
      margin-top: 3px;
      font-size: 0.92rem;
    }
    .length {
      line-height: 2.2;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TalkPanel {
  private readonly store = inject(PlanStore);
  readonly talk = input.required<TalkItem>();
  protected readonly rate = computed(() => this.store.plan()?.pace.speakingWordsPerMinute ?? usualSpeakingRate);
  protected readonly tooLong = computed(() => {
    const script = this.store.script();
    return script ? tooLongIn(script, this.talk().id) : [];
  });
  protected readonly seconds = sayableSeconds.filter((s) => s >= 5);

  protected edit(change: Partial<Pick<TalkItem, 'name' | 'seconds' | 'note'>>): void {
    this.store.do({ type: 'edit-talk', itemId: this.talk().id, change });
  }

  /** Talk is always called something: without a name it keeps the one it had. */
  protected rename(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name !== '') this.edit({ name });
    field.value = this.talk().name;
  }
}
