import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Brief, ClassRoom, RoomWall } from '@core/plan';
import { facingWords, helpWords, mirrorSideWords, placeWords, seenWords, standpointsOf } from '@core/sight';
import { sayTime } from '@core/say-time';
import { viewWords } from '../../../parts/saying/fault-words';
import { PlanStore } from '../../designer/plan-store';
import { Looked } from '../looked';
import { RoomPlan } from './room-plan';

const wallChoices: readonly { readonly id: RoomWall; readonly name: string }[] = [
  { id: 'front', name: 'at the front' },
  { id: 'back', name: 'at the back' },
  { id: 'left', name: 'on their left' },
  { id: 'right', name: 'on their right' },
];

/** Where to stand and which way the class faces, item by item, and what nobody sees. */
@Component({
  selector: 'nw-sight-view',
  imports: [MatButton, RoomPlan],
  templateUrl: './sight-view.html',
  styleUrls: ['../view.scss', './sight-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SightView {
  protected readonly store = inject(PlanStore);
  private readonly looked = inject(Looked);

  protected readonly walls = wallChoices;
  protected readonly brief = computed(() => this.store.plan()?.brief ?? null);
  private readonly picked = signal<string | null>(null);
  protected readonly sight = this.looked.sight;

  protected readonly rows = computed(() => {
    const [sight, timeline, brief] = [this.sight(), this.store.timeline(), this.brief()];
    if (!sight || !timeline || !brief) return [];
    const times = new Map(timeline.items.map((item) => [item.itemId, item]));
    return sight.items.flatMap((item) => {
      const time = times.get(item.itemId);
      if (!time?.execution) return [];
      const { execution } = time;
      return [
        {
          ...item,
          key: `${item.itemId} ${item.startMs}`,
          name: `${this.looked.nameOf(item.itemId)}${time.visits.length > 1 && item.feet !== 'both' ? `, ${item.feet}` : ''}`,
          at: sayTime(item.startMs),
          look: facingWords(item.facing),
          stand: item.places.map((place) => placeWords(place, item.facing)),
          lanes: execution.facing === 'lane',
          atWall: execution.facing === 'support' && item.facing === brief.room.wall,
          chairs:
            execution.kit.some(({ kit }) => kit === 'chair') &&
            execution.facing === 'support' &&
            brief.room.wall === null,
          mirrorSide: mirrorSideWords(execution, item),
          faults: item.watched.map(({ fault, by, seen }) => ({
            key: fault.seen,
            words: fault.seen,
            say: fault.say,
            view: viewWords(fault),
            by: by === null || item.places.length === 1 ? '' : by === 0 ? 'the first' : 'the second',
            seen,
            how: seenWords[seen],
            help: helpWords(fault, seen, execution, brief),
          })),
          blind: item.watched[0]?.seen === 0,
        },
      ];
    });
  });
  /** Neighbours that are taught from one place and one way round stand together. */
  protected readonly standpoints = computed(() => {
    const rows = new Map(this.rows().map((row) => [row.key, row]));
    return standpointsOf({ items: this.sight()?.items ?? [] }).flatMap((items) => {
      const here = items.flatMap(({ itemId, startMs }) => rows.get(`${itemId} ${startMs}`) ?? []);
      const [first] = here;
      const sides = new Set(here.flatMap(({ mirrorSide }) => (mirrorSide === '' ? [] : [mirrorSide])));
      return first ? [{ key: first.key, first, rows: here, sides: [...sides] }] : [];
    });
  });
  protected readonly shown = computed(() => {
    const all = this.standpoints();
    return (all.find(({ key }) => key === this.picked()) ?? all[0])?.first;
  });
  protected readonly blind = computed(() => this.rows().filter(({ blind }) => blind));
  protected readonly turnWords = computed(() => {
    const turns = this.sight()?.turnRounds ?? 0;
    return turns === 0
      ? 'Nobody has to turn round.'
      : turns === 1
        ? 'The class turns round once.'
        : `The class turns round ${turns} times.`;
  });
  protected readonly walkWords = computed(() => {
    const walks = this.sight()?.walks ?? 0;
    return walks === 0
      ? 'You stay in one place.'
      : walks === 1
        ? 'You change your place once.'
        : `You change your place ${walks} times.`;
  });

  protected pick(key: string): void {
    this.picked.set(key);
  }

  protected setRoom(change: Partial<ClassRoom>): void {
    const room = this.brief()?.room;
    if (room) this.setBrief({ room: { ...room, ...change } });
  }

  protected setBrief(change: Partial<Brief>): void {
    const brief = this.brief();
    if (brief) this.store.do({ type: 'edit-class', change: { brief: { ...brief, ...change } } });
  }

  protected wallOf(value: string): RoomWall | null {
    return wallChoices.find(({ id }) => id === value)?.id ?? null;
  }

  protected standing(value: string): Brief['teacherAt'] {
    return value === 'front' || value === 'behind' ? value : 'walks';
  }
}
