import { Injectable, type OnDestroy, computed, effect, inject } from '@angular/core';
import { deepEqual } from 'fast-equals';
import { Subscription, filter, interval, merge } from 'rxjs';
import { RoomChannel, type RoomFrame } from '../../data/room-channel';
import { FloorReading } from './floor-reading';

/** A room that hears nothing for longer takes the teacher's page to be gone; so it is told again this often, ms. */
const againMs = 1000;

/** Shows the class to the room: every change at once, and the same again for whoever opens later. */
@Injectable()
export class RoomStream implements OnDestroy {
  private readonly reading = inject(FloorReading);
  private channel: RoomChannel | null = null;
  private readonly running = new Subscription();

  private readonly frame = computed(() => this.look(), { equal: deepEqual });

  constructor() {
    effect(() => {
      this.frame();
      this.show();
    });
  }

  open(classId: string): void {
    const channel = new RoomChannel(classId);
    this.channel = channel;
    const asked$ = channel.messages$.pipe(filter(({ kind }) => kind === 'hello'));
    this.running.add(merge(asked$, interval(againMs)).subscribe(() => this.show()));
    this.show();
  }

  ngOnDestroy(): void {
    this.running.unsubscribe();
    this.channel?.close();
  }

  private show(): void {
    const frame = this.frame();
    if (frame) this.channel?.send({ kind: 'frame', frame });
  }

  private look(): RoomFrame | null {
    const state = this.reading.state();
    if (!state) return null;
    const now = this.reading.moment();
    const said = this.reading.said();
    return {
      name: this.reading.name(),
      doing: now?.doing || this.reading.dose(),
      station: now?.station ?? '',
      count: now?.count ?? null,
      of: now?.of ?? '',
      isPause: now !== null && now.event.activity !== 'work',
      side: this.reading.idle() ? 'none' : this.reading.foot(),
      phase: this.reading.idle() ? null : this.reading.phase(),
      said: said && !said.teacherOnly ? said.words : '',
      next: now?.last ? (this.reading.next()?.name ?? '') : '',
      held: this.reading.held(),
      over: state.status === 'over',
    };
  }
}
