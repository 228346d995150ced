/** A record of a file as text, and the line on which it begins, from 1. */
export interface RecordText {
  readonly line: number;
  readonly text: string;
  /** What it says, where that was read already; else undefined. */
  readonly value?: object;
}

/** Why a text is no file with records, and on which line. */
export interface SplitFault {
  readonly line: number;
  readonly words: string;
}

/** Characters before the records, or of one record: more is none of ours. */
const mostHead = 20_000;
const mostRecord = 24_000_000;
const mostDepth = 60;

const quote = 34;
const backslash = 92;
const newline = 10;
const comma = 44;
const isOpen = (code: number) => code === 123 || code === 91;
const isClose = (code: number) => code === 125 || code === 93;
const isSpace = (code: number) => code === 32 || code === 9 || code === 10 || code === 13;

/**
 * A record that is all of its line, as Needlework writes them: what stands there reads as an object, so it is one, and
 * needs not be gone through letter by letter.
 */
function wholeLine(chunk: string, from: number): { readonly text: string; readonly value: object } | null {
  const end = chunk.indexOf('\n', from);
  if (end < 0) return null;
  const text = chunk.slice(from, chunk[end - 1] === ',' ? end - 1 : end);
  if (!text.endsWith('}') || text.length > mostRecord) return null;
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null ? { text, value } : null;
  } catch {
    return null;
  }
}

/**
 * Takes a JSON file apart into its records while it comes in, so that one of a hundred megabytes needs no more room than
 * its longest record. It finds where each begins and ends; what is in it is read by JSON itself.
 *
 * `{"a": 1, "records": [{…}, {…}]}` gives the two objects, and `{"a": 1, "records": []}` as the head.
 */
export class RecordSplitter {
  private line = 1;
  private depth = 0;
  private inText = false;
  private escaped = false;
  private within = false;
  private done = false;
  /** After a record comes a comma or the end, after a comma a record. */
  private expects: 'record-or-end' | 'comma-or-end' | 'record' = 'record-or-end';
  /** The file without its records. */
  private outer = '';
  private current = '';
  private currentLine = 1;
  private fault: SplitFault | null = null;

  /** Takes the next piece of text. @returns the records that end in it, until there is a fault */
  push(chunk: string): RecordText[] {
    const records: RecordText[] = [];
    let from = 0;
    for (let i = 0; i < chunk.length && !this.fault; i++) {
      const code = chunk.charCodeAt(i);
      if (code === newline) this.line++;
      if (this.inText) {
        if (this.escaped) this.escaped = false;
        else if (code === backslash) this.escaped = true;
        else if (code === quote) this.inText = false;
        continue;
      }
      if (this.done && !isSpace(code)) this.refuse('There is something behind the end of the file.');
      else if (code === quote) {
        if (this.within && this.depth === 2) this.refuse('A record must be an object in braces.');
        this.inText = true;
      } else if (isOpen(code)) {
        const begins = this.within && this.depth === 2;
        if (begins) {
          if (code !== 123 || this.expects === 'comma-or-end')
            this.refuse(code === 123 ? 'A comma is missing between two records.' : 'A record must be an object.');
          from = i;
          this.currentLine = this.line;
          const whole = wholeLine(chunk, i);
          if (whole && !this.fault) {
            records.push({ line: this.line, ...whole });
            this.expects = 'comma-or-end';
            i += whole.text.length - 1;
            continue;
          }
        }
        this.depth++;
        if (this.depth > mostDepth) this.refuse('It is nested deeper than anything here.');
        if (!this.within && this.depth === 2 && code === 91 && this.endsInRecords(this.outer + chunk.slice(from, i))) {
          this.outer += chunk.slice(from, i + 1);
          this.within = true;
        }
      } else if (isClose(code)) {
        this.depth--;
        if (this.within && this.depth === 2) {
          records.push({ line: this.currentLine, text: this.current + chunk.slice(from, i + 1) });
          this.current = '';
          this.expects = 'comma-or-end';
        } else if (this.within && this.depth === 1) {
          if (this.expects === 'record') this.refuse('A record is missing behind the last comma.');
          this.within = false;
          from = i;
        } else if (this.depth === 0) {
          this.outer += chunk.slice(from, i + 1);
          from = i + 1;
          this.done = true;
        } else if (this.depth < 0) this.refuse('A bracket is closed that was never opened.');
      } else if (this.within && this.depth === 2 && !isSpace(code)) {
        if (code === comma && this.expects === 'comma-or-end') this.expects = 'record';
        else this.refuse(code === comma ? 'There is a comma too many.' : 'A record must be an object in braces.');
      } else if (this.depth === 0 && !this.done && !isSpace(code) && code !== 0xfeff)
        this.refuse('It does not begin with a brace.');
    }
    if (this.within && this.depth > 2) this.current += chunk.slice(from);
    else if (!this.within && !this.done) this.outer += chunk.slice(from);
    if (this.outer.length > mostHead) this.refuse('What stands before or behind the records is too long.');
    if (this.current.length > mostRecord) this.refuse('A record is too long to be one.', this.currentLine);
    return records;
  }

  /** What stands before the records, once they have begun; null before. */
  get head(): string | null {
    return this.done ? this.outer : this.within ? `${this.outer}]}` : null;
  }

  /** What is wrong so far; at the end also that it is cut off. */
  faultSoFar(): SplitFault | null {
    return this.fault;
  }

  /** To be asked when all has come. */
  end(): SplitFault | null {
    if (this.fault || this.done) return this.fault;
    const where = this.within && this.depth > 2 ? this.currentLine : this.line;
    return {
      line: where,
      words:
        this.depth === 0
          ? 'It is empty.'
          : 'It is cut off here: the file ends in the middle of something. Fetch it again from where it came from.',
    };
  }

  private endsInRecords(before: string): boolean {
    return /"records"\s*:\s*$/.test(before.slice(-40));
  }

  private refuse(words: string, line = this.line): void {
    this.fault ??= { line, words };
  }
}
