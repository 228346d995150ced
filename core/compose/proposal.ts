import { timed } from '../dose';
import type { School } from '../exercise';
import { fitNow } from '../fit';
import { ideas } from '../idea';
import {
  type Item,
  type NextId,
  type Pace,
  type Plan,
  applyCommand,
  addRecheck,
  blockNameOf,
  itemsOf,
  newBlock,
  newPlan,
  offerLevels,
  recheckExercise,
} from '../plan';
import { type Finding, reorder, review } from '../sequence';
import { type FindRevision, type Timeline, buildTimeline, slotFit } from '../timeline';
import { type ComposeBrief, isFocus, type ComposeIdea } from './brief';
import { type Candidate, type Offer, placeOf } from './candidates';
import { type Draft, type Frame, nearestDose } from './draft';
import { type Judging, type Step, type Term, mostMoving, sumOf, termsOf } from './score';

export interface Setting {
  readonly brief: ComposeBrief;
  readonly school: School;
  readonly pace: Pace;
  readonly lead: Plan['lead'];
  readonly find: FindRevision;
  /** What may come: mends take nothing else. */
  readonly may: readonly Candidate[];
  readonly offers: readonly Offer[];
  /** Exercises that begin a level: their dose is its least, and stays. */
  readonly beginning: ReadonlySet<string>;
  readonly nextId: NextId;
  /** Levels beside the main one that suit the people; null where nobody knows them. */
  readonly optionsFor: ((item: Item) => Pick<Item, 'easier' | 'harder'> | null) | null;
  readonly titleFor: (idea: ComposeIdea) => string;
}

/** A class from a brief: fitted, ordered, reviewed. */
export interface Made {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly findings: readonly Finding[];
  readonly terms: readonly Term[];
  readonly sum: number;
  readonly steps: readonly (Step & { readonly itemId: string })[];
  readonly fits: boolean;
  /** How much longer it is than it should be, ms; less than nothing where it is shorter. */
  readonly overMs: number;
  readonly hard: number;
}

const mostMends = 8;

/** Makes a class of a draft: doses, blocks, levels; then its mends, its order and its fit, each judged by its own rules. */
export function* made(
  draft: Draft,
  frame: Frame,
  idea: ComposeIdea,
  judging: Judging,
  setting: Setting,
): Generator<number, Made> {
  let plan = planOf(draft, frame, idea, setting);
  plan = fitted(plan, setting);
  yield 0.3;
  plan = mended(plan, judging, setting);
  yield 0.6;
  plan = yield* ordered(plan, setting);
  plan = withoutLooks(fitted(mustEnd(fitted(plan, setting), setting), setting), setting);
  yield 0.9;
  return judgedClass(plan, judging, setting);
}

const asksToLook = ({ rule }: Finding): boolean => rule === 'look-first' || rule === 'look-again';

/**
 * A class that was made once, with an item changed by hand, in its order: with the doses as they are, with another dose of
 * that item, of what people do sitting or lying, and of all; what touches least comes first.
 */
export function* remade(plan: Plan, itemId: string, judging: Judging, setting: Setting): Generator<Made, void> {
  const levelled = withLevels({ ...plan, accepted: [] }, setting);
  const judged = (now: Plan) => judgedClass(withoutLooks(now, setting), judging, setting);
  const asItIs = judged(levelled);
  yield asItIs;
  const up = new Set(
    asItIs.timeline.items.flatMap((time) => (time.execution && placeOf(time.execution) === 'up' ? [time.itemId] : [])),
  );
  const these: ((item: Item) => boolean)[] = [({ id }) => id === itemId, ({ id }) => !up.has(id), () => true];
  for (const among of these) yield judged(fitted(levelled, setting, among));
}

/** A class that is to have no looks is not told that it has none. */
function withoutLooks(plan: Plan, { brief, find, nextId }: Setting): Plan {
  if (brief.looks) return plan;
  const findings = review({ plan, timeline: buildTimeline({ plan, find }), nextId }, 'quick');
  const asked = findings.filter(asksToLook);
  return { ...plan, accepted: asked.map(({ key }) => ({ finding: key, note: 'Without looks, as asked for.' })) };
}

