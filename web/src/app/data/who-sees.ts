import { Injectable, inject, signal } from '@angular/core';
import * as z from 'zod';
import { BrowserStore } from './browser-store';

const key = 'needlework.others-see';

/** Whether others can see this screen: then people stand on it by their initials alone. A choice of this device. */
@Injectable({ providedIn: 'root' })
export class WhoSees {
  private readonly store = inject(BrowserStore);
  private readonly seen = signal(this.store.remembered(key, z.enum(['yes', 'no']), 'no') === 'yes');
  readonly others = this.seen.asReadonly();

  set(others: boolean): void {
    this.seen.set(others);
    this.store.remember(key, others ? 'yes' : 'no');
  }
}
