import 'fake-indexeddb/auto';
import { TestBed } from '@angular/core/testing';
import * as z from 'zod';
import { readPlan } from '@core/plan';
import { samplePlan } from '../../testing/sample-class';
import { BrowserStore } from './browser-store';

// the test environment lacks what every browser has
globalThis.structuredClone ??= <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe('what this browser keeps', () => {
  const store = TestBed.inject(BrowserStore);
  const plan = samplePlan();

  it('is found again by its key, read through a schema, and forgotten', async () => {
    expect(await store.keep('plan one', plan)).toBe(true);
    expect((await store.find('plan one', 'This class', readPlan))?.value).toEqual(plan);
    await store.forget('plan one');
    expect(await store.find('plan one', 'This class', readPlan)).toBeNull();
  });

  it('comes in the order of its keys, and only what begins so', async () => {
    for (const key of ['plan b', 'plan a', 'other c']) await store.keep(key, plan);
    expect((await store.all('plan ', 'This class', readPlan)).map(({ key }) => key)).toEqual(['plan a', 'plan b']);
  });

  it('says in words what it cannot read, and keeps it as it is', async () => {
    await store.keep('half', { ...plan, blocks: undefined });
    const found = await store.find('half', 'This draft', readPlan);
    expect(found?.unreadable).toContain('This draft cannot be read: blocks');
    expect((await store.find('half', 'This draft', readPlan))?.unreadable).toBe(found?.unreadable);
  });

  it('has what was put by until the tab closes, and nothing where that is too much or cannot be read', () => {
    const List = z.array(z.number());
    expect(store.takenUp('test.by', List)).toBeNull();
    store.putBy('test.by', [1, 2]);
    expect(store.takenUp('test.by', List)).toEqual([1, 2]);
    expect(store.takenUp('test.by', z.string())).toBeNull();
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    store.putBy('test.by', [3]);
    full.mockRestore();
    // what was there before leads elsewhere by now
    expect(store.takenUp('test.by', List)).toBeNull();
    sessionStorage.setItem('test.by', '{ torn');
    expect(store.takenUp('test.by', List)).toBeNull();
  });

  it('remembers small choices, and falls back where they are nonsense', () => {
    const Choice = z.enum(['yes', 'no']);
    store.remember('test.choice', 'no');
    expect(store.remembered('test.choice', Choice, 'yes')).toBe('no');
    store.remember('test.choice', 'perhaps');
    expect(store.remembered('test.choice', Choice, 'yes')).toBe('yes');
  });

  describe('where the browser’s store is silent or blocked', () => {
    const real = globalThis.indexedDB;
    const put = (fake: unknown) => Object.defineProperty(globalThis, 'indexedDB', { value: fake, configurable: true });
    afterEach(() => {
      put(real);
      jest.useRealTimers();
    });
    /** A fresh copy, since the library remembers its connection. */
    const fresh = async () => {
      let made: BrowserStore | null = null;
      await jest.isolateModulesAsync(async () => {
        const module = await import('./browser-store');
        made = new module.BrowserStore();
      });
      return made as unknown as BrowserStore;
    };

    it('one that throws keeps nothing and finds nothing', async () => {
      put({
        open: () => {
          throw new DOMException('blocked', 'SecurityError');
        },
      });
      const blocked = await fresh();
      expect(await blocked.keep('key', 1)).toBe(false);
      expect(await blocked.find('key', 'This class', readPlan)).toBeNull();
      expect(await blocked.all('key', 'This class', readPlan)).toEqual([]);
      await expect(blocked.forget('key')).resolves.toBeUndefined();
    });

    it('one that never answers is waited for two seconds, and then hardly any more', async () => {
      put({ open: () => ({}) });
      const silent = await fresh();
      jest.useFakeTimers();
      const first = silent.find('key', 'This class', readPlan);
      await jest.advanceTimersByTimeAsync(4000);
      expect(await first).toBeNull();
      const second = silent.keep('key', 1);
      await jest.advanceTimersByTimeAsync(300);
      expect(await second).toBe(false);
    });
  });

  it('leaves nothing behind once it is emptied, also not when the page goes', async () => {
    const leaving = TestBed.runInInjectionContext(() => new BrowserStore());
    leaving.putBy('test.by', [1]);
    leaving.remember('test.choice', 'no');
    await leaving.keep('plan one', plan);
    await leaving.empty();
    leaving.putBy('test.by', [2]);
    expect(leaving.takenUp('test.by', z.array(z.number()))).toBeNull();
    expect([localStorage.length, sessionStorage.length]).toEqual([0, 0]);
    expect(await store.find('plan one', 'This class', readPlan)).toBeNull();
  });
});
