import type { KeyTable } from '../keys/key-table';

export const numberKeys = {
  where: 'In a number',
  bindings: [
    { keys: ['ArrowUp'], shown: '↑ ↓', words: 'the next value a teacher would say', does: 'more', inNumbers: true },
    { keys: ['ArrowDown'], shown: '↑ ↓', words: 'the next value a teacher would say', does: 'less', inNumbers: true },
    { keys: ['Escape'], shown: 'Esc', words: 'back to what it was', does: 'back', inNumbers: true },
  ],
} as const satisfies KeyTable;
