import { DOCUMENT, ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Access } from '@core/contract';
import { AccessBox } from '../../data/access';
import { BrowserStore } from '../../data/browser-store';
import { LeftOpenHere } from '../../data/left-open';
import { Outbox } from '../../data/outbox';
import { Toasts } from '../../data/toasts';
import { PasswordField } from '../../parts/unlock/password-field';
import { sayDay } from '../../parts/saying/instant-words';

/** How hard a password is to guess, from 0 to 4. */
const hardness = ['Guessed at once', 'Guessed soon', 'Guessed with patience', 'Hard to guess', 'Very hard to guess'];

type Asking = 'set' | 'change' | 'remove';

/** Who gets in: the password, and which devices are in by it. */
@Component({
  selector: 'nw-door-panel',
  imports: [MatButton, PasswordField],
  providers: [AccessBox],
  templateUrl: './door-panel.html',
  styleUrl: './door-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DoorPanel {
  protected readonly box = inject(AccessBox);
  private readonly outbox = inject(Outbox);
  private readonly leftOpen = inject(LeftOpenHere);
  private readonly store = inject(BrowserStore);
  private readonly toasts = inject(Toasts);
  private readonly document = inject(DOCUMENT);
  protected readonly until = computed(() => {
    const until = this.box.now()?.until ?? null;
    return until === null ? '' : sayDay(until);
  });
  /** What is being done; null where nothing is. */
  protected readonly asking = signal<Asking | null>(null);
  protected readonly current = signal('');
  protected readonly next = signal('');
  /** What lies in this browser alone, so that signing out would lose it. */
  protected readonly left = signal<readonly string[]>([]);

  protected readonly strength = computed(() => {
    const found = this.box.strength();
    return found && { ...found, words: hardness[found.score] ?? '' };
  });

  protected ask(what: Asking): void {
    this.asking.set(what);
    this.box.begin();
  }

  protected typed(next: string): void {
    this.next.set(next);
    this.box.judge(next);
  }

  protected leave(): void {
    this.asking.set(null);
    for (const field of [this.current, this.next]) field.set('');
    this.box.begin();
  }

  protected go(): void {
    const [current, next, what] = [this.current(), this.next(), this.asking()];
    const told = (words: string) => () => {
      this.leave();
      this.toasts.tell(words);
    };
    if (what === 'set') this.box.set(null, next, told('The password is set. This device is in.'));
    if (what === 'change') this.box.set(current, next, told('The password is another. Every other device is out.'));
    if (what === 'remove') this.box.remove(current, told('No password is asked for any more.'));
  }

  /** Leaves nothing behind in this browser; what would be lost by it holds one back. */
  protected async out(all: boolean): Promise<void> {
    const open = await this.leftOpen.find(Date.now());
    const unsent = this.outbox.waiting().reduce((sum, { count }) => sum + count, 0);
    this.left.set([
      ...open.map(({ name }) => name),
      ...(unsent > 0 ? [`${unsent} ${unsent === 1 ? 'change' : 'changes'} on the way to the server`] : []),
    ]);
    if (this.left().length > 0) return;
    this.box.signOut(all, () => void this.store.empty().then(() => this.document.location.assign('/')));
  }

  protected canSet(access: Access): boolean {
    const enough = this.strength()?.refused === null && this.next() !== '';
    if (this.asking() === 'remove') return this.current() !== '';
    return enough && (!access.password || this.current() !== '');
  }
}
