import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { AtRest, Looked } from './looked';

/** Under the thread of a class: what it asks of feet, cupboard and eyes, its idea and its music, a few words each and a way in. */
@Component({
  selector: 'nw-through-links',
  imports: [RouterLink],
  providers: [AtRest, Looked],
  template: `
    <nav aria-label="Look through the class">
      @for (view of looked.views(); track view.id) {
        <a [routerLink]="['/class', id(), 'through', view.id]"
          ><b>{{ view.name }}</b> <span>{{ view.words }}</span></a
        >
      }
    </nav>
  `,
  styles: `
    nav {
      display: flex;
      gap: 2px 18px;
      overflow-x: auto;
      scrollbar-width: none;
      padding: 4px 2px 2px;
    }
    a {
      display: flex;
      align-items: baseline;
      gap: 6px;
      min-height: 28px;
      white-space: nowrap;
      color: var(--nw-quiet);
      text-decoration: none;
      border-bottom: 1px dashed var(--nw-hem-strong);
    }
    a:hover span {
      color: var(--nw-ink);
    }
    b {
      color: var(--nw-ink);
      font-weight: 600;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ThroughLinks {
  protected readonly looked = inject(Looked);
  readonly id = input.required<string>();
}
