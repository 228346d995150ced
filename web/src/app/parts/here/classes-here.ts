import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { Here } from '../../data/class-packages';

/** Classes that were opened in this browser: they can be taught while the server does not answer. */
@Component({
  selector: 'nw-classes-here',
  imports: [MatButton, RouterLink],
  template: `
    @if (classes().length > 0) {
      <section aria-label="Classes in this browser">
        <h2>These can be taught from this browser all the same</h2>
        <ul>
          @for (one of classes(); track one.id) {
            <li>
              <span>{{ one.title }}</span> <small>{{ one.slotSeconds / 60 }} min</small>
              <a matButton="outlined" [routerLink]="['/class', one.id, 'floor']">To the floor</a>
              <a matButton [routerLink]="['/class', one.id, 'card']">Class card</a>
            </li>
          }
        </ul>
      </section>
    }
  `,
  styles: `
    section {
      max-width: 44rem;
      margin: 34px auto 0;
    }
    h2 {
      font-size: 1.2rem;
    }
    ul {
      list-style: none;
      margin: 6px 0 0;
      padding: 0;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 12px;
      padding: 8px 0;
      border-top: 1px solid var(--nw-hem);
    }
    span {
      flex: 1 1 14rem;
      font-weight: 650;
    }
    small {
      color: var(--nw-quiet);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassesHere {
  readonly classes = input.required<readonly Here[]>();
}
