import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { auditTime } from 'rxjs';
import { nameOf } from '@core/card';
import { kitLines } from '@core/cupboard';
import { redThread } from '@core/idea';
import { kitNames } from '@core/kit';
import { busier, classLoad } from '@core/load';
import { classMusic } from '@core/music';
import { sightOf } from '@core/sight';
import { shortKit } from '@core/timeline';
import { PlanStore } from '../designer/plan-store';
import { CupboardStore } from './cupboard-store';

/** The class as it was when the hand last rested: for what stands beside an edit and must not hold it up. */
@Injectable()
export class AtRest {
  readonly plan = toSignal(inject(PlanStore).plan$.pipe(auditTime(120)), { initialValue: null });
}

/** The five ways of looking through a class, each worked out once for whoever shows it. */
@Injectable()
export class Looked {
  private readonly store = inject(PlanStore);
  private readonly cupboard = inject(CupboardStore, { optional: true });
  private readonly atRest = inject(AtRest, { optional: true });

  private readonly timed = computed(() => {
    if (this.atRest) {
      const plan = this.atRest.plan();
      return plan && { plan, timeline: this.store.timelineOf(plan) };
    }
    const [plan, timeline] = [this.store.plan(), this.store.timeline()];
    return plan && timeline ? { plan, timeline } : null;
  });
  readonly load = computed(() => {
    const timed = this.timed();
    return timed && classLoad(timed.timeline);
  });
  readonly kit = computed(() => {
    const timed = this.timed();
    return timed ? kitLines(timed.plan, timed.timeline) : [];
  });
  readonly sight = computed(() => {
    const timed = this.timed();
    return timed && sightOf(timed.plan, timed.timeline);
  });
  readonly thread = computed(() => {
    const timed = this.timed();
    return timed && redThread(timed.plan, timed.timeline);
  });
  readonly music = computed(() => {
    const timed = this.timed();
    return timed && classMusic(timed.plan, timed.timeline);
  });

  /** What an item is called in this class. */
  nameOf(itemId: string): string {
    const timed = this.timed();
    const time = timed?.timeline.items.find((item) => item.itemId === itemId);
    return timed && time ? nameOf(timed.plan, time) : '';
  }

  /** The five in a word or two each. */
  readonly views = computed(() => [
    { id: 'load', name: 'Load', words: this.loadWords() },
    { id: 'kit', name: 'Kit', words: this.kitWords() },
    { id: 'sight', name: 'Sight', words: this.sightWords() },
    { id: 'idea', name: 'Idea', words: this.ideaWords() },
    { id: 'music', name: 'Music', words: this.musicWords() },
  ]);

  private loadWords(): string {
    const load = this.load();
    if (!load) return '';
    const [rises, landings] = [busier(load.rises), busier(load.landings)];
    const words = [rises > 0 ? `${rises} rises` : '', landings > 0 ? `${landings} landings` : ''].filter(
      (said) => said !== '',
    );
    return words.length === 0 ? 'no rises, no landings' : `${words.join(', ')} a foot`;
  }

  private kitWords(): string {
    const lines = this.kit().filter(({ fixed }) => !fixed);
    const short = this.short();
    if (lines.length === 0) return 'none';
    const named = lines
      .slice(0, 2)
      .map(({ kit, count }) => (count === null ? kitNames[kit] : `${count} × ${kitNames[kit]}`));
    const more = lines.length > 2 ? ` and ${lines.length - 2} more` : '';
    return `${named.join(', ')}${more}${short > 0 ? `; ${short} too few` : ''}`;
  }

  /** Pieces there are too few of: as the worker found, else by what was counted. */
  private short(): number {
    const timed = this.timed();
    const found = this.cupboard?.answer();
    if (found || !timed) return found?.short.length ?? 0;
    const { brief } = timed.plan;
    const kinds = timed.timeline.items.flatMap(({ execution }) => (execution && shortKit(execution, brief)?.kit) ?? []);
    return new Set(kinds).size;
  }

  private sightWords(): string {
    const sight = this.sight();
    if (!sight) return '';
    const blind = sight.items.filter(({ watched }) => watched[0]?.seen === 0).length;
    const turns = sight.turnRounds === 1 ? '1 turn-round' : `${sight.turnRounds} turn-rounds`;
    return blind === 0 ? turns : `${turns}, ${blind} unseen`;
  }

  private ideaWords(): string {
    const plan = this.timed()?.plan;
    const thread = this.thread();
    if (!plan || plan.brief.idea === '') return 'none';
    if (!thread) return 'cannot be followed yet';
    return thread.workMs === 0 ? thread.idea.name : `${thread.idea.name}, ${share(thread.carriedMs, thread.workMs)}`;
  }

  private musicWords(): string {
    const music = this.music();
    const counted = music?.items.length ?? 0;
    if (!music || (counted === 0 && music.pieces.length === 0)) return 'none';
    const pieces =
      music.pieces.length === 0 ? '' : `${music.pieces.length} ${music.pieces.length === 1 ? 'piece' : 'pieces'}, `;
    return `${pieces}${counted} to counts`;
  }
}

/** A share in words. */
export const share = (part: number, whole: number): string => `${whole === 0 ? 0 : Math.round((100 * part) / whole)} %`;
