import { Observable, filter, map } from 'rxjs';
import * as z from 'zod';
import { Phase } from '@core/exercise';

/** What the room sees of a class: no names of people, no options, no cautions. */
export const RoomFrame = z.strictObject({
  name: z.string(),
  /** The phase, or the dose while the class waits. */
  doing: z.string(),
  station: z.string(),
  /** Null while nothing is counted. */
  count: z.string().nullable(),
  of: z.string(),
  isPause: z.boolean(),
  side: z.enum(['left', 'right', 'both', 'none']),
  phase: Phase.nullable(),
  said: z.string(),
  next: z.string(),
  held: z.boolean(),
  over: z.boolean(),
});
export type RoomFrame = z.infer<typeof RoomFrame>;

const Message = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('frame'), frame: RoomFrame }),
  /** A room has opened and sees nothing yet. */
  z.strictObject({ kind: z.literal('hello') }),
]);
export type RoomMessage = z.infer<typeof Message>;

/** The way from the teacher's page to windows of the same browser that show the room its face. */
export class RoomChannel {
  private readonly channel: BroadcastChannel | null;
  readonly messages$: Observable<RoomMessage>;

  constructor(classId: string) {
    this.channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel(`needlework room ${classId}`) : null;
    this.messages$ = new Observable<unknown>((listener) => {
      const hear = ({ data }: MessageEvent<unknown>) => listener.next(data);
      this.channel?.addEventListener('message', hear);
      return () => this.channel?.removeEventListener('message', hear);
    }).pipe(
      map((data) => Message.safeParse(data)),
      filter((read) => read.success),
      map((read) => read.data),
    );
  }

  send(message: RoomMessage): void {
    this.channel?.postMessage(message);
  }

  close(): void {
    this.channel?.close();
  }
}
