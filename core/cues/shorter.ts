import { wordsIn } from '../speaking';

/** Where a sentence may stop: behind a full stop, then behind a colon, semicolon or dash, then behind a comma. */
const stops = [/(?<=[.!?])\s+/, /(?<=[:;])\s+|\s+–\s+/, /(?<=,)\s+/];

const closed = (text: string): string => {
  const bare = text.trim().replace(/[,;:–-]+$/, '');
  return /[.!?]$/.test(bare) ? bare : `${bare}.`;
};

/**
 * A shorter wording that can be said in so many words: as much of the text, from its beginning, as ends where a sentence
 * or a clause ends. The idea that comes first is the one that stays.
 * @returns null where even the first clause is too long, or nothing need go
 * @example shorter('Shorten the foot: draw the ball towards the heel. Let it go.', 10) // 'Shorten the foot: draw the ball towards the heel.'
 */
export function shorter(text: string, mostWords: number): string | null {
  if (wordsIn(text) <= mostWords) return null;
  for (const stop of stops) {
    const pieces = text.split(stop);
    let kept = '';
    for (const piece of pieces) {
      const longer = kept === '' ? piece : text.slice(0, text.indexOf(piece, kept.length) + piece.length);
      if (wordsIn(longer) > mostWords) break;
      kept = longer;
    }
    if (kept !== '') return closed(kept);
  }
  return null;
}
