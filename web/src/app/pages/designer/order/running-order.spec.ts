import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Subject } from 'rxjs';
import { reps } from '@core/dose';
import { named } from '../../../../testing/built-in';
import { samplePlan, sampleRevisions } from '../../../../testing/sample-class';
import { newBlock } from '@core/plan';
import { PlanStore } from '../plan-store';
import { RunningOrder } from './running-order';

describe('the running order', () => {
  let fixture: ComponentFixture<RunningOrder>;
  let store: PlanStore;
  const action = new Subject<void>();
  const toasts = { open: jest.fn(() => ({ onAction: () => action })) };
  const page = () => fixture.nativeElement as HTMLElement;
  const texts = (selector: string) => [...page().querySelectorAll(selector)].map((e) => e.textContent?.trim());
  const refresh = async () => {
    fixture.componentRef.setInput('plan', store.plan());
    fixture.componentRef.setInput('timeline', store.timeline());
    await fixture.whenStable();
  };
  const press = async (item: number, init: KeyboardEventInit) => {
    page()
      .querySelectorAll('button.item')
      [item]?.dispatchEvent(new KeyboardEvent('keydown', { ...init, bubbles: true }));
    await refresh();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: [PlanStore, { provide: MatSnackBar, useValue: toasts }] });
    store = TestBed.inject(PlanStore);
    store.open(samplePlan(reps(3)), sampleRevisions);
    fixture = TestBed.createComponent(RunningOrder);
    await refresh();
  });

  it('shows start, dose, sides and length of each item, all from the timeline', () => {
    // press: talk 4, set-up 6, three reps of 4 s, 5 to change foot, set-up 3.6, three reps: 42.6, padded to 43 s
    expect(texts('.start')).toEqual(['0:00', '0:34']);
    expect(texts('.exercise')).toEqual(['press', 'rise']);
    expect(texts('.row .length')[0]).toBe('0:34');
    expect(texts('.dose')).toEqual(['3 reps, each foot', '3 reps, both feet']);
    expect(texts('.sides')).toEqual(['L then R', 'together']);
  });

  it('moves an item with Alt and an arrow, and not beyond the ends', async () => {
    await press(0, { key: 'ArrowDown', altKey: true });
    expect(texts('.exercise')).toEqual(['rise', 'press']);
    expect(document.activeElement?.textContent).toContain('press');
    await press(1, { key: 'ArrowDown', altKey: true });
    expect(texts('.exercise')).toEqual(['rise', 'press']);
  });

  it('takes a second press that comes before the first is drawn', async () => {
    const item = page().querySelectorAll('button.item')[0];
    for (const key of ['ArrowDown', 'ArrowUp'])
      item?.dispatchEvent(new KeyboardEvent('keydown', { key, altKey: true, bubbles: true }));
    await refresh();
    expect(texts('.exercise')).toEqual(['press', 'rise']);
  });

  it('takes an item out and brings it back', async () => {
    await press(0, { key: 'Delete' });
    expect(texts('.exercise')).toEqual(['rise']);
    action.next();
    await refresh();
    expect(texts('.exercise')).toEqual(['press', 'rise']);
  });

  it('adds a re-check after an item, as long as the teacher’s pace says', async () => {
    const [press] = sampleRevisions;
    if (!press) throw new Error('sample');
    const walk = {
      ...press.exercise,
      id: 'walk-and-compare',
      performance: { ...press.exercise.performance, sidePattern: 'travelling' as const },
    };
    store.learn([{ ...press, revision: 'a'.repeat(16), exercise: walk }]);
    page().querySelector<HTMLButtonElement>('button.more')?.click();
    await fixture.whenStable();
    [...document.querySelectorAll<HTMLButtonElement>('[mat-menu-item]')]
      .find((b) => b.textContent?.includes('re-check'))
      ?.click();
    await refresh();
    expect(texts('.dose')[1]).toBe('0:15, walking · looks again at it');
    expect(store.plan()?.blocks[0]?.items[1]).toMatchObject({
      recheck: { of: 'item-0' },
      exerciseId: 'walk-and-compare',
    });
  });

  it('brings a row that has just come into sight, and tints it', async () => {
    expect(page().querySelectorAll('.row.fresh')).toHaveLength(0);
    const seen = jest.spyOn(Element.prototype, 'scrollIntoView');
    const [first] = store.plan()?.blocks[0]?.items ?? [];
    store.do({ type: 'add-item', item: { ...first!, id: 'item-new' }, blockId: 'block-1', index: 1 });
    await refresh();
    expect(page().querySelectorAll('.row.fresh')).toHaveLength(1);
    expect(page().querySelector('.row.fresh [data-item]')?.getAttribute('data-item')).toBe('item-new');
    expect(seen).toHaveBeenCalled();
  });

  it('shows a block taught foot by foot as it is taught: the pause, and the other foot’s pass with its times', async () => {
    store.do({ type: 'edit-block', blockId: 'block-1', change: { flow: 'by-foot' } });
    await refresh();
    expect(texts('.again .what')).toEqual(['stand and compare the feet', 'right · press']);
    store.do({ type: 'edit-block', blockId: 'block-1', change: { compare: false } });
    await refresh();
    expect(texts('.again .what')).toEqual(['right · press']);
  });

  it('takes talk and checks from their lists: talk where it belongs, a check after what is chosen', async () => {
    fixture.componentRef.setInput('selected', 'item-0');
    store.learn([named('knee-to-wall')]);
    const choose = async (list: string, words: string) => {
      [...page().querySelectorAll('button')].find((b) => b.textContent?.trim() === list)?.click();
      await fixture.whenStable();
      [...document.querySelectorAll<HTMLButtonElement>('[mat-menu-item]')]
        .find((b) => b.textContent?.trim() === words)
        ?.click();
      await refresh();
    };
    await choose('+ talk or a pause', 'Opening words');
    await choose('+ a check', 'knee to the wall, heel down');
    expect(texts('.exercise')).toEqual(['Opening words', 'press', 'Knee to the wall', 'rise']);
    expect(texts('.dose')[2]).toContain('1 rep, each foot · check: knee to the wall, heel down');
    // without the exercise it is taken with it is said, and nothing changes
    await choose('+ a check', 'the paper creases');
    expect(toasts.open).toHaveBeenCalledWith(
      expect.stringContaining('paper-crinkle'),
      expect.anything(),
      expect.anything(),
    );
    expect(texts('.exercise')).toHaveLength(4);
  });

  it('renames a block, but never to nothing', async () => {
    const name = page().querySelector<HTMLInputElement>('.name')!;
    name.value = 'Wake';
    name.dispatchEvent(new Event('change'));
    await refresh();
    expect(store.plan()?.blocks[0]?.name).toBe('Wake');
    name.value = '  ';
    name.dispatchEvent(new Event('change'));
    expect(store.plan()?.blocks[0]?.name).toBe('Wake');
  });

  it('says what to do in an empty block', async () => {
    store.do({ type: 'add-block', block: newBlock('block-2', 'Close'), index: 1 });
    await refresh();
    expect(texts('.nothing')).toEqual(['Nothing in this block yet. Drag an item here, or pick an exercise.']);
  });
});
