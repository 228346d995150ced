import { Injectable, type OnDestroy, computed, effect, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { BehaviorSubject, Subject, Subscription, filter, firstValueFrom, merge, tap, timer } from 'rxjs';
import type { ClashAnswer, ClassRead } from '@core/contract';
import type { Plan } from '@core/plan';
import { ClassApi } from '../../data/class-api';
import { ClassPackages } from '../../data/class-packages';
import { LeftOpenHere } from '../../data/left-open';
import { classAddress, ownClass } from '../../data/letter';
import { LibraryStore } from '../../data/library-store';
import { loading, waiting } from '../../data/loading';
import { newId } from '../../data/new-id';
import { type Outcome, Outbox } from '../../data/outbox';
import { type RequestFailure, awayWords, failureWords } from '../../data/request-failure';
import { Toasts } from '../../data/toasts';
import { PlanStore } from './plan-store';

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'waiting' }
  | { readonly kind: 'saving' }
  /** It cannot be saved now; edits are kept in this browser (or only on this page) and tried again. Null: being written there. */
  | { readonly kind: 'away'; readonly keptHere: boolean | null; readonly failure: RequestFailure }
  | { readonly kind: 'refused'; readonly words: string }
  | { readonly kind: 'clash'; readonly clash: ClashAnswer };

/** An edit is sent when the hand has been still for so long. */
const quietMs = 700;
/** Whoever leaves does not wait longer for the server than this: what is kept here is sent from the next page. */
const leavingMs = 1500;

/** One class open in the designer: read once, saved by itself a moment after each edit, left only when nothing is lost. */
@Injectable()
export class ClassSession implements OnDestroy {
  private readonly plans = inject(PlanStore);
  private readonly api = inject(ClassApi);
  private readonly packages = inject(ClassPackages);
  private readonly leftOpen = inject(LeftOpenHere);
  private readonly outbox = inject(Outbox);
  private readonly library = inject(LibraryStore);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<string>();
  private readonly state$ = new BehaviorSubject<SaveState>({ kind: 'waiting' });
  private readonly running = new Subscription();
  private id = '';
  private version = 1;

  /** The class as it was read. */
  readonly read = toSignal(
    loading(this.asked$, (id) =>
      this.outbox.readNewest(classAddress(id), () => this.api.read(id)).pipe(tap((read) => this.begin(read))),
    ),
    { initialValue: waiting },
  );
  readonly state = toSignal(this.state$, { requireSync: true });
  /** How the exercises of this class are dosed in others; nothing until that is known. */
  readonly otherDoses = toSignal(
    loading(this.asked$, (id) => this.api.otherDoses(id)),
    { initialValue: waiting },
  );
  /** Being in trouble is said at length; else one word does. */
  readonly inTrouble = computed(() => ['away', 'refused'].includes(this.state().kind));

  /** How the class is saved, as it is said. */
  readonly words = computed(() => {
    const state = this.state();
    switch (state.kind) {
      case 'saved':
        return 'Saved';
      case 'waiting':
        return 'Not saved yet …';
      case 'saving':
        return 'Saving …';
      case 'away':
        return `${awayWords(state.failure)} ${keptWords(state.keptHere)}`;
      case 'refused':
        return state.words;
      case 'clash':
        return 'Changed in two places';
    }
  });

  constructor() {
    this.running.add(this.plans.edited$.subscribe((plan) => this.edited(plan)));
    this.running.add(
      this.outbox.outcomes$
        .pipe(filter(({ addressee }) => addressee === this.addressee))
        .subscribe((outcome) => this.hear(outcome)),
    );
    // an edit that another page left, and that reached the server only after this one had read the class
    this.running.add(
      this.outbox.outcomes$
        .pipe(
          filter(({ addressee, result }) => addressee.startsWith(`${this.addressee} of `) && result.kind === 'sent'),
        )
        .subscribe(() => (this.read().status === 'ready' ? this.lookAgain() : this.asked$.next(this.id))),
    );
    effect(() => this.plans.learn(this.library.exercises() ?? []));
  }

  /** This class is being taught in this browser, and goes on there. */
  readonly onFloor = signal(false);

  open(id: string): void {
    this.id = id;
    void this.leftOpen
      .find(Date.now())
      .then((open) => this.onFloor.set(open.some(({ kind, link }) => kind === 'taught' && link[1] === id)));
    this.library.load();
    this.asked$.next(id);
  }

  /** Whether something is not on the server yet. */
  get unsaved(): boolean {
    return this.outbox.newest(this.addressee) !== null;
  }

  /**
   * Saves at once; done when it is saved, or when it cannot be for now. An edit that lies in this browser is not waited
   * for long.
   */
  async written(): Promise<void> {
    if (!this.unsaved) return;
    this.outbox.flush(this.addressee);
    const ended = ({ kind }: SaveState) =>
      kind === 'away' || kind === 'refused' || kind === 'clash' || (kind === 'saved' && !this.unsaved);
    const kept = timer(leavingMs, leavingMs).pipe(filter(() => this.outbox.keptHere(this.addressee) === true));
    await firstValueFrom(merge(this.state$.pipe(filter(ended)), kept));
  }

