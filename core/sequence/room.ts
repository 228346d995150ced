import type { Fault } from '../exercise';
import { floorSuits } from '../kit';
import { sayLength } from '../say-time';
import { alternativeTo, leftOut, moved } from './mend';
import { type Place, type Rule, rule } from './rule';

/** A floor that the exercise cannot be done on, mats or not. */
export const wrongFloor: Rule = rule({
  id: 'floor',
  severity: 'hard',
  reason: 'The floor of the room does not let it work, or makes it unsafe.',
  begin: () => null,
  take: (state: null, place, context) => {
    const { floor } = context.plan.brief;
    const { execution } = place;
    // A mat can be laid on any floor; a cloth cannot be made to slide on carpet.
    const surface = execution.floor === 'padded' && !floorSuits('padded', [], floor) ? 'mat' : floor;
    if (floorSuits(execution.floor, execution.floorsRuledOut, surface)) return { state };
    const why = execution.floor === 'smooth-hard' ? 'needs a smooth hard floor' : `is not for ${floor}`;
    return {
      state,
      breaches: [
        {
          itemIds: [place.item.id],
          words: `${place.name} ${why}; this class is on ${floor}.`,
          mend: () => alternativeTo(context, place, () => true) ?? leftOut(place),
        },
      ],
    };
  },
});

interface Mats {
  readonly out: boolean;
  readonly laid: readonly Place[];
  readonly last: Place | null;
}

/** Mats out once, not again and again. */
export const matsTwice: Rule = rule({
  id: 'mats-twice',
  severity: 'soft',
  reason: 'Each time mats come out and go away the room stops.',
  begin: (): Mats => ({ out: false, laid: [], last: null }),
  take: ({ out, laid, last }: Mats, place, context) => {
    const { floor } = context.plan.brief;
    const needs = place.execution.floor === 'padded' && !floorSuits('padded', [], floor);
    const again = needs && !out && laid.length > 0;
    const target = laid.at(-1);
    const seconds = context.plan.pace.floorChangeSeconds;
    return {
      state: { out: needs, laid: needs ? [...laid, place] : laid, last: place },
      breaches:
        again && target && last
          ? [
              {
                itemIds: [target.item.id, place.item.id],
                words: `Mats go away after ${target.name} and come out again for ${place.name}: ${sayLength(2 * seconds * 1000)}.`,
                weight: 2 * seconds,
                mend: () => moved(place, 'after', target),
              },
            ]
          : [],
    };
  },
});

const seenFrom: Readonly<Record<'front' | 'behind', ReadonlySet<Fault['from']>>> = {
  front: new Set<Fault['from']>(['front', 'above', 'mirror in front', 'inner side', 'outer side']),
  behind: new Set<Fault['from']>(['behind', 'inner side', 'outer side']),
};

/** A fault that cannot be seen from where the teacher stands. */
export const unseenFault: Rule = rule({
  id: 'unseen-fault',
  severity: 'note',
  reason: 'A fault shows from one side only. Where you stand decides what you can correct.',
  begin: (): readonly Place[] => [],
  take: (so: readonly Place[], place, context) => {
    const at = context.plan.brief.teacherAt;
    if (at === 'walks') return { state: so };
    const { faults } = place.execution;
    const blind = faults.length > 0 && !seenFrom[at].has(faults[0]?.from ?? 'front');
    return { state: blind ? [...so, place] : so };
  },
  end: (blind, context) => {
    const [first] = blind;
    if (!first) return [];
    const fault = first.execution.faults[0];
    const more = blind.length > 1 ? `, and ${blind.length - 1} more like it` : '';
    return [
      {
        itemIds: blind.map((p) => p.item.id),
        words: `Standing ${context.plan.brief.teacherAt === 'front' ? 'in front' : 'behind'}, you cannot see “${fault?.seen ?? ''}” in ${first.name}${more}.`,
        mend: () => ({
          words: 'Walk round in this class',
          command: { type: 'edit-class', change: { brief: { ...context.plan.brief, teacherAt: 'walks' } } },
        }),
      },
    ];
  },
});
