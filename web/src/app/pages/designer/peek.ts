import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { sayLength, sayTime } from '@core/say-time';
import { type Timeline, eventAt, leadOf, phaseAt } from '@core/timeline';
import { type Plan, findAny, findItem } from '@core/plan';
import { Footprints } from '../../parts/footprints/footprints';
import type { ThreadPoint } from '../../parts/thread/thread';

const width = 380;

/** What the feet do at the instant under the pointer, beside it. */
@Component({
  selector: 'nw-peek',
  imports: [Footprints],
  template: `
    @if (seen(); as it) {
      <div class="card" [style.left.px]="it.left" [style.top.px]="point().below + 6">
        <p>
          <b>{{ it.name }}</b> {{ it.words }}
        </p>
        @if (it.feet; as feet) {
          <nw-footprints [phase]="feet.phase" [working]="feet.working" />
        }
      </div>
    }
  `,
  styles: `
    .card {
      position: fixed;
      z-index: 5;
      width: 350px;
      background: var(--nw-cloth);
      border: 1px solid var(--nw-hem-strong);
      border-radius: 14px;
      padding: 10px 14px 12px;
      pointer-events: none;
    }
    p {
      margin: 0 0 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
})
export class Peek {
  readonly plan = input.required<Plan>();
  readonly timeline = input.required<Timeline>();
  readonly point = input.required<ThreadPoint>();

  protected readonly seen = computed(() => {
    const { ms, itemId, x } = this.point();
    const event = eventAt(this.timeline(), ms);
    const time = this.timeline().items.find((i) => i.itemId === itemId);
    const execution = time?.execution;
    const found = itemId === null ? null : findItem(this.plan(), itemId);
    const at = { left: Math.max(8, Math.min(x - width / 2, window.innerWidth - width - 8)) };
    const talk = itemId === null ? undefined : findAny(this.plan(), itemId)?.item;
    if (talk?.kind === 'talk') {
      return {
        ...at,
        name: talk.name,
        words: `${sayTime(ms)} · talk of ${sayLength(time?.totalMs ?? 0)}`,
        feet: null,
      };
    }
    if (!event || !execution || !found) return null;
    const phase = execution.phases[phaseAt(event, ms, execution.phaseSeconds)?.index ?? 0];
    if (!phase) return null;
    const count = event.count ? `${event.count.unit} of ${event.count.units}` : '';
    const working =
      event.feet === 'left' || event.feet === 'right'
        ? event.feet
        : execution.sidePattern === 'each'
          ? leadOf(this.plan(), found.item)
          : ('both' as const);
    return {
      ...at,
      name: execution.exercise.name[this.plan().school.words],
      words: [sayTime(ms), event.activity === 'work' ? `${phase.name} ${count}` : event.kind.replaceAll('-', ' ')].join(
        ' · ',
      ),
      feet: { phase, working },
    };
  });
}
