import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { reps } from '@core/dose';
import { addExercise, itemsOf, newPlan } from '@core/plan';
import { FirstClass } from '../../../data/first-class';
import { PlanStore } from '../plan-store';
import { FirstSteps } from './first-steps';
import { builtIn } from '../../../../testing/built-in';

describe('the first class, by doing', () => {
  let fixture: ComponentFixture<FirstSteps>;
  let store: PlanStore;
  const page = () => fixture.nativeElement as HTMLElement;
  const now = () => page().querySelector('[aria-current=step]')?.textContent?.trim();
  const done = () => [...page().querySelectorAll('li.done')].map((li) => li.textContent?.split(',')[0]?.trim());
  const press = async (name: string) => {
    [...page().querySelectorAll('button')].find((b) => b.textContent?.trim() === name)?.click();
    await fixture.whenStable();
  };
  const add = async (id: string) => {
    const { exercise, revision } = builtIn.find((one) => one.exercise.id === id)!;
    let n = 0;
    const { command } = addExercise(store.plan()!, null, exercise, revision, () => `${id}-${++n}`);
    store.do(command);
    await fixture.whenStable();
  };

  beforeEach(async () => {
    localStorage.clear();
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        PlanStore,
        { provide: MatSnackBar, useValue: { open: jest.fn(() => ({ onAction: () => ({ subscribe: jest.fn() }) })) } },
      ],
    });
    store = TestBed.inject(PlanStore);
    store.open(newPlan('class-1', 'New class', 600), builtIn);
    fixture = TestBed.createComponent(FirstSteps);
    await fixture.whenStable();
  });

  it('goes on by what was done, and back where it was undone', async () => {
    expect(now()).toBe('Begin');
    await add('walk-and-notice');
    expect([now(), done()]).toEqual(['Fill', ['Begin']]);
    await add('two-foot-rise');
    store.do({
      type: 'edit-item',
      itemId: itemsOf(store.plan()!)[1]!.id,
      change: { dose: [{ ...reps(30), sets: 5 }] },
    });
    await fixture.whenStable();
    expect([now(), done()]).toEqual(['Levels', ['Begin', 'Fill']]);
    store.undo();
    await fixture.whenStable();
    expect(now()).toBe('Fill');
  });

  it('offers levels to the whole class at once; then asks for the fit, then for the floor', async () => {
    const asked = jest.fn();
    fixture.componentInstance.fitAsked.subscribe(asked);
    await add('two-foot-rise');
    store.do({
      type: 'edit-item',
      itemId: itemsOf(store.plan()!)[0]!.id,
      change: { dose: [{ ...reps(30), sets: 5 }] },
    });
    await fixture.whenStable();
    await press('Offer levels');
    expect(itemsOf(store.plan()!)[0]).toMatchObject({ harder: { rungId: expect.any(String) as string } });
    expect(now()).toBe('Fit');
    await press('Fit to slot');
    expect(asked).toHaveBeenCalledTimes(1);
    expect(now()).toBe('Floor');
    expect(page().querySelector('a')?.getAttribute('href')).toBe('/class/class-1/floor');
  });

  it('is left by whoever knows the way, for good', async () => {
    const first = TestBed.inject(FirstClass);
    first.meet('class-1');
    await press('I know my way');
    expect(first.leads('class-1')).toBe(false);
  });
});
