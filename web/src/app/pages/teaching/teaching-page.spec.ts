import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { LearnedTimes } from '@core/contract';
import { defaultSchool, schoolAnswers } from '@core/exercise';
import { defaultPace } from '@core/plan';
import { TeachingPage } from './teaching-page';

const { workSpread, aroundSpread, daySpread } = defaultPace();
const nothingLearned: LearnedTimes = {
  classes: 0,
  holds: false,
  groups: [],
  spreads: { workSpread, aroundSpread, daySpread },
  pace: defaultPace(),
};

describe('how I teach', () => {
  async function open(learned: Partial<LearnedTimes> = {}) {
    TestBed.configureTestingModule({
      providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()],
    });
    const fixture = TestBed.createComponent(TeachingPage);
    fixture.detectChanges();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school: { ...defaultSchool, release: 'both' } });
    http.expectOne('/api/runs/learned').flush({ ...nothingLearned, ...learned });
    http.expectOne('/api/classes').flush({ classes: [], next: null });
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

  describe('times from the log', () => {
    const text = (page: HTMLElement) => page.querySelector('nw-learned-times')?.textContent?.replace(/\s+/g, ' ') ?? '';
    const button = (page: HTMLElement) => page.querySelector<HTMLButtonElement>('nw-learned-times button');
    const second = { group: 'second' as const, seen: 1.5, times: 1.4, stretches: 40 };

    it('are not offered before three classes, and it is said how many there are', async () => {
      const { page } = await open({ classes: 2 });
      expect(text(page)).toContain('So far two are in the log');
      expect(button(page)).toBeNull();
    });

    it('are offered figure by figure, taken with one press, and can be given back', async () => {
      const pace = { ...defaultPace(), sideSwitchSeconds: 4.5 };
      const { page, http, fixture } = await open({ classes: 12, holds: true, groups: [second], pace });
      expect(text(page)).toContain('The second side1.5 ×40 times');
      expect(text(page)).toContain('Changing foot: 3 s → 4.5 s');
      button(page)?.click();
      await fixture.whenStable();
      const saved = http.expectOne({ method: 'PUT', url: '/api/preferences' });
      expect(saved.request.body).toMatchObject({ pace: { sideSwitchSeconds: 4.5 } });
    });

    it('stay as they are where they tell as well how long a class takes', async () => {
      const { page } = await open({ classes: 12, groups: [second] });
      expect(text(page)).toContain('Your figures stay.');
      expect(text(page)).toContain('Your figures are what the log says.');
    });
  });
});
