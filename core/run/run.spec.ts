import fc from 'fast-check';
import { type Dose, byFeel, counts, holds, reps, withRange, withUntil } from '../dose';
import { type Plan, type PlanCommand, defaultPace, isUnequal, itemsOf } from '../plan';
import { anyPlan, variedExercises } from '../testing/arbitrary';
import { bareClass, sampleExercise, sampleRevision, timelineOf } from '../testing/sample';
import { type TimelineEvent, eventAt } from '../timeline';
import { type RunAction, type RunEvent, effective } from './event';
import { boutsOf } from './bout';
import { following, momentOf } from './moment';
import { owed, owedNow, retime } from './retime';
import { tonesOf } from './tones';
import { type RunState, advanceTo, counting, currentBout, replay, startRun, workMsOf } from './run';

const press = sampleExercise('press');
const rise = sampleExercise('rise', { sidePattern: 'both', position: 'standing' });
const exercises = [press, rise];
const find = (revision: string) => exercises[Number.parseInt(revision, 16)] ?? null;
const { plan } = bareClass(
  [
    { exercise: press, dose: reps(5) },
    { exercise: rise, dose: holds(2, 10, 5) },
  ],
  { pace: { ...defaultPace(), chairSeconds: 8 } },
);

/** A teacher with a list of what they do and when. */
const teach = (script: readonly (readonly [number, RunAction])[], on: Plan = plan) => {
  const events = script.map(([atMs, event], seq): RunEvent => ({
    runId: 'run-1',
    deviceId: 'dev-1',
    seq,
    atMs,
    event,
  }));
  return { events, at: (atMs: number) => replay(on, events, atMs, find) };
};
const go: RunAction = { kind: 'started' };

describe('a class that follows the teacher', () => {
  it('waits ready until it is started, however long that takes', () => {
    const state = teach([]).at(90_000);
    expect(state.status).toBe('ready');
    expect(retime(state)).toMatchObject({ elapsedMs: 90_000, behindMs: 85_000, laterMs: 85_000 });
    expect(retime(state).slotEndsMs).toBe(plan.slotSeconds * 1000 - 85_000);
  });

  it('sets up on the first tap, counts on the second, sets up the other side by itself, then waits at the next item', () => {
    const { at } = teach([
      [0, go],
      [10_000, go],
      [40_000, go],
    ]);
    expect(at(9000).status).toBe('set-up');
    expect(counting(at(10_000 + 9000))?.count).toMatchObject({ unit: 3, units: 5 });
    expect(at(30_000)).toMatchObject({ status: 'set-up', boutIndex: 1 });
    expect(counting(at(41_000))?.feet).toBe('right');
    expect(at(60_000)).toMatchObject({ status: 'ready', boutIndex: 2 });
  });

  it('holds the count and goes on where it was', () => {
    const { at } = teach([
      [0, go],
      [10_000, go],
      [15_000, { kind: 'held' }],
      [45_000, { kind: 'resumed' }],
    ]);
    expect(counting(at(40_000))?.count?.unit).toBe(2);
    expect(counting(at(46_000))?.count?.unit).toBe(2);
    expect(counting(at(48_000))?.count?.unit).toBe(3);
    const record = at(61_000).records[0];
    expect(record).toMatchObject({ workMs: 20_000, heldMs: 30_000, setUpMs: 10_000, unitsDone: 5 });
  });

  it('goes on by itself only when asked', () => {
    const { at } = teach([[0, { kind: 'flowing', on: true }]]);
    expect(at(plan.slotSeconds * 1000).status).toBe('over');
    expect(retime(at(30_000)).behindMs).toBe(0);
  });

  it('goes on from when that is asked: what stood ready, or was being set up, loses nothing of its count', () => {
    const waited = teach([[27_000, { kind: 'flowing', on: true }]]);
    expect(waited.at(26_999).status).toBe('ready');
    expect(waited.at(27_000)).toMatchObject({ status: 'set-up', statusSinceMs: 27_000 });
    const settingUp = teach([
      [0, go],
      [90_000, { kind: 'flowing', on: true }],
    ]);
    expect(settingUp.at(91_000)).toMatchObject({ status: 'work', statusSinceMs: 90_000 });
    // also where it was asked while the class was held
    const held = teach([
      [5000, { kind: 'held' }],
      [40_000, { kind: 'flowing', on: true }],
      [50_000, { kind: 'resumed' }],
    ]);
    expect(held.at(50_000)).toMatchObject({ status: 'set-up', statusSinceMs: 50_000 });
  });

  it('takes one more set for both feet when it is added on the first, and says the new end', () => {
    const command: PlanCommand = {
      type: 'edit-item',
      itemId: 'item-0',
      change: { dose: [reps(5, { sets: 2, setRest: 10 })] },
    };
    const { at } = teach([
      [0, go],
      [10_000, go],
      [12_000, { kind: 'adapted', command }],
    ]);
    expect(retime(at(12_000)).endsAtMs - retime(at(11_999)).endsAtMs).toBe(60_000);
    expect(retime(at(12_000)).laterMs - retime(at(11_999)).laterMs).toBe(60_000);
    expect(counting(at(10_000 + 30_000))?.count).toMatchObject({ set: 2, unit: 1 });
  });

  it('ignores a change that would take away what is being taught, and takes one of what is to come', () => {
    const without = (itemId: string) =>
      teach([
        [0, go],
        [5000, { kind: 'adapted', command: { type: 'remove-item', itemId } }],
      ]).at(6000);
    expect(without('item-0').bouts).toHaveLength(3);
    expect(without('item-1')).toMatchObject({ bouts: { length: 2 }, boutIndex: 0, status: 'set-up' });
    // what gives way makes it end sooner than it was to, and moves no place of the plan before it
    const [now, whole] = [retime(without('item-1')), teach([]).at(0).timeline.totalMs];
    // a second more of set-up than planned
    expect(now.behindMs).toBe(1000);
    expect(now.laterMs).toBe(now.endsAtMs - whole);
    expect(now.laterMs).toBeLessThan(-20_000);
  });

  it('stops when the class is ended and keeps what was done', () => {
    const state = teach([
      [0, go],
      [10_000, go],
      [18_500, { kind: 'ended' }],
    ]).at(60_000);
    expect(state.status).toBe('over');
    expect(state.records).toMatchObject([{ unitsDone: 2, unitsPlanned: 5, workMs: 8500 }]);
  });
});

