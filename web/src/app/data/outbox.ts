import { Injectable, type OnDestroy, inject, signal } from '@angular/core';
import {
  type Observable,
  Subject,
  Subscription,
  filter,
  firstValueFrom,
  fromEvent,
  merge,
  retry,
  throwError,
  timer,
} from 'rxjs';
import type { ExerciseRevision, SaveAnswer } from '@core/contract';
import { BrowserStore } from './browser-store';
import { ClassApi } from './class-api';
import { ExerciseApi } from './exercise-api';
import { type Letter, classAddress, addresseeOf, readLetter, replaces, together } from './letter';
import { PreferenceApi } from './preference-api';
import { type RequestFailure, failureOf, isAway } from './request-failure';
import { RunApi } from './run-api';

/** What became of a letter. */
export interface Outcome {
  readonly addressee: string;
  readonly letter: Letter;
  readonly result:
    | { readonly kind: 'sending' }
    | { readonly kind: 'sent'; readonly answer: SaveAnswer | ExerciseRevision | null }
    | { readonly kind: 'refused'; readonly failure: RequestFailure }
    /** The server does not answer; it is tried again until it does. */
    | { readonly kind: 'away' };
}

interface Held {
  readonly key: string;
  letter: Letter;
  /** Kept on disk. */
  kept: boolean;
  /** On its way: it may have arrived, so that it is not changed any more. */
  sending: boolean;
  /** Why the server will not have it; it waits for somebody to change it. */
  refused: RequestFailure | null;
}

const retryMs = 3000;
const prefix = 'letter ';
/** Where an earlier application kept the unsaved edits of a class. */
const oldPrefix = 'draft:';

/**
 * Everything that goes to the server: kept in this browser first, sent in the order in which it was made, tried again
 * until the server answers, from whichever page is open. Each letter has its own id, so that one sent twice counts once.
 */
@Injectable({ providedIn: 'root' })
export class Outbox implements OnDestroy {
  private readonly store = inject(BrowserStore);
  private readonly classes = inject(ClassApi);
  private readonly exercises = inject(ExerciseApi);
  private readonly runs = inject(RunApi);
  private readonly preferences = inject(PreferenceApi);

  private readonly addressees = new Map<string, Held[]>();
  private readonly quiet = new Map<string, Subscription>();
  private readonly outcome$ = new Subject<Outcome>();
  private readonly nudge$ = new Subject<void>();
  private readonly running = new Subscription();
  private readonly unread = new Map<string, string>();
  private made = 0;

  /** Every end and every delay of a letter, as it happens. */
  readonly outcomes$: Observable<Outcome> = this.outcome$.asObservable();
  /** How many letters wait. */
  readonly waiting = signal(0);
  /** Done when what an earlier page left here has been read. */
  readonly ready: Promise<void>;

  constructor() {
    this.ready = this.takeUp();
    this.running.add(
      merge(fromEvent(window, 'online'), fromEvent(window, 'focus')).subscribe(() => this.nudge$.next()),
    );
    // What lies nowhere but in this page would go with it, whichever page of the application is open.
    this.running.add(
      fromEvent(window, 'beforeunload')
        .pipe(filter(() => [...this.addressees.keys()].some((addressee) => !this.keptHere(addressee))))
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
      key: this.keyOf(addressee, letter.id),
      letter: basedRight(letter, replaced?.letter ?? null, queue.length > 0),
      kept: false,
      sending: false,
      refused: null,
    };
    queue.push(held);
    this.count();
    this.later(addressee, quietMs);
    held.kept = await this.store.keep(held.key, held.letter);
    if (replaced) await this.store.forget(replaced.key);
    // it may have gone, or been replaced, while it was written down
    if (!this.queue(addressee).includes(held)) await this.store.forget(held.key);
    return held.kept;
  }

  /** Sends what waits for an addressee at once. */
  flush(addressee: string): void {
    this.later(addressee, 0);
    this.nudge$.next();
  }

  /** The newest letter for an addressee that the server does not have yet. */
  newest(addressee: string): Letter | null {
    return this.queue(addressee).at(-1)?.letter ?? null;
  }

  /** Whether everything for an addressee is known to be on disk. */
  keptHere(addressee: string): boolean {
    return this.queue(addressee).every((held) => held.kept);
  }

  /** What an earlier page left for an addressee and this one cannot read, in words; it stays where it is. */
  unreadable(addressee: string): string | null {
    return this.unread.get(addressee) ?? null;
  }

