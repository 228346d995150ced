import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { reps } from '@core/dose';
import type { Plan } from '@core/plan';
import { MemoryStore } from '../../../testing/memory-store';
import { libraryAsked, libraryOf, samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { BrowserStore } from '../../data/browser-store';
import { ClassPackages } from '../../data/class-packages';
import { Holds } from '../../data/holds';
import { ClassSession } from './class-session';
import { PlanStore } from './plan-store';

const at = '2026-11-24T12:00:00.000Z';

describe('one class open in the designer', () => {
  let session: ClassSession;
  let plans: PlanStore;
  let http: HttpTestingController;
  let store: MemoryStore;
  /** What other pages of this browser hold. */
  const elsewhere = new Set<string>();
  let pages = 0;
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
        { provide: ClassPackages, useValue: { keep: () => Promise.resolve(), follow: () => undefined } },
        {
          provide: Holds,
          useValue: {
            page: `page-${++pages}`,
            take: (name: string) => Promise.resolve(!elsewhere.has(name)),
            takeOwn: () => Promise.resolve(true),
          },
        },
        { provide: MatSnackBar, useValue: toasts },
      ],
    });
    session = TestBed.inject(ClassSession);
    plans = TestBed.inject(PlanStore);
    http = TestBed.inject(HttpTestingController);
    session.open('class-1');
    await soon();
    libraryAsked(http).flush(libraryOf(sampleRevisions));
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

  it('knows that it is on the floor in this browser, as long as somebody could go on there', async () => {
    const run = (classId: string, seenAtMs: number) => ({
      begun: true,
      seenAtMs,
      start: { classId, plan: { title: 'Quiet ankles' } },
    });
    store = new MemoryStore();
    store.shelf.set('floor:class-1:page-1', run('class-1', Date.now() - 60_000));
    await open();
    expect(session.onFloor()).toBe(true);
    store.shelf.set('floor:class-1:page-1', run('class-1', Date.now() - 7 * 3_600_000));
    store.shelf.set('floor:class-2:page-1', run('class-2', Date.now()));
    await open();
    expect(session.onFloor()).toBe(false);
  });

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
    expect(session.state()).toEqual({ kind: 'away', keptHere: true, failure: { kind: 'no-server' } });
    await open();
    put().error(new ProgressEvent('offline'));
    http.expectOne('/api/classes/class-1').flush(read());
    expect(plans.plan()?.title).toBe('Mine');
    expect(toasts.open.mock.calls.at(-1)?.[0]).toBe('Edits that were not saved last time are back.');
  });

  it('reads the class again where what was left here was saved before the answer came', async () => {
    edit('Mine');
    await soon();
    jest.advanceTimersByTime(700);
    put().error(new ProgressEvent('offline'));
    await soon();
    await open();
    // the edit overtakes the question: its answer is here first, and the class comes as it was before
    const asked = http.expectOne({ method: 'GET', url: '/api/classes/class-1' });
    put().flush({ id: 'class-1', version: 5, updatedAt: at });
    asked.flush(read());
    http.expectOne('/api/classes/class-1').flush(read({ ...samplePlan(), title: 'Mine' }, 5));
    expect(plans.plan()?.title).toBe('Mine');
    edit('Mine, and more');
    await soon();
    jest.advanceTimersByTime(700);
    expect(body(put()).basedOn).toBe(5);
  });

  it('says so where this browser keeps nothing while the server is away, and still saves when it is back', async () => {
    store.keepsNothing = true;
    edit('Only here');
    await soon();
    jest.advanceTimersByTime(700);
    put().error(new ProgressEvent('offline'));
    expect(session.state()).toEqual({ kind: 'away', keptHere: false, failure: { kind: 'no-server' } });
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

  it('after a clash keeps both, also where the server has gone since: my side is kept here as a class to be made', async () => {
    edit('Mine');
    await soon();
    jest.advanceTimersByTime(700);
    clash(put(), { ...samplePlan(), title: 'Theirs' });
    const copyId = await session.keepBoth(clashNow());
    expect([plans.plan()?.title, session.unsaved]).toEqual(['Theirs', false]);
    const copy = http.expectOne({ method: 'POST', url: '/api/classes' });
    expect(copy.request.body).toMatchObject({ plan: { id: copyId, title: 'Mine, my side' } });
    copy.error(new ProgressEvent('offline'));
    await soon();
    expect(store.shelf.size).toBe(1);
    // another page of the application, later
    await open();
    const made = http.expectOne({ method: 'POST', url: '/api/classes' });
    expect(made.request.body).toMatchObject({ saveId: (copy.request.body as { saveId: string }).saveId });
  });

  it('calls nothing kept before it is: an edit behind a server that is away is being written down first', async () => {
    edit('One');
    await soon();
    jest.advanceTimersByTime(700);
    put().error(new ProgressEvent('offline'));
    expect(session.state()).toMatchObject({ kind: 'away', keptHere: true });
    edit('Two');
    expect(session.state()).toMatchObject({ kind: 'away', keptHere: null });
    await soon();
    expect(session.state()).toMatchObject({ kind: 'away', keptHere: true });
  });

  it('is left at once where the edit lies in this browser, however long the server says nothing', async () => {
    edit('Kept');
    await soon();
    let left = false;
    void session.written().then(() => (left = true));
    await soon();
    put();
    expect(left).toBe(false);
    jest.advanceTimersByTime(1500);
    await soon();
    expect(left).toBe(true);
    expect(store.shelf.size).toBe(1);
  });

  it('says what the server says of itself: a full disk is no missing server', async () => {
    edit('No room');
    await soon();
    jest.advanceTimersByTime(700);
    const problem = { type: 'urn:x', title: 'The disk is full', status: 503, detail: 'Make room.', code: 'disk-fault' };
    put().flush(problem, { status: 503, statusText: 'x' });
    expect(session.state()).toMatchObject({
      kind: 'away',
      keptHere: true,
      failure: { problem: { title: problem.title } },
    });
    jest.advanceTimersByTime(3000);
    put().flush({ id: 'class-1', version: 5, updatedAt: at });
    expect(session.state().kind).toBe('saved');
  });

  it('does not try for ever what the server answers in words of another version', async () => {
    edit('To a newer server');
    await soon();
    jest.advanceTimersByTime(700);
    put().flush({ saved: 'yes' });
    expect(session.state()).toMatchObject({
      kind: 'refused',
      words: expect.stringContaining('does not understand') as string,
    });
    jest.advanceTimersByTime(60_000);
    http.expectNone('/api/classes/class-1');
    expect(store.shelf.size).toBe(1);
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

  it('shows an edit of a page that let it go late, once that is saved', async () => {
    edit('Left late');
    await soon();
    const before = `letters of page-${pages}`;
    elsewhere.add(before);
    await open();
    http.expectOne('/api/classes/class-1').flush(read());
    expect(plans.plan()?.title).not.toBe('Left late');
    elsewhere.delete(before);
    jest.advanceTimersByTime(2500);
    await soon();
    const late = put();
    expect(body(late).plan.title).toBe('Left late');
    late.flush({ id: 'class-1', version: 5, updatedAt: at });
    const newer = read({ ...samplePlan(), title: 'Left late' }, 5, '2026-11-24T13:00:00.000Z');
    http.expectOne('/api/classes/class-1').flush(newer);
    expect(plans.plan()?.title).toBe('Left late');
  });
});
