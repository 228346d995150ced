import { counts, kit, reps, timed } from '../exercise/catalogue/author';
import { type Item, bareWorkPace, newPlan } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';
import { slotFit } from './timeline';

const banded = (id: string, placement: 'arch' | 'ball') =>
  sampleExercise(id, {
    position: 'floor-seated',
    kit: [kit('band')],
    band: { placement, border: 'outer', purpose: 'resist' },
  });
const change = {
  ...bareWorkPace(),
  moveBandSeconds: 37,
  slideBandSeconds: 12,
  fetchKitSeconds: 20,
  compareSeconds: 20,
};
const fetching = { ...newPlan('x', 'x', 600).brief, kitOut: 'when-needed' as const };
const plan = { pace: change, brief: fetching };

describe('what lies between two items (practice)', () => {
  const from = sampleExercise('sit');
  const transitionOf = (to: ReturnType<typeof sampleExercise>, pace: Partial<typeof change>) => {
    const { timeline } = bareClass(
      [
        { exercise: from, dose: reps(1) },
        { exercise: to, dose: reps(1) },
      ],
      { pace: { ...bareWorkPace(), ...pace }, brief: fetching },
    );
    return timeline.events.find((e) => e.kind === 'transition')?.because ?? [];
  };

  it('is nothing before the first item: the class starts in place with its kit in reach', () => {
    expect(
      bareClass([{ exercise: banded('a', 'arch'), dose: reps(1) }], {
        pace: { ...bareWorkPace(), fetchKitSeconds: 20 },
      }).timeline.totalMs,
    ).toBe(8000);
  });

  it('getting up from a chair, down to the floor, fetching a ball and laying out a mat each count', () => {
    expect(transitionOf(sampleExercise('b', { position: 'standing' }), { chairSeconds: 8 })).toEqual([
      { reason: 'position', ms: 8000 },
    ]);
    expect(transitionOf(sampleExercise('b', { kit: [kit('soft-ball')] }), { fetchKitSeconds: 20 })).toEqual([
      { reason: 'kit', ms: 20_000 },
    ]);
    expect(transitionOf(sampleExercise('b', { floor: 'padded' }), { floorChangeSeconds: 15 })).toEqual([
      { reason: 'mats', ms: 15_000 },
    ]);
    expect(transitionOf(sampleExercise('b', { facing: 'mirror' }), { turnRoundSeconds: 4 })).toEqual([
      { reason: 'facing', ms: 4000 },
    ]);
  });

  it('a substitute chosen in the class is what is fetched; another floor is gone to', () => {
    const ball = sampleExercise('b', { kit: [kit('soft-ball', 'person', { wall: 'a wall' })] });
    const after = (item: Partial<Item>) =>
      bareClass(
        [
          { exercise: from, dose: reps(1) },
          { exercise: ball, dose: reps(1), item },
        ],
        { pace: { ...bareWorkPace(), fetchKitSeconds: 20, otherFloorSeconds: 8 }, brief: fetching },
      ).timeline.events.find((e) => e.kind === 'transition')?.because ?? [];
    expect(after({})).toEqual([{ reason: 'kit', ms: 20_000 }]);
    expect(after({ substitutes: [{ of: 'soft-ball', by: 'wall' }] })).toEqual([]);
    expect(after({ floor: 'carpet', substitutes: [{ of: 'soft-ball', by: 'wall' }] })).toEqual([
      { reason: 'floor', ms: 8000 },
    ]);
  });

  it('does not fetch what is already there, nor a wall', () => {
    expect(transitionOf(sampleExercise('b', { kit: [kit('wall')] }), { fetchKitSeconds: 20 })).toEqual([]);
  });
});

describe('kit that does not go round (practice)', () => {
  const ofTwo = sampleExercise('rise', { sidePattern: 'both', kit: [kit('soft-ball')] });
  const classOf = (people: number | null, balls?: number) =>
    bareClass([{ exercise: ofTwo, dose: reps(10) }], {
      pace: { ...bareWorkPace(), reachKitSeconds: 3, sideSwitchSeconds: 2 },
      brief: { ...fetching, people, cupboard: balls === undefined ? {} : { 'soft-ball': balls } },
    }).timeline;

  it('costs turns: three balls for eleven people are four goes, and three times handing them on', () => {
    // 10 reps of 4 s, four times; 5 s to hand the balls on, three times
    expect(classOf(11, 3).totalMs).toBe((4 * 40 + 3 * 5) * 1000);
    expect(classOf(11, 3).workMs).toBe(40_000);
  });

  it('costs nothing where there is enough, nobody has counted, or nobody knows who comes', () => {
    for (const timeline of [classOf(11, 11), classOf(11), classOf(null, 3)]) expect(timeline.totalMs).toBe(40_000);
  });

  it('takes no turns with nothing at all', () => {
    expect(classOf(11, 0).totalMs).toBe(40_000);
  });
});

