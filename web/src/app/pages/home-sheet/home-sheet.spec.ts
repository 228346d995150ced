import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import type { HomeworkPage } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import { reps } from '@core/dose';
import { type HomeItem, type Homework, newHomework } from '@core/homework';
import { defaultPace } from '@core/plan';
import { newStudent } from '@core/roster';
import { builtIn } from '../../../testing/built-in';
import { LocalWorker } from '../../../testing/local-worker';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { LibraryStore } from '../../data/library-store';
import { Outbox } from '../../data/outbox';
import { Preferences } from '../../data/preferences';
import { WhoSees } from '../../data/who-sees';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { HomeSheetPage } from './home-sheet-page';

const byId = new Map(builtIn.map((revision) => [revision.exercise.id, revision]));
const item = (exerciseId: string, change: Partial<HomeItem> = {}): HomeItem => {
  const found = byId.get(exerciseId);
  if (!found) throw new RangeError(exerciseId);
  return {
    id: `item-${exerciseId}`.slice(0, 40),
    exerciseId,
    revision: found.revision,
    rungId: found.exercise.ladder?.startRung ?? null,
    dose: [reps(10)],
    sets: [3, 5],
    rhythm: 'every-other-day',
    hidesIn: '',
    note: '',
    ...change,
  };
};
const student = { ...newStudent('oswin-1', 'Oswin Drift'), cautions: [] };
const sheet = (change: Partial<Homework> = {}): Homework => ({
  ...newHomework('home-1', 'At home', { kind: 'student', studentId: student.id }, '2031-03-03'),
  minutes: 30,
  items: [item('two-foot-rise')],
  ...change,
});

async function open(homework: Homework, page: Partial<HomeworkPage> = {}) {
  const worker = new LocalWorker();
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
        useValue: { exercises: signal(builtIn), byId: signal(byId), load: () => undefined },
      },
      {
        provide: Preferences,
        useValue: { school: signal(defaultSchool), pace: signal(defaultPace()), load: () => undefined },
      },
    ],
  });
  const fixture = TestBed.createComponent(HomeSheetPage);
  fixture.componentRef.setInput('id', homework.id);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  await TestBed.inject(Outbox).ready;
  await fixture.whenStable();
  const answer: HomeworkPage = {
    homework,
    version: 1,
    who: student.name,
    revisions: [],
    students: [student],
    notes: [],
    classes: [],
    mobiliseDays: 0,
    ...page,
  };
  http.expectOne('/api/homework/home-1').flush(answer);
  http.match('/api/people').forEach((request) => request.flush({ groups: [], students: [] }));
  const element = fixture.nativeElement as HTMLElement;
  const settled = async () => {
    await fixture.whenStable();
    fixture.detectChanges();
  };
  await settled();
  const buttons = () => [...element.querySelectorAll('button')];
  return {
    element,
    worker,
    settled,
    text: () => element.textContent,
    press: async (words: string) => {
      const found = buttons().find((one) => (one.getAttribute('aria-label') ?? one.textContent).includes(words));
      if (!found) throw new RangeError(words);
      found.click();
      await settled();
    },
    trades: () =>
      [...element.querySelectorAll('.trades label')].map((one) => one.textContent.replace(/\s+/g, ' ').trim()),
    cells: (kind: string) => element.querySelectorAll(`nw-day-grid td.${kind}`).length,
  };
}

describe('a sheet of homework', () => {
  it('shows the trade: what each way of doing it comes to in its weeks', async () => {
    const { trades, cells } = await open(sheet());
    expect(trades()).toEqual([
      'every day, 2 to 3 sets 14 days × 2 to 3 sets of 10 reps = 280 to 420',
      'every other day, 3 to 5 sets 7 days × 3 to 5 sets of 10 reps = 210 to 350',
      'twice a week, 2 to 3 sets 4 days × 2 to 3 sets of 10 reps = 80 to 120',
    ]);
    expect(cells('due')).toBe(7);
  });

  it('changes the days with the rhythm that is chosen', async () => {
    const { element, settled, cells } = await open(sheet());
    element.querySelector<HTMLInputElement>('.trades input')?.click();
    await settled();
    expect(cells('due')).toBe(14);
  });

  it('has the class on its days in place of home', async () => {
    const does = { exerciseIds: ['two-foot-rise'], loads: [] };
    const { cells, text } = await open(sheet(), { classes: [{ date: '2031-03-04', title: 'Spring 1', does }] });
    expect(cells('taught')).toBe(1);
    expect(text()).toContain('and 1 class does it');
  });

  it('names what cannot be, and one press cures it', async () => {
    const { text, press } = await open(sheet({ items: [item('band-four-part-point')] }));
    expect(text()).toContain('it needs band, which is not at hand');
    await press('They have band');
    expect(text()).not.toContain('which is not at hand');
  });

  it('suggests exercises, and takes back what it put in their place', async () => {
    const { element, press, settled, worker } = await open(sheet());
    await press('Suggest others');
    for (let i = 0; i < 20; i++) await Promise.resolve();
    worker.drain();
    await settled();
    const names = () => [...element.querySelectorAll('nw-home-item h2')].map((one) => one.textContent);
    expect(names().length).toBeGreaterThan(1);
    await press('As it was before');
    expect(names()).toHaveLength(1);
  });

  it('shows an exercise as the sheet pins it, though the library has another by now', async () => {
    const rise = byId.get('two-foot-rise');
    if (!rise) throw new RangeError('two-foot-rise');
    const older = { ...rise, revision: 'abcdef0123456789', exercise: { ...rise.exercise, purpose: 'As it was.' } };
    const pinned = sheet({ items: [item('two-foot-rise', { revision: older.revision })] });
    expect((await open(pinned, { revisions: [older] })).trades()).toHaveLength(3);
  });

  it('on another level asks what that level asks', async () => {
    const stand = byId.get('one-leg-stand');
    const usual = stand?.exercise.ladder?.rungs.find(({ id }) => id === 'free')?.doses.usual ?? [];
    const { element, settled } = await open(
      sheet({ items: [item('one-leg-stand', { dose: stand?.exercise.doses.usual ?? [] })] }),
    );
    const level = element.querySelector<HTMLSelectElement>('nw-home-item select');
    if (!level) throw new RangeError('no level');
    level.value = 'free';
    level.dispatchEvent(new Event('change'));
    await settled();
    const [hold] = usual;
    const shown = [...element.querySelectorAll<HTMLInputElement>('nw-home-item nw-dose-parts input')].map(
      ({ value }) => value,
    );
    expect(hold?.kind === 'hold' ? shown : []).toContain(hold?.kind === 'hold' ? String(hold.holdSeconds) : '');
  });

  it('while others can see the screen, says nobody by name and nothing that they have', async () => {
    const sore = { ...student, cautions: [{ concern: 'sore-achilles' as const, note: '', cleared: null }] };
    const { text, settled } = await open(sheet(), { students: [sore] });
    expect(text()).toContain('a sore Achilles tendon');
    TestBed.inject(WhoSees).set(true);
    await settled();
    expect(text()).not.toContain('Oswin');
    expect(text()).not.toContain('Achilles');
  });
});
