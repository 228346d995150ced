import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { MatSnackBar } from '@angular/material/snack-bar';
import { reps } from '@core/dose';
import { type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import { builtIn, named } from '../../../../testing/built-in';
import { LocalWorker } from '../../../../testing/local-worker';
import { WORKER_FACTORY } from '../../../worker/heavy-work';
import { PlanStore } from '../plan-store';
import { FitDialog } from './fit-dialog';

const bands = (slotSeconds: number): Plan => ({
  ...newPlan('class-1', 'Bands', slotSeconds),
  blocks: [
    newBlock(
      'block-1',
      'Band',
      ['band-turn-out', 'band-turn-in'].map((id, i) => ({
        ...newItem(`item-${i}`, named(id).exercise, named(id).revision),
        dose: [reps(12)],
      })),
    ),
    newBlock('block-2', 'Stand', [newItem('item-2', named('two-foot-rise').exercise, named('two-foot-rise').revision)]),
  ],
});

describe('fitting to the slot', () => {
  let fixture: ComponentFixture<FitDialog>;
  let store: PlanStore;
  let worker: LocalWorker;
  const close = jest.fn();
  const page = () => fixture.nativeElement as HTMLElement;
  const rows = () => [...page().querySelectorAll('li')];
  const button = (words: string) =>
    [...page().querySelectorAll<HTMLButtonElement>('button')].find((b) => b.textContent?.includes(words));
  const shown = async () => {
    await new Promise((resolve) => setTimeout(resolve));
    worker.drain();
    await fixture.whenStable();
  };

  async function open(slotSeconds: number) {
    worker = new LocalWorker();
    close.mockReset();
    TestBed.configureTestingModule({
      providers: [
        PlanStore,
        { provide: MatSnackBar, useValue: { open: jest.fn() } },
        { provide: MatDialogRef, useValue: { close } },
        { provide: WORKER_FACTORY, useValue: () => worker },
        { provide: MAT_DIALOG_DATA, useFactory: () => TestBed.inject(PlanStore) },
      ],
    });
    store = TestBed.inject(PlanStore);
    store.open(bands(slotSeconds), builtIn);
    fixture = TestBed.createComponent(FitDialog);
    await shown();
  }

  it('shows before and after of each item, with what it saves and why, and the class before and after', async () => {
    await open(380);
    expect(page().querySelector('.aim')?.textContent).toContain('6:01');
    const first = rows()[0]?.textContent ?? '';
    expect(first).toMatch(/12 reps, each foot → .*reps, each foot/);
    expect(first).toContain('the class was too long');
    expect(first).toMatch(/−\d:\d\d/);
    expect(page().querySelector('.outcome')?.textContent).toMatch(/\d+:\d\d → \d+:\d\d/);
  });

  it('takes what is ticked, as one command, and leaves the rest', async () => {
    await open(330);
    const all = rows().length;
    expect(all).toBeGreaterThan(1);
    page().querySelector<HTMLInputElement>('li input[type=checkbox]')?.click();
    await fixture.whenStable();
    button('Take what is ticked')?.click();
    expect(close).toHaveBeenCalled();
    expect(itemsOf(store.plan()!)[0]?.dose).toEqual([reps(12)]);
    store.undo();
    expect(store.plan()).toEqual(bands(330));
  });

  it('changes one block alone when asked', async () => {
    await open(380);
    const select = page().querySelector('select')!;
    select.value = 'block-2';
    select.dispatchEvent(new Event('change'));
    await shown();
    expect(rows().every((row) => row.textContent?.includes('Rise on both feet'))).toBe(true);
  });

  it('says by how much it cannot fit and what would have to go; leaving that out fits the rest', async () => {
    await open(180);
    expect(page().querySelector('[role=alert]')?.textContent).toContain('more than that allows');
    const removal = page().querySelector<HTMLButtonElement>('.removals button');
    removal?.click();
    await shown();
    expect(store.plan()?.blocks.flatMap((b) => b.items).length).toBeLessThan(3);
  });

  it('has nothing to change where the class lands by itself', async () => {
    await open(600);
    const total = store.timeline()!.totalMs / 1000;
    TestBed.resetTestingModule();
    await open(Math.ceil(total / 0.95));
    expect(rows()).toEqual([]);
    expect(page().textContent).toContain('It lands where it should');
    expect(button('Take all')?.disabled).toBe(true);
  });

  it('stops the work when the dialog is left', async () => {
    await open(380);
    button('Leave it as it is')?.click();
    expect(close).toHaveBeenCalled();
    fixture.destroy();
    expect(worker.waiting).toEqual([]);
  });
});
