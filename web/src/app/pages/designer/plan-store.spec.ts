import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Subject } from 'rxjs';
import { reps } from '@core/dose';
import { itemsOf } from '@core/plan';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { PlanStore } from './plan-store';

describe('the plan store', () => {
  const action = new Subject<void>();
  const toasts = { open: jest.fn<unknown, [string]>(() => ({ onAction: () => action })) };
  let store: PlanStore;
  beforeEach(() => {
    toasts.open.mockClear();
    TestBed.configureTestingModule({ providers: [PlanStore, { provide: MatSnackBar, useValue: toasts }] });
    store = TestBed.inject(PlanStore);
    store.open(samplePlan(), sampleRevisions);
  });

  it('keeps time with every edit, undo and redo', () => {
    const before = store.timeline()?.totalMs ?? 0;
    store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(4)] } });
    expect(store.timeline()?.totalMs).toBe(before + 4000);
    store.undo();
    expect(store.timeline()?.totalMs).toBe(before);
    store.redo();
    expect(store.timeline()?.totalMs).toBe(before + 4000);
  });

  it('undoes after the floor and back; not where the class was changed elsewhere meanwhile', () => {
    store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(9)] } });
    const left = store.plan()!;
    const back = TestBed.runInInjectionContext(() => new PlanStore());
    back.open(JSON.parse(JSON.stringify(left)) as typeof left, sampleRevisions);
    expect(back.canUndo()).toBe(true);
    back.undo();
    expect(itemsOf(back.plan()!)[1]?.dose).toEqual([reps(3)]);
    const elsewhere = TestBed.runInInjectionContext(() => new PlanStore());
    elsewhere.open({ ...left, title: 'Changed elsewhere' }, sampleRevisions);
    expect(elsewhere.canUndo()).toBe(false);
  });

  it('undoes after a reload, what was undone is there to be done again; not where the class is another by then', () => {
    store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(9)] } });
    store.do({ type: 'remove-item', itemId: 'item-0' });
    store.undo();
    const left = store.plan()!;
    window.dispatchEvent(new Event('pagehide'));
    /** The same tab, read anew: nothing of the page is left but what it put by. */
    const reloaded = () => {
      TestBed.resetTestingModule();
      TestBed.configureTestingModule({ providers: [PlanStore, { provide: MatSnackBar, useValue: toasts }] });
      return TestBed.inject(PlanStore);
    };
    const back = reloaded();
    back.open(JSON.parse(JSON.stringify(left)) as typeof left, sampleRevisions);
    expect([back.canUndo(), back.canRedo()]).toEqual([true, true]);
    back.undo();
    expect(itemsOf(back.plan()!)[1]?.dose).toEqual([reps(3)]);
    const elsewhere = reloaded();
    elsewhere.open({ ...left, title: 'Changed elsewhere' }, sampleRevisions);
    expect(elsewhere.canUndo()).toBe(false);
    sessionStorage.clear();
  });

  it('says a refusal in words and changes nothing', () => {
    const plan = store.plan();
    expect(store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(1000)] } })).toBe(false);
    expect(toasts.open.mock.calls[0]?.[0]).toBe('Reps must be at most 200. The class stays as it was.');
    expect(store.plan()).toBe(plan);
  });

  it('takes back the step that was offered, and keeps what was edited since', () => {
    store.doAndOffer({ type: 'remove-item', itemId: 'item-0' }, 'It is out of the class.', 'Bring it back');
    store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(9)] } });
    action.next();
    expect(itemsOf(store.plan()!).map((i) => [i.id, i.dose])).toEqual([
      ['item-0', [reps(3)]],
      ['item-1', [reps(9)]],
    ]);
    store.undo();
    expect(itemsOf(store.plan()!)[1]?.dose).toEqual([reps(3)]);
  });

  it('says so when later edits build on the step, or it was taken back already', () => {
    const again = { ...samplePlan().blocks[0]!.items[0]!, id: 'item-9' };
    store.doAndOffer({ type: 'add-item', item: again, blockId: 'block-1', index: 2 }, 'Added.', 'Take it out');
    store.do({ type: 'edit-item', itemId: 'item-9', change: { dose: [reps(9)] } });
    action.next();
    expect(toasts.open.mock.calls.at(-1)?.[0]).toContain('Later edits build on it');
    store.undo();
    store.undo();
    action.next();
    expect(toasts.open.mock.calls.at(-1)?.[0]).toContain('taken back already');
    expect(store.plan()).toEqual(samplePlan());
  });

  it('tells who saves about edits, not about opening', () => {
    const titles: string[] = [];
    store.edited$.subscribe((plan) => titles.push(plan.title));
    store.open(samplePlan(), sampleRevisions);
    store.do({ type: 'edit-class', change: { title: 'New' } });
    store.undo();
    expect(titles).toEqual(['New', 'Quiet ankles']);
  });
});
