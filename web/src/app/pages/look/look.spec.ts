import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { GroupReadings } from '@core/contract';
import { type OwnProtocol, type Reading, dateOf, dayOf, newProtocol, noiseFrom, ownNumber } from '@core/measure';
import { type Student, newStudent } from '@core/roster';
import { numbers, sampleReading, word } from '@core/testing/sample-reading';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { today } from '../../parts/saying/date-words';
import { LookPage } from './look-page';
import { LookSession } from './look-session';
import { readTrials } from './read-trials';

const somebody = (id: string, name: string, consent = true): Student => ({
  ...newStudent(id, name, ['lunch']),
  consent: consent ? { date: '2026-01-01', by: 'self' } : null,
});
const mara = somebody('mara', 'Mara Lind');
const bo = somebody('bo-a', 'Bo Arn');
const una = somebody('una-p', 'Una Pebble', false);

/** Whatever waits for the browser's store has been done. */
const soon = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};

/** A look at three people of a group, one of whom has not agreed. */
async function look(check: string, readings: readonly Reading[] = [], own: readonly OwnProtocol[] = []) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
    ],
  });
  const fixture = TestBed.createComponent(LookPage);
  fixture.componentRef.setInput('id', 'lunch');
  fixture.componentRef.setInput('whom', 'group');
  fixture.componentRef.setInput('check', check);
  fixture.detectChanges();
  const http = TestBed.inject(HttpTestingController);
  const students = [mara, bo, una].map((student) => ({ student, version: 1, updatedAt: '2026-01-01T00:00:00.000Z' }));
  const answer: GroupReadings = { students, readings: [...readings], notes: [], noise: {} };
  http.expectOne((request) => request.url === '/api/people/groups/lunch/readings').flush(answer);
  http.expectOne('/api/protocols').flush({ protocols: own.map((protocol) => ({ version: 1, readings: 0, protocol })) });
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  const row = (n: number) => {
    const found = page.querySelectorAll<HTMLElement>('nw-look-row')[n];
    if (!found) throw new Error(`no row ${n}`);
    return found;
  };
  const settle = async () => {
    await soon();
    await fixture.whenStable();
  };
  return {
    page,
    http,
    row,
    settle,
    session: fixture.debugElement.injector.get(LookSession),
    words: (of: HTMLElement = page) => of.textContent.replace(/\s+/g, ' '),
    /** Types trials into the fields of a foot and leaves them. */
    type: async (n: number, foot: 'left' | 'right', ...typed: string[]) => {
      const cells = [...row(n).querySelectorAll<HTMLInputElement>(`input[data-foot="${foot}"]`)];
      typed.forEach((text, i) => {
        const cell = cells[i];
        if (cell) cell.value = text;
      });
      cells[0]?.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
      await settle();
    },
    /** What has gone to the server. */
    sent: async () => {
      await settle();
      return http.match(() => true).map(({ request }) => request);
    },
  };
}

const body = (request: { readonly body: unknown }) => request.body as Reading;
const earlier = (value: Reading['value'], more: Partial<Reading> = {}) =>
  sampleReading({ studentId: 'mara', date: dateOf(dayOf(today()) - 30), value, ...more });

