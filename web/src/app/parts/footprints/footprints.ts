import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FootState, Phase } from '@core/exercise';
import { bothFeet } from '@core/footprint';
import type { Side } from '@core/plan';
import { Foot } from './foot';
import { contactWords, footWords } from './contact-words';

const roleWords: Readonly<Record<FootState['role'], string>> = {
  works: 'works',
  stands: 'stands',
  anchors: 'anchors',
  rests: 'rests',
};

/**
 * What both feet do in one phase: footprints seen from above, left on the left, or ankles where nothing bears weight.
 * The words beside the picture say the same.
 */
@Component({
  selector: 'nw-footprints',
  imports: [Foot],
  templateUrl: './footprints.html',
  styleUrl: './footprints.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Footprints {
  readonly phase = input.required<Phase>();
  /** The foot that works; both where the phase is the same for both. */
  readonly working = input.required<Side | 'both'>();
  readonly wide = input(false);
  /** What lies under the foot also in words below. */
  readonly told = input(true);

  protected readonly feet = computed(() => {
    const feet = bothFeet(this.phase(), this.working());
    return (['left', 'right'] as const).map((side) => {
      const state = feet[side];
      const works = state.role === 'works';
      return { side, state, works, role: roleWords[state.role] };
    });
  });
  protected readonly contacts = computed(() => contactWords(this.phase().working));
  protected readonly words = computed(() => footWords(this.phase().working).join(' · '));
  protected readonly meaning = computed(() =>
    this.feet()
      .map(
        ({ side, role, state }) =>
          `${side} ${role}: ${contactWords(state)
            .map((c) => `${c.places} ${c.verb}`)
            .join(', ')}`,
      )
      .join('; '),
  );
}
