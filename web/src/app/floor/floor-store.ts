import { Injectable, type OnDestroy, computed, inject, signal } from '@angular/core';
import { Subscription, firstValueFrom } from 'rxjs';
import { type Fit, commandOf, remainderOf } from '@core/fit';
import { type Plan, applyCommand, findItem } from '@core/plan';
import {
  type RunAction,
  type RunEvent,
  type RunState,
  advanceTo,
  currentBout,
  reduce,
  replay,
  retime,
  statusMs,
  startRun,
  tonesOf,
} from '@core/run';
import { sayTime } from '@core/say-time';
import type { FindRevision } from '@core/timeline';
import { ClassApi } from '../api/class-api';
import { newId } from '../api/new-id';
import { RunApi } from '../api/run-api';
import { failureOf, failureWords } from '../api/problem';
import { HeavyWork } from '../worker/heavy-work';
import { FloorClock } from './floor-clock';
import { type KeptRun, RunBox } from './run-box';
import { ToneBox } from './tone-box';

/** A gap this long while the page was away holds the count where it was. */
const awayMs = 8000;
/** A run left longer than this is not taken up again. */
const staleMs = 6 * 3_600_000;

/** The class on the floor: events in, state out. Everything is kept in this browser first and sent when it can be. */
@Injectable()
export class FloorStore implements OnDestroy {
  private readonly classes = inject(ClassApi);
  private readonly runs = inject(RunApi);
  private readonly box = inject(RunBox);
  private readonly clock = inject(FloorClock);
  private readonly tones = inject(ToneBox);
  private readonly heavy = inject(HeavyWork);
  private kept: KeptRun | null = null;
  private beating = new Subscription();
  private lastKeptMs = 0;
  private sending = false;

  readonly state = signal<RunState | null>(null);
  readonly failure = signal<string | null>(null);
  /** What the teacher should know: one sentence, until it is dismissed. */
  readonly notice = signal<string | null>(null);
  readonly runId = signal<string | null>(null);
  readonly begun = computed(() => this.state() !== null && this.runId() !== null);

  /** Opens a class for the floor; an unfinished run goes on where it was, at the same rep. */
  async open(classId: string): Promise<void> {
    const kept = await this.box.find(classId);
    const fresh = kept !== null && this.clock.wallMs() - kept.seenAtMs < staleMs;
    if (kept && fresh && kept.begun) {
      this.resume(kept);
      return;
    }
    try {
      const { plan, version, revisions } = await firstValueFrom(this.classes.read(classId));
      this.prepare({ plan, version, revisions });
    } catch (error) {
      this.failure.set(failureWords(failureOf(error)));
    }
  }

  /** Begins anew: the old run stays in the log as it is. */
  async startOver(): Promise<void> {
    const classId = this.kept?.start.classId;
    if (classId === undefined) return;
    if (this.state()?.status !== 'over') this.act({ kind: 'ended' });
    await this.send();
    await this.box.forget(classId);
    this.beating.unsubscribe();
    this.kept = null;
    this.state.set(null);
    this.notice.set(null);
    await this.open(classId);
  }

  act(event: RunAction): void {
    const kept = this.kept;
    const state = this.state();
    if (!kept || !state) return;
    if (!kept.begun) this.begin();
    this.append(event, this.clock.nowMs());
  }

  /** Takes back the last thing done that can be. */
  undo(): void {
    const undone = new Set(this.kept?.events.flatMap((e) => (e.event.kind === 'undone' ? [e.event.seq] : [])));
    const last = this.kept?.events.findLast(
      (e) => e.event.kind !== 'undone' && e.event.kind !== 'observed' && !undone.has(e.seq),
    );
    if (last) this.act({ kind: 'undone', seq: last.seq });
  }

