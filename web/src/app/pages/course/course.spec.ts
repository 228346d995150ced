import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { usualBrief } from '@core/compose';
import type { CourseClass, CoursePage } from '@core/contract';
import { type Course, newCourse } from '@core/course';
import { defaultSchool } from '@core/exercise';
import { defaultPace, newPlan } from '@core/plan';
import { newStudent } from '@core/roster';
import { builtIn } from '../../../testing/built-in';
import { LocalWorker } from '../../../testing/local-worker';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { CourseFile } from '../../data/course-file';
import { LibraryStore } from '../../data/library-store';
import { Outbox } from '../../data/outbox';
import { Preferences } from '../../data/preferences';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { CoursePageView } from './course-page';
import { taughtWords } from './course-words';

const course: Course = {
  ...newCourse('spring', 'Spring', '2031-03-03', 'Europe/London'),
  weeks: 4,
  weekly: [2, 4].map((weekday) => ({ weekday, time: '18:30', minutes: 20 })),
  aims: [{ exerciseId: 'one-leg-stand', rungId: 'three-fingers' }],
  phases: newCourse('x', 'x', '2031-03-03', 'UTC').phases.slice(0, 2),
  brief: { ...usualBrief, kit: { ...usualBrief.kit, cushion: 12 } },
};
const madeClass = (key: string, change: Partial<CourseClass> = {}): CourseClass => ({
  key,
  classId: `spring-${key}`,
  version: 1,
  title: 'Spring 1',
  plannedMs: 1_140_000,
  byHand: false,
  gone: false,
  items: [{ exerciseId: 'one-leg-stand', rungId: 'five-fingers' }],
  taught: [],
  ...change,
});

async function open(page: Partial<CoursePage> = {}) {
  const library = new Map(builtIn.map((revision) => [revision.exercise.id, revision]));
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: jest.fn() } },
      { provide: WORKER_FACTORY, useValue: () => new LocalWorker() },
      {
        provide: LibraryStore,
        useValue: {
          exercises: signal(builtIn),
          byId: signal(library),
          library: signal({ status: 'ready', value: builtIn }),
          load: () => undefined,
        },
      },
      {
        provide: Preferences,
        useValue: { school: signal(defaultSchool), pace: signal(defaultPace()), load: () => undefined },
      },
    ],
  });
  const fixture = TestBed.createComponent(CoursePageView);
  fixture.componentRef.setInput('id', 'spring');
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  await TestBed.inject(Outbox).ready;
  await fixture.whenStable();
  http.expectOne('/api/courses/spring').flush({ course, version: 3, classes: [], ...page });
  http.match('/api/people').forEach((request) => request.flush({ groups: [], students: [] }));
  await fixture.whenStable();
  fixture.detectChanges();
  const element = fixture.nativeElement as HTMLElement;
  return {
    fixture,
    http,
    element,
    text: () => element.textContent,
    button: (words: RegExp) =>
      [...element.querySelectorAll('button')].find((one) =>
        words.test(one.getAttribute('aria-label') ?? one.textContent),
      ),
    settled: async () => {
      await fixture.whenStable();
      fixture.detectChanges();
    },
  };
}

