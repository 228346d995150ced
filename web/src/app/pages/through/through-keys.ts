import type { KeyTable } from '../../parts/keys/key-table';
import { designerKeys } from '../designer/designer-keys';

/** The keys of a class that is looked through: those of the designer that work here too, and the way back to it. */
export const throughKeys = {
  where: 'While looking through',
  bindings: [
    ...designerKeys.bindings.filter(isHere),
    { keys: ['c'], shown: 'C', words: 'back to the class', does: 'class' },
  ],
} as const satisfies KeyTable;

type Binding = (typeof designerKeys.bindings)[number];
type Here = Extract<Binding, { readonly does: 'undo' | 'redo' | 'floor' | 'keys' }>;
function isHere(binding: Binding): binding is Here {
  return ['undo', 'redo', 'floor', 'keys'].includes(binding.does);
}
