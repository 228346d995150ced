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

  it('remembers small choices, and falls back where they are nonsense', () => {
    const Choice = z.enum(['yes', 'no']);
    store.remember('test.choice', 'no');
    expect(store.remembered('test.choice', Choice, 'yes')).toBe('no');
    store.remember('test.choice', 'perhaps');
    expect(store.remembered('test.choice', Choice, 'yes')).toBe('yes');
  });
});
