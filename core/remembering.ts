/**
 * A function that answers at once what it was asked before.
 * @param work the same answer to the same question, always
 * @param most answers that are kept; behind them it begins anew
 */
export function remembering<K extends string | number, V>(work: (asked: K) => V, most: number): (asked: K) => V {
  const known = new Map<K, V>();
  return (asked) => {
    const before = known.get(asked);
    if (before !== undefined) return before;
    const answer = work(asked);
    if (known.size >= most) known.clear();
    known.set(asked, answer);
    return answer;
  };
}
