import { type KeyTable, keyOf } from '../../parts/keys/key-table';

type Moving = 'next' | 'back' | 'down' | 'up';

/** How one gets about in a look without a mouse; typing goes on in the fields. */
export const lookKeys: KeyTable<Moving> = {
  where: 'While taking readings',
  bindings: [
    { keys: ['Enter'], shown: '⏎', words: 'next field', does: 'next' },
    { keys: ['Alt+ArrowUp'], shown: 'Alt ↑', words: 'field before', does: 'back' },
    { keys: ['ArrowDown'], shown: '↓', words: 'same field of the next person', does: 'down' },
    { keys: ['ArrowUp'], shown: '↑', words: 'same field of the person before', does: 'up' },
  ],
};

/** The field to which a key leads from here; null where it leads nowhere. */
export function fieldAfter(event: KeyboardEvent, rows: readonly HTMLElement[]): HTMLInputElement | null {
  const here = event.target;
  if (!(here instanceof HTMLInputElement)) return null;
  const pressed = keyOf(event);
  const moving = lookKeys.bindings.find(({ keys }) => keys.includes(pressed))?.does;
  if (!moving) return null;
  const fields = rows.map((row) => [...row.querySelectorAll('input')]);
  const row = fields.findIndex((own) => own.includes(here));
  const at = fields[row]?.indexOf(here) ?? -1;
  if (at === -1) return null;
  const all = fields.flat();
  switch (moving) {
    case 'next':
      return all[all.indexOf(here) + 1] ?? null;
    case 'back':
      return all[all.indexOf(here) - 1] ?? null;
    case 'down':
      return fields.slice(row + 1).find((own) => own[at])?.[at] ?? null;
    case 'up':
      return fields.slice(0, row).findLast((own) => own[at])?.[at] ?? null;
  }
}
