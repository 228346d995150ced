/** Some words, and the phase of a rep that they tell; null where they tell the whole of it. */
export interface PhaseWords {
  readonly phase: number | null;
  readonly words: string;
}

/** Words that say nothing of a movement by themselves. */
const empty = new Set(['the', 'and', 'then', 'for', 'with', 'two', 'one', 'three', 'your', 'its', 'from', 'into']);
const stems = (text: string): ReadonlySet<string> =>
  new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 1 && !empty.has(word))
      .map((word) => word.replace(/(ing|s|e)$/, '')),
  );

const shared = (a: ReadonlySet<string>, b: ReadonlySet<string>): number => [...a].filter((word) => b.has(word)).length;

/**
 * Which phase each sentence of an action tells, by the words it shares with the phase's name; in the order of the phases,
 * and what shares none goes with what was said before. An action that tells only one phase, or none, tells the rep.
 * @example byPhase('Draw the ball towards the heel. One small fold is plenty. Let it go.', ['draw in', 'let it go'])
 * // phase 0: 'Draw the ball towards the heel. One small fold is plenty.', phase 1: 'Let it go.'
 */
export function byPhase(words: string, phases: readonly string[]): PhaseWords[] {
  const whole = [{ phase: null, words }];
  if (phases.length < 2) return whole;
  for (const stop of [/(?<=[.!?;])\s+/, /(?<=[.!?;,])\s+/]) {
    const told = alongPhases(words.split(stop), phases);
    if (told.length > 1 && told.length === new Set(told.map((t) => t.phase)).size) return told;
  }
  return whole;
}

function alongPhases(clauses: readonly string[], phases: readonly string[]): PhaseWords[] {
  const names = phases.map(stems);
  const told: { phase: number; words: string }[] = [];
  for (const clause of clauses) {
    const at = told.at(-1)?.phase ?? 0;
    const own = stems(clause);
    const best = names
      .map((name, phase) => ({ phase, score: phase < at ? 0 : shared(own, name) }))
      .reduce((a, b) => (b.score > a.score ? b : a), { phase: at, score: 0 });
    const last = told.at(-1);
    if (last?.phase === best.phase) last.words = `${last.words} ${clause}`;
    else told.push({ phase: best.phase, words: clause });
  }
  return told;
}
