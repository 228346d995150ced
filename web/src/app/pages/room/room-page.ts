import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { Footprints } from '../../parts/footprints/footprints';
import { FaceStream } from './face-stream';

const sides = { left: 'left foot', right: 'right foot', both: 'both feet', none: '' } as const;

/** The face of a class for the room: on a projector or in a second window, in step with the teacher's page. */
@Component({
  selector: 'nw-room-page',
  imports: [Footprints],
  providers: [FaceStream],
  templateUrl: './room-page.html',
  styleUrl: './room-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RoomPage implements OnInit {
  readonly id = input.required<string>();
  private readonly view = inject(FaceStream);
  protected readonly frame = this.view.frame;
  protected readonly side = computed(() => sides[this.frame()?.side ?? 'none']);
  protected readonly foot = computed(() => {
    const side = this.frame()?.side ?? 'none';
    return side === 'none' ? 'both' : side;
  });

  ngOnInit(): void {
    this.view.open(this.id());
  }
}
