import { Temporal } from 'temporal-polyfill';
import {
  doseWords,
  flowWords,
  itemWords,
  nameOf,
  optionWords,
  sideOrder,
  tempoWords,
  levelLines,
  levelWords,
  putOutWords,
  clockAfter,
} from '@core/card';
import { dice } from '@core/dice';
import { holds, reps, timed } from '@core/dose';
import { defaultSchool } from '@core/exercise';
import { catalogue } from '@core/exercise/catalogue';
import { itemsOf } from '@core/plan';
import { type RunEvent, owedNow, replay, reportOf } from '@core/run';
import { bareClass, sampleExercise, timelineOf } from '@core/testing/sample';
import { inWords, localDate, sayDate, today } from './date-words';
import { otherSchool, otherWay } from './school-words';
import { shortList } from './short-list';
import { answerWords, notReachedWords, owedNowWords, owedWords, toldWords } from './owed-words';

const one = (sidePattern: 'each' | 'both' | 'alternate' | 'travelling', item: object = {}, plan: object = {}) => {
  const made = bareClass([{ exercise: sampleExercise('press', { sidePattern }), dose: reps(4), item }], plan);
  return { ...made, time: made.timeline.items[0]! };
};

describe('the order of the sides', () => {
  it('begins with the foot that leads; the weaker one leads where it does a set more', () => {
    const left = one('each');
    expect(sideOrder(left.plan, left.time)).toBe('L then R');
    const right = one('each', {}, { lead: 'right' });
    expect(sideOrder(right.plan, right.time)).toBe('R then L');
    const more = one('each', { sides: { mode: 'extra-set', weaker: 'right' } });
    expect(sideOrder(more.plan, more.time)).toBe('R then L, one more R');
  });

  it('says what is unequal on purpose, and which foot works alone', () => {
    const sides = (of: object) => {
      const { plan, time } = one('each', { sides: of });
      return [sideOrder(plan, time), doseWords(plan, time)];
    };
    expect(sides({ mode: 'extra-reps', weaker: 'left', more: 3 })).toEqual(['L then R, +3 L', '4 reps, each foot']);
    expect(sides({ mode: 'one-foot', side: 'right' })).toEqual(['R only', '4 reps, right foot']);
  });

  it('says how a block goes through the feet, and nothing where it goes exercise by exercise', () => {
    const block = { id: 'b', name: 'Toes', items: [], floor: null, compare: true, secondOrder: 'same' } as const;
    const words = (change: object) => flowWords({ ...block, items: [], flow: 'by-foot', ...change });
    expect(words({})).toBe('one whole foot, compare, the other');
    expect(words({ compare: false, secondOrder: 'reversed' })).toBe('one whole foot, the other in reverse');
    expect(words({ flow: 'by-exercise' })).toBe('');
  });

  it('has a word of its own for two feet in turn, together, and walking', () => {
    const words = (['alternate', 'both', 'travelling'] as const).map((pattern) => {
      const { plan, time } = one(pattern);
      return sideOrder(plan, time);
    });
    expect(words).toEqual(['in turn', 'together', 'walking']);
  });
});

describe('an item in a line', () => {
  it('says name, start, length and dose', () => {
    const { plan, time } = one('each');
    expect(doseWords(plan, time)).toBe('4 reps, each foot');
    expect(itemWords(plan, time)).toBe('press, from 0:00, lasts 0:32, 4 reps, each foot');
  });

  it('says so where the exercise is missing', () => {
    const { plan, time } = one('each');
    expect(itemWords(plan, { ...time, execution: null })).toBe('An exercise that is missing here, no time');
    expect(sideOrder(plan, { ...time, execution: null })).toBe('');
  });

  it('says what an option does in the window, with the rest that is left from a second on', () => {
    const { time } = one('both');
    const option = { dose: [reps(8)], tooLong: false, execution: time.execution! };
    expect(optionWords({ ...option, restMs: 12_000 } as never)).toBe('8 reps, both feet, then 12 s rest');
    expect(optionWords({ ...option, restMs: 900 } as never)).toBe('8 reps, both feet');
    expect(optionWords({ ...option, restMs: 0, tooLong: true } as never)).toBe('does not fit this window');
  });
});

describe('what to put out in a line', () => {
  const piece = { kit: 'mat', count: 8, perPerson: 1, forOptionOnly: false } as const;

  it('counts pieces where it knows how many come, and says how many each where it does not', () => {
    expect(putOutWords([piece, { ...piece, kit: 'firm-ball', count: null, perPerson: 2 }])).toBe(
      'mat × 8 · firm ball (2 each)',
    );
    expect(putOutWords([{ ...piece, count: null }])).toBe('mat (one each)');
  });

  it('marks what an option alone needs', () => {
    expect(putOutWords([{ ...piece, kit: 'chair', count: 2, forOptionOnly: true }])).toBe('chair × 2, for an option');
    expect(putOutWords([])).toBe('');
  });
});

