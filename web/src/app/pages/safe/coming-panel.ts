import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  afterRenderEffect,
  computed,
  effect,
  inject,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { ComingEntry, EntryCounts, FileFault, RecordKind, TakeIn } from '@core/contract';
import { FileComing } from '../../data/file-coming';
import { sayInstant } from '../../parts/saying/instant-words';
import { countCell, countOf, kindName, kindsInOrder, listOf, stateWords } from './kind-words';
import { UnderWay } from './under-way';

const none: EntryCounts = { new: 0, same: 0, differs: 0, out: 0, kept: 0 };
const keyOf = ({ kind, id }: ComingEntry): string => `${kind} ${id}`;
/** Kinds that somebody would pick one of by its name. */
const byName: readonly RecordKind[] = [
  'class',
  'exercise',
  'course',
  'taught',
  'student',
  'group',
  'homework',
  'protocol',
  'band',
  'preferences',
];

/** What becomes of what differs. */
const whatBecomes = (alone: boolean, over: boolean): string =>
  over
    ? `${alone ? 'becomes' : 'become'} as this has ${alone ? 'it' : 'them'}.`
    : alone
      ? 'stays as it is here.'
      : 'stay as they are here.';

/** A file that came in, or a copy that is looked into: what is in it, and what is taken of it. */
@Component({
  selector: 'nw-coming-panel',
  imports: [MatButton, RouterLink, UnderWay],
  templateUrl: './coming-panel.html',
  styleUrl: './coming-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ComingPanel {
  protected readonly coming = inject(FileComing);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly stateWords = stateWords;
  protected readonly kindName = kindName;
  protected readonly cell = countCell;

  /** All that is new, or only what is picked. */
  protected readonly mode = signal<'all' | 'picked'>('all');
  protected readonly leftOut = signal<ReadonlySet<RecordKind>>(new Set());
  protected readonly over = signal(false);
  protected readonly picked = signal<ReadonlyMap<string, ComingEntry>>(new Map());
  protected readonly kind = signal<RecordKind>('class');
  protected readonly words = signal('');

  protected readonly now = this.coming.now;
  protected readonly ready = computed(() => {
    const now = this.now();
    return now.state === 'ready' ? now : null;
  });
  protected readonly done = computed(() => {
    const now = this.now();
    return 'done' in now ? now.done : null;
  });
  /** A row for each kind that is in it. */
  protected readonly rows = computed(() => {
    const counts = this.ready()?.counts ?? {};
    return kindsInOrder.flatMap((kind) => {
      const of = counts[kind];
      return of ? [{ kind, name: kindName(kind, 2), taken: !this.leftOut().has(kind), ...of }] : [];
    });
  });
  protected readonly kinds = computed(() => this.rows().filter(({ kind }) => byName.includes(kind)));
  protected readonly sums = computed(() =>
    this.rows().reduce<EntryCounts>(
      (sum, row) => ({
        new: sum.new + row.new,
        same: sum.same + row.same,
        differs: sum.differs + row.differs,
        out: sum.out + row.out,
        kept: sum.kept + row.kept,
      }),
      none,
    ),
  );
  protected readonly allSame = computed(() => {
    const { new: fresh, differs, out } = this.sums();
    return fresh + differs + out === 0;
  });
  protected readonly made = computed(() => {
    const made = this.ready()?.made;
    return made ? sayInstant(made) : null;
  });
  protected readonly entries = computed(() => this.coming.entries().value?.entries ?? []);
  protected readonly more = computed(() => (this.coming.entries().value?.next ?? null) !== null);

  /** What would happen, in one sentence. */
  protected readonly plan = computed(() => {
    if (this.mode() === 'picked') {
      const n = this.picked().size;
      return n === 0
        ? ''
        : `${n === 1 ? 'One thing is' : `${n} things are`} taken, as this has ${n === 1 ? 'it' : 'them'}.`;
    }
    const rows = this.rows().filter(({ taken }) => taken);
    const coming = rows.filter((row) => row.new > 0).map((row) => countOf(row.kind, row.new));
    const others = rows
      .filter((row) => row.differs + row.out > 0)
      .map((row) => countOf(row.kind, row.differs + row.out));
    const one = (counts: readonly number[]) => counts.reduce((sum, n) => sum + n, 0) === 1;
    const comesAlone = one(rows.map((row) => row.new));
    const otherAlone = one(rows.map((row) => row.differs + row.out));
    const parts = [
      ...(coming.length > 0 ? [`${listOf(coming)} ${comesAlone ? 'comes' : 'come'} in.`] : []),
      ...(others.length > 0 ? [`${listOf(others)} ${whatBecomes(otherAlone, this.over())}`] : []),
    ];
    return parts.join(' ');
  });
  protected readonly nothing = computed(() => {
    if (this.mode() === 'picked') return this.picked().size === 0;
    return !this.rows().some((row) => row.taken && (row.new > 0 || (this.over() && row.differs + row.out > 0)));
  });
  protected readonly taken = computed(() => {
    const now = this.now();
    if (now.state !== 'taken') return null;
    const all = kindsInOrder.flatMap((kind) => {
      const n = now.taken[kind] ?? 0;
      return n > 0 ? [countOf(kind, n)] : [];
    });
    return all.length === 0 ? 'Nothing had to be taken in.' : `Taken in: ${listOf(all)}.`;
  });

  constructor() {
    // each file begins anew; a copy is mostly looked into for one thing
    effect(() => {
      if (this.now().state !== 'ready') return;
      untracked(() => {
        this.leftOut.set(new Set());
        this.over.set(false);
        this.picked.set(new Map());
        this.mode.set(this.sums().new === 0 && this.sums().differs + this.sums().out > 0 ? 'picked' : 'all');
        const kinds = this.kinds().map(({ kind }) => kind);
        this.show(kinds.includes('class') ? 'class' : (kinds[0] ?? 'class'));
      });
    });
    // what was looked for comes into sight, wherever on the page it was asked for
    afterRenderEffect(() => {
      if (this.now().state === 'ready') this.host.nativeElement.scrollIntoView({ block: 'start' });
    });
  }

  protected show(kind: RecordKind, words = ''): void {
    this.kind.set(kind);
    this.words.set(words);
    this.coming.ask({ kind, ...(words.trim() === '' ? {} : { words: words.trim() }) });
  }

  protected toggleKind(kind: RecordKind): void {
    this.leftOut.update((out) => {
      const next = new Set(out);
      if (!next.delete(kind)) next.add(kind);
      return next;
    });
  }

  /** “Line 28, class:” */
  protected whereOf({ line, what }: FileFault): string {
    return `${[line === null ? '' : `Line ${line}`, what].filter((words) => words !== '').join(', ')}:`;
  }

  protected isPicked(entry: ComingEntry): boolean {
    return this.picked().has(keyOf(entry));
  }
  protected canPick({ state }: ComingEntry): boolean {
    return state === 'new' || state === 'differs' || state === 'out';
  }
  protected pick(entry: ComingEntry): void {
    this.picked.update((before) => {
      const next = new Map(before);
      if (!next.delete(keyOf(entry))) next.set(keyOf(entry), entry);
      return next;
    });
  }

  protected take(): void {
    this.coming.take(this.choice());
  }

  private choice(): TakeIn {
    if (this.mode() === 'all') {
      const kinds = this.rows().flatMap(({ kind, taken }) => (taken ? [kind] : []));
      return { kinds, only: null, over: this.over() ? 'all' : 'none' };
    }
    const all = [...this.picked().values()];
    const keys = (fresh: boolean) => all.filter(({ state }) => (state === 'new') === fresh).map(keyOf);
    return { kinds: null, only: keys(true), over: keys(false) };
  }
}
