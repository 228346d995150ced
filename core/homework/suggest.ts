import type { Composed, ComposeRequest, Levels, Offer } from '../compose';
import { type School, resolve, startingRung } from '../exercise';
import { type Pace, itemsOf } from '../plan';
import { fewerSets } from './faults';
import { type HomeItem, type Homework, mostHomeItems } from './homework';
import { type HomeAsked, asUsual, homeBrief, needsSomebody, oneSet, settle } from './settled';
import type { ClassDay } from './days';

export interface SuggestAsked extends HomeAsked {
  readonly pace: Pace;
  readonly school: School;
  readonly classes: readonly ClassDay[];
  readonly library: readonly Offer[];
  /** Levels on which the person stands, by exercise. */
  readonly stands: Readonly<Record<string, string>>;
  /** Another number, another sheet. */
  readonly seed: number;
}

/** One set of each exercise takes so much of a day that has two or three of them, with the rests between. */
const oneOfSome = 0.55;

/** What is asked of the composer: one set of everything, on the levels of this person. */
export function suggestRequest(asked: SuggestAsked): ComposeRequest {
  const { homework, school, pace, library, stands, seed } = asked;
  const brief = homeBrief(asked);
  const levels: Record<string, Levels[string]> = {};
  for (const [exerciseId, rungId] of Object.entries(stands)) levels[exerciseId] = { rungId, isNew: false, dose: null };
  // nobody is offered what they would not do alone
  const without = library.flatMap(({ exercise }) => {
    const at = resolve(exercise, stands[exercise.id] ?? startingRung(exercise, school)?.id ?? null, school);
    const isUnsafe = at.ok && asked.concerns.some((concern) => needsSomebody(at.value, concern));
    return isUnsafe ? [exercise.id] : [];
  });
  return {
    brief: { ...brief, slotSeconds: Math.max(120, Math.round(homework.minutes * 60 * oneOfSome)) },
    school,
    pace: { ...pace, talkNewSeconds: 0, talkKnownSeconds: 0 },
    lead: 'left',
    library,
    levels,
    without,
    seed,
    count: 1,
  };
}

/**
 * A sheet from what was composed: what mobilises every day, what strengthens in three to five sets every other day, and
 * with as few of them as the minutes of a day allow.
 * @returns null where nothing could be composed
 */
export function homeworkFrom(
  { proposals }: Pick<Composed, 'proposals'>,
  asked: SuggestAsked,
  nextId: () => string,
): Homework | null {
  const [proposal] = proposals;
  if (!proposal) return null;
  const items = itemsOf(proposal.plan)
    .filter(({ recheck, exerciseId }) => !recheck && familyOf(asked, exerciseId) !== 'check')
    .slice(0, mostHomeItems)
    .flatMap((item): HomeItem[] => {
      const draft: HomeItem = {
        id: nextId(),
        exerciseId: item.exerciseId,
        revision: item.revision,
        rungId: item.rungId,
        dose: oneSet(item.dose),
        sets: [1, 1],
        rhythm: 'daily',
        hidesIn: '',
        note: '',
      };
      const settled = settle(draft, asked);
      if (!settled || 'why' in settled || settled.kind === 'jumps') return [];
      return [asUsual(settled)];
    });
  const homework = { ...asked.homework, items };
  return fewerSets({ ...asked, homework }) ?? homework;
}

const familyOf = ({ library }: SuggestAsked, id: string) =>
  library.find(({ exercise }) => exercise.id === id)?.exercise.family ?? null;
