import { Injectable, type OnDestroy, computed, inject, signal } from '@angular/core';
import { Subscription, firstValueFrom } from 'rxjs';
import type { ClassRead, ExerciseRevision } from '@core/contract';
import { scriptOf } from '@core/cues';
import { type Plan, changeSets } from '@core/plan';
import {
  type Adaptation,
  type RunAction,
  type RunEvent,
  type RunState,
  adapted,
  advanceTo,
  currentBout,
  isStandby,
  reduce,
  replay,
  passedMs,
  startRun,
  tonesOf,
} from '@core/run';
import { roomDevice } from '@core/surprise';
import type { FindRevision } from '@core/timeline';
import { ClassApi } from '../../data/class-api';
import { ClassPackages } from '../../data/class-packages';
import { type Loading, waiting } from '../../data/loading';
import { newId } from '../../data/new-id';
import { failureOf, failureWords } from '../../data/request-failure';
import { FloorClock } from './floor-clock';
import { type KeptRun, type Names, nobodyNamed } from './kept-run';
import { KeptRunStore, classMs, lastsMs } from './kept-run-store';
import { TonePlayer } from './tone-player';

/** A gap this long while the page was away holds the count where it was. */
const awayMs = 8000;
const unkeptWords =
  'This browser keeps nothing now: it is full, or not allowed to. The class goes on and the log goes to the server; do not close this page before its end.';
const fromHereWords = 'The server does not answer. This is the class as this browser has it; the log is sent later.';
/** A rehearsal goes on with nothing. */
const nothingKept = { goesOn: null, notice: null };
const nothingTyped: KeptRun['typed'] = { headcount: '', note: '' };
/** The class on the floor: events in, state out. Everything is kept in this browser first and sent when it can be. */
@Injectable()
export class FloorStore implements OnDestroy {
  private readonly classes = inject(ClassApi);
  private readonly packages = inject(ClassPackages);
  private readonly runs = inject(KeptRunStore);
  private readonly clock = inject(FloorClock);
  private readonly tones = inject(TonePlayer);
  private kept: KeptRun | null = null;
  private handedOver = false;
  private rehearsal = false;
  private beating = new Subscription();
  private lastKeptMs = 0;
  /** It was said that this browser does not keep the class. */
  private toldUnkept = false;
  private readonly now = signal<RunState | null>(null);
  private readonly told = signal<string | null>(null);
  private readonly id = signal<string | null>(null);
  private readonly opened = signal<Loading<true>>(waiting);
  private readonly typing = signal(nothingTyped);
  private readonly called = signal(nobodyNamed);

  readonly state = this.now.asReadonly();
  /** What the teacher should know: one sentence, until it is dismissed. */
  readonly notice = this.told.asReadonly();
  readonly runId = this.id.asReadonly();
  readonly opening = this.opened.asReadonly();
  /** What was typed for the log before the page was loaded again. */
  readonly typed = this.typing.asReadonly();
  /** Who is here by name, and what was said of them; nobody in a rehearsal. */
  readonly names = this.called.asReadonly();
  private readonly plan = computed(() => this.now()?.plan ?? null);
  private readonly timeline = computed(() => this.now()?.timeline ?? null);
  /** What is said when; it follows what is changed on the way. */
  readonly script = computed(() => {
    const plan = this.plan();
    const timeline = this.timeline();
    return plan && timeline ? scriptOf({ plan, timeline, taught: this.kept?.taught ?? 0 }) : null;
  });
  private readonly begins = signal(false);
  private readonly planned = signal<{ readonly plan: Plan; readonly words: string } | null>(null);
  /** The first tap has been given: the class is being taught. */
  readonly hasBegun = this.begins.asReadonly();
  /** What was changed before the first tap, in a sentence; one step back is the plan. Null where nothing was. */
  readonly met = computed(() => this.planned()?.words ?? null);
  readonly begun = computed(() => this.now() !== null && this.id() !== null);

  /**
   * Opens a class for the floor; an unfinished run of this browser goes on where it was, at the same rep.
   * @param rehearsal nothing of it is kept, nothing enters the log
   */
  async open(classId: string, rehearsal = false): Promise<void> {
    this.opened.set(waiting);
    this.rehearsal = rehearsal;
    const { goesOn: kept, notice } = rehearsal ? nothingKept : await this.runs.unfinished(classId);
    if (notice !== null) this.told.set(notice);
    if (kept) {
      this.opened.set({ status: 'ready', value: true });
      this.resume(kept);
      return;
    }
    try {
      const { read, fromHere } = await firstValueFrom(this.packages.read(classId));
      this.prepare(read);
      if (fromHere) this.told.set(notice === null ? fromHereWords : `${notice} ${fromHereWords}`);
      this.opened.set({ status: 'ready', value: true });
    } catch (error) {
      this.opened.set({ status: 'failed', value: null, words: failureWords(failureOf(error)) });
    }
  }

