import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import { type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import type { Reading } from '@core/measure';
import { type LadderNote, type Student, newStudent } from '@core/roster';
import { numbers, sampleReading } from '@core/testing/sample-reading';
import { builtIn, named } from '../../../../testing/built-in';
import { MemoryStore } from '../../../../testing/memory-store';
import { BrowserStore } from '../../../data/browser-store';
import { Outbox } from '../../../data/outbox';
import { PlanStore } from '../plan-store';
import { WhoDialog } from './who-dialog';

const updatedAt = '2026-01-01T00:00:00.000Z';
const group = { format: 1 as const, id: 'lunch', name: 'Thursday lunch', note: '', archived: false };
const somebody = (id: string, name: string, more: Partial<Student> = {}): Student => ({
  ...newStudent(id, name, ['lunch']),
  age: '18-39',
  consent: { date: '2026-01-01', by: 'self' },
  ...more,
});
const mara = somebody('mara', 'Mara Lind', { cautions: [{ concern: 'brittle-bones', note: '', cleared: null }] });
const bo = somebody('bo-a', 'Bo Arn');
const note = (studentId: string, rungId: string): LadderNote => ({
  id: `note-${studentId}`,
  studentId,
  exerciseId: 'one-leg-stand',
  foot: 'both',
  date: '2026-03-01',
  what: { kind: 'placed', rungId, why: 'begins', note: '' },
  by: '',
});

/** A class of standing on one leg and of small jumps, for a group of two. */
async function open(notes: readonly LadderNote[] = [], readings: readonly Reading[] = []) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      PlanStore,
      { provide: MAT_DIALOG_DATA, useExisting: PlanStore },
      { provide: MatDialogRef, useValue: {} },
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: () => ({ onAction: () => ({ subscribe: () => undefined }) }) } },
    ],
  });
  const items = ['one-leg-stand', 'small-jumps'].map((id, i) => {
    const { exercise, revision } = named(id);
    return { ...newItem(`item-${i}`, exercise, revision), ...(i === 0 ? { rungId: 'one-finger' } : {}) };
  });
  const plan: Plan = { ...newPlan('class-1', 'Quiet ankles', 1200), blocks: [newBlock('block-1', 'Stand', items)] };
  const store = TestBed.inject(PlanStore);
  store.open(plan, builtIn);
  const fixture = TestBed.createComponent(WhoDialog);
  fixture.detectChanges();
  await TestBed.inject(Outbox).ready;
  const http = TestBed.inject(HttpTestingController);
  const settle = async () => {
    for (let i = 0; i < 30; i++) await Promise.resolve();
    await fixture.whenStable();
  };
  const reply = async () => {
    await settle();
    const students = [mara, bo].map((student) => ({ student, version: 1, updatedAt }));
    for (const request of http.match('/api/people')) request.flush({ groups: [{ group, version: 1 }], students });
    for (const request of http.match(({ url }) => url === '/api/exercises'))
      request.flush({ exercises: builtIn, gone: [], whole: true, at: updatedAt, next: null });
    for (const request of http.match(({ url }) => url === '/api/people/groups/lunch/readings'))
      request.flush({ students, readings, notes, noise: {} });
    await settle();
  };
  await reply();
  const page = fixture.nativeElement as HTMLElement;
  return {
    page,
    store,
    settle,
    words: () => page.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' '),
    press: async (words: string) => {
      [...page.querySelectorAll('button')].find(({ textContent }) => textContent.includes(words))?.click();
      await settle();
    },
    choose: async (id: string) => {
      const select = page.querySelector('select');
      if (!select) throw new Error('no select');
      select.value = id;
      select.dispatchEvent(new Event('change'));
      await reply();
    },
  };
}

describe('whom a class is for', () => {
  it('is nobody in particular at first, and who drops in needs no record', async () => {
    const { words } = await open();
    expect(words()).toContain('Who only drops in needs no record');
  });

  it('is a group that is named: the class then knows how many come and what they have', async () => {
    const { choose, press, words, store } = await open();
    await choose('lunch');
    expect(store.plan()?.brief.groupId).toBe('lunch');
    expect(words()).toContain('2 people: 1 with brittle bones');
    await press('Let the class know');
    expect(store.plan()?.brief).toMatchObject({ people: 2, concerns: ['brittle-bones'] });
    expect(words()).toContain('The class knows.');
  });

  it('shows who does which option and why, with something near it where it is left out', async () => {
    const { choose, page, words, settle } = await open();
    await choose('lunch');
    const mark = page.querySelector<HTMLButtonElement>('button[aria-label^="Mara Lind, Small jumps"]');
    expect(mark?.textContent?.trim()).toBe('≠');
    mark?.click();
    await settle();
    expect(words()).toMatch(/Mara Lind, Small jumps[^:]*: left out: brittle bones\. .* Instead: /);
  });

  it('offers the options that suit, takes them, and puts the numbers on card and floor', async () => {
    const { choose, press, words, store } = await open([note('mara', 'five-fingers'), note('bo-a', 'free')]);
    await choose('lunch');
    await press('Offer:');
    const [stand] = itemsOf(store.plan()!);
    expect(stand).toMatchObject({ easier: { rungId: 'five-fingers' }, harder: { rungId: 'free' } });
    await press('Put these numbers on card and floor');
    expect(itemsOf(store.plan()!)[0]?.heads).toEqual({ main: 0, easier: 1, harder: 1, other: 0 });
    expect(words()).toContain('Card and floor have these numbers');
    store.undo();
    expect(itemsOf(store.plan()!)[0]?.heads).toBeNull();
  });

  it('says what to put out for those numbers', async () => {
    const { choose, press, words } = await open([note('mara', 'five-fingers'), note('bo-a', 'five-fingers')]);
    await choose('lunch');
    expect(words()).not.toContain('Put out for them');
    await press('Put these numbers on card and floor');
    expect(words()).toContain('Put out for them: chair × 2');
  });

  it('proposes the weaker foot first, or more for it, with the seconds it costs; and does what is chosen', async () => {
    const stands = (studentId: string) =>
      [1, 2, 3, 4].flatMap((month) =>
        (['left', 'right'] as const).map((foot) =>
          sampleReading({
            id: `reading-${studentId}-${month}-${foot}`,
            studentId,
            protocol: 'one-leg-stand',
            foot,
            date: `2026-0${month}-10`,
            value: numbers(...(foot === 'right' ? [4, 4, 4] : [30, 30, 30])),
            stands: true,
          }),
        ),
      );
    const { choose, press, words, store } = await open([], [...stands('mara'), ...stands('bo-a')]);
    await choose('lunch');
    expect(words()).toContain('Stand on one leg: 2 of 2 are weaker on the right by more than noise (one-leg stand).');
    expect(words()).toMatch(/right first, no time a little more, \+\d+ s one more set, \+\d+ s/);
    await press('one more set');
    expect(itemsOf(store.plan()!)[0]?.sides).toEqual({ mode: 'extra-set', weaker: 'right' });
    expect(words()).not.toContain('are weaker on');
  });
});
