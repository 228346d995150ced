import { reps } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { type Plan, defaultPace, newBlock, newItem, newPlan } from '../plan';
import { type RunAction, type RunState, currentBout, isStandby, retime } from '../run';
import { floorTeacher } from '../testing/floor-teacher';
import { buildTimeline } from '../timeline';
import { type Happened, type Room, roomAction, roomDevice, watched } from './room';
import { type SurpriseKind, surprisesOf } from './surprise';
import { toldOf } from './told';

const all = catalogue.map((exercise, i) => ({ exercise, revision: i.toString(16).padStart(16, '0') }));
const find = (revision: string) => all.find((known) => known.revision === revision)?.exercise ?? null;
const base = { ...newPlan('plan-1', 'A class', 2400), pace: defaultPace() };
const item = (exerciseId: string, n: number) => {
  const known = all.find(({ exercise }) => exercise.id === exerciseId)!;
  return {
    ...newItem(`item-${n}`, known.exercise, known.revision, base.school),
    familiarity: 'known' as const,
    dose: [reps(12)],
  };
};
const classOf = (...ids: string[]): Plan => ({
  ...base,
  blocks: [newBlock('block-1', 'Work', ids.map(item))],
});
/** Seated on the floor, arch work, a band, and on the feet: whatever may happen has its place. */
const plan = classOf(
  'ankle-circles',
  'toe-wave',
  'short-foot',
  'cloth-drag',
  'band-turn-out',
  'band-turn-in',
  'two-foot-rise',
  'edge-to-edge',
);
const timeline = buildTimeline({ plan, find });
const kinds: readonly SurpriseKind[] = [
  'late-comers',
  'cramp',
  'snapped-band',
  'cannot-kneel',
  'numb-toe',
  'cut-short',
];

/** Rehearses the class second by second; what happens is answered as somebody would answer it. */
function rehearse(
  answer: (happened: Happened, state: RunState) => readonly (RunAction | number)[],
  seed = 7,
  of = plan,
) {
  const teacher = floorTeacher(
    of,
    find,
    all.filter(({ exercise }) => isStandby(exercise)),
  );
  const drawn = surprisesOf(of, buildTimeline({ plan: of, find }), seed);
  let room: Room = { seed, waiting: drawn, happened: [] };
  for (let second = 0; teacher.now().status !== 'over' && second < 9000; second++) {
    if (teacher.now().status !== 'work') teacher.tell({ kind: 'started' });
    const next = watched(room, teacher.now());
    if (next === room) {
      teacher.wait(1000);
      continue;
    }
    room = next;
    const happened = room.happened.at(-1)!;
    const own = roomAction(happened, teacher.now());
    if (own) teacher.tell(own, roomDevice);
    for (const step of answer(happened, teacher.now()))
      if (typeof step === 'number') teacher.wait(step);
      else teacher.tell(step);
  }
  const told = toldOf({ room, planned: of, state: teacher.now(), events: teacher.events, find });
  const of_ = (kind: SurpriseKind) => told.answers.find(({ happened }) => happened.kind === kind)!;
  return { room, told, state: teacher.now(), of: of_ };
}
const nothing = () => [];

