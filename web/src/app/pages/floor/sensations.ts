import { ChangeDetectionStrategy, Component, inject, output, signal } from '@angular/core';
import { Sensation, isStop, sensationAnswers } from '@core/run';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';

/** Somebody feels something: one tap writes it down, without a name, and says what to do. */
@Component({
  selector: 'nw-sensations',
  template: `
    @if (told(); as sensation) {
      <h2>{{ answers[sensation].name }}</h2>
      <p class="answer" [class.stop]="stops(sensation)" role="alert">{{ answers[sensation].words }}</p>
      <p class="quietly">It stands in the log, without a name. The count goes on.</p>
      <button type="button" class="quiet" (click)="closed.emit()">Go on</button>
    } @else {
      <h2>Somebody feels</h2>
      <ul>
        @for (sensation of all; track sensation) {
          <li>
            <button type="button" class="quiet" [class.stop]="stops(sensation)" (click)="tell(sensation)">
              {{ answers[sensation].name }}
            </button>
          </li>
        }
      </ul>
      <button type="button" class="quiet" (click)="closed.emit()">Nothing</button>
    }
  `,
  styleUrl: './floor-quiet.scss',
  styles: `
    :host {
      display: block;
    }
    h2 {
      font-size: 1.3rem;
      margin: 0 0 6px;
    }
    ul {
      list-style: none;
      margin: 0 0 8px;
      padding: 0;
      display: flex;
      flex-wrap: wrap;
      gap: 5px;
    }
    .quiet {
      padding: 2px 11px;
      min-height: 32px;
      font-size: 0.98rem;
      text-align: left;
    }
    .quiet.stop {
      border-color: var(--nw-madder);
    }
    .answer {
      font-size: 1.6rem;
      line-height: 1.25;
      margin: 0 0 10px;
    }
    .answer.stop {
      border-left: 4px solid var(--nw-madder);
      padding-left: 14px;
    }
    .quietly {
      color: var(--nw-quiet);
      font-size: 1.05rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sensations {
  private readonly store = inject(FloorStore);
  private readonly reading = inject(FloorReading);
  readonly closed = output();
  protected readonly all = Sensation.options;
  protected readonly answers = sensationAnswers;
  protected readonly stops = isStop;
  protected readonly told = signal<Sensation | null>(null);

  protected tell(sensation: Sensation): void {
    this.store.act({ kind: 'sensed', itemId: this.reading.bout()?.itemId ?? null, sensation });
    this.told.set(sensation);
  }
}
