import { amountName, numberIn } from '../../dose';
import type { DosePart } from '../../dose';
import type { Gate } from '../ladder';
import { checks } from '../../measure';
import type { Sense } from './note';

/** The biggest number that an ordinary class reaches on a level: reps of one set, seconds of one hold. */
function usualOf(part: DosePart, unit: 'reps' | 'seconds'): number | null {
  if (unit === 'reps') return part.kind === 'reps' ? numberIn(part, 'reps') : null;
  if (part.kind === 'hold') return numberIn(part, 'holdSeconds');
  return part.kind === 'timed' || part.kind === 'byFeel' ? numberIn(part, amountName(part)) : null;
}

function unitOf({ test, check }: Gate): 'reps' | 'seconds' | null {
  if (test === 'clean-reps') return 'reps';
  if (test === 'clean-hold-seconds') return 'seconds';
  const result = check === undefined ? null : checks[check].result;
  return result?.gives === 'number' && (result.unit === 'reps' || result.unit === 'seconds') ? result.unit : null;
}

/** Words that let everybody through, or that mean what no gate may mean (common practice, no source). */
const wrong: readonly {
  readonly says: RegExp;
  readonly clearedBy?: RegExp;
  readonly why: string;
  readonly all?: boolean;
}[] = [
  { says: /\b(is|are) (noted|written down)\b/i, why: 'anything passes: it is written down whatever it is', all: true },
  { says: /\bon (two|three|\d+) days\b|\btwice\b/i, why: 'the number of days stands beside it already' },
  { says: /\b(wobbl\w*|sway\w*|quietly)\b/i, why: 'a wobble is no fault: who has support goes on' },
  { says: /\bneed not\b/i, clearedBy: /\binstead\b/i, why: 'it says who need not, and not what they do instead' },
  { says: /\bsore(ness)?\b/i, why: 'soreness next day is fine; pain is what counts' },
  { says: /\b(comfortable|feels?|tenderness)\b/i, why: 'nobody but the student can know it; say what shows' },
];

/** A gate can be passed in an ordinary class by somebody who is ready, and by nobody who is not. */
export const gates: Sense = ({ rung, done }) => {
  const gate = rung?.gate;
  if (!rung || !gate) return [];
  const unit = unitOf(gate);
  const most = unit === null ? null : Math.max(0, ...done.doses.usual.map((part) => usualOf(part, unit) ?? 0));
  const high =
    unit !== null && most !== null && gate.value !== null && gate.value > most
      ? [
          {
            code: 'gate-above-usual' as const,
            words: `“${rung.name}”: to move up asks for ${gate.value} ${unit}, and the usual dose ${most === 0 ? `has no ${unit}` : `ends at ${most}`}. In an ordinary class nobody would pass; ask for what the level does.`,
          },
        ]
      : [];
  const least = unit === null ? 0 : Math.max(0, ...done.doses.least.map((part) => usualOf(part, unit) ?? 0));
  const low =
    gate.value !== null && gate.value < least
      ? [
          {
            code: 'gate-passes-everybody' as const,
            words: `“${rung.name}”: to move up asks for ${gate.value} ${unit}, and the least dose is ${least}: who does the least has passed.`,
          },
        ]
      : [];
  const said = wrong
    .filter(({ says, clearedBy }) => says.test(gate.words) && !clearedBy?.test(gate.words))
    .map(({ why, all }) => ({
      code: all ? ('gate-passes-everybody' as const) : ('gate-says-what-is-not-meant' as const),
      words: `“${rung.name}”: to move up, “${gate.words}”: ${why}.`,
    }));
  return [...high, ...low, ...said];
};
