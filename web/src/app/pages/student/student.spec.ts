import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import type { StudentPage as Answer } from '@core/contract';
import { type Reading, dateOf, dayOf } from '@core/measure';
import { type LadderNote, type Student, newStudent } from '@core/roster';
import { numbers, sampleReading } from '@core/testing/sample-reading';
import { MemoryStore } from '../../../testing/memory-store';
import { builtIn } from '../../../testing/built-in';
import { BrowserStore } from '../../data/browser-store';
import { Outbox } from '../../data/outbox';
import { today } from '../../parts/saying/date-words';
import { Trend } from '../../parts/trend/trend';
import { Measured } from './measured';
import { StudentPage } from './student-page';

/** jsdom draws nothing: the chart is tried in the browser. */
@Component({ selector: 'nw-trend', template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class NoTrend {
  readonly history = input();
  readonly foot = input();
  readonly series = input();
}

const somebody: Student = { ...newStudent('mara', 'Mara Lind'), consent: { date: '2026-01-01', by: 'self' } };
const ago = (days: number) => dateOf(dayOf(today()) - days);

async function open(
  student: Student,
  readings: readonly Reading[] = [],
  notes: readonly LadderNote[] = [],
  takenOut: readonly Reading[] = [],
) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      {
        provide: MatSnackBar,
        useValue: { open: () => ({ onAction: () => ({ subscribe: () => undefined }) }) },
      },
    ],
  });
  TestBed.overrideComponent(Measured, { remove: { imports: [Trend] }, add: { imports: [NoTrend] } });
  const fixture = TestBed.createComponent(StudentPage);
  fixture.componentRef.setInput('id', student.id);
  fixture.detectChanges();
  await TestBed.inject(Outbox).ready;
  const http = TestBed.inject(HttpTestingController);
  const answer: Answer = {
    student,
    version: 3,
    updatedAt: '2026-01-01T00:00:00.000Z',
    readings: [...readings],
    takenOut: [...takenOut],
    notes: [...notes],
    noise: {},
    copies: [],
  };
  const settle = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
    await fixture.whenStable();
  };
  await settle();
  http.expectOne(`/api/people/students/${student.id}`).flush(answer);
  await settle();
  const page = fixture.nativeElement as HTMLElement;
  // before the groups are known nothing stands there that would move when they come
  expect(page.querySelector('nw-who section')).toBeNull();
  for (const request of http.match('/api/people')) request.flush({ groups: [], students: [] });
  await settle();
  for (const request of http.match((asked) => asked.url === '/api/exercises'))
    request.flush({ exercises: builtIn, gone: [], whole: true, at: '2026-01-01T00:00:00.000Z', next: null });
  await settle();
  return { page, http, settle, words: () => page.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ') };
}

describe('a student', () => {
  it('says of each caution what it does to classes, and that a clinician comes first', async () => {
    const { words } = await open({
      ...somebody,
      cautions: [{ concern: 'sore-achilles', note: 'left', cleared: null }],
    });
    expect(words()).toMatch(/\d+ exercises left out/);
    expect(words()).toContain('Ask a clinician; local rules come first.');
  });

  it('under age minds growing feet without anybody saying so, and a parent may agree', async () => {
    const { words } = await open({ ...somebody, age: '12-17', consent: null });
    expect(words()).toContain('growing feet by age');
    expect(words()).toContain('A parent agrees');
    expect(words()).not.toContain('Take a reading');
  });

  it('is asked a minute of questions before the first class: a yes is minded, or ends it until a clinician has looked', async () => {
    const { page, words, settle, http } = await open(somebody);
    const box = (of: string) =>
      [...page.querySelectorAll('nw-first-class label')]
        .find(({ textContent }) => textContent.includes(of))
        ?.querySelector<HTMLInputElement>('input');
    box('Brittle bones')?.click();
    await settle();
    expect(words()).toContain('brittle bones take out');
    box('Pain at rest')?.click();
    await settle();
    // the sign goes behind the record it belongs to
    TestBed.inject(Outbox).flush('student:mara');
    await settle();
    http.expectOne(({ method }) => method === 'PUT').flush({ version: 4 });
    await settle();
    const stop = http.match(({ url }) => url.startsWith('/api/notes/'));
    expect(stop[0]?.request.body).toMatchObject({ exerciseId: null, what: { kind: 'stop' } });
  });

  it('with growing feet has a list for a qualified teacher and a clinician, and no verdict', async () => {
    const { words } = await open({ ...somebody, age: '12-17' });
    expect(words()).toContain('Before pointe work');
    expect(words()).toContain('Needlework gives no verdict');
  });

  it('shows where each foot stands on its ladders, and what that says', async () => {
    const note = (what: LadderNote['what'], date: string, id: string): LadderNote => ({
      id,
      studentId: 'mara',
      exerciseId: 'one-leg-stand',
      foot: 'both',
      date,
      what,
      by: '',
    });
    const { words } = await open(
      { ...somebody, age: '18-39' },
      [],
      [
        note({ kind: 'placed', rungId: 'three-fingers', why: 'begins', note: '' }, ago(20), 'note-1'),
        note({ kind: 'missed', rungId: 'three-fingers' }, ago(3), 'note-2'),
      ],
    );
    expect(words()).toContain('Stand on one leg L three fingertips R three fingertips');
    expect(words()).toContain('30 s clean twice: left 0 of 2, right 0 of 2');
  });

  it('is saved on the version it was read with, once typing has come to rest', async () => {
    const { page, http, settle } = await open(somebody);
    const aims = page.querySelector<HTMLInputElement>('nw-who input[maxlength="200"]');
    if (!aims) throw new Error('no field');
    aims.value = 'To dance again';
    aims.dispatchEvent(new Event('change'));
    await settle();
    http.expectNone((request) => request.method === 'PUT');
    TestBed.inject(Outbox).flush('student:mara');
    await settle();
    const [put] = http.match((request) => request.method === 'PUT');
    expect(put?.request.body).toMatchObject({ basedOn: 3, student: { aims: 'To dance again' } });
  });

  it('is deleted only after a second word, which says what goes', async () => {
    const { page, words, settle, http } = await open(somebody);
    const press = async (name: string) => {
      [...page.querySelectorAll('button')].find(({ textContent }) => textContent.trim() === name)?.click();
      await settle();
    };
    await press('Delete …');
    expect(words()).toContain('All that is known of Mara Lind goes, with every reading');
    http.expectNone((request) => request.method === 'DELETE');
    await press('Really delete');
    http.expectOne((request) => request.method === 'DELETE');
  });

  it('shows nothing of itself where others can see the screen', async () => {
    const { page, words, settle } = await open({
      ...somebody,
      cautions: [{ concern: 'pregnancy', note: '', cleared: null }],
    });
    page.querySelector<HTMLButtonElement>('mat-slide-toggle button')?.click();
    await settle();
    expect(words()).toContain('ML');
    expect(words()).not.toContain('pregnancy');
  });
});

