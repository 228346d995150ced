import type { Caution, Exercise, Gate, Rung, School } from '../exercise';
import { resolve } from '../exercise';
import { type CheckId, type History, dayOf } from '../measure';
import { gateFor } from './gate-for';
import { type LadderNote, type NoteOf, isKind, isOf } from './ladder-note';
import { shownOf } from './occasions';
import { type Student, forbids, mindedBy } from './student';

type OneFoot = 'left' | 'right';
const feet: readonly OneFoot[] = ['left', 'right'];

/** Where a foot stands on a ladder, and since when. */
export interface Place {
  readonly rungId: string;
  readonly since: string;
  readonly why: NoteOf<'placed'>['what']['why'];
  /** What the teacher said to it. */
  readonly note: string;
}

/** Why a level is kept, gone up to or down from; the first that speaks decides. */
export type KeepReason =
  | { readonly code: 'not-begun' }
  | { readonly code: 'stop-sign'; readonly sign: string; readonly date: string }
  | { readonly code: 'caution'; readonly caution: Caution }
  | { readonly code: 'doubtful'; readonly foot: OneFoot; readonly check: CheckId }
  | { readonly code: 'missing'; readonly foot: OneFoot; readonly check: CheckId | null }
  | { readonly code: 'pain'; readonly foot: OneFoot; readonly when: 'during' | 'next-day'; readonly lowest: boolean }
  | { readonly code: 'short'; readonly foot: OneFoot }
  | { readonly code: 'break'; readonly weeks: number }
  | { readonly code: 'door'; readonly weeks: number; readonly done: number }
  | { readonly code: 'one-change'; readonly date: string }
  | { readonly code: 'gate'; readonly gate: Gate; readonly shown: Readonly<Record<OneFoot, number>> }
  | { readonly code: 'lower-foot'; readonly foot: OneFoot; readonly gate: Gate | null; readonly shown: number }
  | { readonly code: 'wish' }
  /** Nothing says when this level is passed: the teacher does. */
  | { readonly code: 'no-gate' }
  | { readonly code: 'top' }
  | { readonly code: 'passed'; readonly gate: Gate };

export interface Kept {
  readonly verdict: 'not-begun' | 'frozen' | 'hold' | 'up' | 'down';
  readonly left: Place | null;
  readonly right: Place | null;
  /** The level of the lower foot, and what it asks of this person; null where nobody stands anywhere. */
  readonly here: Rung | null;
  readonly gate: Gate | null;
  /** The feet that would move, and where to. */
  readonly feet: readonly OneFoot[];
  readonly to: Rung | null;
  readonly reason: KeepReason;
  /** Weeks on this level, once it is half a year: a place to live, never stuck. */
  readonly livesHere: number | null;
}

export interface KeepAsked {
  readonly student: Student;
  readonly exercise: Exercise;
  readonly school: School;
  /** All notes of this student, of every ladder; in any order. */
  readonly notes: readonly LadderNote[];
  /** What the readings of a check say. */
  readonly historyOf: (check: CheckId) => History | null;
  /** Local date. */
  readonly today: string;
}

/** Weeks without being in class after which one begins lower, and after which a level lower: Needlework's own. */
const breakWeeks = 4;
const longBreakWeeks = 8;
/** Weeks on one level after which one lives there. */
const livingWeeks = 26;
/** So many classes under the least dose without pain, and the level is one too high. */
const shortClasses = 3;

/** Where a foot stands: the newest placing of it. */
export function placeOf(foot: OneFoot, notes: readonly LadderNote[]): Place | null {
  const placed = notes.filter(isKind('placed')).filter((note) => isOf(foot, note));
  const newest = placed.reduce<NoteOf<'placed'> | null>((a, b) => (a === null || b.date >= a.date ? b : a), null);
  return newest && { rungId: newest.what.rungId, since: newest.date, why: newest.what.why, note: newest.what.note };
}

/**
 * Whether a student keeps their level on a ladder, goes up or goes down. Both feet must pass, and move together while
 * they are level; a foot that is lower climbs alone. What was not looked at yet speaks against going up alone: it does
 * not keep somebody with pain where they are.
 */
