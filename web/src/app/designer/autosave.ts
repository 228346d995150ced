import { Injectable, type OnDestroy, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import {
  BehaviorSubject,
  EMPTY,
  type Observable,
  Subject,
  type Subscription,
  catchError,
  debounceTime,
  exhaustMap,
  filter,
  firstValueFrom,
  map,
  merge,
  timer,
} from 'rxjs';
import type { ClashAnswer, ClassRead } from '@core/contract';
import type { Plan } from '@core/plan';
import { ClassApi } from '../api/class-api';
import { newId } from '../api/new-id';
import { failureOf } from '../api/problem';
import { DraftBox } from './draft-box';

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'waiting' }
  | { readonly kind: 'saving' }
  /** The server does not answer; edits are kept in this browser (or only on this page) and tried again. */
  | { readonly kind: 'away'; readonly keptHere: boolean }
  | { readonly kind: 'refused'; readonly words: string }
  | { readonly kind: 'clash'; readonly clash: ClashAnswer };

interface Pending {
  readonly plan: Plan;
  readonly saveId: string;
}

const quietMs = 700;
const retryMs = 3000;

/**
 * Saves a class by itself a moment after each edit. A save keeps its id until it is answered, so that sending it again
 * counts once; meanwhile the edit lies in this browser.
 */
@Injectable()
export class Autosave implements OnDestroy {
  private readonly api = inject(ClassApi);
  private readonly drafts = inject(DraftBox);
  private readonly state$ = new BehaviorSubject<SaveState>({ kind: 'waiting' });
  private readonly attempt$ = new Subject<void>();
  private readonly edit$ = new Subject<void>();
  private readonly running: Subscription;
  private pending: Pending | null = null;
  private version = 0;
  private keptHere = true;

  readonly state = toSignal(this.state$, { requireSync: true });

  constructor() {
    this.running = merge(this.edit$.pipe(debounceTime(quietMs)), this.attempt$)
      .pipe(
        filter(() => this.pending !== null && this.state$.value.kind !== 'clash'),
        exhaustMap(() => this.send()),
      )
      .subscribe();
  }

  /** Begins with a class as it was read. */
  start(read: Pick<ClassRead, 'version' | 'updatedAt'>): void {
    this.version = read.version;
    this.pending = null;
    this.state$.next({ kind: 'saved', at: read.updatedAt });
  }

  /** Takes up edits that an earlier page could not save. */
  resume(plan: Plan, basedOn: number, saveId: string): void {
    this.version = basedOn;
    this.pending = { plan, saveId };
    this.attempt$.next();
  }

  edited(plan: Plan): void {
    this.pending = { plan, saveId: newId() };
    if (this.state$.value.kind !== 'clash' && this.state$.value.kind !== 'away') this.state$.next({ kind: 'waiting' });
    void this.drafts
      .keep({ plan, basedOn: this.version, saveId: this.pending.saveId })
      .then((kept) => (this.keptHere = kept));
    this.edit$.next();
  }

  /** Saves at once; done when it is saved, or when it cannot be for now. The edit then lies in this browser. */
  async settled(): Promise<void> {
    if (this.pending === null) return;
    this.attempt$.next();
    const ended = ({ kind }: SaveState) =>
      kind === 'away' || kind === 'refused' || kind === 'clash' || (kind === 'saved' && this.pending === null);
    await firstValueFrom(this.state$.pipe(filter(ended)));
  }

  /** Tries at once, for example when the window closes. */
  now(): void {
    this.attempt$.next();
  }

  /** After a clash: this side goes on, over the other one, which stays among the earlier states. */
  keepMine(clash: ClashAnswer): void {
    this.version = clash.current.version;
    this.state$.next({ kind: 'waiting' });
    if (this.pending) this.pending = { ...this.pending, saveId: newId() };
    this.attempt$.next();
  }

  /** After a clash: the other side goes on; this one was kept by the server as an earlier state. */
  takeTheirs(clash: ClashAnswer): void {
    this.start(clash.current);
    void this.drafts.forget(clash.current.plan.id);
  }

  get unsaved(): boolean {
    return this.pending !== null;
  }

  ngOnDestroy(): void {
    this.running.unsubscribe();
  }

  private send(): Observable<unknown> {
    const sent = this.pending;
    if (!sent) return EMPTY;
    this.state$.next({ kind: 'saving' });
    return this.api.save(sent.saveId, this.version, sent.plan).pipe(
      map((answer) => {
        this.version = answer.version;
        if (this.pending === sent) {
          this.pending = null;
          this.state$.next({ kind: 'saved', at: answer.updatedAt });
          void this.drafts.forget(sent.plan.id);
        } else {
          this.state$.next({ kind: 'waiting' });
          this.edit$.next();
        }
      }),
      catchError((error: unknown) => this.failed(error)),
    );
  }

  private failed(error: unknown): Observable<never> {
    const failure = failureOf(error);
    if (failure.kind === 'problem' && failure.problem.clash) {
      this.state$.next({ kind: 'clash', clash: failure.problem.clash });
    } else if (failure.kind === 'problem' && failure.problem.status < 500) {
      this.state$.next({ kind: 'refused', words: `${failure.problem.title}. ${failure.problem.detail}` });
    } else {
      this.state$.next({ kind: 'away', keptHere: this.keptHere });
      this.running.add(timer(retryMs).subscribe(() => this.attempt$.next()));
    }
    return EMPTY;
  }
}
