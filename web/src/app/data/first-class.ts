import { Injectable, inject, signal } from '@angular/core';
import * as z from 'zod';
import { BrowserStore } from './browser-store';

const key = 'needlework.first-class';
const over = 'done';

/**
 * The first class that is made in this browser: its maker is led through it by doing. It begins with the first empty class,
 * goes on over a reload, and is over for good once that class was counted on the floor, or its maker knows the way.
 */
@Injectable({ providedIn: 'root' })
export class FirstClass {
  private readonly kept = inject(BrowserStore);
  private readonly state = signal(this.kept.remembered(key, z.string().max(80), ''));

  /** An empty class is open: the first there was leads on. */
  meet(classId: string): void {
    if (this.state() === '') this.become(classId);
  }

  leads(classId: string): boolean {
    return this.state() === classId;
  }

  finish(): void {
    if (this.state() !== over) this.become(over);
  }

  private become(state: string): void {
    this.state.set(state);
    this.kept.remember(key, state);
  }
}
