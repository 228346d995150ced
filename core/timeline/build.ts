import {
  type DosePart,
  alternates,
  amountName,
  beatMs,
  isOpen,
  kindOf,
  layOut,
  numberOf,
  phasesMsOf,
  tempoOf,
} from '../dose';
import {
  type Pace,
  type Sides,
  type TalkItem,
  demonstrationTimes,
  itemsOf,
  otherSide,
  secondSetupSeconds,
  usualTalkSeconds,
} from '../plan';
import { type Need, type Room, type Ways, roomAfter, arrival, needOf, secondSetUpMs } from './hand-over';
import { Spread, aroundMs, compareSpread, workSpreadOf } from './likely';
import type {
  Activity,
  BlockTime,
  EventKind,
  Feet,
  ItemTime,
  LikelyRange,
  Timeline,
  TimelineEvent,
  TimelineInput,
  TimelineProblem,
  TransitionPart,
  WornTime,
} from './timeline';
import { type ReadyItem, type Stretch, type Visit, doseOn, feetOf, readyBlock, stretchesOf } from './visit';

/**
 * Lays a plan out in time. Pure: the same plan and revisions give the same timeline.
 * Items that cannot be settled take no time and are named in `problems`.
 */
export function buildTimeline(input: TimelineInput): Timeline {
  return new Builder(input).build();
}

const noActivity = (): Record<Activity, number> => ({
  work: 0,
  rest: 0,
  'set-up': 0,
  talk: 0,
  transition: 0,
  switch: 0,
  compare: 0,
  rounding: 0,
});

interface OpenItem {
  readonly itemId: string;
  readonly blockId: string;
  readonly execution: ItemTime['execution'];
  readonly activityMs: Record<Activity, number>;
  readonly visits: { startMs: number; endMs: number; feet: Feet }[];
  leftWorkMs: number;
  rightWorkMs: number;
}

const newlyOpen = (itemId: string, blockId: string): OpenItem => ({
  itemId,
  blockId,
  execution: null,
  activityMs: noActivity(),
  visits: [],
  leftWorkMs: 0,
  rightWorkMs: 0,
});

/** Walks through the class once, from the first second to the last. */
class Builder {
  private readonly pace: Pace;
  private readonly events: TimelineEvent[] = [];
  private readonly items = new Map<string, OpenItem>();
  private readonly blocks: BlockTime[] = [];
  /** How far the work of each item strays, see `likely.ts`. */
  private readonly strays = new Map<string, number>();
  private readonly problems: TimelineProblem[] = [];
  /** What is worn up to an item, by that item's id. */
  private readonly wornUntil = new Map<string, readonly string[]>();
  /** What is worn at this moment, and since when. */
  private readonly putOn = new Map<string, number>();
  private readonly worn: WornTime[] = [];
  private readonly activityMs = noActivity();
  private now = 0;
  private room: Room | null = null;
  private current: OpenItem | null = null;
  /** The work that is laid out just now has no end of its own. */
  private openWork = false;
  private readonly ways: Ways;

  constructor(private readonly input: TimelineInput) {
    this.pace = input.plan.pace;
    this.ways = input.plan;
    for (const { id, wornUntil } of itemsOf(input.plan)) {
      if (wornUntil !== null) this.wornUntil.set(wornUntil, [...(this.wornUntil.get(wornUntil) ?? []), id]);
    }
  }

  build(): Timeline {
    const { plan, find } = this.input;
    for (const block of plan.blocks) {
      const startMs = this.now;
      for (const { id } of block.items) this.items.set(id, newlyOpen(id, block.id));
      const ready = readyBlock(plan, block, find, (problem) => this.problems.push(problem));
      for (const settled of ready) {
        if ('kind' in settled) continue;
        const { item, execution } = settled;
        this.items.set(item.id, { ...newlyOpen(item.id, block.id), execution });
        this.strays.set(item.id, workSpreadOf(settled, this.pace));
      }
      const stretches = stretchesOf(block, ready);
      stretches.forEach((stretch, i) => {
        const next = stretches[i + 1];
        const off = stretch.kind === 'item' ? this.takenOff(stretch, stretches, i) : [];
        this.stretch(stretch, off.length === 0 && next?.kind === 'item' && next.runsOn);
        for (const worn of off) this.takeOff(worn);
      });
      this.blocks.push({ blockId: block.id, startMs, totalMs: this.now - startMs });
    }
    return this.finish();
  }

