import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import type { RunState } from '@core/run';
import { type Happened, type Room, roomAction, surprisesOf, toldOf, watched } from '@core/surprise';
import { FloorStore } from './floor-store';

/** Rooms have numbers that can be said aloud: the same number is the same room. */
const rooms = { first: 1000, count: 9000 };

/** A rehearsal in a room where things happen that nobody planned; they are answered with the floor's own buttons. */
@Injectable()
export class SurpriseFlow {
  private readonly store = inject(FloorStore);
  private readonly room = signal<Room | null>(null);
  private readonly coming = signal<readonly Happened[]>([]);

  readonly seed = computed(() => this.room()?.seed ?? null);
  readonly count = computed(() => (this.room()?.waiting.length ?? 0) + (this.room()?.happened.length ?? 0));
  /** What has happened and the teacher has not seen yet, the first first. */
  readonly now = this.coming.asReadonly();
  /** What it came to, once it is over. */
  readonly told = computed(() => {
    const [room, state] = [this.room(), this.store.state()];
    const played = this.store.played();
    if (!room || !played || state?.status !== 'over') return null;
    return toldOf({ room, state, ...played, find: this.store.find });
  });

  constructor() {
    effect(() => {
      const state = this.store.state();
      untracked(() => this.look(state));
    });
  }

  /** A room, before the first tap: the one of a number, or one by chance. */
  begin(seed = rooms.first + Math.floor(Math.random() * rooms.count)): void {
    const state = this.store.state();
    if (!state || this.store.hasBegun()) return;
    this.coming.set([]);
    this.room.set({ seed, waiting: surprisesOf(state.plan, state.timeline, seed), happened: [] });
  }

  leave(): void {
    this.room.set(null);
    this.coming.set([]);
  }

  seen(happened: Happened): void {
    this.coming.update((all) => all.filter((one) => one !== happened));
  }

  /** The same class once more: in the same room, or in another. */
  async again(which: 'same' | 'other'): Promise<void> {
    const seed = this.seed();
    await this.store.startOver();
    this.begin(which === 'same' && seed !== null ? seed : undefined);
  }

  private look(state: RunState | null): void {
    const room = this.room();
    if (!room || !state) return;
    const next = watched(room, state);
    const happened = next.happened.at(-1);
    if (next === room || !happened) return;
    this.room.set(next);
    this.coming.update((all) => [...all, happened]);
    const action = roomAction(happened, state);
    if (action) this.store.happens(action);
  }
}