/** A class as it stands, judged: by the timeline and the review where they can say, else by its places and kit. */
export function judgedClass(plan: Plan, judging: Judging, setting: Setting): Made {
  const timeline = buildTimeline({ plan, find: setting.find });
  const findings = review({ plan, timeline, library: setting.offers, nextId: setting.nextId }, 'quick').filter(
    ({ accepted }) => accepted === null,
  );
  const soft = findings.filter(({ severity }) => severity === 'soft').length;
  const hard = findings.filter(({ severity }) => severity === 'hard').length;
  const byExercise = new Map(setting.may.map((candidate) => [candidate.exercise.id, candidate]));
  const steps = itemsOf(plan).flatMap((item) => {
    const candidate = byExercise.get(item.exerciseId);
    const time = timeline.items.find(({ itemId }) => itemId === item.id);
    if (!candidate || item.recheck?.of) return [];
    return [{ itemId: item.id, candidate: { ...candidate, item }, seconds: (time?.totalMs ?? 0) / 1000 }];
  });
  const share = movingShare(timeline);
  const room = slotFit(plan, timeline);
  const overMs = room.plannedMs - (room.slotMs - room.reserveMs);
  const terms = termsOf(steps, judging, {
    moving: share <= mostMoving ? 1 : Math.max(0, 1 - (share - mostMoving) / mostMoving),
    found: 1 / (1 + soft),
  });
  return {
    plan,
    timeline,
    findings,
    terms,
    sum: sumOf(terms),
    steps,
    hard,
    fits: Math.abs(overMs) <= 20_000,
    overMs,
  };
}

/** Getting from one to the next: changes of place, kit, band, mats and foot; setting up is teaching and not counted. */
export const movingShare = ({ activityMs, totalMs }: Timeline): number =>
  totalMs === 0 ? 0 : (activityMs.transition + activityMs.switch) / totalMs;

/** The longest that people are on their feet between two seats, looks included, ms. */
export function longestOnFeetMs({ items }: Timeline): number {
  let [now, longest] = [0, 0];
  for (const { execution, totalMs } of items) {
    now = execution && placeOf(execution) === 'up' ? now + totalMs : 0;
    longest = Math.max(longest, now);
  }
  return longest;
}

function planOf(draft: Draft, frame: Frame, idea: ComposeIdea, setting: Setting): Plan {
  const { brief, school, pace, lead, nextId, titleFor } = setting;
  const empty = newPlan(nextId(), titleFor(idea), brief.slotSeconds, school, pace);
  const steps: Step[] = [
    ...frame.before.map((candidate) => ({ candidate, seconds: candidate.seconds })),
    ...draft.steps,
  ];
  const items = steps.map(({ candidate, seconds }): { item: Item; name: string } => ({
    name: blockNameOf(candidate.exercise),
    item: {
      ...candidate.item,
      id: nextId(),
      dose: nearestDose(candidate.doses, seconds)?.dose ?? candidate.item.dose,
    },
  }));
  const closing = frame.after.map((candidate) => ({
    name: 'Close',
    item: closingItem(candidate, frame, pace, nextId()),
  }));
  const blocks: Plan['blocks'] = [];
  for (const { item, name } of [...items, ...closing]) {
    const last = blocks.at(-1);
    if (last?.name === name) last.items.push(item);
    else blocks.push(newBlock(nextId(), name, [item], school.sides));
  }
  let plan: Plan = {
    ...empty,
    lead,
    brief: {
      ...empty.brief,
      audience: brief.who,
      purpose: '',
      idea: ideas[idea].sentence,
      ideaTie: { kind: 'listed', id: idea },
      groupId: brief.groupId,
      people: brief.people,
      floor: brief.floor,
      cupboard: { ...brief.kit },
      concerns: [...brief.concerns],
    },
    blocks,
  };
  plan = withLooks(plan, draft, setting);
  return withLevels(plan, setting);
}

/** A look again belongs to the class; what only rests stays as it is. */
function closingItem(candidate: Candidate, frame: Frame, pace: Pace, id: string): Item {
  const { exercise, item } = candidate;
  const isLook = exercise.family === 'check' || exercise.id === recheckExercise;
  const again = frame.before.some((first) => first.exercise.id === exercise.id);
  const dose = exercise.id === recheckExercise ? [timed(Math.max(1, Math.round(pace.recheckSeconds)))] : item.dose;
  return { ...item, id, dose, recheck: isLook ? { of: null } : null, familiarity: again ? 'known' : item.familiarity };
}

/** From twenty-five minutes on there is a look in the middle: after the arch work, or what people do first on their feet. */
const lookFrom = 25 * 60;

function withLooks(plan: Plan, draft: Draft, { brief, nextId, may }: Setting): Plan {
  const walk = may.find(({ exercise }) => exercise.id === recheckExercise);
  if (!brief.looks || brief.slotSeconds < lookFrom || !walk || !brief.places.includes('up')) return plan;
  // Where people are on their feet already: nobody gets up to walk and sits down again.
  const up = draft.steps.filter(({ candidate: c }) => c.place === 'up' && c.exercise.family !== 'release');
  const drill = up.find(({ candidate: c }) => c.exercise.family === 'arch') ?? up[0];
  const item = drill && itemsOf(plan).find(({ exerciseId }) => exerciseId === drill.candidate.exercise.id);
  const addition = item && addRecheck(plan, item.id, walk.exercise, walk.revision, nextId);
  const after = addition ? applyCommand(plan, addition.command) : null;
  return after?.ok ? after.value : plan;
}

