import { type Caution, type Exercise, type Execution, type School, handsNearlyFree, resolve } from '../exercise';
import { swapsFor } from '../library';
import type { Heads, Item } from '../plan';
import { placeOf, stopOf } from './keeper';
import type { LadderNote } from './ladder-note';
import { type Student, forbids, mindedBy, openConcerns } from './student';

/** What one person does where an item stands. */
export interface Assigned {
  readonly studentId: string;
  readonly option: keyof Heads;
  /** The level; null for something else, or where the exercise has none. */
  readonly rungId: string | null;
  readonly why: AssignReason;
  /** What to mind, or why it is something else. */
  readonly caution: Caution | null;
  /** What is done instead, in the same place and time; null where nothing near enough is known. */
  readonly instead: Exercise | null;
}

export type AssignReason =
  | 'one-for-all'
  | 'own-level'
  | 'not-placed'
  | 'below-all'
  | 'more-support'
  | 'no-higher'
  | 'gently'
  | 'left-out'
  | 'ask-first'
  | 'stop-sign';

export interface RosterAsked {
  readonly item: Item;
  readonly exercise: Exercise;
  readonly school: School;
  readonly students: readonly Student[];
  /** Notes of all of them. */
  readonly notes: readonly LadderNote[];
  /** For what is done instead. */
  readonly library: readonly Exercise[];
}

interface Way {
  readonly option: 'easier' | 'main' | 'harder';
  readonly rungId: string | null;
  readonly index: number;
  readonly execution: Execution;
}

/** The options of an item, easiest first. */
function waysOf({ item, exercise, school }: RosterAsked): Way[] {
  const rungs = exercise.ladder?.rungs ?? [];
  const ways = [
    ['easier', item.easier?.rungId],
    ['main', item.rungId],
    ['harder', item.harder?.rungId],
  ] as const;
  return ways
    .flatMap(([option, rungId]): Way[] => {
      if (rungId === undefined) return [];
      const settled = resolve(exercise, rungId, school);
      if (!settled.ok) return [];
      return [{ option, rungId, index: rungs.findIndex(({ id }) => id === rungId), execution: settled.value }];
    })
    .sort((a, b) => a.index - b.index);
}

/** Who does which option of an item, and why: by where they stand, and by what has to be minded. */
export function assignItem(asked: RosterAsked): Assigned[] {
  const ways = waysOf(asked);
  // the library is searched once for all who have the same to mind
  const found = new Map<string, Exercise | null>();
  const near = (student: Student) => {
    const key = openConcerns(student).sort().join(' ');
    if (!found.has(key)) found.set(key, nearest(asked, student));
    return found.get(key) ?? null;
  };
  return asked.students.map((student) => assignOne(asked, ways, student, near));
}

function assignOne(
  asked: RosterAsked,
  ways: readonly Way[],
  student: Student,
  near: (student: Student) => Exercise | null,
): Assigned {
  const own = [null, asked.exercise.id].flatMap((id) => notesAbout(asked.notes, student.id, id));
  const said = (way: Way, why: AssignReason, caution: Caution | null): Assigned => ({
    studentId: student.id,
    option: way.option,
    rungId: way.rungId,
    why,
    caution,
    instead: null,
  });
  const main = ways.find(({ option }) => option === 'main');
  const other = (why: AssignReason, caution: Caution | null): Assigned => ({
    studentId: student.id,
    option: 'other',
    rungId: null,
    why,
    caution,
    instead: near(student),
  });
  const one = { studentId: student.id, rungId: asked.item.rungId, caution: null, instead: null };
  if (!main) return { ...one, option: 'main', why: 'one-for-all' };
  // nothing near it either: it ends, and refers
  if (stopOf(own, asked.exercise.id)) return { ...one, option: 'other', rungId: null, why: 'stop-sign' };

  const minded = (way: Way) => mindedBy(student, way.execution.cautions);
  const allowed = ways.filter((way) => !minded(way).some(forbids));
  if (allowed.length === 0) {
    const worst = minded(main).find(forbids) ?? null;
    return other(worst?.action === 'ask-clinician' ? 'ask-first' : 'left-out', worst);
  }
  const at = standsOn(asked, student.id);
  const reached =
    at === null ? allowed.filter(({ index }) => index <= main.index) : allowed.filter(({ index }) => index <= at);
  let way = reached.at(-1) ?? allowed[0] ?? main;
  let why: AssignReason = !asked.exercise.ladder
    ? 'one-for-all'
    : reached.length === 0
      ? 'below-all'
      : at === null
        ? 'not-placed'
        : 'own-level';

  const start = asked.exercise.ladder?.rungs.findIndex(({ id }) => id === asked.exercise.ladder?.startRung) ?? -1;
  const held = minded(way).find(({ action }) => action === 'hold-at-rung');
  if (held && way.index > start) {
    way = allowed.findLast(({ index }) => index <= start) ?? allowed[0] ?? way;
    why = 'no-higher';
  }
  const support = minded(way).find(({ action }) => action === 'change-support');
  if (support) {
    const index = way.index;
    way = allowed.findLast((one) => one.index <= index && !handsNearlyFree(one.execution)) ?? allowed[0] ?? way;
    why = 'more-support';
  }
  const [caution = null] = minded(way);
  return said(way, caution && why !== 'more-support' && why !== 'no-higher' ? 'gently' : why, caution);
}

