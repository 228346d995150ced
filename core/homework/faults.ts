import { cautionsFor, concernNames } from '../exercise';
import { KitId, kitNames } from '../kit';
import type { Pace } from '../plan';
import { type ClassDay, homeDays } from './days';
import type { HomeItem, Homework } from './homework';
import { onLevel } from './level';
import { minutesOf, minutesWords, timesOfDays } from './minutes';
import { type Barred, type HomeAsked, type Settled, settle, settledOf } from './settled';

/** What of a sheet cannot be, or should not; and the smallest change that mends it, tried. */
export interface HomeFault {
  readonly key: string;
  /** It may hurt somebody: the sheet is not to be handed out so. */
  readonly hard: boolean;
  readonly words: string;
  readonly cure: { readonly words: string; readonly homework: Homework } | null;
}

export interface HomeFaultsAsked extends HomeAsked {
  readonly pace: Pace;
  readonly classes: readonly ClassDay[];
  /** Days a week on which feet are to be mobilised, as the course asks. */
  readonly mobiliseDays: number;
  /** The level on which the person stands, where one is written down. */
  readonly standsOn: (exerciseId: string) => string | null;
}

const without = (homework: Homework, id: string): Homework => ({
  ...homework,
  items: homework.items.filter((item) => item.id !== id),
});
const withItem = (homework: Homework, id: string, change: Partial<HomeItem>): Homework => ({
  ...homework,
  items: homework.items.map((item) => (item.id === id ? { ...item, ...change } : item)),
});

/** Faults of a sheet with their cures: each cure is judged again, and offered only where its fault goes and none comes. */
export function homeFaults(asked: HomeFaultsAsked): HomeFault[] {
  const found = judged(asked);
  return found.map((fault) => {
    for (const cure of curesOf(fault, asked)) {
      const after = judged({ ...asked, homework: cure.homework });
      const isGone = after.every(({ key }) => key !== fault.key);
      if (isGone && after.every(({ key }) => found.some((before) => before.key === key)))
        return { key: fault.key, hard: fault.hard, words: fault.words, cure };
    }
    return { key: fault.key, hard: fault.hard, words: fault.words, cure: null };
  });
}

type Cure = NonNullable<HomeFault['cure']>;
interface Judged {
  readonly key: string;
  readonly hard: boolean;
  readonly words: string;
  readonly of:
    | { readonly kind: 'barred'; readonly item: HomeItem; readonly bar: Barred }
    | { readonly kind: 'item'; readonly settled: Settled; readonly why: 'level' | 'jumps' | 'unstable' }
    | { readonly kind: 'whole'; readonly why: 'minutes' | 'mobilise' };
}

function judged(asked: HomeFaultsAsked): Judged[] {
  const { homework, school } = asked;
  const settled = settledOf(asked);
  const faults: Judged[] = [];
  for (const item of homework.items) {
    const one = settle(item, asked);
    const name = asked.find(item.revision)?.name[school.words] ?? item.exerciseId;
    if (one && 'why' in one)
      faults.push({
        key: `barred ${item.id}`,
        hard: one.why === 'concern' || one.why === 'alone',
        words: `${name}: ${barWords(one)}`,
        of: { kind: 'barred', item, bar: one },
      });
  }
  for (const one of settled) {
    const { item, exercise, kind } = one;
    const name = exercise.name[school.words];
    const rungs = exercise.ladder?.rungs ?? [];
    const at = (id: string | null) => rungs.findIndex((rung) => rung.id === id);
    const stands = at(asked.standsOn(exercise.id));
    const why =
      kind === 'jumps'
        ? 'jumps'
        : kind === 'unstable' && item.rhythm !== 'twice-a-week'
          ? 'unstable'
          : stands >= 0 && at(item.rungId) > stands
            ? 'level'
            : null;
    if (why === null) continue;
    const words = {
      jumps: `${name}: landings are done in class, where somebody sees them.`,
      unstable: `${name} is on unstable ground: once or twice a week is enough, classes counted.`,
      level: `${name}: they stand on “${rungs[stands]?.name ?? ''}”, and nobody sees a higher level at home.`,
    }[why];
    faults.push({ key: `${why} ${item.id}`, hard: why !== 'unstable', words, of: { kind: 'item', settled: one, why } });
  }
  return [...faults, ...wholeFaults(asked, settled)];
}

function wholeFaults(asked: HomeFaultsAsked, settled: readonly Settled[]): Judged[] {
  const { homework, pace, classes, mobiliseDays } = asked;
  const days = homeDays(homework, settled, classes);
  const faults: Judged[] = [];
  const { longest } = minutesOf(timesOfDays(days, settled, asked, pace));
  if (longest.leastMs > homework.minutes * 60_000 + graceMs)
    faults.push({
      key: 'minutes',
      hard: false,
      words: `The longest day takes ${minutesWords(longest)}; ${homework.minutes} were meant. What is too long is not done at all.`,
      of: { kind: 'whole', why: 'minutes' },
    });
  const mobilised = days.filter(
    ({ due, classes: here }) =>
      here.length > 0 || settled.some(({ item, kind }) => kind === 'mobilise' && due.includes(item.id)),
  ).length;
  const aWeek = Math.floor(mobilised / homework.weeks);
  if (homework.items.length > 0 && aWeek < mobiliseDays)
    faults.push({
      key: 'mobilise',
      hard: false,
      words: `Feet are mobilised on ${aWeek} days a week, classes counted; the course asks for ${mobiliseDays}.`,
      of: { kind: 'whole', why: 'mobilise' },
    });
  return faults;
}

