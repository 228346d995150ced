import type { StandingRow, StudioNoise } from '@core/contract';
import { type Latest, type OwnProtocol, type Reading, checksIn, dateOf, historyOf, verdictWords } from '@core/measure';
import type { ProtocolStore } from '../protocols/store';
import type { NoiseStore } from './noise';
import type { ReadingStore } from './readings';

type Weekly = Readonly<Record<string, number>>;

interface Known {
  readonly changes: number;
  readonly noise: StudioNoise;
  readonly own: readonly OwnProtocol[];
  /** The teacher's own changes a week, as text. */
  readonly weekly: string;
  readonly rows: readonly StandingRow[];
  readonly judged: number;
}

/** Where students stand in their checks, judged; kept until one of their readings or the studio's noise changes. */
export class Standings {
  private readonly known = new Map<string, Known>();

  constructor(
    private readonly readings: ReadingStore,
    private readonly noise: NoiseStore,
    private readonly protocols: ProtocolStore,
    /** Change a week that the teacher expects, by check. */
    private readonly weeklyOf: () => Weekly,
  ) {}

  of(studentIds: readonly string[]): { readonly rows: StandingRow[]; readonly judged: number } {
    const [noise, own, weekly] = [this.noise.all(), this.protocols.own(), this.weeklyOf()];
    const said = JSON.stringify(weekly);
    const stale = studentIds.filter((id) => {
      const known = this.known.get(id);
      if (known?.changes !== this.readings.changesOf(id)) return true;
      return known.noise !== noise || known.own !== own || known.weekly !== said;
    });
    const byStudent = new Map<string, Reading[]>(stale.map((id) => [id, []]));
    for (const reading of this.readings.of(stale)) byStudent.get(reading.studentId)?.push(reading);
    for (const [id, readings] of byStudent)
      this.known.set(id, {
        ...standingsOf(id, readings, noise, own, weekly),
        changes: this.readings.changesOf(id),
        noise,
        own,
        weekly: said,
      });
    const found = studentIds.flatMap((id) => this.known.get(id) ?? []);
    return {
      rows: found.flatMap(({ rows }) => rows),
      judged: found.reduce((sum, { judged }) => sum + judged, 0),
    };
  }
}

function standingsOf(
  studentId: string,
  readings: readonly Reading[],
  noise: StudioNoise,
  own: readonly OwnProtocol[],
  weekly: Weekly,
) {
  let judged = 0;
  const rows = checksIn(readings, own).flatMap((protocol) => {
    const { id } = protocol;
    const history = historyOf({ protocol, readings, studio: noise[id] ?? null, weekly: weekly[id] });
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
      words: verdictWords(protocol, latest.last),
    }));
  });
  return { rows, judged };
}

/** The date from which another look is worth it; null where that is the next class. */
function againFrom({ last, next }: Latest): string | null {
  if (next.why === 'soon') return dateOf(last.day + next.from);
  return next.why === 'could-show' || next.why === 'too-slow' ? dateOf(last.day + next.weeks * 7) : null;
}
