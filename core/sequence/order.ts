import type { Stage } from '../exercise';
import { added, moved } from './mend';
import { type Entry, type Explanation, type ReviewContext, classRule, named, orderRule } from './rule';

const stages: readonly Stage[] = ['passive', 'active', 'loaded', 'integrated'];

const rungIndex = ({ execution }: Entry) =>
  execution.exercise.ladder?.rungs.findIndex((r) => r.id === execution.rungId) ?? -1;

/** The last item of each exercise with a ladder, by the exercise's id, in the order of those ids. */
type LastOnLadder = readonly (readonly [exerciseId: string, itemId: string])[];

/** Within one ladder the easier rung comes first. */
export const ladderOrder = orderRule<LastOnLadder>({
  id: 'ladder-order',
  severity: 'hard',
  reason: 'Within one ladder the easier level comes first: it prepares the harder one.',
  begin: [],
  matters: ({ item }, among) => among.filter((e) => e.item.exerciseId === item.exerciseId).length > 1,
  judge: (seen, entry, setting) => {
    const { exercise } = entry.execution;
    if (!exercise.ladder) return { state: seen, breach: null };
    const last = seen.find(([id]) => id === exercise.id)?.[1];
    const before = last === undefined ? null : setting.entry(last);
    const others = seen.filter(([id]) => id !== exercise.id);
    const state = [...others, [exercise.id, entry.item.id] as const].sort(([a], [b]) => (a < b ? -1 : 1));
    const easier =
      before?.item.revision === entry.item.revision && rungIndex(entry) >= 0 && rungIndex(entry) < rungIndex(before);
    return { state, breach: easier ? { itemIds: [before.item.id, entry.item.id], cost: 2 } : null };
  },
  explain: (breach, context) => {
    const [before, entry] = named(breach, context);
    return {
      words: `${entry.name}: “${entry.execution.rungName ?? ''}” comes after the harder “${before.execution.rungName ?? ''}”.`,
      mends: () => [moved(entry, 'before', before)],
    };
  },
});

/** A named preparation comes before what it prepares. State: the items so far, in the order of their ids. */
export const prepared = orderRule<readonly string[]>({
  id: 'prepared',
  severity: 'hard',
  reason: 'One prepares the other: passive before active before loaded, two feet before one.',
  begin: [],
  matters: ({ item, execution }, among) =>
    among.some(
      (e) =>
        e.execution.exercise.preparedBy?.includes(item.exerciseId) === true ||
        execution.exercise.preparedBy?.includes(e.item.exerciseId) === true,
    ),
  judge: (before, entry, setting) => {
    const { exerciseId, id, recheck } = entry.item;
    const state = [...before, id].sort();
    const lateId = before.find((of) => setting.entry(of)?.execution.exercise.preparedBy?.includes(exerciseId));
    const late = lateId === undefined ? null : setting.entry(lateId);
    if (!late || recheck || before.some((of) => setting.entry(of)?.item.exerciseId === exerciseId))
      return { state, breach: null };
    const [a, b] = [entry, late].map((e) => stages.indexOf(e.execution.exercise.stage));
    return { state, breach: (a ?? 0) > (b ?? 0) ? null : { itemIds: [late.item.id, id], cost: 2 } };
  },
  explain: (breach, context) => {
    const [late, entry] = named(breach, context);
    return {
      words: `${entry.name} prepares ${late.name} and comes after it.`,
      mends: () => [moved(entry, 'before', late)],
    };
  },
});

/** Classes shorter than this are openings and warm-ups: nobody asks for a look before and after them. */
export const shortestLookMs = 8 * 60_000;
const isLook = ({ execution }: Entry) => execution.exercise.family === 'check';

/** The same drill first and last is a look, and a look again, whatever family it is of. */
function isFramed({ entries }: ReviewContext): boolean {
  const first = new Set(entries.slice(0, 2).map((e) => e.item.exerciseId));
  return entries.length > 3 && entries.slice(-2).some((e) => first.has(e.item.exerciseId));
}

export const lookFirst = classRule({
  id: 'look-first',
  severity: 'soft',
  reason: 'Look first: without it nobody knows at the end whether anything changed.',
  look: (context) => {
    const [first, ...others] = context.entries;
    if (!first || isLook(first) || isFramed(context) || context.timeline.totalMs < shortestLookMs) return [];
    const early = others.slice(0, 2).find(isLook);
    return [
      {
        itemIds: [first.item.id],
        cost: 1,
        explain: () => ({
          words: early ? `${early.name} comes after work has begun.` : 'The class begins without a look.',
          mends: () => [
            early ? moved(early, 'before', first) : null,
            added(context, 'walk-and-notice', 'before', first),
          ],
        }),
      },
    ];
  },
});

export const lookAgain = classRule({
  id: 'look-again',
  severity: 'soft',
  reason: 'The same look at the end: same, better or worse decides what stays in the class.',
  look: (context) => {
    const looks = (e: Entry) => isLook(e) || e.item.recheck !== null || e.execution.exercise.id === 'walk-and-compare';
    const works = (e: Entry) => !looks(e) && !['close', 'release'].includes(e.execution.exercise.family);
    const last = context.entries.at(-1);
    const worked = context.entries.findLastIndex(works);
    const looked = context.entries.findLastIndex(looks);
    if (!last || worked === -1 || looked > worked || isFramed(context) || context.timeline.totalMs < shortestLookMs)
      return [];
    return [
      {
        itemIds: [last.item.id],
        cost: 1,
        explain: () => ({
          words: 'The class ends without looking again.',
          mends: () => [added(context, 'walk-and-compare', 'after', last, { recheck: { of: null } })],
        }),
      },
    ];
  },
});

/** Release where the school has it. Both ends are fine with the first answer; the others are choices to follow. */
export const releasePlace = classRule({
  id: 'release-place',
  severity: 'soft',
  reason: 'Your answer under How I teach: where release belongs.',
  look: (context) => {
    const { entries, school } = context;
    const found = entries.filter((e) => e.execution.exercise.family === 'release');
    const [first] = found;
    const end = entries.at(-1);
    const start = entries.find((e) => e.execution.exercise.family !== 'check');
    if (!first || !end || entries.length < 6) return [];
    const opens = found.some((e) => context.indexOf(e) < entries.length / 3);
    const closes = found.some((e) => context.indexOf(e) >= (entries.length * 2) / 3);
    const told = (words: string, mends: Explanation['mends']) => [
      { itemIds: [first.item.id], cost: 1, explain: () => ({ words, mends }) },
    ];
    if (school.release === 'closes' && !closes)
      return told(`${first.name} opens the class; your school lets release close it.`, () => [
        moved(first, 'before', end),
      ]);
    if (school.release !== 'both' || opens === closes) return [];
    const again = (target: Entry | undefined) => {
      const mend = target ? added(context, first.item.exerciseId, 'before', target) : null;
      return mend ? [mend] : [];
    };
    return opens
      ? told('Release opens the class and does not close it.', () => again(end))
      : told('Release closes the class and does not open it.', () => again(start));
  },
});