  /** What is taken off behind a stretch: it was worn up to its item, and that does not come again. */
  private takenOff(
    { visits }: Extract<Stretch, { kind: 'item' }>,
    all: readonly Stretch[],
    at: number,
  ): readonly string[] {
    const id = visits[0]?.ready.item.id ?? '';
    const worn = this.wornUntil.get(id);
    const comesAgain = () =>
      all.slice(at + 1).some((s) => s.kind === 'item' && s.visits.some((v) => v.ready.item.id === id));
    if (!worn || comesAgain()) return [];
    return worn.filter((itemId) => this.putOn.has(itemId));
  }

  /** Taking off what was worn: as long as setting up the second foot of its kind. */
  private takeOff(itemId: string): void {
    const startMs = this.now;
    const open = this.items.get(itemId) ?? null;
    this.endWorn(itemId);
    this.current = open;
    const seconds = open?.execution ? secondSetupSeconds(open.execution.setup, this.pace) : 0;
    this.spend('take-off', 'set-up', 'both', seconds * 1000);
    this.roundUp();
    if (this.now > startMs) open?.visits.push({ startMs, endMs: this.now, feet: 'both' });
  }

  private endWorn(itemId: string): void {
    const startMs = this.putOn.get(itemId);
    if (startMs === undefined) return;
    this.worn.push({ itemId, startMs, endMs: this.now });
    this.putOn.delete(itemId);
  }

  /** Talk of its own: open, because it ends when the teacher says so. */
  private talkItem({ id, seconds }: TalkItem): void {
    const startMs = this.now;
    this.current = this.items.get(id) ?? null;
    this.openWork = true;
    this.spend('talk-item', 'talk', 'neither', seconds * 1000);
    this.openWork = false;
    this.current?.visits.push({ startMs, endMs: this.now, feet: 'neither' });
  }

  private stretch(stretch: Stretch, musicGoesOn: boolean): void {
    const startMs = this.now;
    if (stretch.kind === 'talk') return this.talkItem(stretch.talk);
    if (stretch.kind === 'compare') {
      this.current = null;
      this.spend('compare', 'compare', 'both', this.pace.compareSeconds * 1000);
      this.roundUp();
      return;
    }
    const [first, second] = stretch.visits;
    if (!first) return;
    const open = this.items.get(first.ready.item.id) ?? null;
    this.current = open;
    this.checkTempo(first.ready);
    const before = this.room;
    const voiceFrom = this.arrive(first, stretch.runsOn);
    if (first.ready.item.wornUntil !== null) {
      this.putOn.set(first.ready.item.id, this.now);
      this.roundUp();
      open?.visits.push({ startMs, endMs: this.now, feet: feetOf(first) });
      return;
    }
    if (!stretch.runsOn) this.countIn(first);
    this.work(first);
    if (second) {
      this.spend('switch', 'switch', 'both', this.pace.sideSwitchSeconds * 1000);
      const needs = [first, second].map((visit) => needOf(visit)) as [Need, Need];
      this.spend('second-set-up', 'set-up', feetOf(second), secondSetUpMs(before, ...needs, this.pace));
      this.leave(second);
      this.countIn(second);
      this.work(second);
    }
    this.othersTurn(first.ready, this.now - voiceFrom);
    this.talkOver(first.ready, voiceFrom);
    if (!musicGoesOn) this.roundUp();
    open?.visits.push({ startMs, endMs: this.now, feet: second ? 'both' : feetOf(first) });
  }

  /** Everything from leaving the last item to the first piece of work. */
  private arrive(visit: Visit, runsOn: boolean): number {
    const { item, execution } = visit.ready;
    if (runsOn) {
      this.leave(visit);
      return this.now;
    }
    const { parts, setUpMs } = arrival(this.room, needOf(visit), this.ways);
    this.leave(visit);
    this.spend(
      'transition',
      'transition',
      'neither',
      parts.reduce((a, p) => a + p.ms, 0),
      parts,
    );
    if (visit.second) {
      this.spend('second-set-up', 'set-up', feetOf(visit), setUpMs);
      return this.now;
    }
    const talkSeconds = item.talk.beforeSeconds ?? usualTalkSeconds(item.familiarity, this.pace);
    this.spend('talk', 'talk', 'neither', Math.round(talkSeconds * 1000));
    this.spend('set-up', 'set-up', feetOf(visit), setUpMs);
    const main = item.wornUntil === null ? item.dose[0] : undefined;
    if (main && kindOf(main).demonstrated) {
      const unitMs = layOut(main, execution.phaseSeconds).unitStartMs(1);
      const longer = demonstrationTimes(item.familiarity, this.pace) * unitMs;
      const ms = Math.round(Math.min(longer, this.pace.demonstrationMostSeconds * 1000));
      this.spend('demonstration', 'set-up', feetOf(visit), ms);
    }
    return this.now;
  }

