import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { eightsWords, phraseFor, tempoFor, tempoLimits, tempoOf } from '@core/music';
import { type Music, type Piece, type PlanCommand, itemsOf } from '@core/plan';
import { sayLength, sayTime } from '@core/say-time';
import { type ProvedMend, musicRuleIds } from '@core/sequence';
import { newId } from '../../../data/new-id';
import { NumberField } from '../../../parts/dose/number-field';
import { TonePlayer } from '../../floor/tone-player';
import { PlanStore } from '../../designer/plan-store';
import { ReviewStream } from '../../designer/review-stream';
import { costWords } from '../../../parts/saying/cost-words';
import { Looked } from '../looked';
import { Metronome } from './metronome';

const tempos = [
  40, 50, 60, 66, 72, 76, 80, 84, 88, 92, 96, 100, 104, 108, 112, 116, 120, 126, 132, 138, 144, 152, 160, 176, 200,
];

/** The music of a class: counts in eights, pieces with their length, what stands on which, a tempo that is tapped. */
@Component({
  selector: 'nw-music-view',
  imports: [MatButton, NumberField],
  providers: [TonePlayer, Metronome],
  templateUrl: './music-view.html',
  styleUrls: ['../view.scss', './music-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MusicView {
  protected readonly store = inject(PlanStore);
  protected readonly metronome = inject(Metronome);
  private readonly looked = inject(Looked);
  private readonly reviewed = inject(ReviewStream);

  protected readonly tempos = tempos;
  protected readonly limits = tempoLimits;
  protected readonly counts = [4, 8, 12, 16, 20, 24, 28, 32, 40, 48, 56, 64, 72, 80, 96, 128];
  protected readonly seconds = Array.from({ length: 60 }, (_, i) => 5 * (i + 1));
  protected readonly music = computed((): Music => this.store.plan()?.music ?? { countIn: 0, pieces: [] });

  protected readonly pieces = computed(() =>
    (this.looked.music()?.pieces ?? []).map((use) => ({
      ...use,
      length: sayTime(use.piece.seconds * 1000),
      takes: sayTime(use.takesMs),
      out: use.leftMs < 0,
      left: use.leftMs < 0 ? `over ${sayLength(-use.leftMs)} too soon` : `${sayLength(use.leftMs)} left`,
      names: use.itemIds.map((id) => this.looked.nameOf(id)).join(', '),
    })),
  );
  protected readonly items = computed(() =>
    (this.looked.music()?.items ?? []).map((item) => ({
      ...item,
      mends: this.mendsOf(item.itemId),
      name: this.looked.nameOf(item.itemId),
      pieceId: item.piece?.id ?? '',
      takes: sayTime(item.workMs),
    })),
  );

  /** What the review proved would help an item with its music. */
  private mendsOf(itemId: string): ProvedMend[] {
    return this.reviewed
      .findings()
      .filter(({ rule, itemIds }) => musicRuleIds.includes(rule) && itemIds.includes(itemId))
      .flatMap((finding) => finding.mend() ?? []);
  }
  protected readonly costOf = costWords;

  /** Instants of taps, ms. */
  private readonly taps = signal<readonly number[]>([]);
  protected readonly tapped = computed(() => tempoOf(this.taps()));
  protected readonly tapWords = computed(() => {
    const tapped = this.tapped();
    const many = this.taps().length;
    if (!tapped) return many === 0 ? '' : 'go on …';
    return tapped.steady
      ? `${tapped.beatsPerMinute} a minute`
      : `about ${tapped.beatsPerMinute}; go on, not steady yet`;
  });

  /** The piece that is being written down. */
  protected readonly title = signal('');
  protected readonly beats = signal(96);
  protected readonly minutes = signal('3:00');
  protected readonly problem = signal('');

  /** The two ways round: counts and seconds give a tempo; a tempo and seconds give eights. */
  protected readonly some = signal(32);
  protected readonly within = signal(20);
  protected readonly tempoFound = computed(() => {
    const found = tempoFor(this.some(), this.within() * 1000);
    return found
      ? `${found.beatsPerMinute} a minute: ${(found.ms / 1000).toFixed(1)} s`
      : 'no tempo between 30 and 240 comes within half a second';
  });
  protected readonly phraseFound = computed(() => {
    const found = phraseFor(this.within() * 1000, this.beats());
    return `${eightsWords(8 * found.eights)}: ${(found.ms / 1000).toFixed(1)} s`;
  });
  protected readonly someWords = computed(() => eightsWords(this.some()));

  protected tap(at: number): void {
    this.taps.update((before) => [...before, at].slice(-40));
    const tapped = this.tapped();
    if (tapped) this.beats.set(tapped.beatsPerMinute);
  }

  protected tapAnew(): void {
    this.taps.set([]);
  }

  protected tick(): void {
    if (this.metronome.tempo() === null) this.metronome.start(this.beats());
    else this.metronome.stop();
  }

  protected setBeats(value: string): void {
    const read = Number(value);
    if (!Number.isInteger(read) || read < tempoLimits.least || read > tempoLimits.most) {
      this.problem.set(
        `A tempo is a whole number from ${tempoLimits.least} to ${tempoLimits.most} beats a minute; ${value || 'nothing'} is none.`,
      );
      return;
    }
    this.problem.set('');
    this.beats.set(read);
    if (this.metronome.tempo() !== null) this.metronome.start(read);
  }

  protected add(): void {
    const seconds = secondsOf(this.minutes());
    const title = this.title().trim();
    if (title === '') return this.problem.set('A piece needs its title.');
    if (seconds === null)
      return this.problem.set('How long it plays is minutes and seconds, as 3:20, from 0:05 to 60:00.');
    const piece: Piece = { id: newId(), title: title.slice(0, 80), beatsPerMinute: this.beats(), seconds };
    if (this.setMusic({ pieces: [...this.music().pieces, piece] })) {
      this.problem.set('');
      this.title.set('');
    }
  }

  protected rename(piece: Piece, title: string): void {
    if (title.trim() !== '') this.change({ ...piece, title: title.trim().slice(0, 80) });
  }

  protected retime(piece: Piece, words: string): void {
    const seconds = secondsOf(words);
    if (seconds === null) this.problem.set('How long it plays is minutes and seconds, as 3:20, from 0:05 to 60:00.');
    else this.change({ ...piece, seconds });
  }

  protected retempo(piece: Piece, beatsPerMinute: number): void {
    this.change({ ...piece, beatsPerMinute });
  }

  /** Takes a piece out; what stood on it goes on without. */
  protected remove(piece: Piece): void {
    const plan = this.store.plan();
    if (!plan) return;
    const commands: Exclude<PlanCommand, { type: 'together' }>[] = itemsOf(plan)
      .filter((item) => item.piece === piece.id)
      .map(({ id }) => ({ type: 'edit-item', itemId: id, change: { piece: null } }));
    const pieces = this.music().pieces.filter(({ id }) => id !== piece.id);
    commands.push({ type: 'edit-class', change: { music: { ...this.music(), pieces } } });
    this.store.doAndOffer({ type: 'together', commands }, `“${piece.title}” is out of the class.`, 'Bring it back');
  }

  protected setPiece(itemId: string, pieceId: string): void {
    this.store.do({ type: 'edit-item', itemId, change: { piece: pieceId === '' ? null : pieceId } });
  }

  protected countIn(value: string): void {
    this.setMusic({ countIn: value === '8' ? 8 : value === '4' ? 4 : 0 });
  }

  private change(piece: Piece): void {
    this.problem.set('');
    this.setMusic({ pieces: this.music().pieces.map((one) => (one.id === piece.id ? piece : one)) });
  }

  private setMusic(change: Partial<Music>): boolean {
    return this.store.do({ type: 'edit-class', change: { music: { ...this.music(), ...change } } });
  }
}

/** “3:20” or “200” in seconds; null where it is none, or no length that music has. */
function secondsOf(words: string): number | null {
  const read = /^\s*(?:(\d{1,2}):)?(\d{1,4})\s*$/.exec(words);
  if (!read) return null;
  const seconds = Number(read[1] ?? 0) * 60 + Number(read[2]);
  return (read[1] !== undefined && Number(read[2]) > 59) || seconds < 5 || seconds > 3600 ? null : seconds;
}
