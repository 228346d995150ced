import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router, provideRouter } from '@angular/router';
import { SaveProtocol } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import { type OwnProtocol, newProtocol, noiseFrom, ownNumber } from '@core/measure';
import { defaultPace } from '@core/plan';
import { builtIn } from '../../../testing/built-in';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { Outbox } from '../../data/outbox';
import { ChecksPage } from './checks-page';

const lift = newProtocol('heel-lift', 'heel lifted from a step');

async function open(id: string | undefined, own: readonly OwnProtocol[] = [], readings = 0) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
      { provide: MatSnackBar, useValue: { open: () => ({ onAction: () => ({ subscribe: () => undefined }) }) } },
    ],
  });
  const fixture = TestBed.createComponent(ChecksPage);
  fixture.componentRef.setInput('id', id);
  fixture.detectChanges();
  await TestBed.inject(Outbox).ready;
  const http = TestBed.inject(HttpTestingController);
  const settle = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
    await fixture.whenStable();
  };
  const protocols = own.map((protocol) => ({ version: 1, readings, protocol }));
  for (const request of http.match('/api/protocols')) request.flush({ protocols });
  for (const request of http.match('/api/preferences'))
    request.flush({ school: defaultSchool, pace: defaultPace(), words: [], weekly: {} });
  for (const request of http.match(({ url }) => url === '/api/exercises'))
    request.flush({ exercises: builtIn, gone: [], whole: true, at: '2026-01-01T00:00:00.000Z', next: null });
  await settle();
  const page = fixture.nativeElement as HTMLElement;
  const field = (label: string) => {
    const found = page.querySelector<HTMLInputElement & HTMLSelectElement>(`[aria-label="${label}"]`);
    if (!found) throw new Error(`no field ${label}`);
    return found;
  };
  return {
    page,
    settle,
    field,
    words: () => page.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' '),
    fill: async (label: string, value: string) => {
      field(label).value = value;
      field(label).dispatchEvent(new Event('change'));
      await settle();
    },
    press: async (words: string) => {
      [...page.querySelectorAll('button')].find(({ textContent }) => textContent.includes(words))?.click();
      await settle();
    },
    /** The newest protocol that waits to be sent. */
    sent: (of = 'heel-lift') => TestBed.inject(Outbox).newestOf(`protocol:${of}`, 'protocol')?.protocol,
  };
}

describe('the page of checks', () => {
  it('lists all that come with Needlework, and the teacher’s own before them', async () => {
    const { page, words } = await open(undefined, [lift, { ...newProtocol('old-one', 'old one'), away: true }]);
    expect(page.querySelectorAll('.columns nav a')).toHaveLength(2 + 31);
    expect(words()).toMatch(/Your own heel lifted from a step .* Put away old one With Needlework/);
  });

  it('says how a check is taken, what it gives, and on which exercise it stands in a class', async () => {
    const { words } = await open('one-leg-stand');
    expect(words()).toContain('A number in seconds on each foot, the best of 3 tries, ended at 45 s.');
    expect(words()).toContain('It can stand in a class for everybody, on “Stand on one leg”.');
    expect(words()).toContain('The clock runs from the foot leaving the floor.');
  });

  it('takes the change a week that the teacher expects, and gives Needlework’s back where it is left empty', async () => {
    const { fill, field, words } = await open('knee-to-wall');
    expect(field('Change expected in a week').value).toBe('0.1');
    await fill('Change expected in a week', '0,3');
    expect(words()).toContain('your own figure; Needlework’s is 0.1');
    const left = TestBed.inject(Outbox).newest('preferences');
    expect(left).toMatchObject({ preferences: { weekly: { 'knee-to-wall': 0.3 } } });
    await fill('Change expected in a week', '');
    expect(field('Change expected in a week').value).toBe('0.1');
    expect(words()).not.toContain('your own figure');
  });

  it('makes a check of one’s own of a name alone, and opens it', async () => {
    const { page, settle } = await open(undefined);
    const go = jest.spyOn(TestBed.inject(Router), 'navigate').mockResolvedValue(true);
    const name = page.querySelector<HTMLInputElement>('nav input')!;
    name.value = 'arch by feel';
    page.querySelector('nav form')?.dispatchEvent(new Event('submit'));
    await settle();
    const id = (go.mock.calls[0]?.[0] as readonly string[])[1] ?? '';
    const made = TestBed.inject(Outbox).newestOf(`protocol:${id}`, 'protocol');
    expect(made).toMatchObject({ basedOn: null, protocol: { name: 'arch by feel', short: 'arch by feel' } });
    expect(SaveProtocol.shape.protocol.safeParse(made?.protocol).success).toBe(true);
  });
});

