import { TestBed } from '@angular/core/testing';
import { firstValueFrom, last } from 'rxjs';
import type { Exercise } from '@core/exercise';
import { randomClass } from '@core/testing/random-class';
import { LocalWorker } from '../../testing/local-worker';
import { HeavyWork, WORKER_FACTORY } from './heavy-work';
import type { FitJob } from './job';

function job(items: number, targetMs: number | null = null): FitJob {
  const { plan, exercises } = randomClass(7, items);
  const known = exercises.map((e, i): [string, Exercise] => [i.toString(16).padStart(16, '0'), e]);
  return { kind: 'fit', plan, exercises: known, only: null, targetMs, dropUpTo: 1 };
}

describe('heavy work in the worker', () => {
  let worker: LocalWorker;
  let heavy: HeavyWork;
  beforeEach(() => {
    worker = new LocalWorker();
    TestBed.configureTestingModule({ providers: [{ provide: WORKER_FACTORY, useValue: () => worker }] });
    heavy = TestBed.inject(HeavyWork);
  });

  it('tells its progress and then its result', async () => {
    const seen: number[] = [];
    const stream = heavy.run(job(12));
    const result = firstValueFrom(stream.pipe(last()));
    const also = heavy.run(job(12)).subscribe(({ done }) => seen.push(done));
    worker.drain();
    expect((await result).result?.plan.id).toBe('class-1');
    expect(seen.length).toBeGreaterThan(3);
    expect(seen.at(-1)).toBe(1);
    also.unsubscribe();
  });

  it('stops when nobody waits for it any more', () => {
    // no class lands in a second, so all of the search is gone through
    const stream = heavy.run(job(20, 1000)).subscribe();
    worker.drain(2);
    expect(worker.waiting.length).toBe(1);
    stream.unsubscribe();
    expect(worker.heard.at(-1)?.kind).toBe('cancel');
    worker.drain(1);
    expect(worker.waiting).toEqual([]);
  });

  it('says so when the work fails, and takes the next job', async () => {
    const bad = { ...job(3), plan: null as unknown as FitJob['plan'] };
    await expect(firstValueFrom(heavy.run(bad))).rejects.toThrow();
    const good = firstValueFrom(heavy.run(job(3)).pipe(last()));
    worker.drain();
    expect((await good).result).not.toBeNull();
  });
});
