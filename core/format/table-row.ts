import { cellText } from './safe-cell';

/** What is wrong with a table, by its line and column. */
export interface TableFault {
  readonly line: number;
  readonly column: string;
  readonly words: string;
}

/** A row as a parser gives it, with the line on which it begins. */
export interface TableRow {
  readonly line: number;
  readonly cells: readonly string[];
}

/**
 * The columns of a table by its first row, and the rows that have something in them.
 * @param also what people write in the place of a column's own name
 * @param must the column without which it is no such table
 */
export function columnsIn<C extends string>(
  rows: readonly TableRow[],
  known: readonly C[],
  also: Readonly<Record<string, C>>,
  must: C,
  unknownWords: string,
): { readonly columns: readonly (C | null)[]; readonly body: readonly TableRow[]; readonly faults: TableFault[] } {
  const [head, ...body] = rows;
  if (!head) return { columns: [], body: [], faults: [{ line: 1, column: '', words: 'The table is empty.' }] };
  const columns = head.cells.map((called) => {
    const name = called
      .replace(/^\uFEFF/, '')
      .trim()
      .toLowerCase();
    return known.find((column) => column === name) ?? also[name] ?? null;
  });
  const faults: TableFault[] = columns.flatMap((column, i) => {
    const called = head.cells[i] ?? '';
    if (column === null && called.trim() !== '') return [{ line: head.line, column: called, words: unknownWords }];
    return column !== null && columns.indexOf(column) !== i
      ? [{ line: head.line, column: called, words: 'stands twice.' }]
      : [];
  });
  if (!columns.includes(must))
    faults.push({ line: head.line, column: must, words: 'is missing: the first row names the columns.' });
  return { columns, body: body.filter(({ cells }) => cells.some((cell) => cell.trim() !== '')), faults };
}

/** A row that is being read; what is wrong with it is put down. */
export class Row<C extends string> {
  wrong = false;

  constructor(
    readonly line: number,
    private readonly columns: readonly (C | null)[],
    private readonly cells: readonly string[],
    private readonly faults: TableFault[],
  ) {}

  fault(column: string, words: string): null {
    this.wrong = true;
    this.faults.push({ line: this.line, column, words });
    return null;
  }

  /** As it was written. */
  raw(column: C): string {
    const at = this.columns.indexOf(column);
    return cellText(at < 0 ? '' : (this.cells[at] ?? ''));
  }

  text(column: C): string {
    return this.raw(column).trim();
  }

  /** A number with a point or a comma; null where there is none. */
  number(column: C): number | null {
    const text = this.text(column);
    if (text === '') return null;
    if (!/^-?\d+(?:[.,]\d+)?(?:e-?\d+)?$/i.test(text)) return this.fault(column, `is no number: ${text}`);
    if (/^-?[1-9]\d{0,2},\d{3}$/.test(text))
      return this.fault(
        column,
        `may be ${text.replace(',', '')} or ${text.replace(',', '.')}: write it without the comma.`,
      );
    return Number(text.replace(',', '.'));
  }

  whole(column: C): number | null {
    const number = this.number(column);
    return number === null || Number.isInteger(number) ? number : this.fault(column, 'must be a whole number.');
  }

  isYes(column: C, usual: boolean): boolean {
    const text = this.text(column).toLowerCase();
    if (text === '') return usual;
    if (['yes', 'true', '1'].includes(text)) return true;
    if (!['no', 'false', '0'].includes(text)) this.fault(column, 'must be yes or no.');
    return false;
  }
}

/** A date as it is kept; one with points is day, month, year. */
export function dateOf(text: string): string {
  const [, day, month, year] = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text) ?? [];
  return day && month && year ? `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}` : text;
}
