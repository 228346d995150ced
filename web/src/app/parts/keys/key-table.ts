/** One thing that a key does: the table that handlers and the sheet of keys are made from. */
export interface KeyBinding<Doing extends string = string> {
  /** As the browser calls them: "ArrowUp", "Alt+ArrowUp", "Control+z", "/". */
  readonly keys: readonly string[];
  /** As they stand on the sheet: "Alt ↑ ↓". Bindings of one table with the same words are one line. */
  readonly shown: string;
  readonly words: string;
  /** What it is called in the code of its page. */
  readonly does: Doing;
  /** Works also in a number of a dose and in a list to choose from: they have nothing of their own to undo. */
  readonly inNumbers?: boolean;
}

/** Keys of one place: a page, or a part of it. */
export interface KeyTable<Doing extends string = string> {
  readonly where: string;
  readonly bindings: readonly KeyBinding<Doing>[];
}

/** A pressed key as tables write it. Command counts as Control. */
export function keyOf(event: KeyboardEvent): string {
  const letter = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const control = event.ctrlKey || event.metaKey;
  const held = [control ? 'Control+' : '', event.altKey ? 'Alt+' : '', control && event.shiftKey ? 'Shift+' : ''];
  return `${held.join('')}${letter}`;
}

/** What a pressed key does here; null where it does nothing, or somebody is writing. */
export function doingOf<Doing extends string>(table: KeyTable<Doing>, event: KeyboardEvent): Doing | null {
  const pressed = keyOf(event);
  const binding = table.bindings.find(({ keys }) => keys.includes(pressed));
  if (!binding) return null;
  const { target } = event;
  const writes = target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');
  const inNumber = target instanceof HTMLElement && target.matches('[role="spinbutton"], select');
  return writes && !(binding.inNumbers && inNumber) ? null : binding.does;
}

/** A table as lines of the sheet. */
export function linesOf({ bindings }: KeyTable): { readonly shown: string; readonly words: string }[] {
  return bindings
    .filter((binding, i) => bindings.findIndex((b) => b.shown === binding.shown && b.words === binding.words) === i)
    .map(({ shown, words }) => ({ shown, words }));
}
