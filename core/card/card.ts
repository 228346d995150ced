import { cautionsFor, concernNames, takeOffWords } from '../exercise';
import { type BothFeet, bothFeet } from '../footprint';
import { faultsIn } from '../idea';
import { type KitId, isFetched, kitNames } from '../kit';
import { checkName } from '../measure';
import { type Item, type Plan, findAny } from '../plan';
import { sayLength } from '../say-time';
import { type ItemTime, type TaughtStretch, type Timeline, putOut, taughtOrder } from '../timeline';
import { breathWords, doseWords, flowWords, nameOf, sideOrder, tempoWords } from './item-words';
import { levelLines, levelWords, mainWords } from './level-words';
import { putOutWords } from './put-out-words';

/** What a card says of an exercise. */
export interface CardItem {
  readonly exerciseId: string;
  readonly name: string;
  /** The level it is on, with how many do it; empty where it has none. */
  readonly level: string;
  /** Easier and harder, easiest first, with what each needs. */
  readonly options: readonly string[];
  readonly dose: string;
  readonly tempo: string;
  /** “L then R” */
  readonly order: string;
  /** What it needs. */
  readonly kit: string;
  /** What is fetched for it, and at what time of the class. */
  readonly fetched: readonly { readonly atMs: number; readonly words: string }[];
  /** When the second foot begins, where the feet go one after the other here, ms. */
  readonly secondMs: number | null;
  /** “right”: the foot that begins then. */
  readonly second: string;
  readonly cue: string;
  readonly breath: string;
  readonly fault: string;
  /** What somebody in this room has to mind; empty where nobody has. */
  readonly caution: string;
  readonly note: string;
  /** What the feet do where it works: on the foot that it begins with. */
  readonly feet: BothFeet | null;
}

/** A line of the card, in the order in which it is taught. */
export interface CardRow {
  readonly key: string;
  readonly startMs: number;
  readonly totalMs: number;
  /** A pause to compare, or the second foot of an item; empty for an item itself. */
  readonly again: string;
  readonly item: CardItem | null;
  /** Talk of its own: what it is called, how long, what there is to say. */
  readonly talk: { readonly name: string; readonly length: string; readonly note: string } | null;
}

/** A class as it stands on a card, on a screen and on paper alike. */
export interface Card {
  readonly title: string;
  readonly totalMs: number;
  readonly slotMs: number;
  readonly lead: string;
  /** Nought where nobody said. */
  readonly people: number;
  /** What to put out, in a line. */
  readonly kit: string;
  readonly blocks: readonly { readonly id: string; readonly name: string; readonly rows: readonly CardRow[] }[];
}

/** When to stop, as it is said on every card. */
export const cardFoot = 'Sharp or joint pain, numbness, a pop at the heel: stop and refer. Local rules come first.';

/** What a class says on a card. */
export function cardOf(plan: Plan, timeline: Timeline): Card {
  const times = new Map(timeline.items.map((time) => [time.itemId, time]));
  const order = taughtOrder(plan, timeline);
  const fetched = fetchedIn(timeline);
  return {
    title: plan.title,
    totalMs: timeline.totalMs,
    slotMs: plan.slotSeconds * 1000,
    lead: plan.lead,
    people: plan.brief.people ?? 0,
    kit: putOutWords(putOut(plan, timeline)),
    blocks: plan.blocks.map((block) => ({
      id: block.id,
      name: flowWords(block) ? `${block.name}: ${flowWords(block)}` : block.name,
      rows: (order.get(block.id) ?? []).flatMap((stretch, at) =>
        rowsOf({ plan, timeline, times, fetched }, stretch, `${block.id} ${at}`),
      ),
    })),
  };
}

interface Taught {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly times: ReadonlyMap<string, ItemTime>;
  readonly fetched: ReturnType<typeof fetchedIn>;
}

