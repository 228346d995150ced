import { catalogue } from '../exercise/catalogue';
import { type Plan, defaultPace, itemsOf, newBlock, newItem, newPlan } from '../plan';
import { review } from '../sequence';
import { wordsIn } from '../speaking';
import { buildTimeline } from '../timeline';
import { type DoorPlan, type DoorSight, atTheDoor } from './index';

const library = catalogue.map((exercise, i) => ({ exercise, revision: i.toString(16).padStart(16, '0') }));
const find = (revision: string) => library.find((known) => known.revision === revision)?.exercise ?? null;
const base = { ...newPlan('plan-1', 'A class', 900), pace: defaultPace() };
const item = (exerciseId: string, n: number) => {
  const known = library.find(({ exercise }) => exercise.id === exerciseId)!;
  return { ...newItem(`item-${n}`, known.exercise, known.revision, base.school), familiarity: 'known' as const };
};
const classOf = (ids: readonly string[], change: Partial<Plan> = {}): Plan => ({
  ...base,
  ...change,
  blocks: [
    newBlock(
      'block-1',
      'Work',
      ids.map((id, n) => item(id, n)),
    ),
  ],
});
const plan = classOf([
  'walk-and-notice',
  'ball-along-the-sole',
  'cloth-drag',
  'two-foot-rise',
  'one-leg-stand',
  'walk-and-compare',
]);
const sight: DoorSight = { heads: 9, minutes: 15, floor: 'wood', kit: {}, concerns: {} };
/** Its small jumps on the level that leaves the floor. */
const jumping = (of: Plan): Plan => {
  const top = library.find(({ exercise }) => exercise.id === 'small-jumps')!.exercise.ladder!.rungs.at(-1)!.id;
  const jump = (i: Plan['blocks'][number]['items'][number]) =>
    i.kind === 'exercise' && i.exerciseId === 'small-jumps' ? { ...i, rungId: top } : i;
  return { ...of, blocks: of.blocks.map((block) => ({ ...block, items: block.items.map(jump) })) };
};
let made = 0;
function meet(change: Partial<DoorSight>, of: Plan = plan): DoorPlan {
  const work = atTheDoor({ plan: of, sight: { ...sight, ...change }, find, library, nextId: () => `made-${++made}` });
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}
const ids = (of: Plan) => itemsOf(of).map(({ exerciseId }) => exerciseId);
const hard = (of: Plan) =>
  review({ plan: of, timeline: buildTimeline({ plan: of, find }), library, nextId: () => `made-${++made}` }).filter(
    ({ severity }) => severity === 'hard',
  );

