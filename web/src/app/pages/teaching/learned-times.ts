import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Loading } from '../../parts/loading/loading';
import { LearnedFlow } from './learned-flow';

/** What taught classes say of the teacher's figures: offered with what it would change, never taken by itself. */
@Component({
  selector: 'nw-learned-times',
  imports: [Loading, MatButton],
  providers: [LearnedFlow],
  template: `
    <h2 id="learned">What my classes say</h2>
    <nw-loading [of]="flow.found()" wait="Reading the log …" failed="The log cannot be read" (again)="flow.load()" />
    @if (flow.found().value; as learned) {
      @if (learned.classes < 3) {
        <p>
          After three taught classes your own times are offered here, set against the figures below. So far
          {{ learned.classes === 0 ? 'none is' : learned.classes === 1 ? 'one is' : 'two are' }} in the log.
        </p>
      } @else {
        <p>
          From the last {{ learned.classes }} classes: how many times as long as your figures each thing took, by the
          middle one of all, so that a torn band or a forgotten tablet counts for nothing.
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Took</th>
              <th scope="col">Seen</th>
            </tr>
          </thead>
          <tbody>
            @for (row of flow.groups(); track row.group) {
              <tr>
                <th scope="row">{{ row.name }}</th>
                <td [class.longer]="row.longer" [class.shorter]="row.shorter">{{ row.seen }}</td>
                <td>{{ row.stretches }} times</td>
              </tr>
            }
          </tbody>
        </table>
        @if (!learned.holds) {
          <p>
            <b>Your figures stay.</b> Tried on classes left out, they tell how long a class takes as well as the log
            does.
          </p>
        }
        @if (flow.figures().length > 0) {
          <p class="then">{{ flow.then() }}</p>
          <details>
            <summary>The figures that would change: {{ flow.figures().length }}</summary>
            <ul>
              @for (figure of flow.figures(); track figure.key) {
                <li>{{ figure.label }}: {{ figure.words }}</li>
              }
            </ul>
          </details>
          <p>
            <button matButton="filled" type="button" (click)="flow.use()">
              {{ learned.holds ? 'Use my times' : 'Use how far I stray' }}
            </button>
          </p>
        } @else {
          <p><b>Your figures are what the log says.</b></p>
        }
      }
    }
  `,
  styles: `
    :host {
      display: block;
      max-width: 62rem;
    }
    table {
      border-collapse: collapse;
      margin: 6px 0 12px;
    }
    th,
    td {
      text-align: left;
      padding: 4px 28px 4px 0;
      font-weight: 400;
      border-bottom: 1px dashed var(--nw-hem);
    }
    thead th {
      color: var(--nw-quiet);
      font-size: 0.88rem;
    }
    td {
      font-variant-numeric: tabular-nums;
    }
    .longer,
    .shorter {
      font-weight: 700;
    }
    .longer {
      color: var(--nw-madder);
    }
    .then {
      border-left: 4px solid var(--nw-woad);
      padding-left: 12px;
    }
    summary {
      cursor: pointer;
      width: fit-content;
      padding: 6px 0;
    }
    ul {
      margin: 4px 0;
      padding-left: 20px;
      columns: 2;
    }
    @media (max-width: 640px) {
      ul {
        columns: 1;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LearnedTimes {
  protected readonly flow = inject(LearnedFlow);

  constructor() {
    this.flow.load();
  }
}
