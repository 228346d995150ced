import { type Dose, amountName, isOpen, kindOf, numberIn, numberOf, sayDose, sayableOn, withNumber } from '../dose';
import { type Exercise, resolve } from '../exercise';
import {
  type Item,
  type NextId,
  type Plan,
  type PlanCommand,
  addRecheck,
  changeLevel,
  findAny,
  findItem,
  levelsBeside,
  newItem,
} from '../plan';
import { sayTime } from '../say-time';
import { optionWindows } from '../timeline';
import type { RunAction } from './event';
import { timeOf } from './moment';
import { type RunState, currentBout, placeOf } from './run';
import { type Standby, lookFor, shakeFor } from './standby';

/** What a teacher changes of a class while it is taught, each with one tap. */
export type Adaptation = 'again' | 'skip' | 'longer' | 'shorter' | 'easier' | 'shake' | 'look';

/** What a tap would do, and what it comes to: "10 reps", "three fingertips"; no words where the name says it. */
export interface Adapted {
  readonly action: RunAction;
  readonly words: string;
}

/**
 * What an adaptation does at this moment; null where it makes no sense.
 * @param standbys exercises at hand that the class may not have
 */
export function adapted(
  what: Adaptation,
  state: RunState,
  standbys: readonly Standby[],
  nextId: NextId,
): Adapted | null {
  if (state.status === 'over') return null;
  switch (what) {
    case 'again':
      return again(state);
    case 'skip':
      return skip(state);
    case 'longer':
      return amount(state, 1);
    case 'shorter':
      return amount(state, -1);
    case 'easier':
      return easier(state);
    case 'shake':
      return shake(state, standbys, nextId);
    case 'look':
      return look(state, standbys, nextId);
  }
}

/** The least of a class that is left when its end comes sooner, s. */
const leastLeft = 60;

/**
 * The slot ends so much sooner; what gives way for it is asked for apart.
 * @returns null where hardly anything would be left of the class
 */
export function endsSooner({ plan, atMs, status }: RunState, seconds: number): Adapted | null {
  const slotSeconds = plan.slotSeconds - seconds;
  if (status === 'over' || seconds <= 0 || slotSeconds * 1000 < atMs + leastLeft * 1000) return null;
  return edit({ type: 'edit-class', change: { slotSeconds } }, sayTime(slotSeconds * 1000));
}

const plain = (action: RunAction): Adapted => ({ action, words: '' });
const edit = (command: PlanCommand, words: string): Adapted => ({ action: { kind: 'adapted', command }, words });

/** Once more from its beginning: what is being done, or what has just been done. */
function again(state: RunState): Adapted | null {
  const bout = state.status === 'ready' ? placeOf(state) - 1 : state.boutIndex;
  return bout < 0 ? null : plain({ kind: 'moved', bout });
}

/** To the next item, whatever is left of this one on either foot. */
function skip(state: RunState): Adapted {
  const here = currentBout(state)?.itemId ?? null;
  const from = state.makingUp ? state.makingUp.returnTo : state.boutIndex + 1;
  const next = state.bouts.find((bout) => bout.index >= from && (bout.itemId !== here || state.makingUp !== null));
  return plain(next ? { kind: 'moved', bout: next.index } : { kind: 'ended' });
}

const itemHere = (state: RunState): Item | null => {
  const id = currentBout(state)?.itemId ?? null;
  return id === null ? null : (findItem(state.plan, id)?.item ?? null);
};

/** One step more or less of what is counted, as a teacher would say it; on both feet. */
function amount(state: RunState, by: 1 | -1): Adapted | null {
  const item = itemHere(state);
  const [first, ...others] = item?.dose ?? [];
  const pattern = timeOf(state, currentBout(state))?.execution?.sidePattern;
  if (!item || !first || !pattern || isOpen(first) || item.wornUntil !== null) return null;
  const name = amountName(first);
  const own = numberIn(first, name);
  const said = sayableOn(numberOf(first, name)?.scale ?? 'counts');
  const value = by === 1 ? said.find((n) => n > own) : said.findLast((n) => n < own && n > 0);
  if (value === undefined) return null;
  const part = withNumber(first, name, value);
  if (!kindOf(part).schema.safeParse(part).success) return null;
  const dose: Dose = [part, ...others];
  return edit({ type: 'edit-item', itemId: item.id, change: { dose } }, sayDose(dose, null));
}

