import type { StandingRow, StudioNoise } from '@core/contract';
import { type Latest, type Reading, checks, checksIn, dateOf, historyOf, verdictWords } from '@core/measure';
import type { NoiseStore } from './noise';
import type { ReadingStore } from './readings';

interface Known {
  readonly changes: number;
  readonly noise: StudioNoise;
  readonly rows: readonly StandingRow[];
  readonly judged: number;
}

/** Where students stand in their checks, judged; kept until one of their readings or the studio's noise changes. */
export class Standings {
  private readonly known = new Map<string, Known>();

  constructor(
    private readonly readings: ReadingStore,
    private readonly noise: NoiseStore,
  ) {}

  of(studentIds: readonly string[]): { readonly rows: StandingRow[]; readonly judged: number } {
    const noise = this.noise.all();
    const stale = studentIds.filter((id) => {
      const known = this.known.get(id);
      return known?.changes !== this.readings.changesOf(id) || known.noise !== noise;
    });
    const byStudent = new Map<string, Reading[]>(stale.map((id) => [id, []]));
    for (const reading of this.readings.of(stale)) byStudent.get(reading.studentId)?.push(reading);
    for (const [id, readings] of byStudent)
      this.known.set(id, { ...standingsOf(id, readings, noise), changes: this.readings.changesOf(id), noise });
    const found = studentIds.flatMap((id) => this.known.get(id) ?? []);
    return {
      rows: found.flatMap(({ rows }) => rows),
      judged: found.reduce((sum, { judged }) => sum + judged, 0),
    };
  }
}

function standingsOf(studentId: string, readings: readonly Reading[], noise: StudioNoise) {
  let judged = 0;
  const rows = checksIn(readings).flatMap((id) => {
    const history = historyOf({ protocol: checks[id], readings, studio: noise[id] ?? null });
    judged += history.judged.filter(({ verdict }) => verdict !== 'not-judged').length;
    return history.latest.map((latest): StandingRow => ({
      studentId,
      protocol: id,
      foot: latest.foot,
      series: latest.series,
      dates: history.judged.filter(({ foot, series }) => foot === latest.foot && series === latest.series).length,
      date: dateOf(latest.last.day),
      again: againFrom(latest),
      value: latest.last.value,
      verdict: latest.last.verdict,
      words: verdictWords(checks[id], latest.last),
    }));
  });
  return { rows, judged };
}

/** The date from which another look is worth it; null where that is the next class. */
function againFrom({ last, next }: Latest): string | null {
  if (next.why === 'soon') return dateOf(last.day + next.from);
  return next.why === 'could-show' || next.why === 'too-slow' ? dateOf(last.day + next.weeks * 7) : null;
}
