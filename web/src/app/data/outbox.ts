import { Injectable, type OnDestroy, inject, signal } from '@angular/core';
import {
  type Observable,
  Subject,
  Subscription,
  filter,
  firstValueFrom,
  from,
  fromEvent,
  merge,
  of,
  retry,
  switchMap,
  throwError,
  timer,
} from 'rxjs';
import { BrowserStore, type Kept } from './browser-store';
import { type Answer, Delivery } from './delivery';
import { Door } from './door';
import { Holds } from './holds';
import { type Letter, addresseeOf, basedRight, readLetter, replaces, together } from './letter';
import { addresseeOfKey, draftPrefix, letterKey, letterPrefix, lettersOf, pageOfKey } from './letter-key';
import { type RequestFailure, failureOf, isAway, isClash } from './request-failure';
import { type Held, type Waiting, waitingIn } from './waiting';

/** What became of a letter. */
export interface Outcome {
  readonly addressee: string;
  readonly letter: Letter;
  readonly result:
    | { readonly kind: 'sending' }
    | { readonly kind: 'sent'; readonly answer: Answer }
    | { readonly kind: 'refused'; readonly failure: RequestFailure }
    /** It cannot be taken now; it is tried again until it is. */
    | { readonly kind: 'away'; readonly failure: RequestFailure };
}

const retryMs = 3000;
/** What another page still holds is asked for again after this. */
const takeUpMs = 2000;

/** Edits of a document that the server counts by versions; classes and exercises have answers of their own. */
type Versioned = Exclude<Extract<Letter, { basedOn: unknown }>, { kind: 'class' | 'exercise' }>;
const hasVersion = (letter: Letter): letter is Versioned =>
  'basedOn' in letter && letter.kind !== 'class' && letter.kind !== 'exercise';

/**
 * Everything that goes to the server: kept in this browser first, sent in the order in which it was made, tried again
 * until the server answers, from whichever page is open. Each letter has its own id, so that one sent twice counts once.
 */
@Injectable({ providedIn: 'root' })
export class Outbox implements OnDestroy {
  private readonly store = inject(BrowserStore);
  private readonly delivery = inject(Delivery);
  private readonly holds = inject(Holds);

  /** Queues by addressee; what another page left for the same addressee stands in a queue of its own. */
  private readonly addressees = new Map<string, Held[]>();
  private readonly quiet = new Map<string, Subscription>();
  private readonly outcome$ = new Subject<Outcome>();
  private readonly nudge$ = new Subject<void>();
  private readonly running = new Subscription();
  private readonly unread = new Map<string, string>();
  private readonly away = new Map<string, RequestFailure>();
  /** The newest version that the server has named in an answer, by addressee. */
  private readonly named = new Map<string, number>();
  private made = 0;
  private takingUp = Promise.resolve();
  private again = new Subscription();
  /** What was there when this page began is taken up. */
  private begun = false;

  /** Every end and every delay of a letter, as it happens. */
  readonly outcomes$: Observable<Outcome> = this.outcome$.asObservable();
  private readonly waits = signal<readonly Waiting[]>([]);
  private readonly unreadable$ = signal<readonly string[]>([]);
  /** What is not on the server yet. */
  readonly waiting = this.waits.asReadonly();
  /** What an earlier page left and this one cannot read, in words. */
  readonly unreadables = this.unreadable$.asReadonly();
  /** Done when what an earlier page left here has been read. */
  readonly ready: Promise<void>;

  /** Others see that the letters of this page are looked after. */
  private readonly holding: Promise<boolean>;

  constructor() {
    this.holding = this.holds.takeOwn(lettersOf(this.holds.page));
    this.ready = this.takeUp();
    this.running.add(
      merge(fromEvent(window, 'online'), fromEvent(window, 'focus'), inject(Door).opened$).subscribe(() => {
        this.nudge$.next();
        void this.takeUp();
      }),
    );
    // What lies nowhere but in this page would go with it, whichever page of the application is open.
    this.running.add(
      fromEvent(window, 'beforeunload')
        .pipe(filter(() => [...this.addressees.keys()].some((addressee) => this.keptHere(addressee) !== true)))
        .subscribe((event) => event.preventDefault()),
    );
  }

  /**
   * Takes a letter: it replaces one of its kind that still waits for the same addressee.
   * @param quietMs sent when nothing more has come for so long; at once without it
   * @returns whether it is kept on disk
   */
  async put(letter: Letter, quietMs = 0): Promise<boolean> {
    const addressee = addresseeOf(letter);
    const queue = this.queue(addressee);
    const last = queue.at(-1);
    const replaced = last && !last.sending && !isClash(last.refused) && replaces(letter, last.letter) ? last : null;
    if (replaced) queue.pop();
    const held: Held = {
      key: letterKey({ atMs: Date.now(), nth: this.made++, addressee, id: letter.id, page: this.holds.page }),
      letter: basedRight(letter, replaced?.letter ?? null, queue.length > 0),
      kept: null,
      sending: false,
      refused: null,
    };
    queue.push(held);
    this.count();
    this.later(addressee, quietMs);
    await this.holding;
    held.kept = await this.store.keep(held.key, held.letter);
    if (replaced) await this.store.forget(replaced.key);
    // it may have gone, or been replaced, while it was written down
    if (!this.queue(addressee).includes(held)) await this.store.forget(held.key);
    this.count();
    return held.kept;
  }

