import { type Exercise, defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { type Item, newItem } from '../plan';
import { sampleRevision } from '../testing/sample';
import { assignedWords } from './assign-words';
import { assignItem, headsOf, headsWords, type RosterAsked } from './class-roster';
import { optionsFor } from './options-for';
import type { LadderNote } from './ladder-note';
import { newStudent, type Student } from './student';

const named = (id: string): Exercise => {
  const found = catalogue.find((exercise) => exercise.id === id);
  if (!found) throw new Error(id);
  return found;
};
/** Five, three, one fingertip, free, crossed. */
const stand = named('one-leg-stand');
const item = (more: Partial<Item> = {}, exercise = stand): Item => ({
  ...newItem('item-1', exercise, sampleRevision(1)),
  rungId: 'one-finger',
  ...more,
});
const has = (id: string, ...concerns: Student['cautions'][number]['concern'][]): Student => ({
  ...newStudent(id, id),
  age: '18-39',
  cautions: concerns.map((concern) => ({ concern, note: '', cleared: null })),
});
let made = 0;
const on = (
  studentId: string,
  rungId: string,
  foot: LadderNote['foot'] = 'both',
  exerciseId = stand.id,
): LadderNote => ({
  id: `note-${made++}`,
  studentId,
  exerciseId,
  foot,
  date: '2026-03-01',
  what: { kind: 'placed', rungId, why: 'begins', note: '' },
  by: '',
});
const ask = (
  students: readonly Student[],
  notes: readonly LadderNote[],
  more: Partial<RosterAsked> = {},
): RosterAsked => ({
  item: item({ easier: { rungId: 'five-fingers' }, harder: { rungId: 'free' } }),
  exercise: stand,
  school: defaultSchool,
  students,
  notes,
  library: catalogue,
  ...more,
});
const options = (asked: RosterAsked) => assignItem(asked).map(({ option }) => option);

describe('who does which option', () => {
  const people = [has('a'), has('b'), has('c'), has('d')];

  it('is the highest that somebody has reached, on the lower foot', () => {
    const notes = [
      on('a', 'five-fingers'),
      on('b', 'three-fingers'),
      on('c', 'crossed'),
      on('d', 'free', 'left'),
      on('d', 'one-finger', 'right'),
    ];
    expect(options(ask(people, notes))).toEqual(['easier', 'easier', 'harder', 'main']);
  });

  it('is the main one for who was never placed, and never the harder one', () => {
    expect(assignItem(ask([has('a')], []))[0]).toMatchObject({ option: 'main', why: 'not-placed' });
  });

  it('says so where somebody stands lower than all that is offered', () => {
    const asked = ask([has('a')], [on('a', 'five-fingers')], { item: item({ easier: { rungId: 'three-fingers' } }) });
    expect(assignItem(asked)[0]).toMatchObject({ option: 'easier', why: 'below-all' });
  });

  it('gives who falls more to hold on to, whatever they have reached', () => {
    const [found] = assignItem(ask([has('a', 'falls-or-faints')], [on('a', 'crossed')]));
    expect(found).toMatchObject({ option: 'easier', why: 'more-support', caution: { concern: 'falls-or-faints' } });
  });

  it('is something else, near it and no less steady, where it is left out with what somebody has', () => {
    const jumps = named('small-jumps');
    const asked = ask([has('a', 'brittle-bones'), has('b')], [], {
      exercise: jumps,
      item: newItem('item-1', jumps, sampleRevision(1)),
    });
    const [brittle, other] = assignItem(asked);
    expect(brittle).toMatchObject({ option: 'other', why: 'left-out', caution: { concern: 'brittle-bones' } });
    expect(brittle?.instead).not.toBeNull();
    expect(brittle?.instead?.performance.impactsPerRep).toBe(0);
    expect(other?.option).toBe('main');
    expect(brittle && assignedWords(brittle)).toContain('Instead: ');
  });

  it('is held where most begin with what asks for that, however high they stand', () => {
    const squat = named('barefoot-squat');
    const [to, start, full] = squat.ladder!.rungs;
    const made = { ...newItem('item-1', squat, sampleRevision(1)), rungId: full!.id, easier: { rungId: start!.id } };
    const asked = ask(
      [has('a', 'sore-knees'), has('b')],
      [on('a', full!.id, 'both', squat.id), on('b', full!.id, 'both', squat.id)],
      {
        exercise: squat,
        item: made,
      },
    );
    expect(to && assignItem(asked)).toMatchObject([{ rungId: start!.id, why: 'no-higher' }, { rungId: full!.id }]);
  });

  it.each([
    // the nearer one would stand where this one sits, or ask more balance
    ['toe-spacer-wear', 'broken-skin', 'ball-under-the-desk'],
    ['fingers-between-toes', 'broken-skin', 'ball-under-the-desk'],
    ['pressure-tour', 'recent-injury', 'strap-press-outer'],
    ['forefoot-shear', 'recent-injury', 'fingers-between-toes'],
    ['forefoot-shear', 'numb-or-diabetic-feet', 'strap-press-heel'],
  ] as const)('puts nobody on their feet or on one leg in the place of %s', (id, concern, expected) => {
    const exercise = named(id);
    const asked = ask([has('a', concern)], [], { exercise, item: newItem('item-1', exercise, sampleRevision(1)) });
    expect(assignItem(asked)[0]?.instead?.id).toBe(expected);
  });

  it('is no longer left out once a clinician has cleared it', () => {
    const jumps = named('small-jumps');
    const cleared: Student = {
      ...has('a'),
      cautions: [{ concern: 'brittle-bones', note: '', cleared: { date: '2026-03-01', words: 'may' } }],
    };
    const asked = ask([cleared], [], { exercise: jumps, item: newItem('item-1', jumps, sampleRevision(1)) });
    expect(assignItem(asked)[0]?.option).toBe('main');
  });

  it('is nothing of it after a stop sign', () => {
    const stop: LadderNote = { ...on('a', 'free'), exerciseId: null, what: { kind: 'stop', sign: 'faint or dizzy' } };
    const [stopped] = assignItem(ask([has('a')], [on('a', 'free'), stop]));
    // nor anything near it: it ends, and refers
    expect(stopped).toMatchObject({ option: 'other', why: 'stop-sign', instead: null });
    expect(stopped && assignedWords(stopped)).not.toContain('Instead');
  });

  it('is one for all in an exercise without levels', () => {
    const plain = catalogue.find(({ ladder, family }) => !ladder && family === 'close')!;
    const asked = ask([has('a'), has('b')], [], { exercise: plain, item: newItem('item-1', plain, sampleRevision(1)) });
    expect(options(asked)).toEqual(['main', 'main']);
  });
});

describe('numbers for cueing', () => {
  it('say how many do what', () => {
    const people = Array.from({ length: 11 }, (_, i) => has(`p${i}`));
    const notes = people.map((person, i) => on(person.id, i < 7 ? 'one-finger' : i < 10 ? 'free' : 'five-fingers'));
    const asked = ask(people, notes);
    const heads = headsOf(assignItem(asked));
    expect(heads).toEqual({ main: 7, easier: 1, harder: 3, other: 0 });
    expect(headsWords(asked.item, stand, heads)).toBe(
      '1 five fingertips, 7 one fingertip, 3 hands free, support in reach',
    );
  });
});

describe('options proposed from the roster', () => {
  const people = Array.from({ length: 11 }, (_, i) => has(`p${i}`));
  const bare = item();

  it('are the levels the people stand on', () => {
    const notes = people.map((person, i) => on(person.id, i < 7 ? 'one-finger' : i < 10 ? 'free' : 'five-fingers'));
    expect(optionsFor(ask(people, notes, { item: bare }))).toEqual({
      easier: { rungId: 'five-fingers' },
      harder: { rungId: 'free' },
    });
  });

  it('are not offered where nobody needs them, and not where what is offered suits', () => {
    const same = people.map((person) => on(person.id, 'one-finger'));
    expect(optionsFor(ask(people, same, { item: bare }))).toBeNull();
    const notes = people.map((person, i) => on(person.id, i < 7 ? 'one-finger' : 'free'));
    expect(optionsFor(ask(people, notes, { item: item({ harder: { rungId: 'free' } }) }))).toBeNull();
  });

  it('never take away what somebody who has something to mind holds on to', () => {
    // ten stand free; one who falls has five fingertips offered
    const faller = has('faller', 'falls-or-faints');
    const all = [faller, ...people.slice(1)];
    const notes = all.map((person) => on(person.id, 'crossed'));
    const offered = item({ easier: { rungId: 'five-fingers' }, rungId: 'free' });
    const asked = ask(all, notes, { item: offered });
    const change = optionsFor(asked);
    expect(change?.harder).toEqual({ rungId: 'crossed' });
    const [after] = assignItem({ ...asked, item: { ...offered, ...change } });
    expect(after).toMatchObject({ rungId: 'five-fingers', why: 'more-support' });
  });

  it('are proved: with them nobody stands below all', () => {
    const notes = people.map((person, i) => on(person.id, ['five-fingers', 'three-fingers', 'free'][i % 3]!));
    const asked = ask(people, notes, { item: bare });
    const change = optionsFor(asked)!;
    const after = assignItem({ ...asked, item: { ...bare, ...change } });
    expect(assignItem(asked).some(({ why }) => why === 'below-all')).toBe(true);
    expect(after.some(({ why }) => why === 'below-all')).toBe(false);
  });
});
