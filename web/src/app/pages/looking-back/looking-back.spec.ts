import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { defaultSchool } from '@core/exercise';
import type { LadderNote } from '@core/roster';
import { newStudent } from '@core/roster';
import { builtIn } from '../../../testing/built-in';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { LibraryStore } from '../../data/library-store';
import { OwnProtocols } from '../../data/own-protocols';
import { Preferences } from '../../data/preferences';
import { WhoSees } from '../../data/who-sees';
import { today } from '../../parts/saying/date-words';
import { LookingBackPage } from './looking-back-page';

const ada = newStudent('ada-1', 'Ada Harbour', ['lunch']);
const now = today();
const note = (what: LadderNote['what'], exerciseId: string | null): LadderNote => ({
  id: `note-${what.kind}`,
  studentId: ada.id,
  exerciseId,
  foot: 'both',
  date: now,
  what,
  by: '',
});
const taught = (runId: string, startedAt: string, work: Readonly<Record<string, number>>) => ({
  runId,
  startedAt,
  title: 'Lunch',
  work,
});

async function open(of: 'group' | 'student', notes: readonly LadderNote[]) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: jest.fn() } },
      { provide: OwnProtocols, useValue: { all: signal([]), load: () => undefined } },
      {
        provide: LibraryStore,
        useValue: { byId: signal(new Map(builtIn.map((one) => [one.exercise.id, one]))), load: () => undefined },
      },
      {
        provide: Preferences,
        useValue: { school: signal(defaultSchool), weekly: signal({}), load: () => undefined },
      },
    ],
  });
  const fixture = TestBed.createComponent(LookingBackPage);
  fixture.componentRef.setInput('id', of === 'group' ? 'lunch' : ada.id);
  fixture.componentRef.setInput('of', of);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  const answer = (path: string, body: object) => http.expectOne(({ url }) => url === path).flush(body);
  const read = { student: ada, version: 1, updatedAt: `${now}T10:00:00.000Z` };
  const group = { format: 1, id: 'lunch', name: 'Thursday lunch', note: '', archived: false };
  if (of === 'group') {
    answer('/api/people/groups/lunch', { group, version: 1, students: [read], standings: [], judged: 0 });
    answer('/api/people/groups/lunch/readings', { students: [read], readings: [], notes, noise: {} });
    answer('/api/people/groups/lunch/helped', { answers: [], names: {} });
    answer('/api/homework/between', { homework: [], next: null });
  } else {
    answer('/api/people/students/ada-1', { ...read, readings: [], takenOut: [], notes, noise: {}, copies: [] });
    answer('/api/homework', { homework: [], next: null });
  }
  const noon = `${now}T12:00:00.000Z`;
  const before = new Date(Date.parse(noon) - 7 * 86_400_000).toISOString();
  answer('/api/runs/done', {
    taught: [
      taught('run-1', before, { 'two-foot-rise': 12 }),
      taught('run-2', noon, { 'two-foot-rise': 6, 'short-foot': 3 }),
    ],
  });
  await fixture.whenStable();
  fixture.detectChanges();
  const element = fixture.nativeElement as HTMLElement;
  return {
    settled: async () => {
      await fixture.whenStable();
      fixture.detectChanges();
    },
    text: () => element.textContent.replace(/\s+/g, ' '),
    bars: () => [...element.querySelectorAll('.bars tr')].map((row) => row.textContent.replace(/\s+/g, ' ').trim()),
  };
}

describe('looking back', () => {
  it('at a group says what was done, which ways, and the steps that were taken', async () => {
    const up = note({ kind: 'placed', rungId: 'tap', why: 'up', note: '' }, 'two-foot-rise');
    const { text, bars } = await open('group', [up]);
    expect(text()).toContain('2 classes, 21 min of work');
    expect(bars()).toEqual(
      ['Arch 3 min 14 %', 'Rises and strength 18 min 86 %'].map(
        (words) => expect.stringContaining(words.split(' ')[0] ?? '') as string,
      ),
    );
    expect(text()).toContain('“Foot down” had three times the minutes of “foot up”');
    expect(text()).toContain('Ada Harbour Rise on both feet: up to');
    expect(text()).toContain('Nothing was measured in these weeks.');
  });

  it('at a student counts the classes they were in, where that was written down', async () => {
    const { text } = await open('student', [note({ kind: 'present' }, null)]);
    expect(text()).toContain('1 class, 9 min of work');
  });

  it('at a student says so where nobody wrote down who came', async () => {
    const { text } = await open('student', []);
    expect(text()).toContain('2 classes, 21 min of work');
    expect(text()).toContain('Nobody wrote down who came');
  });

  it('to hand over names nobody', async () => {
    const up = note({ kind: 'placed', rungId: 'tap', why: 'up', note: '' }, 'two-foot-rise');
    const { text, settled } = await open('group', [up]);
    TestBed.inject(WhoSees).set(true);
    await settled();
    expect(text()).not.toContain('Ada Harbour');
  });
});
