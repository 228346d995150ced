import * as fc from 'fast-check';
import { dice } from '../dice';
import { counts, reps } from '../dose';
import { type Item, applyCommand, itemsOf } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';
import { buildTimeline } from '../timeline';
import { classMusic } from './class-music';
import { closes, countsMs, eightsIn, eightsWords, phraseFor, tempoFor } from './eights';
import { tempoOf } from './tap';

const walk = sampleExercise('walk', { sidePattern: 'travelling' });
const rise = sampleExercise('rise', { sidePattern: 'each' });

describe('counts on eights (common practice, no source)', () => {
  it('24 is three eights, 32 four; 12 is one and a half and does not close', () => {
    expect(eightsWords(24)).toBe('three eights');
    expect(eightsWords(32)).toBe('four eights');
    expect(eightsWords(12)).toBe('one eight and 4: it does not close');
    expect(eightsWords(8)).toBe('one eight');
    expect(eightsWords(6)).toBe('6: it does not close');
    expect([closes(24), closes(12), closes(0)]).toEqual([true, false, false]);
    expect(eightsIn(20)).toEqual({ whole: 2, over: 4 });
  });

  it('32 counts at 96 a minute are 20.0 s; 8 phrases of 8 at 120 are 32.0 s', () => {
    expect(countsMs(32, 96)).toBe(20_000);
    expect(countsMs(64, 120)).toBe(32_000);
  });

  it('the tempo that makes 32 counts last 20 s is 96; the phrase that fills 20 s at 96 is four eights', () => {
    expect(tempoFor(32, 20_000)).toEqual({ beatsPerMinute: 96, ms: 20_000 });
    expect(phraseFor(20_000, 96)).toEqual({ eights: 4, ms: 20_000 });
  });

  it('what no tempo can do is not promised', () => {
    expect(tempoFor(8, 60_000)).toBeNull();
    expect(tempoFor(400, 10_000)).toBeNull();
    expect(tempoFor(0, 10_000)).toBeNull();
    expect(tempoFor(32, 0)).toBeNull();
    expect(phraseFor(500, 60)).toEqual({ eights: 1, ms: 8000 });
  });

  it('a tempo that is offered lands within half a second of the time asked for', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 256 }), fc.integer({ min: 1000, max: 300_000 }), (n, ms) => {
        const found = tempoFor(n, ms);
        if (found) expect(Math.abs(countsMs(n, found.beatsPerMinute) - ms)).toBeLessThanOrEqual(500);
      }),
    );
  });
});

describe('a tempo that is tapped', () => {
  /** Taps on a pulse of so many beats a minute, each up to so many ms early or late. */
  const taps = (beatsPerMinute: number, count: number, strayMs: number, seed: number): number[] => {
    const roll = dice(seed);
    return Array.from(
      { length: count },
      (_, i) => 1000 + (i * 60_000) / beatsPerMinute + (roll(2 * strayMs + 1) - strayMs),
    );
  };

  it.each([60, 72, 96, 104, 120, 132, 160, 200])('%i beats a minute are read within one after eight taps', (tempo) => {
    for (let seed = 1; seed <= 50; seed++) {
      const found = tempoOf(taps(tempo, 8, Math.min(12, Math.round(1500 / tempo)), seed));
      expect(Math.abs(found!.beatsPerMinute - tempo)).toBeLessThanOrEqual(1);
      expect(found!.steady).toBe(true);
    }
  });

  it('a tap left out is not taken for a slower beat', () => {
    const pulse = taps(120, 9, 0, 1);
    expect(tempoOf(pulse.filter((_, i) => i !== 4))!.beatsPerMinute).toBe(120);
  });

  it('who stops and begins anew begins anew; two taps say nothing yet', () => {
    const [slow, quick] = [taps(60, 6, 0, 1), taps(120, 8, 0, 1).map((ms) => ms + 20_000)];
    expect(tempoOf([...slow, ...quick])).toMatchObject({ beatsPerMinute: 120, taps: 8 });
    expect(tempoOf([0, 500])).toBeNull();
    expect(tempoOf([])).toBeNull();
  });

  it('taps that do not agree are said to be unsteady', () => {
    expect(tempoOf([0, 500, 1300, 1600, 2500, 2900, 3600, 4400])!.steady).toBe(false);
  });

  it('two taps at one instant, or a tempo that nobody can move to, end nowhere', () => {
    expect(tempoOf([5, 5, 5, 5])).toBeNull();
    expect(tempoOf([0, 100, 200, 300])!.beatsPerMinute).toBe(240);
  });
});

