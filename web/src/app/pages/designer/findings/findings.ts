import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Plan } from '@core/plan';
import type { Finding } from '@core/sequence';
import { costWords } from '../../../parts/saying/cost-words';
import { PlanStore } from '../plan-store';

const severityWords = { hard: 'Safety', soft: 'Order and load', note: 'To know' } as const;
const firstFew = 6;
/** More than so many to know are one line, also where there is nothing else. */
const fewNotes = 2;

/** What the review noticed: the reason, one step that mends it, or keep it so with a note. */
@Component({
  selector: 'nw-findings',
  imports: [MatButton, NgTemplateOutlet],
  template: `
    @for (finding of shown(); track finding.key) {
      <ng-container [ngTemplateOutlet]="one" [ngTemplateOutletContext]="{ $implicit: finding }" />
    } @empty {
      <p class="none">
        @if (accepted().length === 0) {
          Nothing to mend. The order, the sides and the room agree.
        } @else {
          Nothing but what you want so.
        }
      </p>
    }
    @if (more() > 0) {
      <button matButton type="button" (click)="all.set(true)">{{ more() }} more</button>
    }
    @if (notes().length > 0) {
      <details [open]="toMendCount() === 0 && notes().length <= fewNotes">
        <summary>{{ notes().length }} to know</summary>
        @for (finding of notes(); track finding.key) {
          <ng-container [ngTemplateOutlet]="one" [ngTemplateOutletContext]="{ $implicit: finding }" />
        }
      </details>
    }
    @if (accepted().length > 0) {
      <details>
        <summary>{{ accepted().length }} kept on purpose</summary>
        @for (finding of accepted(); track finding.key) {
          <p class="kept">
            {{ finding.words() }}
            @if (finding.accepted) {
              <i>“{{ finding.accepted }}”</i>
            }
            <button matButton type="button" (click)="reopen(finding)">Look at it again</button>
          </p>
        }
      </details>
    }
    <ng-template #one let-finding>
      <article [class.hard]="finding.severity === 'hard'">
        <p class="kind">{{ kindOf(finding) }}</p>
        <p class="words">
          <button type="button" class="plain" (click)="chosen.emit(finding.itemIds[0] ?? '')">
            {{ finding.words() }}
          </button>
        </p>
        <p class="reason">{{ finding.reason }}</p>
        @if (noting() === finding.key) {
          <div class="noting">
            <input
              #note
              aria-label="Why you want it so"
              placeholder="why (you may leave it empty)"
              maxlength="200"
              (keydown.enter)="accept(finding, note.value)"
              (keydown.escape)="noting.set(null)"
            />
            <button matButton type="button" (click)="accept(finding, note.value)">Keep it</button>
          </div>
        } @else {
          <div class="steps">
            @if (finding.mend(); as mend) {
              <button matButton="outlined" type="button" (click)="store.do(mend.command)">
                {{ mend.words }}{{ costOf(mend) }}
              </button>
            }
            <button matButton type="button" (click)="noting.set(finding.key)">I want it so</button>
          </div>
        }
      </article>
    </ng-template>
  `,
  styleUrl: './findings.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Findings {
  protected readonly store = inject(PlanStore);
  readonly plan = input.required<Plan>();
  readonly findings = input.required<readonly Finding[]>();
  readonly chosen = output<string>();

  protected readonly costOf = costWords;
  protected readonly fewNotes = fewNotes;
  protected readonly kindOf = (finding: Finding) => severityWords[finding.severity];
  protected readonly toMendCount = computed(() => this.toMend().length);
  protected readonly noting = signal<string | null>(null);
  protected readonly all = signal(false);
  private readonly open = computed(() => this.findings().filter((f) => f.accepted === null));
  private readonly toMend = computed(() => this.open().filter((f) => f.severity !== 'note'));
  protected readonly shown = computed(() => (this.all() ? this.toMend() : this.toMend().slice(0, firstFew)));
  protected readonly more = computed(() => this.toMend().length - this.shown().length);
  protected readonly notes = computed(() => this.open().filter((f) => f.severity === 'note'));
  protected readonly accepted = computed(() => this.findings().filter((f) => f.accepted !== null));

  protected accept(finding: Finding, note: string): void {
    const accepted = [
      ...(this.store.plan()?.accepted ?? []).filter((a) => a.finding !== finding.key),
      { finding: finding.key, note: note.trim() },
    ];
    if (this.store.do({ type: 'edit-class', change: { accepted } })) this.noting.set(null);
  }

  protected reopen(finding: Finding): void {
    const accepted = (this.store.plan()?.accepted ?? []).filter((a) => a.finding !== finding.key);
    this.store.do({ type: 'edit-class', change: { accepted } });
  }
}
