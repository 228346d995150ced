import { type Plan, applyCommand, findItem, itemsOf } from '../plan';
import { type Answer, type RunEvent, effective } from './event';
import { answerOf } from './tally';

/** What the looks again of one class showed after an exercise. */
export interface DrillAnswer {
  readonly exerciseId: string;
  /** Mixed where the feet, or two looks, said different things. */
  readonly answer: Answer | 'mixed';
  /** Where the exercise stands in the class, from 0. */
  readonly place: number;
}

/**
 * What a class answered, by the exercise that was looked at again, in the order of the class: all feet together, so that
 * a class is one answer. Looks at the whole class belong to no exercise.
 */
export function answersIn(begun: Plan, events: readonly RunEvent[]): DrillAnswer[] {
  let plan = begun;
  const answers = new Map<string, { readonly exerciseId: string; readonly answer: Answer | 'mixed' }>();
  for (const { event } of effective(events)) {
    if (event.kind === 'adapted') {
      const done = applyCommand(plan, event.command);
      if (done.ok) plan = done.value;
    }
    if (event.kind !== 'answered' && event.kind !== 'tallied') continue;
    const drill = findItem(plan, event.itemId)?.item.recheck?.of ?? null;
    const exerciseId = drill === null ? null : findItem(plan, drill)?.item.exerciseId;
    // one foot, or the hands of the room, answered anew say what they say now
    const by = event.kind === 'tallied' ? 'hands' : event.feet;
    const answer = event.kind === 'tallied' ? answerOf(event) : event.answer;
    if (exerciseId && answer) answers.set(`${event.itemId} ${by}`, { exerciseId, answer });
  }
  const order = itemsOf(plan).map(({ exerciseId }) => exerciseId);
  const said = new Map<string, Set<Answer | 'mixed'>>();
  for (const { exerciseId, answer } of answers.values())
    said.set(exerciseId, new Set([...(said.get(exerciseId) ?? []), answer]));
  return [...said]
    .map(([exerciseId, own]): DrillAnswer => {
      const [only] = own;
      return {
        exerciseId,
        answer: own.size === 1 && only ? only : 'mixed',
        place: Math.max(0, order.indexOf(exerciseId)),
      };
    })
    .sort((a, b) => a.place - b.place);
}