  /** One more or one less set of the item being taught; refused changes say so. */
  changeSets(by: 1 | -1): void {
    const state = this.state();
    const bout = state && currentBout(state);
    const found = state && bout?.itemId ? findItem(state.plan, bout.itemId) : null;
    const [main, ...others] = found?.item.dose ?? [];
    if (!state || !found || !main) return;
    const setRestSeconds = main.setRestSeconds || 10;
    const command = {
      type: 'edit-item',
      itemId: found.item.id,
      change: { dose: [{ ...main, sets: main.sets + by, setRestSeconds }, ...others] },
    } as const;
    if (
      main.sets + by < 1 ||
      !applyCommand(state.plan, { ...command, change: { dose: [...command.change.dose] } }).ok
    ) {
      this.notice.set(by === -1 ? 'There is only one set.' : 'That is as many sets as there can be.');
      return;
    }
    this.act({ kind: 'adapted', command: { ...command, change: { dose: [...command.change.dose] } } });
  }

  /** Fits the doses that have not begun into what is left of the slot; one undo takes it back. */
  fitRest(): void {
    const state = this.state();
    if (!state || !this.kept) return;
    const { only, targetMs } = remainderOf(state);
    const exercises = this.kept.revisions.map(({ revision, exercise }) => [revision, exercise] as const);
    this.heavy.run({ kind: 'fit', plan: state.plan, exercises, only: [...only], targetMs, dropUpTo: 0 }).subscribe({
      next: ({ result }) => result && this.takeFit(state.plan, result),
      error: () => this.notice.set('The rest could not be worked out. The class goes on as it is.'),
    });
  }

  private takeFit(plan: Plan, found: Fit): void {
    const command = commandOf(plan, found.changes);
    if (this.state()?.plan !== plan) {
      this.notice.set('The class changed meanwhile; ask again.');
      return;
    }
    if (command) this.act({ kind: 'adapted', command });
    const now = this.state();
    const ends = now ? sayTime(retime(now).endsAtMs) : '';
    const doses = found.changes.length === 1 ? 'One dose is' : `${found.changes.length} doses are`;
    const change = command ? `${doses} changed; U takes it back.` : 'There is nothing left to shorten.';
    this.notice.set(
      found.fits
        ? `${change} The class ends at ${ends}.`
        : `${change} Even so it ends at ${ends}: leave something out.`,
    );
  }

  /** Another page may have changed the plan; the class goes on as it was begun. */
  async checkPlan(): Promise<void> {
    const start = this.kept?.start;
    if (!start || !this.kept?.begun) return;
    try {
      const { version } = await firstValueFrom(this.classes.read(start.classId));
      if (version !== start.version)
        this.notice.set('The plan was changed on another page. This class goes on as it was when you began.');
    } catch {
      // Without the server the class goes on; that is said where it is sent.
    }
  }

  async remark(headcount: number | null, note: string): Promise<boolean> {
    if (!this.kept) return false;
    const sent = await this.send();
    if (!sent) return false;
    try {
      await firstValueFrom(this.runs.remark(this.kept.runId, { headcount, note }));
      await this.box.forget(this.kept.start.classId);
      return true;
    } catch {
      return false;
    }
  }

  ngOnDestroy(): void {
    this.beating.unsubscribe();
    this.keepNow();
  }

  private readonly find: FindRevision = (revision) =>
    this.kept?.revisions.find((r) => r.revision === revision)?.exercise ?? null;

  private prepare(read: { plan: Plan; version: number; revisions: KeptRun['revisions'] }): void {
    const { plan, version, revisions } = read;
    this.kept = {
      runId: newId(),
      deviceId: newId(),
      start: { classId: plan.id, version, plan, startedAt: new Date(this.clock.wallMs()).toISOString() },
      revisions,
      events: [],
      sent: 0,
      begun: false,
      seenAtMs: this.clock.wallMs(),
    };
    this.runId.set(this.kept.runId);
    this.state.set(startRun(plan, this.find));
  }

  /** The first tap: the clock of the class starts now, not when the page was opened. */
  private begin(): void {
    const kept = this.kept;
    if (!kept) return;
    const startedMs = this.clock.wallMs();
    this.kept = { ...kept, begun: true, start: { ...kept.start, startedAt: new Date(startedMs).toISOString() } };
    this.clock.begin(startedMs);
    this.beat();
  }