  /** Every exercise that the class has, or could be given while it is taught. */
  exercises(): readonly ExerciseRevision[] {
    return this.kept?.revisions ?? [];
  }

  /** Says one sentence to the teacher. */
  tell(words: string): void {
    this.told.set(words);
  }

  dismiss(): void {
    this.told.set(null);
  }

  /** Begins anew: the old run stays in the log as it is. */
  async startOver(): Promise<void> {
    const { kept } = this;
    if (!kept) return;
    const { classId } = kept.start;
    if (this.now()?.status !== 'over') this.act({ kind: 'ended' });
    if (!this.rehearsal) this.runs.sendTyped(kept);
    await this.runs.forget(kept);
    this.beating.unsubscribe();
    this.kept = null;
    this.begins.set(false);
    this.planned.set(null);
    this.handedOver = false;
    this.typing.set(nothingTyped);
    this.called.set(nobodyNamed);
    this.now.set(null);
    this.told.set(null);
    await this.open(classId, this.rehearsal);
  }

  act(event: RunAction): void {
    const kept = this.kept;
    const state = this.now();
    if (!kept || !state) return;
    if (!kept.begun) this.begin();
    this.append(event, this.clock.nowMs());
  }

  /** The room does something by itself: the teacher's undo does not take it back. */
  happens(event: RunAction): void {
    if (this.kept?.begun) this.append(event, this.clock.nowMs(), roomDevice);
  }

  /** What was done so far, and the class before anything of it was. */
  played(): { readonly planned: Plan; readonly events: readonly RunEvent[] } | null {
    return this.kept && { planned: this.kept.start.plan, events: this.kept.events };
  }

  /** Takes back the last thing done that can be. */
  undo(): void {
    const undone = new Set(this.kept?.events.flatMap((e) => (e.event.kind === 'undone' ? [e.event.seq] : [])));
    const last = this.kept?.events.findLast(
      ({ deviceId, event, seq }) =>
        deviceId !== roomDevice && event.kind !== 'undone' && event.kind !== 'observed' && !undone.has(seq),
    );
    if (last) this.act({ kind: 'undone', seq: last.seq });
  }

  /** One more or one less set of the item being taught; refused changes say so. */
  changeSets(by: 1 | -1): void {
    const state = this.now();
    const bout = state && currentBout(state);
    if (!state || !bout?.itemId) return;
    const command = changeSets(state.plan, bout.itemId, by);
    if (command) this.act({ kind: 'adapted', command });
    else this.told.set(by === -1 ? 'There is only one set.' : 'That is as many sets as there can be.');
  }

  /** Nothing of it is kept, and nobody is named. */
  rehearses(): boolean {
    return this.rehearsal;
  }

  /**
   * Teaches another plan than the one that was opened, before the first tap: the class as it fits the room.
   * @param words what is said of it
   */
  meet(plan: Plan, revisions: readonly ExerciseRevision[], words: string): void {
    const { kept } = this;
    if (!kept || kept.begun) return;
    const news = revisions.filter((one) => !kept.revisions.some(({ revision }) => revision === one.revision));
    this.planned.set({ plan: this.planned()?.plan ?? kept.start.plan, words });
    this.kept = { ...kept, start: { ...kept.start, plan }, revisions: [...kept.revisions, ...news] };
    this.now.set(startRun(plan, this.find));
  }

  /** One step back from what was changed at the door. */
  unmeet(): void {
    const planned = this.planned();
    if (planned) this.meet(planned.plan, [], '');
    this.planned.set(null);
  }

  /** Changes the class with one tap; what makes no sense now is told. */
  adapt(what: Adaptation): void {
    const state = this.now();
    const found = state && adapted(what, state, this.standbys(), newId);
    if (found) this.act(found.action);
    else if (state) this.told.set('That cannot be done just now.');
  }

  /** What an adaptation would come to, in words; null where it makes no sense now. */
  wordsOf(what: Adaptation, state: RunState): string | null {
    return adapted(what, state, this.standbys(), newId)?.words ?? null;
  }