describe('a class on its music', () => {
  const piece = { id: 'tide', title: 'Tide', beatsPerMinute: 96, seconds: 60 };
  const music = { countIn: 0 as const, pieces: [piece] };
  const of = (entries: Parameters<typeof bareClass>[0], change = music) => {
    const { plan, timeline } = bareClass(entries, { music: change });
    return { plan, timeline, music: classMusic(plan, timeline) };
  };
  const on = (item: Partial<Item> = {}) => ({ item: { piece: 'tide', ...item } });

  it('counts what is done to counts, and leaves out what is not', () => {
    const { music: found } = of([
      { exercise: walk, dose: counts(4, 8, 96), ...on() },
      { exercise: rise, dose: reps(12) },
    ]);
    expect(found.items).toMatchObject([{ counts: 32, eights: 'four eights', closes: true, workMs: 20_000 }]);
  });

  it('says what stands on a piece, and how much of it is left: 20 s, then 20 s of a minute leave 20', () => {
    const { music: found, timeline } = of([
      { exercise: walk, dose: counts(4, 8, 96), ...on() },
      { exercise: walk, dose: counts(4, 8, 96), ...on({ musicRunsOn: true }) },
    ]);
    expect(timeline.totalMs).toBe(40_000);
    expect(found.pieces).toEqual([{ piece, itemIds: ['item-0', 'item-1'], takesMs: 40_000, leftMs: 20_000 }]);
  });

  it('a piece that runs out is told by how much: 64 counts at 96 are 40 s of half a minute', () => {
    const short = { ...music, pieces: [{ ...piece, seconds: 30 }] };
    expect(of([{ exercise: walk, dose: counts(8, 8, 96), ...on() }], short).music.pieces[0]!.leftMs).toBe(-10_000);
  });

  it('the count-in plays as well: 8 counts at 96 are 5 s more, on each start', () => {
    const counted = { countIn: 8 as const, pieces: [piece] };
    const bare = of([{ exercise: rise, dose: counts(4, 8, 96), ...on() }]);
    const { music: found, timeline } = of([{ exercise: rise, dose: counts(4, 8, 96), ...on() }], counted as never);
    // left foot and right foot begin anew
    expect(
      timeline.events.filter(({ kind }) => kind === 'count-in').map(({ startMs, endMs }) => endMs - startMs),
    ).toEqual([5000, 5000]);
    expect(timeline.totalMs - bare.timeline.totalMs).toBe(10_000);
    expect(found.pieces[0]!.takesMs - bare.music.pieces[0]!.takesMs).toBe(10_000);
  });

  it('what goes on in the music is not counted in again', () => {
    const counted = { countIn: 8 as const, pieces: [] };
    const { timeline } = bareClass(
      [
        { exercise: walk, dose: counts(4, 8, 96) },
        { exercise: walk, dose: counts(4, 8, 96), item: { musicRunsOn: true } },
      ],
      { music: counted },
    );
    expect(timeline.events.filter(({ kind }) => kind === 'count-in')).toHaveLength(1);
    expect(timeline.totalMs).toBe(45_000);
  });

  it.each([
    [counts(1, 12, 96), 24],
    [counts(3, 4, 96), 16],
    [counts(5, 6, 96), 24],
    [counts(1, 7, 96), 56],
  ])('one step closes %j on an eight', (dose, to) => {
    const { plan, timeline, music: found } = of([{ exercise: walk, dose }]);
    const after = applyCommand(plan, found.items[0]!.toClose!);
    if (!after.ok) throw new Error(after.error.code);
    const [item] = classMusic(after.value, buildTimeline({ plan: after.value, find: () => walk })).items;
    expect(item).toMatchObject({ closes: true, toClose: null, counts: to });
    expect(timeline.problems).toEqual([]);
  });

  it('a tempo that is not the piece’s is said, and one step takes the piece’s', () => {
    const { plan, music: found } = of([{ exercise: walk, dose: counts(4, 8, 104), ...on() }]);
    expect(found.items[0]).toMatchObject({ sameTempo: false, beatsPerMinute: 104 });
    const after = applyCommand(plan, found.items[0]!.toTempo!);
    if (!after.ok) throw new Error(after.error.code);
    expect(itemsOf(after.value)[0]!.dose[0]).toMatchObject({ beatsPerMinute: 96, phrases: 4 });
  });

  it('a piece that was taken out of the class plays nowhere', () => {
    const { music: found } = of([{ exercise: walk, dose: counts(4, 8, 96), item: { piece: 'gone' } }]);
    expect(found.items[0]).toMatchObject({ piece: null, sameTempo: true });
    expect(found.pieces[0]).toMatchObject({ itemIds: [], takesMs: 0, leftMs: 60_000 });
  });

  it.each([0, 400, 29, 241])('a tempo of %i is refused, and the class stays as it was', (beatsPerMinute) => {
    const { plan } = of([{ exercise: walk, dose: counts(4, 8, 96) }]);
    const change = { music: { ...music, pieces: [{ ...piece, beatsPerMinute }] } };
    expect(applyCommand(plan, { type: 'edit-class', change })).toMatchObject({
      ok: false,
      error: { code: 'not-valid' },
    });
  });
});