describe('at the door', () => {
  it('a room as it was expected changes nothing, and is told so', () => {
    const met = meet({});
    expect([met.changes, met.left, ids(met.plan)]).toEqual([[], [], ids(plan)]);
    expect(met.sentence).toBe('Nine of us and 15 minutes: everything as planned.');
  });

  it('less time: doses give way first, and the class lands in what there is', () => {
    const planned = buildTimeline({ plan, find }).totalMs;
    const met = meet({ minutes: Math.floor(planned / 60_000) - 1 });
    expect(met.changes.length).toBeGreaterThan(0);
    expect(met.changes.every(({ kind }) => kind === 'less')).toBe(true);
    expect(met.totalMs).toBe(buildTimeline({ plan: met.plan, find }).totalMs);
    expect(met.overMs).toBeLessThanOrEqual(20_000);
    expect(met.sentence).toMatch(/^Nine of us and \w+ minutes: a little less of /);
  });

  it('too little for all of it at its least: the fewest exercises are left out, and that is said', () => {
    const met = meet({ minutes: 4 });
    expect(met.changes.some(({ kind, why }) => kind === 'out' && why === 'There is no time for it.')).toBe(true);
    expect(met.overMs).toBeLessThanOrEqual(20_000);
    expect(itemsOf(met.plan).length).toBeGreaterThan(1);
    expect(met.sentence).toMatch(/ no | left out/);
  });

  it('somebody who must not jump: something else is done, and nothing hard is left', () => {
    const jumps = classOf(['walk-and-notice', 'two-foot-rise', 'small-jumps', 'walk-and-compare']);
    const met = meet({ concerns: { pregnancy: 1 } }, jumps);
    expect(ids(met.plan)).not.toContain('small-jumps');
    const change = met.changes.find(({ name }) => name.includes('jumps'))!;
    expect(['swap', 'out']).toContain(change.kind);
    expect(change.why).toContain('pregnancy');
    expect(hard(met.plan)).toEqual([]);
    // the room hears that it is minded, and not what somebody has
    expect(met.sentence).toContain('whoever is sore or unsteady gets their own way to do it');
    expect(met.sentence).not.toContain('pregnan');
  });

  it('another floor: what cannot be done on it is done with other kit, or is another exercise', () => {
    const met = meet({ floor: 'carpet' });
    expect(hard(met.plan)).toEqual([]);
    expect(met.changes.length).toBeGreaterThan(0);
  });

  it('no chairs: what the exercise names takes their place, or it waits for the teacher', () => {
    const met = meet({ kit: { chair: 0 } });
    const after = buildTimeline({ plan: met.plan, find });
    const chairs = after.items.filter((i) => i.execution?.kit.some(({ kit }) => kit === 'chair'));
    expect(chairs.length === 0 || met.left.length > 0).toBe(true);
  });

  it('leaves alone what the teacher has chosen: a locked dose, and what was worth a look in the plan already', () => {
    const [block] = plan.blocks;
    const locked: Plan = {
      ...plan,
      blocks: [{ ...block!, items: block!.items.map((i) => (i.kind === 'exercise' ? { ...i, locked: true } : i)) }],
    };
    const met = meet({ minutes: 14 }, locked);
    expect(itemsOf(met.plan).map(({ dose }) => dose)).toEqual(itemsOf(locked).map(({ dose }) => dose));
  });

  it('leaves alone what the review found in the plan: the teacher has seen it', () => {
    const cold = jumping(classOf(['small-jumps', 'walk-and-compare']));
    expect(hard(cold).length).toBeGreaterThan(0);
    const met = meet({}, cold);
    expect([met.changes, ids(met.plan)]).toEqual([[], ids(cold)]);
  });

  it('judges once more what was left out for time: jumps that lost their warm-up are seen to', () => {
    const [block] = classOf(['walk-and-notice', 'two-foot-rise', 'small-jumps']).blocks;
    const items = block!.items.map((i) =>
      i.kind !== 'exercise'
        ? i
        : { ...i, priority: i.exerciseId === 'two-foot-rise' ? 1 : 3, locked: i.exerciseId !== 'two-foot-rise' },
    );
    const warmed = jumping({ ...base, blocks: [{ ...block!, items }] });
    expect(hard(warmed)).toEqual([]);
    const short = [1, 2, 3]
      .map((minutes) => meet({ minutes }, warmed))
      .find(({ changes }) => changes.some(({ kind, name }) => kind === 'out' && name === 'Rise on both feet'))!;
    const told = new Set(short.left);
    expect(hard(short.plan).filter((found) => !told.has(found.words()))).toEqual([]);
    expect(short.left.length + short.changes.length).toBeGreaterThan(1);
  });

  it('is the same plan for the same room', () => {
    const one = meet({ minutes: 8, concerns: { 'sore-achilles': 2 } });
    const other = meet({ minutes: 8, concerns: { 'sore-achilles': 2 } });
    expect([other.sentence, ids(other.plan)]).toEqual([one.sentence, ids(one.plan)]);
  });

  it('never brings something hard that nobody is told of, whatever the room', () => {
    const rooms: Partial<DoorSight>[] = [
      { minutes: 6, floor: 'carpet', concerns: { 'falls-or-faints': 2 } },
      { minutes: 12, floor: 'tile', kit: { chair: 3 }, concerns: { 'sore-achilles': 1, 'sore-knees': 2 } },
      { minutes: 20, heads: 30, kit: { 'firm-ball': 4, cloth: 2 } },
      { minutes: 5, floor: 'outdoors', kit: { chair: 0, 'firm-ball': 0 } },
    ];
    const springy = classOf([
      'walk-and-notice',
      'two-foot-rise',
      'one-leg-stand',
      'small-jumps',
      'cloth-drag',
      'deep-squat-sit',
    ]);
    for (const room of rooms)
      for (const of of [plan, springy]) {
        const met = meet(room, of);
        // one breath, or two: 45 words are 19 s at 145 a minute (common practice, no source)
        expect(wordsIn(met.sentence)).toBeLessThanOrEqual(45);
        const told = new Set(met.left);
        const silent = hard(met.plan).filter(
          (found) => !told.has(found.words()) && !hard(of).some((h) => h.key === found.key),
        );
        expect(silent.map((found) => found.words())).toEqual([]);
      }
  });
});
