import { byFeel, holds, reps, stops, timed } from '@core/dose';
import { newBlock, newItem, newPlan } from '@core/plan';
import { bareClass, sampleExercise, sampleRevision, timelineOf } from '@core/testing/sample';
import {
  type ThreadScale,
  axisMarks,
  barePath,
  crossingPath,
  stitchPath,
  tiePath,
  voicePath,
  wornPath,
} from './stitches';

const scale: ThreadScale = { pxPerMs: 0.005, left: 40, right: 80 };
const pieces = (d: string) => (d.match(/M/g) ?? []).length;
const one = (dose: Parameters<typeof bareClass>[0][number]['dose'], sidePattern: 'each' | 'both' = 'each') =>
  bareClass([{ exercise: sampleExercise('press', { sidePattern }), dose }]).timeline;

describe('the stitches of an item', () => {
  it('are as many as there are reps, on the foot that works', () => {
    const { events } = one(reps(7));
    expect(pieces(stitchPath(events, 'left', scale, false))).toBe(7);
    expect(pieces(stitchPath(events, 'right', scale, false))).toBe(7);
    expect(stitchPath(events, 'left', scale, false)).not.toBe(stitchPath(events, 'right', scale, false));
  });

  it('lie on both threads when both feet work', () => {
    const { events } = one(reps(4), 'both');
    expect([
      pieces(stitchPath(events, 'left', scale, false)),
      pieces(stitchPath(events, 'right', scale, false)),
    ]).toEqual([4, 4]);
  });

  it('are one satin bar a hold, one dot a stop, one fading bar by feel, one wave for walking', () => {
    expect(pieces(stitchPath(one(holds(3, 10, 5)).events, 'left', scale, false))).toBe(3);
    expect(stitchPath(one(stops(2, 10, 3)).events, 'left', scale, false).match(/a/g)).toHaveLength(4);
    expect(pieces(stitchPath(one(byFeel(20, 40, 60)).events, 'left', scale, false))).toBe(1);
    expect(stitchPath(one(timed(20), 'both').events, 'left', scale, true)).toContain('q');
  });

  it('merge into texture when they are too close to tell apart, and take no more ink than room', () => {
    const { events } = one(reps(200));
    const far = { ...scale, pxPerMs: 0.0002 };
    const merged = stitchPath(events, 'left', far, false);
    // 200 reps of 4 s are 160 px: a tick every 3 px
    expect(pieces(merged)).toBeLessThanOrEqual(54);
    expect(pieces(merged)).toBeGreaterThan(40);
  });
});

describe('talk of its own and what is worn', () => {
  const press = sampleExercise('press', { sidePattern: 'both' });
  const pressed = (id: string) => ({ ...newItem(id, press, sampleRevision(0)), dose: [reps(3)] });
  const talk = { kind: 'talk', id: 'item-t', name: 'Opening', seconds: 60, note: '' } as const;
  const plan = {
    ...newPlan('plan-1', 'Class', 600),
    blocks: [newBlock('block-1', 'Work', [talk, { ...pressed('item-s'), wornUntil: 'item-b' }, pressed('item-b')])],
  };
  const timeline = timelineOf(plan, [press]);

  it('talk runs above bare thread that sags for as long', () => {
    expect(voicePath(timeline, scale, 10)).toBe('M0 10H300');
    expect(barePath(timeline, 'left', scale)).toMatch(/^M0 40H0q/);
  });

  it('what is worn runs along the outside of both threads, closed at both ends', () => {
    const [{ startMs, endMs } = { startMs: 0, endMs: 0 }] = timeline.worn;
    const [from, to] = [startMs * scale.pxPerMs, endMs * scale.pxPerMs];
    expect(wornPath(timeline, scale)).toBe(
      `M${from} 22V30M${from} 26H${to}M${to} 22V30M${from} 90V98M${from} 94H${to}M${to} 90V98`,
    );
  });
});

describe('the bare thread', () => {
  const pace = { talk: { beforeSeconds: 20, overSeconds: 8 } };
  const { timeline } = bareClass([
    { exercise: sampleExercise('a'), dose: reps(3), item: pace },
    { exercise: sampleExercise('b', { sidePattern: 'both' }), dose: reps(3) },
  ]);

  it('sags once for talk and set-up before the work', () => {
    expect(barePath(timeline, 'left', scale).match(/q/g)).toHaveLength(1);
  });

  it('is tied where both feet begin to work together, and runs a voice above talk over the work', () => {
    expect(pieces(tiePath(timeline, scale))).toBe(1);
    expect(pieces(voicePath(timeline, scale, 10))).toBe(1);
  });

  it('crosses from the foot that has finished to the one that begins', () => {
    const plan = bareClass([{ exercise: sampleExercise('a'), dose: reps(1) }], { lead: 'right' }).plan;
    const switched = bareClass([{ exercise: sampleExercise('a'), dose: reps(1) }], {
      lead: 'right',
      pace: { ...plan.pace, sideSwitchSeconds: 5 },
    }).timeline;
    expect(crossingPath(switched, scale)).toMatch(/^M20 80C.* 40$/);
  });
});

describe('the axis', () => {
  it('has marks at steps of a clock, as many as fit', () => {
    expect(axisMarks(600_000, 0.002)).toEqual([
      0, 60_000, 120_000, 180_000, 240_000, 300_000, 360_000, 420_000, 480_000, 540_000, 600_000,
    ]);
    expect(axisMarks(3_600_000, 0.0003)[1]).toBe(300_000);
    expect(axisMarks(60_000, 0.02)[1]).toBe(5000);
  });
});
