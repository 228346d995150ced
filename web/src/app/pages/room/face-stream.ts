import { Injectable, type OnDestroy, signal } from '@angular/core';
import { Subscription, switchMap, tap, timer } from 'rxjs';
import { RoomChannel, type RoomFrame } from '../../data/room-channel';

/** Silent for so long, the teacher's page is gone, ms. */
const goneMs = 3500;

/** What the teacher's page shows to the room; null while there is none. */
@Injectable()
export class FaceStream implements OnDestroy {
  private readonly shown = signal<RoomFrame | null>(null);
  private readonly running = new Subscription();
  private channel: RoomChannel | null = null;
  readonly frame = this.shown.asReadonly();

  open(classId: string): void {
    const channel = new RoomChannel(classId);
    this.channel = channel;
    this.running.add(
      channel.messages$
        .pipe(
          tap((message) => message.kind === 'frame' && this.shown.set(message.frame)),
          switchMap(() => timer(goneMs)),
        )
        .subscribe(() => this.shown.set(null)),
    );
    channel.send({ kind: 'hello' });
  }

  ngOnDestroy(): void {
    this.running.unsubscribe();
    this.channel?.close();
  }
}
