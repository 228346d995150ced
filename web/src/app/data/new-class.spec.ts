import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { defaultSchool } from '@core/exercise';
import type { Plan } from '@core/plan';
import { MemoryStore } from '../../testing/memory-store';
import { BrowserStore } from './browser-store';
import { NewClass } from './new-class';
import { Toasts } from './toasts';

const at = '2026-11-24T12:00:00.000Z';

describe('a new class', () => {
  let made: NewClass;
  let store: MemoryStore;
  let http: HttpTestingController;
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const toasts = { refused: jest.fn<void, [string]>() };
  const navigate = jest.fn();

  beforeEach(() => {
    jest.clearAllMocks();
    localStorage.clear();
    store = new MemoryStore();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
        { provide: Toasts, useValue: toasts },
        { provide: Router, useValue: { navigate } },
      ],
    });
    made = TestBed.inject(NewClass);
    http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school: { ...defaultSchool, words: 'anatomical' } });
  });
  afterEach(() => http.verify());

  it('makes a new class of the minutes asked for, as this teacher teaches, and opens it', async () => {
    void made.empty(45);
    await soon();
    const request = http.expectOne({ method: 'POST', url: '/api/classes' });
    const { plan } = request.request.body as { plan: Plan };
    expect([plan.slotSeconds, plan.school.words, plan.blocks.flatMap((b) => b.items)]).toEqual([
      2700,
      'anatomical',
      [],
    ]);
    request.flush({ id: plan.id, version: 1, updatedAt: at });
    await soon();
    expect(navigate).toHaveBeenCalledWith(['/class', plan.id], { queryParams: {} });
  });

  it('begins with an exercise that was chosen on its own page', async () => {
    void made.empty(20, 'toe-wave');
    await soon();
    const request = http.expectOne({ method: 'POST', url: '/api/classes' });
    const { id } = (request.request.body as { plan: Plan }).plan;
    request.flush({ id, version: 1, updatedAt: at });
    await soon();
    expect(navigate).toHaveBeenCalledWith(['/class', id], { queryParams: { add: 'toe-wave' } });
  });

  it('takes the one that was begun here and left as it was, with the new minutes; not one that has been touched', async () => {
    void made.empty(45);
    await soon();
    const first = http.expectOne({ method: 'POST', url: '/api/classes' });
    const { plan } = first.request.body as { plan: Plan };
    first.flush({ id: plan.id, version: 1, updatedAt: at });
    await soon();
    void made.empty(20);
    await soon();
    http
      .expectOne(`/api/classes/${plan.id}`)
      .flush({ plan, version: 1, updatedAt: at, revisions: [], taught: 0, standbys: [] });
    await soon();
    const again = http.expectOne({ method: 'PUT', url: `/api/classes/${plan.id}` });
    expect(again.request.body).toMatchObject({ basedOn: 1, plan: { slotSeconds: 1200 } });
    again.flush({ id: plan.id, version: 2, updatedAt: at });
    await soon();
    void made.empty(10);
    await soon();
    const touched = { ...plan, brief: { ...plan.brief, concerns: ['sore-knees'] as const } };
    http
      .expectOne(`/api/classes/${plan.id}`)
      .flush({ plan: touched, version: 3, updatedAt: at, revisions: [], taught: 0, standbys: [] });
    await soon();
    const other = http.expectOne({ method: 'POST', url: '/api/classes' });
    expect((other.request.body as { plan: Plan }).plan.id).not.toBe(plan.id);
    other.flush({ id: 'other', version: 1, updatedAt: at });
    await soon();
  });

  it('keeps a new class here where the server is away, and makes it when that is back', async () => {
    jest.useFakeTimers();
    void made.empty(45);
    await soon();
    const first = http.expectOne({ method: 'POST', url: '/api/classes' });
    first.error(new ProgressEvent('offline'));
    await soon();
    expect(navigate).not.toHaveBeenCalled();
    expect(toasts.refused.mock.calls[0]?.[0]).toContain('waits here');
    jest.advanceTimersByTime(3000);
    const again = http.expectOne({ method: 'POST', url: '/api/classes' });
    expect(again.request.body).toEqual(first.request.body);
    again.flush({ id: 'class-new', version: 1, updatedAt: at });
    jest.useRealTimers();
  });

  it('opens nothing where the server would not make it, says why, and does not try again', async () => {
    void made.empty(45);
    await soon();
    http
      .expectOne({ method: 'POST', url: '/api/classes' })
      .flush(
        { type: 'urn:x', title: 'Too large', status: 413, detail: 'At most 1 MB.', code: 'too-large' },
        { status: 413, statusText: 'x' },
      );
    await soon();
    expect(navigate).not.toHaveBeenCalled();
    expect(toasts.refused.mock.calls[0]?.[0]).toBe('Too large. At most 1 MB.');
    expect(store.shelf.size).toBe(0);
  });
});
