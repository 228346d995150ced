import { defaultSchool, resolve } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { effectsOf } from './caution-effects';
import { initialsIn } from './initials';
import { bandAge, concernsOf, newStudent, readStudent, roomDiffers, roomOf } from './student';

const executions = catalogue.flatMap((exercise) => {
  const settled = resolve(exercise, exercise.ladder?.startRung ?? null, defaultSchool);
  return settled.ok ? [settled.value] : [];
});

describe('initials on a screen that others see', () => {
  const of = (...names: string[]) => [...initialsIn(names.map((name, i) => ({ id: String(i), name }))).values()];

  it('are two letters where that tells people apart', () => {
    expect(of('Mara Lind', 'Bo Arn', 'Ysolde van der Quay')).toEqual(['ML', 'BA', 'YQ']);
  });

  it('grow by a letter where two would be the same, and count where even names are', () => {
    expect(new Set(of('Mara Lind', 'Mo Lark', 'Mia Lund')).size).toBe(3);
    expect(new Set(of('Ana Reed', 'Ana Reed', 'Ana Reed')).size).toBe(3);
  });

  it('are told apart also of people with one name, or none that can be cut', () => {
    expect(new Set(of('Cher', 'Chen', 'É')).size).toBe(3);
  });
});

describe('a student', () => {
  it('has feet that grow while under age, said once', () => {
    expect(concernsOf({ cautions: [], age: '12-17' })).toEqual(['growing-feet']);
    const said = { concern: 'growing-feet' as const, note: '', cleared: null };
    expect(concernsOf({ cautions: [said], age: 'under-12' })).toEqual(['growing-feet']);
    expect(concernsOf({ cautions: [], age: null })).toEqual([]);
  });

  it('is read back as written, and a newer one is refused unread', () => {
    const student = newStudent('student-1', 'Mara Lind');
    expect(readStudent(student)).toEqual({ ok: true, value: student });
    expect(readStudent({ ...student, format: 2 })).toMatchObject({ ok: false, error: { code: 'newer-format' } });
  });

  it('finds published bands by age, and none while feet grow', () => {
    expect(bandAge('60-69')).toBe(60);
    expect(bandAge('12-17')).toBeNull();
    expect(bandAge(null)).toBeNull();
  });
});

describe('what a caution does to classes', () => {
  it('counts what is left out and what is changed, over the library', () => {
    const effects = effectsOf('falls-or-faints', executions);
    const by = (action: string) => effects.find((effect) => effect.action === action)?.count ?? 0;
    expect(by('leave-out')).toBeGreaterThan(3);
    expect(by('change-support')).toBeGreaterThan(20);
    expect(effects.every(({ count, examples }) => examples.length === Math.min(3, count))).toBe(true);
  });

  it('says what weighs most first', () => {
    const [first] = effectsOf('pregnancy', executions);
    expect(first?.action).toBe('leave-out');
  });
});

describe('a room as the files of who comes say', () => {
  const sore = {
    ...newStudent('ada', 'Ada'),
    cautions: [{ concern: 'sore-achilles' as const, note: '', cleared: null }],
  };
  const cleared = {
    ...newStudent('bo', 'Bo'),
    cautions: [{ concern: 'bunion-pain' as const, note: '', cleared: { date: '2026-01-01', words: 'May work.' } }],
  };
  const child = { ...newStudent('cy', 'Cy'), age: '12-17' as const };

  it('has each concern once, feet that grow with them, and none that a clinician has cleared', () => {
    expect(roomOf([sore, sore, cleared, child])).toEqual({ people: 4, concerns: ['sore-achilles', 'growing-feet'] });
  });

  it('differs in its number and in each concern, either way; of nobody nothing is said', () => {
    const said = (people: number | null, ...concerns: ReturnType<typeof roomOf>['concerns']) =>
      roomDiffers([sore, cleared], { people, concerns });
    expect(said(2, 'sore-achilles')).toBe(false);
    expect([
      said(3, 'sore-achilles'),
      said(null, 'sore-achilles'),
      said(2),
      said(2, 'sore-achilles', 'bunion-pain'),
    ]).toEqual([true, true, true, true]);
    expect(said(2, 'bunion-pain')).toBe(true);
    expect(roomDiffers([], { people: 9, concerns: [] })).toBe(false);
  });
});
