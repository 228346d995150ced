import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { type At, type BaseOfSupport, baseOfSupport, flatten } from '@core/measure';
import { type NamedPoint, Points } from '../../../parts/points/points';
import { ChosenPicture } from './chosen-picture';
import { pictureHeight, pictureWidth, tracedSheet } from '../../../parts/protocol-card/practice';

export interface TracingAsked {
  readonly whose: string;
}

const drawing = { url: tracedSheet.url, width: pictureWidth, height: pictureHeight };

type Stage = 'sheet' | 'outline' | 'points';
const sheets = [
  { id: 'A4', words: 'A4, 210 × 297 mm', width: 210, height: 297 },
  { id: 'A3', words: 'A3, 297 × 420 mm', width: 297, height: 420 },
  { id: 'letter', words: 'Letter, 216 × 279 mm', width: 216, height: 279 },
] as const;
const cornerNames = ['Top left corner', 'Top right corner', 'Bottom right corner', 'Bottom left corner'];
const pointNames = ['Under the heel', 'Under the inner ball', 'Under the outer ball'];
const faults = {
  'outline-short': 'The outline has too few points to be a foot: eight at least, once round.',
  'outline-crosses': 'The outline crosses itself, so it has no inside. Move or take away the point where it does.',
  'points-in-line': 'Heel, inner ball and outer ball lie in one line: set them under the three points.',
} as const;