describe('clock time', () => {
  it('counts on from when the class starts, to the second, also past midnight', () => {
    expect(clockAfter('18:30', 0)).toBe('18:30:00');
    expect(clockAfter('18:30', 754_400)).toBe('18:42:34');
    expect(clockAfter('23:59', 90_000)).toBe('00:00:30');
  });

  it('is none where what was typed is no time', () => {
    for (const typed of ['', '25:00', 'half six']) expect(clockAfter(typed, 1000)).toBeNull();
  });
});

describe('what one side owes the other', () => {
  it('is said with side, number and exercise when a turn was cut short', () => {
    const exercise = sampleExercise('press');
    const { plan } = bareClass([{ exercise, dose: reps(6) }]);
    const act = (seq: number, atMs: number, event: RunEvent['event']): RunEvent => ({
      runId: 'run-1',
      deviceId: 'device-1',
      seq,
      atMs,
      event,
    });
    // six reps of 4 s on the left; the right foot is left after two
    const events = [
      act(0, 0, { kind: 'started' }),
      act(1, 24_000, { kind: 'started' }),
      act(2, 32_000, { kind: 'ended' }),
    ];
    expect(owedWords(replay(plan, events, 40_000, () => exercise))).toEqual(['right foot: 4 reps owed, press']);
    expect(owedWords(replay(plan, events.slice(0, 2), 60_000, () => exercise))).toEqual([]);
  });
});

describe('levels where the class is taught', () => {
  const stand = catalogue.find((e) => e.id === 'one-leg-stand')!;
  const at = (item: object) => {
    const made = bareClass([{ exercise: stand, dose: holds(1, 30, 0), item }]);
    return levelLines(made.plan, made.timeline.items[0]!);
  };

  it('are shown easiest first, with what the others do in the same time', () => {
    const lines = at({ rungId: 'three-fingers', easier: { rungId: 'five-fingers' }, harder: { rungId: 'one-finger' } });
    expect(lines.map((line) => line.which)).toEqual(['easier', 'main', 'harder']);
    expect(lines.map(levelWords)[0]).toMatch(/^easier: .*\(30 s, each foot\)$/);
    expect(levelWords(lines[1]!)).toBe(lines[1]!.name);
  });

  it('name the kit that only they need', () => {
    const stretch = catalogue.find((e) => e.id === 'hands-and-feet-calf')!;
    const item = { rungId: 'both-heels', easier: { rungId: 'chair-seat' } };
    const made = bareClass([{ exercise: stretch, dose: holds(1, 30, 0), item }]);
    expect(levelLines(made.plan, made.timeline.items[0]!).map((line) => line.kit)).toEqual(['chair', '']);
  });

  it('are none where the exercise has no ladder', () => {
    const { plan, time } = one('each');
    expect(levelLines(plan, time)).toEqual([]);
  });
});

describe('talk of its own in words', () => {
  const made = bareClass([{ exercise: sampleExercise('press'), dose: reps(4) }]);
  const [block] = made.plan.blocks;
  const opening = { kind: 'talk', id: 'item-t', name: 'Opening words', seconds: 60, note: '' } as const;
  const plan = { ...made.plan, blocks: [{ ...block!, items: [opening, ...block!.items] }] };
  const timeline = timelineOf(plan, [sampleExercise('press')]);

  it('is called what it is called, and is no missing exercise', () => {
    expect(timeline.items.map((time) => nameOf(plan, time))).toEqual(['Opening words', 'press']);
    expect(itemWords(plan, timeline.items[0]!)).toBe('Opening words, from 0:00, lasts 1:00, talk');
  });

  it('is named where it was not reached', () => {
    const state = replay(plan, [], 0, () => sampleExercise('press'));
    expect(notReachedWords(state, reportOf(state))).toBe('Not reached: Opening words, press');
  });

  it('an exercise that is missing here is said to be, and what is worn says through how much', () => {
    const lost = timelineOf(plan, []);
    expect(nameOf(plan, lost.items[1]!)).toBe('press (missing)');
    const [press] = itemsOf(plan);
    const worn = {
      ...plan,
      blocks: [
        {
          ...block!,
          items: [
            { ...press!, wornUntil: 'b' },
            { ...press!, id: 'b' },
          ],
        },
      ],
    };
    expect(doseWords(worn, timelineOf(worn, [sampleExercise('press')]).items[0]!)).toBe('worn through 1 exercise');
  });
});

