import { applyCommand } from '../plan';
import { sayLength } from '../say-time';
import { type Need, type Room, arrivalMs, buildTimeline, leadOf, needOf, roomAfter, visitsOf } from '../timeline';
import { moved } from './mend';
import { type Entry, type ReviewContext, classRule } from './rule';

/** A saving worth a word, ms. */
const leastSavingMs = 20_000;

/** What an item asks of the room, visit by visit, where it is taught in one stretch. */
const needsOf = ({ item, block, execution, floor }: Entry, { plan }: ReviewContext): readonly Need[] =>
  visitsOf({ item, blockId: block.id, execution, floor, turns: 1, lead: leadOf(plan, item) }).map(needOf);

/**
 * Few changes of position, kit and band: the one move inside a block that saves most. Candidates are ranked by the
 * transitions alone; the saving that is said is the timeline's.
 */
export const changesSaved = classRule({
  id: 'changes',
  severity: 'soft',
  suggests: true,
  reason: 'Each change of position, kit or band stops the room.',
  look: (context) => {
    const { entries, plan } = context;
    const needs = entries.map((entry) => needsOf(entry, context));
    // The room before each item as the class stands: what is out stays out, whatever is moved.
    const rooms: (Room | null)[] = [];
    needs.reduce<Room | null>((room, visits) => {
      rooms.push(room);
      return visits.reduce<Room | null>(roomAfter, room);
    }, null);
    /** Getting to item `b` straight after item `a`, ms. */
    const gap = (a: number, b: number) => {
      const [to] = needs[b] ?? [];
      const from = (needs[a] ?? []).reduce<Room | null>(roomAfter, rooms[a] ?? null);
      return to ? arrivalMs(a < 0 ? null : from, to, plan) : 0;
    };
    let best: { readonly from: number; readonly to: number; readonly ms: number } | null = null;
    for (const [from, entry] of entries.entries()) {
      // The first item costs nothing to get to: moving it only moves that gift to another.
      if (from === 0 || entry.item.locked || entry.item.musicRunsOn || entry.item.recheck) continue;
      const out = gap(from - 1, from) + gap(from, from + 1) - gap(from - 1, from + 1);
      for (const [to, target] of entries.entries()) {
        if (target.block.id !== entry.block.id || to === from || to === from - 1) continue;
        // A drill that comes back at the end comes back on purpose.
        if (target.item.exerciseId === entry.item.exerciseId || target.item.recheck?.of) continue;
        // behind `to`
        const into = gap(to, from) + gap(from, to + 1) - gap(to, to + 1);
        if (out - into > (best?.ms ?? 0)) best = { from, to, ms: out - into };
      }
    }
    if (!best || best.ms < leastSavingMs) return [];
    const [entry, target] = [entries[best.from], entries[best.to]];
    if (!entry || !target) return [];
    const mend = moved(entry, 'after', target);
    const after = applyCommand(plan, mend.command);
    const known = new Map(entries.map((e) => [e.item.revision, e.execution.exercise]));
    if (!after.ok) return [];
    const timeline = buildTimeline({ plan: after.value, find: (r) => known.get(r) ?? null });
    const savedMs = context.timeline.totalMs - timeline.totalMs;
    if (savedMs < leastSavingMs) return [];
    return [
      {
        itemIds: [entry.item.id, target.item.id],
        cost: savedMs / 1000,
        explain: () => ({
          words: `${entry.name} beside ${target.name} saves ${sayLength(savedMs)} of moving about.`,
          mends: () => [{ ...mend, mostMs: -leastSavingMs }],
        }),
      },
    ];
  },
});
