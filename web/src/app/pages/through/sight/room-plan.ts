import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ClassRoom, RoomWall } from '@core/plan';
import type { ClassFacing, TeacherPlace } from '@core/sight';

interface Person {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}

const size = { w: 260, h: 212 };
const inside = { x0: 22, y0: 26, x1: 238, y1: 190 };
const middle = { x: (inside.x0 + inside.x1) / 2, y: (inside.y0 + inside.y1) / 2 };
const turns: Readonly<Record<RoomWall, number>> = { front: 0, right: 90, back: 180, left: 270 };
const walls: Readonly<Record<RoomWall, readonly [x1: number, y1: number, x2: number, y2: number]>> = {
  front: [inside.x0, inside.y0, inside.x1, inside.y0],
  back: [inside.x0, inside.y1, inside.x1, inside.y1],
  left: [inside.x0, inside.y0, inside.x0, inside.y1],
  right: [inside.x1, inside.y0, inside.x1, inside.y1],
};
const stands: Readonly<Record<TeacherPlace, readonly [x: number, y: number]>> = {
  front: [middle.x, inside.y0 + 20],
  back: [middle.x, inside.y1 - 18],
  left: [inside.x0 + 20, middle.y],
  right: [inside.x1 - 20, middle.y],
  centre: [middle.x, middle.y],
  outside: [inside.x1 - 18, inside.y1 - 18],
};

/** The room from above: who looks where, and where the teacher stands. Decoration: words beside it say the same. */
@Component({
  selector: 'nw-room-plan',
  template: `
    <svg [attr.viewBox]="'0 0 ' + size.w + ' ' + size.h" aria-hidden="true">
      <rect
        class="floor"
        [attr.x]="inside.x0"
        [attr.y]="inside.y0"
        [attr.width]="inside.x1 - inside.x0"
        [attr.height]="inside.y1 - inside.y0"
      />
      @if (mirror(); as line) {
        <line class="mirror" [attr.x1]="line[0]" [attr.y1]="line[1]" [attr.x2]="line[2]" [attr.y2]="line[3]" />
        <line class="glass" [attr.x1]="line[0]" [attr.y1]="line[1]" [attr.x2]="line[2]" [attr.y2]="line[3]" />
      }
      @if (wall(); as line) {
        <line class="held" [attr.x1]="line[0]" [attr.y1]="line[1]" [attr.x2]="line[2]" [attr.y2]="line[3]" />
      }
      <text [attr.x]="middle.x" y="16">front{{ room().mirror === 'front' ? ', mirror' : '' }}</text>
      @for (one of people(); track $index) {
        <g [attr.transform]="'translate(' + one.x + ' ' + one.y + ') rotate(' + one.turn + ')'">
          @if (chairs()) {
            <rect class="chair" x="-7" y="-21" width="14" height="9" rx="2" />
          }
          <path class="person" d="M0 -10L7 7Q0 3 -7 7Z" />
        </g>
      }
      @for (at of teachers(); track $index) {
        <g [attr.transform]="'translate(' + at.x + ' ' + at.y + ')'">
          <circle class="teacher" r="11" />
          <text class="who" y="4.5">{{ at.name }}</text>
        </g>
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      width: 100%;
      height: auto;
    }
    .floor {
      fill: var(--nw-cloth);
      stroke: var(--nw-hem-strong);
      stroke-width: 1.5;
    }
    .mirror {
      stroke: var(--nw-woad);
      stroke-width: 7;
    }
    .glass {
      stroke: var(--nw-cloth);
      stroke-width: 2;
      stroke-dasharray: 10 5;
    }
    .held {
      stroke: var(--nw-ink);
      stroke-width: 5;
      stroke-dasharray: 3 3;
    }
    text {
      font-size: 12.5px;
      fill: var(--nw-quiet);
      text-anchor: middle;
    }
    .person {
      fill: var(--nw-woad);
    }
    .chair {
      fill: none;
      stroke: var(--nw-hem-strong);
      stroke-width: 1.5;
    }
    .teacher {
      fill: var(--nw-madder);
      stroke: var(--nw-cloth);
      stroke-width: 2;
    }
    text.who {
      fill: var(--nw-cloth);
      font-weight: 700;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RoomPlan {
  readonly room = input.required<ClassRoom>();
  readonly facing = input.required<ClassFacing>();
  readonly places = input.required<readonly TeacherPlace[]>();
  /** They hold on to the wall, and stand along it. */
  readonly atWall = input(false);
  /** Each has a chair before them. */
  readonly chairs = input(false);
  /** They come along lanes, and back. */
  readonly lanes = input(false);

  protected readonly size = size;
  protected readonly inside = inside;
  protected readonly middle = middle;
  protected readonly mirror = computed(() => (this.room().mirror ? walls[this.room().mirror!] : null));
  protected readonly wall = computed(() => (this.room().wall ? walls[this.room().wall!] : null));
  protected readonly people = computed((): Person[] => {
    const facing = this.facing();
    if (this.lanes()) return lanesOf();
    if (facing === 'centre') return circle(8);
    return this.atWall() ? along(facing) : this.room().formation === 'circle' ? circle(8) : rowsOf(turns[facing]);
  });
  protected readonly teachers = computed(() =>
    this.places().map((place, i) => {
      const [x, y] = stands[place];
      // two at one place stand beside each other
      const beside = i > 0 && this.places()[0] === place ? 26 : 0;
      return { x: x + beside, y, name: this.places().length === 1 ? 'T' : String(i + 1) };
    }),
  );
}

const rowsOf = (turn: number): Person[] =>
  [0, 1, 2].flatMap((row) => [0, 1, 2, 3].map((at) => ({ x: 70 + at * 40, y: 76 + row * 34, turn })));

const circle = (count: number): Person[] =>
  Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * i) / count;
    const x = middle.x + 66 * Math.cos(angle);
    const y = middle.y + 54 * Math.sin(angle);
    return { x, y, turn: (Math.atan2(middle.y - y, middle.x - x) * 180) / Math.PI + 90 };
  });

function along(wall: RoomWall): Person[] {
  const [x1, y1, x2, y2] = walls[wall];
  const off = { front: [0, 22], back: [0, -22], left: [22, 0], right: [-22, 0] }[wall] as [number, number];
  return Array.from({ length: 5 }, (_, i) => ({
    x: x1 + ((x2 - x1) * (i + 1)) / 6 + off[0],
    y: y1 + ((y2 - y1) * (i + 1)) / 6 + off[1],
    turn: turns[wall],
  }));
}

const lanesOf = (): Person[] =>
  [70, 110, 150, 190].flatMap((x, lane) => [
    { x, y: lane % 2 === 0 ? 90 : 120, turn: lane % 2 === 0 ? 0 : 180 },
    { x, y: lane % 2 === 0 ? 140 : 74, turn: lane % 2 === 0 ? 0 : 180 },
  ]);
