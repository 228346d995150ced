import {
  breathWords,
  doseWords,
  flowWords,
  nameOf,
  ownTempoWords,
  sideOrder,
  type LevelLine,
  levelLines,
} from '@core/card';
import type { Block, Item, Plan } from '@core/plan';
import { findItem } from '@core/plan';
import { takeOffWords } from '@core/exercise';
import { checkName } from '@core/measure';
import { sayTime } from '@core/say-time';
import type { Finding } from '@core/sequence';
import { type ItemTime, type Timeline, taughtOrder } from '@core/timeline';
import { otherWay } from '../../../parts/saying/school-words';

/** A line of the running order: an exercise or talk. */
export interface OrderRow {
  readonly id: string;
  readonly name: string;
  readonly start: string;
  readonly length: string;
  readonly talk: boolean;
  /** The dose; of talk, what there is to say. */
  readonly dose: string;
  readonly order: string;
  /** A tempo of the teacher's own, the breath, the note to oneself. */
  readonly said: string;
  readonly levels: readonly LevelLine[];
  /** What else is to know of it in a word or two: "locked", "can go", "new to them". */
  readonly marks: readonly string[];
  readonly isNew: string;
  readonly follows: boolean;
  /** A named check is taken with it. */
  readonly check: boolean;
  /** Its words are longer than their place. */
  readonly unsayable: boolean;
  /** What the review says of it; empty where nothing. */
  readonly found: string;
  /** On what it answers otherwise than the class's school. */
  readonly school: string;
  /** What comes between it and the next row: the pause to compare, the other foot's pass, something taken off. */
  readonly then: readonly AgainRow[];
}

/** A line that is no item of its own. */
export interface AgainRow {
  readonly start: string;
  readonly length: string;
  readonly feet: string;
  readonly compare: boolean;
  readonly words: string;
}

export interface OrderBlock {
  readonly block: Block;
  readonly flow: string;
  readonly length: string;
  readonly rows: readonly OrderRow[];
}

/** The time of an item where its row stands: its first visit, where it comes again later. */
const lengthHere = ({ visits, totalMs }: ItemTime): number => {
  const [first] = visits;
  return first && visits.length > 1 ? first.endMs - first.startMs : totalMs;
};

/**
 * The running order of a class, block by block, from its timeline.
 * @param unsayable items with words that are longer than their place
 */
export function orderBlocks(
  plan: Plan,
  timeline: Timeline,
  findings: readonly Finding[],
  unsayable: ReadonlySet<string> = new Set(),
): OrderBlock[] {
  const found = new Map(
    findings.filter((f) => f.severity !== 'note').flatMap((f) => f.itemIds.map((id) => [id, f.words()] as const)),
  );
  const times = new Map(timeline.items.map((time) => [time.itemId, time]));
  const order = taughtOrder(plan, timeline);
  return plan.blocks.map((block) => {
    const starts = block.items.flatMap((item) => times.get(item.id) ?? []);
    const between = (order.get(block.id) ?? []).flatMap((stretch) => {
      if (stretch.visit === 1 && stretch.itemId !== null) return [];
      const time = stretch.itemId === null ? undefined : times.get(stretch.itemId);
      const isWorn = time !== undefined && (findItem(plan, time.itemId)?.item.wornUntil ?? null) !== null;
      const words = !time
        ? 'stand and compare the feet'
        : isWorn && time.execution
          ? takeOffWords(time.execution)
          : nameOf(plan, time);
      const row: AgainRow = {
        start: sayTime(stretch.startMs),
        length: sayTime(stretch.totalMs),
        compare: !time,
        feet: time && !isWorn ? stretch.feet : '',
        words,
      };
      return [{ row, after: starts.findLast((t) => t.startMs <= stretch.startMs)?.itemId }];
    });
    return {
      block,
      flow: flowWords(block),
      length: sayTime(timeline.blocks.find((b) => b.blockId === block.id)?.totalMs ?? 0),
      rows: block.items.flatMap((item): OrderRow[] => {
        const time = times.get(item.id);
        if (!time) return [];
        const row: OrderRow = {
          id: item.id,
          name: nameOf(plan, time),
          start: sayTime(time.startMs),
          length: sayTime(lengthHere(time)),
          talk: item.kind === 'talk',
          dose: item.kind === 'talk' ? item.note : '',
          order: '',
          said: '',
          levels: [],
          marks: [],
          isNew: '',
          follows: false,
          check: false,
          unsayable: unsayable.has(item.id),
          found: found.get(item.id) ?? '',
          school: '',
          then: between.flatMap(({ row, after }) => (after === item.id ? [row] : [])),
        };
        return [item.kind === 'talk' ? row : { ...row, ...exerciseRow(plan, timeline, item, time) }];
      }),
    };
  });
}

function exerciseRow(plan: Plan, timeline: Timeline, item: Item, time: ItemTime): Partial<OrderRow> {
  const worn = timeline.worn.find((w) => w.itemId === item.id);
  const dose = doseWords(plan, time);
  return {
    dose: worn ? `${dose}, ${sayTime(worn.endMs - worn.startMs)}` : dose,
    order: sideOrder(plan, time),
    said: saidWords(plan, item, time),
    levels: levelLines(plan, time),
    marks: [
      ...(item.locked ? ['locked'] : []),
      ...(item.priority === 1 ? ['can go'] : []),
      ...(item.recheck ? [item.recheck.of === null ? 'looks again' : 'looks again at it'] : []),
      ...(item.check ? [`check: ${checkName(item.check)}`] : []),
    ],
    isNew: { new: 'new to them', 'seen-once': 'seen once', known: '' }[item.familiarity],
    follows: (item.recheck?.of ?? null) !== null,
    check: item.check !== null,
    school: time.execution ? otherWay(time.execution.exercise, plan.school) : '',
  };
}

/** What the teacher has to keep in mind beside the dose, in a line. */
function saidWords(plan: Plan, item: Item, { execution }: ItemTime): string {
  if (!execution) return item.note;
  return [ownTempoWords(item, execution), breathWords(plan, item, execution), item.note]
    .filter((words) => words !== '')
    .join(' · ');
}
