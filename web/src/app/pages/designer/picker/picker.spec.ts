import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import type { ExerciseRevision } from '@core/contract';
import { catalogue } from '@core/exercise/catalogue';
import { newPlan } from '@core/plan';
import { sampleRevision } from '@core/testing/sample';
import { LibraryStore } from '../../../data/library-store';
import { PlanStore } from '../plan-store';
import { Picker } from './picker';
import { libraryAsked, libraryOf } from '../../../../testing/sample-class';

const library: ExerciseRevision[] = catalogue.map((exercise, i) => ({
  revision: sampleRevision(i),
  origin: 'built-in',
  removed: false,
  changed: false,
  exercise,
}));

describe('picking an exercise', () => {
  let fixture: ComponentFixture<Picker>;
  const page = () => fixture.nativeElement as HTMLElement;
  const names = () => [...page().querySelectorAll('.pick .name')].map((e) => e.textContent);
  const search = async (words: string) => {
    const field = page().querySelector<HTMLInputElement>('input[type=search]')!;
    field.value = words;
    field.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        PlanStore,
        { provide: MatSnackBar, useValue: { open: jest.fn() } },
      ],
    });
    const store = TestBed.inject(PlanStore);
    store.open(newPlan('class-1', 'Empty', 600), library);
    fixture = TestBed.createComponent(Picker);
    fixture.componentRef.setInput('plan', store.plan());
    TestBed.inject(LibraryStore).load();
    libraryAsked(TestBed.inject(HttpTestingController)).flush(libraryOf(library));
    await fixture.whenStable();
  });

  it('finds by the words a student would use, by kit, by fault and by the anatomical name', async () => {
    for (const [words, name] of [
      ['wobble', 'Stand on one leg'],
      ['towel', 'Gather a cloth with the toes'],
      ['heels swing', 'Rise on both feet'],
      ['inversion', 'Band: turn the foot in'],
      ['relevé', 'Rise on both feet'],
    ] as const) {
      await search(words);
      expect(names().slice(0, 4)).toContain(name);
      expect(names().length).toBeLessThan(40);
    }
  });

  it('asks for every word', async () => {
    await search('band out');
    expect(names()).toContain('Band: turn the foot out');
    expect(names()).not.toContain('Rise on both feet');
  });

  it('filters by family, in the order of a class, and says when nothing is found', async () => {
    const family = [...page().querySelectorAll<HTMLButtonElement>('.families button')].find(
      (b) => b.textContent?.trim() === 'Band',
    );
    family?.click();
    await fixture.whenStable();
    expect(names().slice(0, 3)).toEqual(['Band: draw the foot up', 'Band: four-part point', 'Band: turn the foot in']);
    expect(names().length).toBeGreaterThanOrEqual(8);
    await search('trampoline');
    expect(page().querySelector('.none')?.textContent).toContain('“trampoline”');
  });

  it('says what each adds to this class, from the timeline: set-up and talk included', async () => {
    await search('walk and notice');
    // 20 s of walking, 2 s of talk, 3 s of set-up
    expect(page().querySelector('.adds')?.textContent).toBe('+0:25');
  });
});
