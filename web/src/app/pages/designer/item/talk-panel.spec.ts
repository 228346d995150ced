import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { type TalkItem, allItemsOf } from '@core/plan';
import { samplePlan, sampleRevisions } from '../../../../testing/sample-class';
import { PlanStore } from '../plan-store';
import { TalkPanel } from './talk-panel';

describe('talk of its own, beside the order', () => {
  const toasts = { open: jest.fn<unknown, [string]>(() => ({ onAction: () => ({ subscribe: jest.fn() }) })) };
  let fixture: ComponentFixture<TalkPanel>;
  let store: PlanStore;
  const page = () => fixture.nativeElement as HTMLElement;
  const talk = () => allItemsOf(store.plan()!)[0] as TalkItem;
  const show = async () => {
    fixture.componentRef.setInput('talk', talk());
    await fixture.whenStable();
  };
  const put = async (selector: string, words: string) => {
    const field = page().querySelector<HTMLInputElement>(selector)!;
    field.value = words;
    field.dispatchEvent(new Event('input'));
    field.dispatchEvent(new Event('change'));
    await show();
    return field;
  };
  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: [PlanStore, { provide: MatSnackBar, useValue: toasts }] });
    store = TestBed.inject(PlanStore);
    const plan = samplePlan();
    const [block] = plan.blocks;
    const opening: TalkItem = { kind: 'talk', id: 'item-t', name: 'Opening words', seconds: 60, note: '' };
    store.open({ ...plan, blocks: [{ ...block!, items: [opening, ...block!.items] }] }, sampleRevisions);
    fixture = TestBed.createComponent(TalkPanel);
    await show();
  });

  it('changes how long it is, what it is called and what there is to say, each one undo', async () => {
    const { totalMs } = store.timeline()!;
    await put('[aria-label="seconds of talk"]', '90');
    expect(store.timeline()!.totalMs).toBe(totalMs + 30_000);
    await put('input[matInput]', 'Why feet');
    await put('textarea', 'Who stood long this week?');
    expect(talk()).toMatchObject({ name: 'Why feet', seconds: 90, note: 'Who stood long this week?' });
    store.undo();
    expect(talk().note).toBe('');
  });

  it('without a name keeps the one it had', async () => {
    const field = await put('input[matInput]', '   ');
    expect([field.value, talk().name]).toEqual(['Opening words', 'Opening words']);
  });

  it('of two seconds is refused in words, and stays as it was', async () => {
    await put('[aria-label="seconds of talk"]', '2');
    expect(toasts.open.mock.calls.at(-1)?.[0]).toContain('Seconds must be at least 5');
    expect(talk().seconds).toBe(60);
  });
});
