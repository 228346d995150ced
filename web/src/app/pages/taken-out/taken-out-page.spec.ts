import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { TakenOutEntry } from '@core/contract';
import { Toasts } from '../../data/toasts';
import { TakenOutPage } from './taken-out-page';

const entry = (kind: TakenOutEntry['kind'], removedAt: string): TakenOutEntry => ({
  kind,
  id: `${kind}-1`,
  title: `The ${kind}`,
  removedAt,
});

describe('what was taken out', () => {
  const toasts = { offer: jest.fn(), failed: jest.fn() };
  async function open(entries: TakenOutEntry[]) {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: Toasts, useValue: toasts },
      ],
    });
    const fixture = TestBed.createComponent(TakenOutPage);
    fixture.detectChanges();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/taken-out').flush({ entries, next: null });
    await fixture.whenStable();
    return { page: fixture.nativeElement as HTMLElement, http };
  }

  it('stands by day with what it is, and comes back where it came from', async () => {
    const { page, http } = await open([
      entry('run', '2025-11-24T12:00:00.000Z'),
      entry('class', '2025-11-24T10:00:00.000Z'),
      entry('exercise', '2025-11-20T12:00:00.000Z'),
    ]);
    expect(page.querySelectorAll('h2')).toHaveLength(2);
    expect([...page.querySelectorAll('.kind')].map((k) => k.textContent)).toEqual([
      'Taught class',
      'Class',
      'Exercise',
    ]);
    const buttons = [...page.querySelectorAll<HTMLButtonElement>('li button')];
    for (const [i, url] of [
      '/api/runs/run-1/restore',
      '/api/classes/class-1/restore',
      '/api/exercises/exercise-1/restore',
    ].entries()) {
      buttons[i]?.click();
      http.expectOne({ method: 'POST', url }).flush(null);
      http.expectOne('/api/taken-out');
    }
    expect(toasts.offer.mock.calls.map(([words]: string[]) => words)).toEqual([
      '“The run” is back.',
      '“The class” is back.',
      '“The exercise” is back.',
    ]);
  });

  it('says when there is nothing', async () => {
    const { page } = await open([]);
    expect(page.textContent).toContain('Nothing was taken out.');
  });
});
