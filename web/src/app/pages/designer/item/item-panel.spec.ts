import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { reps } from '@core/dose';
import { defaultSchool } from '@core/exercise';
import { type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import { builtIn, named } from '../../../../testing/built-in';
import { PlanStore } from '../plan-store';
import { ItemPanel } from './item-panel';

const planOf = (id: string, school = defaultSchool): Plan => ({
  ...newPlan('class-1', 'One item', 600, school),
  blocks: [newBlock('block-1', 'Work', [newItem('item-1', named(id).exercise, named(id).revision, school)])],
});

describe('one item of the class', () => {
  let fixture: ComponentFixture<ItemPanel>;
  let store: PlanStore;
  const page = () => fixture.nativeElement as HTMLElement;
  const item = () => itemsOf(store.plan()!)[0]!;
  const show = async () => {
    fixture.componentRef.setInput('plan', store.plan());
    fixture.componentRef.setInput('item', item());
    fixture.componentRef.setInput('time', store.timeline()!.items[0]);
    await fixture.whenStable();
  };
  async function open(plan: Plan) {
    TestBed.configureTestingModule({
      providers: [provideRouter([]), PlanStore, { provide: MatSnackBar, useValue: { open: jest.fn() } }],
    });
    store = TestBed.inject(PlanStore);
    store.open(plan, builtIn);
    fixture = TestBed.createComponent(ItemPanel);
    await show();
  }
  const cue = (words: string) =>
    page().querySelector<HTMLTextAreaElement>(`textarea[aria-label="${words} in your own words"]`);

  it('offers the built-in cue to speak over, keeps the teacher’s own, and reads it for muddles', async () => {
    await open(planOf('short-foot'));
    expect(cue('action')?.placeholder).toContain('inner ball towards the heel');
    cue('action')!.value = 'Now roll in.';
    cue('action')!.dispatchEvent(new Event('change'));
    await show();
    expect(item().cues).toEqual({ action: 'Now roll in.' });
    expect(page().querySelector('.reader')?.textContent).toContain('weight to the inner edge');
    cue('action')!.value = '  ';
    cue('action')!.dispatchEvent(new Event('change'));
    await show();
    expect(item().cues).toEqual({});
    expect(page().textContent).not.toContain('weight to the inner edge');
    // its two pictures go round as long as the teacher has none of her own
    expect(page().querySelector('.reader')?.textContent).toContain('Goes round from class to class');
  });

  it('leaves breath alone unless the school speaks of it', async () => {
    await open(planOf('ball-along-the-sole'));
    expect(cue('breath')).toBeNull();
    TestBed.resetTestingModule();
    await open(planOf('ball-along-the-sole', { ...defaultSchool, breath: 'out-on-effort' }));
    expect(cue('breath')?.placeholder).toBe('Breathe out as you sink in.');
  });

  it('is worn beside the work up to a later exercise, where something stays on the foot by itself', async () => {
    const plan = planOf('toe-spacer-wear');
    const others = ['short-foot', 'two-foot-rise'].map((id, i) =>
      newItem(`item-${i + 2}`, named(id).exercise, named(id).revision),
    );
    await open({ ...plan, blocks: [newBlock('block-1', 'Work', [...itemsOf(plan), ...others])] });
    const beside = () => page().querySelector('section[aria-label="Beside the work"]');
    expect([beside() !== null, page().querySelector('nw-dose-sentence') !== null]).toEqual([true, true]);
    store.do({ type: 'edit-item', itemId: 'item-1', change: { wornUntil: 'item-3' } });
    await show();
    expect(page().querySelector('.worn')?.textContent).toMatch(
      /On the feet for \d:\d\d, worn through 2 exercises, then taken off; on its own 1:00 to 10:00\./,
    );
    expect(page().querySelector('nw-dose-sentence')).toBeNull();
    TestBed.resetTestingModule();
    await open({ ...plan, blocks: [newBlock('block-1', 'Work', [{ ...others[0]!, id: 'item-1' }, others[1]!])] });
    expect(beside()).toBeNull();
  });

  it('says what a set more costs: not at every step of a number, and of the dose at which the hand rests', async () => {
    await open(planOf('ball-along-the-sole'));
    const cost = () =>
      [...page().querySelectorAll('mat-button-toggle')].find((b) => b.textContent?.includes('one more set'))
        ?.textContent;
    const before = cost();
    expect(before).toBeDefined();
    const tried = jest.spyOn(store, 'timelineAfter');
    const until = async (so: () => boolean) => {
      for (let waits = 0; !so() && waits < 100; waits++) {
        await new Promise((done) => setTimeout(done, 20));
        await fixture.whenStable();
      }
    };
    await until(() => store.resting() !== null);
    await show();
    tried.mockClear();
    for (const count of [14, 15, 16]) {
      store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(count)] } });
      await show();
    }
    expect(tried).not.toHaveBeenCalled();
    await until(() => cost() !== before);
    expect(cost()).not.toBe(before);
    expect(tried.mock.calls.length).toBeLessThanOrEqual(3);
  });

  it('says when it belongs to another school than the class', async () => {
    await open(planOf('towel-gather'));
    expect(page().querySelector('.gone')?.textContent).toContain(
      'what stays down in arch work: toes grip; this class: balls and heel press, the middle lifts, toes long.',
    );
  });

  it('is locked, matters most, or can go when time is short', async () => {
    await open(planOf('short-foot'));
    const toggle = (words: string) =>
      [...page().querySelectorAll<HTMLButtonElement>('mat-button-toggle button')].find(
        (b) => b.textContent?.trim() === words,
      );
    toggle('locked')?.click();
    expect([item().locked, item().priority]).toEqual([true, 2]);
    await show();
    toggle('can go')?.click();
    expect([item().locked, item().priority]).toEqual([false, 1]);
  });

  it('shows the school’s own phases of the foot', async () => {
    await open(planOf('short-foot', { ...defaultSchool, archWork: 'toe-tips-stay' }));
    expect(page().querySelector('.feet')?.textContent).toContain('lift inner ball, outer ball');
    TestBed.resetTestingModule();
    await open(planOf('short-foot'));
    expect(page().querySelector('.feet')?.textContent).not.toContain('lift inner ball');
  });
});
