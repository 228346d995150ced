import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type Protocol, minimalDetectableChange, unitWords } from '@core/measure';
import { drawings } from './practice';

/** How a check is taken, and what it can show. */
@Component({
  selector: 'nw-protocol-card',
  template: `
    <h2>How it is taken</h2>
    @if (drawing(); as drawing) {
      <img [src]="drawing.url" [alt]="drawing.words" width="800" height="520" />
    }
    <ol>
      @for (step of protocol().steps; track $index) {
        <li>{{ step }}</li>
      }
    </ol>
    @if (protocol().needs.length > 0) {
      <p class="needs">Needs: {{ protocol().needs.join(', ') }}.</p>
    }
    <p class="shows">{{ shows() }}</p>
  `,
  styles: `
    :host {
      display: block;
      position: sticky;
      top: 18px;
      padding: 14px 18px 8px;
      background: var(--nw-cloth);
      border: 1px solid var(--nw-hem);
      border-radius: var(--nw-corner);
    }
    h2 {
      font-size: 1.15rem;
    }
    img {
      display: block;
      width: 100%;
      max-width: 460px;
      height: auto;
      margin: 8px 0 0;
      border-radius: 8px;
    }
    ol {
      margin: 8px 0;
      padding-left: 1.2rem;
    }
    li {
      padding: 2px 0;
    }
    p {
      margin: 8px 0;
    }
    .needs,
    .shows {
      color: var(--nw-quiet);
    }
    @media (max-width: 980px) {
      :host {
        position: static;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProtocolCard {
  readonly protocol = input.required<Protocol>();

  protected readonly drawing = computed(() => {
    const { drawing } = this.protocol();
    return drawing && drawings[drawing];
  });
  protected readonly shows = computed(() => {
    const { result, judged } = this.protocol();
    if (!judged) return 'It is written down and not judged.';
    if (result.gives !== 'number')
      return 'One look in ten is taken to be wrong: an answer counts once it was seen twice running, and changes when another was seen three times running.';
    if (result.noise === null) return 'How much it scatters is not known yet.';
    const change = minimalDetectableChange(result.noise);
    const said =
      result.scale === 'raw'
        ? `${change.toFixed(result.step < 1 ? 1 : 0)}${result.unit === 'percent' ? ' points' : unitWords[result.unit].sign}`
        : `${Math.exp(change).toFixed(1)} times as much`;
    const whose =
      result.noiseFrom === 'published'
        ? 'published, from memory, to be confirmed'
        : result.noiseFrom === 'teacher'
          ? 'your own figure'
          : 'Needlework’s own estimate';
    return `Two readings must lie about ${said} apart before it can be more than noise (${whose}; your own readings widen or narrow it).`;
  });
}
