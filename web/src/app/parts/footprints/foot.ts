import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FootState, Phase } from '@core/exercise';
import { type Shape, ankleDrawing, soleDrawing } from '@core/footprint';
import type { Side } from '@core/plan';

/**
 * One foot: its sole from above, or its ankle from the side or the front where nothing bears weight. Drawn as a right
 * foot; the left one is its mirror.
 */
@Component({
  selector: 'nw-foot',
  template: `
    <svg [attr.viewBox]="box()" [class]="picture()" aria-hidden="true">
      <g [attr.transform]="side() === 'left' ? 'translate(' + drawing().box.width + ' 0) scale(-1 1)' : null">
        @for (shape of drawing().shapes; track $index) {
          @switch (shape.is) {
            @case ('path') {
              <path [attr.class]="shape.shows" [attr.d]="shape.d" [attr.transform]="turned(shape)" />
            }
            @case ('ellipse') {
              <ellipse
                [attr.class]="shape.shows"
                [attr.cx]="shape.cx"
                [attr.cy]="shape.cy"
                [attr.rx]="shape.rx"
                [attr.ry]="shape.ry"
                [attr.transform]="turned(shape)"
              />
            }
            @case ('rect') {
              <rect
                [attr.class]="shape.shows"
                [attr.x]="shape.x"
                [attr.y]="shape.y"
                [attr.width]="shape.width"
                [attr.height]="shape.height"
                [attr.rx]="shape.round"
                [attr.transform]="turned(shape)"
              />
            }
          }
        }
      </g>
    </svg>
  `,
  styleUrl: './foot.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Foot {
  readonly side = input.required<Side>();
  readonly state = input.required<FootState>();
  readonly picture = input<Phase['picture']>('footprints');

  protected readonly drawing = computed(() =>
    this.picture() === 'footprints'
      ? soleDrawing(this.state())
      : ankleDrawing(this.state(), this.picture() === 'ankle-side' ? 'side' : 'front'),
  );
  protected readonly box = computed(() => {
    const { x, y, width, height } = this.drawing().box;
    return `${x} ${y} ${width} ${height}`;
  });
  protected readonly turned = ({ turns }: Shape): string | null =>
    turns.length === 0 ? null : turns.map(({ degrees, x, y }) => `rotate(${degrees} ${x} ${y})`).join(' ');
}
