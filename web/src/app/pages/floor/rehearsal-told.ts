import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { sayTime } from '@core/say-time';
import { FloorStore } from './floor-store';
import { SurpriseFlow } from './surprise-flow';

/** What a rehearsal with surprises came to, in words: landing, what gave way, what was owed, each surprise and its answer. */
@Component({
  selector: 'nw-rehearsal-told',
  imports: [MatButton],
  template: `
    @if (told(); as told) {
      <p>{{ told.landed }}</p>
      @if (told.answers.length > 0) {
        <h2>What happened</h2>
        <ul class="answers">
          @for (answer of told.answers; track answer.happened) {
            <li [class.well]="answer.well">
              <p class="words">
                <span class="at">{{ time(answer.happened.atMs) }}</span> {{ answer.happened.words }}
              </p>
              <p>
                <b>{{ answer.well ? 'Well answered.' : 'Next time.' }}</b> {{ answer.did }}
              </p>
              <p class="expected">{{ answer.expected }}</p>
            </li>
          }
        </ul>
      } @else {
        <p>You were through before anything happened.</p>
      }
      <h2>What gave way</h2>
      <ul>
        @for (line of gaveWay(); track line) {
          <li>{{ line }}</li>
        } @empty {
          <li>Nothing.</li>
        }
      </ul>
      <p class="small">
        Answers are common practice; local rules and what a clinician has said come first. Nothing of it stands in the
        log. This was room {{ surprises.seed() }}.
      </p>
      <p>
        <button matButton="filled" type="button" (click)="surprises.again('same')">The same room again</button>
        <button matButton type="button" (click)="surprises.again('other')">Another room</button>
        <button matButton type="button" (click)="store.undo()">Not over yet</button>
      </p>
    }
  `,
  styles: `
    h2 {
      font: 600 1.4rem/1.2 var(--nw-serif);
      margin: 22px 0 6px;
    }
    p {
      margin: 4px 0;
    }
    ul {
      margin: 0;
      padding-left: 20px;
    }
    .answers {
      list-style: none;
      padding: 0;
      display: grid;
      gap: 10px;
    }
    .answers li {
      background: var(--nw-cloth);
      border-radius: 10px;
      border-left: 5px solid var(--nw-madder);
      padding: 10px 18px;
    }
    .answers li.well {
      border-left-color: var(--nw-weld);
    }
    .at,
    .expected,
    .small {
      color: var(--nw-quiet);
    }
    .at {
      font-variant-numeric: tabular-nums;
      margin-right: 8px;
    }
    .words {
      font-size: 1.15em;
    }
    .small {
      font-size: 1rem;
      margin-top: 22px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RehearsalTold {
  protected readonly store = inject(FloorStore);
  protected readonly surprises = inject(SurpriseFlow);
  protected readonly told = this.surprises.told;
  protected readonly time = sayTime;
  protected readonly gaveWay = computed(() => this.told()?.gaveWay ?? []);
}
