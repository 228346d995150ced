import type { KeyTable } from '../../parts/keys/key-table';

/** The keys on the floor; a foot pedal sends Page Down, a presenter's key Page Up. */
export const floorKeys = {
  where: 'On the floor',
  bindings: [
    {
      keys: [' ', 'Enter', 'PageDown'],
      shown: 'Space, Page Down',
      words: 'set up, count, hold, go on',
      does: 'primary',
    },
    { keys: ['ArrowRight'], shown: '← →', words: 'back, next', does: 'next' },
    { keys: ['ArrowLeft', 'PageUp'], shown: '← →', words: 'back, next', does: 'back' },
    { keys: ['+'], shown: '+ −', words: 'one more set, one less', does: 'more' },
    { keys: ['-'], shown: '+ −', words: 'one more set, one less', does: 'less' },
    { keys: ['a'], shown: 'A', words: 'again, from the beginning of it', does: 'again' },
    { keys: ['n'], shown: 'N', words: 'skip to the next item', does: 'skip' },
    { keys: ['e'], shown: 'E', words: 'an easier level, for everybody', does: 'easier' },
    { keys: ['s'], shown: 'S', words: 'put a shake-out in', does: 'shake' },
    { keys: ['l'], shown: 'L', words: 'put a look again in', does: 'look' },
    { keys: ['p'], shown: 'P', words: 'somebody feels something', does: 'feels' },
    { keys: ['o'], shown: 'O', words: 'the other foot: do what is owed', does: 'owed' },
    { keys: ['c'], shown: 'C', words: 'catch up: show what gives way', does: 'late' },
    { keys: ['v'], shown: 'V', words: 'a voice says the words, or not', does: 'voice' },
    { keys: ['u'], shown: 'U', words: 'take the last tap back', does: 'undo' },
    { keys: ['m'], shown: 'M', words: 'tones on or off', does: 'tones' },
    { keys: ['f'], shown: 'F', words: 'show the mirror side, or not', does: 'facing' },
    { keys: ['?'], shown: '?', words: 'these keys', does: 'keys' },
  ],
} as const satisfies KeyTable;
export type FloorDoing = (typeof floorKeys)['bindings'][number]['does'];
