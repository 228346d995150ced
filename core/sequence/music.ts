import { classMusic } from '../music';
import { sayLength } from '../say-time';
import { classRule } from './rule';

/** A piece of music that ends before what stands on it. */
export const musicRunsOut = classRule({
  id: 'music-runs-out',
  severity: 'soft',
  reason: 'The music ends in the middle of a phrase, and the class stops to look at the teacher.',
  look: ({ plan, timeline, entry }) =>
    classMusic(plan, timeline)
      .pieces.filter(({ leftMs }) => leftMs < 0)
      .map(({ piece, itemIds, leftMs }) => ({
        itemIds,
        about: piece.id,
        cost: -leftMs / 1000,
        explain: () => {
          const names = itemIds.flatMap((id) => entry(id)?.name ?? []).join(', ');
          return {
            words: `“${piece.title}” is over ${sayLength(-leftMs)} before ${names} ${itemIds.length === 1 ? 'is' : 'are'}.`,
            mends: () => [
              {
                words: 'Let the last one go without it',
                command: {
                  type: 'edit-item',
                  itemId: itemIds.at(-1) ?? '',
                  change: { piece: null, musicRunsOn: false },
                },
              },
            ],
          };
        },
      })),
});

/** Counts at another tempo than the piece they are done to. */
export const otherTempo = classRule({
  id: 'other-tempo',
  severity: 'soft',
  reason: 'Feet follow the music and not the plan: the times shown would be others.',
  look: ({ plan, timeline, entry }) =>
    classMusic(plan, timeline).items.flatMap(({ itemId, piece, beatsPerMinute, toTempo }) => {
      if (!piece || !toTempo) return [];
      return [
        {
          itemIds: [itemId],
          cost: Math.abs(piece.beatsPerMinute - beatsPerMinute),
          explain: () => ({
            words: `${entry(itemId)?.name ?? ''} counts ${beatsPerMinute} a minute, “${piece.title}” plays ${piece.beatsPerMinute}.`,
            mends: () => [{ words: `Count ${piece.beatsPerMinute}`, command: toTempo }],
          }),
        },
      ];
    }),
});

/** Counts that leave an eight open. */
export const openEight = classRule({
  id: 'open-eight',
  severity: 'note',
  reason: 'Music goes in eights: what ends inside one ends against it.',
  look: ({ plan, timeline, entry }) =>
    classMusic(plan, timeline).items.flatMap(({ itemId, counts, eights, toClose }) =>
      toClose === null
        ? []
        : [
            {
              itemIds: [itemId],
              cost: counts % 8,
              explain: () => ({
                words: `${entry(itemId)?.name ?? ''}: ${counts} counts are ${eights}.`,
                mends: () => [{ words: 'Close it on an eight', command: toClose }],
              }),
            },
          ],
    ),
});
