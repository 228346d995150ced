import { provideHttpClient } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { Exercise } from '@core/exercise';
import { named } from '../../../../testing/built-in';
import { MemoryStore } from '../../../../testing/memory-store';
import { BrowserStore } from '../../../data/browser-store';
import { Belonging } from './belonging';
import { ExerciseDraft } from './exercise-draft';
import { LadderEditor } from './ladder-editor';
import { PhasesEditor } from './phases-editor';

const type = (input: HTMLInputElement | null | undefined, value: string) => {
  if (!input) throw new Error('no such field');
  input.value = value;
  input.dispatchEvent(new Event('input'));
};

async function editing<T>(editor: new () => T, id: string) {
  TestBed.configureTestingModule({
    providers: [ExerciseDraft, provideHttpClient(), { provide: BrowserStore, useValue: new MemoryStore() }],
  });
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

  it('does one level otherwise: another position, kit, words and feet; and takes each back', async () => {
    const { draft, fixture, page, button } = await editing(LadderEditor, 'small-jumps');
    const rung = () => draft.exercise().ladder?.rungs[2];
    const choose = async (label: string, value: string) => {
      const select = [...page.querySelectorAll('nw-rung-difference label')]
        .find((l) => l.textContent?.includes(label))
        ?.querySelector('select');
      if (!select) throw new Error(label);
      select.value = value;
      select.dispatchEvent(new Event('change'));
      await fixture.whenStable();
    };
    page.querySelectorAll('summary')[2]?.click();
    await fixture.whenStable();
    await choose('Position here', 'chair-seated');
    button('other kit here')?.click();
    await fixture.whenStable();
    const more = page.querySelector<HTMLSelectElement>('[aria-label="Add kit here"]')!;
    more.value = 'chair';
    more.dispatchEvent(new Event('change'));
    type(page.querySelector<HTMLInputElement>('nw-rung-difference .wide input'), 'Sit, heels light.');
    await choose('Sides here', 'each');
    expect(rung()?.change).toMatchObject({ position: 'chair-seated', kit: [{ kit: 'chair' }], sidePattern: 'each' });
    expect(rung()?.change.phases?.every((p) => p.other !== null)).toBe(true);
    expect(rung()?.cues?.setup?.plain).toBe('Sit, heels light.');
    expect(page.querySelectorAll('summary')[2]?.textContent).toContain('position, kit, sides, phases, what is said');
    expect(Exercise.safeParse(draft.exercise()).success).toBe(true);
    // the feet of this level are its own: the exercise keeps its phases
    type(page.querySelector<HTMLInputElement>('nw-phases-editor .line input'), 'tap and go');
    expect(rung()?.change.phases?.[0]?.name).toBe('tap and go');
    expect(draft.exercise().performance.phases[0]?.name).toBe('land and go');
    await choose('Position here', '');
    await choose('Sides here', '');
    type(page.querySelector<HTMLInputElement>('nw-rung-difference .wide input'), '');
    await fixture.whenStable();
    expect([rung()?.change.position, rung()?.change.sidePattern, rung()?.cues?.setup]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});

describe('band and schools', () => {
  it('says which border the band pulls on and what that trains', async () => {
    const { draft, fixture, page, button } = await editing(Belonging, 'ankle-circles');
    button('There is a band')?.click();
    await fixture.whenStable();
    expect(page.textContent).toContain('outer border trains turning the foot out');
    const border = page.querySelector<HTMLSelectElement>('[aria-label="Which border it pulls on"]')!;
    border.value = 'inner';
    border.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(draft.exercise().performance.band).toEqual({ placement: 'arch', border: 'inner', purpose: 'resist' });
    expect(page.textContent).toContain('inner border trains turning the foot in');
    button('No band')?.click();
    expect(draft.exercise().performance.band).toBeNull();
  });

  it('answers for a school, or leaves it to each teacher', async () => {
    const { draft, fixture, page } = await editing(Belonging, 'short-foot');
    const arch = page.querySelector('select')!;
    expect(arch.value).toBe('long-toes-press');
    arch.value = '';
    arch.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(draft.exercise().schools).toEqual({});
  });
});
