import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { DueList, HomeworkRow } from '@core/contract';
import { newCourse } from '@core/course';
import { newHomework } from '@core/homework/homework';
import { today } from '../../parts/saying/date-words';
import { CalendarPage } from './calendar-page';

const month = today().slice(0, 7);
const course = {
  ...newCourse('spring', 'Spring', `${month}-01`, 'Europe/London'),
  weeks: 5,
  off: [{ from: `${month}-03`, to: `${month}-03`, why: 'closed' as const, note: 'Hall is oiled' }],
};

const ran = (id: string, title: string) => ({
  id,
  classId: `class-of-${id}`,
  title,
  startedAt: `${month}-10T11:15:00.000Z`,
  plannedMs: 1,
  headcount: null,
  note: '',
});

async function open(
  courses: readonly (typeof course)[],
  next: string | null = null,
  sheets: readonly HomeworkRow[] = [],
  due: DueList['due'] = [],
) {
  TestBed.configureTestingModule({
    providers: [provideRouter([]), provideHttpClient(), provideHttpClientTesting()],
  });
  const fixture = TestBed.createComponent(CalendarPage);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  http.expectOne('/api/courses').flush({ courses: courses.map((one) => ({ course: one, version: 1 })) });
  const log = () => http.expectOne(({ url }) => url === '/api/runs');
  log().flush({ runs: [ran('run-1', 'Thursday lunch')], next });
  http.expectOne(({ url }) => url === '/api/homework/between').flush({ homework: sheets, next: null });
  http.expectOne(({ url }) => url === '/api/desk/due').flush({ due });
  if (next !== null) log().flush({ runs: [ran('run-2', 'Early lunch')], next: null });
  await fixture.whenStable();
  fixture.detectChanges();
  const page = fixture.nativeElement as HTMLElement;
  const links = (kind: string) => [...page.querySelectorAll(`td a[data-kind="${kind}"]`)];
  return { fixture, http, page, links };
}

describe('the calendar', () => {
  it('has each class of a course and each taught class on its day, with where it leads', async () => {
    const { links } = await open([course]);
    expect(links('class').length).toBeGreaterThanOrEqual(3);
    expect(links('class')[0]?.getAttribute('href')).toBe('/courses/spring');
    expect(
      links('taught').map((link) => [link.textContent?.includes('Thursday lunch'), link.getAttribute('href')]),
    ).toEqual([[true, '/log/run-1']]);
    expect(links('off')[0]?.textContent).toContain('Hall is oiled');
  });

  it('has the month as a list too, in words', async () => {
    const { page } = await open([course]);
    const rows = [...page.querySelectorAll('li')].map((row) => row.textContent ?? '');
    expect(rows.some((row) => row.includes('Spring 1') && row.includes('planned'))).toBe(true);
    expect(rows.some((row) => row.includes('Thursday lunch') && row.includes('taught'))).toBe(true);
  });

  it('has all that was taught, also where it does not go on one page of the log', async () => {
    const { page } = await open([], 'more');
    const rows = [...page.querySelectorAll('li')].map((row) => row.textContent ?? '');
    expect(rows.filter((row) => row.includes('lunch'))).toHaveLength(2);
  });

  it('has homework on the day it is given out, with the way to its sheet', async () => {
    const of = { kind: 'level', groupId: null, words: '', concerns: [] } as const;
    const homework = newHomework('home-1', 'Between classes', { ...of, concerns: [] }, `${month}-05`);
    const { links } = await open([], null, [{ homework, version: 1, who: 'Lunch' }]);
    expect(links('homework')[0]?.textContent).toContain('Between classes, Lunch: given out');
    expect(links('homework')[0]?.getAttribute('href')).toBe('/homework/home-1');
  });

  it('has checks on the day from which they are due, with the way to the group', async () => {
    const due = [{ groupId: 'lunch', check: 'knee to wall', date: `${month}-12`, people: 2 }];
    const { links } = await open([], null, [], due);
    expect(links('check').map((link) => [link.textContent?.trim(), link.getAttribute('href')])).toEqual([
      ['knee to wall: 2 people to look at again check due', '/groups/lunch'],
    ]);
  });

  it('goes to the month before and asks for what stood there', async () => {
    const { page, http, fixture } = await open([course]);
    const before = page.querySelector('h1')?.textContent;
    [...page.querySelectorAll('button')].find((button) => button.textContent?.includes('Month before'))?.click();
    fixture.detectChanges();
    expect(page.querySelector('h1')?.textContent).not.toBe(before);
    http.expectOne('/api/courses').flush({ courses: [] });
    http.expectOne(({ url }) => url === '/api/runs').flush({ runs: [], next: null });
    http.expectOne(({ url }) => url === '/api/homework/between').flush({ homework: [], next: null });
    http.expectOne(({ url }) => url === '/api/desk/due').flush({ due: [] });
    await fixture.whenStable();
    fixture.detectChanges();
    expect(page.textContent).toContain('Nothing stands in this month');
  });
});