/**
 * The level below, or the easier one that the plan offers, in the same time: for everybody. While it is being done only a
 * level on the same feet will do.
 */
function easier(state: RunState): Adapted | null {
  const item = itemHere(state);
  const time = timeOf(state, currentBout(state));
  const { exercise, sidePattern } = time?.execution ?? {};
  if (!item || !time || !exercise || item.wornUntil !== null) return null;
  const rungId = (item.easier ?? levelsBeside(item, exercise).easier)?.rungId;
  const change = rungId === undefined ? null : changeLevel(item, exercise, rungId, state.plan.school);
  if (rungId === undefined || !change) return null;
  const to = resolve(exercise, rungId, state.plan.school);
  if (!to.ok || (state.status !== 'ready' && to.value.sidePattern !== sidePattern)) return null;
  const dose = sameTime(state.plan, item, rungId, time) ?? change.dose ?? item.dose;
  const command = {
    type: 'edit-item' as const,
    itemId: item.id,
    change: { ...change, dose, easier: belowOf(item, exercise, rungId), heads: null },
  };
  return edit(command, to.value.rungName ?? '');
}

const belowOf = (item: Item, exercise: Exercise, rungId: string) => levelsBeside({ ...item, rungId }, exercise).easier;

/** The dose of an option that fills the time of the level it takes the place of; null where it cannot. */
function sameTime(plan: Plan, item: Item, rungId: string, time: Parameters<typeof optionWindows>[1]): Dose | null {
  const offered = { ...item, easier: { rungId } };
  const asked: Plan = {
    ...plan,
    blocks: plan.blocks.map((block) => ({
      ...block,
      items: block.items.map((other) => (other.id === item.id ? offered : other)),
    })),
  };
  const filled = optionWindows(asked, time).find((option) => option.which === 'easier');
  return filled && !filled.tooLong ? filled.dose : null;
}

/** The item that has just been taught, or is being taught; null before the first. */
function behind(state: RunState): string | null {
  if (state.status !== 'ready') return currentBout(state)?.itemId ?? state.bouts[state.boutIndex - 1]?.itemId ?? null;
  return state.bouts.slice(0, placeOf(state)).findLast((bout) => bout.itemId !== null)?.itemId ?? null;
}

/** Where something goes that is put in now: behind what is taught; in a block taught foot by foot, behind its last. */
function placeNow(state: RunState): { readonly blockId: string; readonly index: number } | null {
  const id = behind(state);
  const found = id === null ? null : findAny(state.plan, id);
  if (found) {
    const { block, index } = found;
    return { blockId: block.id, index: block.flow === 'by-foot' ? block.items.length : index + 1 };
  }
  const [block] = state.plan.blocks;
  return block ? { blockId: block.id, index: 0 } : null;
}

function shake(state: RunState, standbys: readonly Standby[], nextId: NextId): Adapted | null {
  const place = placeNow(state);
  const id = behind(state) ?? currentBout(state)?.itemId;
  const position = state.timeline.items.find((i) => i.itemId === id)?.execution?.position ?? 'standing';
  const found = shakeFor(position, state.plan.school, standbys);
  if (!place || !found) return null;
  const item: Item = { ...newItem(nextId(), found.exercise, found.revision, state.plan.school), familiarity: 'known' };
  return edit({ type: 'add-item', item, ...place }, found.exercise.name[state.plan.school.words]);
}

/** A walk that looks again at what has just been taught; in a block taught foot by foot, at the class behind it. */
function look(state: RunState, standbys: readonly Standby[], nextId: NextId): Adapted | null {
  const place = placeNow(state);
  const id = behind(state);
  const found = lookFor(standbys);
  const drill = id === null ? null : findItem(state.plan, id);
  if (!place || !found || !drill) return null;
  const of = drill.item.recheck?.of ?? drill.item.id;
  const { school } = state.plan;
  const made = addRecheck(state.plan, of, found.exercise, found.revision, nextId);
  if (made?.command.type !== 'add-item' || made.command.item.kind !== 'exercise') return null;
  const byFoot = drill.block.flow === 'by-foot';
  const item: Item = { ...made.command.item, familiarity: 'known', recheck: { of: byFoot ? null : of } };
  return edit({ type: 'add-item', item, ...place }, found.exercise.name[school.words]);
}
