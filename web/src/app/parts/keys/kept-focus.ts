const focusable =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex]';
/** A page, or what lies over it; one with keys of its own for everything (a class being taught) is left alone. */
const place = 'main:not([data-own-keys]), [role="dialog"]';
/** Keys by which something is done with what has the focus; where one writes, only the first of them. */
const doing = new Set(['Enter', ' ', 'Delete', 'Backspace']);
const written = 'textarea, input:not([type="checkbox"], [type="radio"], [type="button"])';

interface Before {
  readonly element: HTMLElement;
  /** What it stands in, from the inside out, up to its page. */
  readonly around: readonly Element[];
  /** What could have the focus on its page before it, the nearest first. */
  readonly before: readonly HTMLElement[];
}

/**
 * Whoever works by keyboard stays where they are: where what they pressed goes away with its row, or makes room for
 * something else, the focus goes to what stands there now, and not back to the top of the page.
 * @param page whose focus it is
 * @returns ends it
 */
export function keepFocus(page: Document): () => void {
  let last: Before | null = null;
  const pressed = (event: KeyboardEvent): void => {
    const element = event.target;
    const root = element instanceof HTMLElement ? element.closest(place) : null;
    last = null;
    if (!root || !(element instanceof HTMLElement) || !doing.has(event.key)) return;
    // a page is not looked through at every word that is written on it
    if (event.key !== 'Enter' && element.matches(written)) return;
    const all = focusablesIn(root);
    const around: Element[] = [];
    for (let at = element.parentElement; at; at = at === root ? null : at.parentElement) around.push(at);
    last = { element, around, before: all.slice(0, Math.max(0, all.indexOf(element))).reverse() };
  };
  const forget = (): void => {
    last = null;
  };
  const changed = (): void => {
    if (last === null || last.element.isConnected || page.activeElement !== page.body) return;
    const gone = last;
    last = null;
    // who removed it may have a better place in mind: they come first
    requestAnimationFrame(() =>
      setTimeout(() => {
        if (page.activeElement === page.body) standIn(gone)?.focus();
      }),
    );
  };
  const watcher = new MutationObserver(changed);
  watcher.observe(page.body, { subtree: true, childList: true });
  page.addEventListener('keydown', pressed, true);
  page.addEventListener('pointerdown', forget, true);
  return () => {
    watcher.disconnect();
    page.removeEventListener('keydown', pressed, true);
    page.removeEventListener('pointerdown', forget, true);
  };
}

/** What stands now where something stood; null where its page is gone too. */
function standIn({ around, before }: Before): HTMLElement | null {
  for (const part of around) {
    if (!part.isConnected) continue;
    const here = focusablesIn(part);
    const left = before.find((one) => one.isConnected && part.contains(one));
    const next = here[left ? here.indexOf(left) + 1 : 0] ?? here.at(-1);
    if (next) return next;
  }
  return null;
}

/** Nobody comes by Tab to what is not in the order of the page, or not seen; the latter is known where it is laid out. */
const isReached = (element: Pick<HTMLElement, 'tabIndex'> & Partial<Pick<Element, 'checkVisibility'>>): boolean =>
  element.tabIndex >= 0 && element.checkVisibility?.() !== false;
const focusablesIn = (part: Element): HTMLElement[] =>
  [...part.querySelectorAll<HTMLElement>(focusable)].filter(isReached);
