import { deepEqual } from 'fast-equals';
import { sayDose } from '../dose';
import {
  type Phase,
  type Place,
  type SchoolQuestion,
  anatomicalPlaceNames,
  answerWords,
  answeredWords,
  axisNames,
  differsFrom,
  movedAxes,
  placeNames,
  places,
} from '../exercise';
import { type Entry, type Setting, classRule, named, noMends, orderRule } from './rule';

/** The phase in which an exercise shows what it asks of the sole: the longest. */
const mainPhase = (entry: Entry): Phase | undefined =>
  [...entry.execution.phases].sort((a, b) => b.seconds - a.seconds)[0];

/** What two exercises ask the other way round: a ball that presses against one that lifts, long toes against curled. */
function opposites(a: Phase, b: Phase, nameOf: (at: Place) => string): string[] {
  const found: string[] = [];
  // Heels up against heels down is another posture, which nobody muddles.
  if (a.working.contacts.heel.contact !== b.working.contacts.heel.contact) return found;
  for (const at of ['innerBall', 'outerBall'] satisfies Place[]) {
    const [x, y] = [a.working.contacts[at], b.working.contacts[at]];
    if (x.meets === 'band' || y.meets === 'band') continue;
    // With the toes up as well it is a stand on the heels, not a ball that lifts.
    if ([a, b].some((p) => p.working.contacts[at].contact === 'lift' && p.working.contacts.bigToe.contact === 'lift'))
      continue;
    if (x.contact === 'press' && y.contact === 'lift') found.push(`the ${nameOf(at)} lifts now`);
    if (x.contact === 'lift' && y.contact === 'press') found.push(`the ${nameOf(at)} presses now`);
  }
  const bear = (p: Phase) => places.some((at) => p.working.contacts[at].contact === 'press');
  const [from, to] = [a.working.toes, b.working.toes];
  const curls = (from === 'curled') !== (to === 'curled') && [from, to].every((t) => t !== 'relaxed');
  if (curls && ((bear(a) && bear(b)) || from === 'spread' || to === 'spread'))
    found.push(to === 'curled' ? 'the toes grip now' : `the toes stay ${to === 'spread' ? 'wide' : 'long'} now`);
  return found;
}

/** What asks something of the sole; a stand asks the feet for nothing but to stand. */
const sharesWork = (entry: Entry) => ['arch', 'toes', 'strength'].includes(entry.execution.exercise.family);

/** What the second of two neighbours asks the other way round. */
function turnedRound(last: Entry, entry: Entry, setting: Setting): string[] {
  if (!sharesWork(last) || !sharesWork(entry) || last.item.exerciseId === entry.item.exerciseId) return [];
  const [a, b] = [mainPhase(last), mainPhase(entry)];
  const names = setting.school.words === 'plain' ? placeNames : anatomicalPlaceNames;
  return a && b ? opposites(a, b, (at) => names[at]) : [];
}

/** Neighbours with opposite contacts have a sentence between them. State: the item just before. */
export const bridge = orderRule<string | null>({
  id: 'bridge',
  severity: 'soft',
  reason: 'Two neighbours ask opposite things of the sole. One sentence saves a muddle.',
  begin: null,
  decides: (before, setting) => {
    const last = before === null ? null : setting.entry(before);
    return last && sharesWork(last) ? before : null;
  },
  judge: (before, entry, setting) => {
    const last = before === null ? null : setting.entry(before);
    const said = entry.item.cues.setup !== undefined;
    const muddled = last !== null && !said && turnedRound(last, entry, setting).length > 0;
    return { state: entry.item.id, breach: muddled ? { itemIds: [last.item.id, entry.item.id], cost: 2 } : null };
  },
  explain: (breach, context) => {
    const [last, entry] = named(breach, context);
    const found = turnedRound(last, entry, context).join(', ');
    const setup =
      `The other way round from before: ${found}. ${entry.execution.cues.setup[context.school.words]}`.slice(0, 240);
    return {
      words: `After ${last.name}, ${entry.name}: ${found}.`,
      mends: () => [
        {
          words: 'Say the bridge',
          command: {
            type: 'edit-item',
            itemId: entry.item.id,
            change: { cues: { ...entry.item.cues, setup } },
          },
        },
      ],
    };
  },
});