/** A day may run over by so much before it is too long. */
const graceMs = 30_000;

/** Why somebody cannot do it, in words. */
export function barWords({ why, what }: Barred): string {
  switch (why) {
    case 'concern':
      return `not with ${what}.`;
    case 'alone':
      return `not alone at home with ${what}: somebody should stand by.`;
    case 'kit':
      return `it needs ${what}, which is not at hand, nor what could stand in for it.`;
    case 'floor':
      return `it needs another floor than ${what}.`;
    case 'school':
      return 'it is not done so in your school.';
    case 'dancers':
      return 'it needs a barre.';
    default:
      return 'it cannot be done at home.';
  }
}

function curesOf({ of }: Judged, asked: HomeFaultsAsked): Cure[] {
  const { homework } = asked;
  const leaveOut = (item: HomeItem): Cure => ({ words: 'Leave it out', homework: without(homework, item.id) });
  if (of.kind === 'barred') {
    const kit = KitId.options.find((id) => kitNames[id] === of.bar.what);
    const own: Cure[] =
      of.bar.why === 'kit' && kit && !homework.owns.includes(kit)
        ? [{ words: `They have ${kitNames[kit]}`, homework: { ...homework, owns: [...homework.owns, kit] } }]
        : [];
    return [...own, ...lower(of.item, asked), leaveOut(of.item)];
  }
  if (of.kind === 'item') {
    const { item } = of.settled;
    if (of.why !== 'unstable') return [...lower(item, asked), leaveOut(item)];
    return [
      { words: 'Twice a week', homework: withItem(homework, item.id, { rhythm: 'twice-a-week' }) },
      leaveOut(item),
    ];
  }
  return of.why === 'minutes' ? shorter(asked) : oftener(asked);
}

/** The same exercise on a lower level: the one on which they stand, or the next one down. */
function lower(item: HomeItem, asked: HomeFaultsAsked): Cure[] {
  const exercise = asked.find(item.revision);
  if (!exercise) return [];
  const rungs = exercise.ladder?.rungs ?? [];
  const at = rungs.findIndex(({ id }) => id === item.rungId);
  const stands = rungs.findIndex(({ id }) => id === asked.standsOn(item.exerciseId));
  const down = rungs.slice(0, Math.max(0, at)).reverse();
  const own = stands >= 0 && stands < at ? rungs.slice(stands, stands + 1) : [];
  return [...own, ...down].map((rung) => ({
    words: `Take “${rung.name}”`,
    homework: withItem(asked.homework, item.id, onLevel(item, exercise, rung.id, asked.school)),
  }));
}

/** A shorter day: fewer sets of what takes longest, step by step; else without the last exercise, the last two … */
function shorter(asked: HomeFaultsAsked): Cure[] {
  const fitted = fewerSets(asked);
  const { items } = asked.homework;
  const out = items.slice(1).map((_, i): Cure => {
    const kept = items.slice(0, items.length - 1 - i);
    return {
      words: `Without the last ${i === 0 ? 'exercise' : `${i + 1}`}`,
      homework: { ...asked.homework, items: kept },
    };
  });
  return [...(fitted ? [{ words: 'Fewer sets', homework: fitted }] : []), ...out];
}

/** Three to five become two or three, those one or two. */
const fewer = ([least]: HomeItem['sets']): HomeItem['sets'] => [Math.max(1, least - 1), Math.max(1, least)];

/**
 * The sheet with so few sets that its longest day comes to what was meant, taken one at a time from the exercise that has
 * most of them.
 * @returns null where one set of each is still too long
 */
export function fewerSets(asked: HomeAsked & Pick<HomeFaultsAsked, 'pace' | 'classes'>): Homework | null {
  let { homework } = asked;
  for (;;) {
    const now = { ...asked, homework };
    const settled = settledOf(now);
    const days = homeDays(homework, settled, asked.classes);
    const { longest } = minutesOf(timesOfDays(days, settled, now, asked.pace));
    if (longest.leastMs <= homework.minutes * 60_000 + graceMs) return homework;
    const most = homework.items.reduce<HomeItem | null>((a, b) => (b.sets[0] > (a?.sets[0] ?? 1) ? b : a), null);
    if (!most) return null;
    homework = withItem(homework, most.id, { sets: fewer(most.sets) });
  }
}

/** Mobilising on more days: what mobilises every day. */
function oftener(asked: HomeFaultsAsked): Cure[] {
  const loose = settledOf(asked).filter(({ kind }) => kind === 'mobilise');
  return loose.map(({ item, exercise }) => ({
    words: `${exercise.name[asked.school.words]} every day`,
    homework: withItem(asked.homework, item.id, { rhythm: 'daily' }),
  }));
}

/** What this person, or whoever gets the sheet, has to mind in an exercise. */
export const mindsIn = ({ execution }: Settled, asked: Pick<HomeAsked, 'concerns'>): string[] =>
  asked.concerns.length === 0
    ? []
    : cautionsFor(execution.cautions, asked.concerns).map(({ concern, words }) => `${concernNames[concern]}: ${words}`);
