import { provideHttpClient } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { Exercise, defaultSchool, resolve } from '@core/exercise';
import { senseOf } from '@core/exercise/sense';
import { builtIn, named } from '../../../../testing/built-in';
import { MemoryStore } from '../../../../testing/memory-store';
import { BrowserStore } from '../../../data/browser-store';
import { LibraryStore } from '../../../data/library-store';
import { Belonging } from './belonging';
import { ExerciseDraft } from './exercise-draft';
import { LadderEditor } from './ladder-editor';
import { PhasesEditor } from './phases-editor';
import { VariantsEditor } from './variants-editor';

const choose = (select: HTMLSelectElement | null | undefined, value: string) => {
  if (!select) throw new Error('no such list');
  select.value = value;
  select.dispatchEvent(new Event('change'));
};
const under = (page: HTMLElement, words: string) =>
  [...page.querySelectorAll('label')].find((l) => l.textContent?.trim().startsWith(words));
const type = (input: HTMLInputElement | HTMLTextAreaElement | null | undefined, value: string) => {
  if (!input) throw new Error('no such field');
  input.value = value;
  input.dispatchEvent(new Event('input'));
};

async function editing<T>(editor: new () => T, id: string) {
  TestBed.configureTestingModule({
    providers: [
      ExerciseDraft,
      provideHttpClient(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: LibraryStore, useValue: { byId: () => new Map(builtIn.map((r) => [r.exercise.id, r])) } },
    ],
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
    expect(page.querySelector('.undone')?.textContent).toContain('Backwards: rise, stay, lower.');
    type(under(page, 'Done backwards')?.querySelector('input') ?? undefined, '');
    await fixture.whenStable();
    expect(page.querySelector('.undone')?.textContent).toContain('the way back is worked out');
  });

  it('say what is pressed on a tool and how far the next spot is, what is effort, and what the body does', async () => {
    const { draft, fixture, page } = await editing(PhasesEditor, 'two-foot-rise');
    const first = () => draft.exercise().performance.phases[0];
    const field = (words: string) => under(page, words)?.querySelector('input');
    type(field('On the tool'), '30');
    type(field('To the next spot'), '0.5');
    await fixture.whenStable();
    expect(first()?.pressure).toEqual({ bodyWeightPercent: 30, shiftCm: 0.5 });
    type(field('To the next spot'), '');
    await fixture.whenStable();
    expect(first()?.pressure).toEqual({ bodyWeightPercent: 30, shiftCm: null });
    type(field('On the tool'), '');
    choose(under(page, 'Against load')?.querySelector('select'), 'yes');
    choose(under(page, 'The body')?.querySelector('select'), 'rises');
    await fixture.whenStable();
    expect(first()).toMatchObject({ pressure: null, effort: true, body: 'rises' });
    choose(under(page, 'Against load')?.querySelector('select'), '');
    expect(first()?.effort).toBeUndefined();
    expect(Exercise.safeParse(draft.exercise()).success).toBe(true);
  });

  it('say what the other foot does, where the two take turns and nobody has said it, or where both work differently', async () => {
    const { draft, fixture, button } = await editing(PhasesEditor, 'easy-stepping');
    const other = () => draft.exercise().performance.phases[0]?.other;
    const asked = () => senseOf(draft.exercise()).filter(({ code }) => code === 'other-foot-unsaid');
    draft.edit((e) => ({
      ...e,
      performance: { ...e.performance, phases: e.performance.phases.map((p) => ({ ...p, other: null })) },
    }));
    await fixture.whenStable();
    expect(asked()).toHaveLength(1);
    button('The other foot does something else')?.click();
    await fixture.whenStable();
    expect(other()?.role).toBe('stands');
    expect(button('Both feet do the same')).toBeUndefined();

    draft.edit((e) => ({ ...e, performance: { ...e.performance, sidePattern: 'both' } }));
    await fixture.whenStable();
    button('Both feet do the same')?.click();
    await fixture.whenStable();
    expect(other()).toBeNull();
    button('The other foot does something else')?.click();
    await fixture.whenStable();
    expect(other()).toEqual(draft.exercise().performance.phases[0]?.working);
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

  it('puts a new level right after another one, done and said as that one and not as the first', async () => {
    const { draft, fixture, page } = await editing(LadderEditor, 'small-jumps');
    const rungs = () => draft.exercise().ladder!.rungs;
    const before = rungs();
    const third = before.findIndex((r) => r.cues !== undefined);
    const buttons = [...page.querySelectorAll('button')].filter((b) => b.textContent?.trim() === 'one after it');
    buttons[third]?.click();
    await fixture.whenStable();
    expect(rungs()).toHaveLength(before.length + 1);
    const { cues, change, axes, doses } = rungs()[third + 1]!;
    expect({ cues, change, axes, doses }).toEqual({
      cues: before[third]?.cues,
      change: before[third]?.change,
      axes: before[third]?.axes,
      doses: before[third]?.doses,
    });
    expect(rungs().filter((_, i) => i !== third + 1)).toEqual(before);
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
    type(page.querySelector<HTMLTextAreaElement>('nw-cue-words textarea'), 'Sit, heels light.');
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
    type(page.querySelector<HTMLTextAreaElement>('nw-cue-words textarea'), '');
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
    const arch = [...page.querySelectorAll('label')]
      .find((l) => l.textContent?.includes('What stays down in arch work?'))!
      .querySelector('select')!;
    expect(arch.value).toBe('long-toes-press');
    arch.value = '';
    arch.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(draft.exercise().schools).toEqual({});
  });
});

describe('what an exercise belongs with', () => {
  it('is the other half of the same job, and what comes before it; each can be taken back', async () => {
    const { draft, fixture, page } = await editing(Belonging, 'short-foot');
    choose(under(page, 'The other half')?.querySelector('select'), 'two-foot-rise');
    const before = under(page, 'Comes after')?.querySelector('select');
    choose(before, 'ball-along-the-sole');
    await fixture.whenStable();
    choose(before, 'ball-along-the-sole');
    await fixture.whenStable();
    expect(draft.exercise()).toMatchObject({ pair: 'two-foot-rise', preparedBy: ['ball-along-the-sole'] });
    page.querySelector<HTMLButtonElement>('.named button')?.click();
    choose(under(page, 'The other half')?.querySelector('select'), '');
    await fixture.whenStable();
    expect([draft.exercise().pair, draft.exercise().preparedBy]).toEqual([undefined, undefined]);
    expect(page.querySelectorAll('option[value="short-foot"]')).toHaveLength(0);
  });
});

describe('a school’s own way', () => {
  it('is what a class of that school gets: the foot, the words, the faults; other schools get the exercise', async () => {
    const { draft, fixture, page, button } = await editing(VariantsEditor, 'small-jumps');
    button('A school’s own way')?.click();
    await fixture.whenStable();
    choose(page.querySelector<HTMLSelectElement>('[aria-label="Question of variant 1"]'), 'weightLine');
    await fixture.whenStable();
    choose(page.querySelector<HTMLSelectElement>('[aria-label="Answer of variant 1"]'), 'even');
    choose(under(page, 'toes')?.querySelector('select'), 'spread');
    await fixture.whenStable();
    choose(under(page, 'big toe')?.querySelector('select'), 'press');
    type(under(page, 'Action said here')?.querySelector('textarea'), 'Land on all the toe roots alike.');
    await fixture.whenStable();
    type(
      page.querySelector<HTMLTextAreaElement>('[aria-label="Action said here, in anatomical words"]'),
      'Land on all five metatarsal heads.',
    );
    choose(under(page, 'Position here')?.querySelector('select'), 'chair-seated');
    await fixture.whenStable();
    button('other kit here')?.click();
    await fixture.whenStable();
    choose(page.querySelector<HTMLSelectElement>('[aria-label="Add kit here"]'), 'cushion');
    await fixture.whenStable();
    button('this school sees other faults')?.click();
    await fixture.whenStable();
    type(page.querySelector<HTMLInputElement>('nw-fault-list input'), 'the little toe floats');
    expect(Exercise.safeParse(draft.exercise()).success).toBe(true);
    const of = (weightLine: 'even' | 'first-toe') => {
      const settled = resolve(draft.exercise(), null, { ...defaultSchool, weightLine });
      if (!settled.ok) throw new Error(settled.error.code);
      return settled.value;
    };
    const [theirs, others] = [of('even'), of('first-toe')];
    expect(
      theirs.phases.every((p) => p.working.toes === 'spread' && p.working.contacts.bigToe.contact === 'press'),
    ).toBe(true);
    expect(theirs.cues.action).toEqual({
      plain: 'Land on all the toe roots alike.',
      anatomical: 'Land on all five metatarsal heads.',
    });
    expect(theirs.faults[0]?.seen).toBe('the little toe floats');
    expect([theirs.position, theirs.kit.map((k) => k.kit).includes('cushion')]).toEqual(['chair-seated', true]);
    expect([others.position, others.kit]).toEqual([
      draft.exercise().performance.position,
      draft.exercise().performance.kit,
    ]);
    expect(others.cues.action).toEqual(draft.exercise().cues.action);
    expect(others.faults).toEqual(draft.exercise().faults);
  });

  it('goes back to the exercise field by field, and can be left out', async () => {
    const { draft, fixture, page, button } = await editing(VariantsEditor, 'short-foot');
    const first = () => draft.exercise().schoolVariants[0];
    const places = ['big toe', 'small toes', 'inner ball', 'outer ball'];
    for (const place of places) {
      choose(under(page, place)?.querySelector('select'), '');
      await fixture.whenStable();
    }
    expect(first()).toMatchObject({ foot: undefined, when: { archWork: 'toe-tips-stay' } });
    button('the exercise’s own faults')?.click();
    await fixture.whenStable();
    expect(first()?.faults).toBeUndefined();
    button('leave out')?.click();
    await fixture.whenStable();
    expect(draft.exercise().schoolVariants).toEqual([]);
  });
});
