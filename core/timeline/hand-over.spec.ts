import { type Position, resolve, defaultSchool } from '../exercise';
import { kit, reps } from '../exercise/catalogue/author';
import type { Floor } from '../kit';
import { type Item, bareWorkPace, newItem } from '../plan';
import { bareClass, sampleExercise, sampleRevision } from '../testing/sample';
import { type HandOver, arrivesWith, bandMove, leavesWith, surfaceFor, transition, transitionMs } from './hand-over';
import { leadOf, visitsOf } from './visit';

// The seconds of each change are those of the trade where they were read off real teaching (37 s for a band); the
// others are plain numbers that tell one cause from another.
const pace = {
  ...bareWorkPace(),
  moveBandSeconds: 37,
  slideBandSeconds: 12,
  fetchKitSeconds: 20,
  floorChangeSeconds: 15,
  turnRoundSeconds: 4,
  chairSeconds: 8,
  onTheFloorSeconds: 5,
  stepOffSeconds: 3,
  floorToStandingSeconds: 10,
};

/** An item on its own, as it arrives and as it leaves. */
function hands(change: Parameters<typeof sampleExercise>[1], item: Partial<Item> = {}, floor: Floor = 'wood') {
  const exercise = sampleExercise('press', change);
  const execution = resolve(exercise, null, defaultSchool);
  if (!execution.ok) throw new Error('not resolved');
  const { plan } = bareClass([{ exercise, dose: reps(1), item }]);
  const made = { ...newItem('item-0', exercise, sampleRevision(0)), ...item };
  const ready = { item: made, blockId: 'block-1', execution: execution.value, lead: leadOf(plan, made) };
  return { arrives: arrivesWith(visitsOf(ready), floor), leaves: leavesWith(visitsOf(ready), floor) };
}
const band = (placement: 'arch' | 'ball' | 'both-feet'): Parameters<typeof sampleExercise>[1] => ({
  kit: [kit('band')],
  band: { placement, border: 'outer', purpose: 'resist' },
});
const at = (position: Position): HandOver => ({ ...hands({}).arrives, position });

describe('an item hands the room over', () => {
  it('arriving with the foot that leads and leaving with the other', () => {
    const { arrives, leaves } = hands(band('arch'), { lead: 'right' });
    expect([arrives.band?.foot, leaves.band?.foot]).toEqual(['right', 'left']);
  });

  it('with the weaker foot first where that was chosen', () => {
    const { arrives } = hands(band('arch'), { sides: { mode: 'weaker-first', weaker: 'right' } });
    expect(arrives.band?.foot).toBe('right');
  });

  it('with a band on both feet neither first nor last', () => {
    const { arrives, leaves } = hands({ ...band('both-feet'), sidePattern: 'both' });
    expect([arrives.band?.foot, leaves.band?.foot]).toEqual(['both', 'both']);
  });

  it('without what stands in the room anyway: nobody fetches a wall', () => {
    expect(hands({ kit: [kit('wall'), kit('soft-ball')] }).arrives.kit).toEqual(['soft-ball']);
  });

  it('on mats where the floor is hard and it needs them soft, on the floor where that is soft itself', () => {
    expect(hands({ floor: 'padded' }, {}, 'tile').arrives.surface).toBe('mats');
    expect(hands({ floor: 'padded' }, {}, 'mat').arrives.surface).toBe('room');
    const anywhere = resolve(sampleExercise('press'), null, defaultSchool);
    expect(anywhere.ok && surfaceFor(anywhere.value, 'tile')).toBe('room');
  });

  it('needs somebody: a stretch without a visit is a mistake in the code', () => {
    expect(() => arrivesWith([], 'wood')).toThrow(RangeError);
    expect(() => leavesWith([], 'wood')).toThrow(RangeError);
  });
});

describe('a band', () => {
  const left = hands(band('arch'), { lead: 'left' });

  it('goes over to the other foot in 37 s, whatever else it does', () => {
    const right = hands(band('ball'), { lead: 'left' });
    // the first leaves on the right foot, the next begins on the left
    expect(bandMove(left.leaves, right.arrives, pace)).toEqual({ reason: 'band-moved', ms: 37_000 });
  });

  it('slides along the foot it is on in 12 s, and stays for nothing', () => {
    const ball = hands(band('ball'), { lead: 'right' });
    expect(bandMove(left.leaves, ball.arrives, pace)).toEqual({ reason: 'band-slid', ms: 12_000 });
    expect(bandMove(left.leaves, hands(band('arch'), { lead: 'right' }).arrives, pace)).toBeNull();
  });

  it('that is put down, or taken up, is kit and not a move', () => {
    expect(bandMove(left.leaves, hands({}).arrives, pace)).toBeNull();
    expect(transition(hands({}).leaves, left.arrives, pace)).toEqual([{ reason: 'kit', ms: 20_000 }]);
  });

  it('costs nothing where the teacher’s pace says so', () => {
    const quick = { ...pace, moveBandSeconds: 0 };
    expect(bandMove(left.leaves, hands(band('arch'), { lead: 'left' }).arrives, quick)).toBeNull();
  });
});

describe('from one position to another', () => {
  it.each<readonly [Position, Position, number]>([
    ['standing', 'standing', 0],
    ['floor-seated', 'lying', 5],
    ['floor-seated', 'standing', 10],
    ['standing', 'kneeling', 10],
    ['chair-seated', 'standing', 8],
    ['floor-seated', 'chair-seated', 8],
    ['standing', 'walking', 3],
  ])('%s to %s takes %i s, and the same back', (from, to, seconds) => {
    expect(transitionMs(at(from), at(to), pace)).toBe(seconds * 1000);
    expect(transitionMs(at(to), at(from), pace)).toBe(seconds * 1000);
  });

  it('turns round only for a view that is asked for', () => {
    const mirror = { ...at('standing'), facing: 'mirror' as const };
    expect(transition(at('standing'), mirror, pace)).toEqual([{ reason: 'facing', ms: 4000 }]);
    expect(transition(mirror, at('standing'), pace)).toEqual([]);
  });

  it('is nothing before the first item, and adds up what comes together', () => {
    expect(transitionMs(null, at('lying'), pace)).toBe(0);
    const to = { ...at('lying'), kit: ['soft-ball' as const], surface: 'mats' as const };
    expect(transition(at('standing'), to, pace).map((part) => part.reason)).toEqual(['position', 'kit', 'floor']);
    expect(transitionMs(at('standing'), to, pace)).toBe((10 + 20 + 15) * 1000);
  });
});
