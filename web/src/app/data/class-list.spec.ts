import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { ClassSummary } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import type { Plan } from '@core/plan';
import { MemoryStore } from '../../testing/memory-store';
import { BrowserStore } from './browser-store';
import { ClassList } from './class-list';
import { Toasts } from './toasts';

const at = '2026-11-24T12:00:00.000Z';
const summary = (id: string): ClassSummary => ({
  id,
  title: `The ${id}`,
  audience: 'mixed',
  slotSeconds: 600,
  plannedMs: 540_000,
  itemCount: 3,
  version: 1,
  updatedAt: at,
  outline: [],
});

describe('the list of classes', () => {
  let list: ClassList;
  let http: HttpTestingController;
  let store: MemoryStore;
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const toasts = {
    tell: jest.fn(),
    offer: jest.fn<void, [string, string, () => void]>(),
    failed: jest.fn(),
    refused: jest.fn<void, [string]>(),
  };
  const navigate = jest.fn();
  const titles = () => list.classes().value?.items.map((c) => c.id) ?? null;

  beforeEach(() => {
    jest.clearAllMocks();
    store = new MemoryStore();
    TestBed.configureTestingModule({
      providers: [
        ClassList,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
        { provide: Toasts, useValue: toasts },
        { provide: Router, useValue: { navigate } },
      ],
    });
    list = TestBed.inject(ClassList);
    http = TestBed.inject(HttpTestingController);
    http.expectOne('/api/preferences').flush({ school: { ...defaultSchool, words: 'anatomical' } });
    list.load();
    http.expectOne('/api/classes').flush({ classes: [summary('class-a'), summary('class-b')], next: 'cursor-1' });
  });
  afterEach(() => http.verify());

  it('comes a page at a time, each asked for after the one before', () => {
    expect(titles()).toEqual(['class-a', 'class-b']);
    list.more();
    http.expectOne('/api/classes?after=cursor-1').flush({ classes: [summary('class-c')], next: null });
    expect(titles()).toEqual(['class-a', 'class-b', 'class-c']);
    expect(list.classes().value?.next).toBeNull();
  });

  it('makes a new class of the minutes asked for, as this teacher teaches, and opens it', async () => {
    void list.create(45);
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
    expect(navigate).toHaveBeenCalledWith(['/class', plan.id]);
  });

  it('keeps a new class here where the server is away, and makes it when that is back', async () => {
    jest.useFakeTimers();
    void list.create(45);
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
    void list.create(45);
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

  it('is narrowed to words and to a month, page by page', () => {
    list.find({ words: ' lunch ', before: '2021-01-01T00:00:00.000Z' });
    http
      .expectOne('/api/classes?words=lunch&before=2021-01-01T00:00:00.000Z')
      .flush({ classes: [summary('class-z')], next: 'c-2' });
    list.more();
    http
      .expectOne('/api/classes?words=lunch&before=2021-01-01T00:00:00.000Z&after=c-2')
      .flush({ classes: [summary('class-y')], next: null });
    expect(titles()).toEqual(['class-z', 'class-y']);
  });

  it('brings a deleted class back with its toast', () => {
    list.delete(summary('class-a'));
    http.expectOne({ method: 'DELETE', url: '/api/classes/class-a' }).flush(null);
    http.expectOne('/api/classes').flush({ classes: [summary('class-b')], next: null });
    expect(titles()).toEqual(['class-b']);
    const [words, , back] = toasts.offer.mock.calls[0]!;
    expect(words).toContain('The class-a');
    back();
    http.expectOne('/api/classes/class-a/restore').flush(null);
    http.expectOne('/api/classes').flush({ classes: [summary('class-a'), summary('class-b')], next: null });
    expect(titles()).toEqual(['class-a', 'class-b']);
  });

  it('copies a class to teach again and shows it', () => {
    list.duplicate(summary('class-a'));
    const request = http.expectOne('/api/classes/class-a/duplicate');
    request.flush({ id: (request.request.body as { id: string }).id, version: 1, updatedAt: at });
    http.expectOne('/api/classes').flush({ classes: [summary('copy'), summary('class-a')], next: null });
    expect(titles()).toEqual(['copy', 'class-a']);
  });

  it('keeps the list in sight when it cannot be read once more', () => {
    list.load();
    http.expectOne('/api/classes').error(new ProgressEvent('offline'));
    expect(list.classes().status).toBe('failed');
    expect(titles()).toEqual(['class-a', 'class-b']);
  });
});
