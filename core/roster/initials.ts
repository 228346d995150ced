/** The first letters of a name's first and last word, as they are written on a screen that others see. */
function initialsFrom(name: string, letters: number): string {
  const words = name.trim().split(/\s+/);
  const first = [...(words[0] ?? '')][0] ?? '';
  const last =
    words.length > 1
      ? [...(words.at(-1) ?? '')].slice(0, letters).join('')
      : [...(words[0] ?? '')].slice(1, letters).join('');
  return (first + last)
    .replace(/^./u, (c) => c.toUpperCase())
    .replace(/(?<=^.)./u, (c) => (words.length > 1 ? c.toUpperCase() : c));
}

/**
 * Initials that tell people of one room apart: as few letters as will do, and a number where even that is the same.
 * @example initialsIn([{ id: 'a', name: 'Mara Lind' }, { id: 'b', name: 'Mo Lark' }]) // a: "MLi", b: "MLa"
 */
export function initialsIn(
  people: readonly { readonly id: string; readonly name: string }[],
): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  let open = [...people];
  for (let letters = 1; letters <= 3 && open.length > 0; letters++) {
    const made = open.map((person) => ({ person, initials: initialsFrom(person.name, letters) }));
    const often = new Map<string, number>();
    for (const { initials } of made) often.set(initials, (often.get(initials) ?? 0) + 1);
    for (const { person, initials } of made)
      if (often.get(initials) === 1 && ![...found.values()].includes(initials)) found.set(person.id, initials);
    open = open.filter(({ id }) => !found.has(id));
  }
  open.forEach((person, i) => found.set(person.id, `${initialsFrom(person.name, 3)}${i + 1}`));
  return found;
}