describe('a check of one’s own', () => {
  it('keeps what is filled in at once, as it is meant: commas, lines, distances as noise', async () => {
    const { fill, sent, page, settle } = await open('heel-lift', [lift]);
    await fill('Distance of two readings of the same', '0,5');
    await fill('Tries', '2');
    const steps = page.querySelector<HTMLTextAreaElement>('textarea')!;
    steps.value = 'Stand on the step.\n\n Lift one heel. ';
    steps.dispatchEvent(new Event('change'));
    await settle();
    expect(sent()).toMatchObject({
      steps: ['Stand on the step.', 'Lift one heel.'],
      result: { trials: 2, noise: noiseFrom('raw', 0.5) },
    });
  });

  it('in another unit is judged as that unit is, with the tries it had', async () => {
    const { fill, sent } = await open('heel-lift', [lift]);
    await fill('Which try counts', 'best');
    await fill('Unit', 'seconds');
    expect(sent()?.result).toEqual({ ...ownNumber('seconds'), combine: 'best' });
    await fill('Which try counts', 'single');
    expect(sent()?.result).toMatchObject({ combine: 'single', trials: 1 });
  });

  it('can give words, with the one that is hoped for', async () => {
    const { fill, sent, page, settle } = await open('heel-lift', [lift]);
    await fill('What it gives', 'named');
    const answers = page.querySelector<HTMLTextAreaElement>('fieldset.meaning textarea')!;
    answers.value = 'in\nstraight\nout';
    answers.dispatchEvent(new Event('change'));
    await settle();
    expect(sent()?.result).toEqual({ gives: 'named', answers: ['in', 'straight', 'out'], hoped: 'out' });
    // arrow keys pass through a number on the way to the other kind of words
    await fill('What it gives', 'number');
    await fill('What it gives', 'ordered');
    expect(sent()?.result).toEqual({ gives: 'ordered', answers: ['in', 'straight', 'out'] });
  });

  it.each([
    ['Refused over', '-80', 'What is refused'],
    ['Asked about over', '900', 'What is asked about must lie inside what is refused.'],
    ['Ended at', '900', 'Its end must lie inside what is taken.'],
    ['Change expected in a week', '-1', 'The change in a week'],
    ['Tries', '0', 'The number of tries must be at least 1.'],
  ])('refuses what cannot be in words, and changes nothing (%s %s)', async (label, value, why) => {
    const { fill, sent, words } = await open('heel-lift', [lift]);
    await fill(label, value);
    expect(words()).toContain(why);
    expect(words()).toContain('Nothing was changed.');
    expect(sent()).toBeUndefined();
  });

  it('keeps what its readings mean: unit, feet and tries are closed once it was measured', async () => {
    const { page, words } = await open('heel-lift', [lift], 3);
    expect(page.querySelector<HTMLFieldSetElement>('fieldset.meaning')?.disabled).toBe(true);
    expect(words()).toContain('3 readings were taken with it, so what it gives stays as it is.');
  });

  it('shows what the server has where it will not have an edit', async () => {
    const { fill, field, settle } = await open('heel-lift', [lift]);
    await fill('Unit', 'mm');
    TestBed.inject(Outbox).flush('protocol:heel-lift');
    await settle();
    const http = TestBed.inject(HttpTestingController);
    const problem = { type: 'urn:x', title: 'Measured already', status: 422, detail: 'x', code: 'protocol-in-use' };
    http.expectOne('/api/protocols/heel-lift').flush(problem, { status: 422, statusText: 'x' });
    await settle();
    expect(field('Unit').value).toBe('cm');
  });

  it('is put away and offered again', async () => {
    const { press, sent } = await open('heel-lift', [lift]);
    await press('Put it away');
    expect(sent()?.away).toBe(true);
    await press('Offer it again');
    expect(sent()?.away).toBe(false);
  });
});
