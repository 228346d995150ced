import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Access } from '@core/contract';
import { BrowserStore } from '../../data/browser-store';
import { LeftOpenHere } from '../../data/left-open';
import { Outbox } from '../../data/outbox';
import { Toasts } from '../../data/toasts';
import { sayDay } from '../../parts/saying/instant-words';
import { DoorPanel } from './door-panel';

const open: Access = { password: false, signedIn: true, until: null, others: false, encrypted: true };
const locked: Access = { ...open, password: true, until: '2026-12-28T10:00:00.000Z' };

describe('who gets in', () => {
  let server: HttpTestingController;
  let fixture: ComponentFixture<DoorPanel>;
  let page: HTMLElement;
  let leftOpen: object[];
  let waiting: object[];
  const empty = jest.fn(() => Promise.resolve());
  const assign = jest.fn();
  const tell = jest.fn();
  const settle = async () => {
    await jest.advanceTimersByTimeAsync(300);
    fixture.detectChanges();
  };
  const button = (words: string) => [...page.querySelectorAll('button')].find((one) => one.textContent.includes(words));
  const fields = () => [...page.querySelectorAll<HTMLInputElement>('input[autocomplete]')];
  const type = (field: HTMLInputElement, value: string) => {
    field.value = value;
    field.dispatchEvent(new Event('input'));
  };

  beforeEach(() => {
    jest.useFakeTimers();
    jest.clearAllMocks();
    [leftOpen, waiting] = [[], []];
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: LeftOpenHere, useValue: { find: () => Promise.resolve(leftOpen) } },
        { provide: Outbox, useValue: { waiting: () => waiting } },
        { provide: BrowserStore, useValue: { empty } },
        { provide: Toasts, useValue: { tell, failed: jest.fn() } },
      ],
    });
    server = TestBed.inject(HttpTestingController);
  });
  afterEach(() => jest.useRealTimers());

  function show(access: Access): void {
    fixture = TestBed.createComponent(DoorPanel);
    page = fixture.nativeElement as HTMLElement;
    Object.defineProperty(fixture.componentInstance, 'document', { value: { location: { assign } } });
    fixture.detectChanges();
    server.expectOne('/api/access').flush(access);
    fixture.detectChanges();
  }

  it('takes a password that is hard to guess, says so while it is typed, and no other', async () => {
    show(open);
    expect(page.textContent).toContain('Only this machine reaches Needlework');
    button('Set a password')!.click();
    fixture.detectChanges();
    const [next] = fields();
    type(next!, 'passwordpassword');
    await settle();
    server.expectOne('/api/access/strength').flush({ score: 0, refused: 'It is common.' });
    fixture.detectChanges();
    expect(page.textContent).toContain('Guessed at once');
    expect(button('Set it')!.getAttribute('aria-disabled')).toBe('true');
    type(next!, 'copper lantern sings to herring');
    await settle();
    server.expectOne('/api/access/strength').flush({ score: 4, refused: null });
    fixture.detectChanges();
    button('Set it')!.click();
    const asked = server.expectOne({ method: 'PUT', url: '/api/access/password' });
    expect(asked.request.body).toEqual({ current: null, next: 'copper lantern sings to herring' });
    asked.flush(null, { status: 204, statusText: 'No Content' });
    server.expectOne('/api/access').flush(locked);
    fixture.detectChanges();
    expect(page.textContent).toContain(`until ${sayDay(locked.until!)} at the latest`);
  });

  it('empties the browser when one signs out', async () => {
    show(locked);
    button('Sign out here')!.click();
    await settle();
    server.expectOne({ method: 'DELETE', url: '/api/access' }).flush(null, { status: 204, statusText: 'No Content' });
    await settle();
    expect([empty.mock.calls.length, assign.mock.calls]).toEqual([1, [['/']]]);
  });

  it('signs nobody out of a browser that alone has something, and names it', async () => {
    leftOpen = [{ name: 'Thursday lunch: quiet ankles' }];
    waiting = [{ count: 2 }];
    show(locked);
    button('Sign out every device')!.click();
    await settle();
    server.expectNone({ method: 'DELETE' });
    expect(page.querySelector('[role=alert]')?.textContent).toMatch(
      /still has: Thursday lunch: quiet ankles; 2 changes on the way to the server/,
    );
    expect(empty).not.toHaveBeenCalled();
  });

  it('offers no way without a password where other devices reach the server', () => {
    show({ ...locked, others: true, encrypted: false });
    expect(button('No password')).toBeUndefined();
    expect(page.textContent).toContain('an address that is not encrypted');
  });

  it('takes the password away on this machine alone, for who knows it', () => {
    show(locked);
    button('No password')!.click();
    fixture.detectChanges();
    type(fields()[0]!, 'copper lantern');
    fixture.detectChanges();
    button('Take it away')!.click();
    const asked = server.expectOne({ method: 'DELETE', url: '/api/access/password' });
    expect(asked.request.body).toEqual({ current: 'copper lantern' });
    asked.flush(
      { type: 'urn:x', title: 'That is not the password', status: 403, detail: 'Again.', code: 'wrong-password' },
      { status: 403, statusText: 'Forbidden' },
    );
    fixture.detectChanges();
    expect(page.querySelector('[role=alert]')?.textContent).toContain('That is not the password');
  });
});