  private resume(kept: KeptRun): void {
    this.kept = kept;
    this.runId.set(kept.runId);
    this.clock.begin(Date.parse(kept.start.startedAt));
    const gapMs = this.clock.wallMs() - kept.seenAtMs;
    const seenMs = Math.max(0, this.clock.nowMs() - gapMs);
    this.state.set(replay(kept.start.plan, kept.events, Math.max(seenMs, kept.events.at(-1)?.atMs ?? 0), this.find));
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
    const state = this.state();
    if (!state || state.status === 'over') return;
    const now = this.clock.nowMs();
    const next = advanceTo(state, now);
    this.state.set(next);
    this.planTones(next, now);
    if (now - this.lastKeptMs > 1000) this.keepNow();
  }

  /** The page was gone, or the machine slept: a count that was going is held at the rep where it was. */
  private awayFor(gapMs: number, beforeMs: number): void {
    const state = this.state();
    if (!state || gapMs < awayMs || state.status === 'over' || state.status === 'ready') return;
    const seconds = Math.round(gapMs / 1000);
    this.append({ kind: 'held' }, Math.max(beforeMs, this.kept?.events.at(-1)?.atMs ?? 0));
    this.notice.set(`This screen was away for ${seconds} s. The count is held where it was; tap to go on.`);
  }

  private append(event: RunAction, atMs: number): void {
    const { kept } = this;
    const state = this.state();
    if (!kept || !state) return;
    const made: RunEvent = { runId: kept.runId, deviceId: kept.deviceId, seq: kept.events.length, atMs, event };
    const events = [...kept.events, made];
    this.kept = { ...kept, events };
    this.tones.hush();
    const changed =
      event.kind === 'undone' ? replay(kept.start.plan, events, atMs, this.find) : reduce(state, made, this.find);
    const now = this.clock.nowMs();
    const next = advanceTo(changed, now);
    this.state.set(next);
    // the first tone belongs to the tap itself: waiting for the next frame would make it late
    this.planTones(next, now);
    this.keepNow();
    void this.send();
  }

  private planTones(state: RunState, now: number): void {
    const bout = currentBout(state);
    if (!bout || state.status !== 'work' || state.heldSinceMs !== null) return;
    const startMs = performance.now() - (now - state.statusSinceMs - state.heldMs);
    const from = statusMs(state) - 100;
    const due = tonesOf(bout).filter((tone) => tone.workMs >= from && tone.workMs < from + 4500);
    this.tones.plan(
      due.map((tone) => ({
        key: `${bout.index} ${state.statusSinceMs} ${state.heldMs} ${tone.workMs}`,
        kind: tone.kind,
        atMs: startMs + tone.workMs,
      })),
    );
  }

  private keepNow(): void {
    if (!this.kept?.begun) return;
    this.lastKeptMs = this.clock.nowMs();
    this.kept = { ...this.kept, seenAtMs: this.clock.wallMs() };
    void this.box.keep(this.kept);
  }

  /** Sends what the server does not have yet; true when it has everything. Without it the class goes on. */
  private async send(): Promise<boolean> {
    const { kept } = this;
    if (!kept?.begun || this.sending) return false;
    this.sending = true;
    try {
      if (kept.sent === 0) await firstValueFrom(this.runs.start(kept.runId, kept.start));
      const fresh = kept.events.slice(kept.sent, kept.sent + 400);
      if (fresh.length > 0) await firstValueFrom(this.runs.add(kept.runId, fresh));
      if (this.kept?.runId === kept.runId) this.kept = { ...this.kept, sent: kept.sent + fresh.length };
    } catch {
      return false;
    } finally {
      this.sending = false;
    }
    const left = this.kept ? this.kept.events.length - this.kept.sent : 0;
    return left > 0 ? this.send() : true;
  }
}
