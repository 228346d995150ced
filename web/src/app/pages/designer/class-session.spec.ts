import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { reps } from '@core/dose';
import type { Plan } from '@core/plan';
import { MemoryStore } from '../../../testing/memory-store';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { BrowserStore } from '../../data/browser-store';
import { ClassSession } from './class-session';
import { PlanStore } from './plan-store';

const at = '2026-11-24T12:00:00.000Z';

describe('one class open in the designer', () => {
  let session: ClassSession;
  let plans: PlanStore;
  let http: HttpTestingController;
  let store: MemoryStore;
  const toasts = { open: jest.fn<unknown, [string]>(() => ({ onAction: () => ({ subscribe: jest.fn() }) })) };
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const put = () => http.expectOne({ method: 'PUT', url: '/api/classes/class-1' });
  const body = (request: ReturnType<typeof put>) =>
    request.request.body as { saveId: string; basedOn: number; plan: Plan };
  const read = (plan = samplePlan(), version = 4, updatedAt = at) => ({
    plan,
    version,
    updatedAt,
    revisions: [...sampleRevisions],
  });
  const open = async () => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [
        ClassSession,
        PlanStore,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
        { provide: MatSnackBar, useValue: toasts },
      ],
    });
    session = TestBed.inject(ClassSession);
    plans = TestBed.inject(PlanStore);
    http = TestBed.inject(HttpTestingController);
    session.open('class-1');
    await soon();
    http.expectOne('/api/exercises').flush({ exercises: sampleRevisions });
    http.expectOne('/api/classes/class-1/other-doses').flush({ doses: [] });
  };
  const edit = (title: string) => plans.do({ type: 'edit-class', change: { title } });
  const clash = (request: ReturnType<typeof put>, theirs: Plan) =>
    request.flush(
      {
        type: 'urn:x',
        title: 'Changed',
        status: 409,
        detail: 'Both kept.',
        code: 'clash',
        clash: { current: read(theirs, 9), keptRevision: 3 },
      },
      { status: 409, statusText: 'Conflict' },
    );
  const clashNow = () => {
    const state = session.state();
    if (state.kind !== 'clash') throw new Error(state.kind);
    return state.clash;
  };

  beforeEach(async () => {
    jest.useFakeTimers();
    toasts.open.mockClear();
    store = new MemoryStore();
    await open();
    http.expectOne('/api/classes/class-1').flush(read());
  });
  afterEach(() => jest.useRealTimers());

  it('is saved a moment after the hand is still, on the version it was read at', async () => {
    edit('One');
    edit('Two');
    expect(session.state().kind).toBe('waiting');
    await soon();
    jest.advanceTimersByTime(700);
    expect(session.state().kind).toBe('saving');
    const request = put();
    expect(body(request)).toMatchObject({ basedOn: 4, plan: { title: 'Two' } });
    request.flush({ id: 'class-1', version: 5, updatedAt: at });
    expect(session.state()).toEqual({ kind: 'saved', at });
    expect(session.unsaved).toBe(false);
  });

  it('keeps the edit here while the server is away, and brings it back on the next visit', async () => {
    edit('Mine');
    await soon();
    jest.advanceTimersByTime(700);
    put().error(new ProgressEvent('offline'));
    expect(session.state()).toEqual({ kind: 'away', keptHere: true });
    await open();
    put().error(new ProgressEvent('offline'));
    http.expectOne('/api/classes/class-1').flush(read());
    expect(plans.plan()?.title).toBe('Mine');
    expect(toasts.open.mock.calls.at(-1)?.[0]).toBe('Edits that were not saved last time are back.');
  });

  it('says so where this browser keeps nothing while the server is away, and still saves when it is back', async () => {
    store.keepsNothing = true;
    edit('Only here');
    await soon();
    jest.advanceTimersByTime(700);
    put().error(new ProgressEvent('offline'));
    expect(session.state()).toEqual({ kind: 'away', keptHere: false });
    jest.advanceTimersByTime(3000);
    const again = put();
    expect(body(again).plan.title).toBe('Only here');
    again.flush({ id: 'class-1', version: 5, updatedAt: at });
    expect(session.state()).toEqual({ kind: 'saved', at });
  });

  it('says that an edit left here cannot be read, and opens the class all the same', async () => {
    store.shelf.set('draft:class-1', { plan: { ...samplePlan(), format: 99 }, basedOn: 3, saveId: 'save-x' });
    await open();
    http.expectOne('/api/classes/class-1').flush(read());
    expect(plans.plan()?.title).toBe('Quiet ankles');
    expect(toasts.open.mock.calls.at(-1)?.[0]).toContain('An unsaved edit of this class');
    expect(store.shelf.has('draft:class-1')).toBe(true);
  });

  it('is left only when the last edit is saved or known to be kept here', async () => {
    edit('Last');
    let left = 0;
    const leaving = session.written().then(() => left++);
    await soon();
    expect(left).toBe(0);
    put().flush({ id: 'class-1', version: 5, updatedAt: at });
    await leaving;
    expect(left).toBe(1);
    edit('Once more');
    const away = session.written();
    await soon();
    put().error(new ProgressEvent('offline'));
    await away;
    expect(session.state().kind).toBe('away');
  });

  it('says why the server refused, and saves the next edit', async () => {
    edit('One');
    await soon();
    jest.advanceTimersByTime(700);
    put().flush(
      { type: 'urn:x', title: 'Not saved', status: 422, detail: 'reps must be at most 200.', code: 'not-valid' },
      { status: 422, statusText: 'x' },
    );
    expect(session.state()).toEqual({ kind: 'refused', words: 'Not saved. reps must be at most 200.' });
    edit('Two');
    await soon();
    jest.advanceTimersByTime(700);
    expect(body(put()).plan.title).toBe('Two');
  });

  it('after a clash saves mine over theirs, with what was typed meanwhile', async () => {
    edit('Mine');
    await soon();
    jest.advanceTimersByTime(700);
    clash(put(), { ...samplePlan(), title: 'Theirs' });
    edit('Still typing');
    await soon();
    jest.advanceTimersByTime(5000);
    http.expectNone('/api/classes/class-1');
    await session.keepMine(clashNow());
    await soon();
    expect(body(put())).toMatchObject({ basedOn: 9, plan: { title: 'Still typing' } });
  });

  it('after a clash takes theirs, and nothing of mine waits any more', async () => {
    edit('Mine');
    await soon();
    jest.advanceTimersByTime(700);
    clash(put(), { ...samplePlan(), title: 'Theirs' });
    await session.takeTheirs(clashNow());
    expect([plans.plan()?.title, session.unsaved, store.shelf.size]).toEqual(['Theirs', false, 0]);
  });

  it('after a clash keeps mine waiting where its copy cannot be made', async () => {
    edit('Mine');
    await soon();
    jest.advanceTimersByTime(700);
    clash(put(), { ...samplePlan(), title: 'Theirs' });
    const both = session.keepBoth(clashNow());
    await soon();
    http.expectOne({ method: 'POST', url: '/api/classes' }).error(new ProgressEvent('offline'));
    expect(await both).toBeNull();
    expect([plans.plan()?.title, session.unsaved]).toEqual(['Mine', true]);
    const again = session.keepBoth(clashNow());
    await soon();
    const copy = http.expectOne({ method: 'POST', url: '/api/classes' });
    expect((copy.request.body as { plan: Plan }).plan.title).toBe('Mine, my side');
    copy.flush({ id: 'copy-1', version: 1, updatedAt: at });
    await again;
    expect(plans.plan()?.title).toBe('Theirs');
  });

  it('shows the newest when another page has saved meanwhile, unless something here is unsaved', async () => {
    session.lookAgain();
    http
      .expectOne('/api/classes/class-1')
      .flush(read({ ...samplePlan(reps(9)), title: 'Newer' }, 5, '2026-11-24T13:00:00.000Z'));
    expect(plans.plan()?.title).toBe('Newer');
    edit('Mine');
    await soon();
    session.lookAgain();
    http.expectNone('/api/classes/class-1');
  });
});
