import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { MatSnackBar } from '@angular/material/snack-bar';
import { EMPTY } from 'rxjs';
import { type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import { builtIn, named } from '../../../../testing/built-in';
import { LocalWorker } from '../../../../testing/local-worker';
import { WORKER_FACTORY } from '../../../worker/heavy-work';
import { PlanStore } from '../plan-store';
import { ReorderDialog } from './reorder-dialog';

const scattered = [
  'seated-band-turn-out',
  'two-foot-rise',
  'seated-band-turn-in',
  'big-toe-rise',
  'seated-band-push-down',
];
const classOf = (ids: readonly string[]): Plan => ({
  ...newPlan('class-1', 'Bands', 1800),
  blocks: [
    newBlock(
      'block-1',
      'Band',
      ids.map((id, i) => newItem(`item-${i}`, named(id).exercise, named(id).revision)),
    ),
  ],
});

describe('a better order', () => {
  let fixture: ComponentFixture<ReorderDialog>;
  let store: PlanStore;
  let worker: LocalWorker;
  const close = jest.fn();
  const page = () => fixture.nativeElement as HTMLElement;
  const text = () => page().textContent ?? '';
  const button = (words: string) =>
    [...page().querySelectorAll<HTMLButtonElement>('button')].find((b) => b.textContent?.includes(words))!;
  const shown = async () => {
    await new Promise((resolve) => setTimeout(resolve));
    worker.drain();
    await fixture.whenStable();
  };

  async function open(plan: Plan, blockId: string | null = null) {
    worker = new LocalWorker();
    close.mockReset();
    const snack = { open: () => ({ onAction: () => EMPTY, afterDismissed: () => EMPTY }) };
    TestBed.configureTestingModule({
      providers: [
        PlanStore,
        { provide: MatSnackBar, useValue: snack },
        { provide: MatDialogRef, useValue: { close } },
        { provide: WORKER_FACTORY, useValue: () => worker },
        { provide: MAT_DIALOG_DATA, useFactory: () => ({ store: TestBed.inject(PlanStore), blockId }) },
      ],
    });
    store = TestBed.inject(PlanStore);
    store.open(plan, builtIn);
    fixture = TestBed.createComponent(ReorderDialog);
    await shown();
  }

  it('says what is saved and what no longer stops the room, and is taken as one step', async () => {
    await open(classOf(scattered));
    expect(text()).toMatch(/less of moving about/);
    expect(text()).toMatch(/4 → 3 changes of position/);
    expect(text()).toContain('No order of these is better');
    expect(page().querySelectorAll('li.moved').length).toBeGreaterThan(0);
    button('Take this order').click();
    expect(close).toHaveBeenCalled();
    expect(itemsOf(store.plan()!).map(({ id }) => id)).not.toEqual(scattered.map((_, i) => `item-${i}`));
    store.undo();
    expect(store.plan()).toEqual(classOf(scattered));
  });

  it('has nothing to take where the order is the best there is', async () => {
    await open(classOf(scattered.slice(0, 1).concat('seated-band-turn-in')));
    expect(text()).toContain('It stands in its best order already');
    expect(button('Take this order').disabled).toBe(true);
  });

  it('asks anew when a point worth a look weighs something else', async () => {
    await open(classOf(scattered), 'block-1');
    const select = page().querySelector<HTMLSelectElement>('select[aria-label^="Seconds"]')!;
    select.value = '120';
    select.dispatchEvent(new Event('change'));
    await shown();
    const asked = worker.heard.flatMap((m) => (m.kind === 'start' && m.job.kind === 'reorder' ? [m.job] : []));
    expect(asked.map(({ softSeconds, blockId }) => [softSeconds, blockId])).toEqual([
      [30, 'block-1'],
      [120, 'block-1'],
    ]);
  });

  it('foot by foot against exercise by exercise stands in minutes, and is one switch', async () => {
    await open(classOf(['waist-loop-up-down', 'waist-loop-bent-knee', 'waist-loop-odd-angles']));
    const times = () => [...page().querySelectorAll('td')].map((td) => td.textContent?.trim() ?? '');
    const [byExercise, byFoot] = times();
    expect(byExercise).toMatch(/^\d+:\d\d$/);
    expect(page().querySelector('td.now')?.textContent).toBe(byExercise);
    button('Foot by foot').click();
    await shown();
    expect(store.plan()!.blocks[0]!.flow).toBe('by-foot');
    expect(page().querySelector('td.now')?.textContent).toBe(byFoot);
  });

  it('a block taught foot by foot in a way that is not weighed says so, and offers nothing', async () => {
    const plan = classOf(scattered);
    const [block] = plan.blocks;
    const items = block!.items.map((item) => (item.kind === 'talk' ? item : { ...item, inEachPass: true }));
    await open({ ...plan, blocks: [{ ...block!, flow: 'by-foot', items }] }, 'block-1');
    expect(text()).toContain('such a block stays in its order');
    expect(button('Take this order').disabled).toBe(true);
  });

  it('stops the work when it is left', async () => {
    await open(classOf(scattered));
    button('Leave it as it is').click();
    fixture.destroy();
    expect([close.mock.calls.length, worker.waiting]).toEqual([1, []]);
  });
});
