import type { Protocol } from './protocol';
import type { Judged } from './verdict';
import { changeWords } from './verdict-words';

/** A verdict in two or three words, for a column of them; `verdictWords` has the sentence. */
export function verdictInShort({ result }: Protocol, { verdict, reason, figures, value }: Judged): string {
  const what = () => (result.gives === 'number' && figures ? changeWords(result, figures) : String(value));
  switch (verdict) {
    case 'first-reading':
      return 'first';
    case 'too-early':
      return reason === 'practice' ? 'the last was practice' : 'too early to tell';
    case 'within-noise':
      return 'as before';
    case 'perhaps':
      return `perhaps ${what()}`;
    case 'changed':
      return `changed: ${what()}`;
    case 'not-seen-again':
      return 'as before the last one';
    case 'at-ceiling':
      return result.gives === 'number' ? 'at the ceiling' : 'as hoped';
    case 'at-floor':
      return 'at the floor';
    case 'not-comparable':
      return reason === 'few-trials' ? 'fewer tries' : 'a new row';
    case 'ask':
    case 'refused':
      return 'is it right?';
    case 'not-judged':
      return 'noted';
  }
}
