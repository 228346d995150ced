import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { addExercise, newPlan } from '@core/plan';
import { LibraryStore } from '../../../data/library-store';
import { PlanStore } from '../plan-store';
import { Picker } from './picker';
import { libraryAsked, libraryOf } from '../../../../testing/sample-class';
import { builtIn } from '../../../../testing/built-in';

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

  /** What the browser says of the families: whether they are in sight. */
  let seen: (inSight: boolean, top?: number) => void;

  beforeEach(async () => {
    globalThis.IntersectionObserver = class {
      constructor(say: (entries: { isIntersecting: boolean; boundingClientRect: { top: number } }[]) => void) {
        seen = (isIntersecting, top = -100) => say([{ isIntersecting, boundingClientRect: { top } }]);
      }
      readonly observe = jest.fn();
      readonly disconnect = jest.fn();
    } as never;
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
    store.open(newPlan('class-1', 'Empty', 600), builtIn);
    fixture = TestBed.createComponent(Picker);
    fixture.componentRef.setInput('plan', store.plan());
    TestBed.inject(LibraryStore).load();
    libraryAsked(TestBed.inject(HttpTestingController)).flush(libraryOf(builtIn));
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

  it('says which family is listed where its buttons have gone out of sight, and leads back to them', async () => {
    const back = () => page().querySelector<HTMLButtonElement>('.search button');
    const family = (name: string) =>
      [...page().querySelectorAll<HTMLButtonElement>('.families button')].find((b) => b.textContent?.trim() === name)!;
    expect(back()).toBeNull();
    family('Release').click();
    seen(false);
    await fixture.whenStable();
    expect(back()?.textContent).toContain('Release');
    const shown = jest.spyOn(Element.prototype, 'scrollIntoView');
    back()!.click();
    expect(shown).toHaveBeenCalled();
    expect(document.activeElement).toBe(family('Release'));
    seen(true);
    await fixture.whenStable();
    expect(back()).toBeNull();
    // further down than the panel reaches they are yet to come
    seen(false, 900);
    await fixture.whenStable();
    expect(back()).toBeNull();
  });

  it('says first what would go on well, each with what it adds and how its kind stands; nothing while one searches', async () => {
    const offered = () => [...page().querySelectorAll('section .pick')].map((e) => e.textContent ?? '');
    expect(offered()[0]).toMatch(/\+0:\d\d/);
    expect(offered()[0]).toContain('none yet');
    expect(offered().length).toBeGreaterThan(1);
    const picked: string[] = [];
    fixture.componentInstance.picked.subscribe(({ exercise }) => picked.push(exercise.family));
    page().querySelector<HTMLButtonElement>('section .pick')?.click();
    expect(picked).toEqual(['check']);
    await search('towel');
    expect(offered()).toEqual([]);
  });

  it('keeps the keyboard where it is when what was offered has been picked', async () => {
    const store = TestBed.inject(PlanStore);
    const first = () => page().querySelector<HTMLButtonElement>('section .pick');
    document.body.append(page());
    first()?.focus();
    const name = first()?.textContent;
    const { exercise, revision } = builtIn.find((one) => one.exercise.id === 'walk-and-notice')!;
    store.do(addExercise(store.plan()!, null, exercise, revision, () => 'picked-1').command);
    fixture.componentRef.setInput('plan', store.plan());
    await new Promise((rest) => setTimeout(rest, 200));
    await fixture.whenStable();
    expect(first()?.textContent).not.toBe(name);
    expect(document.activeElement).toBe(first());
  });

  it('leads from a search in vain to an exercise of one’s own by that name', async () => {
    await search('gangway wobble walk');
    const link = page().querySelector<HTMLAnchorElement>('.none a');
    expect(link?.getAttribute('href')).toBe('/exercises/new?name=gangway%20wobble%20walk');
  });

  it('with a sore Achilles in the room, says who has to leave out what, and puts that last', async () => {
    const lines = () =>
      [...page().querySelectorAll('ul:last-of-type .pick')].map((e) => ({
        name: e.querySelector('.name')?.textContent ?? '',
        care: e.querySelector('.care')?.textContent ?? '',
      }));
    await search('toe');
    expect(lines().some(({ care }) => care !== '')).toBe(false);
    const plan = TestBed.inject(PlanStore).plan()!;
    fixture.componentRef.setInput('plan', { ...plan, brief: { ...plan.brief, concerns: ['sore-achilles'] } });
    await search('foot');
    const cares = lines().map(({ care }) => care);
    const isOut = (care: string) => /^(leave out|ask a clinician first): a sore Achilles/.test(care);
    expect(cares.some((care) => care.startsWith('mind: '))).toBe(true);
    await search('jump');
    const jumps = lines().map(({ care }) => isOut(care));
    expect(jumps).toContain(true);
    expect(jumps.slice(jumps.indexOf(true)).every((out) => out)).toBe(true);
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
