import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type BandStep, type FewerHandlings, type KitLine, bandSteps, floorChanges, handlingsIn } from '@core/cupboard';
import { type KitId, kitNames } from '@core/kit';
import type { Brief } from '@core/plan';
import { sayLength, sayTime } from '@core/say-time';
import { roomRuleIds } from '@core/sequence';
import { NumberField } from '../../../parts/dose/number-field';
import { type TrackRow, Tracks } from '../../../parts/tracks/tracks';
import { costWords } from '../../../parts/saying/cost-words';
import { PlanStore } from '../../designer/plan-store';
import { ReviewStream } from '../../designer/review-stream';
import { CupboardStore } from '../cupboard-store';
import { Looked } from '../looked';

const placements: Readonly<Record<BandStep['placement'], string>> = {
  arch: 'round the arch',
  ball: 'round the ball',
  'both-feet': 'round both feet',
  'big-toe': 'round the big toe',
};
const borders: Readonly<Record<BandStep['border'], string>> = {
  outer: 'pulls on the outer border',
  inner: 'pulls on the inner border',
  sole: 'pulls along the sole',
  top: 'pulls along the top',
};

/** What a class takes from the cupboard: how many, from when to when, what lies ready and what is handed out; bands; floors. */
@Component({
  selector: 'nw-kit-view',
  imports: [MatButton, NumberField, Tracks],
  templateUrl: './kit-view.html',
  styleUrls: ['../view.scss', './kit-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KitView {
  protected readonly store = inject(PlanStore);
  protected readonly cupboard = inject(CupboardStore);
  private readonly looked = inject(Looked);
  private readonly reviewed = inject(ReviewStream);

  protected readonly counts = Array.from({ length: 61 }, (_, i) => i);
  protected readonly people = computed(() => this.store.plan()?.brief.people ?? null);
  protected readonly totalMs = computed(() => this.store.timeline()?.totalMs ?? 0);
  protected readonly title = computed(() => this.store.plan()?.title ?? '');

  protected readonly lines = computed(() => this.looked.kit().map((line) => this.rowOf(line)));
  protected readonly carried = computed(() => this.lines().filter(({ fixed }) => !fixed));
  protected readonly fixed = computed(() => this.lines().filter(({ fixed }) => fixed));
  protected readonly ready = computed(() => this.carried().filter((line) => line.ready));
  protected readonly handed = computed(() => this.carried().filter((line) => !line.ready));
  protected readonly rows = computed((): TrackRow[] =>
    this.looked
      .kit()
      .filter(({ uses }) => uses.length > 0)
      .map(({ kit, uses, fromMs, toMs }) => ({
        id: kit,
        name: kitNames[kit],
        spans: [
          { startMs: fromMs, endMs: toMs, weight: 1 },
          ...uses.map(({ startMs, endMs }) => ({ startMs, endMs, weight: 3 })),
        ],
      })),
  );

  protected readonly short = computed(() =>
    (this.cupboard.answer()?.short ?? []).map((answer) => ({
      ...answer,
      name: kitNames[answer.kit],
      turns: answer.groups.length,
      shares: sharesWords(answer.groups, answer.has),
      cost: sayLength(Math.abs(answer.costMs)),
      items: answer.items.map(({ itemId, meanwhile }) => ({
        itemId,
        name: this.looked.nameOf(itemId),
        words:
          meanwhile.do === 'level'
            ? `the others do “${meanwhile.name}”, the same movement without it`
            : meanwhile.seen === ''
              ? 'the others are partners, and watch'
              : `the others are partners: they watch for “${meanwhile.seen}” and say “${meanwhile.say}”`,
      })),
      instead: answer.instead.map((one) => ({
        ...one,
        name: kitNames[one.by],
        words: one.changes.join('; '),
        gain:
          one.deltaMs === 0
            ? 'as long'
            : `${sayLength(Math.abs(one.deltaMs))} ${one.deltaMs < 0 ? 'shorter' : 'longer'}`,
      })),
    })),
  );

  /** The bands in the order of the class; neighbours that stay are told once. */
  protected readonly bands = computed(() => {
    const plan = this.store.plan();
    if (!plan) return [];
    return bandSteps(plan, (revision) => this.store.find(revision)).map((step, i) => ({
      key: i,
      name: this.looked.nameOf(step.itemId),
      foot: step.foot === 'both' ? 'both feet' : `${step.foot} foot`,
      where: `${placements[step.placement]}, ${borders[step.border]}`,
      handling: step.handling,
      stays: step.handling === 'stays',
    }));
  });
  protected readonly handlings = computed(() => {
    const plan = this.store.plan();
    return plan ? handlingsIn(bandSteps(plan, (revision) => this.store.find(revision))) : 0;
  });
  protected readonly better = computed(() => {
    const found = this.cupboard.answer()?.bands;
    return found ? { ...found, words: betterWords(found), saves: this.handlings() - found.handlings } : null;
  });

  /** What the floor of the room does not let work, with one step that helps. */
  protected readonly amiss = computed(() =>
    this.reviewed
      .findings()
      .filter(({ rule, accepted }) => accepted === null && roomRuleIds.includes(rule))
      .map((finding) => ({ ...finding, said: finding.words(), help: finding.mend() })),
  );
  protected readonly floors = computed(() => {
    const timeline = this.store.timeline();
    return timeline
      ? floorChanges(timeline).map((change) => ({
          ...change,
          at: sayTime(change.atMs),
          name: this.looked.nameOf(change.itemId),
          takes: sayLength(change.ms),
        }))
      : [];
  });

  protected setBrief(change: Partial<Brief>): void {
    const brief = this.store.plan()?.brief;
    if (brief) this.store.do({ type: 'edit-class', change: { brief: { ...brief, ...change } } });
  }

  protected readonly costOf = costWords;
  protected readonly saved = (deltaMs: number): string => `${sayLength(-deltaMs)} shorter`;

  protected print(): void {
    window.print();
  }

  private rowOf(line: KitLine) {
    const has = this.store.plan()?.brief.cupboard[line.kit];
    const { perPerson, count, wants } = line;
    const each = perPerson === 0 ? 'shared' : perPerson === 1 ? 'one each' : `${perPerson} each`;
    return {
      ...line,
      name: kitNames[line.kit],
      amount: wants === null ? each : `${wants}`,
      each,
      /** As many as there are, on the list of whoever opens the room. */
      laid: count === null ? each : `${count} ×`,
      has: has ?? null,
      short: wants !== null && has !== undefined && has < wants,
      time: line.forOptionOnly ? 'for an option' : `${sayTime(line.fromMs)} to ${sayTime(line.toMs)}`,
      when: this.whenWords(line),
    };
  }

  private whenWords({ fixed, ready, fromMs, forOptionOnly, fetchedMs, clearedFor, aside, kit }: KitLine): string {
    if (fixed) return 'within reach';
    if (forOptionOnly) return 'beside those who take that level';
    const cleared = clearedFor
      ? `; away by ${sayTime(clearedFor.atMs)}, before ${this.looked.nameOf(clearedFor.itemId)}`
      : '';
    const first = ready
      ? 'can lie ready'
      : `hand out at ${sayTime(fromMs)}: before, people walk or jump where it would lie`;
    const between = aside ? `; aside from ${sayTime(aside.startMs)} to ${sayTime(aside.endMs)}` : '';
    const fetched = fetchedMs === null ? '' : `; in this class people fetch it at ${sayTime(fetchedMs)}`;
    return `${kit === 'chair' ? 'stands by the side' : first}${fetched}${between}${cleared}`;
  }

  protected has(kit: KitId, has: number): void {
    this.cupboard.count(kit, has);
  }
}

/** “4 turns: 3, 3, 3 and 2 people” */
function sharesWords(groups: readonly number[], has: number): string {
  if (groups.length === 0)
    return has === 0 ? 'There is none to take turns with.' : 'All share it, so taking turns would not help.';
  const list = groups.length === 1 ? String(groups[0]) : `${groups.slice(0, -1).join(', ')} and ${groups.at(-1) ?? 0}`;
  return `${groups.length} turns: ${list} people.`;
}

function betterWords({ byFoot, reversed, reorders }: FewerHandlings): string {
  const parts = [
    reorders ? 'bring together what lies at one place' : '',
    byFoot ? `one whole foot, then the other${reversed ? ' in reverse' : ''}` : '',
  ].filter((words) => words !== '');
  const words = parts.length === 0 ? 'exercise by exercise' : parts.join(', ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}
