import type { School } from '../exercise';
import { ideas } from '../idea';
import { type Pace, type Side, newBlock, newPlan, recheckExercise } from '../plan';
import { type LadderNote, type RosterAsked, type Student, mainLevelFor, optionsFor } from '../roster';
import { type FindRevision, buildTimeline } from '../timeline';
import { type ComposeBrief, type FocusFamily, isFocus, type ComposeIdea } from './brief';
import {
  type Candidate,
  type History,
  type LeftOut,
  type Offer,
  candidatesFor,
  likenessOf,
  noHistory,
} from './candidates';
import type { Levels } from './doses';
import { type Frame, nearestDose } from './draft';
import type { Setting } from './proposal';
import { titleOf } from './reasons';
import type { Judging } from './score';
import { type Leaning, worksIn, seatedShares, seats, sharesOf } from './shape';

/** What a brief meets: who asks, with which library, for whom, after what. */
export interface Meeting {
  readonly brief: ComposeBrief;
  readonly school: School;
  readonly pace: Pace;
  readonly lead?: Side;
  readonly library: readonly Offer[];
  readonly history?: History;
  /** Who comes, where they are known: levels follow them. */
  readonly roster?: { readonly students: readonly Student[]; readonly notes: readonly LadderNote[] } | null;
  /** Levels that a course has come to, by exercise: they come before those of the people. */
  readonly levels?: Levels;
  /** Parts of the working time for what nobody asked for by name, in the place of the occasion's, per cent. */
  readonly leaning?: Leaning;
  /** The same brief, library and seed give the same classes. */
  readonly seed: number;
  /** Whoever asks knows the weeks there were, and leaves out what its doors do not let in. */
  readonly keepsDoors?: boolean;
  /** Exercises that may not come (again). */
  readonly without?: readonly string[];
}

/** All that is the same for every class of a brief. */
export interface Ground {
  readonly setting: Setting;
  readonly may: readonly Candidate[];
  readonly not: readonly LeftOut[];
  /** Shares of what is seated in the class, and of what was asked for by name. */
  readonly shares: ReadonlyMap<FocusFamily, number>;
  readonly asked: ReadonlyMap<FocusFamily, number>;
  readonly seats: ReadonlyMap<FocusFamily, number>;
  readonly frame: (at: number) => Frame;
  readonly judging: (idea: ComposeIdea) => Judging;
  readonly workSeconds: (frame: Frame) => number;
}

/** All that is worked out once for a brief. */
export function groundOf(request: Meeting): Ground {
  const { brief, school, pace, library, history = noHistory, roster = null, without = [], levels = {} } = request;
  let made_ = 0;
  const nextId = () => `made-${request.seed}-${++made_}`;
  const known = new Map(library.map(({ revision, exercise }) => [revision, exercise] as const));
  const find: FindRevision = (revision) => known.get(revision) ?? null;
  const askedOf = (item: RosterAsked['item'], exercise: RosterAsked['exercise']): RosterAsked => ({
    item,
    exercise,
    school,
    students: roster?.students ?? [],
    notes: roster?.notes ?? [],
    library: [],
  });
  const open = library.filter(({ exercise }) => !without.includes(exercise.id));
  const { may, not } = candidatesFor({
    brief,
    school,
    pace,
    library: open,
    history,
    levels,
    keepsDoors: request.keepsDoors ?? false,
    nextId,
    secondsOf: (item) => {
      const one = { ...newPlan('one-item', 'One', 3600, school, pace), blocks: [newBlock('block', 'One', [item])] };
      return buildTimeline({ plan: one, find }).totalMs / 1000;
    },
    mainLevel: roster ? (item, exercise) => mainLevelFor(askedOf(item, exercise)) : null,
  });
  const possible = new Set(may.flatMap(({ exercise: { family } }) => (isFocus(family) ? [family] : [])));
  const wanted = sharesOf(brief, possible, request.leaning);
  const named = new Set(
    (Object.entries(brief.focus) as [FocusFamily, number][]).flatMap(([f, n]) => (n > 0 ? [f] : [])),
  );
  const seated = seats(wanted, worksIn(brief.slotSeconds), named);
  const shares = seatedShares(wanted, seated, named);
  const alike = likenessOf(may);
  const setting: Setting = {
    brief,
    school,
    pace,
    lead: request.lead ?? 'left',
    find,
    may,
    beginning: new Set(Object.keys(levels).filter((id) => levels[id]?.isNew)),
    offers: may.map(({ revision, exercise }) => ({ revision, exercise })),
    nextId,
    optionsFor: roster
      ? (item) => {
          const exercise = find(item.revision);
          return exercise && optionsFor(askedOf(item, exercise));
        }
      : null,
    titleFor: (idea) => titleOf(brief, ideas[idea].name),
  };
  const reserve = brief.mustEnd ? 0.15 : 0.05;
  return {
    setting,
    may,
    not,
    shares,
    asked: new Map([...wanted].filter(([family]) => named.has(family))),
    seats: seated,
    frame: (at) => frameOf(brief, may, at),
    judging: (idea) => ({ brief, shares, idea, history, alike }),
    workSeconds: (frame) => {
      const framed = [...frame.before, ...frame.after];
      const looking = framed.reduce((sum, { seconds }) => sum + seconds, 0);
      const moving = 8 * (worksIn(brief.slotSeconds) + framed.length - 1);
      return Math.max(0, brief.slotSeconds * (1 - reserve) - looking - moving);
    },
  };
}

/** A look takes no longer than this where it can be shorter, s. */
const longestLook = 45;
function shortest(look: Candidate): Candidate {
  const short = nearestDose(look.doses, Math.min(longestLook, look.seconds));
  return short ? { ...look, seconds: short.seconds, item: { ...look.item, dose: short.dose } } : look;
}

/** A look to begin with: not the one that compares a finished foot with the other, and no drill of its own. */
const isFirstLook = ({ family, id, ladder }: Candidate['exercise']): boolean =>
  family === 'check' && ladder === null && id !== 'stand-and-compare';

/** A class shorter than this has no rest at its end, s. */
const restFrom = 15 * 60;

/** The look first and again, and a rest at the end; which of the looks turns with the proposals. */
function frameOf({ looks, slotSeconds, occasion }: ComposeBrief, may: readonly Candidate[], at: number): Frame {
  const rests = may.filter(
    ({ exercise, place }) => exercise.family === 'close' && exercise.id !== recheckExercise && place !== 'floor',
  );
  const rest = slotSeconds >= restFrom && occasion !== 'warm-up' ? rests[at % Math.max(1, rests.length)] : undefined;
  const walk = may.find(({ exercise }) => exercise.id === recheckExercise);
  const first = may.filter(({ exercise, seconds }) => isFirstLook(exercise) && seconds <= 90);
  const quick = first.filter(({ seconds }) => seconds <= 45);
  const list = quick.length > 0 ? quick : first;
  const picked = looks ? list[at % Math.max(1, list.length)] : undefined;
  const look = picked && shortest(picked);
  const seat = rests.find(({ place }) => place === 'chair') ?? null;
  if (!look) return { before: [], after: rest ? [rest] : [], rest: seat };
  const again = look.exercise.id === 'walk-and-notice' ? walk : look;
  return { before: [look], after: [...(rest ? [rest] : []), ...(again ? [again] : [])], rest: seat };
}