  /** Tries at once, for example when the window closes. */
  now(): void {
    this.outbox.flush(this.addressee);
  }

  /** Coming back to this page: another one may have saved meanwhile. */
  lookAgain(): void {
    const before = this.state$.value;
    if (this.unsaved || before.kind !== 'saved') return;
    this.running.add(
      this.api.read(this.id).subscribe({
        next: (read) => {
          const now = this.state$.value;
          if (this.unsaved || now.kind !== 'saved' || now.at === read.updatedAt) return;
          this.begin(read);
          this.toasts.tell('This class was changed on another page; here is the newest.', 'Good', 5);
        },
        error: () => undefined,
      }),
    );
  }

  /** After a clash: this side goes on, over the other one, which stays among the earlier states. */
  async keepMine(clash: ClashAnswer): Promise<void> {
    const mine = this.plans.plan();
    await this.outbox.drop(this.addressee);
    this.version = clash.current.version;
    this.state$.next({ kind: 'waiting' });
    if (mine) void this.put(mine, 0);
  }

  /** After a clash: the other side goes on; this one was kept by the server as an earlier state. */
  async takeTheirs(clash: ClashAnswer): Promise<void> {
    await this.outbox.drop(this.addressee);
    this.begin(clash.current);
  }

  /** After a clash: the other side goes on here, and mine becomes a class of its own, also where the server has gone. */
  async keepBoth(clash: ClashAnswer): Promise<string | null> {
    const mine = this.plans.plan();
    if (!mine) return null;
    const own = ownClass(mine, 'my side');
    // on disk, or on its way, before this side is let go
    await this.outbox.put(own);
    await this.takeTheirs(clash);
    return own.plan.id;
  }

  ngOnDestroy(): void {
    this.running.unsubscribe();
  }

  private get addressee(): string {
    return classAddress(this.id);
  }

  /** A class as it was read, with what an earlier page could not save. */
  private begin(read: ClassRead): void {
    this.version = read.version;
    void this.packages.keep(read);
    const unreadable = this.outbox.unreadable(this.addressee);
    if (unreadable !== null) this.toasts.refused(unreadable);
    const left = this.outbox.newest(this.addressee);
    if (left?.kind === 'class') {
      this.plans.open(left.plan, read.revisions);
      if (this.state$.value.kind !== 'clash') this.state$.next({ kind: 'waiting' });
      this.toasts.tell('Edits that were not saved last time are back.');
      this.outbox.flush(this.addressee);
      return;
    }
    this.plans.open(read.plan, read.revisions);
    this.state$.next({ kind: 'saved', at: read.updatedAt });
  }

  private edited(plan: Plan): void {
    const now = this.state$.value;
    // nothing is called kept before it is
    if (now.kind === 'away') this.state$.next({ ...now, keptHere: null });
    else if (now.kind !== 'clash') this.state$.next({ kind: 'waiting' });
    void this.put(plan, quietMs);
  }

  private async put(plan: Plan, quiet: number): Promise<void> {
    this.packages.follow(plan, [...this.plans.known().values()]);
    await this.outbox.put({ kind: 'class', format: 1, id: newId(), plan, basedOn: this.version }, quiet);
    const now = this.state$.value;
    if (now.kind === 'away') this.state$.next({ ...now, keptHere: this.outbox.keptHere(this.addressee) });
  }

  private hear({ result }: Outcome): void {
    switch (result.kind) {
      case 'sending':
        this.state$.next({ kind: 'saving' });
        return;
      case 'away':
        this.state$.next({
          kind: 'away',
          keptHere: this.outbox.keptHere(this.addressee),
          failure: result.failure,
        });
        return;
      case 'sent':
        if (result.answer && 'updatedAt' in result.answer) {
          this.version = result.answer.version;
          this.state$.next(this.unsaved ? { kind: 'waiting' } : { kind: 'saved', at: result.answer.updatedAt });
        }
        return;
      case 'refused': {
        const { failure } = result;
        const clash = failure.kind === 'problem' ? failure.problem.clash : undefined;
        this.state$.next(clash ? { kind: 'clash', clash } : { kind: 'refused', words: refusedWords(failure) });
      }
    }
  }
}

/** Why an edit was refused. One of a class that is gone is not lost: the first page offers to bring it back. */
const refusedWords = (failure: RequestFailure): string =>
  failure.kind === 'problem' && failure.problem.code === 'not-found'
    ? 'This class was deleted somewhere else. Your edits are kept in this browser; the first page offers to bring the class back with them.'
    : failureWords(failure);

/** Where an edit lies that could not be saved; null while it is written down. */
function keptWords(keptHere: boolean | null): string {
  if (keptHere === null) return 'Your edits are being written down in this browser …';
  return keptHere
    ? 'Your edits are kept in this browser and will be saved when it is well again.'
    : 'This browser keeps nothing: leave this page open until they are saved.';
}
