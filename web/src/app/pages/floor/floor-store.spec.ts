import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Subject } from 'rxjs';
import { reps } from '@core/dose';
import { itemsOf } from '@core/plan';
import { counting } from '@core/run';
import { samplePlan, sampleRevisions } from '../../../testing/sample-class';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { Holds } from '../../data/holds';
import { CLOCKS, FloorClock } from './floor-clock';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';
import { KeptRunStore } from './kept-run-store';
import { TonePlayer } from './tone-player';

const at = '2026-11-24T12:00:00.000Z';

/** A wall clock and a monotonic one that tests move by hand; a beat after each move. */
class HandClock {
  wall = Date.parse(at);
  monotonic = 0;
  private readonly beat$ = new Subject<null>();
  readonly beats$ = this.beat$.asObservable();
  pass(ms: number): void {
    this.wall += ms;
    this.monotonic += ms;
    this.beat$.next(null);
  }
  sleep(ms: number): void {
    this.wall += ms;
    this.beat$.next(null);
  }
}

describe('the class on the floor', () => {
  let clock: HandClock;
  let store: FloorStore;
  let http: HttpTestingController;
  let kept: MemoryStore;
  /** What this tab holds of its own making, in the order in which it took it. */
  const own: string[] = [];
  /** What another tab of this browser holds. */
  const elsewhere = new Set<string>();
  let pages = 0;
  const tones = { plan: jest.fn(), hush: jest.fn(), wake: jest.fn() };
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };

  const make = () => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [
        FloorStore,
        KeptRunStore,
        FloorClock,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: WORKER_FACTORY, useValue: () => ({ postMessage: jest.fn(), addEventListener: jest.fn() }) },
        { provide: BrowserStore, useValue: kept },
        { provide: TonePlayer, useValue: tones },
        {
          provide: Holds,
          useValue: {
            page: `page-${++pages}`,
            take: (name: string) => Promise.resolve(!elsewhere.has(name)),
            takeOwn: (name: string) => Promise.resolve(own.push(name) > 0),
            release: jest.fn(),
          },
        },
        {
          provide: CLOCKS,
          useValue: { monotonicMs: () => clock.monotonic, wallMs: () => clock.wall, beats$: clock.beats$ },
        },
      ],
    });
    store = TestBed.inject(FloorStore);
    http = TestBed.inject(HttpTestingController);
  };
  const open = async () => {
    const opening = store.open('class-1');
    await soon();
    http
      .expectOne('/api/classes/class-1')
      .flush({ plan: samplePlan(reps(5)), version: 3, updatedAt: at, revisions: [...sampleRevisions] });
    await opening;
  };
  const keptRuns = () => [...kept.shelf].flatMap(([key, run]) => (key.startsWith('floor:class-1') ? [run] : []));
  const rep = () => {
    const state = store.state();
    return state ? (counting(state)?.count?.unit ?? null) : null;
  };

  beforeEach(() => {
    clock = new HandClock();
    kept = new MemoryStore();
    elsewhere.clear();
    make();
  });

  it('starts its clock with the first tap, not when the page was opened', async () => {
    await open();
    clock.pass(60_000);
    store.act({ kind: 'started' });
    clock.pass(10_000);
    expect(store.state()).toMatchObject({ atMs: 10_000, status: 'set-up' });
  });

  it('tells whoever does not see it the stage and the foot, and the last one; never every count', async () => {
    await open();
    const reading = TestBed.runInInjectionContext(() => new FloorReading());
    const told: string[] = [];
    const listen = () => told.at(-1) !== reading.told() && told.push(reading.told());
    listen();
    store.act({ kind: 'started' });
    listen();
    store.act({ kind: 'started' });
    for (let second = 0; second < 19; second++) {
      clock.pass(1000);
      listen();
    }
    store.act({ kind: 'held' });
    listen();
    expect(told).toEqual([
      'press, left foot, ready.',
      'Set-up, left foot.',
      'Counting, left foot, 5 reps, each foot.',
      'Last one, left foot.',
      'Held.',
    ]);
  });

  it('goes on at the same rep after a reload, without asking the server', async () => {
    await open();
    store.act({ kind: 'started' });
    clock.pass(5000);
    store.act({ kind: 'started' });
    clock.pass(9000);
    expect(rep()).toBe(3);
    make();
    clock.wall += 800;
    await store.open('class-1');
    expect(rep()).toBe(3);
    clock.pass(4000);
    expect(rep()).toBe(4);
    expect(store.notice()).toBeNull();
  });

  it('holds the count where it was when the page was away for long', async () => {
    await open();
    store.act({ kind: 'started' });
    store.act({ kind: 'started' });
    clock.pass(6000);
    make();
    clock.wall += 120_000;
    await store.open('class-1');
    expect(rep()).toBe(2);
    expect(store.notice()).toContain('away for 120 s');
    clock.pass(20_000);
    expect(rep()).toBe(2);
    store.act({ kind: 'resumed' });
    clock.pass(3000);
    expect(rep()).toBe(3);
  });

  it('notices sleep: the wall clock ran on, the other did not', async () => {
    await open();
    store.act({ kind: 'started' });
    store.act({ kind: 'started' });
    clock.pass(6000);
    clock.sleep(300_000);
    expect(store.notice()).toContain('away for 300 s');
    expect(store.state()?.heldSinceMs).toBe(6000);
    expect(store.state()?.atMs).toBe(306_000);
  });

  it('sends each event once, and what a lost server missed when it is back', async () => {
    await open();
    store.act({ kind: 'started' });
    clock.pass(61_000);
    await soon();
    http.expectOne({ method: 'PUT' }).error(new ProgressEvent('offline'));
    await soon();
    clock.pass(5000);
    store.act({ kind: 'started' });
    await soon();
    window.dispatchEvent(new Event('online'));
    http.expectOne({ method: 'PUT' }).flush(null);
    await soon();
    const sent = http.expectOne({ method: 'POST' });
    expect((sent.request.body as { events: { seq: number }[] }).events.map((e) => e.seq)).toEqual([0, 1]);
    sent.flush(null);
    await soon();
    store.act({ kind: 'held' });
    await soon();
    const next = http.expectOne({ method: 'POST' });
    expect((next.request.body as { events: { seq: number }[] }).events.map((e) => e.seq)).toEqual([2]);
  });

  it('keeps a class taught to its end without a server, also when the floor is opened anew', async () => {
    await open();
    store.act({ kind: 'started' });
    store.act({ kind: 'ended' });
    const remarks = store.remark(9, 'Windy.');
    await soon();
    http.expectOne({ method: 'PUT' }).error(new ProgressEvent('offline'));
    expect(await remarks).toBe(false);
    make();
    const opening = store.open('class-1');
    await soon();
    http.expectOne('/api/classes/class-1').error(new ProgressEvent('offline'));
    await opening;
    http.expectOne({ method: 'PUT' }).flush(null);
    http.expectOne({ method: 'POST' }).flush(null);
    expect(http.expectOne({ method: 'PUT' }).request.body).toEqual({ headcount: 9, note: 'Windy.' });
  });

  it('takes up a run of an application without an outbox, in today’s words, and sends what was not sent', async () => {
    await open();
    store.act({ kind: 'started' });
    clock.pass(61_000);
    await soon();
    const now = keptRuns()[0] as Record<string, unknown>;
    const { format, unsentFrom, typed, ...older } = now;
    void [format, unsentFrom, typed];
    const event = { runId: now['runId'], deviceId: now['deviceId'], seq: 1, atMs: 0, event: { kind: 'moved', leg: 1 } };
    // the page that is left keeps its own state once more
    TestBed.resetTestingModule();
    kept.shelf.clear();
    kept.shelf.set('floor:class-1', { ...older, events: [...(now['events'] as object[]), event], sent: 1 });
    make();
    await store.open('class-1');
    await soon();
    expect(store.state()?.boutIndex).toBe(1);
    http.expectOne({ method: 'PUT' }).flush(null);
    const posted = http.expectOne({ method: 'POST' }).request.body as { events: { event: object }[] };
    expect(posted.events.map((e) => e.event)).toEqual([{ kind: 'moved', bout: 1 }]);
  });

  it('a second tab that teaches the same class is another device with a run of its own', async () => {
    await open();
    const held = own.at(-1) ?? '';
    expect(held).toBe(`run ${store.runId()}`);
    store.act({ kind: 'started' });
    clock.pass(2000);
    await soon();
    // the first tab lives on and holds its run, as it did before anything of it was kept
    elsewhere.add(held);
    make();
    await open();
    expect(store.notice()).toContain('another page of this browser');
    expect(store.state()?.status).toBe('ready');
    store.act({ kind: 'started' });
    await soon();
    const runs = keptRuns() as { runId: string; deviceId: string; events: { seq: number }[] }[];
    expect(new Set(runs.map(({ runId }) => runId)).size).toBe(2);
    expect(new Set(runs.map(({ deviceId }) => deviceId)).size).toBe(2);
    expect(runs.map(({ events }) => events.map(({ seq }) => seq))).toEqual([[0], [0]]);
  });

  it('a second tab whose server does not answer says both: who teaches already, and where the class comes from', async () => {
    await open();
    const held = own.at(-1) ?? '';
    store.act({ kind: 'started' });
    await soon();
    elsewhere.add(held);
    make();
    const opening = store.open('class-1');
    await soon();
    http.expectOne('/api/classes/class-1').error(new ProgressEvent('offline'));
    await opening;
    expect(store.notice()).toContain('another page of this browser');
    expect(store.notice()).toContain('The server does not answer');
  });

  it('an earlier run that goes on beside one on another page is not said to begin anew', async () => {
    await open();
    const earlier = store.runId();
    store.act({ kind: 'started' });
    await soon();
    make();
    elsewhere.add(`run ${earlier}`);
    await open();
    clock.pass(2000);
    store.act({ kind: 'started' });
    await soon();
    // the first page has gone and left its run; the second one lives
    elsewhere.clear();
    elsewhere.add(own.at(-1) ?? '');
    make();
    await store.open('class-1');
    expect(store.runId()).toBe(earlier);
    expect(store.notice()).toContain('Here an earlier one goes on');
  });

  it('keeps headcount and note while they are typed, also when the page is loaded again', async () => {
    await open();
    store.act({ kind: 'started' });
    store.act({ kind: 'ended' });
    store.type('12', 'Bands too tight');
    await soon();
    make();
    await store.open('class-1');
    expect([store.state()?.status, store.typed()]).toEqual(['over', { headcount: '12', note: 'Bands too tight' }]);
  });

  it.each([
    ['taught again', async () => store.startOver()],
    [
      'opened another day',
      async () => {
        make();
        await soon();
        // a page that is closed has no time to send what was typed
        for (const [key, letter] of kept.shelf)
          if ((letter as { kind?: string }).kind === 'run-remarks') kept.shelf.delete(key);
        clock.wall += 24 * 3_600_000;
        await Promise.all([store.open('class-1'), soon().then(() => http.match('/api/classes/class-1'))]);
      },
    ],
  ] as const)(
    'a class that ended without being put in the log is in the log with its note when it is %s',
    async (_, leave) => {
      await open();
      store.act({ kind: 'started' });
      store.act({ kind: 'ended' });
      store.type('', 'Wind in the hall');
      await soon();
      const letters = () =>
        [...kept.shelf.values()].filter(
          (found): found is { kind: string } => typeof found === 'object' && found !== null && 'kind' in found,
        );
      void leave();
      await soon();
      await soon();
      expect(letters()).toContainEqual(
        expect.objectContaining({ kind: 'run-remarks', remarks: { headcount: null, note: 'Wind in the hall' } }),
      );
      expect(letters().map(({ kind }) => kind)).toEqual(expect.arrayContaining(['run-start', 'run-events']));
      expect(keptRuns()).toHaveLength(0);
    },
  );

  it('adds and takes a set, and says when there is only one', async () => {
    await open();
    store.act({ kind: 'started' });
    const before = store.state()?.timeline.totalMs ?? 0;
    store.changeSets(1);
    // five reps of 4 s and a rest of 15 s between two sets, on each foot
    expect(store.state()?.timeline.totalMs).toBe(before + 70_000);
    store.changeSets(-1);
    store.changeSets(-1);
    expect(store.state()?.timeline.totalMs).toBe(before);
    expect(store.notice()).toBe('There is only one set.');
  });

  it('takes back one thing after another, and taking back is never taken back', async () => {
    await open();
    store.act({ kind: 'started' });
    clock.pass(2000);
    store.act({ kind: 'started' });
    clock.pass(2000);
    store.undo();
    expect(store.state()?.status).toBe('set-up');
    store.undo();
    expect(store.state()?.status).toBe('ready');
    store.undo();
    expect(store.state()?.status).toBe('ready');
  });

  it('says what is wrong when the class cannot be read', async () => {
    const opening = store.open('class-1');
    await soon();
    http.expectOne('/api/classes/class-1').error(new ProgressEvent('offline'));
    await opening;
    expect(store.opening()).toMatchObject({
      status: 'failed',
      words: expect.stringContaining('server does not answer') as string,
    });
  });

  it('rehearsed runs as fast as it is told, and nothing of it is kept or sent', async () => {
    const opening = store.open('class-1', true);
    await soon();
    http
      .expectOne('/api/classes/class-1')
      .flush({ plan: samplePlan(reps(5)), version: 3, updatedAt: at, revisions: [...sampleRevisions] });
    await opening;
    store.act({ kind: 'flowing', on: true });
    clock.pass(10_000);
    expect(store.state()?.atMs).toBe(10_000);
    TestBed.inject(FloorClock).run(4);
    clock.pass(5000);
    expect(store.state()?.atMs).toBe(30_000);
    TestBed.inject(FloorClock).run(1);
    clock.pass(1000);
    expect(store.state()?.atMs).toBe(31_000);
    await soon();
    http.expectNone(({ url }) => url.startsWith('/api/runs'));
    expect([keptRuns(), store.undecidedMs()]).toEqual([[], null]);
  });

  it('that lasted seconds goes to the log only if somebody says that it was a class', async () => {
    await open();
    store.act({ kind: 'started' });
    clock.pass(12_000);
    await soon();
    http.expectNone({ method: 'PUT' });
    expect(store.undecidedMs()).toBe(12_000);
    await store.leaveOut();
    expect([store.undecidedMs(), keptRuns()]).toEqual([null, []]);
    make();
    await open();
    store.act({ kind: 'started' });
    clock.pass(12_000);
    store.keepInLog();
    await soon();
    http.expectOne({ method: 'PUT' }).flush(null);
    expect(store.undecidedMs()).toBeNull();
  });

  it('is changed with one tap, and one tap takes that back', async () => {
    await open();
    store.act({ kind: 'started' });
    store.adapt('longer');
    const first = () => itemsOf(store.state()!.plan)[0]!.dose;
    expect(first()).toMatchObject([{ reps: 6 }]);
    store.undo();
    expect(first()).toMatchObject([{ reps: 5 }]);
    // nothing was taught yet, so there is nothing to go back to
    store.undo();
    store.adapt('again');
    expect(store.notice()).toBe('That cannot be done just now.');
  });

  it('is taught as it fits the room, and goes one step back to the plan; not once it has begun', async () => {
    await open();
    const planned = store.state()!.plan;
    const met = { ...planned, title: 'As it fits' };
    store.meet(met, [], 'As the room is.');
    expect([store.state()!.plan.title, store.met()]).toEqual(['As it fits', 'As the room is.']);
    store.unmeet();
    expect([store.state()!.plan, store.met()]).toEqual([planned, null]);
    store.meet(met, [], 'As the room is.');
    store.act({ kind: 'started' });
    store.meet(planned, [], '');
    expect(store.state()!.plan.title).toBe('As it fits');
    clock.pass(61_000);
    await soon();
    const run = http.expectOne((asked) => asked.method === 'PUT' && asked.url.startsWith('/api/runs/'));
    expect(run.request.body).toMatchObject({ plan: { title: 'As it fits' } });
  });

  it('a browser that is full: the class goes on, that it is not kept is said once, and the log has it', async () => {
    await open();
    kept.keepsNothing = true;
    store.act({ kind: 'started' });
    await soon();
    expect(store.notice()).toContain('This browser keeps nothing now');
    store.dismiss();
    clock.pass(61_000);
    await soon();
    expect([store.notice(), store.state()!.atMs]).toEqual([null, 61_000]);
    http.expectOne((asked) => asked.method === 'PUT' && asked.url.startsWith('/api/runs/'));
    // room was made, and it is full again
    kept.keepsNothing = false;
    store.act({ kind: 'held' });
    await soon();
    kept.keepsNothing = true;
    store.act({ kind: 'resumed' });
    await soon();
    expect(store.notice()).toContain('This browser keeps nothing now');
  });

  it('a plan that is deleted while it is taught: the class goes on, and that is said', async () => {
    await open();
    store.act({ kind: 'started' });
    const asked = store.checkPlan();
    http
      .expectOne('/api/classes/class-1')
      .flush(
        { type: 'urn:x', title: 'Not found', status: 404, detail: 'Not here.', code: 'not-found' },
        { status: 404, statusText: 'Not Found' },
      );
    await asked;
    expect(store.notice()).toContain('The plan was deleted on another page');
    clock.pass(30_000);
    expect(store.state()!.status).not.toBe('over');
  });

  it('what the room does by itself is not taken back by the teacher', async () => {
    await open();
    store.act({ kind: 'started' });
    store.happens({ kind: 'adapted', command: { type: 'edit-class', change: { slotSeconds: 300 } } });
    store.undo();
    expect(store.state()).toMatchObject({ status: 'ready', plan: { slotSeconds: 300 } });
  });
});