describe('owed reps', () => {
  it('says what the second side is short of: five planned, four done', () => {
    const state = teach([
      [0, go],
      [10_000, go],
      [40_000, go],
      [56_500, { kind: 'moved', bout: 2 }],
    ]).at(57_000);
    expect(owed(state)).toEqual([{ itemId: 'item-0', side: 'right', units: 1 }]);
  });

  it('is quiet while the other side has yet to come, and where sides are unequal on purpose', () => {
    expect(
      owed(
        teach([
          [0, go],
          [10_000, go],
        ]).at(35_000),
      ),
    ).toEqual([]);
    const extra = {
      ...plan,
      blocks: plan.blocks.map((b) => ({
        ...b,
        items: b.items.map((i) => ({ ...i, sides: { mode: 'extra-set' as const, weaker: 'left' as const } })),
      })),
    };
    expect(owed(teach([[0, { kind: 'flowing', on: true }]], extra).at(600_000))).toEqual([]);
  });
});

describe('tones', () => {
  it('sound at each rep, each phase and the end of the bout, and rest in rests', () => {
    const { plan, timeline } = bareClass([{ exercise: sampleExercise('band', {}, [2, 1, 3]), dose: reps(2) }]);
    const [bout] = boutsOf(timeline);
    expect(bout && tonesOf(bout, plan).map((t) => `${t.kind} ${t.workMs}`)).toEqual([
      'rep 0',
      'phase 2000',
      'phase 3000',
      'rep 6000',
      'phase 8000',
      'phase 9000',
      'end 12000',
    ]);
    const [held] = boutsOf(bareClass([{ exercise: rise, dose: holds(2, 10, 5) }]).timeline);
    expect(held && tonesOf(held, plan).map((t) => t.workMs)).toEqual([0, 15_000, 25_000]);
  });

  it('to counts every beat is heard, the count-in too; to a piece of music only where a phrase begins', () => {
    const walk = sampleExercise('walk', { sidePattern: 'travelling' });
    const piece = { id: 'tide', title: 'Tide', beatsPerMinute: 120, seconds: 180 };
    const heard = (item: { piece: string | null }) => {
      const music = { countIn: 4 as const, pieces: [piece] };
      const { plan, timeline } = bareClass([{ exercise: walk, dose: counts(2, 4, 120), item }], { music });
      const [bout] = boutsOf(timeline);
      return tonesOf(bout!, plan).map((t) => `${t.kind} ${t.workMs}`);
    };
    expect(heard({ piece: null }).slice(0, 6)).toEqual([
      'beat 0',
      'beat 500',
      'beat 1000',
      'beat 1500',
      'rep 2000',
      'beat 2500',
    ]);
    // four to count in, two phrases of four, and the end
    expect(heard({ piece: null })).toHaveLength(13);
    expect(heard({ piece: 'tide' })).toEqual(['beat 0', 'rep 2000', 'rep 4000', 'end 6000']);
  });
});