  /** Takes back everything that waits for an addressee. */
  async drop(addressee: string): Promise<void> {
    const queue = this.queue(addressee);
    this.addressees.delete(addressee);
    this.count();
    await Promise.all(queue.map(({ key }) => this.store.forget(key)));
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
    for (const waiting of this.quiet.values()) waiting.unsubscribe();
  }

  private queue(addressee: string): Held[] {
    const known = this.addressees.get(addressee) ?? [];
    this.addressees.set(addressee, known);
    return known;
  }

  /** Keys sort in the order in which letters were made. */
  private keyOf(addressee: string, id: string): string {
    const at = String(Date.now()).padStart(15, '0');
    return `${prefix}${at} ${String(this.made++).padStart(6, '0')} ${addressee} ${id}`;
  }

  private async takeUp(): Promise<void> {
    const [letters, drafts] = await Promise.all([
      this.store.all(prefix, 'Something that was not saved', readLetter),
      this.store.all(oldPrefix, 'An unsaved edit of this class', readLetter),
    ]);
    for (const { key, value, unreadable } of [...drafts, ...letters]) {
      if (value === null) {
        const addressee = key.startsWith(oldPrefix)
          ? classAddress(key.slice(oldPrefix.length))
          : (key.split(' ')[3] ?? '');
        this.unread.set(addressee, unreadable);
        continue;
      }
      const addressee = addresseeOf(value);
      // what this page has made meanwhile comes after what an earlier one left
      const queue = this.queue(addressee);
      const own = queue.findIndex((held) => held.key > key && !key.startsWith(oldPrefix));
      queue.splice(own === -1 ? queue.length : own, 0, {
        key,
        letter: value,
        kept: true,
        sending: false,
        refused: null,
      });
    }
    this.count();
    for (const addressee of this.addressees.keys()) this.later(addressee, 0);
  }

  private count(): void {
    this.waiting.set([...this.addressees.values()].reduce((n, queue) => n + queue.length, 0));
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
    const sending = this.deliver(message.sent)
      .pipe(
        retry({
          delay: (error: unknown) => {
            if (!isAway(error)) return throwError(() => error);
            outcome({ kind: 'away' });
            return merge(timer(retryMs), this.nudge$);
          },
        }),
      )
      .subscribe({
        next: (answer) => {
          if (answer) this.follow(addressee, going.length, answer);
          this.remove(addressee, going);
          outcome({ kind: 'sent', answer });
          this.pump(addressee);
        },
        error: (error: unknown) => {
          const failure = failureOf(error);
          for (const held of going) {
            held.sending = false;
            held.refused = failure;
          }
          outcome({ kind: 'refused', failure });
          this.passOver(addressee, failure);
        },
      });
    this.running.add(sending);
  }

  /** The edit behind one that was saved is made on the version that this one made; on disk too, before the other goes. */
  private follow(addressee: string, at: number, answer: SaveAnswer | ExerciseRevision): void {
    const next = this.queue(addressee)[at];
    if (next?.letter.kind === 'class' && 'version' in answer) next.letter = { ...next.letter, basedOn: answer.version };
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

  private deliver(letter: Letter): Observable<SaveAnswer | ExerciseRevision | null> {
    switch (letter.kind) {
      case 'class':
        return this.classes.save(letter.id, letter.basedOn ?? 1, letter.plan);
      case 'exercise':
        return this.exercises.save(letter.basedOn, letter.exercise);
      case 'preferences':
        return this.preferences.save(letter.preferences);
      case 'run-start':
        return this.runs.start(letter.runId, letter.start);
      case 'run-events':
        return this.runs.add(letter.runId, letter.events);
      case 'run-remarks':
        return this.runs.remark(letter.runId, letter.remarks);
    }
  }
}

/** Two pages changed one thing: somebody has to choose before anything more of it is sent. */
const isClash = (failure: RequestFailure | null): boolean =>
  failure?.kind === 'problem' && failure.problem.clash !== undefined;

/** An edit behind another one is based on what that one makes; one in its place, on what it was based on. */
function basedRight(letter: Letter, replaced: Letter | null, behind: boolean): Letter {
  if (letter.kind !== 'class') return letter;
  if (behind) return { ...letter, basedOn: null };
  return replaced?.kind === 'class' ? { ...letter, basedOn: replaced.basedOn } : letter;
}
