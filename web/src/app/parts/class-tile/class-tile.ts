import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { ClassSummary } from '@core/contract';
import { sayTime } from '@core/say-time';
import { ClassOutline } from '../thread/class-outline';

const audiences = { dancers: 'Dancers', general: 'General', mixed: 'Mixed' } as const;

/** How a class stands against its slot: "0:40 over of 10 min". */
export function againstSlot({ plannedMs, slotSeconds }: Pick<ClassSummary, 'plannedMs' | 'slotSeconds'>): {
  readonly over: boolean;
  readonly words: string;
} {
  const overMs = plannedMs - slotSeconds * 1000;
  return {
    over: overMs > 0,
    words: `${overMs > 0 ? `${sayTime(overMs)} over` : `${sayTime(-overMs)} free`} of ${slotSeconds / 60} min`,
  };
}

/** A class with its thread and how it stands; opens it. */
@Component({
  selector: 'nw-class-tile',
  imports: [ClassOutline, RouterLink],
  template: `
    <a [routerLink]="['/class', summary().id]">
      <span class="title">{{ summary().title }}</span>
      <span class="about">{{ about() }}</span>
      <nw-class-outline [summary]="summary()" />
      <span class="time"
        ><b [class.over]="against().over">{{ planned() }}</b>
        <span [class.over]="against().over">{{ against().words }}</span></span
      >
    </a>
  `,
  styles: `
    a {
      display: grid;
      gap: 3px;
      padding: 16px 18px 14px;
      color: inherit;
      text-decoration: none;
      border-radius: var(--nw-corner);
    }
    .title {
      font: 600 1.22rem/1.2 var(--nw-serif);
      min-height: 2.4em;
    }
    .about,
    .time {
      color: var(--nw-quiet);
    }
    nw-class-outline {
      margin: 8px 0;
    }
    b {
      font-size: 1.7rem;
      color: var(--nw-ink);
      margin-right: 6px;
    }
    .over,
    b.over {
      color: var(--nw-madder);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassTile {
  readonly summary = input.required<ClassSummary>();

  protected readonly planned = computed(() => sayTime(this.summary().plannedMs));
  protected readonly against = computed(() => againstSlot(this.summary()));
  protected readonly about = computed(() => {
    const { audience, itemCount } = this.summary();
    return `${audiences[audience]} · ${itemCount} ${itemCount === 1 ? 'item' : 'items'}`;
  });
}