describe('a band (37 s to the other foot, read off real teaching)', () => {
  it('crosses once inside an item', () => {
    const { timeline } = bareClass([{ exercise: banded('out', 'arch'), dose: reps(12) }], plan);
    expect(timeline.totalMs).toBe((12 * 4 * 2 + 37) * 1000);
  });

  it('crosses three times over two exercises by exercise, once foot by foot', () => {
    const entries = [
      { exercise: banded('out', 'arch'), dose: reps(12) },
      { exercise: banded('in', 'arch'), dose: reps(12) },
    ];
    const byExercise = bareClass(entries, plan, 'by-exercise').timeline;
    const byFoot = bareClass(entries, plan, 'by-foot').timeline;
    // work 2 · 96 = 192; by exercise 37 inside each and 37 between; foot by foot 37 once, and 20 to stand and compare
    expect(byExercise.totalMs).toBe((192 + 3 * 37) * 1000);
    expect(byFoot.totalMs).toBe((192 + 37 + 20) * 1000);
  });

  it('slides from arch to ball on the same foot in 12 s', () => {
    const { timeline } = bareClass(
      [
        { exercise: banded('turn', 'arch'), dose: reps(1), item: { lead: 'right' } },
        { exercise: banded('point', 'ball'), dose: reps(1), item: { lead: 'left' } },
      ],
      plan,
    );
    // the first item ends on the left foot, where the second begins
    expect(timeline.events.find((e) => e.kind === 'transition')?.because).toEqual([
      { reason: 'band-slid', ms: 12_000 },
    ]);
  });
});

describe('foot by foot (practice)', () => {
  const one = (id: string) => ({ exercise: sampleExercise(id), dose: reps(3) });
  const two = { exercise: sampleExercise('rise', { sidePattern: 'both' as const }), dose: reps(3) };

  it('takes one whole side, stands and compares, then the other side in the same order', () => {
    const { timeline } = bareClass([one('a'), one('b')], plan, 'by-foot');
    const order = timeline.events.map((e) => `${e.itemId ?? 'class'} ${e.feet} ${e.kind}`);
    expect([...new Set(order)]).toEqual([
      'item-0 left rep',
      'item-1 left rep',
      'class both compare',
      'item-0 right rep',
      'item-1 right rep',
    ]);
    expect(timeline.items[0]?.visits.map((v) => v.feet)).toEqual(['left', 'right']);
  });

  it('lets a two-foot exercise stand between two rounds', () => {
    const { timeline } = bareClass([one('a'), two, one('b')], plan, 'by-foot');
    expect(timeline.events.filter((e) => e.kind === 'compare')).toHaveLength(2);
    expect(timeline.blocks[0]?.totalMs).toBe(timeline.totalMs);
  });

  it('starts with the weaker foot when one item of the round asks for it', () => {
    const { timeline } = bareClass(
      [one('a'), { ...one('b'), item: { sides: { mode: 'weaker-first', weaker: 'right' } } }],
      plan,
      'by-foot',
    );
    expect(timeline.events[0]?.feet).toBe('right');
  });
});

describe('music', () => {
  const phrase = (bpm: number, musicRunsOn: boolean) => ({
    exercise: sampleExercise(`counts-${bpm}-${musicRunsOn}`, { sidePattern: 'both' as const }),
    dose: counts(1, 7, bpm),
    item: { musicRunsOn, talk: { beforeSeconds: 10, overSeconds: 0 } },
  });

  it('runs on: nothing lies between, and the run is padded once', () => {
    // 7 beats at 132 are 3182 ms each; 10 s of talk before the first
    const { timeline } = bareClass([phrase(132, false), phrase(132, true)]);
    expect(timeline.totalMs).toBe(17_000);
    expect(timeline.events.filter((e) => e.kind === 'rounding')).toHaveLength(1);
  });

  it('does not run on across two tempos', () => {
    const { timeline } = bareClass([phrase(132, false), phrase(120, true)]);
    expect(timeline.events.filter((e) => e.kind === 'talk')).toHaveLength(2);
  });
});

describe('the slot', () => {
  it('counts over, and what is free before the reserve is touched', () => {
    const item = { exercise: sampleExercise('both', { sidePattern: 'both' }), dose: timed(1180) };
    const { plan: p, timeline } = bareClass([item], { slotSeconds: 1200, reservePercent: 5 });
    expect(slotFit(p, timeline)).toEqual({
      slotMs: 1_200_000,
      plannedMs: 1_180_000,
      reserveMs: 60_000,
      overMs: -20_000,
      roomMs: -40_000,
    });
  });

  it('names an item whose exercise is not there, and goes on with the others', () => {
    const { timeline } = bareClass([
      { exercise: sampleExercise('a'), dose: reps(1), item: { revision: 'f'.repeat(16) } },
      { exercise: sampleExercise('b'), dose: reps(1) },
    ]);
    expect(timeline.problems).toEqual([{ code: 'missing-revision', itemId: 'item-0', revision: 'f'.repeat(16) }]);
    expect(timeline.totalMs).toBe(8000);
    expect(timeline.items).toHaveLength(2);
  });

  it('names a tempo that does not have one entry a phase', () => {
    const { timeline } = bareClass([{ exercise: sampleExercise('a'), dose: reps(1, { tempo: [1, 2] }) }]);
    expect(timeline.problems).toEqual([{ code: 'tempo-phases', itemId: 'item-0', phases: 1, tempo: 2 }]);
  });
});
