import { Injectable, signal } from '@angular/core';

/** A page that was asked for and could not be fetched: it is said, and the one that is open stays. */
@Injectable({ providedIn: 'root' })
export class LostPage {
  private readonly said = signal(false);
  readonly lost = this.said.asReadonly();

  tell(): void {
    this.said.set(true);
  }

  dismiss(): void {
    this.said.set(false);
  }
}
