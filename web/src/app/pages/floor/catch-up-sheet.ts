import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { CatchUpFlow } from './catch-up-flow';

/** What gives way, before it does. */
@Component({
  selector: 'nw-catch-up',
  template: `
    @if (flow.offer(); as offer) {
      <h2>{{ offer.title }}</h2>
      <p role="status">{{ offer.words }}</p>
      <ul>
        @for (row of offer.rows; track row.id) {
          <li>
            <b>{{ row.name }}</b>
            <span class="delta">{{ row.delta }}</span>
            <small>{{ row.before }} → {{ row.after }}</small>
          </li>
        }
      </ul>
      <p class="do">
        @if (offer.takes) {
          <button type="button" class="quiet take" (click)="flow.take()">Do it</button>
        }
        <button type="button" class="quiet" (click)="flow.leave()">
          {{ offer.working ? 'Stop' : 'Leave it as it is' }}
        </button>
      </p>
    }
  `,
  styleUrl: './floor-quiet.scss',
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      max-height: 100%;
    }
    h2 {
      font-size: 1.5rem;
      margin: 0 0 4px;
    }
    p {
      margin: 0 0 8px;
    }
    ul {
      list-style: none;
      margin: 0 0 10px;
      padding: 0;
      overflow-y: auto;
      min-height: 0;
    }
    li {
      display: grid;
      grid-template-columns: 1fr auto;
      padding: 5px 0;
      border-top: 1px solid var(--nw-hem);
    }
    small {
      grid-column: 1 / -1;
      color: var(--nw-quiet);
      font-size: 1rem;
    }
    .delta {
      font-variant-numeric: tabular-nums;
    }
    .do {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin: 0;
    }
    .take {
      background: var(--nw-ink);
      color: var(--nw-linen);
      border-color: var(--nw-ink);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CatchUpSheet {
  protected readonly flow = inject(CatchUpFlow);
}
