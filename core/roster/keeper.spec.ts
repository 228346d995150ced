import { type Exercise, defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { type CheckId, checks, historyOf, usualConditions, type Reading } from '../measure';
import { numbers, sampleReading } from '../testing/sample-reading';
import { keepLevel, type KeepAsked } from './keeper';
import { keptWords } from './keeper-words';
import { movesOf } from './moves';
import type { LadderNote } from './ladder-note';
import { newStudent, type Student } from './student';

const named = (id: string): Exercise => {
  const found = catalogue.find((exercise) => exercise.id === id);
  if (!found) throw new Error(id);
  return found;
};
/** Five, three, one fingertip, free, crossed; from each but the last by 30 s clean twice. */
const stand = named('one-leg-stand');
let made = 0;
const note = (
  date: string,
  what: LadderNote['what'],
  foot: LadderNote['foot'] = 'both',
  exerciseId: string | null = stand.id,
): LadderNote => ({ id: `note-${made++}`, studentId: 'mara', exerciseId, foot, date, what, by: '' });
const placed = (
  date: string,
  rungId: string,
  foot: LadderNote['foot'] = 'both',
  why: 'begins' | 'up' | 'down' | 'overrule' = 'begins',
) => note(date, { kind: 'placed', rungId, why, note: '' }, foot);
const clean = (
  date: string,
  value: number | null,
  foot: LadderNote['foot'] = 'both',
  rungId = 'three-fingers',
  footwear: 'bare' | 'socks' = 'bare',
) => note(date, { kind: 'clean', rungId, value, conditions: { surface: usualConditions.surface, footwear } }, foot);
const adult: Student = { ...newStudent('mara', 'Mara Lind'), age: '18-39' };
const keep = (notes: readonly LadderNote[], more: Partial<KeepAsked> = {}) =>
  keepLevel({
    student: adult,
    exercise: stand,
    school: defaultSchool,
    notes,
    historyOf: () => null,
    today: '2026-03-20',
    ...more,
  });
const begun = placed('2026-03-01', 'three-fingers');

describe('an overrule', () => {
  const word = (text: string) =>
    note('2026-03-01', { kind: 'placed', rungId: 'three-fingers', why: 'overrule', note: text });
  it('is told with what the teacher said to it, once for both feet', () => {
    expect(keptWords(keep([word('saw it in rehearsal')]))).toMatch(/; your word: “saw it in rehearsal”$/);
  });
  it('alone is told so: what was said where one began is not', () => {
    const began = note('2026-03-01', {
      kind: 'placed',
      rungId: 'three-fingers',
      why: 'begins',
      note: 'from the troupe',
    });
    expect(keptWords(keep([began]))).not.toContain('your word');
  });
  it('needs no reason', () => {
    expect(keptWords(keep([word('')]))).not.toContain('your word');
  });
});

describe('a level', () => {
  it('is begun where most people begin', () => {
    const kept = keep([]);
    expect(kept).toMatchObject({ verdict: 'not-begun', to: { id: 'five-fingers' } });
    expect(keptWords(kept)).toBe('not on this ladder yet; most begin with “five fingertips”');
  });

  it('is passed on two occasions, on both feet, and then one goes up by one', () => {
    const kept = keep([begun, clean('2026-03-08', 30), clean('2026-03-15', 32)]);
    expect(kept).toMatchObject({ verdict: 'up', feet: ['left', 'right'], to: { id: 'one-finger' } });
    expect(keptWords(kept)).toBe('ready for “one fingertip”, at its least dose: 30 s clean twice: both feet passed');
  });

  it('is not passed on one foot', () => {
    const kept = keep([
      begun,
      clean('2026-03-08', 30, 'left'),
      clean('2026-03-15', 30, 'left'),
      clean('2026-03-15', 30, 'right'),
    ]);
    expect(kept).toMatchObject({ verdict: 'hold', reason: { code: 'gate', shown: { left: 2, right: 1 } } });
  });

  it('is not passed twice on one day', () => {
    const kept = keep([begun, clean('2026-03-15', 30), clean('2026-03-15', 31)]);
    expect(kept.reason).toMatchObject({ code: 'gate', shown: { left: 1, right: 1 } });
  });

  it.each([
    [
      'a miss lies between',
      [
        clean('2026-03-05', 30),
        note('2026-03-10', { kind: 'missed', rungId: 'three-fingers' }),
        clean('2026-03-15', 30),
      ],
    ],
    ['they lie seven weeks apart', [clean('2026-01-20', 30), clean('2026-03-15', 30)]],
    ['one was in socks', [clean('2026-03-08', 30, 'both', 'three-fingers', 'socks'), clean('2026-03-15', 30)]],
    ['one was on another level', [clean('2026-03-08', 30, 'both', 'five-fingers'), clean('2026-03-15', 30)]],
  ])('is not passed by two occasions that do not belong together: %s', (_why, seen) => {
    expect(keep([placed('2026-01-10', 'three-fingers'), ...seen]).reason).toMatchObject({
      code: 'gate',
      shown: { left: 1 },
    });
  });

  it('is not passed, and not missed, by less than was asked for', () => {
    const kept = keep([begun, clean('2026-03-05', 30), clean('2026-03-10', 20), clean('2026-03-15', 30)]);
    expect(kept.verdict).toBe('up');
  });

  it('counts from the day one stands on it', () => {
    const kept = keep([clean('2026-02-20', 30), clean('2026-02-25', 30), begun]);
    expect(kept.reason).toMatchObject({ code: 'missing' });
  });

  it('was not looked at by what was seen on the level before, on the day of the step', () => {
    const up = placed('2026-03-15', 'one-finger', 'both', 'up');
    const kept = keep([begun, clean('2026-03-08', 30), clean('2026-03-15', 30), up], { today: '2026-03-25' });
    expect(kept.reason).toMatchObject({ code: 'missing' });
  });

  it('has a gate that fits the age: a figure for the young is no door that never opens for the old', () => {
    const notes = [begun, clean('2026-03-08', 15), clean('2026-03-15', 16)];
    expect(keep(notes).verdict).toBe('hold');
    const kept = keep(notes, { student: { ...adult, age: '70-79' } });
    expect(kept.verdict).toBe('up');
    expect(keptWords(kept)).toContain('15 s clean twice');
  });

  it('keeps its figure where both feet stand: only one leg is harder with the years', () => {
    const press = named('strap-press-heel');
    const rung = press.ladder!.rungs.find(({ gate }) => gate?.test === 'clean-hold-seconds')!;
    const of = (age: Student['age']) =>
      keep([note('2026-03-01', { kind: 'placed', rungId: rung.id, why: 'begins', note: '' }, 'both', press.id)], {
        exercise: press,
        student: { ...adult, age },
      }).gate?.value;
    expect(of('80-99')).toBe(of('18-39'));
  });

  it('can be a place to live, and is never called stuck', () => {
    const kept = keep([placed('2025-08-01', 'three-fingers'), clean('2026-03-15', 30)]);
    expect(kept.livesHere).toBe(33);
    expect(keptWords(kept)).toContain('lives here, 33 weeks');
  });
});

describe('unequal feet', () => {
  const unequal = [placed('2026-03-01', 'one-finger', 'left'), placed('2026-03-01', 'five-fingers', 'right', 'down')];

  it('climb one by one: the lower foot alone, until both are level', () => {
    const seen = [clean('2026-03-08', 30, 'right', 'five-fingers'), clean('2026-03-15', 30, 'both', 'five-fingers')];
    const kept = keep([...unequal, ...seen]);
    expect(kept).toMatchObject({ verdict: 'up', feet: ['right'], to: { id: 'three-fingers' } });
  });

  it('do not climb on the higher foot, however well it goes', () => {
    const seen = [
      clean('2026-03-08', 60, 'left', 'one-finger'),
      clean('2026-03-15', 60, 'left', 'one-finger'),
      clean('2026-03-15', 30, 'right', 'five-fingers'),
    ];
    expect(keep([...unequal, ...seen])).toMatchObject({
      verdict: 'hold',
      reason: { code: 'lower-foot', foot: 'right', shown: 1 },
    });
  });
});

describe('back a level', () => {
  it('for pain, that foot alone, and not for burn', () => {
    const kept = keep([
      begun,
      note('2026-03-10', { kind: 'pain', rungId: 'three-fingers', when: 'next-day' }, 'right'),
    ]);
    expect(kept).toMatchObject({ verdict: 'down', feet: ['right'], to: { id: 'five-fingers' } });
    expect(keptWords(kept)).toBe('back to “five fingertips”, right foot: pain the next day, right');
  });

  it('no more once it went without pain', () => {
    const pain = note('2026-03-10', { kind: 'pain', rungId: 'three-fingers', when: 'during' }, 'right');
    expect(keep([begun, pain, clean('2026-03-15', 30)]).verdict).toBe('hold');
  });

  it('from the lowest level there is none: leave it out, and ask', () => {
    const pain = note('2026-03-10', { kind: 'pain', rungId: 'five-fingers', when: 'during' }, 'left');
    const kept = keep([placed('2026-03-01', 'five-fingers'), pain]);
    expect(kept.verdict).toBe('hold');
    expect(keptWords(kept)).toContain('ask a clinician if it stays');
  });

  it('after three classes under the least dose without pain', () => {
    const short = (date: string) => note(date, { kind: 'short', rungId: 'three-fingers' });
    expect(keep([begun, short('2026-03-05'), short('2026-03-10')]).verdict).toBe('hold');
    expect(keep([begun, short('2026-03-05'), short('2026-03-10'), short('2026-03-15')])).toMatchObject({
      verdict: 'down',
      reason: { code: 'short' },
    });
  });

  it('after a long break; after a shorter one with the least dose', () => {
    const seen = clean('2026-01-10', 30);
    const since = placed('2026-01-01', 'three-fingers');
    expect(keep([since, seen], { today: '2026-02-14' }).reason).toMatchObject({ code: 'break', weeks: 5 });
    expect(keep([since, seen], { today: '2026-03-20' })).toMatchObject({ verdict: 'down', to: { id: 'five-fingers' } });
  });
});

describe('what decides first', () => {
  const passed = [begun, clean('2026-03-08', 30), clean('2026-03-15', 30)];
  const stop = note('2026-03-16', { kind: 'stop', sign: 'a pop at the back of the heel' }, 'left', null);

  it('is a stop sign: it freezes every ladder until a clinician’s dated word', () => {
    expect(keep([...passed, stop])).toMatchObject({ verdict: 'frozen', reason: { code: 'stop-sign' } });
    const word = note('2026-03-18', { kind: 'cleared', words: 'may load again' }, 'both', null);
    expect(keep([...passed, stop, word]).verdict).toBe('up');
  });

  it('then a caution, until a clinician has cleared it', () => {
    const pregnant: Student = { ...adult, cautions: [{ concern: 'pregnancy', note: '', cleared: null }] };
    const eyes = named('eyes-shut-stand');
    const rung = eyes.ladder!.rungs[0]!;
    const kept = keep(
      [note('2026-03-01', { kind: 'placed', rungId: rung.id, why: 'begins', note: '' }, 'both', eyes.id)],
      { exercise: eyes, student: pregnant },
    );
    expect(kept.reason.code).toBe('caution');
    const cleared: Student = {
      ...pregnant,
      cautions: [{ concern: 'pregnancy', note: '', cleared: { date: '2026-03-02', words: 'may' } }],
    };
    const free = keep(
      [note('2026-03-01', { kind: 'placed', rungId: rung.id, why: 'begins', note: '' }, 'both', eyes.id)],
      { exercise: eyes, student: cleared },
    );
    expect(free.reason.code).not.toBe('caution');
  });

  it('which may hold somebody where most begin, and let them climb up to there', () => {
    const pull = named('strap-held-lean');
    const faller: Student = { ...adult, cautions: [{ concern: 'falls-or-faints', note: '', cleared: null }] };
    const start = pull.ladder!.startRung;
    const on = (rungId: string) => [
      note('2026-03-01', { kind: 'placed', rungId, why: 'begins', note: '' }, 'both', pull.id),
      note('2026-03-18', { kind: 'present' }, 'both', null),
    ];
    expect(keep(on(start), { exercise: pull, student: faller }).reason.code).toBe('caution');
    expect(keep(on(start), { exercise: pull }).reason.code).not.toBe('caution');
  });

  it('is not argued again where the teacher has overruled it', () => {
    const pregnant: Student = { ...adult, cautions: [{ concern: 'pregnancy', note: '', cleared: null }] };
    const eyes = named('eyes-shut-stand');
    const top = eyes.ladder!.rungs.at(-1)!;
    const kept = keep(
      [
        note('2026-03-01', { kind: 'placed', rungId: top.id, why: 'overrule', note: 'holds my hand' }, 'both', eyes.id),
        clean('2026-03-15', 30, 'both', top.id),
      ],
      { exercise: eyes, student: pregnant },
    );
    expect(kept.reason.code).not.toBe('caution');
  });

  it('then pain, before the door and the gate', () => {
    const pain = note('2026-03-16', { kind: 'pain', rungId: 'three-fingers', when: 'next-day' }, 'left');
    expect(keep([...passed, pain]).verdict).toBe('down');
  });

  it('last the student’s wish, which is not a gate that was not met', () => {
    const wish = note('2026-03-16', { kind: 'stays' });
    expect(keep([...passed, wish])).toMatchObject({ verdict: 'hold', reason: { code: 'wish' } });
    expect(keep([...passed, wish, note('2026-03-17', { kind: 'moves-on' })]).verdict).toBe('up');
  });

  it('and one step up a week, on whichever ladder', () => {
    const other = note('2026-03-17', { kind: 'placed', rungId: 'firm', why: 'up', note: '' }, 'both', 'band-turn-out');
    expect(keep([...passed, other])).toMatchObject({ verdict: 'hold', reason: { code: 'one-change' } });
    expect(keep([...passed, other], { today: '2026-03-24' }).verdict).toBe('up');
  });
});

describe('a door of weeks', () => {
  const drop = named('rise-and-drop-to-landing');
  const first = drop.ladder!.rungs[0]!.id;
  const place = note('2026-03-01', { kind: 'placed', rungId: first, why: 'begins', note: '' }, 'both', drop.id);
  const there = (date: string) => note(date, { kind: 'present' }, 'both', null);

  it('opens with weeks in which the student was there; a missed week moves it', () => {
    const kept = keep([place, there('2026-03-04'), there('2026-03-12')], { exercise: drop });
    expect(kept.reason).toEqual({ code: 'door', weeks: 3, done: 2 });
    expect(keptWords(kept)).toBe('opens after 3 weeks of regular work; 2 so far');
    const open = keep([place, ...['2026-02-26', '2026-03-04', '2026-03-12'].map(there)], { exercise: drop });
    expect(open.reason.code).not.toBe('door');
  });

  it('is for people who are new to it', () => {
    const seasoned: Student = { ...adult, experience: 'years' };
    expect(keep([place, there('2026-03-12')], { exercise: drop, student: seasoned }).reason.code).not.toBe('door');
  });
});

describe('a gate that asks for a check', () => {
  // hands free, eyes shut: 10 s twice on each foot
  const exercise = named('eyes-shut-stand');
  const rung = exercise.ladder!.rungs.find(({ gate }) => gate?.test === 'check')!;
  const check = rung.gate!.check!;
  const place = note('2026-03-01', { kind: 'placed', rungId: rung.id, why: 'begins', note: '' }, 'both', exercise.id);
  const there = note('2026-03-18', { kind: 'present' }, 'both', null);
  const by = (readings: readonly Reading[]) =>
    keep([place, there], {
      exercise,
      student: { ...adult, experience: 'years' },
      historyOf: (id: CheckId) => (id === check ? historyOf({ protocol: checks[id], readings, studio: null }) : null),
    });

  it('waits for the reading, and says which', () => {
    const kept = by([]);
    expect(kept.reason).toMatchObject({ code: 'missing', check });
    expect(keptWords(kept)).toContain(checks[check].short);
  });

  it('is met by readings of both feet, and not while one is asked about', () => {
    const value = rung.gate!.value ?? 1;
    const of = (foot: Reading['foot'], date: string, x: number, more = {}) =>
      sampleReading({ protocol: check, foot, date, value: numbers(x, x, x), ...more });
    const dates = ['2026-03-05', '2026-03-12', '2026-03-17'].slice(0, rung.gate!.occasions);
    const all = dates.flatMap((date) => [of('left', date, value), of('right', date, value)]);
    expect(by(all).verdict).toBe('up');
    expect(by(all.filter(({ foot }) => foot === 'left')).verdict).toBe('hold');
    const wild = of('left', '2026-03-18', checks[check].result.gives === 'number' ? 1000 : value);
    expect(by([...all, wild]).reason).toMatchObject({ code: 'doubtful' });
  });

  it('is not met by a reading that nobody has answered for, nor by one from before the level', () => {
    const value = rung.gate!.value ?? 1;
    const of = (foot: Reading['foot'], date: string, x: number, more = {}) =>
      sampleReading({ protocol: check, foot, date, value: numbers(x, x, x), ...more });
    const both = (date: string, x = value) => [of('left', date, x), of('right', date, x)];
    expect(by([...both('2026-03-05', 1000), ...both('2026-03-17')]).verdict).toBe('hold');
    expect(by([...both('2026-02-20'), ...both('2026-03-17')]).verdict).toBe('hold');
    expect(by([...both('2026-03-05'), ...both('2026-03-17')]).verdict).toBe('up');
  });
});

describe('before the next class', () => {
  const rise = named('two-foot-rise');
  const moves = (notes: readonly LadderNote[]) =>
    movesOf({
      student: adult,
      exercises: [stand, rise],
      school: defaultSchool,
      notes,
      historyOf: () => null,
      today: '2026-03-20',
    });
  const ready = [begun, clean('2026-03-08', 30), clean('2026-03-15', 32)];

  it('somebody is ready for more on the ladders they stand on, and on no other', () => {
    const { stop, moves: found } = moves(ready);
    expect(stop).toBeNull();
    expect(found.map(({ exercise, kept }) => [exercise.id, kept.verdict, kept.to?.id])).toEqual([
      ['one-leg-stand', 'up', 'one-finger'],
    ]);
  });

  it('who stays where they are is not told, who is better a level lower is', () => {
    expect(moves([begun, clean('2026-03-15', 32)]).moves).toEqual([]);
    const hurt = note('2026-03-15', { kind: 'pain', rungId: 'three-fingers', when: 'next-day' }, 'right');
    expect(moves([begun, hurt]).moves.map(({ kept }) => kept.verdict)).toEqual(['down']);
  });

  it('a stop sign stands alone, on any ladder or on none, until a clinician has spoken', () => {
    const stop = note('2026-03-16', { kind: 'stop', sign: 'pain at night' }, 'both', null);
    expect(moves([...ready, stop])).toEqual({ stop: { sign: 'pain at night', date: '2026-03-16' }, moves: [] });
    expect(moves([stop]).stop).not.toBeNull();
    const here = note('2026-03-16', { kind: 'stop', sign: 'pain at night' }, 'both', stand.id);
    expect(moves([...ready, here])).toEqual({ stop: { sign: 'pain at night', date: '2026-03-16' }, moves: [] });
    const word = note('2026-03-18', { kind: 'cleared', words: 'may go on' }, 'both', null);
    expect(moves([...ready, stop, word])).toMatchObject({ stop: null, moves: [{ kept: { verdict: 'up' } }] });
  });
});
