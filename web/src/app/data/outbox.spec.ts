import { newCourse } from '@core/course';
import { newStudent } from '@core/roster';
import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Subject, take } from 'rxjs';
import { defaultSchool } from '@core/exercise';
import { defaultLoadRules } from '@core/load';
import { defaultPace } from '@core/plan';
import { MemoryStore } from '../../testing/memory-store';
import { samplePlan, sampleRevisions } from '../../testing/sample-class';
import { BrowserStore } from './browser-store';
import { Holds } from './holds';
import { type Letter, newClass } from './letter';
import { type Outcome, Outbox } from './outbox';
import type { Waiting } from './waiting';

const at = '2026-11-24T12:00:00.000Z';
let made = 0;
const shared = (id: string) => ({ format: 1 as const, id: `letter-${id}` });
const edit = (title: string, basedOn: number | null = 4): Letter => ({
  kind: 'class',
  format: 1,
  id: `save-${++made}`,
  plan: { ...samplePlan(), title },
  basedOn,
});
const event = (seq: number): Letter => ({
  kind: 'run-events',
  format: 1,
  id: `event-${++made}`,
  runId: 'run-1',
  events: [{ runId: 'run-1', deviceId: 'device-1', seq, atMs: seq * 1000, event: { kind: 'started' } }],
});
const refusal = (code: string, status: number, more: object = {}) =>
  [
    { type: 'urn:x', title: 'Not saved', status, detail: 'Too many reps.', code, ...more },
    { status, statusText: 'x' },
  ] as const;

