import { provideHttpClient } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { Exercise } from '@core/exercise';
import { named } from '../../../../testing/built-in';
import { MemoryStore } from '../../../../testing/memory-store';
import { BrowserStore } from '../../../data/browser-store';
import { ExerciseDraft } from './exercise-draft';
import { KitSentence } from './kit-sentence';
import { RungDifference } from './rung-difference';

/** One level of an exercise under edit: what it does otherwise. */
async function level(id: string, index: number) {
  TestBed.configureTestingModule({
    providers: [ExerciseDraft, provideHttpClient(), { provide: BrowserStore, useValue: new MemoryStore() }],
  });
  const draft = TestBed.inject(ExerciseDraft);
  await draft.open(id, named(id).exercise, named(id).revision, () => true);
  const fixture = TestBed.createComponent(RungDifference);
  fixture.componentRef.setInput('index', index);
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  const rung = () => draft.exercise().ladder?.rungs[index];
  const choose = async (at: number, value: string) => {
    const field = page.querySelectorAll('select')[at]!;
    field.value = value;
    field.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  };
  const press = async (words: string) => {
    [...page.querySelectorAll('button')].find((b) => b.textContent?.trim() === words)?.click();
    await fixture.whenStable();
  };
  const write = async (label: string, words: string) => {
    const field =
      page.querySelector<HTMLTextAreaElement>(`textarea[aria-label="${label}"]`) ??
      [...page.querySelectorAll('label')]
        .find((l) => l.textContent?.includes(label))
        ?.querySelector<HTMLInputElement | HTMLTextAreaElement>('input, textarea');
    if (!field) throw new Error(label);
    field.value = words;
    field.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return { draft, page, rung, choose, press, write };
}

describe('what one level does otherwise', () => {
  it('takes another position, and gives it back to the exercise', async () => {
    const { rung, choose } = await level('two-foot-rise', 1);
    const before = rung()?.change;
    await choose(0, 'chair-seated');
    expect(rung()?.change.position).toBe('chair-seated');
    await choose(0, '');
    expect(rung()?.change).not.toHaveProperty('position');
    expect(before).not.toHaveProperty('position');
  });

  it('has phases of its own that begin as those of the exercise, also where both feet work and each does its own', async () => {
    const { rung, press, draft } = await level('wedge-squat', 1);
    const { sidePattern, phases } = draft.exercise().performance;
    expect([sidePattern, phases.some(({ other }) => other !== null)]).toEqual(['both', true]);
    expect(rung()?.change.phases).toBeUndefined();
    await press('the feet do something else here');
    expect(rung()?.change.phases).toEqual(phases);
  });

  it('has phases with another foot as soon as it works one foot at a time, and none where both work again', async () => {
    const { rung, choose, draft } = await level('two-foot-rise', 1);
    await choose(1, 'each');
    expect(rung()?.change.phases?.every((phase) => phase.other !== null)).toBe(true);
    expect(Exercise.safeParse(draft.exercise()).success).toBe(true);
    await choose(1, 'both');
    expect(rung()?.change.phases?.every((phase) => phase.other === null) ?? true).toBe(true);
  });

  it('has feet of its own where they do something else, and the exercise’s again', async () => {
    const { rung, press, page } = await level('two-foot-rise', 1);
    await press('the feet do something else here');
    expect(rung()?.change.phases).toHaveLength(named('two-foot-rise').exercise.performance.phases.length);
    expect(page.querySelector('nw-phases-editor')).not.toBeNull();
    await press('as the exercise');
    expect(rung()?.change).not.toHaveProperty('phases');
  });

  it('says words of its own in both wordings; cleared, the exercise’s are said', async () => {
    const { rung, write } = await level('two-foot-rise', 1);
    await write('Action said here', 'Up on a breath.');
    expect(rung()?.cues?.action).toEqual({ plain: 'Up on a breath.', anatomical: 'Up on a breath.' });
    await write('Action said here, in anatomical words', 'Plantarflex on exhalation.');
    await write('Action said here', 'Up as you breathe out.');
    expect(rung()?.cues?.action).toEqual({
      plain: 'Up as you breathe out.',
      anatomical: 'Plantarflex on exhalation.',
    });
    await write('Breath said here', 'Out on the way up.');
    expect(rung()?.cues?.breath?.plain).toBe('Out on the way up.');
    await write('Action said here', '  ');
    expect(rung()?.cues?.action).toBeUndefined();
  });

  it('leaves the other levels as they are', async () => {
    const { draft, choose } = await level('two-foot-rise', 1);
    const others = draft.exercise().ladder?.rungs.filter((_, i) => i !== 1);
    await choose(0, 'chair-seated');
    expect(draft.exercise().ladder?.rungs.filter((_, i) => i !== 1)).toEqual(others);
  });
});

describe('the kit of an exercise', () => {
  const chair = { kit: 'chair', per: 'person', count: 1, substitutes: [] } as const;
  async function sentence(kit: readonly object[]) {
    const fixture = TestBed.createComponent(KitSentence);
    fixture.componentRef.setInput('kit', kit);
    const changes: unknown[] = [];
    fixture.componentInstance.changed.subscribe((change) => changes.push(change));
    await fixture.whenStable();
    return { page: fixture.nativeElement as HTMLElement, changes };
  }
  const choose = (field: HTMLSelectElement | undefined, value: string) => {
    field!.value = value;
    field!.dispatchEvent(new Event('change'));
  };

  it('takes a piece more, one each, and none twice', async () => {
    const { page, changes } = await sentence([chair]);
    const more = page.querySelector<HTMLSelectElement>('select[aria-label="Add kit"]') ?? undefined;
    choose(more, 'mat');
    choose(more, 'chair');
    expect(changes).toEqual([[chair, { kit: 'mat', per: 'person', count: 1, substitutes: [] }]]);
  });

  it('is as many as are needed each, and something else may stand in for it, with what that changes', async () => {
    const { page, changes } = await sentence([chair]);
    const count = page.querySelector<HTMLInputElement>('[aria-label="chair, how many"]')!;
    count.value = '2';
    count.dispatchEvent(new Event('change'));
    const or = page.querySelector<HTMLSelectElement>('select[aria-label="In place of chair"]') ?? undefined;
    expect([...or!.options].map((o) => o.value)).not.toContain('chair');
    choose(or, 'mat');
    const withMat = { ...chair, substitutes: [{ kit: 'mat', changes: '' }] };
    expect(changes).toEqual([[{ ...chair, count: 2 }], [withMat]]);
    const then = await sentence([withMat]);
    const words = then.page.querySelector<HTMLInputElement>('.changes')!;
    words.value = 'seated on the floor, knees bent';
    words.dispatchEvent(new Event('input'));
    then.page.querySelector<HTMLButtonElement>('[aria-label="Not mat in place of chair"]')?.click();
    expect(then.changes).toEqual([
      [{ ...chair, substitutes: [{ kit: 'mat', changes: 'seated on the floor, knees bent' }] }],
      [chair],
    ]);
  });

  it('is for each or for the room, and can be left out', async () => {
    const { page, changes } = await sentence([chair]);
    choose(page.querySelectorAll('select')[0], 'room');
    page.querySelector<HTMLButtonElement>('button')?.click();
    expect(changes).toEqual([[{ ...chair, per: 'room' }], []]);
    expect((await sentence([])).page.querySelector('.none')?.textContent).toBe('nothing');
  });
});
