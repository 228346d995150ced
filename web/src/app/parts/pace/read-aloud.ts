import { ChangeDetectionStrategy, Component, output, signal } from '@angular/core';
import { measuredRate, wordsIn } from '@core/speaking';

/** What a teacher says over a class, long enough that a second too many at the button does not matter. */
const paragraph =
  'Stand behind your chair, fingertips on its back, feet parallel. Feel where your weight is: heel, inner ball, outer ball. ' +
  'Rise over the first two toes, slowly, and do not grip. Stay there. A lift goes up straight, nobody leans in it. ' +
  'Now lower, and take twice as long as you took to come up; the heel is the last to arrive. Five of those. ' +
  'If it wobbles, put a finger more on the chair, that is not a failure. Breathe. And the last one. ' +
  'Now walk once through the room and notice: the same, better, or worse? Keep what helps.';

/** A paragraph to read aloud as one speaks in class; the button stops the watch. */
@Component({
  selector: 'nw-read-aloud',
  template: `
    @if (startedMs() === null) {
      <p>
        @if (said(); as words) {
          <span role="status">{{ words }}</span>
        }
        <button type="button" (click)="start()">{{ said() ? 'Read it once more' : 'Measure mine: read aloud' }}</button>
      </p>
    } @else {
      <blockquote>{{ text }}</blockquote>
      <p>
        <button type="button" class="stop" (click)="stop()">Stop: I have read it</button>
        <button type="button" (click)="startedMs.set(null)">Never mind</button>
      </p>
    }
  `,
  styles: `
    p {
      margin: 4px 0;
    }
    blockquote {
      margin: 8px 0;
      padding: 12px 16px;
      font-size: 1.1rem;
      line-height: 1.55;
      background: var(--nw-cloth);
      border-left: 3px solid var(--nw-woad);
      max-width: 60ch;
    }
    button {
      font: inherit;
      color: var(--nw-woad);
      background: none;
      border: 0;
      min-height: 28px;
      padding: 4px 10px 4px 0;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
    }
    .stop {
      color: var(--nw-linen);
      background: var(--nw-ink);
      border-radius: 10px;
      padding: 8px 16px;
      margin-right: 12px;
      text-decoration: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadAloud {
  /** Words a minute, as they were read. */
  readonly measured = output<number>();
  protected readonly text = paragraph;
  protected readonly startedMs = signal<number | null>(null);
  protected readonly said = signal('');

  protected start(): void {
    this.startedMs.set(performance.now());
  }

  protected stop(): void {
    const began = this.startedMs();
    if (began === null) return;
    const ms = performance.now() - began;
    const rate = measuredRate(paragraph, ms);
    this.startedMs.set(null);
    this.said.set(
      rate === null
        ? `${Math.round(ms / 1000)} s for ${wordsIn(paragraph)} words is not how anybody reads to a class; nothing was changed.`
        : `${wordsIn(paragraph)} words in ${Math.round(ms / 1000)} s: ${rate} a minute, and that is now yours.`,
    );
    if (rate !== null) this.measured.emit(rate);
  }
}
