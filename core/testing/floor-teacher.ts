import type { Plan } from '../plan';
import {
  type Adaptation,
  type Bout,
  type RunAction,
  type RunEvent,
  type RunState,
  type Standby,
  adapted,
  advanceTo,
  currentBout,
  reduce,
  replay,
  startRun,
} from '../run';
import type { FindRevision } from '../timeline';

const go: RunAction = { kind: 'started' };

/** Another rep of the same open piece comes after this one. */
function goesOn(bout: Bout | null, { endMs, count }: Bout['events'][number]): boolean {
  const next = bout?.events.find((event) => event.startMs >= endMs && event.activity === 'work');
  const piece = (of: typeof count) => [of?.part, of?.set, of?.station].join(' ');
  return next?.open === true && piece(next.count) === piece(count);
}

/** A teacher on the floor in virtual time: taps as they come, one instant after the other, nothing by itself. */
export function floorTeacher(plan: Plan, find: FindRevision, standbys: readonly Standby[] = []) {
  const events: RunEvent[] = [];
  let atMs = 0;
  let made = 0;
  let state = startRun(plan, find);
  const now = (): RunState => (state = advanceTo(state, atMs));
  const tell = (event: RunAction, deviceId = 'tablet'): RunState => {
    const said = { runId: 'run-1', deviceId, seq: events.length, atMs, event };
    events.push(said);
    // what is taken back is as if it had never been; all else follows on
    state = event.kind === 'undone' ? replay(plan, events, atMs, find) : reduce(state, said, find);
    return now();
  };
  const wait = (ms: number): RunState => {
    atMs += ms;
    return now();
  };
  return {
    events,
    now,
    tell,
    wait,
    /** Begins the count of the bout that waits: set-up as long as it is planned. */
    count: (): RunState => {
      const bout = currentBout(now());
      if (bout && now().status === 'ready') tell(go);
      if (bout && now().status === 'set-up') {
        wait(bout.workStartMs - bout.startMs);
        tell(go);
      }
      return now();
    },
    /** From where a bout waits to the end of its work, with no set-up at all. */
    through: (): RunState => {
      for (let i = 0; i < 3 && now().status !== 'work'; i++) tell(go);
      const bout = currentBout(now());
      if (bout) wait(bout.workEndMs - bout.workStartMs);
      return now();
    },
    /** The work of a bout that has just begun, as planned: what has no end of its own is enough when its plan is over. */
    work: (): RunState => {
      for (const event of currentBout(now())?.events ?? []) {
        wait(event.endMs - event.startMs);
        if (event.open && !goesOn(currentBout(now()), event)) tell({ kind: 'enough' });
      }
      return now();
    },
    tap: (what: Adaptation): RunState | null => {
      const found = adapted(what, now(), standbys, () => `made-${++made}`);
      return found ? tell(found.action) : null;
    },
    says: (what: Adaptation): string | null => adapted(what, now(), standbys, () => 'made-x')?.words ?? null,
    undo: (): RunState => tell({ kind: 'undone', seq: events.findLast((e) => e.event.kind !== 'undone')!.seq }),
  };
}
