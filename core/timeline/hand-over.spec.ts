import { type Position, resolve, defaultSchool } from '../exercise';
import { kit, reps } from '../exercise/catalogue/author';
import type { Floor } from '../kit';
import { type Item, type Pace, bareWorkPace, newItem } from '../plan';
import { bareClass, sampleExercise, sampleRevision } from '../testing/sample';
import {
  type Need,
  type Room,
  type Ways,
  arrival,
  arrivalMs,
  bandMove,
  needOf,
  roomAfter,
  surfaceFor,
  transition,
} from './hand-over';
import { leadOf, visitsOf } from './visit';

// The seconds of each change are those of the trade where they were read off real teaching (37 s for a band); the
// others are plain numbers that tell one cause from another.
const pace = {
  ...bareWorkPace(),
  moveBandSeconds: 37,
  slideBandSeconds: 12,
  fetchKitSeconds: 18,
  reachKitSeconds: 3,
  fiddlySetupSeconds: 20,
  fiddlyKnownSetupSeconds: 15,
  plainSetupSeconds: 3,
  floorChangeSeconds: 15,
  turnRoundSeconds: 4,
  chairSeconds: 8,
  onTheFloorSeconds: 5,
  stepOffSeconds: 3,
  floorToStandingSeconds: 10,
};

const fetched: Ways = { pace, brief: { kitOut: 'when-needed' } };
const putOut: Ways = { pace, brief: { kitOut: 'before' } };

/** What an item on its own needs, visit by visit. */
function needs(change: Parameters<typeof sampleExercise>[1], item: Partial<Item> = {}, floor: Floor = 'wood') {
  const exercise = sampleExercise('press', change);
  const execution = resolve(exercise, null, defaultSchool);
  if (!execution.ok) throw new Error('not resolved');
  const { plan } = bareClass([{ exercise, dose: reps(1), item }]);
  const made = { ...newItem('item-0', exercise, sampleRevision(0)), ...item };
  const ready = {
    item: made,
    blockId: 'block-1',
    execution: execution.value,
    lead: leadOf(plan, made),
    floor,
    turns: 1,
  };
  return visitsOf(ready).map(needOf);
}
/** The room after some items, in order. */
const roomOf = (...items: readonly (readonly Need[])[]): Room => {
  const room = items.flat().reduce<Room | null>(roomAfter, null);
  if (!room) throw new Error('nobody came');
  return room;
};
const first = ([need]: readonly Need[]): Need => {
  if (!need) throw new Error('no visit');
  return need;
};
const reasons = (room: Room, need: Need, ways = fetched) => transition(room, need, ways).map((part) => part.reason);
const band = (placement: 'arch' | 'ball' | 'both-feet'): Parameters<typeof sampleExercise>[1] => ({
  kit: [kit('band')],
  band: { placement, border: 'outer', purpose: 'resist' },
});
const at = (position: Position): Need => ({ ...first(needs({})), position });
const bare: Pace = bareWorkPace();

describe('an item hands the room over', () => {
  it('arriving with the foot that leads and leaving with the other', () => {
    const visits = needs(band('arch'), { lead: 'right' });
    expect([first(visits).band?.foot, roomOf(visits).band?.foot]).toEqual(['right', 'left']);
  });

  it('with the weaker foot first where that was chosen', () => {
    expect(first(needs(band('arch'), { sides: { mode: 'weaker-first', weaker: 'right' } })).band?.foot).toBe('right');
  });

  it('with a band on both feet neither first nor last', () => {
    const visits = needs({ ...band('both-feet'), sidePattern: 'both' });
    expect([first(visits).band?.foot, roomOf(visits).band?.foot]).toEqual(['both', 'both']);
  });

  it('without what stands in the room anyway: nobody fetches a wall', () => {
    expect(first(needs({ kit: [kit('wall'), kit('soft-ball')] })).kit).toEqual(['soft-ball']);
  });

  it('on mats where the floor is hard and it needs them soft; on whatever lies there where any floor will do', () => {
    expect(first(needs({ floor: 'padded' }, {}, 'tile')).surface).toBe('mats');
    expect(first(needs({ floor: 'padded' }, {}, 'mat')).surface).toBe('either');
    const [anywhere, smooth] = [{}, { floor: 'smooth-hard' as const }].map((change) =>
      resolve(sampleExercise('press', change), null, defaultSchool),
    );
    expect(anywhere?.ok && surfaceFor(anywhere.value, 'tile')).toBe('either');
    expect(smooth?.ok && surfaceFor(smooth.value, 'tile')).toBe('room');
  });
});

