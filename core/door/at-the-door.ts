import { type Dose, sayDose } from '../dose';
import { Concern } from '../exercise';
import { fit, type FitProgress } from '../fit';
import { type NextId, type Plan, type PlanCommand, applyCommand, findAny, itemsOf } from '../plan';
import { type Finding, review } from '../sequence';
import { type FindRevision, type Timeline, buildTimeline, slotFit } from '../timeline';
import { sentenceOf } from './sentence';
import type { DoorChange, DoorSight } from './sight';

export interface DoorPlan {
  /** The class as it is taught to this room. */
  readonly plan: Plan;
  readonly totalMs: number;
  /** Above zero: it ends after the time there is, ms. */
  readonly overMs: number;
  readonly changes: readonly DoorChange[];
  /** What nobody could mend: it is the teacher's to decide. */
  readonly left: readonly string[];
  /** What to say to the class, in one sentence. */
  readonly sentence: string;
}

export interface DoorRequest {
  readonly plan: Plan;
  readonly sight: DoorSight;
  readonly find: FindRevision;
  /** What may be put in the place of something. */
  readonly library: readonly { readonly revision: string; readonly exercise: NonNullable<ReturnType<FindRevision>> }[];
  readonly nextId: NextId;
}

/** Milder findings that come from who is in the room and what there is to hold; hard ones are mended whatever they are. */
const ofTheRoom = new Set(['held-back', 'support-offered', 'kit-short', 'option-support']);
const mostSteps = 40;

/** The brief of a class, as the room turns out to be. */
const briefed = (plan: Plan, { heads, minutes, floor, kit, concerns }: DoorSight): Plan => ({
  ...plan,
  slotSeconds: minutes * 60,
  brief: {
    ...plan.brief,
    people: heads,
    floor,
    cupboard: { ...plan.brief.cupboard, ...kit },
    concerns: Concern.options.filter((concern) => (concerns[concern] ?? 0) > 0),
  },
});

/**
 * Makes a class fit the room it meets: what the review finds against these people, this floor and this kit is mended by its
 * own mends, each of them proved; then the doses are fitted to the time there is, and what cannot fit is left out, the
 * least that will do. Nothing else of the plan changes.
 */
export function* atTheDoor({ plan, sight, find, library, nextId }: DoorRequest): Generator<FitProgress, DoorPlan> {
  const known = new Map(library.map(({ revision, exercise }) => [revision, exercise] as const));
  const findAll: FindRevision = (revision) => find(revision) ?? known.get(revision) ?? null;
  const judge = (of: Plan) => findingsOf(of, buildTimeline({ plan: of, find: findAll }), library, nextId);
  const planned = new Set(judge(plan).map(({ key }) => key));
  const mended = yield* mendAll(briefed(plan, sight), planned, judge, findAll);
  const fitted = yield* inTime(mended.plan, findAll, plan.slotSeconds !== mended.plan.slotSeconds);
  // what was left out may have been what something else needed before it
  const again = yield* mendAll(fitted.plan, planned, judge, findAll);
  const timeline = buildTimeline({ plan: again.plan, find: findAll });
  const changes = [...mended.changes, ...fitted.changes, ...again.changes];
  return {
    plan: again.plan,
    totalMs: timeline.totalMs,
    overMs: slotFit(again.plan, timeline).overMs,
    changes,
    left: [...new Set([...again.left, ...fitted.left])],
    sentence: sentenceOf(sight, changes),
  };
}

interface Step {
  readonly plan: Plan;
  readonly changes: readonly DoorChange[];
  /** What stays, in words. */
  readonly left: readonly string[];
}

/** Mends what the room brings about, one finding after the other; what was so in the plan is the teacher's own. */
function* mendAll(
  plan: Plan,
  planned: ReadonlySet<string>,
  judge: (plan: Plan) => Finding[],
  find: FindRevision,
): Generator<FitProgress, Step> {
  let now = plan;
  const changes: DoorChange[] = [];
  const left = new Map<string, string>();
  for (let step = 0; step < mostSteps; step++) {
    yield { done: step / mostSteps };
    const finding = judge(now).find(({ key, accepted }) => accepted === null && !left.has(key) && !planned.has(key));
    if (!finding) break;
    const mend = finding.mend();
    const after = mend ? applyCommand(now, mend.command) : null;
    if (!mend || !after?.ok) {
      left.set(finding.key, finding.words());
      continue;
    }
    changes.push(changeOf(now, after.value, mend, finding, find));
    now = after.value;
  }
  return { plan: now, changes, left: [...left.values()] };
}

