import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { defaultSchool, schoolAnswers } from '@core/exercise';
import { TeachingPage } from './teaching-page';

describe('how I teach', () => {
  async function open() {
    TestBed.configureTestingModule({
      providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()],
    });
    const fixture = TestBed.createComponent(TeachingPage);
    fixture.detectChanges();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school: { ...defaultSchool, release: 'both' } });
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    const radio = (words: string) =>
      [...page.querySelectorAll('label')].find((l) => l.textContent?.includes(words))?.querySelector('input');
    return { fixture, http, page, radio };
  }

  it('asks every question once, with the answers that were saved', async () => {
    const { page, radio } = await open();
    expect(page.querySelectorAll('fieldset')).toHaveLength(Object.keys(schoolAnswers).length);
    expect(page.querySelectorAll('input:checked')).toHaveLength(Object.keys(schoolAnswers).length);
    expect(radio('both')?.checked).toBe(true);
    expect(page.querySelector('[role=status]')?.textContent).toContain('Saved');
  });

  it('saves answers in the order they were given, the last one whole', async () => {
    const { fixture, http, radio } = await open();
    radio('out on effort')?.dispatchEvent(new Event('change'));
    radio('toes grip')?.dispatchEvent(new Event('change'));
    const first = http.expectOne({ method: 'PUT', url: '/api/preferences' });
    expect(first.request.body).toMatchObject({ school: { breath: 'out-on-effort', archWork: 'long-toes-press' } });
    first.flush(null);
    const second = http.expectOne({ method: 'PUT', url: '/api/preferences' });
    expect(second.request.body).toMatchObject({ school: { breath: 'out-on-effort', archWork: 'toes-grip' } });
    second.flush(null);
    await fixture.whenStable();
    http.verify();
  });

  it('says when an answer could not be saved, keeps it, and tries again', async () => {
    const { fixture, http, page, radio } = await open();
    radio('toes grip')?.dispatchEvent(new Event('change'));
    http.expectOne({ method: 'PUT', url: '/api/preferences' }).error(new ProgressEvent('error'));
    await fixture.whenStable();
    expect(page.querySelector('[role=status]')?.textContent).toContain('not saved yet');
    expect(radio('toes grip')?.checked).toBe(true);
    [...page.querySelectorAll('button')].find((b) => b.textContent?.includes('Try again'))?.click();
    http.expectOne({ method: 'PUT', url: '/api/preferences' }).flush(null);
    await fixture.whenStable();
    expect(page.querySelector('[role=status]')?.textContent).toContain('Saved');
  });
});
