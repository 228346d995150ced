import { kitNames } from '../kit';
import type { PutOut } from '../timeline';

/** What to put out, in a line: "mat × 8 · firm ball (2 each) · chair × 2, for an option". */
export function putOutWords(list: readonly PutOut[]): string {
  const each = (n: number) => (n === 1 ? 'one each' : `${n} each`);
  return list
    .map(({ kit, count, perPerson, forOptionOnly }) => {
      const amount = count === null ? `(${each(perPerson)})` : `× ${count}`;
      return `${kitNames[kit]} ${amount}${forOptionOnly ? ', for an option' : ''}`;
    })
    .join(' · ');
}
