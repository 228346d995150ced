import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { ClassSummary } from '@core/contract';
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
