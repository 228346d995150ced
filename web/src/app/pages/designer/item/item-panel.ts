import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatOption, MatSelect } from '@angular/material/select';
import { RouterLink } from '@angular/router';
import { doseWords, optionWords, doorWords } from '@core/card';
import { amountName, numberOf, sayDose, sayUnit, sayableCounts, sayablePauses } from '@core/dose';
import { canBeWorn, resolve } from '@core/exercise';
import { checkIdOf, checkName, classCheck, classChecks, protocolFor } from '@core/measure';
import { Floor, type KitId, kitNames } from '@core/kit';
import {
  type Item,
  type Plan,
  type Sides,
  changeFoot,
  changeLevel,
  changeSides,
  findItem,
  itemsOf,
  recheckable,
  usualTalkSeconds,
} from '@core/plan';
import { sayTime } from '@core/say-time';
import { type ItemTime, eventAt, leadOf, mayRunOn, optionWindows, phaseAt } from '@core/timeline';
import { Footprints } from '../../../parts/footprints/footprints';
import { viewWords } from '../../../parts/saying/fault-words';
import { otherSchool } from '../../../parts/saying/school-words';
import type { ThreadPoint } from '../../../parts/thread/thread';
import { OwnProtocols } from '../../../data/own-protocols';
import { PlanStore } from '../plan-store';
import { DoseSentence } from './dose-sentence';
import { LadderChoice } from './ladder-choice';
import { SayPanel } from './say-panel';
import { NumberField } from '../../../parts/dose/number-field';

