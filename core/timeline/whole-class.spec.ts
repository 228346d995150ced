import { type Dose, counts, reps, timed } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { type Familiarity, newBlock, newItem, newPlan } from '../plan';
import { buildTimeline } from './build';

/**
 * Twelve standing exercises one after another, led aloud. At the desk a bend is thought of as 8 s: with that, and a few
 * seconds between, the teacher adds it up to ten minutes.
 */
const standing: readonly (readonly [id: string, dose: Dose])[] = [
  ['easy-stepping', [counts(8, 8, 104)]],
  ['heel-to-ball-rock', [reps(8)]],
  ['all-toes-up', [reps(8)]],
  ['two-foot-rise', [reps(8)]],
  ['bend-heels-up-straighten', [reps(5)]],
  ['rise-bend-heels-down', [reps(5)]],
  ['lean-forward-and-back', [reps(6)]],
  ['barefoot-squat', [reps(8)]],
  ['edge-to-edge', [reps(8)]],
  ['reach-round-the-clock', [reps(2, { per: { 'contact-points': 3 } })]],
  ['one-leg-stand', [timed(45)]],
  ['loose-ankle-shake', [timed(15)]],
];

const classOf = (familiarity: Familiarity) => {
  const found = new Map(catalogue.map((e) => [e.id, e]));
  const revision = (at: number) => at.toString(16).padStart(16, '0');
  const items = standing.map(([id, dose], i) => {
    const exercise = found.get(id);
    if (!exercise) throw new Error(id);
    return { ...newItem(id, exercise, revision(i)), dose, familiarity };
  });
  const plan = { ...newPlan('ten-minutes', 'Ten minutes', 600), blocks: [newBlock('block', 'Standing', items)] };
  return buildTimeline({ plan, find: (r) => found.get(standing[Number.parseInt(r, 16)]?.[0] ?? '') ?? null });
};

describe('a class of 12 standing exercises with slow bends that a teacher calls ten minutes (practice)', () => {
  it.each<Familiarity>(['new', 'seen-once'])('takes between 12 and 15 where it is %s', (familiarity) => {
    const minutes = classOf(familiarity).totalMs / 60_000;
    expect(minutes).toBeGreaterThanOrEqual(12);
    expect(minutes).toBeLessThanOrEqual(15);
  });

  it('is called ten: reps at the desk’s tempo, and six seconds between', () => {
    const { items, workMs } = classOf('new');
    // ten slow bends of 18 s, thought of as 8
    expect((workMs / 1000 - 10 * (18 - 8) + items.length * 6) / 60).toBeCloseTo(10, 0);
  });
});