export function keepLevel(asked: KeepAsked): Kept {
  const { exercise } = asked;
  const own = asked.notes.filter((note) => note.exerciseId === exercise.id);
  const [left, right] = [placeOf('left', own), placeOf('right', own)];
  const rungs = exercise.ladder?.rungs ?? [];
  const at = (place: Place | null) => rungs.findIndex(({ id }) => id === place?.rungId);
  const stood = [at(left), at(right)].filter((index) => index >= 0);
  const here = rungs[Math.min(...stood)] ?? null;
  const asks = here && fittedGate(asked, here);
  const base = { left, right, here, gate: asks, livesHere: livesHere(left, right, asked.today) };
  const say = (
    verdict: Kept['verdict'],
    reason: KeepReason,
    moves: readonly OneFoot[] = [],
    to: Rung | null = null,
  ) => ({
    ...base,
    verdict,
    reason,
    feet: moves,
    to,
  });
  const start = rungs.find(({ id }) => id === exercise.ladder?.startRung) ?? null;
  const stop = stopOf(asked.notes, exercise.id);
  if (stop) return say('frozen', { code: 'stop-sign', sign: stop.what.sign, date: stop.date });
  if (!left || !right || at(left) === -1 || at(right) === -1)
    return say('not-begun', { code: 'not-begun' }, feet, start);

  const lower = Math.min(at(left), at(right));
  const climbing = feet.filter((foot) => at(foot === 'left' ? left : right) === lower);
  const next = rungs[lower + 1];
  if (!here) return say('hold', { code: 'top' });
  const placeAt = (foot: OneFoot): Place => (foot === 'left' ? left : right);

  const cautious = cautionHere(asked, here, next, lower, left.why === 'overrule' || right.why === 'overrule');
  if (cautious) return say('hold', { code: 'caution', caution: cautious });

  const gate = next ? asks : null;
  const check = gate?.check ?? null;
  const shown = (foot: OneFoot) => {
    const history = check === null ? null : asked.historyOf(check);
    return gate ? shownOf(gate, foot, here.id, placeAt(foot).since, own, history) : null;
  };
  const [shownLeft, shownRight] = [shown('left'), shown('right')];
  const shownBy = (foot: OneFoot) => (foot === 'left' ? shownLeft : shownRight);
  const doubtful = climbing.find((foot) => shownBy(foot)?.doubtful);
  if (doubtful && check) return say('hold', { code: 'doubtful', foot: doubtful, check });

  for (const foot of feet) {
    const place = placeAt(foot);
    const index = at(place);
    const since = own.filter((note) => isOf(foot, note) && note.date >= place.since);
    const hurt = newestOf(since.filter(isKind('pain')));
    const better = newestOf(since.filter(isKind('clean')));
    const below = rungs[index - 1] ?? null;
    if (hurt && (!better || hurt.date >= better.date)) {
      const reason = { code: 'pain', foot, when: hurt.what.when, lowest: below === null } as const;
      return below ? say('down', reason, [foot], below) : say('hold', reason);
    }
    const recent = since
      .filter((note) => ['clean', 'missed', 'short'].includes(note.what.kind))
      .sort((a, b) => (a.date < b.date ? 1 : -1))
      .slice(0, shortClasses);
    if (below && recent.length === shortClasses && recent.every(({ what }) => what.kind === 'short'))
      return say('down', { code: 'short', foot }, [foot], below);
  }

  const away = weeksAway(asked);
  if (away !== null && away >= breakWeeks) {
    const below = away >= longBreakWeeks ? (rungs[lower - 1] ?? null) : null;
    const reason = { code: 'break', weeks: away } as const;
    return below ? say('down', reason, feet, below) : say('hold', reason);
  }
  if (!next) return say('hold', { code: 'top' });
  const door = asked.student.experience === 'years' ? null : next.door;
  const done = weeksOfWork(asked);
  if (door && done < door.weeks) return say('hold', { code: 'door', weeks: door.weeks, done });

  const passes = (foot: OneFoot) => !gate || (shownBy(foot)?.occasions ?? 0) >= gate.occasions;
  const missing = climbing.find((foot) => shownBy(foot)?.missing);
  if (gate && climbing.some((foot) => !passes(foot))) {
    if (missing) return say('hold', { code: 'missing', foot: missing, check });
    const count = (foot: OneFoot) => shownBy(foot)?.occasions ?? 0;
    const [alone] = climbing;
    if (climbing.length === 1 && alone)
      return say('hold', { code: 'lower-foot', foot: alone, gate, shown: count(alone) });
    return say('hold', { code: 'gate', gate, shown: { left: count('left'), right: count('right') } });
  }
  if (wantsToStay(own)) return say('hold', { code: 'wish' });
  const changed = weeksChange(asked);
  if (changed) return say('hold', { code: 'one-change', date: changed });
  if (!gate) return say('hold', { code: 'no-gate' });
  return say('up', { code: 'passed', gate }, climbing, next);
}

