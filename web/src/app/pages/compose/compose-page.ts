import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { type Proposal, classFrom } from '@core/compose';
import { GroupTaughtFile } from '../../data/group-taught-file';
import { LadderFile } from '../../data/ladder-file';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { NewClass } from '../../data/new-class';
import { newId } from '../../data/new-id';
import { PeopleList } from '../../data/people-list';
import { Preferences } from '../../data/preferences';
import { Readings } from '../../data/readings';
import { Loading } from '../../parts/loading/loading';
import { BriefSentence } from '../../parts/brief/brief-sentence';
import { TopBar } from '../../parts/top/top-bar';
import { ComposeFlow } from './compose-flow';
import { shownProposal } from './compose-words';
import { KnownStream } from './known-stream';
import { ProposalCard } from './proposal-card';

/** A class from a brief: the sentence, and three classes that come of it. */
@Component({
  selector: 'nw-compose-page',
  imports: [BriefSentence, Loading, MatButton, MatProgressBar, ProposalCard, TopBar],
  providers: [ComposeFlow, GroupTaughtFile, KnownStream, LadderFile, LadderNotes, PeopleList, Readings],
  templateUrl: './compose-page.html',
  styleUrl: './compose-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ComposePage {
  protected readonly flow = inject(ComposeFlow);
  protected readonly library = inject(LibraryStore);
  protected readonly preferences = inject(Preferences);
  private readonly made = inject(NewClass);

  protected readonly shown = computed(() => {
    const byRevision = new Map((this.library.exercises() ?? []).map((r) => [r.revision, r.exercise] as const));
    return this.flow.slots().map((slot) => ({
      ...shownProposal(slot.now, (revision) => byRevision.get(revision) ?? null),
      changed: slot.before !== null,
    }));
  });
  protected readonly busyAt = computed(() => {
    const asked = this.flow.working()?.asked;
    return asked?.kind === 'change' ? asked.at : null;
  });

  constructor() {
    this.library.load();
    this.preferences.load();
  }

  protected open(proposal: Proposal): void {
    void this.made.open(classFrom(proposal, newId()));
  }
}
