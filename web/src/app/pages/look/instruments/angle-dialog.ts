import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { type AngleReading, type At, angleFromPoints, settingsOf } from '@core/measure';
import type { Picture } from '../../../data/picture';
import { type NamedPoint, Points } from '../../../parts/points/points';
import { ChosenPicture } from './chosen-picture';
import { pictureHeight, pictureWidth, shinPractice, toePractice } from '../../../parts/protocol-card/practice';

export interface AngleAsked {
  readonly reading: AngleReading;
  /** Whose foot: "Mara Lind, left". */
  readonly whose: string;
}

const names: Readonly<Record<AngleReading, readonly [string, string, string]>> = {
  bend: ['On the floor, behind the joint', 'Joint at the root of the big toe', 'Along the first bone of the toe'],
  lean: ['On the floor, in front of the ankle', 'Ankle', 'Up the shin'],
};
const starts: Readonly<Record<AngleReading, readonly [At, At, At]>> = {
  bend: [
    { x: 0.25, y: 0.85 },
    { x: 0.6, y: 0.85 },
    { x: 0.8, y: 0.6 },
  ],
  lean: [
    { x: 0.75, y: 0.85 },
    { x: 0.4, y: 0.85 },
    { x: 0.4, y: 0.25 },
  ],
};
const settings = 3;

/** An angle from three points on a picture, set three times. The picture stays on this device. */
@Component({
  selector: 'nw-angle-dialog',
  imports: [MatButton, Points],
  template: `
    <h2>
      Angle from a picture <small>{{ asked.whose }}</small>
    </h2>
    <div class="pick">
      <label class="file"
        >Choose a picture <input #file type="file" accept="image/*" (change)="choose(file.files?.item(0) ?? null)"
      /></label>
      <span
        >or practise:
        @for (one of practice; track one.degrees; let i = $index) {
          <button type="button" class="plain" (click)="practise(i)">{{ i + 1 }}</button>
        }
      </span>
      <small>It stays on this device and is not kept.</small>
    </div>
    @if (fault()) {
      <p class="fault" role="alert">{{ fault() }}</p>
    }
    <nw-points
      [picture]="picture().url"
      [width]="picture().width"
      [height]="picture().height"
      [size]="picture().width / 85"
      [points]="points()"
      (moved)="move($event.index, $event.to)"
    />
    <p class="angle" role="status">
      <b>{{ now() === null ? '–' : now()!.toFixed(1) + '°' }}</b>
      <span>{{ said() }}</span>
    </p>
    <div class="ways">
      <button matButton="outlined" type="button" [disabled]="now() === null || set().length >= most" (click)="keep()">
        {{ set().length === 0 ? 'Set' : 'Set again, from the start' }}
      </button>
      <button matButton="filled" type="button" [disabled]="set().length === 0" (click)="done()">
        {{ set().length < 2 ? 'Take it' : 'Take all ' + set().length }}
      </button>
      <button matButton type="button" (click)="dialog.close()">Leave</button>
    </div>
  `,
  styleUrl: './dialogs.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AngleDialog {
  protected readonly asked = inject<AngleAsked>(MAT_DIALOG_DATA);
  protected readonly dialog = inject<MatDialogRef<AngleDialog, readonly number[]>>(MatDialogRef);
  protected readonly most = settings;
  protected readonly practice = this.asked.reading === 'bend' ? toePractice : shinPractice;
  private readonly chosen = new ChosenPicture(this.drawing(0));
  protected readonly picture = this.chosen.picture;
  protected readonly fault = this.chosen.fault;
  /** Which drawing is practised on. */
  private readonly nth = signal(0);
  protected readonly at = signal<readonly [At, At, At]>(this.start());
  protected readonly set = signal<readonly number[]>([]);

  protected readonly points = computed((): readonly NamedPoint[] =>
    this.at().map((at, i) => ({ ...at, name: names[this.asked.reading][i] ?? '' })),
  );
  protected readonly now = computed(() => angleFromPoints(this.asked.reading, this.at()));
  protected readonly said = computed(() => {
    const found = settingsOf(this.set());
    const drawing = this.chosen.practising() ? this.practice[this.nth()] : undefined;
    if (!found)
      return 'The first point on the floor, the second on the joint, the third along the bone. Drag them, or use the arrow keys.';
    const truth = drawing && this.set().length === settings ? ` The drawing is ${drawing.degrees}°.` : '';
    return this.set().length === 1
      ? `Set once: ${found.mean.toFixed(1)}°.`
      : `Set ${this.set().length} times: ${found.mean.toFixed(1)}°, give or take ${found.spread.toFixed(1)}°.${truth}`;
  });

  protected practise(i: number): void {
    this.nth.set(i);
    this.chosen.practise(this.drawing(i));
    this.anew();
  }

  protected async choose(file: File | null): Promise<void> {
    if (await this.chosen.choose(file)) this.anew();
  }

  protected move(index: number, to: At): void {
    const [a, b, c] = this.at();
    this.at.set([index === 0 ? to : a, index === 1 ? to : b, index === 2 ? to : c]);
  }

  /** Keeps this setting; the next one begins from the start, so that it is one of its own. */
  protected keep(): void {
    const now = this.now();
    if (now === null) return;
    this.set.update((set) => [...set, Math.round(now * 10) / 10]);
    this.at.set(this.start());
  }

  protected done(): void {
    if (this.chosen.mayBeTaken()) this.dialog.close(this.set());
  }

  private anew(): void {
    this.at.set(this.start());
    this.set.set([]);
  }

  private drawing(i: number): Picture {
    return { url: this.practice[i]?.url ?? '', width: pictureWidth, height: pictureHeight };
  }

  private start(): readonly [At, At, At] {
    const { width, height } = this.picture();
    const [a, b, c] = starts[this.asked.reading];
    const on = ({ x, y }: At): At => ({ x: x * width, y: y * height });
    return [on(a), on(b), on(c)];
  }
}