  /** Sends what waits for an addressee at once; what was refused is tried once more. */
  flush(addressee: string): void {
    const [first] = this.queue(addressee);
    if (first) first.refused = null;
    this.later(addressee, 0);
    this.nudge$.next();
  }

  /** The newest letter for an addressee that the server does not have yet. */
  newest(addressee: string): Letter | null {
    return this.queue(addressee).at(-1)?.letter ?? null;
  }

  /** The newest letter of one kind for an addressee that the server does not have yet. */
  newestOf<K extends Letter['kind']>(addressee: string, kind: K): Extract<Letter, { readonly kind: K }> | null {
    const isOfKind = (letter: Letter): letter is Extract<Letter, { readonly kind: K }> => letter.kind === kind;
    return (
      this.queue(addressee)
        .map(({ letter }) => letter)
        .findLast(isOfKind) ?? null
    );
  }

  /**
   * A document as the server has it, once it is known what waits here. An answer that is older than what the server has
   * named meanwhile was on its way while what had been left here was saved: it is asked for again.
   */
  readNewest<T extends { readonly version: number }>(addressee: string, read: () => Observable<T>): Observable<T> {
    return from(this.ready).pipe(
      switchMap(read),
      switchMap((found) => (found.version < (this.named.get(addressee) ?? 0) ? read() : of(found))),
    );
  }

  /** Whether everything for an addressee is on disk; null while some of it is written there. */
  keptHere(addressee: string): boolean | null {
    const kept = this.queue(addressee).map((held) => held.kept);
    if (kept.includes(false)) return false;
    return kept.includes(null) ? null : true;
  }

  /** What an earlier page left for an addressee and this one cannot read, in words; it stays where it is. */
  unreadable(addressee: string): string | null {
    return this.unread.get(addressee) ?? null;
  }

  /** Takes back everything that waits in a queue. @returns puts it there again */
  async drop(addressee: string): Promise<() => Promise<void>> {
    const queue = this.queue(addressee);
    this.addressees.delete(addressee);
    this.away.delete(addressee);
    this.count();
    await Promise.all(queue.map(({ key }) => this.store.forget(key)));
    return async () => {
      for (const held of queue) held.refused = null;
      this.addressees.set(addressee, [...queue, ...this.queue(addressee)]);
      this.count();
      this.later(addressee, 0);
      await Promise.all(queue.map(({ key, letter }) => this.store.keep(key, letter)));
    };
  }

  /** Takes a letter, tries at once what waits for its addressee, and says what became of it: sent, refused, or delayed as nobody answers. */
  async send(letter: Letter): Promise<Outcome['result']> {
    const addressee = addresseeOf(letter);
    const outcome = firstValueFrom(
      this.outcome$.pipe(
        filter(({ addressee: of, letter: { id }, result }) =>
          result.kind === 'away' ? of === addressee : id === letter.id && result.kind !== 'sending',
        ),
      ),
    );
    await this.put(letter);
    const [first] = this.queue(addressee);
    if (first?.refused && first.letter.id !== letter.id) return { kind: 'refused', failure: first.refused };
    this.nudge$.next();
    return (await outcome).result;
  }

  ngOnDestroy(): void {
    this.running.unsubscribe();
    this.again.unsubscribe();
    for (const waiting of this.quiet.values()) waiting.unsubscribe();
  }

  private queue(addressee: string): Held[] {
    const known = this.addressees.get(addressee) ?? [];
    this.addressees.set(addressee, known);
    return known;
  }

  /** Takes up what pages left that are no more; what a page still looks after is left to it. One time after the other. */
  private takeUp(): Promise<void> {
    this.takingUp = this.takingUp.then(() => this.takeUpNow());
    return this.takingUp;
  }

  private async takeUpNow(): Promise<void> {
    const [letters, drafts] = await Promise.all([
      this.store.all(letterPrefix, 'Something that was not saved', readLetter),
      this.store.all(draftPrefix, 'An unsaved edit of this class', readLetter),
    ]);
    const known = new Set([...this.addressees.values()].flatMap((queue) => queue.map(({ key }) => key)));
    const left = [...drafts, ...letters].filter(({ key }) => !known.has(key) && pageOfKey(key) !== this.holds.page);
    const pages = [...new Set(left.map(({ key }) => pageOfKey(key)))].reverse();
    const free: string[] = [];
    for (const page of pages) if (await this.holds.take(lettersOf(page))) free.push(page);
    // all of it is in its place before anything goes: what one page began another may have ended
    const queues = free.flatMap((page) => this.adopt(left.filter(({ key }) => pageOfKey(key) === page)));
    this.begun = true;
    this.count();
    for (const name of new Set(queues)) this.later(name, 0);
    // a page that was just left may let go late where the machine is busy; one that lives keeps what it has
    this.again.unsubscribe();
    if (free.length < pages.length) this.again = timer(takeUpMs).subscribe(() => void this.takeUp());
  }

