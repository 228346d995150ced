import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  computed,
  inject,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { Sensation, isStop, sensationAnswers } from '@core/run';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';
import { RosterFlow } from './roster-flow';

/** Somebody feels something: one tap writes it down, without a name, and says what to do. */
@Component({
  selector: 'nw-sensations',
  template: `
    @if (told(); as sensation) {
      <header>
        <h2>{{ answers[sensation].name }}</h2>
        <button type="button" class="quiet" (click)="closed.emit()">Go on</button>
      </header>
      <p class="answer" [class.stop]="stops(sensation)" role="alert">{{ answers[sensation].words }}</p>
      @if (asksWho(sensation)) {
        <p class="label">who, if you want it in their own file</p>
        <p class="feet" role="group" aria-label="Which foot">
          @for (one of feet; track one) {
            <button type="button" class="quiet choice" [attr.aria-pressed]="foot() === one" (click)="on(one)">
              {{ one }}
            </button>
          }
        </p>
        <p class="names" role="group" aria-label="Who feels it">
          @for (student of roster.students(); track student.id) {
            <button
              type="button"
              class="quiet choice"
              [attr.aria-pressed]="who() === student.id"
              (click)="name(student.id, sensation)"
            >
              {{ student.called }}
            </button>
          }
        </p>
      }
      <p class="quietly">It stands in the log, without a name. The count goes on.</p>
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
    header {
      display: flex;
      align-items: start;
      justify-content: space-between;
      gap: 10px;
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
    .names,
    .feet {
      display: flex;
      flex-wrap: wrap;
      gap: 5px;
      margin: 0 0 8px;
    }
    .label {
      color: var(--nw-quiet);
      font-size: 0.95rem;
      margin: 8px 0 2px;
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

  protected readonly roster = inject(RosterFlow);
  protected readonly feet = ['left', 'right', 'both'] as const;
  /** The foot whose turn it is, until the teacher says another. */
  protected readonly foot = linkedSignal(computed(() => this.reading.foot()));
  protected readonly who = signal<string | null>(null);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private atMs = 0;

  /** A stop, or pain that takes a level back, is somebody's own. */
  protected asksWho(sensation: Sensation): boolean {
    return this.roster.students().length > 0 && (isStop(sensation) || sensation === 'pain-next-day');
  }

  protected tell(sensation: Sensation): void {
    this.store.act({ kind: 'sensed', itemId: this.reading.bout()?.itemId ?? null, sensation });
    this.atMs = this.store.state()?.sensed.at(-1)?.atMs ?? 0;
    this.told.set(sensation);
    // the list may have been scrolled; the answer is read from its first word
    if (this.host.nativeElement.parentElement) this.host.nativeElement.parentElement.scrollTop = 0;
  }

  protected on(foot: 'left' | 'right' | 'both'): void {
    this.foot.set(foot);
    const [who, sensation] = [this.who(), this.told()];
    if (who !== null && sensation) this.roster.feels(this.atMs, who, sensation, foot);
  }

  protected name(studentId: string, sensation: Sensation): void {
    const again = this.who() === studentId;
    this.who.set(again ? null : studentId);
    if (again) this.roster.forget(this.atMs);
    else this.roster.feels(this.atMs, studentId, sensation, this.foot());
  }
}
