import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type SimulatedKind, simulatedKinds } from '@core/device';
import { TopBar } from '../../parts/top/top-bar';
import { RecordingStore, recordSeconds } from './recording-store';

const kindWords: Readonly<Record<SimulatedKind, string>> = {
  steady: 'somebody steady',
  wobbly: 'somebody who wobbles',
  noisy: 'a noisy device',
  unplugged: 'a device that is unplugged',
};
/** Half of what the mat is drawn over, mm. */
const half = 50;

/** Devices, out of the way, for those who have them: a simulated mat and gauge to try them with. */
@Component({
  selector: 'nw-devices-page',
  imports: [MatButton, TopBar],
  providers: [RecordingStore],
  templateUrl: './devices-page.html',
  styleUrl: './devices-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DevicesPage {
  protected readonly recording = inject(RecordingStore);
  protected readonly kinds = simulatedKinds.map((id) => ({ id, words: kindWords[id] }));
  protected readonly kind = signal<SimulatedKind>('steady');
  protected readonly seconds = recordSeconds;
  protected readonly box = `${-half} ${-half} ${2 * half} ${2 * half}`;

  protected readonly onMat = computed(() => this.recording.asked()?.device === 'mat');
  protected readonly line = computed(() => {
    const points = this.recording.points();
    // the newest ten seconds are drawn; forward is up
    const shown = points.slice(-1000);
    return shown.length < 2 ? '' : `M${shown.map(([x, y]) => `${x.toFixed(1)} ${(-y).toFixed(1)}`).join('L')}`;
  });
  protected readonly said = computed(() => {
    const figures = this.recording.figures();
    if (!figures) return [];
    return [
      `stood ${figures.seconds.toFixed(0)} s`,
      `the point travelled ${Math.round(figures.path)} mm, ${figures.velocity.toFixed(1)} mm a second`,
      `farthest apart ${Math.round(figures.rangeX)} mm to the side, ${Math.round(figures.rangeY)} mm to the front`,
      `95 of 100 points lie in an ellipse of ${Math.round(figures.ellipse / 100)} cm²`,
    ];
  });

  protected choose(id: string): void {
    const kind = simulatedKinds.find((known) => known === id);
    if (kind) this.kind.set(kind);
  }
}
