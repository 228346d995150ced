import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { glossary } from '@core/words';
import { WordsPage } from './words-page';

describe('the words', () => {
  async function open() {
    TestBed.configureTestingModule({ providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()] });
    const fixture = TestBed.createComponent(WordsPage);
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    const write = async (selector: string, words: string) => {
      const field = page.querySelector<HTMLInputElement>(selector)!;
      field.value = words;
      field.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    return { page, write };
  }

  it('are all there, the foot first, and found by the anatomical name', async () => {
    const { page, write } = await open();
    expect(page.querySelectorAll('dt')).toHaveLength(glossary.length);
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
});