const newestOf = <N extends LadderNote>(notes: readonly N[]): N | null =>
  notes.reduce<N | null>((a, b) => (a === null || b.date >= a.date ? b : a), null);

/** A stop sign of this ladder or of all, without a clinician's word since. */
export function stopOf(notes: readonly LadderNote[], exerciseId: string): NoteOf<'stop'> | null {
  const here = notes.filter((note) => note.exerciseId === null || note.exerciseId === exerciseId);
  const stop = newestOf(here.filter(isKind('stop')));
  const word = newestOf(here.filter(isKind('cleared')));
  return stop && (!word || word.date < stop.date) ? stop : null;
}

/** The caution that keeps a student here: what is not for them at all, and what they may not go up to. */
function cautionHere(
  { student, exercise, school }: KeepAsked,
  here: Rung,
  next: Rung | undefined,
  index: number,
  overruled: boolean,
): Caution | null {
  const of = (rung: Rung): readonly Caution[] => {
    const settled = resolve(exercise, rung.id, school);
    return settled.ok ? mindedBy(student, settled.value.cautions) : [];
  };
  const stays = of(here).find(forbids);
  if (stays && !overruled) return stays;
  if (!next) return null;
  const start = exercise.ladder?.rungs.findIndex(({ id }) => id === exercise.ladder?.startRung) ?? -1;
  return (
    of(next).find(forbids) ??
    (index >= start ? (of(here).find(({ action }) => action === 'hold-at-rung') ?? null) : null)
  );
}

function fittedGate({ student, exercise, school }: KeepAsked, here: Rung): Gate | null {
  const settled = resolve(exercise, here.id, school);
  return here.gate && settled.ok ? gateFor(here.gate, settled.value, student.age) : here.gate;
}

/** Days on which the student was there, oldest first. */
const daysThere = ({ notes }: KeepAsked): number[] =>
  notes
    .filter(({ what }) => !['stop', 'cleared', 'placed', 'stays', 'moves-on'].includes(what.kind))
    .map(({ date }) => dayOf(date))
    .sort((a, b) => a - b);

function weeksAway(asked: KeepAsked): number | null {
  const last = daysThere(asked).at(-1);
  return last === undefined ? null : Math.floor((dayOf(asked.today) - last) / 7);
}

/** Weeks in which the student was there: a missed week moves their door. */
const weeksOfWork = (asked: KeepAsked): number =>
  new Set(daysThere(asked).map((day) => Math.floor((day + 3) / 7))).size;

/** The day of a step up within the last week, on any ladder: one change a week. */
function weeksChange({ notes, today }: KeepAsked): string | null {
  const ups = notes.filter(isKind('placed')).filter(({ what }) => what.why === 'up');
  const newest = newestOf(ups);
  return newest && dayOf(today) - dayOf(newest.date) < 7 ? newest.date : null;
}

function wantsToStay(notes: readonly LadderNote[]): boolean {
  const wish = newestOf(notes.filter(({ what }) => what.kind === 'stays' || what.kind === 'moves-on'));
  return wish?.what.kind === 'stays';
}

function livesHere(left: Place | null, right: Place | null, today: string): number | null {
  if (!left || !right) return null;
  const since = Math.max(dayOf(left.since), dayOf(right.since));
  const weeks = Math.floor((dayOf(today) - since) / 7);
  return weeks >= livingWeeks ? weeks : null;
}