  /** The room as a visit leaves it. */
  private leave(visit: Visit): void {
    this.room = roomAfter(this.room, needOf(visit));
  }

  /** Counts before the first phrase, at its tempo. */
  private countIn(visit: Visit): void {
    const [part] = visit.ready.item.dose;
    const tempo = part && kindOf(part).music?.(part);
    if (tempo === undefined) return;
    this.spend('count-in', 'set-up', feetOf(visit), beatMs(this.input.plan.music.countIn, tempo));
  }

  private work(visit: Visit): void {
    const { item } = visit.ready;
    const dose = visit.feet === 'alternate' ? item.dose : doseOn(item, visit.feet);
    dose.forEach((part, index) => this.part(visit, part, index));
  }

  private part(visit: Visit, part: DosePart, partIndex: number): void {
    const { item, lead, execution } = visit.ready;
    const l = layOut(part, execution.phaseSeconds);
    const kind = kindOf(part);
    const phaseMs = phasesMsOf(part, execution.phaseSeconds);
    const inTurn = visit.feet === 'alternate' && alternates(part);
    const extra = inTurn && partIndex === 0 && item.sides.mode === 'extra-set' ? 1 : 0;
    const unitsInSet = l.stations * l.units;
    for (let set = 1; set <= l.sets + extra; set++) {
      const onlyWeaker = set > l.sets;
      const turns = inTurn && !onlyWeaker ? 2 : 1;
      const setStart = this.now;
      for (let i = 0; i < unitsInSet * turns; i++) {
        const index = Math.floor(i / turns);
        const feet = inTurn ? (i % turns === 0 ? lead : otherSide(lead)) : feetOf(visit);
        const startMs = setStart + (turns === 1 ? l.unitStartMs(i) : i * l.unitStartMs(1)) + i * l.gapMs;
        const endMs = startMs + l.unitStartMs(turns === 1 ? i + 1 : 1) - (turns === 1 ? l.unitStartMs(i) : 0);
        this.openWork = isOpen(part);
        this.push(kind.event, 'work', feet, startMs, endMs, phaseMs, {
          part: partIndex,
          set,
          sets: l.sets + extra,
          station: Math.floor(index / l.units) + 1,
          stations: l.stations,
          unit: (index % l.units) + 1,
          units: l.units,
        });
        this.openWork = false;
        if (l.gapMs > 0 && i < unitsInSet * turns - 1) {
          this.push(kind.gapEvent ?? 'rest', 'rest', feet, endMs, endMs + l.gapMs);
        }
      }
      if (set < l.sets + extra) this.spend('set-rest', 'rest', feetOf(visit), l.setRestMs);
    }
    if (inTurn && partIndex === 0 && item.sides.mode === 'extra-reps') this.fewMore(part, item.sides, phaseMs);
  }

  /** After feet in turn, what the weaker one does more; where the amount is seconds, one piece of that length. */
  private fewMore(
    part: DosePart,
    { weaker, more }: Extract<Sides, { mode: 'extra-reps' }>,
    phaseMs: readonly number[] | null,
  ): void {
    const kind = kindOf(part);
    const isCount = numberOf(part, amountName(part))?.scale === 'counts';
    const { gapMs, unitStartMs, sets } = layOut(part, phaseMs?.map((ms) => ms / 1000) ?? []);
    const pieces = isCount ? more : 1;
    for (let unit = 1; unit <= pieces; unit++) {
      if (gapMs > 0) this.push(kind.gapEvent ?? 'rest', 'rest', weaker, this.now, this.now + gapMs);
      const ms = isCount ? unitStartMs(1) : more * 1000;
      const count = { part: 0, set: sets, sets, station: 1, stations: 1, unit, units: pieces };
      this.push(kind.event, 'work', weaker, this.now, this.now + ms, isCount ? phaseMs : null, count);
    }
  }