describe('events', () => {
  it('sent twice count once; in any order they give the same class', () => {
    const { events } = teach([
      [0, go],
      [10_000, go],
      [15_000, { kind: 'held' }],
    ]);
    expect(replay(plan, [...events, ...events].reverse(), 20_000, find)).toEqual(replay(plan, events, 20_000, find));
  });

  it('are taken back by a compensating event, never removed', () => {
    const { events, at } = teach([
      [0, go],
      [10_000, go],
      [15_000, { kind: 'moved', bout: 2 }],
      [16_000, { kind: 'undone', seq: 2 }],
    ]);
    expect(events).toHaveLength(4);
    expect(effective(events).map((e) => e.seq)).toEqual([0, 1]);
    expect(at(18_000)).toMatchObject({ boutIndex: 0, status: 'work' });
  });

  it('are a reload: replaying at an instant is the same as having been there', () => {
    const { at } = teach([
      [0, go],
      [10_000, go],
    ]);
    expect(advanceTo(at(12_345), 23_456)).toEqual(at(23_456));
  });
});

const piece = ({ open, count }: TimelineEvent) => open && `${count?.part} ${count?.set} ${count?.station}`;

/** Teaches any plan exactly as planned, in virtual time: a tap whenever the timeline moves on, or open work is enough. */
function taughtAsPlanned(any: Plan): { events: RunEvent[]; bouts: ReturnType<typeof boutsOf> } {
  const bouts = boutsOf(timelineOf(any, variedExercises));
  const taps = bouts.flatMap((bout): { atMs: number; event: RunAction }[] => {
    const straight = bout.goesStraightOn || bout.workStartMs === bout.startMs;
    const starts = straight ? [bout.workStartMs] : [bout.startMs, bout.workStartMs];
    const ends = bout.events.filter((e, i) => {
      const next = bout.events[i + 1];
      const goesOn = next?.open ? next : bout.events[i + 2];
      return e.open && (goesOn === undefined || piece(goesOn) !== piece(e));
    });
    return [
      ...starts.map((atMs) => ({ atMs, event: go })),
      ...ends.map((e) => ({ atMs: e.endMs, event: { kind: 'enough' } as const })),
    ];
  });
  const events = taps.map(({ atMs, event }, seq) => ({ runId: 'run-1', deviceId: 'dev-1', seq, atMs, event }));
  return { bouts, events };
}
const findVaried = (revision: string) => variedExercises[Number.parseInt(revision, 16)] ?? null;

