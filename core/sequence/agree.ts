import { sayDose } from '../dose';
import {
  type Place as Contactplace,
  type Phase,
  type SchoolQuestion,
  answerWords,
  axisNames,
  differsFrom,
  movedAxes,
  placeNames,
  places,
  schoolWords,
} from '../exercise';
import { type Place, type Rule, rule } from './rule';

/** The phase in which an exercise shows what it asks of the sole: the longest. */
const mainPhase = (place: Place): Phase | undefined =>
  [...place.execution.phases].sort((a, b) => b.seconds - a.seconds)[0];

/** What two exercises ask the other way round: a ball that presses against one that lifts, long toes against curled. */
function opposites(a: Phase, b: Phase): string[] {
  const found: string[] = [];
  // Heels up against heels down is another posture, which nobody muddles.
  if (a.working.contacts.heel.contact !== b.working.contacts.heel.contact) return found;
  for (const at of ['innerBall', 'outerBall'] satisfies Contactplace[]) {
    const [x, y] = [a.working.contacts[at], b.working.contacts[at]];
    if (x.meets === 'band' || y.meets === 'band') continue;
    // With the toes up as well it is a stand on the heels, not a ball that lifts.
    if ([a, b].some((p) => p.working.contacts[at].contact === 'lift' && p.working.contacts.bigToe.contact === 'lift'))
      continue;
    if (x.contact === 'press' && y.contact === 'lift') found.push(`the ${placeNames[at]} lifts now`);
    if (x.contact === 'lift' && y.contact === 'press') found.push(`the ${placeNames[at]} presses now`);
  }
  const toes = [a.working.toes, b.working.toes];
  const bear = (p: Phase) => places.some((at) => p.working.contacts[at].contact === 'press');
  if (bear(a) && bear(b)) {
    if (toes[0] === 'long' && toes[1] === 'curled') found.push('the toes grip now');
    if (toes[0] === 'curled' && toes[1] === 'long') found.push('the toes stay long now');
  }
  return found;
}

const sharesWork = (place: Place) => ['arch', 'toes', 'strength', 'balance'].includes(place.execution.exercise.family);

/** Neighbours with opposite contacts have a sentence between them. */
export const bridge: Rule = rule({
  id: 'bridge',
  severity: 'soft',
  reason: 'Two neighbours ask opposite things of the sole. One sentence saves a muddle.',
  begin: (): Place | null => null,
  take: (last: Place | null, place) => {
    if (!last || !sharesWork(last) || !sharesWork(place) || last.item.exerciseId === place.item.exerciseId)
      return { state: place };
    const [a, b] = [mainPhase(last), mainPhase(place)];
    const found = a && b ? opposites(a, b) : [];
    const said = place.item.cues.setup !== undefined || place.item.note !== '';
    if (found.length === 0 || said) return { state: place };
    const sentence = `The other way round from before: ${found.join(', ')}.`;
    const { plain } = place.execution.cues.setup;
    return {
      state: place,
      breaches: [
        {
          itemIds: [last.item.id, place.item.id],
          words: `After ${last.name}, ${place.name}: ${found.join(', ')}.`,
          mend: () => ({
            words: 'Say the bridge',
            command: {
              type: 'edit-item',
              itemId: place.item.id,
              change: { cues: { ...place.item.cues, setup: `${sentence} ${plain}`.slice(0, 240) } },
            },
          }),
        },
      ],
    };
  },
});

/** Schools mixed: one finding a question. */
export const schoolsMixed: Rule = rule({
  id: 'schools',
  severity: 'note',
  reason: 'It belongs to another school than this class. Mixing is fine when you mean it.',
  begin: (): ReadonlyMap<SchoolQuestion, readonly Place[]> => new Map(),
  take: (so: ReadonlyMap<SchoolQuestion, readonly Place[]>, place, context) => {
    const state = new Map(so);
    for (const question of differsFrom(place.execution.exercise, context.school))
      state.set(question, [...(state.get(question) ?? []), place]);
    return { state };
  },
  end: (found, context) =>
    [...found].map(([question, mixed]) => {
      const answers = new Set(mixed.map((p) => p.execution.exercise.schools[question]));
      const [answer] = answers;
      return {
        itemIds: mixed.map((p) => p.item.id),
        about: question,
        words: `${mixed.map((p) => p.name).join(', ')}: ${schoolWords[question].question.replace('?', '').toLowerCase()} – ${answerWords(question, answer ?? '')}; this class: ${answerWords(question, context.school[question])}.`,
        mend: () =>
          answers.size === 1 &&
          answer !== undefined &&
          !context.places.some((p) => p.execution.exercise.schools[question] === context.school[question])
            ? {
                words: 'Teach this class that way',
                command: { type: 'edit-class' as const, change: { school: { ...context.school, [question]: answer } } },
              }
            : null,
      };
    }),
});

/** An easier or harder option that changes two axes at once. */
export const twoAxes: Rule = rule({
  id: 'two-axes',
  severity: 'note',
  reason: 'One thing at a time: a level that changes two axes at once hides which of them was too much.',
  begin: () => null,
  take: (state: null, place) => {
    const ladder = place.execution.exercise.ladder;
    const rungs = ladder?.rungs ?? [];
    const main = rungs.findIndex((r) => r.id === place.item.rungId);
    const from = rungs[main];
    if (!from) return { state };
    const breaches = (['easier', 'harder'] as const).flatMap((which) => {
      const at = rungs.findIndex((r) => r.id === place.item[which]?.rungId);
      const to = rungs[at];
      const moved = to ? movedAxes(from.axes, to.axes) : [];
      const neighbour = rungs[main + (which === 'harder' ? 1 : -1)];
      // Neighbouring rungs that move two say why; that is settled in the exercise.
      if (moved.length < 2 || Math.abs(at - main) === 1) return [];
      return [
        {
          itemIds: [place.item.id],
          about: which,
          words: `${place.name}: the ${which} option changes ${moved.map((a) => axisNames[a]).join(' and ')} at once.`,
          mend: () =>
            neighbour
              ? {
                  words: `Take “${neighbour.name}”`,
                  command: {
                    type: 'edit-item' as const,
                    itemId: place.item.id,
                    change: { [which]: { rungId: neighbour.id } },
                  },
                }
              : null,
        },
      ];
    });
    return { state, breaches };
  },
});

/** The same exercise on the same rung has another dose in another class of this teacher. */
export const twoDoses: Rule = rule({
  id: 'two-doses',
  severity: 'note',
  reason: 'Two doses for one exercise in your own classes, side by side. Both may be meant.',
  begin: () => null,
  take: (state: null, place, context) => {
    const other = (context.otherDoses.get(place.item.exerciseId) ?? []).find(
      (o) => o.rungId === place.item.rungId && JSON.stringify(o.dose) !== JSON.stringify(place.item.dose),
    );
    if (!other || place.item.recheck || ['check', 'close'].includes(place.execution.exercise.family)) return { state };
    const { sidePattern } = place.execution;
    return {
      state,
      breaches: [
        {
          itemIds: [place.item.id],
          words: `${place.name}: ${sayDose(place.item.dose, sidePattern)} here, ${sayDose(other.dose, sidePattern)} in “${other.title}”.`,
          mend: () => ({
            words: `Take the dose of “${other.title}”`,
            command: { type: 'edit-item', itemId: place.item.id, change: { dose: other.dose } },
          }),
        },
      ],
    };
  },
});