  /** Kit that does not go round: the others do the same with it, and who has done it waits. */
  private othersTurn({ turns }: ReadyItem, ms: number): void {
    const handing = Math.round((this.pace.reachKitSeconds + this.pace.sideSwitchSeconds) * 1000);
    this.spend('turns', 'rest', 'neither', (turns - 1) * (ms + handing));
  }

  /** Talk over the work: it lies beside the body and never outlasts the item. */
  private talkOver(ready: ReadyItem, fromMs: number): void {
    const ms = Math.min(Math.round(ready.item.talk.overSeconds * 1000), this.now - fromMs);
    if (ms <= 0) return;
    this.events.push({
      kind: 'talk-over',
      activity: 'talk',
      lane: 'voice',
      itemId: ready.item.id,
      feet: 'neither',
      startMs: fromMs,
      endMs: fromMs + ms,
      count: null,
      open: false,
      phaseMs: null,
      because: null,
    });
  }

  /** Up to the next whole second, so that the times shown add up. */
  private roundUp(): void {
    this.spend('rounding', 'rounding', 'neither', (1000 - (this.now % 1000)) % 1000);
  }

  private checkTempo({ item, execution }: ReadyItem): void {
    for (const part of item.dose) {
      const tempo = tempoOf(part);
      if (tempo && tempo.length !== execution.phases.length)
        this.problems.push({
          code: 'tempo-phases',
          itemId: item.id,
          phases: execution.phases.length,
          tempo: tempo.length,
        });
    }
  }

  private spend(
    kind: EventKind,
    activity: Activity,
    feet: Feet,
    ms: number,
    because: readonly TransitionPart[] | null = null,
  ): void {
    if (ms <= 0) return;
    this.push(kind, activity, feet, this.now, this.now + Math.round(ms), null, null, because);
  }

  private push(
    kind: EventKind,
    activity: Activity,
    feet: Feet,
    startMs: number,
    endMs: number,
    phaseMs: readonly number[] | null = null,
    count: TimelineEvent['count'] = null,
    because: readonly TransitionPart[] | null = null,
  ): void {
    const open = this.current;
    this.events.push({
      kind,
      activity,
      lane: 'body',
      itemId: open?.itemId ?? null,
      feet,
      startMs,
      endMs,
      count,
      open: this.openWork,
      phaseMs,
      because,
    });
    const ms = endMs - startMs;
    this.activityMs[activity] += ms;
    if (open) {
      open.activityMs[activity] += ms;
      if (activity === 'work' && feet !== 'right') open.leftWorkMs += ms;
      if (activity === 'work' && feet !== 'left') open.rightWorkMs += ms;
    }
    this.now = endMs;
  }

  private finish(): Timeline {
    for (const itemId of [...this.putOn.keys()]) this.endWorn(itemId);
    const items = [...this.items.values()].map((open): ItemTime => ({
      ...open,
      startMs: open.visits[0]?.startMs ?? 0,
      totalMs: open.visits.reduce((ms, v) => ms + v.endMs - v.startMs, 0),
      workMs: open.activityMs.work,
    }));
    return {
      events: this.events,
      items,
      blocks: this.blocks,
      worn: this.worn,
      totalMs: this.now,
      workMs: this.activityMs.work,
      leftWorkMs: items.reduce((ms, i) => ms + i.leftWorkMs, 0),
      rightWorkMs: items.reduce((ms, i) => ms + i.rightWorkMs, 0),
      activityMs: this.activityMs,
      likely: this.likely(),
      problems: this.problems,
    };
  }

  /** Every item strays on its own, its work from what is around it. */
  private likely(): LikelyRange {
    const spread = new Spread(this.pace.daySpread);
    for (const { itemId, activityMs } of this.items.values()) {
      spread.add(activityMs.work + activityMs.rest, this.strays.get(itemId) ?? 0);
      spread.add(aroundMs(activityMs), this.pace.aroundSpread);
    }
    spread.add(this.activityMs.compare, compareSpread);
    spread.add(this.activityMs.rounding, 0);
    return spread.range();
  }
}
