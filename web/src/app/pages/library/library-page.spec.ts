import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { defaultSchool } from '@core/exercise';
import { builtIn } from '../../../testing/built-in';
import { LibraryPage } from './library-page';
import { SearchIndex } from '../../data/search-index';
import { libraryAsked, libraryOf } from '../../../testing/sample-class';

describe('the index of exercises', () => {
  const index = new SearchIndex(builtIn);
  const first = (asked: string, most = 5) => [...(index.find(asked) ?? [])].slice(0, most).map(([id]) => id);

  it.each([
    ['bunion', 'steered-big-toe'],
    ['wobble', 'one-leg-stand'],
    ['scrunch', 'towel-gather'],
    ['desk', 'ball-under-the-desk'],
    ['tight calf', 'calf-stretch-straight-knee'],
    ['hammer toe', 'toes-curled-by-hand'],
    ['shin splints', 'heel-walk'],
    ['relevé', 'two-foot-rise'],
    ['tendu', 'barre-foot-brush'],
    ['sickle', 'ball-held-rise'],
    ['cannot stand', 'seated-heel-toe-march'],
    ['beach', 'uneven-ground-walk'],
    ['eversion band', 'band-turn-out'],
    ['heels swing', 'two-foot-rise'],
  ])('finds by “%s” what a student means: %s', (asked, id) => {
    expect(first(asked)).toContain(id);
  });

  it('forgives a slip of the finger and asks for every word', () => {
    expect(first('achiles')).not.toEqual([]);
    expect(first('band trampoline')).toEqual([]);
    expect(index.find('  ')).toBeNull();
  });

  it('finds every built-in exercise by each of the words it says students use', () => {
    const lost = builtIn.flatMap(({ exercise }) =>
      exercise.foundBy.filter((word) => !index.find(word)?.has(exercise.id)).map((word) => `${exercise.id}: ${word}`),
    );
    expect(lost).toEqual([]);
  });
});

describe('the list of exercises', () => {
  let fixture: ComponentFixture<LibraryPage>;
  const page = () => fixture.nativeElement as HTMLElement;
  const status = () => page().querySelector('.quiet[role=status]')?.textContent?.trim() ?? '';
  const choose = async (label: string, value: string) => {
    const select = page().querySelector<HTMLSelectElement>(`select[aria-label="${label}"]`)!;
    select.value = value;
    select.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  };
  const count = () => Number(status().split(' ')[0]);

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()],
    });
    fixture = TestBed.createComponent(LibraryPage);
    fixture.detectChanges();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school: defaultSchool });
    libraryAsked(http).flush(libraryOf(builtIn));
    await fixture.whenStable();
  });

  it('begins with all of them', () => {
    expect(status()).toContain(`${builtIn.length} of ${builtIn.length} exercises`);
  });

  it('is narrowed by the sentence, a word at a time, and shown whole again', async () => {
    await choose('Family', 'band');
    const bands = count();
    expect(bands).toBe(builtIn.filter((r) => r.exercise.family === 'band').length);
    await choose('Somebody with', 'numb-or-diabetic-feet');
    expect(count()).toBeLessThan(bands);
    await choose('Somebody with', '');
    await choose('Kit there is', 'band');
    expect(count()).toBeGreaterThan(0);
    [...page().querySelectorAll('button')].find((b) => b.textContent?.includes('Show all'))?.click();
    await fixture.whenStable();
    expect(count()).toBe(builtIn.length);
  });

  it('says what to do when nothing answers', async () => {
    const field = page().querySelector<HTMLInputElement>('input[type=search]')!;
    field.value = 'trampoline';
    field.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    expect(page().querySelector('.none')?.textContent).toContain('make it as your own exercise');
  });
});
