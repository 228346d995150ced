import type { KeyTable } from '../keys/key-table';

export const threadKeys = {
  where: 'On the thread',
  bindings: [
    { keys: ['ArrowLeft'], shown: '← →', words: 'from item to item', does: 'before' },
    { keys: ['ArrowRight'], shown: '← →', words: 'from item to item', does: 'after' },
    { keys: ['Home'], shown: 'Home, End', words: 'the first item, the last', does: 'first' },
    { keys: ['End'], shown: 'Home, End', words: 'the first item, the last', does: 'last' },
    { keys: ['+', '='], shown: '+ − 0', words: 'closer, wider, the whole class', does: 'closer' },
    { keys: ['-'], shown: '+ − 0', words: 'closer, wider, the whole class', does: 'wider' },
    { keys: ['f'], shown: 'F', words: 'fold it to the two feet, unfold it', does: 'fold' },
    { keys: ['0'], shown: '+ − 0', words: 'closer, wider, the whole class', does: 'whole' },
  ],
} as const satisfies KeyTable;
