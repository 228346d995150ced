import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import { review } from '@core/sequence';
import { builtIn, named } from '../../../../testing/built-in';
import { PlanStore } from '../plan-store';
import { Findings } from './findings';

const jumps: Plan = {
  ...newPlan('class-1', 'Cold jumps', 600),
  blocks: [
    newBlock(
      'block-1',
      'Work',
      ['small-jumps', 'heel-to-ball-rock', 'sore-spot-wait'].map((id, i) => ({
        ...newItem(`item-${i}`, named(id).exercise, named(id).revision),
        ...(id === 'small-jumps' ? { rungId: 'held' } : {}),
      })),
    ),
  ],
};

describe('what is worth a look', () => {
  let fixture: ComponentFixture<Findings>;
  let store: PlanStore;
  const page = () => fixture.nativeElement as HTMLElement;
  const button = (words: string) =>
    [...page().querySelectorAll<HTMLButtonElement>('button')].find((b) => b.textContent?.includes(words));
  const show = async () => {
    const plan = store.plan()!;
    fixture.componentRef.setInput('plan', plan);
    let n = 0;
    const found = review({ plan, timeline: store.timelineOf(plan), library: builtIn, nextId: () => `added-${++n}` });
    fixture.componentRef.setInput('findings', found);
    await fixture.whenStable();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: [PlanStore, { provide: MatSnackBar, useValue: { open: jest.fn() } }] });
    store = TestBed.inject(PlanStore);
    store.open(jumps, builtIn);
    fixture = TestBed.createComponent(Findings);
    await show();
  });

  it('puts safety first with its reason, and notes apart', () => {
    const first = page().querySelector('article');
    expect(first?.textContent).toContain('Safety');
    expect(first?.textContent).toContain('cold calves');
    expect(first?.textContent).toContain('at least a minute of calf work');
    expect(page().querySelector('details summary')?.textContent).toContain('to know');
  });

  it('mends in one step, which is one undo', async () => {
    button('Move Small jumps on the spot after Rock from heels to balls')?.click();
    expect(itemsOf(store.plan()!).map((i) => i.exerciseId)).toEqual([
      'heel-to-ball-rock',
      'small-jumps',
      'sore-spot-wait',
    ]);
    await show();
    expect(page().textContent).not.toContain('cold calves');
    store.undo();
    await show();
    expect(page().textContent).toContain('cold calves');
  });

  it('keeps what is wanted so, with a note, and looks at it again when asked', async () => {
    button('I want it so')?.click();
    await fixture.whenStable();
    const note = page().querySelector<HTMLInputElement>('.noting input')!;
    note.value = 'they rehearsed before';
    note.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await show();
    expect(store.plan()?.accepted).toMatchObject([{ note: 'they rehearsed before' }]);
    expect(page().querySelector('article.hard')).toBeNull();
    expect(page().textContent).toContain('1 kept on purpose');
    button('Look at it again')?.click();
    await show();
    expect(store.plan()?.accepted).toEqual([]);
    expect(page().querySelector('article.hard')).not.toBeNull();
  });

  it('shows one or two to know at once where there is nothing to mend, and more as one line', async () => {
    const notes = (n: number) =>
      Array.from({ length: n }, (_, i) => ({
        ...fixture.componentInstance.findings()[0]!,
        key: `note-${i}`,
        severity: 'note' as const,
      }));
    for (const [n, open] of [
      [2, true],
      [5, false],
    ] as const) {
      fixture.componentRef.setInput('findings', notes(n));
      await fixture.whenStable();
      expect(page().querySelector('summary')?.textContent).toBe(`${n} to know`);
      expect(page().querySelector('details')?.open).toBe(open);
    }
  });

  it('says so when there is nothing to mend', async () => {
    store.open({ ...jumps, blocks: [] }, builtIn);
    await show();
    expect(page().textContent).toContain('Nothing to mend');
  });
});
