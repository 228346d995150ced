import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatTooltip } from '@angular/material/tooltip';
import { mdiSwapHorizontal } from '@mdi/js';
import type { FocusFamily } from '@core/compose';
import { Icon } from '../../parts/icon/icon';
import { ClassOutline } from '../../parts/thread/class-outline';
import { Word } from '../../parts/word/word';
import type { ShownProposal } from './compose-words';

/** One proposal: its thread, its exercises with their reasons, and what may be asked of it. */
@Component({
  selector: 'nw-proposal-card',
  imports: [ClassOutline, Icon, MatButton, MatIconButton, MatProgressBar, MatTooltip, Word],
  templateUrl: './proposal-card.html',
  styleUrl: './proposal-card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProposalCard {
  readonly shown = input.required<ShownProposal & { readonly changed: boolean }>();
  readonly busy = input(false);
  readonly opened = output();
  readonly another = output();
  readonly back = output();
  /** The exercise that is to be another one. */
  readonly swapped = output<string>();
  readonly moreOf = output<FocusFamily>();

  protected readonly icons = { swap: mdiSwapHorizontal };
}
