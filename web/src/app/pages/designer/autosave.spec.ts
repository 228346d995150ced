import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { Autosave } from './autosave';
import { DraftBox } from './draft-box';

const at = '2026-11-24T12:00:00.000Z';

describe('saving by itself', () => {
  let saver: Autosave;
  let http: HttpTestingController;
  const drafts = {
    keep: jest.fn(() => Promise.resolve(true)),
    forget: jest.fn(() => Promise.resolve()),
    take: jest.fn(),
  };
  const put = () => http.expectOne({ method: 'PUT', url: '/api/classes/class-1' });
  const body = (request: ReturnType<typeof put>) =>
    request.request.body as { saveId: string; basedOn: number; plan: { title: string } };

  beforeEach(() => {
    jest.useFakeTimers();
    jest.clearAllMocks();
    TestBed.configureTestingModule({
      providers: [Autosave, provideHttpClient(), provideHttpClientTesting(), { provide: DraftBox, useValue: drafts }],
    });
    saver = TestBed.inject(Autosave);
    http = TestBed.inject(HttpTestingController);
    saver.start({ version: 4, updatedAt: at });
  });
  afterEach(() => {
    http.verify();
    jest.useRealTimers();
  });

  it('waits until the hand is still, then saves the last state once', () => {
    saver.edited({ ...samplePlan(), title: 'One' });
    saver.edited({ ...samplePlan(), title: 'Two' });
    jest.advanceTimersByTime(699);
    http.expectNone('/api/classes/class-1');
    jest.advanceTimersByTime(1);
    const request = put();
    expect(body(request)).toMatchObject({ basedOn: 4, plan: { title: 'Two' } });
    request.flush({ id: 'class-1', version: 5, updatedAt: at });
    expect(saver.state()).toEqual({ kind: 'saved', at });
    expect(drafts.forget).toHaveBeenCalledWith('class-1');
  });

  it('saves an edit made while a save is under way after it, on the new version', () => {
    saver.edited(samplePlan());
    jest.advanceTimersByTime(700);
    const first = put();
    saver.edited({ ...samplePlan(), title: 'Later' });
    first.flush({ id: 'class-1', version: 5, updatedAt: at });
    jest.advanceTimersByTime(700);
    expect(body(put())).toMatchObject({ basedOn: 5, plan: { title: 'Later' } });
  });

  it('keeps the edit here while the server is away, and sends the same save again', () => {
    saver.edited(samplePlan());
    jest.advanceTimersByTime(700);
    const first = put();
    first.error(new ProgressEvent('offline'));
    expect(saver.state()).toEqual({ kind: 'away', keptHere: true });
    expect(drafts.keep).toHaveBeenCalled();
    jest.advanceTimersByTime(3000);
    const again = put();
    expect(body(again).saveId).toBe(body(first).saveId);
    again.flush({ id: 'class-1', version: 5, updatedAt: at });
    expect(saver.unsaved).toBe(false);
  });

  it('stops at a clash until a side is chosen, then saves over the newer version under a new id', () => {
    saver.edited(samplePlan());
    jest.advanceTimersByTime(700);
    const first = put();
    const current = { plan: samplePlan(), version: 9, updatedAt: at, revisions: [...sampleRevisions] };
    first.flush(
      {
        type: 'urn:x',
        title: 'Changed',
        status: 409,
        detail: 'Both kept.',
        code: 'clash',
        clash: { current, keptRevision: 3 },
      },
      { status: 409, statusText: 'Conflict' },
    );
    const state = saver.state();
    if (state.kind !== 'clash') throw new Error(state.kind);
    saver.edited({ ...samplePlan(), title: 'Still typing' });
    jest.advanceTimersByTime(5000);
    http.expectNone('/api/classes/class-1');
    saver.keepMine(state.clash);
    const second = put();
    expect(body(second)).toMatchObject({ basedOn: 9, plan: { title: 'Still typing' } });
    expect(body(second).saveId).not.toBe(body(first).saveId);
  });

  it('says why the server refused, and tries no more by itself', () => {
    saver.edited(samplePlan());
    jest.advanceTimersByTime(700);
    put().flush(
      { type: 'urn:x', title: 'Not saved', status: 422, detail: 'reps must be at most 200.', code: 'not-valid' },
      { status: 422, statusText: 'Unprocessable' },
    );
    expect(saver.state()).toEqual({ kind: 'refused', words: 'Not saved. reps must be at most 200.' });
    jest.advanceTimersByTime(10_000);
  });

  it('lets the page be left only when the last edit is saved or known to be kept here', async () => {
    saver.edited(samplePlan());
    let left = 0;
    const first = saver.settled().then(() => left++);
    await Promise.resolve();
    expect(left).toBe(0);
    put().flush({ id: 'class-1', version: 5, updatedAt: at });
    await first;
    expect(left).toBe(1);
    await saver.settled();
    saver.edited(samplePlan());
    const second = saver.settled();
    put().error(new ProgressEvent('offline'));
    await second;
    expect(saver.state().kind).toBe('away');
  });
});
