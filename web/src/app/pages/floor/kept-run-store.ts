import { Injectable, inject } from '@angular/core';
import type { RunEvent } from '@core/run';
import { BrowserStore } from '../../data/browser-store';
import { Holds } from '../../data/holds';
import { newId } from '../../data/new-id';
import { Outbox } from '../../data/outbox';
import { FloorClock } from './floor-clock';
import { type KeptRun, keptRunKey, keptRunsOf, readKeptRun } from './kept-run';

/** A run left longer than this is not taken up again. */
const staleMs = 6 * 3_600_000;
/** A run is a class, and goes to the log by itself, once it has lasted so long; before that somebody is asked, ms. */
export const classMs = 60_000;

/** From its beginning to when it was last seen, ms. */
export const lastsMs = ({ start, seenAtMs }: KeptRun): number => seenAtMs - Date.parse(start.startedAt);
const holdOn = ({ runId }: Pick<KeptRun, 'runId'>): string => `run ${runId}`;

/** Runs as this browser keeps them, and their way to the log. */
@Injectable()
export class KeptRunStore {
  private readonly outbox = inject(Outbox);
  private readonly store = inject(BrowserStore);
  private readonly holds = inject(Holds);
  private readonly clock = inject(FloorClock);

  /**
   * The run of a class that nobody else goes on with. One that another page teaches is left to it; one that was left for
   * good is in the log already, and what was typed for it goes there now.
   */
  async unfinished(classId: string): Promise<{ readonly goesOn: KeptRun | null; readonly notice: string | null }> {
    const runs = keptRunsOf(classId);
    const found = await this.store.all(runs, 'A class that was begun on this floor', readKeptRun);
    const mine = found.filter(({ key }) => key === runs || key.startsWith(`${runs} `));
    const unreadable = mine.find((run) => run.unreadable !== null)?.unreadable ?? null;
    const newestFirst = mine
      .flatMap(({ key, value }) => (value ? [{ key, value }] : []))
      .sort((a, b) => b.value.seenAtMs - a.value.seenAtMs);
    let goesOn: KeptRun | null = null;
    let elsewhere = false;
    for (const { key, value } of newestFirst) {
      if (!(await this.holds.take(holdOn(value)))) {
        elsewhere = true;
        continue;
      }
      const fresh = this.clock.wallMs() - value.seenAtMs < staleMs;
      const wanted = goesOn === null && fresh && value.begun;
      if (wanted) goesOn = value;
      else this.sendTyped(value);
      if (!wanted || key === runs) await this.store.forget(key);
      if (!wanted) this.holds.release(holdOn(value));
    }
    const taughtElsewhere = `This class is being taught on another page of this browser. Here ${goesOn ? 'an earlier one goes on' : 'it begins anew'}, as a class of its own.`;
    return { goesOn, notice: elsewhere ? taughtElsewhere : unreadable };
  }

  /** Before anything of it is kept: from the first tap on another page can see it, and leaves it alone. */
  own(kept: KeptRun): void {
    void this.holds.takeOwn(holdOn(kept));
  }

  release(kept: KeptRun): void {
    this.holds.release(holdOn(kept));
  }

  /** @returns whether this browser has it: one that is full, or blocked, has not */
  keep(kept: KeptRun): Promise<boolean> {
    return this.store.keep(keptRunKey(kept), kept);
  }

  async forget(kept: KeptRun): Promise<void> {
    await this.store.forget(keptRunKey(kept));
    this.holds.release(holdOn(kept));
  }

  /** All of it that the log does not have goes there now; from then on what is taught goes there as it happens. */
  handOver(kept: KeptRun): KeptRun {
    if (kept.unsentFrom === null) return kept;
    const { runId, start } = kept;
    void this.outbox.put({ kind: 'run-start', format: 1, id: newId(), runId, start });
    const events = kept.events.slice(kept.unsentFrom);
    if (events.length > 0) void this.outbox.put({ kind: 'run-events', format: 1, id: newId(), runId, events });
    return { ...kept, unsentFrom: null };
  }

  send({ runId }: KeptRun, event: RunEvent): void {
    void this.outbox.put({ kind: 'run-events', format: 1, id: newId(), runId, events: [event] });
  }

  /** What was typed goes to the log also where nobody said so. */
  sendTyped(kept: KeptRun): void {
    const { runId, begun, typed } = kept;
    const people = Number(typed.headcount);
    const headcount = typed.headcount.trim() !== '' && people >= 0 && people <= 500 ? Math.round(people) : null;
    const isTyped = headcount !== null || typed.note.trim() !== '';
    if (begun && (isTyped || lastsMs(kept) >= classMs)) this.handOver(kept);
    if (!begun || !isTyped) return;
    const remarks = { headcount, note: typed.note };
    void this.outbox.put({ kind: 'run-remarks', format: 1, id: newId(), runId, remarks });
  }

  /** What the teacher adds when the class is over; whether it is with the server, will be, or is refused. */
  async remark({ runId }: KeptRun, headcount: number | null, note: string): Promise<'sent' | 'later' | 'refused'> {
    const letter = {
      kind: 'run-remarks' as const,
      format: 1 as const,
      id: newId(),
      runId,
      remarks: { headcount, note },
    };
    const { kind } = await this.outbox.send(letter);
    return kind === 'sent' || kind === 'refused' ? kind : 'later';
  }
}