describe('a whole class in virtual time, taught as planned', () => {
  it('counts what the timeline says, to the millisecond, and ends when it ends', () => {
    fc.assert(
      fc.property(anyPlan(), fc.array(fc.nat(), { minLength: 5, maxLength: 5 }), (any, instants) => {
        const timeline = timelineOf(any, variedExercises);
        if (timeline.totalMs === 0) return;
        const { events } = taughtAsPlanned(any);
        const edges = timeline.events.filter((e) => e.activity === 'work').flatMap((e) => [e.startMs, e.endMs - 1]);
        for (const n of instants) {
          const atMs = edges[n % Math.max(1, edges.length)] ?? 0;
          expect(counting(replay(any, events, atMs, findVaried))).toEqual(eventAt(timeline, atMs));
        }
        const end: RunState = replay(any, events, timeline.totalMs, findVaried);
        expect(end.status).toBe('over');
        expect(retime(end)).toMatchObject({ behindMs: 0, endsAtMs: timeline.totalMs });
        expect(end.records.reduce((ms, r) => ms + r.unitsDone, 0)).toBe(
          end.records.reduce((ms, r) => ms + r.unitsPlanned, 0),
        );
        if (itemsOf(any).every((i) => !isUnequal(i.sides))) expect(owed(end)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  it('cuts any class into bouts without gaps', () => {
    fc.assert(
      fc.property(anyPlan(), (any) => {
        const timeline = timelineOf(any, variedExercises);
        const bouts = boutsOf(timeline);
        expect(
          bouts.filter((bout, i) => bout.startMs !== (bouts[i - 1]?.endMs ?? 0) || bout.endMs <= bout.startMs),
        ).toEqual([]);
        expect(bouts.at(-1)?.endMs ?? 0).toBe(timeline.totalMs);
      }),
      { numRuns: 60 },
    );
  });

  it('starts with nothing to count in an empty class', () => {
    expect(startRun({ ...plan, blocks: [] }, find).status).toBe('over');
    expect(currentBout(startRun({ ...plan, blocks: [] }, find))).toBeNull();
    expect(sampleRevision(1)).toHaveLength(16);
  });
});

describe('work that has no end of its own (practice)', () => {
  const toes = sampleExercise('toes', { sidePattern: 'both' });
  const felt = withUntil(withRange(reps(8), [5, 10]), 'the toes fan');
  const open = (dose: Dose) =>
    bareClass([
      { exercise: toes, dose },
      { exercise: toes, dose: reps(2) },
    ]).plan;
  const taught = (on: Plan, script: readonly (readonly [number, RunAction])[]) => {
    const events = script.map(([atMs, event], seq): RunEvent => ({
      runId: 'run-1',
      deviceId: 'dev-1',
      seq,
      atMs,
      event,
    }));
    return (atMs: number) => replay(on, events, atMs, () => toes);
  };
  const enough: RunAction = { kind: 'enough' };

  it('goes on until the teacher taps, however long, also where the class goes on by itself', () => {
    const at = taught(open([byFeel(20, 40, 60)]), [
      [0, { kind: 'flowing', on: true }],
      [0, go],
    ]);
    expect(at(300_000)).toMatchObject({ status: 'work', boutIndex: 0 });
    expect(momentOf(at(75_500))).toMatchObject({
      count: '76',
      of: 'seconds of 20 to 60, until it is felt',
      open: true,
    });
  });

  it('ends with the tap, early or late, and owes nothing', () => {
    for (const tap of [12_000, 95_000]) {
      const state = taught(open([felt]), [
        [0, go],
        [tap, enough],
      ])(tap + 10);
      expect([tap, state.boutIndex, state.status]).toEqual([tap, 1, 'ready']);
      expect(state.records[0]).toMatchObject({ unitsDone: 8, unitsPlanned: 8, workMs: tap });
      expect(owed(state)).toEqual([]);
    }
  });

  it('counts its reps on past the usual one, with the window shown', () => {
    const at = taught(open([felt]), [[0, go]]);
    expect(momentOf(at(9000))).toMatchObject({ count: '3', of: 'of 5 to 10, until the toes fan' });
    expect(momentOf(at(44_500))).toMatchObject({ count: '12', open: true });
  });

  it('of several rounds ends each by its own tap, with the rest between', () => {
    const rounds = [byFeel(10, 20, 40, { sets: 2, setRest: 15 })];
    const at = taught(open(rounds), [
      [0, go],
      [30_000, enough],
      [50_000, enough],
    ]);
    expect(momentOf(at(31_000))?.doing).toBe('rest between rounds');
    expect(momentOf(at(46_000))).toMatchObject({ count: '2', station: 'round 2 of 2' });
    expect(at(50_001)).toMatchObject({ boutIndex: 1 });
  });

  it('followed by counted work goes on to it', () => {
    const at = taught(open([felt, reps(3)]), [
      [0, go],
      [10_000, enough],
    ]);
    expect(momentOf(at(11_000))).toMatchObject({ count: '1', of: 'of 3', open: false });
    expect(at(10_000 + 3 * 4000 + 1)).toMatchObject({ boutIndex: 1 });
  });

  it('a tap of enough means nothing where the count has its own end', () => {
    const at = taught(open([reps(8)]), [
      [0, go],
      [5000, enough],
    ]);
    expect(momentOf(at(6000))).toMatchObject({ count: '2', open: false });
  });

  it('makes no tone: a tone would end it', () => {
    const { plan: felt, timeline } = bareClass([{ exercise: toes, dose: byFeel(20, 40, 60) }]);
    const [bout] = boutsOf(timeline);
    expect(bout && tonesOf(bout, felt)).toEqual([]);
  });

  it('keeps the plan’s place: late by what it took longer', () => {
    const at = taught(open([byFeel(20, 40, 60)]), [
      [0, go],
      [70_000, enough],
    ]);
    expect(retime(at(70_000)).behindMs).toBe(30_000);
  });
});

describe('what one foot owes is owed at once (practice)', () => {
  const turn = sampleExercise('turn');
  const both = bareClass([
    { exercise: turn, dose: reps(3, { per: { directions: 2 } }) },
    { exercise: rise, dose: reps(2) },
  ]).plan;
  const findTurn = (revision: string) => [turn, rise][Number.parseInt(revision, 16)] ?? null;
  const events = (script: readonly (readonly [number, RunAction])[]) =>
    script.map(([atMs, event], seq): RunEvent => ({ runId: 'run-1', deviceId: 'dev-1', seq, atMs, event }));
  // left: all six; right: cut short after three, the other way is missing
  const short: readonly (readonly [number, RunAction])[] = [
    [0, go],
    [24_000, go],
    [36_500, { kind: 'moved', bout: 2 }],
  ];
  const at = (script: readonly (readonly [number, RunAction])[], atMs: number) =>
    replay(both, events(script), atMs, findTurn);

  it('says which foot, how many, and where they begin, as soon as both had their turn', () => {
    expect(owedNow(at([[0, go]], 10_000))).toEqual([]);
    const [debt] = owedNow(at(short, 37_000));
    expect(debt).toMatchObject({ side: 'right', units: 3, bout: 1, fromMs: 12_000 });
    expect(debt?.event.count).toMatchObject({ station: 2, unit: 1 });
  });

  it('is done with one tap, counted from where it stopped, and the class goes on where it was', () => {
    const made = [...short, [38_000, { kind: 'made-up', bout: 1, fromMs: 12_000 }] as const];
    expect(momentOf(at(made, 39_000))).toMatchObject({ count: '1', station: 'way 2 of 2' });
    const after = at(made, 50_001);
    expect([after.boutIndex, after.status, owed(after), owedNow(after)]).toEqual([2, 'ready', [], []]);
    expect(after.records.at(-1)).toMatchObject({ feet: 'right', unitsDone: 3 });
  });

  it('sounds its tones from where the count goes on', () => {
    const made = [...short, [38_000, { kind: 'made-up', bout: 1, fromMs: 12_000 }] as const];
    const now = at(made, 39_000);
    const bout = currentBout(now)!;
    const coming = tonesOf(bout, now.plan).filter((tone) => tone.workMs > workMsOf(now));
    expect(coming.map((t) => [t.kind, t.workMs])).toEqual([
      ['rep', 16_000],
      ['rep', 20_000],
      ['end', 24_000],
    ]);
  });

  it('keeps the clock of the class while it is made up: the rest is still to come, and comes that much later', () => {
    const first = [
      [0, go],
      [13_000, { kind: 'moved', bout: 1 }],
      [13_000, go],
      [13_000, go],
    ] as const;
    // left: three of six; right: all six, over at 37 s; then the left foot's three, 12 s
    const made = [...first, [38_000, { kind: 'made-up', bout: 0, fromMs: 12_000 }]] as const;
    const before = at(first, 38_000);
    expect(owedNow(before)).toMatchObject([{ side: 'left', units: 3, bout: 0 }]);
    const now = at(made, 42_000);
    expect(retime(now).endsAtMs).toBe(retime(before).endsAtMs + 12_000);
    expect(following(now)).toMatchObject({ kind: 'item' });
    expect(at(made, 50_001)).toMatchObject({ boutIndex: 2, status: 'ready' });
  });

  it('is not offered while something else is counted, nor once the next item is over', () => {
    const next = [...short, [40_000, go] as const];
    expect(at(next, 41_000).status).toBe('work');
    expect(owedNow(at(next, 41_000))).toEqual([]);
    // a tap in the middle of the count changes nothing
    const wrong = [...next, [41_000, { kind: 'made-up', bout: 1, fromMs: 12_000 }] as const];
    expect(at(wrong, 41_500)).toMatchObject({ boutIndex: 2, status: 'work' });
  });
});

describe('a look again is answered on the floor', () => {
  it('for each foot, the last answer counting', () => {
    const answer = (feet: 'left' | 'right', said: 'same' | 'better' | 'worse'): RunAction => ({
      kind: 'answered',
      itemId: 'item-1',
      feet,
      answer: said,
    });
    const { at } = teach([
      [0, answer('left', 'same')],
      [1000, answer('right', 'better')],
      [2000, answer('left', 'worse')],
    ]);
    expect(at(3000).answers).toEqual([
      { itemId: 'item-1', feet: 'right', answer: 'better' },
      { itemId: 'item-1', feet: 'left', answer: 'worse' },
    ]);
  });
});
