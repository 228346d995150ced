import type { KeyTable } from '../../parts/keys/key-table';

/** The keys of the designer page itself; its parts have tables of their own. */
export const designerKeys = {
  where: 'In the class',
  bindings: [
    { keys: ['/'], shown: '/', words: 'find an exercise', does: 'find' },
    { keys: ['Control+z'], shown: 'Ctrl Z, Ctrl Shift Z', words: 'undo, redo', does: 'undo', inNumbers: true },
    {
      keys: ['Control+Shift+z', 'Control+y'],
      shown: 'Ctrl Z, Ctrl Shift Z',
      words: 'undo, redo',
      does: 'redo',
      inNumbers: true,
    },
    { keys: ['t'], shown: 'T', words: 'fit to the slot', does: 'fit' },
    { keys: ['o'], shown: 'O', words: 'a better order', does: 'order' },
    { keys: ['w'], shown: 'W', words: 'what is worth a look', does: 'look' },
    { keys: ['f'], shown: 'F', words: 'to the floor', does: 'floor' },
    { keys: ['?'], shown: '?', words: 'these keys', does: 'keys' },
  ],
} as const satisfies KeyTable;

/** The keys of the running order, on an item. */
export const orderKeys = {
  where: 'In the running order',
  bindings: [
    { keys: ['ArrowUp'], shown: '↑ ↓', words: 'the item before or after', does: 'before' },
    { keys: ['ArrowDown'], shown: '↑ ↓', words: 'the item before or after', does: 'after' },
    { keys: ['Alt+ArrowUp'], shown: 'Alt ↑ ↓', words: 'move the item', does: 'up' },
    { keys: ['Alt+ArrowDown'], shown: 'Alt ↑ ↓', words: 'move the item', does: 'down' },
    { keys: ['Delete', 'Backspace'], shown: 'Delete', words: 'take the item out', does: 'remove' },
  ],
} as const satisfies KeyTable;

/** The keys of the search for an exercise. */
export const pickerKeys = {
  where: 'While finding an exercise',
  bindings: [
    { keys: ['Enter'], shown: 'Enter', words: 'add the first exercise found', does: 'first' },
    { keys: ['Escape'], shown: 'Esc', words: 'leave, back to the class', does: 'leave' },
  ],
} as const satisfies KeyTable;
