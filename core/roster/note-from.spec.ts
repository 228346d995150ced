import { defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { keepLevel } from './keeper';
import type { LadderNote } from './ladder-note';
import { cleanNote, placedNote } from './note-from';
import { newStudent, openConcerns, type Student } from './student';

const stand = catalogue.find(({ id }) => id === 'one-leg-stand')!;
const rungs = stand.ladder!.rungs;
const placed: LadderNote = {
  id: 'note-1',
  studentId: 'mara',
  exerciseId: stand.id,
  foot: 'both',
  date: '2026-03-01',
  what: { kind: 'placed', rungId: 'three-fingers', why: 'begins', note: '' },
  by: '',
};
const kept = (more: Partial<Student> = {}, notes: readonly LadderNote[] = [placed]) =>
  keepLevel({
    student: { ...newStudent('mara', 'Mara Lind'), age: '18-39', ...more },
    exercise: stand,
    school: defaultSchool,
    notes,
    historyOf: () => null,
    today: '2026-03-20',
  });

describe('what one tap writes down', () => {
  it('seen clean, is as much as the gate asks of this person: 30 s, and 15 at seventy', () => {
    expect(cleanNote(kept())).toMatchObject({ kind: 'clean', rungId: 'three-fingers', value: 30 });
    expect(cleanNote(kept({ age: '70-79' }))).toMatchObject({ value: 15 });
    expect(cleanNote(kept(), 42)).toMatchObject({ value: 42 });
  });

  it('is nothing where somebody stands nowhere', () => {
    expect(cleanNote(kept({}, []))).toBeNull();
  });

  it('is no number where the gate counts none', () => {
    const eyes = catalogue.find(({ id }) => id === 'eyes-shut-stand')!;
    const rung = eyes.ladder!.rungs.find(({ gate }) => gate?.test === 'check')!;
    const there = { ...placed, exerciseId: eyes.id, what: { ...placed.what, rungId: rung.id } as LadderNote['what'] };
    const of = keepLevel({
      student: newStudent('mara', 'Mara Lind'),
      exercise: eyes,
      school: defaultSchool,
      notes: [there],
      historyOf: () => null,
      today: '2026-03-20',
    });
    expect(cleanNote(of, 12)).toMatchObject({ kind: 'clean', value: null });
  });

  it('placed, is where it begins, what was proposed, or the teacher’s own word', () => {
    expect(placedNote(kept({}, []), rungs[1]!)).toMatchObject({ why: 'begins' });
    expect(placedNote(kept(), rungs[3]!, 'holds my hand')).toMatchObject({ why: 'overrule', note: 'holds my hand' });
    const hurt: LadderNote = {
      ...placed,
      id: 'note-2',
      date: '2026-03-10',
      what: { kind: 'pain', rungId: 'three-fingers', when: 'during' },
    };
    expect(placedNote(kept({}, [placed, hurt]), rungs[0]!)).toMatchObject({ why: 'down' });
  });
});

describe('what still concerns somebody', () => {
  it('is no longer what a clinician has cleared', () => {
    const said = (words: string | null) => ({
      concern: 'sore-achilles' as const,
      note: '',
      cleared: words === null ? null : { date: '2026-03-01', words },
    });
    expect(openConcerns({ age: '12-17', cautions: [said(null)] })).toEqual(['sore-achilles', 'growing-feet']);
    expect(openConcerns({ age: null, cautions: [said('may load again')] })).toEqual([]);
  });
});