describe('what a room does that nobody planned', () => {
  it('is the same room from the same seed, and another from another', () => {
    expect(surprisesOf(plan, timeline, 7)).toEqual(surprisesOf(plan, timeline, 7));
    const rooms = Array.from({ length: 30 }, (_, seed) => JSON.stringify(surprisesOf(plan, timeline, seed)));
    expect(new Set(rooms).size).toBeGreaterThan(25);
  });

  it('has each kind where the class gives cause for it: cramp in arch work, a band where there is one', () => {
    for (let seed = 0; seed < 60; seed++) {
      const drawn = surprisesOf(plan, timeline, seed);
      expect(drawn.map(({ kind }) => kind).sort()).toEqual([...kinds].sort());
      const at = (kind: SurpriseKind) => {
        const { itemId } = drawn.find((one) => one.kind === kind)!;
        return timeline.items.find((time) => time.itemId === itemId)!;
      };
      expect(at('cramp').execution!.exercise.family).toBe('arch');
      expect(at('snapped-band').execution!.kit.map(({ kit }) => kit)).toContain('band');
      expect(['kneeling', 'floor-seated', 'lying']).toContain(at('cannot-kneel').execution!.position);
      expect(at('late-comers').startMs).toBeLessThan(timeline.totalMs / 3);
      // a quarter is cut: as much again is left to give way
      expect(at('cut-short').startMs).toBeLessThan(0.55 * timeline.totalMs);
      expect(at('cut-short').startMs + at('cut-short').totalMs).toBeGreaterThan(0.3 * timeline.totalMs);
      const own = drawn.filter(({ kind }) => kind !== 'late-comers' && kind !== 'cut-short');
      expect(new Set(own.map(({ itemId }) => itemId)).size).toBe(own.length);
    }
  });

  it('has no cramp in arch work, no band and nobody who cannot kneel in a class without them', () => {
    const standing = classOf('two-foot-rise', 'one-leg-stand', 'edge-to-edge', 'small-jumps');
    for (let seed = 0; seed < 30; seed++) {
      const drawn = surprisesOf(standing, buildTimeline({ plan: standing, find }), seed);
      const found = drawn.map(({ kind }) => kind);
      for (const kind of ['cramp', 'snapped-band', 'cannot-kneel'] as const) expect(found).not.toContain(kind);
    }
  });

  it('takes ten minutes off the end of a class of forty, and one off a class of five', () => {
    const cut = (slotSeconds: number) =>
      Array.from({ length: 40 }, (_, seed) => surprisesOf({ ...plan, slotSeconds }, timeline, seed))
        .flat()
        .find(({ kind }) => kind === 'cut-short')!.cutSeconds;
    expect([cut(2400), cut(3600), cut(300), cut(1200)]).toEqual([600, 600, 60, 300]);
  });

  it('is not more than a short class can bear, and comes in the order of the class', () => {
    for (let seed = 0; seed < 30; seed++) {
      expect(surprisesOf({ ...plan, slotSeconds: 300 }, timeline, seed).length).toBeLessThanOrEqual(2);
      const starts = surprisesOf(plan, timeline, seed).map(
        ({ itemId }) => timeline.items.find((time) => time.itemId === itemId)!.startMs,
      );
      expect(starts).toEqual([...starts].sort((a, b) => a - b));
    }
  });

  it('waits for its share of the work, and while something owed is made up', () => {
    const cramp = surprisesOf(plan, timeline, 7).find(({ kind }) => kind === 'cramp')!;
    const room: Room = { seed: 7, waiting: [cramp], happened: [] };
    const teacher = floorTeacher(plan, find);
    const bout = teacher.now().bouts.find(({ itemId }) => itemId === cramp.itemId)!;
    const work = bout.workEndMs - bout.workStartMs;
    teacher.tell({ kind: 'made-up', bout: bout.index, fromMs: 0 });
    expect(watched(room, teacher.wait(work - 1000))).toBe(room);
    teacher.wait(1000);
    teacher.tell({ kind: 'moved', bout: bout.index });
    teacher.count();
    const at = Math.ceil(cramp.share! * work);
    expect(watched(room, teacher.wait(at - 1000))).toBe(room);
    expect(watched(room, teacher.wait(1000)).happened).toMatchObject([{ kind: 'cramp', atMs: teacher.now().atMs }]);
  });

  it('comes one at a time, in the work of its own item, and the end of the slot with it', () => {
    const { room, state } = rehearse(nothing);
    expect(room.waiting).toEqual([]);
    const times = room.happened.map(({ atMs }) => atMs);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    expect(state.plan.slotSeconds).toBe(plan.slotSeconds - 600);
  });

  it('does not come behind its item: nobody has a cramp in what was skipped', () => {
    const drawn = surprisesOf(plan, timeline, 7);
    const teacher = floorTeacher(plan, find);
    const cramp = drawn.find(({ kind }) => kind === 'cramp')!;
    const room: Room = { seed: 7, waiting: [cramp], happened: [] };
    const behind = teacher.now().bouts.findLast(({ itemId }) => itemId === cramp.itemId)!.index + 1;
    teacher.tell({ kind: 'moved', bout: behind });
    teacher.tell({ kind: 'started' });
    teacher.tell({ kind: 'started' });
    expect(watched(room, teacher.wait(5000))).toBe(room);
    // who comes late comes all the same
    const late: Room = { ...room, waiting: drawn.filter(({ kind }) => kind === 'late-comers') };
    expect(watched(late, teacher.now()).happened).toHaveLength(1);
  });

  it('the hall is not needed at a time that is past; the end that is told is the end there is', () => {
    const cut = surprisesOf(plan, timeline, 7).find(({ kind }) => kind === 'cut-short')!;
    const room: Room = { seed: 7, waiting: [cut], happened: [] };
    const teacher = floorTeacher(plan, find);
    teacher.tell({ kind: 'moved', bout: teacher.now().bouts.length - 1 });
    teacher.count();
    // the teacher has cut five minutes already
    const five = { type: 'edit-class' as const, change: { slotSeconds: 2100 } };
    teacher.tell({ kind: 'adapted', command: five });
    expect(watched(room, teacher.now()).happened[0]!.words).toMatch(/10 minutes sooner.” You end at 25:00\.$/);
    teacher.tell({ kind: 'held' });
    expect(watched(room, teacher.wait(1_500_000))).toBe(room);
  });

  it('is not taken back by the teacher’s undo', () => {
    const { state } = rehearse(({ kind }) => (kind === 'cut-short' ? [{ kind: 'undone', seq: 0 }] : []));
    expect(state.plan.slotSeconds).toBe(plan.slotSeconds - 600);
  });
});