/** Notes never change: ten years of them are sorted once, not for each person and exercise. */
const sorted = new WeakMap<readonly LadderNote[], Map<string, LadderNote[]>>();

/** What is written down of somebody in an exercise; in none: what counts for all of them. */
function notesAbout(notes: readonly LadderNote[], studentId: string, exerciseId: string | null): readonly LadderNote[] {
  const keyOf = (of: string, id: string | null) => `${of} ${id ?? ''}`;
  let by = sorted.get(notes);
  if (!by) {
    by = new Map();
    for (const note of notes) {
      const key = keyOf(note.studentId, note.exerciseId);
      const list = by.get(key);
      if (list) list.push(note);
      else by.set(key, [note]);
    }
    sorted.set(notes, by);
  }
  return by.get(keyOf(studentId, exerciseId)) ?? [];
}

/** The level of the lower foot; null where nothing is written down. */
export function standsOn(
  { exercise, notes }: Pick<RosterAsked, 'exercise' | 'notes'>,
  studentId: string,
): number | null {
  const own = notesAbout(notes, studentId, exercise.id);
  const rungs = exercise.ladder?.rungs ?? [];
  const at = [placeOf('left', own), placeOf('right', own)]
    .map((place) => rungs.findIndex(({ id }) => id === place?.rungId))
    .filter((index) => index >= 0);
  return at.length === 0 ? null : Math.min(...at);
}

/**
 * The nearest exercise that is not left out with what this person has: where it can be in the same position, and never
 * one that asks more balance, since nobody who sat is sent to stand on one leg.
 */
function nearest({ exercise, school, library }: RosterAsked, student: Student): Exercise | null {
  const begins = (one: Exercise): Execution | null => {
    const settled = resolve(one, one.ladder?.startRung ?? null, school);
    return settled.ok ? settled.value : null;
  };
  const here = begins(exercise);
  const balance = (of: Execution | null) => Math.max(of?.balance.working ?? 0, of?.balance.standing ?? 0);
  const near = swapsFor(exercise, library, school, 20)
    .map((swap) => begins(swap.exercise))
    .filter((one) => one !== null)
    .filter((one) => balance(one) <= balance(here) && !mindedBy(student, one.cautions).some(forbids));
  return (near.find(({ position }) => position === here?.position) ?? near[0])?.exercise ?? null;
}

/** How many do which option. */
export function headsOf(assigned: readonly Assigned[]): Heads {
  const count = (option: keyof Heads) => assigned.filter((one) => one.option === option).length;
  return { main: count('main'), easier: count('easier'), harder: count('harder'), other: count('other') };
}

/** "7 three fingertips, 3 hands free, 1 something else". @param item whose heads are counted */
export function headsWords(item: Pick<Item, 'rungId' | 'easier' | 'harder'>, exercise: Exercise, heads: Heads): string {
  const name = (rungId: string | null | undefined) =>
    exercise.ladder?.rungs.find(({ id }) => id === rungId)?.name ?? 'as written';
  return [
    [heads.easier, name(item.easier?.rungId)],
    [heads.main, name(item.rungId)],
    [heads.harder, name(item.harder?.rungId)],
    [heads.other, 'something else'],
  ]
    .filter(([n]) => n !== 0)
    .map(([n, words]) => `${n} ${words}`)
    .join(', ');
}
