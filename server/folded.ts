// everything printable of ASCII, so that most titles need no taking apart
const plain = /^[ -~]*$/;

/** Text as it is compared in a search: without case and accents. */
export const folded = (text: string): string => {
  const bare = plain.test(text) ? text : text.normalize('NFD').replace(/\p{Diacritic}/gu, '');
  return bare.toLowerCase().replace(/\s+/g, ' ').trim();
};