/** Schools mixed: one finding a question. */
export const schoolsMixed = classRule({
  id: 'schools',
  severity: 'note',
  reason: 'It belongs to another school than this class. Mixing is fine when you mean it.',
  look: (context) => {
    const { school, entries } = context;
    const found = new Map<SchoolQuestion, Entry[]>();
    for (const entry of entries)
      for (const question of differsFrom(entry.execution.exercise, school))
        found.set(question, [...(found.get(question) ?? []), entry]);
    return [...found].map(([question, mixed]) => ({
      itemIds: mixed.map((e) => e.item.id),
      about: question,
      cost: mixed.length,
      explain: () => {
        const answers = new Set(mixed.map((e) => e.execution.exercise.schools[question]));
        const [answer] = answers;
        const alone = !entries.some((e) => e.execution.exercise.schools[question] === school[question]);
        return {
          words: `${mixed.map((e) => e.name).join(', ')}: ${answeredWords(question, answer ?? '')}; this class: ${answerWords(question, school[question])}.`,
          mends: () =>
            answers.size === 1 && answer !== undefined && alone
              ? [
                  {
                    words: 'Teach this class that way',
                    command: { type: 'edit-class', change: { school: { ...school, [question]: answer } } },
                  },
                ]
              : noMends(),
        };
      },
    }));
  },
});

/** An easier or harder option that changes two axes at once. */
export const twoAxes = classRule({
  id: 'two-axes',
  severity: 'note',
  reason: 'One thing at a time: a level that changes two axes at once hides which of them was too much.',
  look: (context) =>
    context.entries.flatMap((entry) => {
      const rungs = entry.execution.exercise.ladder?.rungs ?? [];
      const main = rungs.findIndex((r) => r.id === entry.item.rungId);
      const from = rungs[main];
      if (!from) return [];
      return (['easier', 'harder'] as const).flatMap((which) => {
        const at = rungs.findIndex((r) => r.id === entry.item[which]?.rungId);
        const to = rungs[at];
        const axes = to ? movedAxes(from.axes, to.axes) : [];
        // Neighbouring rungs that move two say why; that is settled in the exercise.
        if (axes.length < 2 || Math.abs(at - main) === 1) return [];
        const neighbour = rungs[main + (which === 'harder' ? 1 : -1)];
        return [
          {
            itemIds: [entry.item.id],
            about: which,
            cost: 1,
            explain: () => ({
              words: `${entry.name}: the ${which} option changes ${axes.map((a) => axisNames[a]).join(' and ')} at once.`,
              mends: () => [
                neighbour
                  ? {
                      words: `Take “${neighbour.name}”`,
                      command: {
                        type: 'edit-item',
                        itemId: entry.item.id,
                        change: { [which]: { rungId: neighbour.id } },
                      } as const,
                    }
                  : null,
              ],
            }),
          },
        ];
      });
    }),
});

/** The same exercise on the same rung has another dose in another class of this teacher. */
export const twoDoses = classRule({
  id: 'two-doses',
  severity: 'note',
  reason: 'Two doses for one exercise in your own classes, side by side. Both may be meant.',
  look: (context) =>
    context.entries.flatMap(({ item, execution, name }) => {
      const other = (context.otherDoses.get(item.exerciseId) ?? []).find(
        (o) => o.rungId === item.rungId && !deepEqual(o.dose, item.dose),
      );
      if (!other || item.recheck || ['check', 'close'].includes(execution.exercise.family)) return [];
      const said = (dose: typeof item.dose) => sayDose(dose, execution.sidePattern);
      return [
        {
          itemIds: [item.id],
          cost: 1,
          explain: () => ({
            words: `${name}: ${said(item.dose)} here, ${said(other.dose)} in “${other.title}”.`,
            mends: () => [
              {
                words: `Take the dose of “${other.title}”`,
                command: { type: 'edit-item', itemId: item.id, change: { dose: other.dose } },
              },
            ],
          }),
        },
      ];
    }),
});
