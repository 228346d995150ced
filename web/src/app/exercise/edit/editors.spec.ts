import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { Exercise } from '@core/exercise';
import { named } from '../../../testing/built-in';
import { LibraryApi } from '../../api/library-api';
import { ExerciseDraft } from './exercise-draft';
import { LadderEditor } from './ladder-editor';
import { PhasesEditor } from './phases-editor';

jest.mock('idb-keyval', () => ({
  get: () => Promise.resolve(undefined),
  set: () => Promise.resolve(),
  del: () => Promise.resolve(),
}));

const type = (input: HTMLInputElement | null | undefined, value: string) => {
  if (!input) throw new Error('no such field');
  input.value = value;
  input.dispatchEvent(new Event('input'));
};

async function editing<T>(editor: new () => T, id: string) {
  TestBed.configureTestingModule({ providers: [ExerciseDraft, { provide: LibraryApi, useValue: {} }] });
  const draft = TestBed.inject(ExerciseDraft);
  await draft.open(id, named(id).exercise, named(id).revision, () => true);
  const fixture: ComponentFixture<T> = TestBed.createComponent(editor);
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  const button = (words: string) =>
    [...page.querySelectorAll<HTMLButtonElement>('button')].find((b) => b.textContent?.trim().startsWith(words));
  return { draft, fixture, page, button };
}

describe('the phases', () => {
  it('are put in order, added after the last, and left out', async () => {
    const { draft, fixture, button } = await editing(PhasesEditor, 'two-foot-rise');
    const names = () => draft.exercise().performance.phases.map((p) => p.name);
    expect(names()).toEqual(['rise', 'stay', 'lower']);
    button('later')?.click();
    await fixture.whenStable();
    expect(names()).toEqual(['stay', 'rise', 'lower']);
    button('+ a phase')?.click();
    await fixture.whenStable();
    expect(names()).toEqual(['stay', 'rise', 'lower', '']);
    button('leave out')?.click();
    await fixture.whenStable();
    expect(names()).toEqual(['stay', 'rise', 'lower']);
    expect(Exercise.safeParse(draft.exercise()).success).toBe(true);
  });

  it('say the way back as soon as each has a name for it', async () => {
    const { fixture, page } = await editing(PhasesEditor, 'two-foot-rise');
    expect(page.querySelector('.undone')?.textContent).toContain('Undone backwards: rise, stay, lower.');
    type(page.querySelectorAll<HTMLInputElement>('.line input')[2], '');
    await fixture.whenStable();
    expect(page.querySelector('.undone')?.textContent).toContain('the way back is worked out');
  });

  it('say in words what is refused, once it is to be saved', async () => {
    const { draft, fixture, page } = await editing(PhasesEditor, 'two-foot-rise');
    type(page.querySelectorAll<HTMLInputElement>('.line input')[1], '0');
    await fixture.whenStable();
    expect(page.querySelector('.why')).toBeNull();
    await draft.save();
    await fixture.whenStable();
    expect(page.querySelector('.why')?.textContent).toContain('Phase 1, seconds needs a length');
  });
});

describe('the ladder', () => {
  it('begins with three levels the schema takes, from both hands to none', async () => {
    const { draft, fixture, page, button } = await editing(LadderEditor, 'toe-turns');
    button('Make a ladder')?.click();
    await fixture.whenStable();
    expect(page.querySelectorAll('li')).toHaveLength(3);
    expect(Exercise.safeParse(draft.exercise()).success).toBe(true);
    button('No ladder')?.click();
    await fixture.whenStable();
    expect(draft.exercise().ladder).toBeNull();
  });

  it('refuses a loop and names the level, with everything still in its field', async () => {
    const { draft, fixture, page, button } = await editing(LadderEditor, 'two-foot-rise');
    button('A harder level')?.click();
    await fixture.whenStable();
    type(page.querySelectorAll('li')[3]?.querySelector<HTMLInputElement>('.wide input'), 'as before');
    await draft.save();
    await fixture.whenStable();
    expect(page.textContent).toContain('the ladder runs in a loop');
    expect(draft.exercise().ladder?.rungs[3]?.name).toBe('as before');
  });

  it('asks why when a level moves two axes', async () => {
    const { draft, fixture, page } = await editing(LadderEditor, 'two-foot-rise');
    const at = page.querySelector<HTMLInputElement>('input[aria-label="support at level 2"]');
    type(at, 'fingertips');
    await fixture.whenStable();
    expect(page.textContent).toContain('Why two axes change at once');
    await draft.save();
    await fixture.whenStable();
    expect(page.textContent).toContain('must say why two axes change');
  });

  it('gives a gate a number where it needs one, and a check where it asks for one', async () => {
    const { draft, fixture, page } = await editing(LadderEditor, 'two-foot-rise');
    const test = [...page.querySelectorAll<HTMLSelectElement>('select')].find((s) =>
      [...s.options].some((o) => o.value === 'clean-hold-seconds'),
    )!;
    const choose = async (value: string) => {
      test.value = value;
      test.dispatchEvent(new Event('change'));
      await fixture.whenStable();
      return draft.exercise().ladder?.rungs[0]?.gate;
    };
    expect(await choose('clean-hold-seconds')).toMatchObject({ test: 'clean-hold-seconds', value: 30 });
    expect(await choose('check')).toMatchObject({ test: 'check', check: 'big-toe-by-hand', value: null });
    expect(await choose('')).toBeNull();
  });
});