describe('what is told at the end of a rehearsal', () => {
  it('says when it landed, against the slot the room left', () => {
    const { told, state } = rehearse(nothing);
    const ended = state.records.at(-1)!.endedAtMs;
    expect(told.landed).toContain('the end of the slot at 30:00 (40:00 when you began)');
    expect(told.landed).toContain(ended > 1_800_000 ? 'after' : 'before');
  });

  it('a sensation without an answer is told with the answer it has', () => {
    const { of } = rehearse(nothing);
    expect(of('numb-toe')).toMatchObject({ well: false, did: 'It had no answer.' });
    expect(of('numb-toe').expected).toContain('Stop this exercise for that student');
    expect(of('cramp').expected).toContain('ease, shake it out, resume');
  });

  it('a numb toe is written down as one; a stretch, or the end of the class, is no answer to it', () => {
    const answer = (...steps: (RunAction | number)[]) =>
      rehearse(({ kind }) => (kind === 'numb-toe' ? steps : [])).of('numb-toe');
    const feels = (sensation: 'numbness' | 'stretch'): RunAction => ({ kind: 'sensed', itemId: null, sensation });
    expect(answer(6000, feels('numbness'))).toMatchObject({ well: true, did: 'You had it written down after 6 s.' });
    expect(answer(feels('stretch'))).toMatchObject({
      well: false,
      did: 'You had something else written down: a stretch.',
    });
    expect(answer(feels('stretch'), feels('numbness')).well).toBe(true);
    expect(answer({ kind: 'ended' })).toMatchObject({
      well: false,
      did: 'You ended the class for it: a stop is for the one who feels it.',
    });
    expect(answer(feels('numbness'), { kind: 'ended' }).well).toBe(true);
    // holding the class is not enough: somebody has to be told to stop
    expect(answer({ kind: 'held' }, 5000, { kind: 'resumed' }).well).toBe(false);
  });

  it('a cramp may be eased without a word', () => {
    const { of } = rehearse(({ kind }) =>
      kind === 'cramp' ? [3000, { kind: 'held' }, 9000, { kind: 'resumed' }] : [],
    );
    expect(of('cramp')).toMatchObject({ well: true, did: 'You eased it after 3 s, and it stands nowhere.' });
  });

  it('what was done before it, or long after it, is no answer to it', () => {
    const before = rehearse(({ kind }) =>
      kind === 'late-comers' ? [{ kind: 'sensed', itemId: null, sensation: 'numbness' }] : [],
    );
    const order = before.room.happened.map(({ kind }) => kind);
    expect(order.indexOf('late-comers')).toBeLessThan(order.indexOf('numb-toe'));
    expect(before.of('numb-toe').well).toBe(false);
    const long = rehearse(({ kind }) =>
      kind === 'cramp' ? [61_000, { kind: 'held' }, 1000, { kind: 'resumed' }] : [],
    );
    expect(long.of('cramp').well).toBe(false);
  });

  it('the way that the class offers beside the floor is an answer; another on the floor is none', () => {
    const offered = (rungId: string) => {
      const own = classOf('two-foot-rise', 'hands-and-feet-calf', 'edge-to-edge', 'small-jumps');
      const [block] = own.blocks;
      const items = block!.items.map((i) =>
        i.kind === 'exercise' && i.exerciseId === 'hands-and-feet-calf'
          ? { ...i, rungId: 'both-heels', easier: { rungId } }
          : i,
      );
      return rehearse(nothing, 7, { ...own, blocks: [{ ...block!, items }] }).of('cannot-kneel');
    };
    expect(offered('chair-seat')).toMatchObject({ well: true });
    expect(offered('chair-seat').did).toMatch(/^The class has a way for them already: /);
    expect(offered('one-heel')).toMatchObject({ well: false, did: 'They were left to look on.' });
  });

  it('is told alike however long the page stays open behind the end', () => {
    const { told, room, state } = rehearse(nothing);
    const later = { ...state, atMs: state.atMs + 600_000 };
    expect(toldOf({ room, planned: plan, state: later, events: [], find }).landed).toBe(told.landed);
  });

  it('a band that snaps: the count does not run on over it', () => {
    const held = rehearse(({ kind }) =>
      kind === 'snapped-band' ? [2000, { kind: 'held' }, 4000, { kind: 'resumed' }] : [],
    );
    expect(held.of('snapped-band')).toMatchObject({ well: true, did: 'You held the class after 2 s.' });
    expect(rehearse(nothing).of('snapped-band')).toMatchObject({ well: false, did: 'The count ran on.' });
  });

  it('who cannot kneel is not left to look on', () => {
    expect(rehearse(nothing).of('cannot-kneel')).toMatchObject({ well: false, did: 'They were left to look on.' });
    const moved = rehearse(({ kind }, state) =>
      kind === 'cannot-kneel' ? [{ kind: 'moved', bout: state.boutIndex + 2 }] : [],
    );
    expect(moved.of('cannot-kneel').well).toBe(true);
  });

  it('three in the door: the others are not kept waiting for more than some seconds', () => {
    const late = (ms: number) =>
      rehearse(({ kind }) => (kind === 'late-comers' ? [{ kind: 'held' }, ms, { kind: 'resumed' }] : [])).of(
        'late-comers',
      );
    expect(rehearse(nothing).of('late-comers')).toMatchObject({ well: true, did: 'You went on, and nobody waited.' });
    expect(late(15_000)).toMatchObject({ well: true, did: 'You held the class for 15 s.' });
    expect(late(45_000)).toMatchObject({ well: false, did: 'You held the class for 45 s.' });
  });

  it('ten minutes less: what gave way is told, and whether it ended in time', () => {
    const slow = classOf('ankle-circles', 'toe-wave', 'short-foot', 'cloth-drag', 'two-foot-rise', 'edge-to-edge');
    const total = buildTimeline({ plan: slow, find }).totalMs;
    // as long as its slot: without anything given up it ends a quarter late
    const full = { ...slow, slotSeconds: Math.ceil(total / 60_000) * 60 };
    const seed = Array.from({ length: 50 }, (_, n) => n).find((n) =>
      surprisesOf(full, buildTimeline({ plan: full, find }), n).some(({ kind }) => kind === 'cut-short'),
    )!;
    const idle = rehearse(nothing, seed, full);
    expect(idle.of('cut-short').well).toBe(false);
    expect(idle.of('cut-short').did).toContain('everything was as it was');
    const out = rehearse(
      ({ kind }, state) => {
        const here = currentBout(state)!.itemId;
        const rest = [...new Set(state.bouts.slice(state.boutIndex).map(({ itemId }) => itemId))].filter(
          (id) => id !== here && id !== null,
        );
        return kind === 'cut-short'
          ? rest.map((itemId) => ({
              kind: 'adapted' as const,
              command: { type: 'remove-item' as const, itemId: itemId! },
            }))
          : [];
      },
      seed,
      full,
    );
    expect(out.of('cut-short').did).toMatch(/You ended in time; you changed what was to come after 0 s/);
    expect(out.told.gaveWay.some((words) => words.endsWith('taken out'))).toBe(true);
    expect(retime(out.state).overSlotMs).toBeLessThanOrEqual(0);
  });
});
