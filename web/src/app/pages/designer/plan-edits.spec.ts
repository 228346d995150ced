import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { counts, holds, reps } from '@core/dose';
import { applyCommand, newPlan } from '@core/plan';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { addExercise } from './add-exercise';
import { asKind, withField } from '../../parts/dose/dose-edit';
import { PlanStore } from './plan-store';

const [press, rise] = sampleRevisions;
if (!press || !rise) throw new Error('sample');
const arch = { ...press.exercise, family: 'arch' as const };
let n = 0;
const nextId = () => `fresh-${n++}`;

describe('where a picked exercise goes', () => {
  const blocks = (plan = newPlan('class-1', 'x', 600), selected: string | null = null, exercise = press.exercise) => {
    const result = applyCommand(plan, addExercise(plan, selected, exercise, press.revision, nextId).command);
    return result.ok
      ? result.value.blocks.map((b) => `${b.name}: ${b.items.map((i) => i.id.slice(0, 5)).join(' ')}`)
      : [];
  };

  it('into a block of its own kind in an empty class', () => {
    expect(blocks()).toEqual(['Toes: fresh']);
  });

  it('after the selected item', () => {
    expect(blocks(samplePlan(), 'item-0')).toEqual(['Toes: item- fresh item-']);
  });

  it('behind the block when another family follows its last item', () => {
    expect(blocks(samplePlan(), 'item-1', arch)).toEqual(['Toes: item- item-', 'Arch: fresh']);
  });

  it('between two items even when the family differs', () => {
    expect(blocks(samplePlan(), 'item-0', arch)).toEqual(['Toes: item- fresh item-']);
  });
});

describe('changing one number of a dose', () => {
  it('a phase second becomes the dose’s own tempo, the others as the exercise has them', () => {
    expect(withField(reps(8), 'tempo.1', 5, [2, 1, 3])).toEqual(reps(8, { tempo: [2, 5, 3] }));
  });

  it('a multiplier keeps what it counts', () => {
    expect(withField(reps(1, { per: { toes: 5, directions: 2 } }), 'multipliers.1.count', 1, [5])).toEqual(
      reps(1, { per: { toes: 5, directions: 1 } }),
    );
  });

  it('counted another way keeps rounds and multipliers', () => {
    const part = reps(8, { sets: 3, setRest: 20, per: { toes: 5 } });
    expect(asKind(part, 'hold')).toEqual(holds(1, 30, 5, { sets: 3, setRest: 20, per: { toes: 5 } }));
    expect(asKind(part, 'counts')).toEqual(counts(4, 8, 104, { sets: 3, setRest: 20, per: { toes: 5 } }));
  });
});

describe('the plan store', () => {
  const toasts = { open: jest.fn<void, [string]>() };
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

  it('says a refusal in words and changes nothing', () => {
    const plan = store.plan();
    expect(store.do({ type: 'edit-item', itemId: 'item-1', change: { dose: [reps(1000)] } })).toBe(false);
    expect(toasts.open.mock.calls[0]?.[0]).toBe('Reps must be at most 200. The class stays as it was.');
    expect(store.plan()).toBe(plan);
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