function rowsOf(
  { plan, timeline, times, fetched }: Taught,
  { itemId, startMs, totalMs, visit, feet }: TaughtStretch,
  key: string,
): CardRow[] {
  const row: CardRow = { key, startMs, totalMs, again: '', item: null, talk: null };
  if (itemId === null) return [{ ...row, again: 'Stand and compare the feet' }];
  const time = times.get(itemId);
  const item = findAny(plan, itemId)?.item;
  if (item?.kind === 'talk')
    return [{ ...row, talk: { name: item.name, length: sayLength(totalMs), note: item.note } }];
  if (!time?.execution || !item) return [];
  if (item.wornUntil !== null && visit > 1) return [{ ...row, again: takeOffWords(time.execution) }];
  // the second foot of a ring does the same again: its time is enough
  if (visit > 1) return [{ ...row, again: `${nameOf(plan, time)}: ${feet}` }];
  return [{ ...row, item: { ...itemOf(plan, timeline, time, item), fetched: fetched.get(itemId) ?? [] } }];
}

function itemOf(plan: Plan, timeline: Timeline, time: ItemTime, item: Item): Omit<CardItem, 'fetched'> {
  const { words } = plan.school;
  const { execution } = time;
  if (!execution) throw new RangeError('an item on the card has its exercise');
  const [fault] = faultsIn(plan, execution);
  const phase = execution.phases[1] ?? execution.phases[0];
  const [caution] = plan.brief.concerns.length > 0 ? cautionsFor(execution.cautions, plan.brief.concerns) : [];
  const levels = levelLines(plan, time);
  const second = secondFoot(timeline, time);
  return {
    exerciseId: item.exerciseId,
    name: nameOf(plan, time),
    level: mainWords(levels.find((line) => line.which === 'main')),
    options: levels.filter((line) => line.which !== 'main').map(levelWords),
    dose: doseWords(plan, time),
    tempo: tempoWords(item, execution),
    order: sideOrder(plan, time),
    kit: execution.kit.map((need) => kitNames[need.kit]).join(', '),
    secondMs: second?.startMs ?? null,
    second: second?.feet ?? '',
    cue: item.cues.action ?? execution.cues.action[words],
    breath: breathWords(plan, item, execution),
    fault: fault ? `${fault.seen}: “${fault.say}”` : '',
    caution: caution ? `${concernNames[caution.concern]}: ${caution.words}` : '',
    note: [item.check ? `Check: ${checkName(item.check)}.` : '', musicOf(plan, item), item.note]
      .filter((said) => said !== '')
      .join(' '),
    feet: phase ? bothFeet(phase, firstFoot(timeline, time)) : null,
  };
}

/** The piece it is done to. */
function musicOf({ music }: Plan, { piece }: Item): string {
  const found = music.pieces.find(({ id }) => id === piece);
  return found ? `Music: ${found.title}, ${found.beatsPerMinute} a minute.` : '';
}

/** The foot that works first. */
function firstFoot(timeline: Timeline, { itemId }: ItemTime): 'left' | 'right' | 'both' {
  const feet = timeline.events.find((event) => event.itemId === itemId && event.activity === 'work')?.feet;
  return feet === 'left' || feet === 'right' ? feet : 'both';
}

/** Where the feet go one after the other in one visit: the first work of the foot that comes second. */
function secondFoot(timeline: Timeline, { itemId, execution, visits }: ItemTime) {
  if (execution?.sidePattern !== 'each' || visits.length !== 1) return null;
  const work = timeline.events.filter((event) => event.itemId === itemId && event.activity === 'work');
  const [first] = work;
  return work.find(({ feet }) => (feet === 'left' || feet === 'right') && feet !== first?.feet) ?? null;
}

/**
 * What is fetched on the way to each item, and when: kit once out stays out, so that each is named where it comes first.
 */
function fetchedIn(timeline: Timeline): ReadonlyMap<string, CardItem['fetched']> {
  const out = new Set<KitId>();
  const inOrder = [...timeline.items].sort((a, b) => a.startMs - b.startMs);
  return new Map(
    inOrder.map(({ itemId, execution }) => {
      const kit = (execution?.kit ?? []).map((need) => need.kit).filter((id) => isFetched(id) && !out.has(id));
      kit.forEach((id) => out.add(id));
      const going = timeline.events.find(
        (event) => event.itemId === itemId && event.because?.some(({ reason }) => reason === 'kit'),
      );
      if (kit.length === 0 || !going) return [itemId, []];
      return [itemId, [{ atMs: going.startMs, words: kit.map((id) => kitNames[id]).join(', ') }]];
    }),
  );
}