describe('the room remembers (practice)', () => {
  const chair = needs({ kit: [kit('chair')] });
  const standing = needs({ position: 'standing' });
  const ball = needs({ kit: [kit('soft-ball')] });
  const lying = needs({ position: 'lying', floor: 'padded', kit: [kit('mat')] });
  const jump = needs({ position: 'standing', impactsPerRep: 2 });

  it('fetches a ball once; later it lies in reach', () => {
    expect(transition(roomOf(standing), first(ball), { ...fetched, pace: { ...pace, chairSeconds: 0 } })).toEqual([
      { reason: 'kit', ms: 18_000 },
    ]);
    expect(transition(roomOf(ball, needs({})), first(ball), fetched)).toEqual([{ reason: 'reach', ms: 3000 }]);
    expect(transition(roomOf(ball), first(ball), fetched)).toEqual([]);
  });

  it('only reaches for what was put out before the class', () => {
    expect(transition(roomOf(needs({})), first(ball), putOut)).toEqual([{ reason: 'reach', ms: 3000 }]);
  });

  it('from a chair over an item without one and back costs sitting down and no fetch', () => {
    expect(reasons(roomOf(chair, standing), first(chair))).toEqual(['position']);
  });

  it('never both fetches and lays a mat, and leaves it under whatever suits any floor', () => {
    expect(reasons(roomOf(needs({ position: 'lying' })), first(lying))).toEqual(['mats']);
    expect(reasons(roomOf(lying, standing), first(lying))).toEqual(['position']);
    expect(roomOf(lying, standing).mats).toBe('out');
  });

  it('takes mats out of the way for a jump, and then lays them again', () => {
    expect(reasons(roomOf(lying), first(jump), putOut)).toEqual(['position', 'mats']);
    expect(reasons(roomOf(lying, jump), first(lying), putOut)).toEqual(['position', 'mats']);
    // mats that lie ready cost nothing the first time
    expect(reasons(roomOf(jump), first(lying), putOut)).toEqual(['position']);
  });

  it('carries what is out in one order, whichever came first, so that two orders leave the same room', () => {
    const roller = needs({ kit: [kit('roller')] });
    expect(roomOf(ball, roller, chair).out).toEqual(roomOf(roller, ball, chair).out);
  });
});

describe('set-up knows what just happened (practice)', () => {
  const loop = { kit: [kit('long-loop' as const)], setup: 'fiddly' as const, sidePattern: 'both' as const };
  const setUp = (room: Room | null, need: Need) => arrival(room, need, putOut).setUpMs / 1000;

  it('pays for a fiddly loop once: the next drill on it only finds its place', () => {
    const drill = needs(loop, { familiarity: 'new' });
    expect(setUp(null, first(drill))).toBe(20);
    expect(setUp(roomOf(drill), first(drill))).toBe(3);
  });

  it('pays again on another seat, with other kit, or where there is no kit to stand set up', () => {
    const drill = needs(loop);
    expect(setUp(roomOf(needs({ ...loop, position: 'floor-seated' })), first(drill))).toBe(15);
    expect(setUp(roomOf(needs({ ...loop, kit: [kit('band')] })), first(drill))).toBe(15);
    const laced = needs({ setup: 'fiddly' });
    expect(setUp(roomOf(laced), first(laced))).toBe(15);
  });

  it('stands seen once in the middle between new and known', () => {
    const of = (familiarity: Item['familiarity']) => setUp(null, first(needs(loop, { familiarity })));
    expect([of('new'), of('seen-once'), of('known')]).toEqual([20, 17.5, 15]);
  });
});

describe('a band', () => {
  const left = needs(band('arch'), { lead: 'left' });

  it('goes over to the other foot in 37 s, whatever else it does', () => {
    // the first leaves on the right foot, the next begins on the left
    const next = first(needs(band('ball'), { lead: 'left' }));
    expect(bandMove(roomOf(left), next, pace)).toEqual({ reason: 'band-moved', ms: 37_000 });
  });

  it('slides along the foot it is on in 12 s, and stays for nothing', () => {
    const ball = first(needs(band('ball'), { lead: 'right' }));
    expect(bandMove(roomOf(left), ball, pace)).toEqual({ reason: 'band-slid', ms: 12_000 });
    expect(bandMove(roomOf(left), first(needs(band('arch'), { lead: 'right' })), pace)).toBeNull();
  });

  it('that is put down, or taken up, is kit and not a move', () => {
    expect(bandMove(roomOf(left), first(needs({})), pace)).toBeNull();
    expect(reasons(roomOf(needs({})), first(left))).toEqual(['kit']);
  });

  it('costs nothing where the teacher’s pace says so', () => {
    const quick = { ...pace, moveBandSeconds: 0 };
    expect(bandMove(roomOf(left), first(needs(band('arch'), { lead: 'left' })), quick)).toBeNull();
  });
});

describe('from one position to another', () => {
  const ways = { ...fetched, pace: { ...pace, plainSetupSeconds: 0 } };
  const roomAt = (position: Position) => roomOf([at(position)]);

  it.each<readonly [Position, Position, number]>([
    ['standing', 'standing', 0],
    ['floor-seated', 'lying', 5],
    ['floor-seated', 'standing', 10],
    ['standing', 'kneeling', 10],
    ['chair-seated', 'standing', 8],
    ['floor-seated', 'chair-seated', 8],
    ['standing', 'walking', 3],
  ])('%s to %s takes %i s, and the same back', (from, to, seconds) => {
    expect(arrivalMs(roomAt(from), at(to), ways)).toBe(seconds * 1000);
    expect(arrivalMs(roomAt(to), at(from), ways)).toBe(seconds * 1000);
  });

  it('turns round only for a view that is asked for', () => {
    const mirror = { ...at('standing'), facing: 'mirror' as const };
    expect(transition(roomAt('standing'), mirror, fetched)).toEqual([{ reason: 'facing', ms: 4000 }]);
    expect(transition(roomOf([mirror]), at('standing'), fetched)).toEqual([]);
  });

  it('is nothing before the first item, and adds up what comes together', () => {
    expect(arrival(null, at('lying'), { ...fetched, pace: bare })).toEqual({ parts: [], setUpMs: 0 });
    const to = { ...at('lying'), kit: ['soft-ball' as const], surface: 'mats' as const };
    expect(reasons(roomAt('standing'), to)).toEqual(['position', 'kit', 'mats']);
    expect(arrivalMs(roomAt('standing'), to, ways)).toBe((10 + 18 + 15) * 1000);
  });
});
