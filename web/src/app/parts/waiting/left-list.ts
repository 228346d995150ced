import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LeftToSend, type WayOut } from '../../data/left-to-send';

const words: Readonly<Record<WayOut, string>> = {
  again: 'Try now',
  open: 'Look at it',
  'bring-back': 'Bring the class back and save',
  'own-class': 'Make it a class of its own',
  'throw-away': 'Throw it away',
};

/** What lies in this browser and not on the server yet; nothing where all of it is there. */
@Component({
  selector: 'nw-left-list',
  imports: [MatButton],
  template: `
    @if (left.lines().length > 0 || left.unreadable().length > 0) {
      <section aria-labelledby="left-title" role="status">
        <h2 id="left-title">Not on the server yet</h2>
        <ul>
          @for (line of left.lines(); track line.queue) {
            <li>
              <p>
                <span class="what">{{ line.what }}</span> <b>{{ line.name }}</b>
              </p>
              <p class="words">{{ line.words }}</p>
              <p class="ways">
                @for (way of line.ways; track way) {
                  <button matButton type="button" (click)="left.take(way, line)">{{ say[way] }}</button>
                }
              </p>
            </li>
          }
          @for (unread of left.unreadable(); track unread) {
            <li>
              <p class="words">{{ unread }}</p>
            </li>
          }
        </ul>
      </section>
    }
  `,
  styles: `
    section {
      margin: 0 0 22px;
      padding: 14px 18px 8px;
      background: var(--nw-cloth);
      border: 2px dashed var(--nw-madder);
      border-radius: var(--nw-corner);
    }
    h2 {
      font-size: 1.2rem;
      margin-bottom: 4px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li {
      display: grid;
      grid-template-columns: minmax(200px, 1fr) minmax(240px, 2fr) auto;
      gap: 2px 18px;
      align-items: baseline;
      padding: 6px 0;
    }
    li + li {
      border-top: 1px dashed var(--nw-hem);
    }
    p {
      margin: 0;
    }
    .what {
      margin-right: 6px;
      color: var(--nw-quiet);
    }
    @media (max-width: 860px) {
      li {
        grid-template-columns: 1fr;
      }
      .ways {
        margin-left: -12px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LeftList {
  protected readonly left = inject(LeftToSend);
  protected readonly say = words;
}