/**
 * Two levels: the same movement, count and clock; those of the people where they are known. After a break nobody is offered
 * what they did before it: what is harder comes back by itself.
 */
function withLevels(plan: Plan, { brief, find, optionsFor }: Setting): Plan {
  const changed = (now: Plan, itemId: string, change: Partial<Item>): Plan => {
    const after = applyCommand(now, { type: 'edit-item', itemId, change });
    return after.ok ? after.value : now;
  };
  let now = plan;
  if (optionsFor) {
    for (const item of itemsOf(plan)) {
      const options = optionsFor(item);
      if (options) now = changed(now, item.id, options);
    }
  } else if (brief.who === 'mixed') {
    const command = offerLevels(plan, find);
    const after = command ? applyCommand(plan, command) : null;
    if (after?.ok) now = after.value;
  }
  if (!brief.afterBreak) return now;
  return itemsOf(now).reduce((so, { id, harder }) => (harder ? changed(so, id, { harder: null }) : so), now);
}

/**
 * Fits the doses. A look takes as long as looking takes; before rehearsal no hold is made longer; what closes on an eight
 * is left so where the rest will do.
 */
function fitted(
  plan: Plan,
  { find, brief, beginning, may }: Setting,
  among: (item: Item) => boolean = () => true,
): Plan {
  const has = (kind: 'hold' | 'reps') => (item: Item) => item.dose.some((part) => part.kind === kind);
  const work = itemsOf(plan).filter((item) => {
    const family = find(item.revision)?.family;
    return among(item) && family !== undefined && isFocus(family) && !item.recheck && !beginning.has(item.exerciseId);
  });
  const most = new Map(may.map(({ exercise, mostWorkMs }) => [exercise.id, mostWorkMs]));
  const mostWorkMs = new Map(
    work.flatMap(({ id, exerciseId }) => {
      const ms = most.get(exerciseId) ?? null;
      return ms === null ? [] : [[id, ms] as const];
    }),
  );
  const fit = (items: readonly Item[]) =>
    fitNow({ plan, find, dropUpTo: 0, only: new Set(items.map(({ id }) => id)), mostWorkMs });
  const free = brief.occasion === 'warm-up' ? work.filter((item) => !has('hold')(item)) : work;
  const first = brief.music ? fit(free.filter((item) => !has('reps')(item))) : null;
  return (first?.fits ? first : fit(free)).plan;
}

/**
 * What the review can mend it mends, one finding after the other; each mend is proved by the review itself, and taken where
 * the class is judged no worse for it.
 */
function mended(plan: Plan, judging: Judging, setting: Setting): Plan {
  let now = judgedClass(plan, judging, setting);
  const given = new Set<string>();
  for (let step = 0; step < mostMends; step++) {
    const finding = now.findings.find(
      (one) => one.severity !== 'note' && !given.has(one.key) && (setting.brief.looks || !asksToLook(one)),
    );
    if (!finding) break;
    given.add(finding.key);
    const mend = finding.mend();
    const after = mend ? applyCommand(now.plan, mend.command) : null;
    const then = after?.ok ? judgedClass(after.value, judging, setting) : null;
    if (!then || !restsLast(then, setting.brief)) continue;
    if (then.hard < now.hard || (then.hard === now.hard && then.sum >= now.sum)) now = then;
  }
  return now.plan;
}

/** Nothing is worked once people have come to rest; where nobody stands long, rests lie between. */
function restsLast({ steps }: Made, { concerns }: ComposeBrief): boolean {
  if (concerns.includes('falls-or-faints')) return true;
  const families = steps.map(({ candidate }) => candidate.exercise.family);
  const rest = families.indexOf('close');
  return rest === -1 || !families.slice(rest).some((family) => isFocus(family) && family !== 'release');
}

function* ordered(plan: Plan, { find }: Setting): Generator<number, Plan> {
  const work = reorder({ plan, find, blockId: null });
  for (;;) {
    const next = work.next();
    if (next.done) return next.value.plan;
    yield 0.6 + 0.2 * next.value.done;
  }
}

/** A reserve as large as it takes to end in the slot even where everything takes its time. */
function mustEnd(plan: Plan, { brief, find }: Setting): Plan {
  if (!brief.mustEnd) return plan;
  const { likely, totalMs } = buildTimeline({ plan, find });
  const reservePercent = Math.min(
    40,
    Math.max(plan.reservePercent, Math.ceil(100 * (1 - totalMs / likely.highMs)) + 1),
  );
  return { ...plan, reservePercent };
}
