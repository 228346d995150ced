import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, catchError, debounceTime, map, of, skip, startWith, switchMap, tap } from 'rxjs';
import { deepEqual } from 'fast-equals';
import * as z from 'zod';
import {
  ComposeBrief,
  type ComposeRequest,
  type Composed,
  type FocusFamily,
  type Proposal,
  isBreak,
  usualBrief,
} from '@core/compose';
import type { Concern } from '@core/exercise';
import { itemsOf, otherSide } from '@core/plan';
import { roomOf } from '@core/roster';
import { readStored } from '@core/stored';
import { BrowserStore } from '../../data/browser-store';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { Preferences } from '../../data/preferences';
import { HeavyWork } from '../../worker/heavy-work';
import { KnownStream } from './known-stream';

/** What is being worked out: all three, one more, or one in the place of another. */
type Asked =
  | { readonly kind: 'all'; readonly brief: ComposeBrief; readonly seed: number }
  | { readonly kind: 'another'; readonly like: Slot }
  | { readonly kind: 'change'; readonly at: number; readonly slot: Slot; readonly change: Partial<ComposeRequest> };

interface Work {
  readonly asked: Asked;
  readonly done: number;
  readonly failed: boolean;
}

/** A proposal, the brief it was made for, and what it was before it was changed. */
export interface Slot {
  readonly now: Proposal;
  readonly brief: ComposeBrief;
  /** Exercises that were sent away: they do not come back by themselves. */
  readonly refused: readonly string[];
  readonly before: Slot | null;
}

/** Three that stood here, and what came with them. */
interface Three {
  readonly slots: readonly Slot[];
  readonly composed: Composed;
  readonly brief: ComposeBrief;
  readonly seed: number;
}

/** Exercises of a proposal that are work. */
const idsOf = (proposal: Proposal): string[] => [
  ...new Set(itemsOf(proposal.plan).flatMap(({ recheck, exerciseId }) => (recheck ? [] : [exerciseId]))),
];
/** Per cent that "more of this" adds. */
const more = 15;
/** Threes that can be gone back to. */
const mostEarlier = 10;
const briefKey = 'brief';
const KeptBrief = z.strictObject({ format: z.literal(0), brief: ComposeBrief });

/** A brief on this page, and the classes that come of it. */
@Injectable()
export class ComposeFlow {
  private readonly heavy = inject(HeavyWork);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly store = inject(BrowserStore);
  readonly known = inject(KnownStream);
  private readonly notes = inject(LadderNotes);
  private readonly asked$ = new Subject<Asked | null>();
  /** How often something other than three was asked for. */
  private turns = 0;

  readonly brief = signal<ComposeBrief>(usualBrief);
  private readonly groupId = computed(() => this.brief().groupId);
  readonly slots = signal<readonly Slot[]>([]);
  readonly composed = signal<Composed | null>(null);
  /** What the three that stand here were asked for, and those that stood here before. */
  private readonly three = signal<Pick<Three, 'brief' | 'seed'> | null>(null);
  private readonly earlier = signal<readonly Three[]>([]);
  readonly hasEarlier = computed(() => this.earlier().length > 0);
  /** What stands here is for another brief than the one above it. */
  readonly isOutdated = computed(() => {
    const three = this.three();
    return three !== null && !deepEqual(three.brief, this.brief());
  });
  /** Said where something else was asked for and there is nothing. */
  readonly told = signal('');

  /** A group was just chosen: how many come and what they have is taken from their files once those are here. */
  private readonly chosen = signal(false);
  /** What came into the sentence from a group's files: it goes with that group. What was said by hand stays. */
  private fromFiles: readonly Concern[] = [];
  /** What is being worked out, or could not be; null while nothing is. */
  readonly work = toSignal(
    this.asked$.pipe(
      switchMap((asked): Observable<Work | null> => {
        const request = asked && this.requestFor(asked);
        if (!request) return of(null);
        return this.heavy.run({ kind: 'compose', asked: request }).pipe(
          tap(({ result }) => result && this.take(asked, result)),
          map(({ done, result }): Work | null => (result ? null : { asked, done, failed: false })),
          catchError(() => of({ asked, done: 0, failed: true })),
          startWith({ asked, done: 0, failed: false }),
        );
      }),
    ),
    { initialValue: null },
  );
  readonly working = computed(() => {
    const work = this.work();
    return work && !work.failed ? work : null;
  });

  readonly ready = computed(() => (this.library.exercises()?.length ?? 0) > 0 && !this.known.isWaiting());

  constructor() {
    void this.store
      .find(briefKey, 'The brief', (stored) => readStored(KeptBrief, [], stored))
      .then((kept) => {
        if (kept?.value && this.brief() === usualBrief) this.brief.set(kept.value.brief);
      });
    toObservable(this.brief)
      .pipe(skip(1), debounceTime(400), takeUntilDestroyed())
      .subscribe((brief) => void this.store.keep(briefKey, { format: 0, brief }));
    let judged: unknown = null;
    effect(() => {
      const taught = this.known.taught();
      if (taught === null || taught === judged) return;
      judged = taught;
      const afterBreak = taught.last !== null && isBreak(taught.last.startedAt, Date.now());
      untracked(() => this.brief().afterBreak !== afterBreak && this.change({ afterBreak }));
    });
    effect(() => {
      if (!this.chosen() || this.known.students().length === 0) return;
      untracked(() => {
        this.chosen.set(false);
        this.addRoom();
      });
    });
    effect(() => {
      const id = this.groupId();
      untracked(() => this.known.ofGroup(id));
    });
  }

