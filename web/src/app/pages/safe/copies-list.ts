import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Copy, CopyWhy } from '@core/contract';
import { CopyBox, copyFile } from '../../data/copies';
import { Loading } from '../../parts/loading/loading';
import { inWords } from '../../parts/saying/date-words';
import { sayInstant } from '../../parts/saying/instant-words';
import { countOf, listOf, sizeWords } from './kind-words';
import { UnderWay } from './under-way';

const whys: Readonly<Record<CopyWhy, string>> = {
  daily: 'made by itself',
  asked: 'you asked for it',
  'before-restore': 'before another was put back',
  'before-taking-in': 'before a file was taken in',
  'before-migration': 'before a new version of Needlework',
};

/** The copies there are: what is in each, how long it stays, and what can be done with it. */
@Component({
  selector: 'nw-copies-list',
  imports: [Loading, MatButton, UnderWay],
  templateUrl: './copies-list.html',
  styleUrl: './copies-list.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CopiesList {
  protected readonly box = inject(CopyBox);
  /** Somebody wants to see what is in one. */
  readonly look = output<{ readonly name: string; readonly called: string }>();

  /** The copy that is about to be put back or deleted, once it is said again. */
  protected readonly asking = signal<{ readonly name: string; readonly what: 'restore' | 'remove' } | null>(null);
  protected readonly file = copyFile;
  private readonly found = computed(() => this.box.list().value);
  protected readonly making = computed(() => this.found()?.making ?? null);
  protected readonly restoring = computed(() => this.found()?.restoring ?? false);
  protected readonly busy = computed(() => this.making() !== null || this.restoring());
  protected readonly fault = computed(() => this.found()?.fault ?? null);
  protected readonly folder = computed(() => this.found()?.folder ?? '');
  protected readonly restored = computed(() => {
    const { restored = null, copies = [] } = this.found() ?? {};
    const [which, before] = [restored?.name, restored?.before].map((name) => copies.find((copy) => copy.name === name));
    return which ? { which: sayInstant(which.made), before: before ? sayInstant(before.made) : null } : null;
  });
  protected readonly rows = computed(() => (this.found()?.copies ?? []).map(rowOf));
  protected readonly newest = computed(() => this.rows()[0]?.when ?? null);

  protected ask(name: string, what: 'restore' | 'remove'): void {
    this.asking.set({ name, what });
  }

  protected go(): void {
    const asking = this.asking();
    if (asking?.what === 'restore') this.box.restore(asking.name);
    else if (asking) this.box.remove(asking.name);
    this.asking.set(null);
  }
}

function rowOf({ name, made, why, bytes, holds, until }: Copy) {
  return {
    name,
    when: sayInstant(made),
    why: whys[why],
    holds: holds
      ? listOf([
          countOf('class', holds.classes),
          countOf('taught', holds.taught),
          countOf('student', holds.people),
          countOf('reading', holds.readings),
        ])
      : '',
    size: sizeWords(bytes),
    stays:
      until === null
        ? 'stays until you delete it'
        : `goes by itself, on ${inWords(until, { day: 'numeric', month: 'long', year: 'numeric' })} at the latest`,
  };
}
