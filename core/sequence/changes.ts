import { applyCommand } from '../plan';
import { sayLength } from '../say-time';
import { type HandOver, buildTimeline, handOverOf, transition } from '../timeline';
import { moved } from './mend';
import { ladderOrder, prepared } from './order';
import { type Place, type ReviewContext, type Rule, rule } from './rule';
import { contextOf, findingsOf } from './run-rules';
import { eyesShutEarly, impactCold, unsteadyEarly } from './safety';

/** A saving worth a word, seconds. */
const leastSaving = 20;

const handOf = (place: Place, context: ReviewContext): HandOver =>
  handOverOf(place.execution, place.execution.sidePattern === 'each' ? 'left' : 'both', context.plan.brief.floor);

const ordered = [impactCold, eyesShutEarly, unsteadyEarly, ladderOrder, prepared];
const breaksOrder = (context: ReviewContext) => ordered.some((each) => findingsOf(each, context).length > 0);

/**
 * Few changes of position, kit and band: the one move inside a block that saves most. Candidates are ranked by the
 * transitions alone; the saving that is said is the timeline's.
 */
export const changesSaved: Rule = rule({
  id: 'changes',
  severity: 'soft',
  reason: 'Each change of position, kit or band stops the room.',
  begin: () => null,
  take: (state: null) => ({ state }),
  end: (_, context) => {
    const { places, plan } = context;
    const hands = places.map((p) => handOf(p, context));
    const gap = (a: number, b: number) => {
      const to = hands[b];
      return to ? transition(hands[a] ?? null, to, plan.pace).reduce((ms, t) => ms + t.ms, 0) : 0;
    };
    let best: { readonly from: number; readonly to: number; readonly ms: number } | null = null;
    for (const [from, place] of places.entries()) {
      // The first item costs nothing to get to: moving it only moves that gift to another.
      if (from === 0 || place.item.locked || place.item.musicRunsOn) continue;
      const out = gap(from - 1, from) + gap(from, from + 1) - gap(from - 1, from + 1);
      for (const [to, target] of places.entries()) {
        if (target.block.id !== place.block.id || to === from || to === from - 1) continue;
        // behind `to`
        const into = gap(to, from) + gap(from, to + 1) - gap(to, to + 1);
        if (out - into > (best?.ms ?? 0)) best = { from, to, ms: out - into };
      }
    }
    if (!best || best.ms < leastSaving * 1000) return [];
    const [place, target] = [places[best.from], places[best.to]];
    if (!place || !target) return [];
    const mend = moved(place, 'after', target);
    const after = applyCommand(plan, mend.command);
    const known = new Map(places.map((p) => [p.item.revision, p.execution.exercise]));
    if (!after.ok) return [];
    const timeline = buildTimeline({ plan: after.value, find: (r) => known.get(r) ?? null });
    const savedMs = context.timeline.totalMs - timeline.totalMs;
    if (savedMs < leastSaving * 1000 || breaksOrder(contextOf({ ...context, plan: after.value, timeline }))) return [];
    return [
      {
        itemIds: [place.item.id, target.item.id],
        words: `${place.name} beside ${target.name} saves ${sayLength(savedMs)} of moving about.`,
        weight: savedMs / 1000,
        mend: () => mend,
      },
    ];
  },
});