  change(change: Partial<ComposeBrief>): void {
    if (change.groupId !== undefined && change.groupId !== this.groupId()) {
      // asked for before the sentence says it: nothing of the group before it is taken for this one
      this.known.ofGroup(change.groupId);
      this.chosen.set(change.groupId !== null);
    }
    this.brief.update((brief) => ({ ...brief, ...change }));
  }

  /** How many come and what they have, as their files say. */
  takeRoom(): void {
    const room = roomOf(this.known.students());
    this.fromFiles = room.concerns;
    this.change(room);
  }

  /** The same, with what was said by hand before. */
  private addRoom(): void {
    const { people, concerns } = roomOf(this.known.students());
    const byHand = this.brief().concerns.filter((concern) => !this.fromFiles.includes(concern));
    this.fromFiles = concerns;
    this.change({ people, concerns: [...new Set([...byHand, ...concerns])] });
  }

  /** The same brief once more gives three others; each brief begins with the same three. */
  compose(): void {
    const three = this.three();
    const seed = three === null || this.isOutdated() ? 1 : three.seed + 1;
    this.ask({ kind: 'all', brief: this.brief(), seed });
  }

  /** The three that stood here before, with their brief. */
  threeBefore(): void {
    const last = this.earlier().at(-1);
    if (!last) return;
    this.earlier.update((list) => list.slice(0, -1));
    this.asked$.next(null);
    this.told.set('');
    this.show(last);
    this.brief.set(last.brief);
  }

  /** One more with the same idea, other than those that are shown. */
  another(at: number): void {
    const like = this.slots()[at];
    if (like) this.ask({ kind: 'another', like });
  }

  /** Another exercise of its family in the place of one; the rest stays, and what was sent away stays away. */
  swap(at: number, exerciseId: string): void {
    const slot = this.slots()[at];
    if (!slot) return;
    const refused = [...slot.refused, exerciseId];
    this.ask({ kind: 'change', at, slot: { ...slot, refused }, change: { swap: { plan: slot.now.plan, exerciseId } } });
  }

  /** A larger share for a family; all that is there stays. */
  moreOf(at: number, family: FocusFamily): void {
    const slot = this.slots()[at];
    if (!slot) return;
    const has = Math.round(100 * (slot.now.shares.find((share) => share.family === family)?.has ?? 0));
    const focus = { ...slot.brief.focus, [family]: Math.min(100, has + more) };
    const brief = { ...slot.brief, focus };
    this.ask({ kind: 'change', at, slot: { ...slot, brief }, change: { kept: idsOf(slot.now) } });
  }

  /** As it was before it was changed, one change after the other. */
  back(at: number): void {
    this.slots.update((slots) => slots.map((slot, i) => (i === at && slot.before ? slot.before : slot)));
  }

  stop(): void {
    this.asked$.next(null);
    this.told.set('Stopped; what is there stays.');
  }

  private ask(asked: Asked): void {
    this.told.set('');
    this.turns += 1;
    this.asked$.next(asked);
  }

  private requestFor(asked: Asked): ComposeRequest | null {
    const library = this.library.exercises();
    if (!library) return null;
    const { taught, students: who, history } = this.known;
    const students = who();
    const last = taught()?.last;
    const base: ComposeRequest = {
      brief: this.brief(),
      school: this.preferences.school(),
      pace: this.preferences.pace(),
      lead: last ? otherSide(last.lead) : 'left',
      library: library.map(({ revision, exercise }) => ({ revision, exercise })),
      history: history(),
      roster: students.length > 0 ? { students: [...students], notes: [...this.notes.all()] } : null,
      seed: (this.three()?.seed ?? 1) * 1000 + this.turns,
    };
    switch (asked.kind) {
      case 'all':
        return { ...base, seed: asked.seed };
      case 'another': {
        const { brief, now, refused } = asked.like;
        const shown = this.slots().map((slot) => idsOf(slot.now));
        return { ...base, brief: { ...brief, idea: now.idea }, count: 1, shown, without: refused };
      }
      case 'change': {
        const { brief, now, refused } = asked.slot;
        return { ...base, brief: { ...brief, idea: now.idea }, count: 1, without: refused, ...asked.change };
      }
    }
  }

  private show({ slots, composed, brief, seed }: Three): void {
    this.slots.set(slots);
    this.composed.set(composed);
    this.three.set({ brief, seed });
  }

  private take(asked: Asked, composed: Composed): void {
    const [first] = composed.proposals;
    if (asked.kind === 'all') {
      const { brief, seed } = asked;
      const [three, before] = [this.three(), this.composed()];
      if (three && before && this.slots().length > 0)
        this.earlier.update((list) =>
          [...list, { ...three, slots: this.slots(), composed: before }].slice(-mostEarlier),
        );
      const slots = composed.proposals.map((now): Slot => ({ now, brief, refused: [], before: null }));
      this.show({ slots, composed, brief, seed });
      const few = composed.proposals.length;
      if (few > 0 && few < 3)
        this.told.set(`${few === 1 ? 'One' : 'Two'}, not three: nothing else was found that lands and differs enough.`);
      return;
    }
    if (!first) {
      this.told.set('There is nothing else that fits this brief; what is there stays.');
      return;
    }
    if (asked.kind === 'another') this.slots.update((slots) => [...slots, { ...asked.like, now: first, before: null }]);
    else
      this.slots.update((slots) =>
        slots.map((slot, i) => (i === asked.at ? { ...asked.slot, now: first, before: slot } : slot)),
      );
  }
}
