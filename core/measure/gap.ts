import { type Point, sameFootAndDay } from './point';
import { mostAboveByHand } from './input';

/**
 * The gap between what the hand does and what the toe does on its own, of the same foot and day. The toe above the hand
 * by no more than the noise of both is a gap of nothing, once somebody has said that it stands; by more it is asked about.
 */
export function gapPoints(byHand: readonly Point[], unaided: readonly Point[]): Point[] {
  const handOf = sameFootAndDay(byHand);
  return unaided.flatMap((own) => {
    const hand = handOf(own);
    if (!hand || (hand.asked && !hand.stands) || (own.asked && !own.stands)) return [];
    const above = own.value - hand.value;
    const value = Math.max(0, -above);
    return [
      {
        ...own,
        readingIds: [...hand.readingIds, ...own.readingIds],
        value,
        x: value,
        // each reading brings its own share of the variance: 3² and 3.5²
        f: (9 * hand.f + 12.25 * own.f) / 21.25,
        cap: Infinity,
        picked: hand.picked || own.picked,
        asked: above > mostAboveByHand ? ('own-above-by-hand' as const) : null,
        stands: false,
      },
    ];
  });
}
