import { reps } from '../dose';
import { bareClass, sampleExercise } from '../testing/sample';
import { floorTeacher } from '../testing/floor-teacher';
import type { RunAction } from './event';
import { restingNow } from './resting';
import type { Sensation } from './sensation';

const press = sampleExercise('press', { sidePattern: 'each' });
const { plan } = bareClass([
  { exercise: press, dose: reps(5) },
  { exercise: press, dose: reps(5) },
]);
const teacher = () => {
  const one = floorTeacher(plan, () => press);
  const feels = (sensation: Sensation): RunAction => ({
    kind: 'sensed',
    itemId: one.now().bouts[one.now().boutIndex]!.itemId,
    sensation,
  });
  return { ...one, feels: (sensation: Sensation) => one.tell(feels(sensation)) };
};

describe('who rests while the class goes on', () => {
  it('a stop is for this exercise, on both its feet, and over with it', () => {
    const { now, feels, count, work } = teacher();
    count();
    feels('sharp-pain');
    expect(restingNow(now())).toEqual([{ atMs: now().atMs, sensation: 'sharp-pain', toTheEnd: false }]);
    work();
    // the other foot of the same exercise
    expect(now().bouts[now().boutIndex]!.feet).toBe('right');
    expect(restingNow(now())).toHaveLength(1);
    count();
    work();
    expect(restingNow(now())).toEqual([]);
    expect(now().status).toBe('ready');
  });

  it('a stop sign that refers is for all that is to come', () => {
    const { now, feels, tell } = teacher();
    feels('pop-at-the-heel');
    tell({ kind: 'moved', bout: 3 });
    expect(restingNow(now())).toMatchObject([{ sensation: 'pop-at-the-heel', toTheEnd: true }]);
  });

  it('nobody rests for a burn, a cramp or a wobble; and the class is never stopped for anybody', () => {
    const { now, feels, count } = teacher();
    count();
    for (const sensation of ['burn', 'cramp', 'wobble', 'stretch', 'tender-spot', 'click'] as const) feels(sensation);
    expect(restingNow(now())).toEqual([]);
    feels('faint');
    expect([now().status, now().heldSinceMs]).toEqual(['work', null]);
  });

  it('taken back, they work again', () => {
    const { now, feels, undo } = teacher();
    feels('pinching');
    undo();
    expect(restingNow(now())).toEqual([]);
  });
});
