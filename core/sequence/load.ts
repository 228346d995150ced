import { type Region, Region as regions, letsGo, regionNames, startingExecution } from '../exercise';
import { sayTime } from '../say-time';
import type { Feet, TimelineEvent } from '../timeline';
import { added, moved } from './mend';
import { type Entry, type Mend, type ReviewContext, type Setting, classRule, inWords, named, orderRule } from './rule';

const heavy = 2;
/** Work that tires; stretch, release, a look or a shake asks much of a part without training it. */
const works = ({ execution: { exercise } }: Entry) =>
  exercise.stage !== 'passive' &&
  exercise.relief !== true &&
  !['release', 'check', 'close'].includes(exercise.family) &&
  (exercise.family !== 'mobility' || exercise.stage !== 'active');
const loads = (entry: Entry, region: Region) => works(entry) && (entry.execution.regions[region] ?? 0) >= heavy;
/** Burns in the arch: lifts it and keeps it up; a drill that lets it down in between rests it. */
const burnsArch = (entry: Entry) =>
  loads(entry, 'arch-intrinsics') && !entry.execution.phases.some((phase) => phase.working.midfoot === 'let-down');
const eases = ({ execution: { exercise } }: Entry) => letsGo(exercise);

/** What lets go where the class is: standing in standing work, seated where it sits. */
function letGo(context: ReviewContext, entry: Entry): readonly (Mend | null)[] {
  const { position } = entry.execution;
  return context.library
    .filter(({ exercise }) => exercise.family === 'close' && letsGo(exercise))
    .filter(({ exercise }) => startingExecution(exercise, context.school).position === position)
    .map(({ exercise }) => added(context, exercise.id, 'before', entry));
}

/** Neighbours that count as one: a band block, or one side of a ring. */
const oneGo = (a: Entry | null, b: Entry) =>
  a !== null &&
  a.block.id === b.block.id &&
  ((a.execution.band !== null && b.execution.band !== null) ||
    (b.block.flow === 'by-foot' && a.execution.sidePattern === 'each' && b.execution.sidePattern === 'each'));

/** The last item, and for each region loaded up to it the items running that load it, at most three. */
type Runs = readonly [last: string | null, ...(readonly [region: string, ...itemIds: string[]])[]];
/** Three arch items running are the next rule's business: it asks for something that lets go. */
const watched = regions.options.filter((region) => region !== 'hip-and-trunk' && region !== 'arch-intrinsics');

/** No region heavily loaded three items running. */
export const regionRun = orderRule<Runs>({
  id: 'region-run',
  severity: 'soft',
  reason: 'The same part three items running tires it without training it better; a change in between lets it answer.',
  begin: [null],
  decides: ([last, ...runs], setting) => {
    const entry = last === null ? null : setting.entry(last);
    if (runs.length === 0 || !entry) return [null];
    const go = [entry.block.id, entry.execution.band !== null, entry.execution.sidePattern === 'each'];
    return [go, ...runs.map(([region, ...itemIds]) => [region, Math.min(3, itemIds.length)])];
  },
  judge: ([last, ...runs], entry, setting) => {
    const before = last === null ? null : setting.entry(last);
    const goes = oneGo(before, entry);
    const found: string[][] = [];
    const next = watched
      .filter((region) => loads(entry, region))
      .map((region): readonly [string, ...string[]] => {
        const run = runs.find(([of]) => of === region)?.slice(1) ?? [];
        const goesOn = goes && run.at(-1) === last;
        const longer = goesOn ? [...run.slice(0, -1), entry.item.id] : [...run, entry.item.id];
        if (longer.length === 3 && run.length < 3) found.push([region, ...longer]);
        return [region, ...longer.slice(0, 4)];
      });
    const [first] = found;
    const [about, ...itemIds] = first ?? [];
    return {
      state: [entry.item.id, ...next],
      breach: first ? { itemIds, about, cost: secondsOf(itemIds, setting) } : null,
    };
  },
  explain: (breach, context) => {
    const [, entry] = named(breach, context);
    const region = regions.parse(breach.about);
    const free = context.entries
      .slice(context.indexOf(entry) + 1)
      .filter((other) => !loads(other, region) && !other.item.locked);
    const here = free.find((other) => other.block.id === entry.block.id);
    const [other] = free;
    return {
      words: `Three items running load the ${regionNames[region][inWords(context)]}, up to ${entry.name}.`,
      mends: () => [
        here ? moved(here, 'before', entry) : null,
        other ? moved(entry, 'after', other) : null,
        ...letGo(context, entry),
      ],
    };
  },
});

const secondsOf = (itemIds: readonly string[], setting: Setting) =>
  itemIds.reduce((ms, id) => ms + (setting.entry(id)?.workMs ?? 0), 0) / 1000;

/** No third arch-burning item without a shake or a release. State: those that have burnt since. */
export const archThird = orderRule<readonly string[]>({
  id: 'arch-third',
  severity: 'soft',
  reason: 'Arch work cramps: after two such items comes something that lets go.',
  begin: [],
  matters: (entry) => eases(entry) || burnsArch(entry),
  decides: (burning) => burning.length,
  judge: (burning, entry) => {
    if (eases(entry)) return { state: [], breach: null };
    if (!burnsArch(entry)) return { state: burning, breach: null };
    const itemIds = [...burning, entry.item.id];
    return itemIds.length < 3 ? { state: itemIds, breach: null } : { state: [], breach: { itemIds, cost: 3 } };
  },
  explain: (breach, context) => {
    const [, entry] = named(breach, context);
    return {
      words: `${entry.name} is the third arch-burning item without letting go.`,
      mends: () => letGo(context, entry),
    };
  },
});

