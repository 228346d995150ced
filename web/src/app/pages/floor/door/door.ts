import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { DoorSight } from '@core/door';
import { Concern, concernNames } from '@core/exercise';
import { Floor, type KitId, kitNames } from '@core/kit';
import { sayTime } from '@core/say-time';
import { putOut } from '@core/timeline';
import { NumberField } from '../../../parts/dose/number-field';
import { FloorStore } from '../floor-store';
import { DoorFlow } from './door-flow';

const upTo = (most: number) => Array.from({ length: most }, (_, i) => i + 1);
const kinds = {
  swap: 'in its place',
  out: 'left out',
  level: 'level',
  option: 'offered beside',
  kit: 'other kit',
  other: 'changed',
  less: 'less',
  more: 'more',
} as const;

/** At the door: heads, minutes, floor, kit and what somebody has, without names; then what changes and why. */
@Component({
  selector: 'nw-door',
  imports: [NumberField],
  templateUrl: './door.html',
  styleUrls: ['../floor-quiet.scss', './door.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Door {
  protected readonly flow = inject(DoorFlow);
  private readonly store = inject(FloorStore);
  protected readonly floors = Floor.options;
  protected readonly heads = upTo(60);
  protected readonly minutes = upTo(120);
  protected readonly pieces = [0, ...upTo(60)];
  protected readonly kinds = kinds;
  protected readonly time = sayTime;

  private readonly plan = computed(() => this.store.state()?.plan ?? null);
  private readonly timeline = computed(() => this.store.state()?.timeline ?? null);
  /** What is seen; it begins with what was expected. */
  protected readonly sight = linkedSignal((): DoorSight | null => {
    const plan = this.plan();
    if (!plan) return null;
    const { people, floor, concerns } = plan.brief;
    return {
      heads: people ?? 10,
      minutes: Math.round(plan.slotSeconds / 60),
      floor,
      kit: {},
      concerns: Object.fromEntries(concerns.map((concern) => [concern, 1])),
    };
  });
  /** The kit that the class takes, with what there is of it: enough, as long as nobody says otherwise. */
  protected readonly kit = computed(() => {
    const [plan, timeline, sight] = [this.plan(), this.timeline(), this.sight()];
    if (!plan || !timeline || !sight) return [];
    const met = { ...plan, brief: { ...plan.brief, people: sight.heads } };
    return putOut(met, timeline).map(({ kit, count, perPerson }) => {
      const wants = count ?? perPerson * sight.heads;
      return { kit, name: kitNames[kit], wants, has: sight.kit[kit] ?? plan.brief.cupboard[kit] ?? wants };
    });
  });
  protected readonly concerns = computed(() =>
    Concern.options.map((id) => ({ id, words: concernNames[id], count: this.sight()?.concerns[id] ?? 0 })),
  );

  /** What cannot be, in words; empty where it can. */
  protected readonly wrong = computed(() => {
    const read = DoorSight.safeParse(this.sight());
    const [issue] = read.success ? [] : read.error.issues;
    if (!issue) return '';
    const at = String(issue.path[0]);
    if (at === 'heads') return 'There are 1 to 200 people.';
    return at === 'minutes' ? 'A class has 1 to 240 whole minutes.' : 'Pieces are counted: 0 to 200 of each.';
  });

  protected see(change: Partial<DoorSight>): void {
    const sight = this.sight();
    if (sight) this.sight.set({ ...sight, ...change });
  }

  protected setKit(kit: KitId, count: number): void {
    this.see({ kit: { ...this.sight()?.kit, [kit]: count } });
  }

  protected count(concern: Concern, by: 1 | -1): void {
    const concerns = { ...this.sight()?.concerns };
    const now = (concerns[concern] ?? 0) + by;
    if (now > 0) concerns[concern] = now;
    else delete concerns[concern];
    this.see({ concerns });
  }

  protected ask(): void {
    const sight = this.sight();
    if (sight && this.wrong() === '') this.flow.ask(sight);
  }
}