describe('a tempo in a line', () => {
  it('is said phase by phase, for reps of more than one phase only', () => {
    const exercise = sampleExercise('rise', {}, [2, 1, 3]);
    const made = bareClass([{ exercise, dose: reps(8) }]);
    const [item] = itemsOf(made.plan);
    expect(tempoWords(item!, made.timeline.items[0]!.execution!)).toBe('2 s phase a, 1 s phase b, 3 s phase c');
    expect(tempoWords({ ...item!, dose: [timed(60)] }, made.timeline.items[0]!.execution!)).toBe('');
  });
});

describe('what is said after a class', () => {
  const press = sampleExercise('press');
  const { plan } = bareClass([
    { exercise: press, dose: reps(3) },
    { exercise: press, dose: reps(3), item: { recheck: { of: 'item-0' } } },
  ]);
  const at = (atMs: number, ...events: readonly (readonly [number, RunEvent['event']])[]) =>
    replay(
      plan,
      events.map(([ms, event], seq): RunEvent => ({ runId: 'run-1', deviceId: 'dev-1', seq, atMs: ms, event })),
      atMs,
      () => press,
    );

  it('names what was not reached', () => {
    const state = at(20_000, [0, { kind: 'started' }]);
    expect(notReachedWords(state, reportOf(state))).toBe('Not reached: press');
    const none = at(0);
    expect(notReachedWords(none, reportOf(none))).toBe('Not reached: press, press');
  });

  it('tells what a look again showed, foot by foot, beside its drill', () => {
    const state = at(
      0,
      [0, { kind: 'answered', itemId: 'item-1', feet: 'right', answer: 'same' }],
      [0, { kind: 'answered', itemId: 'item-1', feet: 'left', answer: 'better' }],
    );
    expect(answerWords(state)).toEqual(['After press: left better, right same']);
  });

  it('tells the hands of the room, what was decided, and what somebody felt with its answer', () => {
    const state = at(
      0,
      [0, { kind: 'tallied', itemId: 'item-1', better: 6, same: 3, worse: 0 }],
      [0, { kind: 'decided', itemId: 'item-1', keep: 'keep' }],
      [0, { kind: 'sensed', itemId: 'item-0', sensation: 'numbness' }],
    );
    const [hands, felt] = toldWords(state);
    expect(hands).toBe('Hands after press: 6 better, 3 same; kept');
    expect(felt).toMatch(/^0:00 somebody felt numbness or tingling in press\. Stop this exercise for that student/);
  });

  it('says what is owed while it can be done: which foot, how many', () => {
    const state = at(
      20_000,
      [0, { kind: 'started' }],
      [12_000, { kind: 'started' }],
      [17_000, { kind: 'moved', bout: 2 }],
    );
    const [debt] = owedNow(state);
    expect(debt && owedNowWords(state, debt)).toBe('right foot: 2 reps owed');
  });
});

describe('an exercise of another school', () => {
  const gather = catalogue.find(({ id }) => id === 'towel-gather')!;

  it('says on what it answers otherwise, how, and how the teacher does', () => {
    expect(otherWay(gather, defaultSchool)).toBe('other school: toes grip');
    expect(otherSchool(gather, defaultSchool, 'you')).toBe(
      'what stays down in arch work: toes grip; you: balls and heel press, the middle lifts, toes long',
    );
  });

  it('has nothing to say to a teacher of that school', () => {
    const school = { ...defaultSchool, archWork: 'toes-grip' } as const;
    expect([otherWay(gather, school), otherSchool(gather, school, 'this class')]).toEqual(['', '']);
  });
});

describe('a date where this device is', () => {
  it('is the one that another package has, for any instant', () => {
    const zone = Temporal.Now.timeZoneId();
    const roll = dice(1849);
    for (let i = 0; i < 300; i++) {
      const at = Temporal.Instant.fromEpochMilliseconds(roll(3_000_000) * 1_000_000);
      expect(localDate(at.toString())).toBe(at.toZonedDateTimeISO(zone).toPlainDate().toString());
    }
    expect(today()).toBe(Temporal.Now.plainDateISO().toString());
  });

  it('is said as it stands, whatever the hour here, and with its year where that is another', () => {
    const { year } = Temporal.Now.plainDateISO();
    expect(sayDate(`${year}-03-01`)).toBe('1 Mar');
    expect(sayDate('2019-12-31')).toBe('31 Dec 2019');
    expect(inWords('2028-02-29', { weekday: 'long' })).toBe('Tuesday');
  });
});

describe('names in a line', () => {
  it('are all there as long as they are few; the rest is a number, and never one alone', () => {
    expect(shortList(['A', 'B', 'C'], 3)).toBe('A, B, C');
    expect(shortList(['A', 'B', 'C', 'D'], 3)).toBe('A, B and 2 more');
    expect(shortList([], 3)).toBe('');
  });
});
