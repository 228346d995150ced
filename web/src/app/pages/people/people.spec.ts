import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideRouter } from '@angular/router';
import type { GroupPage as GroupAnswer, People, StandingRow } from '@core/contract';
import { type Student, newStudent } from '@core/roster';
import { MemoryStore } from '../../../testing/memory-store';
import { Outbox } from '../../data/outbox';
import { BrowserStore } from '../../data/browser-store';
import { deletedWords } from '../../data/student-file';
import { GroupPage } from '../group/group-page';
import { PeoplePage } from './people-page';

const updatedAt = '2026-01-01T00:00:00.000Z';
const group = { format: 1 as const, id: 'lunch', name: 'Thursday lunch', note: 'Ferry crew', archived: false };
const somebody = (id: string, name: string, more: Partial<Student> = {}): Student => ({
  ...newStudent(id, name, ['lunch']),
  consent: { date: '2026-01-01', by: 'self' },
  ...more,
});
const read = (student: Student) => ({ student, version: 1, updatedAt });
const mara = somebody('mara', 'Mara Lind', {
  age: '60-69',
  cautions: [{ concern: 'falls-or-faints', note: '', cleared: null }],
});
const una = somebody('una-p', 'Una Pebble', { consent: null });

async function open<T>(page: Type<T>, inputs: object, url: string, answer: object) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: () => ({ onAction: () => ({ subscribe: () => undefined }) }) } },
    ],
  });
  const fixture = TestBed.createComponent(page);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  await TestBed.inject(Outbox).ready;
  for (let i = 0; i < 10; i++) await Promise.resolve();
  http.expectOne(url).flush(answer);
  await fixture.whenStable();
  const element = fixture.nativeElement as HTMLElement;
  const settle = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
    await fixture.whenStable();
  };
  return {
    page: element,
    http,
    settle,
    words: () => element.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' '),
    others: async () => {
      element.querySelector<HTMLButtonElement>('mat-slide-toggle button')?.click();
      await settle();
    },
  };
}

describe('people', () => {
  const people: People = { groups: [{ group, version: 1 }], students: [read(mara), read(una)] };
  const openPeople = (answer: People = people) => open(PeoplePage, {}, '/api/people', answer);

  it('are listed with their group, what to mind, and whether measures are agreed', async () => {
    const { words } = await openPeople();
    expect(words()).toContain('2 people');
    expect(words()).toContain('Mara Lind Thursday lunch 60 to 69 falls, faints or dizziness');
    expect(words()).toContain('measures not agreed');
  });

  it('stand by their initials alone where others can see the screen, and what to mind is not shown', async () => {
    const { words, others } = await openPeople();
    await others();
    expect(words()).toContain('ML');
    expect(words()).not.toContain('Mara');
    expect(words()).not.toContain('falls');
  });

  it('are found by name and by group', async () => {
    const { page, words, settle } = await openPeople();
    const find = page.querySelector<HTMLInputElement>('input[type="search"]');
    if (!find) throw new Error('no field');
    find.value = 'una';
    find.dispatchEvent(new Event('input'));
    await settle();
    expect(words()).toContain('Una Pebble');
    expect(words()).not.toContain('Mara Lind');
    find.value = 'thursday';
    find.dispatchEvent(new Event('input'));
    await settle();
    expect(words()).toContain('Mara Lind');
  });

  it('stand in the list as soon as they are written down, and a name is asked for', async () => {
    const { page, words, settle, http } = await openPeople();
    const form = page.querySelector<HTMLFormElement>('.everybody form');
    const field = form?.querySelector('input');
    if (!form || !field) throw new Error('no form');
    form.dispatchEvent(new Event('submit'));
    await settle();
    expect(words()).toContain('A name is needed');
    field.value = 'Cy Dune';
    form.dispatchEvent(new Event('submit'));
    await settle();
    expect(words()).toContain('Cy Dune');
    const [put] = http.match((request) => request.method === 'PUT');
    expect(put?.request.body).toMatchObject({ basedOn: null, student: { name: 'Cy Dune', groupIds: [] } });
  });

  it('are explained where there is nobody', async () => {
    const { words } = await openPeople({ groups: [], students: [] });
    expect(words()).toContain('Nobody here yet');
    expect(words()).toContain('Who only drops in needs no record');
  });
});

