import { Injectable, computed, inject, signal } from '@angular/core';
import * as z from 'zod';
import { BrowserStore } from '../../data/browser-store';
import type { KeyTable } from '../../parts/keys/key-table';
import { type FloorDoing, floorKeys } from './floor-keys';

const ownKey = 'needlework.floor-keys';
/** What a device remembers of it: which key does what. */
const Own = z
  .string()
  .transform((text, context): unknown => {
    try {
      return JSON.parse(text);
    } catch {
      context.addIssue({ code: 'custom', message: 'not-json' });
      return z.NEVER;
    }
  })
  .pipe(z.record(z.string(), z.string().min(1).max(30)));

const signs: Readonly<Record<string, string>> = { ' ': 'Space', ArrowRight: '→', ArrowLeft: '←', '-': '−' };
/** How a key is shown on the sheet. */
export const shownAs = (key: string): string =>
  signs[key] ?? (key.length === 1 ? key.toUpperCase() : key.replace(/([a-z])([A-Z])/g, '$1 $2'));

/** The keys of the floor on this device: as they come, or as a teacher's pedal and presenter send them. */
@Injectable({ providedIn: 'root' })
export class OwnKeys {
  private readonly kept = inject(BrowserStore);
  private readonly own = signal<Readonly<Record<string, string>>>(this.kept.remembered(ownKey, Own, {}));
  readonly changed = computed(() => Object.keys(this.own()).length > 0);

  readonly table = computed((): KeyTable<FloorDoing> => {
    const own = this.own();
    const taken = new Set(Object.values(own));
    return {
      where: floorKeys.where,
      bindings: floorKeys.bindings.map((binding) => {
        const mine = own[binding.does];
        if (mine !== undefined) return { ...binding, keys: [mine], shown: shownAs(mine) };
        // a key that was given to something else does only that
        return { ...binding, keys: binding.keys.filter((key) => !taken.has(key)) };
      }),
    };
  });

  /** From now on that key does this, and nothing else. */
  give(does: FloorDoing, key: string): void {
    const others = Object.entries(this.own()).filter(([doing, own]) => doing !== does && own !== key);
    this.set({ ...Object.fromEntries(others), [does]: key });
  }

  /** All keys as they came. */
  reset(): void {
    this.set({});
  }

  private set(own: Readonly<Record<string, string>>): void {
    this.own.set(own);
    this.kept.remember(ownKey, JSON.stringify(own));
  }
}