const findingsOf = (plan: Plan, timeline: Timeline, library: DoorRequest['library'], nextId: NextId): Finding[] =>
  review({ plan, timeline, library, nextId }, 'quick').filter(
    ({ rule, severity }) => severity === 'hard' || ofTheRoom.has(rule),
  );

const nameIn = (plan: Plan, itemId: string, find: FindRevision): string => {
  const item = findAny(plan, itemId)?.item;
  if (item?.kind === 'talk') return item.name;
  return (item && find(item.revision)?.name[plan.school.words]) ?? '';
};

function changeOf(
  before: Plan,
  after: Plan,
  mend: { readonly words: string; readonly command: PlanCommand; readonly deltaMs: number },
  finding: Finding,
  find: FindRevision,
): DoorChange {
  const kept = new Set(itemsOf(after).map(({ id }) => id));
  const was = new Set(itemsOf(before).map(({ id }) => id));
  const gone = itemsOf(before).find(({ id }) => !kept.has(id));
  const come = itemsOf(after).find(({ id }) => !was.has(id));
  const named = gone?.id ?? finding.itemIds[0] ?? '';
  const kind = gone && come ? 'swap' : gone ? 'out' : kindOf(finding.rule);
  return {
    kind,
    name: nameIn(before, named, find),
    instead: come ? nameIn(after, come.id, find) : null,
    words: mend.words,
    why: finding.words(),
    deltaMs: mend.deltaMs,
  };
}

const kindOf = (rule: string): DoorChange['kind'] =>
  (({ 'held-back': 'level', 'support-offered': 'option', 'kit-short': 'kit' }) as const)[rule] ?? 'other';

/** The class in the time there is: doses first, then the least that has to be left out. */
function* inTime(plan: Plan, find: FindRevision, isOtherTime: boolean): Generator<FitProgress, Step> {
  const timeline = buildTimeline({ plan, find });
  const room = slotFit(plan, timeline);
  // a class that ends in the time there is is not stretched because somebody came
  if (!isOtherTime && room.overMs <= 0) return { plan, changes: [], left: [] };
  const first = yield* fit({ plan, find, dropUpTo: 1 });
  const [removal] = first.fits ? [] : first.removals;
  const without = removal
    ? applyCommand(plan, {
        type: 'together',
        commands: removal.itemIds.map((itemId) => ({ type: 'remove-item', itemId })),
      })
    : null;
  const found = without?.ok ? yield* fit({ plan: without.value, find, dropUpTo: 1 }) : first;
  const gone = without?.ok && removal ? removal.itemIds : [];
  const changes = [
    ...gone.map((itemId): DoorChange => {
      const time = timeline.items.find((i) => i.itemId === itemId);
      return out(nameIn(plan, itemId, find), 'There is no time for it.', -(time?.totalMs ?? 0));
    }),
    ...found.changes.map((change): DoorChange => {
      const name = nameIn(plan, change.itemId, find);
      if (change.after === null) return out(name, change.reason, change.deltaMs);
      const kind = change.deltaMs < 0 ? 'less' : 'more';
      const words = `${doseIn(plan, change.itemId, change.before, find)} → ${doseIn(plan, change.itemId, change.after, find)}`;
      return { kind, name, instead: null, words, why: change.reason, deltaMs: change.deltaMs };
    }),
  ];
  return { plan: found.plan, changes, left: found.obstacle === null ? [] : [found.obstacle] };
}

const out = (name: string, why: string, deltaMs: number): DoorChange => ({
  kind: 'out',
  name,
  instead: null,
  words: 'Left out',
  why,
  deltaMs,
});

function doseIn(plan: Plan, itemId: string, dose: Dose, find: FindRevision): string {
  const item = findAny(plan, itemId)?.item;
  const pattern = item?.kind === 'exercise' ? find(item.revision)?.performance.sidePattern : undefined;
  return sayDose(dose, pattern ?? null);
}
