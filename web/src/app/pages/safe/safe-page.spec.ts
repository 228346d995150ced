import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Coming, Copies } from '@core/contract';
import { Toasts } from '../../data/toasts';
import { SafePage } from './safe-page';

const none = { new: 0, same: 0, differs: 0, out: 0, kept: 0 };
const copies: Copies = {
  copies: [
    {
      name: 'needlework-2026-03-01T12-00-00-000Z-daily.sqlite',
      made: '2026-03-01T12:00:00.000Z',
      why: 'daily',
      bytes: 4_500_000,
      holds: { classes: 9, taught: 12, people: 1, readings: 4178, courses: 1 },
      until: '2027-03-02',
    },
  ],
  folder: '/hall/copies',
  making: null,
  fault: null,
  restoring: false,
  restored: null,
};
const ready: Coming = {
  state: 'ready',
  id: 'coming-1',
  made: '2026-02-01T12:00:00.000Z',
  aboutPeople: false,
  dropped: 0,
  leftOut: 0,
  counts: {
    class: { ...none, new: 2, differs: 1 },
    exercise: { ...none, new: 3, same: 4 },
    taught: { ...none, kept: 1 },
  },
};

describe('safe keeping', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<SafePage>;
  let page: HTMLElement;
  const button = (words: string): HTMLButtonElement => {
    const found = [...page.querySelectorAll('button')].find((one) => one.textContent.includes(words));
    if (!found) throw new Error(`no button ${words}`);
    return found;
  };

  const tick = (ms = 0) => jest.advanceTimersByTime(ms);
  beforeEach(() => {
    jest.useFakeTimers();
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: Toasts, useValue: { tell: jest.fn(), failed: jest.fn() } },
      ],
    });
    Element.prototype.scrollIntoView = jest.fn();
    http = TestBed.inject(HttpTestingController);
    fixture = TestBed.createComponent(SafePage);
    page = fixture.nativeElement as HTMLElement;
  });

  afterEach(() => jest.useRealTimers());

  /** Opens the page and answers what it asks first. */
  function open(answer: Copies = copies): void {
    fixture.detectChanges();
    tick();
    http.expectOne('/api/copies').flush(answer);
    http
      .expectOne('/api/access')
      .flush({ password: false, signedIn: true, until: null, others: false, encrypted: true });
    fixture.detectChanges();
  }
  /** A file is chosen; the server has looked into it. */
  function choose(coming: Coming): void {
    const field = page.querySelector<HTMLInputElement>('input[type=file]');
    if (!field) throw new Error('no field for a file');
    Object.defineProperty(field, 'files', { value: [new File(['{}'], 'from-oda.json')] });
    field.dispatchEvent(new Event('change'));
    http.expectOne('/api/coming').flush(coming);
    fixture.detectChanges();
    tick();
    if (coming.state === 'ready')
      // what is looked for may be a name: no address has it
      http
        .expectOne(({ urlWithParams, method }) => method === 'POST' && urlWithParams.endsWith('/entries'))
        .flush({ entries: [], next: null });
    fixture.detectChanges();
  }

  it('says of each copy what it holds and how long it stays', () => {
    open();
    const row = page.querySelector('nw-copies-list li')?.textContent.replace(/\s+/g, ' ');
    expect(row).toContain('9 classes, 12 taught classes, 1 person and 4,178 readings · 4.5 MB');
    expect(row).toContain('goes by itself, on 2 March 2027 at the latest');
  });

  it('nothing is put back or deleted before it is said again', () => {
    open();
    button('Put back').click();
    fixture.detectChanges();
    expect(page.textContent).toContain('What is here now is copied first');
    http.expectNone(({ method }) => method === 'POST');
    button('Leave it').click();
    fixture.detectChanges();
    button('Delete …').click();
    fixture.detectChanges();
    button('Delete this copy').click();
    http.expectOne({ method: 'DELETE' }).flush(null);
    tick();
    http.expectOne('/api/copies').flush({ ...copies, copies: [] });
    fixture.detectChanges();
    expect(page.textContent).toContain('There is no copy yet');
  });

  it('asks again as long as a copy is being made, and says why one could not be', () => {
    open({ ...copies, making: 0.5 });
    expect(page.textContent).toContain('Making a copy, and reading it through');
    tick(400);
    http.expectOne('/api/copies').flush({ ...copies, fault: 'The disk is full.' });
    fixture.detectChanges();
    expect(page.querySelector('[role=alert]')?.textContent).toContain('The disk is full.');
    tick(2000);
    http.expectNone('/api/copies');
  });

  it('says in one sentence what would be taken of a file, and leaves what differs as it is', () => {
    open();
    choose(ready);
    expect(page.querySelector('.plan')?.textContent).toBe(
      '2 classes and 3 exercises come in. 1 class stays as it is here.',
    );
    button('Take it in').click();
    const { request } = http.expectOne('/api/coming/coming-1/take');
    expect(request.body).toEqual({ kinds: ['class', 'exercise', 'taught'], only: null, over: 'none' });
  });

  it('counts stand in the table as everywhere, and none is a dash', () => {
    open();
    choose({ ...ready, counts: { reading: { ...none, new: 4178, kept: 1200 } } });
    const cells = [...page.querySelectorAll('tbody td')].map((cell) => cell.textContent.replace(/\s+/g, ' ').trim());
    expect(cells).toEqual(['4,178', '– and 1,200 that stay', '–', '–']);
  });

  it('a kind that is unticked stays out', () => {
    open();
    choose(ready);
    page.querySelectorAll<HTMLInputElement>('tbody input')[1]?.click();
    fixture.detectChanges();
    expect(page.querySelector('.plan')?.textContent).toContain('2 classes come in.');
    button('Take it in').click();
    expect(http.expectOne('/api/coming/coming-1/take').request.body).toMatchObject({ kinds: ['class', 'taught'] });
  });

  it('names line, field and reason where a file was refused', () => {
    open();
    const fault = { line: 28, what: 'class', field: 'plan.slotSeconds', words: 'must be at least 60.' };
    choose({ state: 'refused', id: 'coming-1', words: 'One thing in this file cannot be taken.', faults: [fault] });
    const alert = page.querySelector('[role=alert]')?.textContent.replace(/\s+/g, ' ') ?? '';
    expect(alert).toContain('from-oda.json was not taken');
    expect(alert).toMatch(/Line 28, class: ?plan.slotSeconds ?must be at least 60/);
  });

  it('a file of 200 MB is not even sent', () => {
    open();
    const field = page.querySelector<HTMLInputElement>('input[type=file]');
    const large = new File([''], 'film.json');
    Object.defineProperty(large, 'size', { value: 200_000_000 });
    Object.defineProperty(field, 'files', { value: [large] });
    field?.dispatchEvent(new Event('change'));
    fixture.detectChanges();
    http.expectNone('/api/coming');
    expect(page.querySelector('[role=alert]')?.textContent).toContain('film.json is 200 MB large');
  });
});
