import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** One bundled icon: a single path on a 24 by 24 grid. The control around it carries the name. */
@Component({
  selector: 'nw-icon',
  template:
    '<svg viewBox="0 0 24 24" aria-hidden="true" focusable="false"><path [attr.d]="path()" fill="currentColor" /></svg>',
  styles: `
    :host {
      display: inline-flex;
      width: 20px;
      height: 20px;
      flex: none;
      vertical-align: middle;
    }
    svg {
      width: 100%;
      height: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Icon {
  readonly path = input.required<string>();
}