describe('a course', () => {
  it('shows each ladder in words too: where it begins, each step, its aim', async () => {
    const { element } = await open();
    const picture = element.querySelector('svg.line')?.getAttribute('aria-label');
    expect(picture).toMatch(
      /^Stand on one leg: from week 1 five fingertips; from week \d three fingertips\. Aim: three/,
    );
  });

  it('has every class as a button that says its date and how it stands', async () => {
    const { element } = await open({ classes: [madeClass('2031-03-04'), madeClass('2031-03-06', { byHand: true })] });
    const labels = [...element.querySelectorAll('.chip[cdkDrag]')].map((chip) => chip.getAttribute('aria-label'));
    expect(labels).toHaveLength(8);
    expect(labels.find((label) => label?.endsWith('made'))).toBe('Class 1, Tue 4 March 18:30, made');
    expect(labels).toContain('Class 2, Thu 6 March 18:30, changed by hand');
  });

  it('what changes in a class is read also where it is looked into before the list knows that it is made', async () => {
    const { fixture, http, button, text, settled } = await open();
    button(/^Class 1,/)!.click();
    await settled();
    http.expectNone('/api/courses/spring/plans');
    // it has been made: the list is fetched anew
    fixture.debugElement.injector.get(CourseFile).refresh();
    await settled();
    http.expectOne('/api/courses/spring').flush({ course, version: 3, classes: [madeClass('2031-03-04')] });
    await settled();
    expect(text()).toContain('Reading what changes in it');
    const plan = { ...newPlan('spring-2031-03-04', 'Spring 1', 1200), blocks: [] };
    http.expectOne('/api/courses/spring/plans').flush({ plans: [{ key: '2031-03-04', plan }] });
    await settled();
    expect(text()).not.toContain('Reading what changes in it');
  });

  it('where what changes in a class cannot be read, that is said', async () => {
    const { http, button, text, settled } = await open({ classes: [madeClass('2031-03-04')] });
    button(/^Class 1,/)!.click();
    await settled();
    http.expectOne('/api/courses/spring/plans').error(new ProgressEvent('error'));
    await settled();
    expect(text()).toContain('What changes in it cannot be read. Needlework’s server does not answer.');
  });

  it('another date is tried first: what follows is said, and nothing is changed until it is taken', async () => {
    const { button, element, text, settled, http } = await open({ classes: [madeClass('2031-03-04')] });
    button(/^Class 1,/)?.click();
    await settled();
    http.expectOne('/api/courses/spring/plans').flush({ plans: [] });
    const date = element.querySelector<HTMLInputElement>('nw-class-panel input[type="date"]');
    date!.value = '2031-03-07';
    date!.dispatchEvent(new Event('change'));
    await settled();
    expect(text()).toContain('It is class 2, not 1.');
    expect(element.querySelector('.chip[aria-label^="Class 1,"]')?.getAttribute('aria-label')).toContain('4 March');
    button(/^\s*So be it/)?.click();
    await settled();
    expect(element.querySelector('.chip[aria-label^="Class 2,"]')?.getAttribute('aria-label')).toContain(
      'moved from Tue 4 March',
    );
  });

  it('what cannot be is said with its cure, and the cure is one press', async () => {
    const { text, button, settled } = await open({ course: { ...course, weekly: [] } });
    expect(text()).toContain('There is no class in any week');
    button(/^\s*one on Tuesdays/)?.click();
    await settled();
    expect(text()).not.toContain('There is no class in any week');
    expect(text()).toContain('Make the 4 classes');
  });

  it('what the files of the group say of the room is told, and taken with one press', async () => {
    const sore = {
      ...newStudent('ada-t', 'Ada Tester', ['lunch']),
      cautions: [{ concern: 'sore-achilles', note: '', cleared: null }],
    };
    const { text, button, settled, http } = await open({ course: { ...course, groupId: 'lunch' } });
    http
      .expectOne(({ url }) => url === '/api/people/groups/lunch/readings')
      .flush({
        students: [{ student: sore, version: 1, updatedAt: '2026-01-01T00:00:00.000Z' }],
        readings: [],
        notes: [],
        noise: {},
      });
    await settled();
    await settled();
    expect(text()).toContain('Their files say: 1 person; somebody has');
    button(/Let the classes know/)?.click();
    await settled();
    expect(text()).not.toContain('Their files say');
  });

  it('an edit that makes no sense is not taken, and says why', async () => {
    const { element, text, settled } = await open();
    const zone = element.querySelector<HTMLInputElement>('input.zone');
    zone!.dispatchEvent(new Event('focusin', { bubbles: true }));
    zone!.value = 'Atlantis/Harbour';
    zone!.dispatchEvent(new Event('change'));
    await settled();
    // and what was typed does not stand there as if it were taken
    expect(zone!.value).toBe('Europe/London');
    expect(text()).toContain('is not one that this machine knows');
  });
});

describe('a class in the log', () => {
  const session = { date: '2031-03-04' } as Parameters<typeof taughtWords>[0];
  const taught = (...at: string[]) =>
    taughtWords(
      session,
      madeClass('2031-03-04', { taught: at.map((startedAt, i) => ({ runId: `run-${i}`, startedAt })) }),
    );

  it('taught twice from two tablets counts once, and is told', () => {
    expect(taught('2031-03-04T18:30:00Z', '2031-03-04T18:31:00Z')).toContain('in the log 2 times');
    expect(taught('2031-03-04T18:30:00Z')).toBe('');
  });

  it('by a clock that was set back it counts for its own date, and is told', () => {
    expect(taught('2016-01-01T00:00:00Z')).toMatch(/clock said 1 January 2016; it counts for its own date/);
  });
});