describe('the outbox', () => {
  let store: MemoryStore;
  let outbox: Outbox;
  let http: HttpTestingController;
  let heard: Outcome['result']['kind'][];
  /** What other pages of this browser hold. */
  let elsewhere: Set<string>;
  let pages = 0;
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const open = async () => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
        {
          provide: Holds,
          useValue: {
            page: `page-${++pages}`,
            take: (name: string) => Promise.resolve(!elsewhere.has(name)),
            takeOwn: () => Promise.resolve(true),
          },
        },
      ],
    });
    outbox = TestBed.inject(Outbox);
    http = TestBed.inject(HttpTestingController);
    heard = [];
    outbox.outcomes$.subscribe(({ result }) => heard.push(result.kind));
    await outbox.ready;
    await soon();
  };
  const sent = () => http.expectOne({ method: 'PUT', url: '/api/classes/class-1' });
  const body = (request: ReturnType<typeof sent>) =>
    request.request.body as { saveId: string; basedOn: number; plan: { title: string } };
  const answer = (request: ReturnType<typeof sent>, version: number) =>
    request.flush({ id: 'class-1', version, updatedAt: at });

  beforeEach(async () => {
    jest.useFakeTimers();
    store = new MemoryStore();
    elsewhere = new Set();
    await open();
  });
  afterEach(() => jest.useRealTimers());

  it('keeps a letter on disk before it is answered, and forgets it when the server has it', async () => {
    await outbox.put(edit('One'));
    expect(store.shelf.size).toBe(1);
    answer(sent(), 5);
    await soon();
    expect([store.shelf.size, outbox.waiting().length, heard]).toEqual([0, 0, ['sending', 'sent']]);
  });

  it('reads again what was on its way while an edit was saved, and asks once for what is as new', async () => {
    await outbox.put(edit('One'));
    const save = sent();
    const answers = new Subject<{ readonly version: number }>();
    let asked = 0;
    const versions: number[] = [];
    const read = () => {
      asked += 1;
      return answers.pipe(take(1));
    };
    outbox.readNewest('class:class-1', read).subscribe(({ version }) => versions.push(version));
    await soon();
    answer(save, 5);
    answers.next({ version: 4 });
    expect([asked, versions]).toEqual([2, []]);
    answers.next({ version: 5 });
    expect(versions).toEqual([5]);
    outbox.readNewest('class:class-1', read).subscribe(({ version }) => versions.push(version));
    await soon();
    answers.next({ version: 5 });
    expect([asked, versions]).toEqual([3, [5, 5]]);
  });

  it('waits for a quiet moment, and sends the newest edit alone', async () => {
    await outbox.put(edit('One'), 700);
    await outbox.put(edit('Two'), 700);
    jest.advanceTimersByTime(699);
    http.expectNone('/api/classes/class-1');
    jest.advanceTimersByTime(1);
    expect(body(sent()).plan.title).toBe('Two');
    expect(store.shelf.size).toBe(1);
  });

  it('sends an edit made meanwhile after the first, on the version that the first made', async () => {
    await outbox.put(edit('One'));
    const first = sent();
    await outbox.put(edit('Two'));
    http.expectNone('/api/classes/class-1');
    answer(first, 9);
    expect(body(sent())).toMatchObject({ basedOn: 9, plan: { title: 'Two' } });
  });

  it.each(['course', 'student'] as const)(
    'sends an edit of a %s made meanwhile on the version that the first made: it is no clash with itself',
    async (kind) => {
      const letter = (title: string): Letter =>
        kind === 'course'
          ? { ...shared(title), kind, basedOn: 1, course: newCourse('of-all', title, '2026-03-02', 'UTC') }
          : { ...shared(title), kind, basedOn: 1, student: newStudent('of-all', title) };
      const url = kind === 'course' ? '/api/courses/of-all' : '/api/people/students/of-all';
      const saving = () => http.expectOne({ method: 'PUT', url });
      await outbox.put(letter('One'));
      const first = saving();
      await outbox.put(letter('Two'));
      first.flush({ version: 2 });
      expect(saving().request.body).toMatchObject({ basedOn: 2 });
    },
  );

  it('tries the same letter again until the server answers, and says so each time', async () => {
    await outbox.put(edit('One'));
    const first = sent();
    first.error(new ProgressEvent('offline'));
    jest.advanceTimersByTime(3000);
    const again = sent();
    expect(body(again).saveId).toBe(body(first).saveId);
    again.error(new ProgressEvent('offline'));
    window.dispatchEvent(new Event('online'));
    answer(sent(), 5);
    expect(heard).toEqual(['sending', 'away', 'away', 'sent']);
  });

  it('takes up what an earlier page left, also when the answer to it was lost', async () => {
    await outbox.put(edit('One'));
    const lost = body(sent());
    await outbox.put(edit('Two'));
    await open();
    const again = sent();
    expect(body(again)).toMatchObject({ saveId: lost.saveId, basedOn: 4, plan: { title: 'One' } });
    answer(again, 5);
    expect(body(sent())).toMatchObject({ basedOn: 5, plan: { title: 'Two' } });
  });

  it('takes up the unsaved edits of an application that had no outbox, in their old words', async () => {
    const { format, ...plan } = { ...samplePlan(), title: 'Drafted' };
    void format;
    store.shelf.set('draft:class-1', { plan, basedOn: 3, saveId: 'save-old' });
    await open();
    expect(outbox.newest('class:class-1')).toMatchObject({ kind: 'class', basedOn: 3 });
    expect(body(sent())).toMatchObject({ saveId: 'save-old', basedOn: 3, plan: { title: 'Drafted', format: 10 } });
  });

  it('tells what it cannot read and leaves it where it is: cut in half, or of a newer version', async () => {
    store.shelf.set('draft:class-1', { plan: { ...samplePlan(), format: 77 }, basedOn: 3, saveId: 'save-new' });
    store.shelf.set('letter 000000000000001 000000 class:class-2 half', { kind: 'class', format: 1 });
    await open();
    expect(outbox.unreadable('class:class-1')).toContain('An unsaved edit of this class');
    expect(outbox.unreadable('class:class-2')).toContain('not-readable');
    expect(outbox.unreadable('class:class-3')).toBeNull();
    expect(store.shelf.size).toBe(2);
    http.expectNone('/api/classes/class-1');
  });

  it('sends nothing more to an addressee after a clash until somebody has chosen', async () => {
    await outbox.put(edit('Mine'));
    const current = { plan: samplePlan(), version: 9, updatedAt: at, revisions: [...sampleRevisions] };
    sent().flush(...refusal('clash', 409, { clash: { current, keptRevision: 3 } }));
    await outbox.put(edit('Still typing'));
    jest.advanceTimersByTime(10_000);
    http.expectNone('/api/classes/class-1');
    expect(store.shelf.size).toBe(2);
    await outbox.drop('class:class-1');
    expect(store.shelf.size).toBe(0);
    await outbox.put(edit('Mine goes on', 9));
    expect(body(sent())).toMatchObject({ basedOn: 9 });
  });

  it('lets a refused edit give way to the next one', async () => {
    await outbox.put(edit('A thousand reps'));
    const first = sent();
    await outbox.put(edit('Ten reps'));
    first.flush(...refusal('not-valid', 422));
    expect(body(sent())).toMatchObject({ basedOn: 4, plan: { title: 'Ten reps' } });
    expect(heard).toEqual(['sending', 'refused', 'sending']);
  });

  it('sends what happened on the floor in order, together, after the run has begun', async () => {
    const start = { classId: 'class-1', version: 1, plan: samplePlan(), startedAt: at };
    await outbox.put({ kind: 'run-start', format: 1, id: 'start-1', runId: 'run-1', start });
    for (const seq of [0, 1, 2]) await outbox.put(event(seq));
    http.expectOne({ method: 'PUT', url: '/api/runs/run-1' }).flush(null);
    const posted = http.expectOne({ method: 'POST', url: '/api/runs/run-1/events' });
    expect((posted.request.body as { events: { seq: number }[] }).events.map((e) => e.seq)).toEqual([0, 1, 2]);
    posted.flush(null);
    await soon();
    expect(store.shelf.size).toBe(0);
  });

  it('does not let one addressee wait for another', async () => {
    await outbox.put(edit('Waiting'));
    sent().error(new ProgressEvent('offline'));
    await outbox.put({
      kind: 'preferences',
      format: 1,
      id: 'pref-1',
      preferences: { school: defaultSchool, pace: defaultPace(), words: [], weekly: {}, load: defaultLoadRules },
    });
    http.expectOne({ method: 'PUT', url: '/api/preferences' }).flush(null);
    expect(outbox.newest('preferences')).toBeNull();
    expect(outbox.newest('class:class-1')).not.toBeNull();
  });

  it('tries an addressee again at once when one more letter is sent, and says whether that one arrived', async () => {
    const preferences = (id: string): Letter => ({
      kind: 'preferences',
      format: 1,
      id,
      preferences: { school: defaultSchool, pace: defaultPace(), words: [], weekly: {}, load: defaultLoadRules },
    });
    const first = outbox.send(preferences('pref-1'));
    await soon();
    http.expectOne('/api/preferences').error(new ProgressEvent('offline'));
    expect((await first).kind).toBe('away');
    const second = outbox.send(preferences('pref-2'));
    await soon();
    // the first may have arrived: it goes again as it was, and the second behind it
    http.expectOne('/api/preferences').error(new ProgressEvent('offline'));
    expect((await second).kind).toBe('away');
    const third = outbox.send(preferences('pref-3'));
    await soon();
    http.expectOne('/api/preferences').flush(null);
    http.expectOne('/api/preferences').flush(null);
    expect((await third).kind).toBe('sent');
    expect(outbox.newest('preferences')).toBeNull();
  });

  it('does not let a letter wait for ever behind a refused one', async () => {
    await outbox.put(event(0));
    http.expectOne('/api/runs/run-1/events').flush(...refusal('not-found', 404));
    const remarks = outbox.send({
      kind: 'run-remarks',
      format: 1,
      id: 'r-1',
      runId: 'run-1',
      remarks: { headcount: 3, note: '' },
    });
    await soon();
    expect(await remarks).toMatchObject({ kind: 'refused', failure: { problem: { code: 'not-found' } } });
  });

  it('knows where this browser keeps nothing', async () => {
    store.keepsNothing = true;
    expect(await outbox.put(edit('Only here'))).toBe(false);
    expect(outbox.keptHere('class:class-1')).toBe(false);
  });

  it('lets nobody close the page over something that lies nowhere else, and everybody otherwise', async () => {
    const closing = () => {
      const event = new Event('beforeunload', { cancelable: true });
      window.dispatchEvent(event);
      return event.defaultPrevented;
    };
    await outbox.put(edit('Kept'));
    expect(closing()).toBe(false);
    answer(sent(), 5);
    await soon();
    store.keepsNothing = true;
    await outbox.put(edit('Only here'));
    expect(closing()).toBe(true);
    answer(sent(), 6);
    expect(closing()).toBe(false);
  });

  describe('beside another page of this browser', () => {
    /** What another page has written down and still looks after. */
    const another = async () => {
      const mine = `letters of page-${pages}`;
      await outbox.put(edit('In the other tab'));
      sent();
      elsewhere.add(mine);
      return mine;
    };

    it('leaves its letters to it, and takes them up when it is gone', async () => {
      const other = await another();
      await open();
      http.expectNone('/api/classes/class-1');
      expect(outbox.newest('class:class-1')).toBeNull();
      elsewhere.delete(other);
      window.dispatchEvent(new Event('focus'));
      await soon();
      expect(body(sent())).toMatchObject({ plan: { title: 'In the other tab' } });
    });

    it('takes them up by itself where a page that was just left lets go late', async () => {
      const other = await another();
      await open();
      jest.advanceTimersByTime(2500);
      await soon();
      // it still lives
      http.expectNone('/api/classes/class-1');
      elsewhere.delete(other);
      jest.advanceTimersByTime(2500);
      await soon();
      expect(body(sent())).toMatchObject({ plan: { title: 'In the other tab' } });
    });

    it('is no answer to this page’s own edits: a class that is only shown here does not count as saved by it', async () => {
      const other = await another();
      await open();
      const told: string[] = [];
      outbox.outcomes$.subscribe(({ addressee }) => told.push(addressee));
      elsewhere.delete(other);
      window.dispatchEvent(new Event('focus'));
      await soon();
      answer(sent(), 5);
      // whoever shows the class is not told that this is the version it shows
      expect(told.length).toBeGreaterThan(0);
      expect(told).not.toContain('class:class-1');
    });

    it('keeps both where each has edited the same class: nothing replaces what the other typed', async () => {
      const other = await another();
      await open();
      await outbox.put(edit('In this tab'));
      const mine = sent();
      expect(store.shelf.size).toBe(2);
      elsewhere.delete(other);
      window.dispatchEvent(new Event('focus'));
      await soon();
      const theirs = sent();
      expect(body(theirs)).toMatchObject({ basedOn: 4, plan: { title: 'In the other tab' } });
      answer(mine, 5);
      const current = { plan: samplePlan(), version: 5, updatedAt: at, revisions: [...sampleRevisions] };
      theirs.flush(...refusal('clash', 409, { clash: { current, keptRevision: 3 } }));
      await soon();
      expect(outbox.newest('class:class-1')).toBeNull();
      expect(outbox.waiting()).toMatchObject([
        { newest: { plan: { title: 'In the other tab' } }, refused: { problem: { code: 'clash' } } },
      ]);
      // the next edit here is made on what this page saved, and does not wait for the other side
      await outbox.put(edit('Further in this tab', 5));
      const further = sent();
      expect(body(further)).toMatchObject({ basedOn: 5, plan: { title: 'Further in this tab' } });
      // nor is it lost when the other side is thrown away, and brought back
      const [{ queue, apart }] = outbox.waiting().filter(({ refused }) => refused !== null) as [Waiting];
      expect(apart).toBe(true);
      const putBack = await outbox.drop(queue);
      await outbox.put(edit('Last in this tab', 5));
      void putBack();
      expect(body(sent())).toMatchObject({ plan: { title: 'In the other tab' } });
      answer(further, 6);
      expect(body(sent())).toMatchObject({ basedOn: 6, plan: { title: 'Last in this tab' } });
    });

    it('what one page began and another ended goes in its order: a run before what was said of it', async () => {
      const start = { classId: 'class-1', version: 1, plan: samplePlan(), startedAt: at };
      await outbox.put({ kind: 'run-start', format: 1, id: 'start-1', runId: 'run-1', start });
      jest.setSystemTime(Date.now() + 1000);
      const began = [...store.shelf];
      store.shelf.clear();
      await open();
      const remarks = { headcount: 3, note: 'Windy' };
      await outbox.put({ kind: 'run-remarks', format: 1, id: 'remarks-1', runId: 'run-1', remarks });
      for (const [key, letter] of began) store.shelf.set(key, letter);
      await open();
      http.expectNone('/api/runs/run-1/remarks');
      http.expectOne({ method: 'PUT', url: '/api/runs/run-1' }).flush(null);
      http.expectOne('/api/runs/run-1/remarks').flush(null);
      await soon();
      expect([store.shelf.size, outbox.waiting()]).toEqual([0, []]);
    });

    it('what was refused because an older letter came later is sent in its turn', async () => {
      const start = { classId: 'class-1', version: 1, plan: samplePlan(), startedAt: at };
      await outbox.put({ kind: 'run-start', format: 1, id: 'start-1', runId: 'run-1', start });
      const other = `letters of page-${pages}`;
      elsewhere.add(other);
      jest.setSystemTime(Date.now() + 1000);
      await open();
      const remarks = { headcount: 3, note: 'Windy' };
      await outbox.put({ kind: 'run-remarks', format: 1, id: 'remarks-1', runId: 'run-1', remarks });
      const tooEarly = http.expectOne('/api/runs/run-1/remarks');
      elsewhere.delete(other);
      window.dispatchEvent(new Event('focus'));
      await soon();
      http.expectOne({ method: 'PUT', url: '/api/runs/run-1' }).flush(null);
      tooEarly.flush(...refusal('not-found', 404));
      await soon();
      http.match('/api/runs/run-1/remarks').forEach((request) => request.flush(null));
      await soon();
      expect(outbox.waiting()).toEqual([]);
    });

    it('of two pages that are gone the later one goes on, and the other is a side of its own', async () => {
      await outbox.put(edit('The first'));
      await open();
      elsewhere.clear();
      const left = [...store.shelf.keys()];
      expect(left).toHaveLength(1);
      jest.setSystemTime(Date.now() + 5000);
      // the second page never saw the first one's edit
      store.shelf.clear();
      await open();
      await outbox.put(edit('The second'));
      store.shelf.set(left[0] ?? '', { ...edit('The first') });
      await open();
      expect(outbox.newest('class:class-1')).toMatchObject({ plan: { title: 'The second' } });
      const both = http.match({ method: 'PUT', url: '/api/classes/class-1' });
      expect(both.map((r) => (r.request.body as { basedOn: number }).basedOn)).toEqual([4, 4]);
    });
  });

  it('makes a class that is not there yet, and saves what is edited on it', async () => {
    await outbox.put(edit('My side', newClass));
    const made = http.expectOne({ method: 'POST', url: '/api/classes' });
    await outbox.put(edit('My side, further'));
    made.flush({ id: 'class-1', version: 1, updatedAt: at });
    expect(body(sent())).toMatchObject({ basedOn: 1, plan: { title: 'My side, further' } });
  });

  it('tries again what was refused, when somebody asks for it', async () => {
    await outbox.put(edit('After a clash'));
    const first = sent();
    first.flush(...refusal('not-found', 404));
    jest.advanceTimersByTime(10_000);
    http.expectNone('/api/classes/class-1');
    outbox.flush('class:class-1');
    const again = sent();
    expect(body(again).saveId).toBe(body(first).saveId);
    answer(again, 5);
    expect(outbox.waiting()).toEqual([]);
  });

  it('tells what waits, whether it is kept, and why it was refused; what is thrown away can be put in again', async () => {
    await outbox.put(edit('A deleted class'));
    sent().flush(...refusal('not-found', 404));
    expect(outbox.waiting()).toMatchObject([
      { queue: 'class:class-1', count: 1, kept: true, refused: { problem: { code: 'not-found' } } },
    ]);
    const putBack = await outbox.drop('class:class-1');
    expect([outbox.waiting(), store.shelf.size]).toEqual([[], 0]);
    await outbox.put(edit('Typed since'), 700);
    const back = putBack();
    const again = sent();
    await back;
    expect(store.shelf.size).toBe(2);
    answer(again, 5);
    // what was typed since comes behind it
    const since = sent();
    expect(body(since)).toMatchObject({ basedOn: 5, plan: { title: 'Typed since' } });
    answer(since, 6);
    await soon();
    expect(store.shelf.size).toBe(0);
  });
});
