import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { BehaviorSubject, EMPTY, Subject, catchError, filter, fromEvent, map, switchMap } from 'rxjs';
import type { OwnWord, Preferences as Preferred } from '@core/contract';
import { type School, defaultSchool } from '@core/exercise';
import { type LoadRules, defaultLoadRules } from '@core/load/rules';
import type { CheckId } from '@core/measure/check-id';
import { type Pace, defaultPace } from '@core/plan';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { type Outcome, Outbox } from './outbox';
import { PreferenceApi } from './preference-api';

export type PreferenceState = 'fetching' | 'not-read' | 'saved' | 'saving' | 'not-saved';

const stateOf: Readonly<Record<Outcome['result']['kind'], PreferenceState>> = {
  sending: 'saving',
  sent: 'saved',
  refused: 'not-saved',
  away: 'not-saved',
};

/** Where Needlework starts. */
const start = (): Preferred => ({
  school: defaultSchool,
  pace: defaultPace(),
  words: [],
  weekly: {},
  load: defaultLoadRules,
});

/** How this teacher teaches: the answers that choose wording, phases, breath and defaults everywhere. */
@Injectable({ providedIn: 'root' })
export class Preferences {
  private readonly api = inject(PreferenceApi);
  private readonly outbox = inject(Outbox);
  private readonly asked$ = new Subject<void>();
  /** Known what an earlier page left. */
  private begun = false;
  private readonly answered$ = new BehaviorSubject<Preferred | null>(null);
  private readonly saving$ = new BehaviorSubject<PreferenceState | null>(null);
  private readonly read = toSignal(
    loading(this.asked$, () => this.api.read()),
    {
      initialValue: waiting,
    },
  );
  private readonly answered = toSignal(this.answered$, { requireSync: true });
  private readonly saving = toSignal(this.saving$, { requireSync: true });

  /** The answers given here, else those on the server, else where Needlework starts. */
  private readonly preferred = computed((): Preferred => this.answered() ?? this.read().value ?? start());
  readonly school = computed(() => this.preferred().school);
  /** What happens around the work, and how long it takes with this teacher. */
  readonly pace = computed(() => this.preferred().pace);
  /** Words of the teacher's own, newest first. */
  readonly words = computed(() => this.preferred().words);
  /** Change a week that this teacher expects in a check, where it is another than Needlework's. */
  readonly weekly = computed((): Readonly<Record<string, number>> => this.preferred().weekly);
  /** How fast the load of a week may grow. */
  readonly loadRules = computed((): LoadRules => this.preferred().load);
  readonly state = computed((): PreferenceState => {
    const saving = this.saving();
    if (saving) return saving;
    return ({ waiting: 'fetching', failed: 'not-read', ready: 'saved' } as const)[this.read().status];
  });

  constructor() {
    this.outbox.outcomes$
      .pipe(
        filter(({ addressee }) => addressee === 'preferences'),
        map(({ result }) => stateOf[result.kind]),
      )
      .subscribe((state) => this.saving$.next(state));
    // Another page may have answered meanwhile: what is read anew then counts, unless something of this one waits.
    fromEvent(window, 'focus')
      .pipe(
        filter(() => this.begun && this.outbox.newest('preferences') === null),
        switchMap(() => this.api.read().pipe(catchError(() => EMPTY))),
        filter(() => this.outbox.newest('preferences') === null),
      )
      .subscribe((saved) => this.answered$.next(saved));
    void this.outbox.ready.then(() => this.takeLeft());
    this.load();
  }

  load(): void {
    this.asked$.next();
  }

  answer(change: Partial<School>): void {
    this.prefer(() => ({ school: { ...this.school(), ...change } }));
  }

  setLoadRules(change: Partial<LoadRules>): void {
    this.prefer(() => ({ load: { ...this.loadRules(), ...change } }));
  }

  setPace(change: Partial<Pace>): void {
    this.prefer(() => ({ pace: { ...this.pace(), ...change } }));
  }

  /** @param weekly on the judging scale; null for Needlework's own */
  setWeekly(check: CheckId, weekly: number | null): void {
    this.prefer(() => {
      const others = Object.entries(this.preferred().weekly).filter(([id]) => id !== check);
      return { weekly: Object.fromEntries(weekly === null ? others : [...others, [check, weekly]]) };
    });
  }

  /** A word of one's own, or a new meaning for one. */
  addWord(word: OwnWord): void {
    this.prefer(() => ({ words: [word, ...this.withoutWord(word.word)] }));
  }

  removeWord(word: string): void {
    this.prefer(() => ({ words: this.withoutWord(word) }));
  }

  /** Answers of an earlier page that are still to be sent go before those that were read. */
  private takeLeft(): void {
    this.begun = true;
    const left = this.outbox.newest('preferences');
    if (left?.kind !== 'preferences' || this.answered$.value !== null) return;
    this.answered$.next(left.preferences);
    this.saving$.next('not-saved');
  }

  private withoutWord(word: string): OwnWord[] {
    return this.words().filter((known) => known.word.toLowerCase() !== word.toLowerCase());
  }

  /** Nothing is answered before the answers there are have been read: they would be lost. */
  private prefer(change: () => Partial<Preferred>): void {
    if (!this.begun) {
      void this.outbox.ready.then(() => this.prefer(change));
      return;
    }
    if (this.read().status !== 'ready' && this.answered() === null) return;
    const preferences = { ...this.preferred(), ...change() };
    this.answered$.next(preferences);
    this.saving$.next('saving');
    void this.outbox.put({ kind: 'preferences', format: 1, id: newId(), preferences });
  }

  /** Tries again what did not work: reading, or saving. */
  again(): void {
    if (this.state() === 'not-read') this.load();
    else this.outbox.flush('preferences');
  }
}