describe('a group', () => {
  const standing = (more: Partial<StandingRow>): StandingRow => ({
    studentId: 'mara',
    protocol: 'knee-to-wall',
    foot: 'left',
    series: '|0|floor|bare|as-asked|before',
    dates: 4,
    date: '2026-01-10',
    again: null,
    value: 9.5,
    verdict: 'within-noise',
    words: 'no change that this method could show; it would take 2 cm',
    ...more,
  });
  const answer = (standings: readonly StandingRow[], judged = 400): GroupAnswer => ({
    group,
    version: 1,
    students: [read(mara), read(una)],
    standings: [...standings],
    judged,
  });
  const openGroup = (standings: readonly StandingRow[]) =>
    open(GroupPage, { id: 'lunch' }, '/api/people/groups/lunch', answer(standings));

  it('shows where everybody stands, and what changed apart from what only perhaps did', async () => {
    const { words, page } = await openGroup([
      standing({ verdict: 'changed', words: 'changed: 3 cm more, about 4 times the noise' }),
      standing({ foot: 'right', value: 8, verdict: 'perhaps', words: 'perhaps 2 cm more' }),
    ]);
    expect(words()).toContain('9.5 / 8.0');
    const titles = [...page.querySelectorAll('aside h2')].map(({ textContent }) => textContent.trim());
    expect(titles).toEqual(['Changed', 'Perhaps: look again', 'What helped']);
  });

  it('says how many changes chance alone makes: 0.006 of the readings judged', async () => {
    const { words } = await openGroup([standing({})]);
    expect(words()).toContain('400 readings were judged in all. Chance alone makes about 2 changes of so many.');
  });

  it('says whom to look at again once the day has come, and not before', async () => {
    const due = await openGroup([standing({ again: '2020-01-01' })]);
    expect(due.words()).toContain('knee to wall: 1 to look at again');
    TestBed.resetTestingModule();
    const later = await openGroup([standing({ again: '2090-01-01' })]);
    expect(later.words()).not.toContain('to look at again');
  });

  it('shows somebody who was written down while the server is away', async () => {
    const { page, words, settle } = await openGroup([]);
    const name = page.querySelector<HTMLInputElement>('form input')!;
    name.value = 'Wim Late';
    page.querySelector('form')?.dispatchEvent(new Event('submit'));
    await settle();
    expect(words()).toContain('Wim Late');
  });

  it('says nothing of changes inside the noise', async () => {
    const { page } = await openGroup([standing({})]);
    expect([...page.querySelectorAll('aside h2')].map(({ textContent }) => textContent)).toEqual(['What helped']);
  });

  it('says that nothing is known where no class has answered, and not where the server failed to say', async () => {
    const { http, words, settle } = await openGroup([]);
    http.expectOne('/api/people/groups/lunch/helped').flush({ answers: [], names: {} });
    await settle();
    expect(words()).toContain('Nothing is known yet.');
    TestBed.resetTestingModule();
    const failed = await openGroup([]);
    failed.http.expectOne('/api/people/groups/lunch/helped').error(new ProgressEvent('offline'));
    await failed.settle();
    expect(failed.words()).toContain('What helped cannot be shown');
    expect(failed.words()).not.toContain('Nothing is known yet.');
  });

  it('tells what helped in its classes, in the order of the newest class and never best first', async () => {
    const { http, words, settle } = await openGroup([]);
    // nothing is said of it before it is known
    expect(words()).not.toContain('Nothing is known yet.');
    const at = (day: number) => `2026-03-0${day}T12:00:00.000Z`;
    http.expectOne('/api/people/groups/lunch/helped').flush({
      // newest class first, as the server has them
      answers: [
        { exerciseId: 'band', at: at(5), answer: 'worse' },
        { exerciseId: 'ball', at: at(5), answer: 'better' },
        { exerciseId: 'band', at: at(4), answer: 'worse' },
        { exerciseId: 'ball', at: at(4), answer: 'same' },
        { exerciseId: 'ball', at: at(3), answer: 'better' },
        { exerciseId: 'ball', at: at(2), answer: 'better' },
      ],
      names: { ball: 'Ball along the sole', band: 'Band: turn the foot out' },
    });
    await settle();
    expect(words()).toMatch(
      /Band: turn the foot out worse, worse · worse twice running: keep it\? Ball along the sole better 3 of 4 times better 0 in 10 after everything else/,
    );
  });
});

describe('what is left of somebody who was deleted', () => {
  it('is nothing, or the copies that hold it until their files go', () => {
    expect(deletedWords([])).toContain('No copy');
    const copy = { name: 'needlework.sqlite.before-migration-6', madeAt: updatedAt, until: null };
    expect(deletedWords([copy])).toContain(
      'One copy of everything still holds it, until you delete it on the page “Safe keeping”',
    );
    const daily = { name: 'needlework-2026-01-05-daily.sqlite', madeAt: updatedAt, until: '2027-01-06' };
    expect(deletedWords([daily])).toContain('holds it, until 6 Jan 2027 at the latest, or until you delete it');
    expect(deletedWords([copy, daily, daily])).toContain(
      '3 copies of everything still hold it: those that made themselves until 6 Jan 2027 at the latest, 1 of them until you delete it',
    );
  });
});
