import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { ApplicationRef, Injector } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';
import type { Access, Problem } from '@core/contract';
import { Door } from '../../data/door';
import { openUnlock } from './unlock';

const access: Access = { password: true, signedIn: false, until: null, others: true, encrypted: true };
const wrong: Problem = {
  type: 'urn:needlework:problem:wrong-password',
  title: 'That is not the password',
  status: 403,
  detail: 'Nothing was changed.',
  code: 'wrong-password',
};

describe('the password, asked for over the page', () => {
  let server: HttpTestingController;
  let door: Door;
  const paint = () => TestBed.inject(ApplicationRef).tick();
  const dialog = () => document.querySelector('nw-unlock');
  const input = () => dialog()!.querySelector<HTMLInputElement>('input[autocomplete]')!;

  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    server = TestBed.inject(HttpTestingController);
    door = TestBed.inject(Door);
    door.lock();
    openUnlock(TestBed.inject(Injector));
    paint();
  });
  afterEach(() => TestBed.inject(MatDialog).closeAll());

  function give(password: string): void {
    input().value = password;
    input().dispatchEvent(new Event('input'));
    dialog()!.querySelector('form')!.dispatchEvent(new Event('submit'));
  }

  it('hides what is typed unless one wants to see it, and lets a password manager fill it in', () => {
    expect([input().type, input().autocomplete]).toEqual(['password', 'current-password']);
    const show = dialog()!.querySelector<HTMLInputElement>('input[type=checkbox]')!;
    show.click();
    paint();
    expect(input().type).toBe('text');
  });

  it('opens the door and goes; once, however often it was asked for', async () => {
    openUnlock(TestBed.inject(Injector));
    expect(document.querySelectorAll('nw-unlock')).toHaveLength(1);
    const closed = firstValueFrom(TestBed.inject(MatDialog).getDialogById('unlock')!.afterClosed());
    give('copper lantern sings to herring');
    const asked = server.expectOne({ method: 'POST', url: '/api/access' });
    expect(asked.request.body).toEqual({ password: 'copper lantern sings to herring' });
    asked.flush(null, { status: 204, statusText: 'No Content' });
    expect(door.locked()).toBe(false);
    await closed;
    expect(dialog()).toBeNull();
  });

  it('says that it was wrong, and keeps what was typed to be mended', () => {
    give('copper lantern');
    server.expectOne({ method: 'POST' }).flush(wrong, { status: 403, statusText: 'Forbidden' });
    paint();
    expect(dialog()!.querySelector('[role=alert]')?.textContent).toContain('That is not the password.');
    expect([input().value, door.locked()]).toEqual(['copper lantern', true]);
  });

  it('warns where others in the network can read along, and only there', () => {
    server.expectOne({ method: 'GET', url: '/api/access' }).flush({ ...access, encrypted: false });
    paint();
    expect(dialog()!.textContent).toContain('This address is not encrypted');
    TestBed.inject(MatDialog).closeAll();
  });
});