/** Base of support from a traced outline on a photographed sheet of known size. The picture stays on this device. */
@Component({
  selector: 'nw-tracing-dialog',
  imports: [MatButton, Points],
  template: `
    <h2>
      From a traced outline <small>{{ asked.whose }}</small>
    </h2>
    <div class="pick">
      <label class="file"
        >Choose a picture of the sheet
        <input #file type="file" accept="image/*" (change)="choose(file.files?.item(0) ?? null)"
      /></label>
      <button type="button" class="plain" (click)="practise()">practise on a drawing</button>
      <label
        >The sheet
        <select #size (change)="setSheet(size.value)">
          @for (one of sheets; track one.id) {
            <option [value]="one.id" [selected]="one.id === sheet().id">{{ one.words }}</option>
          }
        </select></label
      >
      <small>It stays on this device and is not kept.</small>
    </div>
    @if (fault()) {
      <p class="fault" role="alert">{{ fault() }}</p>
    }
    <nw-points
      [picture]="picture().url"
      [width]="picture().width"
      [height]="picture().height"
      [size]="picture().width / (stage() === 'outline' ? 130 : 90)"
      [points]="shown()"
      [closed]="stage() !== 'points'"
      (moved)="move($event.index, $event.to)"
      (tapped)="tap($event)"
    />
    <p class="angle" role="status">
      <span>{{ words() }}</span>
    </p>
    <div class="ways">
      @if (stage() === 'outline' && outline().length > 0) {
        <button matButton="outlined" type="button" (click)="dropLast()">Take the last point away</button>
      }
      @if (stage() !== 'sheet') {
        <button matButton="outlined" type="button" (click)="back()">Back</button>
      }
      @if (stage() !== 'points') {
        <button matButton="filled" type="button" (click)="on()">Go on</button>
      } @else {
        <button matButton="filled" type="button" [disabled]="!found()" (click)="done()">Take it</button>
      }
      <button matButton type="button" (click)="dialog.close()">Leave</button>
    </div>
  `,
  styleUrl: './dialogs.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TracingDialog {
  protected readonly asked = inject<TracingAsked>(MAT_DIALOG_DATA);
  protected readonly dialog = inject<MatDialogRef<TracingDialog, BaseOfSupport>>(MatDialogRef);
  protected readonly sheets = sheets;
  protected readonly sheet = signal<(typeof sheets)[number]>(sheets[0]);
  protected readonly stage = signal<Stage>('sheet');
  private readonly chosen = new ChosenPicture(drawing);
  protected readonly picture = this.chosen.picture;
  private readonly corners = signal<readonly At[]>(this.startCorners());
  protected readonly outline = signal<readonly At[]>([]);
  private readonly three = signal<readonly At[]>([]);
  private readonly said = this.chosen.fault;

  private readonly toSheet = computed(() => {
    const [a, b, c, d] = this.corners();
    if (!a || !b || !c || !d) return null;
    return flatten([a, b, c, d], this.sheet().width, this.sheet().height);
  });
  private readonly judged = computed(() => {
    const [to, [heel, innerBall, outerBall]] = [this.toSheet(), this.three()];
    if (!to || !heel || !innerBall || !outerBall) return null;
    return baseOfSupport({
      outline: this.outline().map(to),
      heel: to(heel),
      innerBall: to(innerBall),
      outerBall: to(outerBall),
    });
  });
  protected readonly found = computed(() => {
    const judged = this.judged();
    return judged?.ok ? judged.value : null;
  });
  protected readonly fault = computed(() => {
    if (this.said() !== '') return this.said();
    const judged = this.judged();
    return this.stage() === 'points' && judged && !judged.ok ? faults[judged.error] : '';
  });

  protected readonly shown = computed((): readonly NamedPoint[] => {
    switch (this.stage()) {
      case 'sheet':
        return this.corners().map((at, i) => ({ ...at, name: cornerNames[i] ?? '' }));
      case 'outline':
        return this.outline().map((at, i) => ({ ...at, name: `Outline, point ${i + 1}` }));
      case 'points':
        return this.three().map((at, i) => ({ ...at, name: pointNames[i] ?? '' }));
    }
  });
  protected readonly words = computed(() => {
    switch (this.stage()) {
      case 'sheet':
        return 'First: the four points on the corners of the sheet, in their order round it.';
      case 'outline':
        return `Second: once round the line, tap by tap; ${this.outline().length} points so far, eight at least.`;
      case 'points': {
        const found = this.found();
        return found
          ? `Width at the toes ${found.width.toFixed(1)} cm · area ${Math.round(found.outlineArea)} cm² · between the three points ${Math.round(found.tripodArea)} cm²`
          : 'Third: the points under heel, inner ball and outer ball.';
      }
    }
  });

  protected setSheet(id: string): void {
    this.sheet.set(sheets.find((sheet) => sheet.id === id) ?? sheets[0]);
  }

  protected practise(): void {
    this.chosen.practise(drawing);
    this.anew();
  }

  protected async choose(file: File | null): Promise<void> {
    if (await this.chosen.choose(file)) this.anew();
  }

  protected move(index: number, to: At): void {
    const put = (list: readonly At[]) => list.map((at, i) => (i === index ? to : at));
    this.said.set('');
    if (this.stage() === 'sheet') this.corners.update(put);
    else if (this.stage() === 'outline') this.outline.update(put);
    else this.three.update(put);
  }

  protected tap(at: At): void {
    this.said.set('');
    if (this.stage() === 'outline' && this.outline().length < 120) this.outline.update((line) => [...line, at]);
  }

  protected dropLast(): void {
    this.outline.update((line) => line.slice(0, -1));
  }

  protected back(): void {
    this.said.set('');
    this.stage.set(this.stage() === 'points' ? 'outline' : 'sheet');
  }

  protected on(): void {
    if (this.stage() === 'sheet') {
      if (!this.toSheet())
        return this.said.set('The four corners are crossed or lie in a line: set them round the sheet.');
      this.said.set('');
      return this.stage.set('outline');
    }
    if (this.outline().length < 8) return this.said.set(faults['outline-short']);
    const { width, height } = this.picture();
    if (this.three().length === 0)
      this.three.set([
        { x: width * 0.5, y: height * 0.8 },
        { x: width * 0.42, y: height * 0.35 },
        { x: width * 0.58, y: height * 0.4 },
      ]);
    this.said.set('');
    this.stage.set('points');
  }

  protected done(): void {
    const found = this.found();
    if (found && this.chosen.mayBeTaken()) this.dialog.close(found);
  }

  private anew(): void {
    this.corners.set(this.startCorners());
    this.outline.set([]);
    this.three.set([]);
    this.stage.set('sheet');
  }

  private startCorners(): At[] {
    const { width, height } = this.picture();
    return [
      { x: 0.25, y: 0.1 },
      { x: 0.75, y: 0.1 },
      { x: 0.75, y: 0.9 },
      { x: 0.25, y: 0.9 },
    ].map(({ x, y }) => ({ x: x * width, y: y * height }));
  }
}
