import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { newCourse } from '@core/course';
import { MemoryStore } from '../../testing/memory-store';
import { BrowserStore } from './browser-store';
import { CourseList } from './course-list';
import { Toasts } from './toasts';

const course = newCourse('winter', 'Winter', '2026-12-07', 'Europe/Berlin');
const url = '/api/courses/winter';
const older = {
  type: 'about:blank',
  title: 'Changed meanwhile',
  status: 409,
  detail: 'Elsewhere.',
  code: 'student-changed',
};

describe('a course that is put away', () => {
  const toasts = { refused: jest.fn<void, [string]>() };
  const soon = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
  };

  function open() {
    TestBed.configureTestingModule({
      providers: [
        CourseList,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: new MemoryStore() },
        { provide: Toasts, useValue: toasts },
        { provide: Router, useValue: { navigate: jest.fn() } },
      ],
    });
    const http = TestBed.inject(HttpTestingController);
    const asks = async (title: string, version: number) => {
      await soon();
      http.expectOne({ method: 'GET', url }).flush({ course: { ...course, title }, version, classes: [] });
      await soon();
      return http.expectOne({ method: 'PUT', url });
    };
    return { list: TestBed.inject(CourseList), http, asks };
  }
  beforeEach(() => jest.clearAllMocks());

  it('is put away as it stands on the server, not as this list showed it', async () => {
    const { list, http, asks } = open();
    void list.put({ course, away: true });
    const put = await asks('Winter, and changed since', 4);
    expect(put.request.body).toMatchObject({
      basedOn: 4,
      course: { title: 'Winter, and changed since', archived: true },
    });
    put.flush({ version: 5 });
    await soon();
    http.expectOne('/api/courses').flush({ courses: [] });
    expect(list.courses()).toEqual([]);
  });

  it('is put away with what the page just left was still sending', async () => {
    const { list, http, asks } = open();
    void list.put({ course, away: true });
    (await asks('Winter', 4)).flush(older, { status: 409, statusText: 'Conflict' });
    const again = await asks('Winter of twelve weeks', 5);
    expect(again.request.body).toMatchObject({
      basedOn: 5,
      course: { title: 'Winter of twelve weeks', archived: true },
    });
    again.flush({ version: 6 });
    await soon();
    http.expectOne('/api/courses').flush({ courses: [] });
    expect(toasts.refused).not.toHaveBeenCalled();
  });

  it('says why where it is refused for anything else, and asks no second time', async () => {
    const { list, http, asks } = open();
    void list.put({ course, away: true });
    (await asks('Winter', 4)).flush(
      { ...older, status: 422, title: 'Not valid', code: 'not-valid' },
      { status: 422, statusText: 'Unprocessable' },
    );
    await soon();
    http.expectOne('/api/courses').flush({ courses: [] });
    expect(toasts.refused).toHaveBeenCalledWith('Not valid. Elsewhere.');
  });
});
