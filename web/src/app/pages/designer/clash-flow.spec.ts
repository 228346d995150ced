import { TestBed } from '@angular/core/testing';
import { signal } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { Router } from '@angular/router';
import { Subject } from 'rxjs';
import type { ClashAnswer } from '@core/contract';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { Toasts } from '../../data/toasts';
import { ClashFlow } from './clash-flow';
import { ClassSession, type SaveState } from './class-session';
import type { ClashChoice, ClashSides } from './dialogs/clash-dialog';
import { PlanStore } from './plan-store';

const clash: ClashAnswer = {
  current: {
    plan: { ...samplePlan(), title: 'Theirs' },
    version: 9,
    updatedAt: '2026-11-24T12:00:00.000Z',
    revisions: [...sampleRevisions],
    taught: 0,
    standbys: [],
  },
  keptRevision: 3,
};

describe('two pages changed one class', () => {
  let closed$: Subject<ClashChoice | undefined>;
  const state = signal<SaveState>({ kind: 'waiting' });
  const session = {
    state,
    keepMine: jest.fn(() => Promise.resolve()),
    takeTheirs: jest.fn(() => Promise.resolve()),
    keepBoth: jest.fn<Promise<string | null>, [ClashAnswer]>(() => Promise.resolve('copy-1')),
  };
  const open = jest.fn((...asked: [unknown, { data: ClashSides; disableClose: boolean }]) => {
    void asked;
    return { afterClosed: () => closed$ };
  });
  const toasts = { offer: jest.fn<void, [string, string, () => void]>() };
  const navigate = jest.fn();
  const answered = async (choice: ClashChoice) => {
    closed$.next(choice);
    closed$.complete();
    for (let i = 0; i < 6; i++) await Promise.resolve();
  };

  beforeEach(() => {
    jest.clearAllMocks();
    closed$ = new Subject();
    state.set({ kind: 'waiting' });
    TestBed.configureTestingModule({
      providers: [
        ClashFlow,
        PlanStore,
        { provide: ClassSession, useValue: session },
        { provide: MatDialog, useValue: { open } },
        { provide: Toasts, useValue: toasts },
        { provide: Router, useValue: { navigate } },
      ],
    });
    TestBed.inject(PlanStore).open({ ...samplePlan(), title: 'Mine' }, sampleRevisions);
    TestBed.inject(ClashFlow);
    TestBed.tick();
    expect(open).not.toHaveBeenCalled();
    state.set({ kind: 'clash', clash });
    TestBed.tick();
  });

  it('asks with both sides in words, and does not let the question be passed over', () => {
    const [, { data, disableClose }] = open.mock.calls[0]!;
    // 3 reps of two phases of 2 s on each foot and 3 of 4 s on both, with set-ups
    expect(data.mine).toMatch(/^“Mine”, 2 items, \d:\d\d$/);
    expect(data.theirs).toMatch(/^“Theirs”, 2 items, saved /);
    expect(disableClose).toBe(true);
  });

  it('asks once, however often the clash is told', async () => {
    state.set({ kind: 'clash', clash: { ...clash } });
    TestBed.tick();
    expect(open).toHaveBeenCalledTimes(1);
    await answered('mine');
    expect(session.keepMine).toHaveBeenCalledWith(clash);
  });

  it('goes on with the other side where that is chosen', async () => {
    await answered('theirs');
    expect(session.takeTheirs).toHaveBeenCalledWith(clash);
    expect(session.keepMine).not.toHaveBeenCalled();
  });

  it('keeps both, and leads to the copy', async () => {
    await answered('both');
    toasts.offer.mock.calls[0]?.[2]();
    expect(navigate).toHaveBeenCalledWith(['/class', 'copy-1']);
  });

  it('promises no copy where none could be made, and asks again the next time it clashes', async () => {
    session.keepBoth.mockResolvedValueOnce(null);
    await answered('both');
    expect(toasts.offer).not.toHaveBeenCalled();
    closed$ = new Subject();
    state.set({ kind: 'clash', clash: { ...clash, keptRevision: 4 } });
    TestBed.tick();
    expect(open).toHaveBeenCalledTimes(2);
  });
});
