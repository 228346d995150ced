import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ideas, redThread, tieWords, tiedTo } from '@core/idea';
import { IdeaId, type IdeaTie } from '@core/plan';
import { sayTime } from '@core/say-time';
import { viewWords } from '../../../parts/saying/fault-words';
import { type TrackRow, Tracks } from '../../../parts/tracks/tracks';
import { PlanStore } from '../../designer/plan-store';
import { Looked, share } from '../looked';

/** What a sentence of one's own can be about. */
const ties: readonly IdeaTie[] = [
  ...(['innerBall', 'outerBall', 'heel', 'bigToe', 'smallToes'] as const).flatMap((place): IdeaTie[] => [
    { kind: 'place', place, contact: 'press' },
    { kind: 'place', place, contact: 'lift' },
  ]),
  { kind: 'toes', toes: 'long' },
  { kind: 'toes', toes: 'spread' },
  { kind: 'toes', toes: 'curled' },
  { kind: 'midfoot', midfoot: 'lifted' },
  { kind: 'midfoot', midfoot: 'let-down' },
  { kind: 'edge', edge: 'even' },
  { kind: 'edge', edge: 'inner' },
  { kind: 'edge', edge: 'outer' },
];
const keyOf = (tie: IdeaTie): string => JSON.stringify(tie);
const partWords = { carries: 'carries it', opposes: 'asks the opposite', silent: 'about something else' } as const;

/** One idea through the class: which exercises carry it, which ask the opposite, where it breaks. Offered, never asked for. */
@Component({
  selector: 'nw-idea-view',
  imports: [MatButton, Tracks],
  templateUrl: './idea-view.html',
  styleUrls: ['../view.scss', './idea-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IdeaView {
  protected readonly store = inject(PlanStore);
  private readonly looked = inject(Looked);

  protected readonly thread = this.looked.thread;
  protected readonly sentence = computed(() => this.store.plan()?.brief.idea ?? '');
  protected readonly tie = computed(() => this.store.plan()?.brief.ideaTie ?? null);
  protected readonly choosing = signal(false);
  protected readonly totalMs = computed(() => this.store.timeline()?.totalMs ?? 0);

  /** What a sentence may be about, with what is chosen. */
  protected readonly ties = computed(() => {
    const now = this.tie();
    const listed = now?.kind === 'listed' ? [now] : [];
    return [...listed, ...ties].map((tie) => ({
      key: keyOf(tie),
      words: tieWords(tie),
      on: now !== null && keyOf(tie) === keyOf(now),
    }));
  });

  /** Each idea that comes with Needlework, by how much of this class carries it. */
  protected readonly offers = computed(() => {
    const [plan, timeline] = [this.store.plan(), this.store.timeline()];
    if (!plan || !timeline) return [];
    return IdeaId.options
      .map((id) => {
        const { sentence, name } = ideas[id];
        const tie: IdeaTie = { kind: 'listed', id };
        const thread = redThread({ ...plan, brief: { ...plan.brief, idea: sentence, ideaTie: tie } }, timeline);
        const against = thread?.items.filter(({ part }) => part === 'opposes').length ?? 0;
        const part = thread && thread.workMs > 0 ? thread.carriedMs / thread.workMs : 0;
        return { id, sentence, name, part, share: share(part, 1), against };
      })
      .sort((a, b) => b.part - a.part);
  });

  protected readonly sum = computed(() => {
    const thread = this.thread();
    if (!thread) return null;
    const count = (part: string) => thread.items.filter((item) => item.part === part).length;
    return {
      name: thread.idea.name,
      correction: thread.idea.watch.say,
      own: thread.items.some(({ watch }) => watch !== null),
      share: share(thread.carriedMs, thread.workMs),
      carries: count('carries'),
      opposes: count('opposes'),
      holds: thread.holds,
      breaks: thread.breaks.map(({ startMs, endMs, itemIds }) => ({
        key: startMs,
        words: `${sayTime(startMs)} to ${sayTime(endMs)}: ${itemIds.map((id) => this.looked.nameOf(id)).join(', ')}`,
      })),
    };
  });

  protected readonly rows = computed(() => {
    const [thread, timeline] = [this.thread(), this.store.timeline()];
    if (!thread || !timeline) return [];
    const times = new Map(timeline.items.map((item) => [item.itemId, item]));
    return thread.items.map((item) => ({
      ...item,
      name: this.looked.nameOf(item.itemId),
      at: sayTime(times.get(item.itemId)?.startMs ?? 0),
      words: partWords[item.part],
      where: item.phases.length > 0 && item.phases.length < 4 ? item.phases.join(', ') : '',
      watched: item.watch && { ...item.watch, view: viewWords(item.watch) },
    }));
  });
  protected readonly tracks = computed((): TrackRow[] => {
    const [thread, timeline] = [this.thread(), this.store.timeline()];
    if (!thread || !timeline) return [];
    const row = (part: 'carries' | 'opposes', name: string, weight: number): TrackRow => ({
      id: part,
      name,
      spans: timeline.items.flatMap(({ itemId, visits }) =>
        thread.items.some((item) => item.itemId === itemId && item.part === part)
          ? visits.map(({ startMs, endMs }) => ({ startMs, endMs, weight }))
          : [],
      ),
    });
    return [row('carries', 'carries it', 3), row('opposes', 'asks the opposite', 2)].filter(
      ({ spans }) => spans.length > 0,
    );
  });

  protected take(id: IdeaId): void {
    this.set(ideas[id].sentence, { kind: 'listed', id });
    this.choosing.set(false);
  }

  protected say(words: string): void {
    const said = words.trim().slice(0, 120);
    this.set(said, said === '' ? null : this.tie());
  }

  /** Ties the sentence to what it is about; without one, it is said as the tie says it. */
  protected about(key: string): void {
    const tie = ties.find((one) => keyOf(one) === key) ?? null;
    const words = this.sentence();
    this.set(words === '' && tie ? tiedTo(tie).sentence : words, tie);
  }

  protected leave(): void {
    this.set('', null);
  }

  private set(idea: string, ideaTie: IdeaTie | null): void {
    const brief = this.store.plan()?.brief;
    if (brief) this.store.do({ type: 'edit-class', change: { brief: { ...brief, idea, ideaTie } } });
  }
}