/** A minute at this load leaves a calf unsteady (Needlework's own figure). */
const tiredMs = 60_000;
const tiresCalf = ({ execution, workMs }: Entry) =>
  execution.exercise.family === 'strength' &&
  Math.max(execution.regions.calf ?? 0, execution.regions['deep-calf'] ?? 0) >= 3 &&
  workMs >= tiredMs;

/** Demanding balance not straight after calf fatigue. State: the item just before, where it tired the calf. */
export const balanceAfterCalf = orderRule<string | null>({
  id: 'balance-after-calf',
  severity: 'soft',
  reason: 'Tired calves wobble. Wanted for dancers sometimes; for most people the stand comes first.',
  begin: null,
  decides: (tired) => tired !== null,
  judge: (tired, entry) => {
    const demanding = entry.execution.balance.working >= 2 && entry.execution.exercise.family === 'balance';
    return {
      state: tiresCalf(entry) ? entry.item.id : null,
      breach: tired !== null && demanding ? { itemIds: [tired, entry.item.id], cost: 2 } : null,
    };
  },
  explain: (breach, context) => {
    const [last, entry] = named(breach, context);
    return {
      words: `${entry.name} comes straight after ${last.name}.`,
      mends: () => [moved(entry, 'before', last)],
    };
  },
});

/** One leg carries no longer than this while the other one is worked (Needlework's own figure). */
const longestStandMs = 180_000;

interface Standing {
  readonly leg: 'left' | 'right' | null;
  readonly ms: number;
  readonly entries: readonly Entry[];
}

interface Span {
  startMs: number;
  endMs: number;
}

/** From the first to the last work of each foot alone, by item. */
function spansOfFeet(events: readonly TimelineEvent[]): ReadonlyMap<string, { left?: Span; right?: Span }> {
  const spans = new Map<string, { left?: Span; right?: Span }>();
  for (const { itemId, activity, feet, startMs, endMs } of events) {
    if (activity !== 'work' || itemId === null || (feet !== 'left' && feet !== 'right')) continue;
    let of = spans.get(itemId);
    if (!of) spans.set(itemId, (of = {}));
    const span = of[feet];
    if (span) span.endMs = endMs;
    else of[feet] = { startMs, endMs };
  }
  return spans;
}

/** The standing leg's load: both feet work. Read from the visits in time, so a ring counts as it is taught. */
export const standingLeg = classRule({
  id: 'standing-leg',
  severity: 'soft',
  reason: 'The standing leg works all that time. A sore standing ankle matters, and balance fades.',
  look: (context) => {
    const spans = spansOfFeet(context.timeline.events);
    const visits: { startMs: number; endMs: number; feet: Feet; entry: Entry }[] = [];
    for (const entry of context.entries) {
      const { left, right } = spans.get(entry.item.id) ?? {};
      if (left) visits.push({ startMs: left.startMs, endMs: left.endMs, feet: 'left', entry });
      if (right) visits.push({ startMs: right.startMs, endMs: right.endMs, feet: 'right', entry });
      if (left || right) continue;
      for (const { startMs, endMs, feet } of context.timeOf(entry).visits) visits.push({ startMs, endMs, feet, entry });
    }
    visits.sort((a, b) => a.startMs - b.startMs);
    let now: Standing = { leg: null, ms: 0, entries: [] };
    let worst: Standing = now;
    for (const { startMs, endMs, feet, entry } of visits) {
      const leg = standsOn(entry, feet);
      now =
        leg !== null && leg === now.leg
          ? { leg, ms: now.ms + endMs - startMs, entries: [...now.entries, entry] }
          : { leg, ms: leg ? endMs - startMs : 0, entries: leg ? [entry] : [] };
      if (now.ms > worst.ms) worst = now;
    }
    if (worst.ms <= longestStandMs || worst.leg === null) return [];
    const { leg, ms, entries } = worst;
    const block = entries[0]?.block;
    return [
      {
        itemIds: [...new Set(entries.map((e) => e.item.id))],
        cost: ms / 1000,
        explain: () => ({
          words: `The ${leg} leg stands for ${sayTime(ms)} without a change.`,
          mends: () => [
            block?.flow === 'by-foot'
              ? {
                  words: 'Teach the block exercise by exercise',
                  command: { type: 'edit-block', blockId: block.id, change: { flow: 'by-exercise' } },
                }
              : null,
          ],
        }),
      },
    ];
  },
});

/** The leg that carries while a foot works: the other one, or the same where the other rests. */
function standsOn({ execution }: Entry, feet: string): 'left' | 'right' | null {
  if (execution.balance.standing < 1 || (feet !== 'left' && feet !== 'right')) return null;
  const other = feet === 'left' ? 'right' : 'left';
  return execution.phases[0]?.other?.role === 'rests' ? feet : other;
}
