import type { Gate } from '../exercise';
import { type History, dayOf } from '../measure';
import { type LadderNote, isKind, isOf } from './ladder-note';

/** Two occasions further apart than this do not belong together: about six weeks. */
const togetherDays = 42;

/** What a foot has shown of a gate. */
export interface Shown {
  /** Occasions that belong together, on different dates, up to today. */
  readonly occasions: number;
  /** Nothing was looked at or measured yet. */
  readonly missing: boolean;
  /** The newest reading is one that somebody has to answer for first. */
  readonly doubtful: boolean;
}

interface Look {
  readonly day: number;
  /** Same floor, same footwear: only those belong together. */
  readonly kind: string;
  readonly passed: boolean;
}

/** Newest looks that passed, without a miss or a long gap between, on different dates. */
function together(looks: readonly Look[]): number {
  let days = 0;
  let newer: Look | null = null;
  for (const look of [...looks].sort((a, b) => b.day - a.day)) {
    if (!look.passed) break;
    if (newer && (newer.day - look.day > togetherDays || newer.kind !== look.kind)) break;
    if (newer?.day !== look.day) days += 1;
    newer = look;
  }
  return days;
}

/**
 * What a foot has shown of a gate since it stands on a level.
 * @param notes of this student and exercise
 * @param history of the check the gate asks for; null where it asks for none
 */
export function shownOf(
  gate: Gate,
  foot: 'left' | 'right',
  rungId: string,
  since: string,
  notes: readonly LadderNote[],
  history: History | null,
): Shown {
  if (gate.test === 'check') return shownByCheck(gate, foot, since, history);
  const own = notes.filter((note) => isOf(foot, note) && note.date >= since);
  const looks = [
    ...own.filter(isKind('clean')).flatMap(({ date, what }): Look[] => {
      if (what.rungId !== rungId) return [];
      const kind = `${what.conditions.surface} ${what.conditions.footwear}`;
      const enough = gate.value === null || (what.value !== null && what.value >= gate.value);
      // less than was asked for, and clean, is neither an occasion nor a miss
      return enough ? [{ day: dayOf(date), kind, passed: true }] : [];
    }),
    ...own
      .filter(isKind('missed'))
      .flatMap(({ date, what }): Look[] =>
        what.rungId === rungId ? [{ day: dayOf(date), kind: '', passed: false }] : [],
      ),
  ];
  return {
    occasions: together(looks),
    missing: !own.some(({ what }) => what.kind !== 'placed' && 'rungId' in what && what.rungId === rungId),
    doubtful: false,
  };
}

function shownByCheck(gate: Gate, foot: 'left' | 'right', since: string, history: History | null): Shown {
  const judged = (history?.judged ?? []).filter((one) => isOf(foot, one) && one.day >= dayOf(since));
  const last = judged.at(-1);
  if (!history || !last) return { occasions: 0, missing: true, doubtful: false };
  const { result } = history.protocol;
  const hoped =
    result.gives === 'ordered' ? result.answers.at(-1) : result.gives === 'named' ? result.hoped : 'nowhere';
  const looks = judged
    .filter(({ verdict }) => verdict !== 'ask' && verdict !== 'refused')
    .map(({ day, series, value }): Look => ({
      day,
      kind: series,
      passed: typeof value === 'number' ? value >= (gate.value ?? 0) : value === hoped,
    }));
  return { occasions: together(looks), missing: false, doubtful: last.verdict === 'ask' };
}
