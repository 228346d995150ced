import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { CUSTOM_ELEMENTS_SCHEMA, computed, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import type { CourseClass, CourseLoadEntry, ExerciseRevision } from '@core/contract';
import { type Course, newCourse } from '@core/course';
import { defaultSchool } from '@core/exercise';
import { reps } from '@core/dose';
import { defaultLoadRules, itemLoads, together } from '@core/load';
import { type Plan, defaultPace, newBlock, newItem, newPlan } from '@core/plan';
import { buildTimeline } from '@core/timeline';
import { builtIn } from '../../../testing/built-in';
import { LocalWorker } from '../../../testing/local-worker';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { LibraryStore } from '../../data/library-store';
import { type Loading, waiting } from '../../data/loading';
import { Outbox } from '../../data/outbox';
import { Preferences } from '../../data/preferences';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { CourseLoadPage } from './course-load-page';
import { LoadChart } from './load-chart';

const course: Course = { ...newCourse('spring', 'Spring', '2031-03-03', 'Europe/London'), weeks: 2 };
const find = (revision: string) => builtIn.find((one) => one.revision === revision)?.exercise ?? null;
const planOf = (key: string, rises: number): Plan => {
  const found = builtIn.find(({ exercise }) => exercise.id === 'two-foot-rise');
  if (!found) throw new RangeError('two-foot-rise');
  const item = { ...newItem(`item-${key}`, found.exercise, found.revision), dose: [reps(rises)] };
  return { ...newPlan(`spring-${key}`, `Class of ${key}`, 1800), blocks: [newBlock(`block-${key}`, 'Work', [item])] };
};
const entryOf = (key: string, plan: Plan): CourseLoadEntry => {
  const { rises, landings, regions } = together(itemLoads(buildTimeline({ plan, find })));
  return {
    date: key,
    source: 'planned',
    title: plan.title,
    load: { rises: { ...rises }, landings: { ...landings }, regions: { ...regions } },
    of: { kind: 'class', id: key },
  };
};
const keys = ['2031-03-04', '2031-03-11'] as const;
const classOf = (key: string): CourseClass => ({
  key,
  classId: `spring-${key}`,
  version: 3,
  title: `Class of ${key}`,
  plannedMs: 1,
  byHand: false,
  gone: false,
  items: [],
  taught: [],
});

/** @param late the exercises come after all else */
async function open(rises: readonly [number, number], late = false) {
  const worker = new LocalWorker();
  const rules = signal(defaultLoadRules);
  const library = signal<Loading<readonly ExerciseRevision[]>>(late ? waiting : { status: 'ready', value: builtIn });
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: jest.fn() } },
      { provide: WORKER_FACTORY, useValue: () => worker },
      {
        provide: LibraryStore,
        useValue: { library, exercises: computed(() => library().value), load: () => undefined },
      },
      {
        provide: Preferences,
        useValue: {
          school: signal(defaultSchool),
          pace: signal(defaultPace()),
          loadRules: rules,
          setLoadRules: (change: object) => rules.update((now) => ({ ...now, ...change })),
          load: () => undefined,
        },
      },
    ],
  });
  // the picture is Chromium's; here its words and figures are asked
  TestBed.overrideComponent(CourseLoadPage, {
    remove: { imports: [LoadChart] },
    add: { schemas: [CUSTOM_ELEMENTS_SCHEMA] },
  });
  const fixture = TestBed.createComponent(CourseLoadPage);
  fixture.componentRef.setInput('id', 'spring');
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  await TestBed.inject(Outbox).ready;
  const settled = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
    worker.drain();
    await fixture.whenStable();
    fixture.detectChanges();
  };
  await settled();
  const plans = keys.map((key, i) => ({ key, plan: planOf(key, rises[i] ?? 0) }));
  http.expectOne('/api/courses/spring').flush({ course, version: 1, classes: keys.map(classOf) });
  http.expectOne('/api/courses/spring/load').flush({ entries: plans.map(({ key, plan }) => entryOf(key, plan)) });
  await settled();
  const answerPlans = async () => {
    http.match('/api/courses/spring/plans').forEach((request) => request.flush({ plans }));
    await settled();
    await settled();
  };
  await answerPlans();
  const element = fixture.nativeElement as HTMLElement;
  return {
    element,
    http,
    rules,
    settled,
    libraryComes: async () => {
      library.set({ status: 'ready', value: builtIn });
      await settled();
      await answerPlans();
    },
    cells: () =>
      [...element.querySelectorAll('tbody tr')].map((row) =>
        [...row.children].map((cell) => cell.textContent.replace(/\s+/g, ' ').trim()),
      ),
    faults: () => [...element.querySelectorAll('.fault')].map((one) => one.textContent.replace(/\s+/g, ' ').trim()),
  };
}

describe('load over the weeks of a course', () => {
  it('looks for what cures a week once the exercises are there, and does not say before that nothing does', async () => {
    const { faults, libraryComes } = await open([40, 90], true);
    expect(faults()).toHaveLength(1);
    expect(faults()[0]).not.toContain('Nothing that is planned');
    await libraryComes();
    expect(faults()[0]).toContain('60 instead of 90 in Rise on both feet');
  });

  it('says in words what the picture shows: rises of each week, against the one before', async () => {
    const { cells, faults } = await open([40, 44]);
    expect(cells().map((row) => row.slice(1, 3))).toEqual([
      ['40', ''],
      ['44', '+10 %'],
    ]);
    expect(cells()[1]?.[5]).toBe('planned 44 rises');
    expect(faults()).toEqual([]);
  });

  it('names a week that rises too steeply, with the smallest change that cures it; one press takes it', async () => {
    const { faults, element, http, settled } = await open([40, 80]);
    expect(faults()[0]).toContain('rises on a foot go from 40 to 80, 100 % more; up to 60 would do');
    const cure = element.querySelector<HTMLButtonElement>('.fault button');
    expect(cure?.textContent).toContain('60 instead of 80 in Rise on both feet');
    cure?.click();
    await settled();
    const saved = http.expectOne('/api/classes/spring-2031-03-11');
    const { plan, basedOn } = saved.request.body as { plan: Plan; basedOn: number };
    expect(basedOn).toBe(3);
    expect(itemLoads(buildTimeline({ plan, find })).map(({ rises }) => rises.left)).toEqual([60]);
  });

  it('follows the rules of the instructor', async () => {
    const { faults, rules, settled } = await open([40, 80]);
    expect(faults()).toHaveLength(1);
    rules.update((now) => ({ ...now, risesPercent: 100 }));
    await settled();
    expect(faults()).toEqual([]);
  });
});