describe('what was measured', () => {
  const wall = (days: number, value: number, more: Partial<Reading> = {}) =>
    sampleReading({ studentId: 'mara', date: ago(days), value: numbers(value, value, value), ...more });

  it('says for each foot where it stands, what it tells and when to look again', async () => {
    const { words } = await open(somebody, [
      wall(60, 8),
      wall(30, 8.5),
      wall(60, 6, { foot: 'right' }),
      wall(30, 9, { foot: 'right' }),
    ]);
    expect(words()).toContain('L left 8.5 cm no change that this method could show');
    expect(words()).toContain('R right 9.0 cm changed: 3 cm more, about 4 times the noise');
    expect(words()).toContain('look again from');
  });

  it('opens to all readings as a table, with what is published beside them and its mark', async () => {
    const { page, words, settle } = await open({ ...somebody, age: '60-69' }, [
      wall(60, 12, { protocol: 'one-leg-stand' }),
      wall(30, 14, { protocol: 'one-leg-stand' }),
    ]);
    page.querySelector<HTMLButtonElement>('nw-measured .name')?.click();
    await settle();
    expect(page.querySelectorAll('nw-measured tbody tr')).toHaveLength(2);
    expect(words()).toContain('People of 60 to 69: 30.4 s in the mean');
    expect(words()).toContain('published, to be confirmed');
    expect(words()).toContain('It enters no verdict.');
  });

  it('judges anew what came after a reading that is taken out', async () => {
    const { page, words, settle } = await open(somebody, [wall(90, 8), wall(60, 11), wall(30, 11)]);
    expect(words()).not.toContain('the first reading');
    page.querySelector<HTMLButtonElement>('nw-measured .name')?.click();
    await settle();
    const out = [...page.querySelectorAll<HTMLButtonElement>('nw-measured tbody button')];
    out[2]?.click();
    await settle();
    expect(page.querySelectorAll('nw-measured tbody tr')).toHaveLength(2);
    expect(words()).toContain('the first reading: the next one can be compared with it');
  });

  it('brings back what was taken out, also long ago', async () => {
    const { page, words, settle } = await open(somebody, [wall(30, 11)], [], [wall(90, 8)]);
    expect(words()).toContain('the first reading');
    expect(words()).toContain('1 reading taken out');
    page.querySelector<HTMLButtonElement>('.out button')?.click();
    await settle();
    expect(words()).toContain('changed: 3 cm more');
    expect(words()).not.toContain('taken out');
  });

  it('names other conditions, and keeps their rows apart', async () => {
    const { words } = await open(somebody, [
      wall(60, 8),
      wall(60, 10, { conditions: { ...sampleReading().conditions, work: 'after', footwear: 'socks' } }),
    ]);
    expect(words()).toContain('in socks, after the work');
    expect(words()).toContain('taken under other conditions: a new row begins');
  });

  it('writes down what helped with two taps, and says no more than it may', async () => {
    const { page, words, settle } = await open(somebody);
    const which = page.querySelector<HTMLSelectElement>('select[aria-label="After which exercise"]')!;
    const press = async (answer: string) => {
      which.value = 'ball-along-the-sole';
      which.dispatchEvent(new Event('change'));
      await settle();
      [...page.querySelectorAll('button')].find(({ textContent }) => textContent.trim() === answer)?.click();
      await settle();
    };
    await press('better');
    expect(words()).toContain('Ball along the sole better');
    // one a date: what was said last
    await press('worse');
    expect(words()).toContain('Ball along the sole worse');
    expect(words()).not.toContain('worse twice');
    expect(page.querySelector('nw-levels li')).toBeNull();
  });

  it('is empty with the next step', async () => {
    const { words } = await open(somebody);
    expect(words()).toContain('Take a first reading');
  });
});
