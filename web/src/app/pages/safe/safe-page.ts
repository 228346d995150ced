import { ChangeDetectionStrategy, Component, type OnInit, computed, effect, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { CopyBox } from '../../data/copies';
import { FileComing } from '../../data/file-coming';
import { FileGoing, goingFile } from '../../data/file-going';
import { TopBar } from '../../parts/top/top-bar';
import { ComingPanel } from './coming-panel';
import { CopiesList } from './copies-list';
import { DoorPanel } from './door-panel';
import { sizeWords } from './kind-words';
import { UnderWay } from './under-way';

/** Copies of everything, files in and out, and who gets in. */
@Component({
  selector: 'nw-safe-page',
  imports: [ComingPanel, CopiesList, DoorPanel, MatButton, TopBar, UnderWay],
  providers: [CopyBox, FileComing, FileGoing],
  templateUrl: './safe-page.html',
  styleUrl: './safe-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SafePage implements OnInit {
  private readonly copies = inject(CopyBox);
  protected readonly coming = inject(FileComing);
  protected readonly going = inject(FileGoing);
  /** A file is held over the page. */
  protected readonly over = signal(false);

  protected readonly file = computed(() => {
    const now = this.going.now();
    return now?.state === 'ready' ? { ...now, url: goingFile(now.id), size: sizeWords(now.bytes) } : null;
  });

  constructor() {
    // what was taken in has left a copy behind
    effect(() => {
      if (this.coming.now().state === 'taken') this.copies.load();
    });
  }

  ngOnInit(): void {
    this.copies.load();
  }

  protected choose(file: File | null | undefined): void {
    this.over.set(false);
    if (file) this.coming.send(file);
  }

  protected look({ name, called }: { readonly name: string; readonly called: string }): void {
    this.coming.look(name, called);
  }
}
