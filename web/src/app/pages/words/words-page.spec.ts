import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { defaultSchool } from '@core/exercise';
import { glossary, spoken } from '@core/words';
import { WordsPage } from './words-page';

describe('the words', () => {
  async function open() {
    TestBed.configureTestingModule({ providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()] });
    const fixture = TestBed.createComponent(WordsPage);
    const http = TestBed.inject(HttpTestingController);
    http
      .expectOne('/api/preferences')
      .flush({ school: defaultSchool, words: [{ word: 'seaweed', means: 'toes wide' }] });
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    const write = async (selector: string, words: string) => {
      const field = page.querySelector<HTMLInputElement>(selector)!;
      field.value = words;
      field.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    return { page, write, http, fixture };
  }

  it('are all there, the foot first, and found by the anatomical name', async () => {
    const { page, write } = await open();
    expect(page.querySelectorAll('dt')).toHaveLength(glossary.length + spoken.length + 1);
    expect(page.querySelector('section h2')?.textContent).toBe('the foot');
    await write('input', 'calcaneus');
    expect([...page.querySelectorAll('dt')].map((t) => t.textContent?.trim().split(/\s+/)[0])).toEqual(['heel']);
    await write('input', 'trampoline');
    expect(page.querySelector('.none')?.textContent).toContain('No word like that');
  });

  it('read a cue: what is muddled, or that nothing is', async () => {
    const { page, write } = await open();
    await write('textarea', 'Do not pronate.');
    expect(page.querySelector('aside li')?.textContent).toContain('Schools use it for the heel');
    await write('textarea', 'Weight to the inner edge.');
    expect(page.querySelector('aside li')?.textContent).toContain('Nothing muddled');
    await write('textarea', '');
    expect(page.querySelectorAll('aside li')).toHaveLength(0);
  });

  it('know what people say elsewhere, the teacher’s own words first', async () => {
    const { page, write } = await open();
    await write('input', 'doming');
    expect(page.querySelector('section dl:last-of-type')?.textContent).toContain('short foot');
    await write('input', 'seaweed');
    expect([...page.querySelectorAll('dt')].map((t) => t.textContent?.trim().split(/\s+/)[0])).toContain('seaweed');
  });

  it('take a word of one’s own, and give it back', async () => {
    const { page, http, fixture } = await open();
    const [, word, means] = page.querySelectorAll<HTMLInputElement>('input');
    const submit = () => page.querySelector<HTMLFormElement>('form')?.dispatchEvent(new Event('submit'));
    word!.value = 'limpet';
    submit();
    await fixture.whenStable();
    expect(page.querySelector('[role=status]')?.textContent).toContain('both are needed');
    expect(word!.value).toBe('limpet');
    means!.value = 'short foot';
    submit();
    const saved = http.expectOne({ method: 'PUT', url: '/api/preferences' });
    expect((saved.request.body as { words: object[] }).words).toEqual([
      { word: 'limpet', means: 'short foot' },
      { word: 'seaweed', means: 'toes wide' },
    ]);
    saved.flush(null);
    await fixture.whenStable();
    page.querySelector<HTMLButtonElement>('[aria-label="Take out “limpet”"]')?.click();
    const back = http.expectOne({ method: 'PUT', url: '/api/preferences' });
    expect((back.request.body as { words: object[] }).words).toEqual([{ word: 'seaweed', means: 'toes wide' }]);
  });
});
