import { computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, filter } from 'rxjs';
import type * as z from 'zod';
import { issueWords } from '@core/issue-words';
import type { Letter } from './letter';
import { loading, waiting } from './loading';
import { Outbox } from './outbox';
import { failureWords } from './request-failure';

/** An edit is sent when nothing more has come for so long, ms. */
const quietMs = 700;

/** What a kind of document is to its file. */
export interface DocumentKind<D, P> {
  /** The letter that carries it. */
  readonly kind: Letter['kind'];
  readonly schema: z.ZodType<D>;
  readonly of: (page: P) => D;
  readonly idOf: (document: D) => string;
  readonly addressOf: (id: string) => string;
  readonly letter: (basedOn: number | null, document: D) => Letter;
  /** The document of a letter of this kind; null for any other. */
  readonly inLetter: (letter: Letter) => D | null;
  readonly read: (id: string) => Observable<P>;
  /** What its fields are called where one of them is refused. */
  readonly fields: Readonly<Partial<Record<string, string>>>;
}

/** One document that the server counts by versions: what it is, and its edits, which go through the outbox. */
export abstract class DocumentFile<D, P extends { readonly version: number }> {
  private readonly outbox = inject(Outbox);
  private readonly asked$ = new Subject<string>();
  private readonly edited = signal<D | null>(null);
  private version: number | null = null;

  readonly page = toSignal(
    // what waits here is known before the server is asked
    loading(this.asked$, (id: string) => this.outbox.readNewest(this.about.addressOf(id), () => this.about.read(id))),
    { initialValue: waiting },
  );
  protected readonly document = computed((): D | null => {
    const page = this.page().value;
    return this.edited() ?? (page ? this.about.of(page) : null);
  });
  /** Why the last edit was not taken; empty where it was. */
  readonly refused = signal('');
  /** How many edits were not taken: each time what was typed goes back to what it was. */
  readonly refusals = signal(0);

  protected constructor(private readonly about: DocumentKind<D, P>) {
    effect(() => {
      const page = this.page();
      if (page.status !== 'ready') return;
      untracked(() => {
        this.version = page.value.version;
        const left = this.left(about.idOf(about.of(page.value)));
        if (left) this.edited.set(left);
      });
    });
    this.outbox.outcomes$
      .pipe(
        filter(({ letter }) => letter.kind === about.kind),
        takeUntilDestroyed(),
      )
      .subscribe(({ letter, result }) => {
        const [of, now] = [about.inLetter(letter), this.document()];
        if (!of || !now || about.idOf(of) !== about.idOf(now)) return;
        if (result.kind === 'refused') this.refused.set(failureWords(result.failure));
        if (result.kind !== 'sent') return;
        if (result.answer && 'version' in result.answer) this.version = result.answer.version;
        this.wasSent();
      });
  }

  open(id: string): void {
    this.asked$.next(id);
  }

  /** Reads again what the server has. */
  refresh(): void {
    const now = this.document();
    if (now) this.asked$.next(this.about.idOf(now));
  }

  /** Takes an edit that makes sense; else says why not, and nothing is changed. */
  change(change: Partial<D>): boolean {
    const now = this.document();
    if (!now) return false;
    const read = this.about.schema.safeParse({ ...now, ...change });
    if (!read.success) {
      const [issue] = read.error.issues;
      const field = this.about.fields[String(issue?.path[0])] ?? 'this';
      this.refused.set(issue ? `Not taken: ${field} ${issueWords(issue)}` : 'Not taken.');
      this.refusals.update((count) => count + 1);
      return false;
    }
    this.refused.set('');
    this.edited.set(read.data);
    void this.outbox.put(this.about.letter(this.version, read.data), quietMs);
    return true;
  }

  /** Sends what waits, and says whether the server has it. */
  async sent(): Promise<boolean> {
    const now = this.document();
    if (!now) return false;
    if (!this.left(this.about.idOf(now))) return true;
    const result = await this.outbox.send(this.about.letter(this.version, now));
    return result.kind === 'sent';
  }

  /** What follows once the server has an edit. */
  protected wasSent(): void {
    // nothing, unless a document says otherwise
  }

  private left(id: string): D | null {
    const letter = this.outbox.newestOf(this.about.addressOf(id), this.about.kind);
    return letter ? this.about.inLetter(letter) : null;
  }
}
