import { Injectable, inject } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { failureOf, failureWords } from './request-failure';

/** Short messages at the foot of the page, each with one thing that can be done about it. */
@Injectable({ providedIn: 'root' })
export class Toasts {
  private readonly bar = inject(MatSnackBar);

  /** Says something and goes by itself. */
  tell(words: string, button = 'Good', seconds = 6): void {
    this.bar.open(words, button, { duration: seconds * 1000 });
  }

  /** Says what was done and offers one step back from just that. */
  offer(words: string, button: string, act: () => void, seconds = 8): void {
    this.bar
      .open(words, button, { duration: seconds * 1000 })
      .onAction()
      .subscribe(act);
  }

  /** Says why a request failed; stays until it is read. */
  failed(error: unknown): void {
    this.bar.open(failureWords(failureOf(error)), 'All right');
  }

  /** Says why something was refused. */
  refused(words: string): void {
    this.bar.open(words, 'All right', { duration: 8000 });
  }
}