/** One item of the class: what the feet do, its dose, its sides, its level, what is said around it. */
@Component({
  selector: 'nw-item-panel',
  imports: [
    DoseSentence,
    Footprints,
    LadderChoice,
    MatButtonToggle,
    MatButtonToggleGroup,
    MatFormField,
    MatInput,
    MatLabel,
    MatOption,
    MatSelect,
    NumberField,
    RouterLink,
    SayPanel,
  ],
  templateUrl: './item-panel.html',
  styleUrl: './item-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ItemPanel {
  protected readonly store = inject(PlanStore);
  private readonly own = inject(OwnProtocols);
  readonly plan = input.required<Plan>();
  readonly item = input.required<Item>();
  readonly time = input.required<ItemTime>();
  /** What lies under the pointer on the thread, when it is this item. */
  readonly pointed = input<ThreadPoint | null>(null);

  protected readonly pauses = sayablePauses;
  protected readonly counts = sayableCounts.filter((n) => n <= 20);
  protected readonly clock = sayTime;
  protected readonly viewWords = viewWords;
  /** The phase the teacher chose to look at; the pointer on the thread goes first. */
  protected readonly phaseIndex = signal(0);

  protected readonly execution = computed(() => this.time().execution);
  protected readonly exercise = computed(() => this.execution()?.exercise ?? null);
  protected readonly words = computed(() => this.plan().school.words);
  protected readonly removed = computed(() => this.store.known().get(this.item().revision)?.removed ?? false);
  protected readonly lead = computed(() => leadOf(this.plan(), this.item()));

  private readonly pointedPhase = computed(() => {
    const point = this.pointed();
    const timeline = this.store.timeline();
    const event = point && timeline && point.itemId === this.item().id ? eventAt(timeline, point.ms) : null;
    if (!event || !point) return null;
    const seconds = phaseAt(event, point.ms, this.execution()?.phaseSeconds ?? []);
    return { index: seconds?.index ?? 0, feet: event.feet, works: event.activity === 'work', seconds };
  });
  protected readonly shownPhase = computed(() => {
    const phases = this.execution()?.phases ?? [];
    const index = Math.min(this.pointedPhase()?.index ?? this.phaseIndex(), phases.length - 1);
    const phase = phases[index];
    const feet = this.pointedPhase()?.feet;
    const oneFoot = this.execution()?.sidePattern === 'each';
    const working = feet === 'left' || feet === 'right' ? feet : oneFoot ? this.lead() : ('both' as const);
    return phase ? { phase, index, of: phases.length, working } : null;
  });

  protected readonly rungs = computed(() => this.exercise()?.ladder?.rungs ?? []);
  /** Weeks that open the chosen levels, for people new to them. */
  protected readonly doors = computed(() => {
    const { rungId, harder } = this.item();
    const chosen = this.rungs().filter((rung) => rung.id === rungId || rung.id === harder?.rungId);
    return chosen.flatMap((rung) => (rung.door ? [`“${rung.name}” opens ${doorWords(rung.door)}`] : []));
  });
  /** The options of the ladder, each filled into the window of the main level: what it comes to, and what is left as rest. */
  protected readonly options = computed(() => {
    if (this.item().wornUntil !== null) return [];
    const windows = optionWindows(this.plan(), this.time());
    return (['easier', 'harder'] as const).map((which) => {
      const filled = windows.find((w) => w.which === which);
      return { which, rungId: this.item()[which]?.rungId ?? null, words: filled ? optionWords(filled) : '' };
    });
  });

  protected readonly school = computed(() => {
    const exercise = this.exercise();
    return exercise ? otherSchool(exercise, this.plan().school, 'this class') : '';
  });
  /** Where the time of the item goes, in the order it is spent. */
  protected readonly spent = computed(() => {
    const names = {
      transition: 'getting there',
      talk: 'talk before',
      'set-up': 'set-up',
      work: 'work',
      rest: 'rests inside',
      switch: 'changing foot',
      compare: 'comparing',
      rounding: 'rounding up',
    };
    return (Object.keys(names) as (keyof typeof names)[])
      .map((activity) => ({ words: names[activity], ms: this.time().activityMs[activity], activity }))
      .filter((entry) => entry.ms >= 500 && entry.activity !== 'compare');
  });
  protected readonly usualTalk = computed(() => usualTalkSeconds(this.item().familiarity, this.plan().pace));
  private readonly itemId = computed(() => this.item().id);
  /** What an extra set for the weaker side costs, in the class at rest: the class with it less the class without. */
  protected readonly extraCost = computed(() => {
    const id = this.itemId();
    const resting = this.store.resting()?.plan;
    const known = resting && findItem(resting, id)?.item;
    const { plan, item } = known ? { plan: resting, item: known } : { plan: this.plan(), item: this.item() };
    const cost = (mode: Sides['mode']) => {
      const sides = changeSides(item, mode, this.lead());
      return this.store.timelineAfter({ type: 'edit-item', itemId: item.id, change: { sides } }, plan);
    };
    const equal = cost('equal');
    return { set: cost('extra-set') - equal, reps: cost('extra-reps') - equal };
  });

  /** How the sides may share it, what that is called, and what it costs where one does more. */
  protected readonly sideChoices = computed(() => {
    const cost = this.extraCost();
    const first = this.item().dose[0];
    const unit = first && numberOf(first, amountName(first))?.scale === 'counts' ? sayUnit(first.kind, 2) : 'seconds';
    const modes: readonly (readonly [Sides['mode'], string])[] = [
      ['equal', 'equal'],
      ['weaker-first', 'weaker first'],
      ['extra-reps', `a few more ${unit}, +${sayTime(cost.reps)}`],
      ['extra-set', `one more set, +${sayTime(cost.set)}`],
      ['one-foot', 'one foot only'],
    ];
    return modes.map(([mode, words]) => ({ mode, words }));
  });
  /** "left starts", "left is weaker", "left only". */
  protected readonly footChoices = computed(() => {
    const { mode } = this.item().sides;
    const says = mode === 'equal' ? 'starts' : mode === 'one-foot' ? 'only' : 'is weaker';
    return (['left', 'right'] as const).map((foot) => ({ foot, words: `${foot} ${says}` }));
  });
  /** On both feet inside a block taught foot by foot: once between, or in each pass. */
  protected readonly mayRepeat = computed(() => {
    const pattern = this.execution()?.sidePattern;
    const block = this.plan().blocks.find((b) => b.items.some((i) => i.id === this.item().id));
    return block?.flow === 'by-foot' && pattern !== undefined && pattern !== 'each';
  });
  /** What it could look again at, with names. */
  protected readonly recheckChoices = computed(() => {
    const drills = recheckable(this.plan(), this.item().id).flatMap((drill) => {
      if (!drill) return [];
      const name = this.store.known().get(drill.revision)?.exercise.name[this.words()] ?? drill.exerciseId;
      return [{ id: drill.id, words: `looks again at ${name}` }];
    });
    return [{ id: 'no', words: 'not a look again' }, { id: 'class', words: 'looks again at the class' }, ...drills];
  });
  protected readonly recheckNow = computed(() => {
    const { recheck } = this.item();
    return recheck ? (recheck.of ?? 'class') : 'no';
  });
  /** Each piece of kit that something else may stand in for, with what the swap changes. */
  protected readonly kitChoices = computed(() => {
    const exercise = this.exercise();
    const settled = exercise && resolve(exercise, this.item().rungId, this.plan().school);
    return (settled?.ok ? settled.value.kit : [])
      .filter((need) => need.substitutes.length > 0)
      .map((need) => {
        const by = this.item().substitutes.find((s) => s.of === need.kit)?.by ?? need.kit;
        const options = [
          { kit: need.kit, words: kitNames[need.kit] },
          ...need.substitutes.map((s) => ({ kit: s.kit, words: `${kitNames[s.kit]}: ${s.changes}` })),
        ];
        return { of: need.kit, name: kitNames[need.kit], by, options };
      });
  });
  protected readonly floors = Floor.options;
  /** Where it is taught when nothing is said of the item itself. */
  protected readonly usualFloor = computed(() => {
    const block = this.plan().blocks.find((b) => b.items.some((i) => i.id === this.item().id));
    return block?.floor ?? this.plan().brief.floor;
  });
  /** The item goes on in the music of the one before it: both are danced to counts. */
  protected readonly mayRunOn = computed(() => mayRunOn(this.plan(), this.item().id));
  /** Up to which later exercise it could be worn beside the work; none for what is not worn. */
  protected readonly wearChoices = computed(() => {
    const exercise = this.exercise();
    const own = exercise && resolve(exercise, this.item().rungId, this.plan().school);
    if (!own?.ok || !canBeWorn(own.value)) return [];
    const items = itemsOf(this.plan());
    const later = items.slice(items.findIndex((item) => item.id === this.item().id) + 1);
    return later.map(({ id, revision, exerciseId }) => ({
      id,
      words: `worn until after ${this.store.known().get(revision)?.exercise.name[this.words()] ?? exerciseId}`,
    }));
  });
  /** What it comes to where it is worn: how long, through how many exercises, and how long it is worn otherwise. */
  protected readonly wear = computed(() => {
    const { id } = this.item();
    const worn = this.store.timeline()?.worn.find((w) => w.itemId === id);
    if (!worn) return null;
    const { least, most } = this.execution()?.doses ?? {};
    const between = least && most ? `; on its own ${sayDose(least, null)} to ${sayDose(most, null)}` : '';
    return {
      length: sayTime(worn.endMs - worn.startMs),
      words: doseWords(this.plan(), this.time()),
      between,
    };
  });
  protected readonly checkChoices = computed(() => {
    const { check } = this.item();
    const all = classChecks(this.own.all()).map(({ id, name }) => ({ id, words: name }));
    // one that is not offered any more stays where it was put
    const own = check && !all.some(({ id }) => id === checkIdOf(check));
    return own ? [{ id: checkIdOf(check), words: checkName(check) }, ...all] : all;
  });
  protected readonly checkNow = computed(() => {
    const { check } = this.item();
    return check ? checkIdOf(check) : 'none';
  });

  protected edit(change: Partial<Omit<Item, 'id' | 'exerciseId'>>): void {
    this.store.do({ type: 'edit-item', itemId: this.item().id, change });
  }

  /** What fit may do with it: nothing, its dose, or leave it out when time is short. */
  protected setStanding(value: string): void {
    this.edit(value === 'locked' ? { locked: true } : { locked: false, priority: Number(value) });
  }

  protected setRung(rungId: string): void {
    const exercise = this.exercise();
    const change = exercise && changeLevel(this.item(), exercise, rungId, this.plan().school);
    if (change) this.edit(change);
  }

  protected setMode(mode: Sides['mode']): void {
    this.edit({ sides: changeSides(this.item(), mode, this.lead()) });
  }

  protected setFoot(side: 'left' | 'right'): void {
    this.edit(changeFoot(this.item(), side));
  }

  protected setMore(more: number): void {
    const { sides } = this.item();
    if (sides.mode === 'extra-reps') this.edit({ sides: { ...sides, more } });
  }

  protected setRecheck(of: string): void {
    this.edit({ recheck: of === 'no' ? null : { of: of === 'class' ? null : of } });
  }

  protected setKit(of: KitId, by: KitId): void {
    const others = this.item().substitutes.filter((s) => s.of !== of);
    this.edit({ substitutes: by === of ? others : [...others, { of, by }] });
  }

  protected setCheck(id: string): void {
    const check = protocolFor(id, this.own.all());
    this.edit({ check: check && classCheck(check) });
  }

  protected setOption(which: 'easier' | 'harder', rungId: string | null): void {
    this.edit({ [which]: rungId === null ? null : { rungId } });
  }
}