  private standbys(): readonly ExerciseRevision[] {
    return this.kept?.revisions.filter(({ exercise }) => isStandby(exercise)) ?? [];
  }

  /** Another page may have changed the plan; the class goes on as it was begun. */
  async checkPlan(): Promise<void> {
    const start = this.kept?.start;
    if (!start || !this.kept?.begun) return;
    try {
      const { version } = await firstValueFrom(this.classes.read(start.classId));
      if (version !== start.version)
        this.told.set('The plan was changed on another page. This class goes on as it was when you began.');
    } catch (error) {
      const failure = failureOf(error);
      const isGone = failure.kind === 'problem' && failure.problem.code === 'not-found';
      // without the server the class goes on; that is said where it is sent
      if (isGone)
        this.told.set('The plan was deleted on another page. This class goes on as it was, and goes to the log.');
    }
  }

  /** What is known of people by name: it stays on this device. */
  name(names: Names): void {
    if (!this.kept || this.rehearsal) return;
    this.called.set(names);
    this.kept = { ...this.kept, names };
    this.keepNow();
  }

  /** What is typed for the log; kept with each letter. */
  type(headcount: string, note: string): void {
    if (!this.kept) return;
    this.typing.set({ headcount, note });
    this.kept = { ...this.kept, typed: { headcount: headcount.slice(0, 10), note: note.slice(0, 2000) } };
    this.keepNow();
  }

  /** Puts the class in the log with what the teacher adds; true when the server has it, else it goes there later. */
  async remark(headcount: number | null, note: string): Promise<boolean> {
    if (this.rehearsal) return false;
    this.putInLog();
    const { kept } = this;
    if (!kept) return false;
    const result = await this.runs.remark(kept, headcount, note);
    if (result === 'refused') return false;
    // All of it is with the outbox or the server: the floor opens anew the next time.
    this.handedOver = true;
    await this.runs.forget(kept);
    return result === 'sent';
  }

  /** Seconds on the floor that nobody has said are a class; null where it is one, or nothing was begun. */
  undecidedMs(): number | null {
    const state = this.now();
    return !this.rehearsal && this.kept?.begun && this.kept.unsentFrom !== null && !this.handedOver && state
      ? state.atMs
      : null;
  }

  /** Seconds that were no class: they are forgotten. */
  async leaveOut(): Promise<void> {
    const { kept } = this;
    if (!kept) return;
    this.handedOver = true;
    this.beating.unsubscribe();
    await this.runs.forget(kept);
  }

  /** It was a class, however short. */
  keepInLog(): void {
    this.putInLog();
  }

  ngOnDestroy(): void {
    this.beating.unsubscribe();
    // who was there has no business in this browser once the class is over
    if (this.now()?.status === 'over') this.name(nobodyNamed);
    else this.keepNow();
    if (this.kept && !this.handedOver && !this.rehearsal) this.runs.sendTyped(this.kept);
    if (this.kept) this.runs.release(this.kept);
  }

  readonly find: FindRevision = (revision) =>
    this.kept?.revisions.find((r) => r.revision === revision)?.exercise ?? null;

  private prepare({ plan, version, revisions, standbys, taught }: ClassRead): void {
    const atHand = standbys.filter((one) => !revisions.some(({ revision }) => revision === one.revision));
    this.kept = {
      format: 1,
      runId: newId(),
      deviceId: newId(),
      start: { classId: plan.id, version, plan, startedAt: new Date(this.clock.wallMs()).toISOString() },
      revisions: [...revisions, ...atHand],
      taught,
      events: [],
      unsentFrom: null,
      begun: false,
      seenAtMs: this.clock.wallMs(),
      typed: nothingTyped,
      names: nobodyNamed,
    };
    this.runs.own(this.kept);
    this.id.set(this.kept.runId);
    this.now.set(startRun(plan, this.find));
  }

  /** The first tap: the clock of the class starts now, not when the page was opened. */
  private begin(): void {
    const kept = this.kept;
    if (!kept) return;
    const startedMs = this.clock.wallMs();
    const start = { ...kept.start, startedAt: new Date(startedMs).toISOString() };
    this.kept = { ...kept, begun: true, start, unsentFrom: 0 };
    this.begins.set(true);
    this.planned.set(null);
    this.clock.begin(startedMs);
    this.beat();
  }

