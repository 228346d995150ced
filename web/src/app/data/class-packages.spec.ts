import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { firstValueFrom } from 'rxjs';
import { reps } from '@core/dose';
import { itemsOf, newItem } from '@core/plan';
import { named } from '../../testing/built-in';
import { MemoryStore } from '../../testing/memory-store';
import { samplePlan, sampleRevisions } from '../../testing/sample-class';
import { BrowserStore } from './browser-store';
import { ClassPackages } from './class-packages';
import { Outbox } from './outbox';

const at = '2026-11-24T12:00:00.000Z';
const soon = () => new Promise((later) => setTimeout(later));

describe('classes that this browser keeps', () => {
  let store: MemoryStore;
  let waiting: object | null = null;
  let packages: ClassPackages;
  let http: HttpTestingController;

  beforeEach(() => {
    store = new MemoryStore();
    waiting = null;
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
        { provide: Outbox, useValue: { ready: Promise.resolve(), newest: () => waiting } },
      ],
    });
    packages = TestBed.inject(ClassPackages);
    http = TestBed.inject(HttpTestingController);
  });

  const read = { plan: samplePlan(reps(5)), version: 3, updatedAt: at, revisions: [...sampleRevisions] };
  const asked = () => http.expectOne('/api/classes/class-1');
  const opened = async () => {
    const found = firstValueFrom(packages.read('class-1'));
    asked().flush(read);
    await found;
    await soon();
  };
  const away = () => asked().error(new ProgressEvent('error'), { status: 0 });

  it('come from the server while it answers, and are kept', async () => {
    const found = firstValueFrom(packages.read('class-1'));
    asked().flush(read);
    expect(await found).toMatchObject({ fromHere: false, read: { version: 3 } });
    await soon();
    expect(await packages.here()).toMatchObject([
      { id: 'class-1', title: read.plan.title, slotSeconds: read.plan.slotSeconds },
    ]);
  });

  it('come from this browser where the server is gone, with an edit that it never got', async () => {
    await opened();
    const gone = firstValueFrom(packages.read('class-1'));
    away();
    expect(await gone).toMatchObject({ fromHere: true, read: { plan: { title: read.plan.title } } });
    waiting = { kind: 'class', plan: { ...read.plan, title: 'Newer' } };
    const newer = firstValueFrom(packages.read('class-1'));
    away();
    expect((await newer).read.plan.title).toBe('Newer');
  });

  it('come from this browser where the server says nothing for long', async () => {
    await opened();
    jest.useFakeTimers();
    const found = firstValueFrom(packages.read('class-1'));
    await jest.advanceTimersByTimeAsync(3000);
    expect((await found).fromHere).toBe(true);
    jest.useRealTimers();
  });

  it('are not made up: one that was never opened here is told as it failed, and one that was deleted too', async () => {
    const never = firstValueFrom(packages.read('class-1'));
    away();
    await expect(never).rejects.toMatchObject({ status: 0 });
    await opened();
    const deleted = firstValueFrom(packages.read('class-1'));
    const gone = {
      type: 'urn:needlework:problem:not-found',
      title: 'Not found',
      status: 404,
      detail: 'It is not here.',
      code: 'not-found',
    };
    asked().flush(gone, { status: 404, statusText: 'Not Found' });
    await expect(deleted).rejects.toMatchObject({ status: 404 });
    expect(await packages.here()).toEqual([]);
  });

  it('follow an edit of a class that is open, with the exercises it takes in', async () => {
    await opened();
    const shake = named('loose-ankle-shake');
    const [block] = read.plan.blocks;
    const plan = {
      ...read.plan,
      blocks: [{ ...block!, items: [...block!.items, newItem('item-new', shake.exercise, shake.revision)] }],
    };
    jest.useFakeTimers();
    packages.follow(plan, [shake]);
    await jest.advanceTimersByTimeAsync(1000);
    jest.useRealTimers();
    await soon();
    const gone = firstValueFrom(packages.read('class-1'));
    away();
    const { read: kept } = await gone;
    expect(itemsOf(kept.plan)).toHaveLength(itemsOf(plan).length);
    expect(kept.revisions.map((r) => r.exercise.id)).toContain('loose-ankle-shake');
  });

  it('are the sixty that were opened last', async () => {
    for (let n = 0; n < 62; n++)
      await packages.keep({ ...read, taught: 0, standbys: [], plan: { ...read.plan, id: `class-${n}` } });
    const here = await packages.here();
    expect([here.length, here[0]?.id]).toEqual([60, 'class-61']);
    expect(store.shelf.has('class-here:class-0')).toBe(false);
  });
});