describe('a look by keyboard', () => {
  it('takes what was typed for a foot when its fields are left, and says what it tells', async () => {
    const { type, row, words, sent } = await look('knee-to-wall', [earlier(numbers(8, 8, 8))]);
    expect(words(row(0))).toContain('last 8.0 cm');
    await type(0, 'left', '11', '11,5', '11');
    expect(words(row(0))).toContain('changed: 3 cm more');
    const [put] = await sent();
    expect(put?.method).toBe('PUT');
    expect(put && body(put)).toMatchObject({
      studentId: 'mara',
      protocol: 'knee-to-wall',
      foot: 'left',
      value: { kind: 'number', trials: [11, 11.5, 11] },
    });
  });

  it('takes and judges a check of the teacher’s own as any other', async () => {
    const lift: OwnProtocol = {
      ...newProtocol('heel-lift', 'heel lifted from a step'),
      steps: ['Stand on the step.'],
      result: { ...ownNumber('cm'), practice: false, noise: noiseFrom('raw', 0.5) },
    };
    const before = earlier(numbers(6, 6, 6), { protocol: 'heel-lift' });
    const { type, row, words, sent, page } = await look('heel-lift', [before], [lift]);
    expect(page.querySelector('select')?.value).toBe('heel-lift');
    expect(words()).toContain('Stand on the step.');
    await type(0, 'left', '8', '8', '8');
    expect(words(row(0))).toContain('changed: 2 cm more');
    const [put] = await sent();
    expect(put && body(put)).toMatchObject({ protocol: 'heel-lift', value: { trials: [8, 8, 8] } });
  });

  it('puts a reading right by taking the wrong one out and the right one in', async () => {
    const { type, sent, session } = await look('knee-to-wall');
    await type(0, 'left', '8', '8', '8');
    await type(0, 'left', '9', '9', '9');
    expect(
      session
        .ofStudents()
        .get('mara')
        ?.map(({ value }) => value),
    ).toEqual([numbers(9, 9, 9)]);
    // one after the other to one student: the first is still on its way
    expect((await sent()).map(({ method }) => method)).toEqual(['PUT']);
  });

  it('takes nothing where nothing was typed, and takes a reading out where its fields were emptied', async () => {
    const { type, session, sent } = await look('knee-to-wall');
    await type(0, 'left');
    expect(await sent()).toEqual([]);
    await type(0, 'left', '8', '8', '8');
    await type(0, 'left', '', '', '');
    expect(session.ofStudents().get('mara')).toBeUndefined();
  });

  it.each([
    ['what is no number', 'eight', '“eight” is not a number'],
    ['what no foot gives: degrees typed as centimetres', '85', 'Is the unit right?'],
  ])('refuses %s, and leaves what was typed', async (_what, typed, why) => {
    const { type, row, words, sent } = await look('knee-to-wall');
    await type(0, 'left', typed);
    expect(words(row(0))).toContain(why);
    expect(row(0).querySelector('input')?.value).toBe(typed);
    expect(await sent()).toEqual([]);
  });

  it('asks about trials that differ wildly; it stands when somebody says so', async () => {
    const { type, row, words, settle, session } = await look('knee-to-wall');
    await type(0, 'left', '5', '5.5', '9');
    expect(words(row(0))).toContain('the trials differ more than this check scatters');
    const stands = [...row(0).querySelectorAll('button')].find(({ textContent }) => textContent.includes('It stands'));
    stands?.click();
    await settle();
    expect(words(row(0))).toContain('5.5 cm first');
    expect(session.ofStudents().get('mara')).toMatchObject([{ stands: true }]);
  });

  it('asks when the toe passes the hand, and says the gap where both were taken', async () => {
    const hand = earlier(numbers(80, 80, 80), { protocol: 'big-toe-by-hand', date: today() });
    const { type, row, words } = await look('big-toe-unaided', [hand]);
    await type(0, 'left', '86', '86', '86');
    expect(words(row(0))).toContain('more on its own than by hand, which cannot be');
    await type(0, 'left', '60', '60', '60');
    expect(words(row(0))).toContain('gap 20°');
  });

  it('has no fields for who has not agreed, and says where that is noted', async () => {
    const { row, words } = await look('knee-to-wall');
    expect(row(2).querySelectorAll('input')).toHaveLength(0);
    expect(words(row(2))).toContain('Measures are not agreed');
    expect(row(2).querySelector('.no-consent a')?.getAttribute('href')).toBe('/people/una-p');
  });

  it('counts what is taken of those who have agreed', async () => {
    const { type, words } = await look('knee-to-wall');
    await type(0, 'left', '8', '8', '8');
    expect(words()).toContain('1 of 4 taken');
  });

  it('moves on with Enter, and up and down between people', async () => {
    const { page, row } = await look('knee-to-wall');
    document.body.append(page);
    const cells = (n: number) => [...row(n).querySelectorAll('input')];
    const press = (key: string) =>
      document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    cells(0)[5]?.focus();
    press('Enter');
    expect(document.activeElement).toBe(cells(1)[0]);
    press('ArrowUp');
    expect(document.activeElement).toBe(cells(0)[0]);
    press('ArrowDown');
    expect(document.activeElement).toBe(cells(1)[0]);
    page.remove();
  });
});

describe('a look with one tap', () => {
  const tap = (of: HTMLElement, words: string, n = 0) =>
    [...of.querySelectorAll<HTMLButtonElement>('button')]
      .filter(({ textContent }) => textContent.trim() === words)
      [n]?.click();

  it('takes an answer, and takes it back with the same tap', async () => {
    const { row, session, settle } = await look('knee-in-line');
    tap(row(0), 'no');
    await settle();
    expect(session.ofStudents().get('mara')).toMatchObject([{ foot: 'left', value: word('no') }]);
    tap(row(0), 'no');
    await settle();
    expect(session.ofStudents().get('mara')).toBeUndefined();
  });

  it('takes the exceptions first and everybody else with one more tap: all kept the ball but one', async () => {
    const { page, row, session, settle, words } = await look('ball-kept');
    tap(row(0), 'dropped');
    await settle();
    const rest = page.querySelector<HTMLElement>('.rest');
    if (rest) tap(rest, 'all kept');
    await settle();
    expect(session.ofStudents().get('mara')).toMatchObject([{ foot: 'both', value: word('dropped') }]);
    expect(session.ofStudents().get('bo-a')).toMatchObject([{ foot: 'both', value: word('all kept') }]);
    expect(session.ofStudents().get('una-p')).toBeUndefined();
    expect(words()).toContain('2 of 2 taken');
  });

  it('takes the hour at which a circle sticks, nowhere too, and refuses the thirteenth', async () => {
    const { row, settle, session, words } = await look('circle-sticks');
    const type = async (text: string) => {
      const cell = row(0).querySelector<HTMLInputElement>('input');
      if (!cell) throw new Error('no field');
      cell.value = text;
      cell.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
      await settle();
    };
    await type('13');
    expect(words(row(0))).toContain('An hour from 1 to 12');
    await type('0');
    expect(session.ofStudents().get('mara')).toMatchObject([{ value: { kind: 'clock', hour: null } }]);
  });
});

describe('one trial after the other', () => {
  it('fills the usual tries, and a further one takes the place of the last', async () => {
    const { session } = await look('one-leg-stand');
    for (const seconds of [12.34, 15, 11, 20]) session.addTrial('mara', 'left', seconds);
    expect(session.ofStudents().get('mara')).toMatchObject([{ value: { trials: [12.3, 15, 20] } }]);
  });

  it('of a tracing gives width and both areas at once', async () => {
    const { session } = await look('base-of-support');
    session.addTrial('mara', 'left', 9.5, 'base-of-support');
    session.addTrial('mara', 'left', 61, 'tripod-area');
    expect(
      session
        .ofStudents()
        .get('mara')
        ?.map(({ protocol }) => protocol),
    ).toEqual(['base-of-support', 'tripod-area']);
  });
});

describe('typed trials', () => {
  it('may have a comma, and may be left out', () => {
    expect(readTrials(['8,5', ' ', '9'])).toEqual({ ok: true, value: [8.5, 9] });
    expect(readTrials(['8.5cm'])).toEqual({ ok: false, error: '8.5cm' });
    expect(readTrials(['−2'])).toEqual({ ok: true, value: [-2] });
  });
});