  private resume(kept: KeptRun): void {
    this.kept = lastsMs(kept) >= classMs ? this.runs.handOver(kept) : kept;
    this.begins.set(true);
    this.id.set(kept.runId);
    this.typing.set(kept.typed);
    this.called.set(kept.names);
    this.clock.begin(Date.parse(kept.start.startedAt));
    const gapMs = this.clock.wallMs() - kept.seenAtMs;
    const seenMs = Math.max(0, this.clock.nowMs() - gapMs);
    this.now.set(replay(kept.start.plan, kept.events, Math.max(seenMs, kept.events.at(-1)?.atMs ?? 0), this.find));
    this.awayFor(gapMs, seenMs);
    this.beat();
    void this.checkPlan();
  }

  private beat(): void {
    this.beating.unsubscribe();
    this.beating = this.clock.beats$.subscribe(() => this.tick());
  }

  private tick(): void {
    const slept = this.clock.asleep();
    if (slept) this.awayFor(slept.sleptMs, slept.beforeMs);
    const state = this.now();
    if (!state || state.status === 'over') return;
    const now = this.clock.nowMs();
    const next = advanceTo(state, now);
    this.now.set(next);
    this.planTones(next, now);
    if (!this.rehearsal && this.kept?.unsentFrom !== null && now >= classMs) this.putInLog();
    if (now - this.lastKeptMs > 1000) this.keepNow();
  }

  /** The page was gone, or the machine slept: a count that was going is held at the rep where it was. */
  private awayFor(gapMs: number, beforeMs: number): void {
    const state = this.now();
    if (!state || gapMs < awayMs || state.status === 'over' || state.status === 'ready') return;
    const seconds = Math.round(gapMs / 1000);
    this.append({ kind: 'held' }, Math.max(beforeMs, this.kept?.events.at(-1)?.atMs ?? 0));
    this.told.set(`This screen was away for ${seconds} s. The count is held where it was; tap to go on.`);
  }

  private append(event: RunAction, atMs: number, deviceId = this.kept?.deviceId ?? ''): void {
    const { kept } = this;
    const state = this.now();
    if (!kept || !state) return;
    const made: RunEvent = { runId: kept.runId, deviceId, seq: kept.events.length, atMs, event };
    const events = [...kept.events, made];
    this.kept = { ...kept, events };
    this.handedOver = false;
    this.tones.hush();
    const changed =
      event.kind === 'undone' ? replay(kept.start.plan, events, atMs, this.find) : reduce(state, made, this.find);
    const now = this.clock.nowMs();
    const next = advanceTo(changed, now);
    this.now.set(next);
    // the first tone belongs to the tap itself: waiting for the next frame would make it late
    this.planTones(next, now);
    this.keepNow();
    if (this.rehearsal) return;
    if (this.kept.unsentFrom === null) this.runs.send(kept, made);
    else if (now >= classMs) this.putInLog();
  }

  /** From now on what is taught goes to the log as it happens. */
  private putInLog(): void {
    if (this.kept) this.kept = this.runs.handOver(this.kept);
    this.keepNow();
  }

  private planTones(state: RunState, now: number): void {
    const bout = currentBout(state);
    if (!bout || state.status !== 'work' || state.heldSinceMs !== null) return;
    // The instant of the first rep on this clock, had nothing been cut short or gone on beyond its plan.
    const { pieces, skippedMs } = state.ended;
    const { speed } = this.clock;
    const startMs = performance.now() - (now - state.statusSinceMs - state.heldMs + skippedMs) / speed;
    const from = passedMs(state) - 100;
    const due = tonesOf(bout, state.plan).filter((tone) => tone.workMs >= from && tone.workMs < from + 4500 * speed);
    this.tones.plan(
      due.map((tone) => ({
        key: `${bout.index} ${state.statusSinceMs} ${state.heldMs} ${pieces} ${tone.workMs}`,
        kind: tone.kind,
        atMs: startMs + tone.workMs / speed,
      })),
    );
  }

  private keepNow(): void {
    if (!this.kept?.begun || this.handedOver || this.rehearsal) return;
    this.lastKeptMs = this.clock.nowMs();
    this.kept = { ...this.kept, seenAtMs: this.clock.wallMs() };
    void this.runs.keep(this.kept).then((isKept) => {
      if (!isKept && !this.toldUnkept) this.told.set(unkeptWords);
      this.toldUnkept = !isKept;
    });
  }
}
