import { nameOf } from '@core/card';
import { sayUnit } from '@core/dose';
import { findItem } from '@core/plan';
import {
  type OwedNow,
  type RunReport,
  type RunState,
  debtWords,
  owed,
  sensationAnswers,
  stationWords,
} from '@core/run';
import { sayTime } from '@core/say-time';

/** What one side owes the other after its turn: "right foot: 2 reps owed, Band: turn the foot in". */
export const owedWords = (state: RunState): string[] => owed(state).map((debt) => debtWords(state, debt));

/** What the item just taught owes, short enough for one glance: "right foot, way 2 of 2: 3 reps owed". */
export function owedNowWords(state: RunState, { itemId, side, units, event }: OwedNow): string {
  const part = findItem(state.plan, itemId)?.item.dose[event.count?.part ?? 0];
  const where = part ? stationWords(part, event) : '';
  const what = part ? sayUnit(part.kind, units) : 'reps';
  return `${side} foot${where === '' ? '' : `, ${where}`}: ${units} ${what} owed`;
}

/** What was not reached, by name: "Not reached: Stand on one leg, Walk and compare"; empty where all was. */
export function notReachedWords(state: RunState, { notReached }: RunReport): string {
  const names = notReached.flatMap((id) => {
    const time = state.timeline.items.find((i) => i.itemId === id);
    return time ? [nameOf(state.plan, time)] : [];
  });
  return names.length === 0 ? '' : `Not reached: ${names.join(', ')}`;
}

/** What the looks again showed: "After Short foot: left better, right same". */
export function answerWords(state: RunState): string[] {
  const ids = [...new Set(state.answers.map((a) => a.itemId))];
  return ids.flatMap((id) => {
    const item = findItem(state.plan, id)?.item;
    if (!item) return [];
    const of = item.recheck?.of ?? null;
    const drill = of === null ? null : state.timeline.items.find((i) => i.itemId === of)?.execution?.exercise;
    const after = drill ? drill.name[state.plan.school.words] : 'the class';
    const feet = (['left', 'right', 'both'] as const).flatMap((foot) => {
      const said = state.answers.find((a) => a.itemId === id && a.feet === foot);
      return said ? [`${foot} ${said.answer}`] : [];
    });
    return [`After ${after}: ${feet.join(', ')}`];
  });
}

/** What the room said and what was decided, and what somebody felt: "Hands after Short foot: 6 better, 3 same; kept". */
export function toldWords(state: RunState): string[] {
  const nameOfItem = (itemId: string | null) => {
    const time = state.timeline.items.find((i) => i.itemId === itemId);
    return time ? nameOf(state.plan, time) : 'the class';
  };
  const drillOf = (itemId: string) => findItem(state.plan, itemId)?.item.recheck?.of ?? null;
  const decided = { keep: 'kept', again: 'tried again', drop: 'dropped' } as const;
  const looks = [...new Set([...state.tallies, ...state.decisions].map(({ itemId }) => itemId))];
  const hands = looks.map((itemId) => {
    const tally = state.tallies.find((t) => t.itemId === itemId);
    const decision = state.decisions.find((d) => d.itemId === itemId);
    const counted = (['better', 'same', 'worse'] as const).flatMap((id) => (tally?.[id] ? [`${tally[id]} ${id}`] : []));
    const parts = [counted.join(', '), decision ? decided[decision.keep] : ''].filter((words) => words !== '');
    return `Hands after ${nameOfItem(drillOf(itemId))}: ${parts.join('; ')}`;
  });
  const felt = state.sensed.map(({ itemId, sensation, atMs }) => {
    const { name, words } = sensationAnswers[sensation];
    return `${sayTime(atMs)} somebody felt ${name} in ${nameOfItem(itemId)}. ${words}`;
  });
  return [...hands.filter((words) => !words.endsWith(': ')), ...felt];
}
