import { reps } from '../dose';
import { bareClass, sampleExercise, timelineOf } from '../testing/sample';
import { type Card, type CardItem, cardOf } from './card';
import { clockAfter } from './clock';
import { runningOrder, runningOrderColumns } from './running-order';

const band = { kit: 'band' as const, per: 'person' as const, count: 1, substitutes: [] };
const itemsOf = (card: Card): CardItem[] => card.blocks.flatMap(({ rows }) => rows.flatMap(({ item }) => item ?? []));

describe('what stands on the card of a class', () => {
  it('says when the second foot begins: after the first, and the change of sides', () => {
    // 12 presses of 4 s with a 15 s change: 12 · 4 + 15 = 63 s
    const exercise = sampleExercise('press', { sidePattern: 'each' }, [4]);
    const { plan } = bareClass([{ exercise, dose: reps(12) }]);
    const changing = { ...plan, pace: { ...plan.pace, sideSwitchSeconds: 15 } };
    const [item] = itemsOf(cardOf(changing, timelineOf(changing, [exercise])));
    expect(item).toMatchObject({ order: 'L then R', second: 'right', secondMs: 63_000 });
  });

  it('knows no second foot where both work together or in turn', () => {
    for (const sidePattern of ['both', 'alternate', 'travelling'] as const) {
      const made = bareClass([{ exercise: sampleExercise('press', { sidePattern }, [4]), dose: reps(6) }]);
      expect(itemsOf(cardOf(made.plan, made.timeline))[0]?.secondMs).toBeNull();
    }
  });

  it('names the piece of music that an exercise is done to', () => {
    const tide = { id: 'tide', title: 'Tide', beatsPerMinute: 96, seconds: 180 };
    const walk = sampleExercise('walk', { sidePattern: 'travelling' });
    const on = { exercise: walk, dose: reps(8), item: { piece: 'tide', note: 'Softly.' } };
    const { plan, timeline } = bareClass([on, { exercise: walk, dose: reps(8) }], {
      music: { countIn: 0, pieces: [tide] },
    });
    expect(itemsOf(cardOf(plan, timeline)).map(({ note }) => note)).toEqual(['Music: Tide, 96 a minute. Softly.', '']);
  });

  it('shows the feet as the class has them: the one that begins works, and stands on the side on which it is', () => {
    const exercise = sampleExercise('press', { sidePattern: 'each' }, [4]);
    const { plan } = bareClass([{ exercise, dose: reps(12) }]);
    const feetOf = (lead: 'left' | 'right') => {
      const led = { ...plan, lead };
      const [item] = itemsOf(cardOf(led, timelineOf(led, [exercise])));
      return [item?.feet?.left.role, item?.feet?.right.role];
    };
    expect(feetOf('left')).toEqual(['works', 'rests']);
    expect(feetOf('right')).toEqual(['rests', 'works']);
  });

  it('names what is fetched once, at the minute at which it is fetched', () => {
    const plain = sampleExercise('press', { sidePattern: 'both' }, [4]);
    const pull = sampleExercise('pull', { sidePattern: 'both', kit: [band] }, [4]);
    const again = sampleExercise('pull-again', { sidePattern: 'both', kit: [band] }, [4]);
    const exercises = [plain, pull, again];
    const { plan } = bareClass(exercises.map((exercise) => ({ exercise, dose: reps(6) })));
    const fetching = {
      ...plan,
      brief: { ...plan.brief, kitOut: 'when-needed' as const },
      pace: { ...plan.pace, fetchKitSeconds: 20 },
    };
    const [, first, second] = itemsOf(cardOf(fetching, timelineOf(fetching, exercises)));
    expect(first?.fetched).toEqual([{ atMs: 24_000, words: 'band' }]);
    expect(second?.fetched).toEqual([]);
  });

  it('as a table has its columns, and a row for each stretch of time', () => {
    const made = bareClass([
      { exercise: sampleExercise('press', { sidePattern: 'each' }, [4]), dose: reps(6) },
      { exercise: sampleExercise('lift', { sidePattern: 'both' }, [4]), dose: reps(3) },
    ]);
    const rows = runningOrder(cardOf(made.plan, made.timeline));
    expect(rows).toHaveLength(2);
    for (const row of rows) expect(row).toHaveLength(runningOrderColumns.length);
    expect(rows[0]?.slice(0, 2)).toEqual(['0:00', '0']);
    expect(rows.reduce((sum, row) => sum + Number(row[2]), 0)).toBe(Math.round(made.timeline.totalMs / 1000));
  });
});

describe('the time of day on a card', () => {
  it('goes on past midnight, and is none where what was typed is no time', () => {
    expect(clockAfter('18:30', 754_400)).toBe('18:42:34');
    expect(clockAfter('23:59', 90_000)).toBe('00:00:30');
    for (const typed of ['', '25:00', '18:60', 'half six', '18:30:00']) expect(clockAfter(typed, 1000)).toBeNull();
  });
});
