import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { Subject } from 'rxjs';
import { dateOf, dayOf } from '@core/measure';
import { type LadderNote, type Student, newStudent } from '@core/roster';
import { builtIn } from '../../../testing/built-in';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { Outbox } from '../../data/outbox';
import { today } from '../../parts/saying/date-words';
import { LaddersPage } from './ladders-page';

const somebody = (id: string, name: string, consent = true): Student => ({
  ...newStudent(id, name, ['lunch']),
  age: '18-39',
  consent: consent ? { date: '2026-01-01', by: 'self' } : null,
});
const ago = (days: number) => dateOf(dayOf(today()) - days);
let made = 0;
const note = (studentId: string, days: number, what: LadderNote['what']): LadderNote => ({
  id: `note-${made++}`,
  studentId,
  exerciseId: 'one-leg-stand',
  foot: 'both',
  date: ago(days),
  what,
  by: '',
});
const placed = (id: string, rungId = 'three-fingers') =>
  note(id, 30, { kind: 'placed', rungId, why: 'begins', note: '' });
const clean = (id: string, days: number) =>
  note(id, days, {
    kind: 'clean',
    rungId: 'three-fingers',
    value: 30,
    conditions: { surface: 'floor', footwear: 'bare' },
  });

/** Three people on one leg, one of whom has not agreed. */
async function open(notes: readonly LadderNote[]) {
  const action = new Subject<void>();
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: () => ({ onAction: () => action }) } },
    ],
  });
  const fixture = TestBed.createComponent(LaddersPage);
  fixture.componentRef.setInput('id', 'lunch');
  fixture.componentRef.setInput('exercise', 'one-leg-stand');
  fixture.detectChanges();
  await TestBed.inject(Outbox).ready;
  const http = TestBed.inject(HttpTestingController);
  const settle = async () => {
    for (let i = 0; i < 30; i++) await Promise.resolve();
    await fixture.whenStable();
  };
  await settle();
  const students = [somebody('mara', 'Mara Lind'), somebody('bo-a', 'Bo Arn'), somebody('una-p', 'Una Pebble', false)];
  const answer = {
    students: students.map((student) => ({ student, version: 1, updatedAt: '2026-01-01T00:00:00.000Z' })),
    readings: [],
    notes,
    noise: {},
  };
  const reply = async () => {
    for (const request of http.match(({ url }) => url === '/api/people/groups/lunch/readings'))
      if (!request.cancelled) request.flush(answer);
    for (const request of http.match(({ url }) => url === '/api/exercises'))
      request.flush({ exercises: builtIn, gone: [], whole: true, at: '2026-01-01T00:00:00.000Z', next: null });
    await settle();
  };
  await reply();
  await reply();
  const page = fixture.nativeElement as HTMLElement;
  const row = (n: number) => {
    const found = page.querySelectorAll<HTMLElement>('tbody tr')[n];
    if (!found) throw new Error(`no row ${n}`);
    return found;
  };
  return {
    page,
    row,
    settle,
    words: (of: HTMLElement = page) => of.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' '),
    press: async (of: HTMLElement, words: string) => {
      [...of.querySelectorAll('button')].find(({ textContent }) => textContent.trim() === words)?.click();
      await settle();
    },
    takeBack: async () => {
      action.next();
      await settle();
    },
  };
}

describe('a group on a ladder', () => {
  it('shows each foot on its level, and who is ready for more with the reason', async () => {
    const { row, words } = await open([placed('mara'), clean('mara', 8), clean('mara', 1), placed('bo-a')]);
    expect(words(row(0))).toContain('ready for “one fingertip”, at its least dose: 30 s clean twice: both feet passed');
    expect(words(row(1))).toContain('not looked at on this level yet');
    expect(words()).toContain('1 ready for more');
  });

  it('notes with one tap what was seen, and one step takes it back', async () => {
    const { row, words, press, takeBack } = await open([placed('bo-a')]);
    await press(row(1), 'Seen clean');
    expect(words(row(1))).toContain('30 s clean twice: left 1 of 2, right 1 of 2');
    await takeBack();
    expect(words(row(1))).toContain('not looked at on this level yet');
  });

  it('takes a step up on both feet at once, and counts from then on', async () => {
    const { row, words, press } = await open([placed('mara'), clean('mara', 8), clean('mara', 1)]);
    await press(row(0), 'Up to one fingertip');
    expect(words(row(0))).toContain('not looked at on this level yet');
  });

  it('places with a tap on a level, which is the teacher’s word', async () => {
    const { row, words, settle } = await open([]);
    expect(words(row(0))).toContain('most begin with “five fingertips”');
    row(0).querySelectorAll<HTMLButtonElement>('td.rung button')[2]?.click();
    await settle();
    expect(row(0).querySelectorAll('td.rung')[2]?.textContent).toContain('L');
  });

  it('keeps what the teacher says to a placing, and tells it', async () => {
    const { page, row, words, settle } = await open([placed('mara')]);
    const why = page.querySelector<HTMLInputElement>('.about input[type="text"]')!;
    why.value = 'saw it in rehearsal';
    row(0).querySelectorAll<HTMLButtonElement>('td.rung button')[3]?.click();
    await settle();
    expect(words(row(0))).toContain('your word: “saw it in rehearsal”');
    expect(why.value).toBe('');
  });

  it('lets the others begin together, and all the others be seen clean together', async () => {
    const { page, words, press } = await open([placed('mara')]);
    await press(page, 'put the others here');
    expect(words()).not.toContain('1 not on this ladder ·');
    await press(page, 'All the others: seen clean');
    expect(words().match(/left 1 of 2, right 1 of 2/g)).toHaveLength(2);
  });

  it('keeps nothing of who has not agreed', async () => {
    const { row, words } = await open([]);
    expect(words(row(2))).toContain('Measures are not agreed');
  });
});
