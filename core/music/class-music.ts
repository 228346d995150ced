import { type DosePart, withRange } from '../dose';
import { type Item, type Piece, type Plan, type PlanCommand, itemsOf } from '../plan';
import type { Timeline } from '../timeline';
import { closes, eightsWords } from './eights';

/** One exercise that is done to counts. */
export interface CountedItem {
  readonly itemId: string;
  /** Counts of one go, on one foot where the feet go one after the other. */
  readonly counts: number;
  readonly beatsPerMinute: number;
  /** “three eights” */
  readonly eights: string;
  readonly closes: boolean;
  /** The piece it is done to, and whether its tempo is the piece's. */
  readonly piece: Piece | null;
  readonly sameTempo: boolean;
  /** Goes on without a break from the one before. */
  readonly runsOn: boolean;
  readonly workMs: number;
  /** The same exercise closing on an eight: nearest, more before less; null where it closes. */
  readonly toClose: PlanCommand | null;
  /** At the piece's tempo; null where it has it. */
  readonly toTempo: PlanCommand | null;
}

/** What stands on one piece of music. */
export interface PieceUse {
  readonly piece: Piece;
  readonly itemIds: readonly string[];
  /** From the first count on it to the last: what lies between its exercises plays too. Ms. */
  readonly takesMs: number;
  /** What is left of the piece; under zero where it runs out. Ms. */
  readonly leftMs: number;
}

/** A class as it stands on its music. */
export interface ClassMusic {
  readonly items: readonly CountedItem[];
  readonly pieces: readonly PieceUse[];
}

const countsPart = ({ dose }: Item): Extract<DosePart, { kind: 'counts' }> | null =>
  dose.find((part) => part.kind === 'counts') ?? null;

/** What of a class is done to counts, whether it closes, and how long its music has to last. */
export function classMusic(plan: Plan, timeline: Pick<Timeline, 'items' | 'events'>): ClassMusic {
  const pieces = new Map(plan.music.pieces.map((piece) => [piece.id, piece]));
  const items = itemsOf(plan).flatMap((item): CountedItem[] => {
    const part = countsPart(item);
    if (!part) return [];
    const piece = item.piece === null ? null : (pieces.get(item.piece) ?? null);
    const counts = part.phrases * part.countsPerPhrase;
    const sameTempo = piece === null || piece.beatsPerMinute === part.beatsPerMinute;
    return [
      {
        itemId: item.id,
        counts,
        beatsPerMinute: part.beatsPerMinute,
        eights: eightsWords(counts),
        closes: closes(counts),
        piece,
        sameTempo,
        runsOn: item.musicRunsOn,
        workMs: timeline.items.find(({ itemId }) => itemId === item.id)?.workMs ?? 0,
        toClose: closes(counts) ? null : edit(item, part, closing(part)),
        toTempo: sameTempo || !piece ? null : edit(item, part, { beatsPerMinute: piece.beatsPerMinute }),
      },
    ];
  });
  return { items, pieces: plan.music.pieces.map((piece) => useOf(piece, plan, timeline)) };
}

type Change = Partial<Pick<Extract<DosePart, { kind: 'counts' }>, 'phrases' | 'countsPerPhrase' | 'beatsPerMinute'>>;

const edit = (item: Item, part: DosePart, change: Change): PlanCommand => ({
  type: 'edit-item',
  itemId: item.id,
  change: { dose: item.dose.map((one) => (one === part ? withRange({ ...part, ...change }, null) : one)) },
});

/** The nearest number of phrases that closes; where no number of such phrases does, phrases of eight. */
function closing({ phrases, countsPerPhrase }: Extract<DosePart, { kind: 'counts' }>): Change {
  for (let off = 1; off <= 8; off++)
    for (const n of [phrases + off, phrases - off])
      if (n > 0 && n <= 64 && closes(n * countsPerPhrase)) return { phrases: n };
  return { phrases: Math.max(1, Math.round((phrases * countsPerPhrase) / 8)), countsPerPhrase: 8 };
}

function useOf(piece: Piece, plan: Plan, { events }: Pick<Timeline, 'events'>): PieceUse {
  const itemIds = itemsOf(plan)
    .filter((item) => item.piece === piece.id)
    .map(({ id }) => id);
  const on = new Set(itemIds);
  const played = events.filter(
    ({ itemId, activity, kind }) => on.has(itemId ?? '') && (activity === 'work' || kind === 'count-in'),
  );
  const from = Math.min(...played.map(({ startMs }) => startMs));
  const to = Math.max(...played.map(({ endMs }) => endMs));
  const takesMs = played.length === 0 ? 0 : to - from;
  return { piece, itemIds, takesMs, leftMs: piece.seconds * 1000 - takesMs };
}