  /** Puts letters of a page that is no more where they wait. @returns the queues that have something to send */
  private adopt(left: readonly Kept<Letter>[]): string[] {
    const queues = new Set<string>();
    const others = new Set([...this.addressees].flatMap(([name, queue]) => (queue.length > 0 ? [name] : [])));
    for (const { key, value, unreadable } of left) {
      if (value === null) {
        this.unread.set(addresseeOfKey(key), unreadable);
        this.unreadable$.set([...new Set(this.unread.values())]);
        continue;
      }
      const addressee = addresseeOf(value);
      // Two pages that changed one class are two sides of it, also where this one shows it without a change of its own;
      // what happened in one run is one story, in its order.
      const apart = value.kind !== 'preferences' && !addressee.startsWith('run:');
      const name = apart && (this.begun || others.has(addressee)) ? `${addressee} of ${pageOfKey(key)}` : addressee;
      const queue = this.queue(name);
      const later = queue.findIndex((held) => held.key > key && !key.startsWith(draftPrefix));
      if (queue.some((held) => held.key === key)) continue;
      for (const held of queue) {
        held.refused = null;
        held.overtaken = held.sending;
      }
      queue.splice(later === -1 ? queue.length : later, 0, {
        key,
        letter: value,
        kept: true,
        sending: false,
        refused: null,
      });
      queues.add(name);
    }
    return [...queues];
  }

  private count(): void {
    this.waits.set(waitingIn(this.addressees, this.away));
  }

  private later(addressee: string, quietMs: number): void {
    this.quiet.get(addressee)?.unsubscribe();
    if (quietMs === 0) this.pump(addressee);
    else
      this.quiet.set(
        addressee,
        timer(quietMs).subscribe(() => this.pump(addressee)),
      );
  }

  private pump(addressee: string): void {
    const queue = this.queue(addressee);
    const [first] = queue;
    if (!first || first.sending || first.refused) return;
    const message = together(queue.map((held) => held.letter));
    if (!message) return;
    const going = queue.slice(0, message.covers);
    for (const held of going) held.sending = true;
    const outcome = (result: Outcome['result']) => this.outcome$.next({ addressee, letter: first.letter, result });
    outcome({ kind: 'sending' });
    const sending = this.delivery
      .send(message.sent)
      .pipe(
        retry({
          delay: (error: unknown) => {
            if (!isAway(error)) return throwError(() => error);
            const failure = failureOf(error);
            this.away.set(addressee, failure);
            this.count();
            outcome({ kind: 'away', failure });
            return merge(timer(retryMs), this.nudge$);
          },
        }),
      )
      .subscribe({
        next: (answer) => {
          this.away.delete(addressee);
          if (answer) this.follow(addressee, going.length, answer);
          if (answer && 'version' in answer) this.named.set(addresseeOf(first.letter), answer.version);
          this.remove(addressee, going);
          outcome({ kind: 'sent', answer });
          this.pump(addressee);
        },
        error: (error: unknown) => {
          const failure = failureOf(error);
          for (const held of going) held.sending = false;
          if (first.overtaken) {
            first.overtaken = false;
            return this.pump(addressee);
          }
          for (const held of going) held.refused = failure;
          this.away.delete(addressee);
          this.count();
          outcome({ kind: 'refused', failure });
          this.passOver(addressee, failure);
        },
      });
    this.running.add(sending);
  }

  /** The edit behind one that was saved is made on the version that this one made; on disk too, before the other goes. */
  private follow(addressee: string, at: number, answer: NonNullable<Answer>): void {
    const behind = this.queue(addressee).slice(at);
    // readings of a student may lie between two edits of the record
    const next = behind.find(({ letter }) => !/^(reading|note)/.test(letter.kind));
    if (next?.letter.kind === 'class' && 'version' in answer) next.letter = { ...next.letter, basedOn: answer.version };
    else if (next && 'version' in answer && hasVersion(next.letter))
      next.letter = { ...next.letter, basedOn: answer.version };
    else if (next?.letter.kind === 'exercise' && 'revision' in answer)
      next.letter = { ...next.letter, basedOn: answer.revision };
    else return;
    void this.store.keep(next.key, next.letter);
  }

  /** A refused letter gives way to a newer one that says all it did; after a clash somebody has to choose first. */
  private passOver(addressee: string, failure: RequestFailure): void {
    const [refused, next] = this.queue(addressee);
    if (!refused || !next || !replaces(next.letter, refused.letter)) return;
    if (isClash(failure)) return;
    next.letter = basedRight(next.letter, refused.letter, false);
    void this.store.keep(next.key, next.letter);
    this.remove(addressee, [refused]);
    this.pump(addressee);
  }

  private remove(addressee: string, gone: readonly Held[]): void {
    this.addressees.set(
      addressee,
      this.queue(addressee).filter((held) => !gone.includes(held)),
    );
    this.count();
    for (const { key } of gone) void this.store.forget(key);
  }
}
