import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { defaultSchool } from '@core/exercise';
import { defaultLoadRules } from '@core/load';
import { defaultPace } from '@core/plan';
import { samplePlan, sampleRevisions } from '../../testing/sample-class';
import { LeftList } from '../parts/waiting/left-list';
import { type Left, LeftToSend } from './left-to-send';
import type { Letter } from './letter';
import { Outbox } from './outbox';
import type { Waiting } from './waiting';
import type { RequestFailure } from './request-failure';
import { Toasts } from './toasts';

const problem = (code: string, title = 'Refused', detail = 'Because.'): RequestFailure => ({
  kind: 'problem',
  problem: { type: 'urn:x', title, status: 409, detail, code: code as 'clash' },
});
const edit: Letter = { kind: 'class', format: 1, id: 'save-1', plan: samplePlan(), basedOn: 4 };
const answers: Letter = {
  kind: 'preferences',
  format: 1,
  id: 'pref-1',
  preferences: { school: defaultSchool, pace: defaultPace(), words: [], weekly: {}, load: defaultLoadRules },
};
const waits = (more: Partial<Waiting>): Waiting => ({
  queue: 'class:class-1',
  newest: edit,
  apart: false,
  start: null,
  count: 1,
  kept: true,
  away: null,
  refused: null,
  ...more,
});

describe('what is not on the server yet', () => {
  const waiting = signal<readonly Waiting[]>([]);
  const unreadables = signal<readonly string[]>([]);
  const putBack = jest.fn();
  const outbox = {
    waiting,
    unreadables,
    flush: jest.fn(),
    put: jest.fn().mockResolvedValue(true),
    drop: jest.fn().mockResolvedValue(putBack),
  };
  const toasts = { tell: jest.fn(), offer: jest.fn<void, [string, string, () => void]>(), failed: jest.fn() };
  const navigate = jest.fn();
  let left: LeftToSend;
  const line = (more: Partial<Waiting>): Left => {
    waiting.set([waits(more)]);
    const [found] = left.lines();
    if (!found) throw new Error('nothing is told');
    return found;
  };

  beforeEach(() => {
    jest.clearAllMocks();
    waiting.set([]);
    unreadables.set([]);
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: Outbox, useValue: outbox },
        { provide: Toasts, useValue: toasts },
        { provide: Router, useValue: { navigate } },
      ],
    });
    left = TestBed.inject(LeftToSend);
  });

  it('is silent about what is just on its way', () => {
    waiting.set([waits({})]);
    expect(left.lines()).toEqual([]);
  });

  it('says what waits, where it is kept, and when it goes', () => {
    expect(line({ away: { kind: 'no-server' } })).toMatchObject({
      what: 'Edits of a class',
      name: 'Quiet ankles',
      words: 'The server does not answer. Kept in this browser; sent when the server takes it.',
      ways: ['again'],
    });
    expect(line({ away: problem('disk-fault', 'The disk is full'), kept: false }).words).toBe(
      'The disk is full. Only on this page: leave it open; sent when the server takes it.',
    );
    expect(line({ newest: answers, away: { kind: 'no-answer' } })).toMatchObject({ name: 'How I teach' });
  });

  it('a taught class is named where its beginning waits too, and else counted', () => {
    const events: Letter = {
      kind: 'run-events',
      format: 1,
      id: 'e-1',
      runId: 'run-1',
      events: [{ runId: 'run-1', deviceId: 'd-1', seq: 0, atMs: 0, event: { kind: 'started' } }],
    };
    const start: Letter = {
      kind: 'run-start',
      format: 1,
      id: 's-1',
      runId: 'run-1',
      start: { classId: 'class-1', version: 1, plan: samplePlan(), startedAt: '2026-11-24T12:00:00.000Z' },
    };
    const away: RequestFailure = { kind: 'no-server' };
    expect(line({ newest: events, start, away })).toMatchObject({ what: 'A taught class', name: 'Quiet ankles' });
    expect(line({ newest: events, count: 3, away }).name).toBe('3 things that happened');
  });

  it('an edit of a class that was deleted elsewhere can bring it back, or become a class of its own', async () => {
    const deleted = line({ refused: problem('not-found') });
    expect(deleted.ways).toEqual(['bring-back', 'own-class', 'throw-away']);
    await left.take('bring-back', deleted);
    TestBed.inject(HttpTestingController)
      .expectOne('/api/classes/class-1/restore')
      .flush({
        plan: samplePlan(),
        version: 4,
        updatedAt: '2026-11-24T12:00:00.000Z',
        revisions: [...sampleRevisions],
      });
    expect(outbox.flush).toHaveBeenCalledWith('class:class-1');
    await left.take('own-class', deleted);
    const [copy] = outbox.put.mock.calls[0] as [Extract<Letter, { kind: 'class' }>];
    expect([copy.plan.title, copy.basedOn]).toEqual(['Quiet ankles, my side', 0]);
    expect(copy.plan.id).not.toBe('class-1');
    // the copy is kept before the edit is let go
    expect(outbox.put.mock.invocationCallOrder[0]).toBeLessThan(outbox.drop.mock.invocationCallOrder[0]!);
  });

  it('a clash is looked at where it can be settled; of another page’s side, a class is made or nothing', () => {
    expect(line({ refused: problem('clash') }).ways).toEqual(['open', 'own-class', 'throw-away']);
    expect(line({ queue: 'class:class-1 of page-9', apart: true, refused: problem('clash') }).ways[0]).toBe('again');
  });

  it('what is thrown away comes back when it is asked for', async () => {
    await left.take('throw-away', line({ refused: problem('not-found') }));
    expect(toasts.offer.mock.calls[0]?.slice(0, 2)).toEqual([
      'What was not sent of “Quiet ankles” is thrown away.',
      'Bring it back',
    ]);
    toasts.offer.mock.calls[0]?.[2]();
    expect(putBack).toHaveBeenCalled();
  });

  it('stands on the first page with its ways out, and with what cannot be read', async () => {
    waiting.set([waits({ refused: { kind: 'not-understood' } })]);
    unreadables.set(['Something that was not saved was written by a newer Needlework.']);
    const fixture = TestBed.createComponent(LeftList);
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    expect(page.querySelector('h2')?.textContent).toBe('Not on the server yet');
    expect(page.textContent).toContain('does not understand');
    expect(page.textContent).toContain('written by a newer Needlework');
    const [open] = [...page.querySelectorAll('button')];
    expect(open?.textContent?.trim()).toBe('Look at it');
    open?.click();
    expect(navigate).toHaveBeenCalledWith(['/class', 'class-1']);
    waiting.set([]);
    unreadables.set([]);
    await fixture.whenStable();
    expect(page.textContent.trim()).toBe('');
  });
});
