import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Problem } from '@core/contract';
import { atTheDoor } from './at-the-door';
import { Door } from './door';
import { failureOf, isAway } from './request-failure';

const locked: Problem = {
  type: 'urn:needlework:problem:locked',
  title: 'Locked',
  status: 401,
  detail: 'Give the password first.',
  code: 'locked',
};

describe('a page whose server asks for the password', () => {
  let http: HttpClient;
  let server: HttpTestingController;
  let door: Door;
  const refuse = (url: string) => server.expectOne(url).flush(locked, { status: 401, statusText: 'Unauthorized' });

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(withInterceptors([atTheDoor])), provideHttpClientTesting()],
    });
    http = TestBed.inject(HttpClient);
    server = TestBed.inject(HttpTestingController);
    door = TestBed.inject(Door);
  });
  afterEach(() => server.verify());

  it('waits with what it reads, and goes on with it when the password was given', () => {
    const found: unknown[] = [];
    http.get('/api/classes').subscribe((body) => found.push(body));
    refuse('/api/classes');
    expect([door.locked(), found]).toEqual([true, []]);
    door.open();
    server.expectOne('/api/classes').flush({ classes: [] });
    expect([door.locked(), found]).toEqual([false, [{ classes: [] }]]);
  });

  it('asks no more for what nobody waits for', () => {
    http.get('/api/classes').subscribe().unsubscribe();
    const left = http.get('/api/people').subscribe();
    server.match('/api/classes');
    refuse('/api/people');
    left.unsubscribe();
    door.open();
    server.expectNone('/api/people');
  });

  it('keeps what it sends as it keeps it from a server that is away', () => {
    const failed: unknown[] = [];
    http.put('/api/preferences', {}).subscribe({ error: (error: unknown) => failed.push(error) });
    refuse('/api/preferences');
    expect([failed.length, isAway(failed[0]), failureOf(failed[0])]).toEqual([
      1,
      true,
      { kind: 'problem', problem: locked },
    ]);
    door.open();
    server.expectNone('/api/preferences');
  });

  it('leaves every other refusal as it is', () => {
    const failed: unknown[] = [];
    http.get('/api/classes').subscribe({ error: (error: unknown) => failed.push(error) });
    server.expectOne('/api/classes').flush(null, { status: 403, statusText: 'Forbidden' });
    expect([failed.length, isAway(failed[0]), door.locked()]).toEqual([1, false, false]);
  });
});
