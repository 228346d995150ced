import { Injectable, signal } from '@angular/core';
import { Subject } from 'rxjs';

/** Whether the server asks for the password before it answers; what waits for it goes on when it is given. */
@Injectable({ providedIn: 'root' })
export class Door {
  private readonly shut = signal(false);
  private readonly opening$ = new Subject<void>();

  readonly locked = this.shut.asReadonly();
  /** The password was given. */
  readonly opened$ = this.opening$.asObservable();

  lock(): void {
    this.shut.set(true);
  }

  open(): void {
    this.shut.set(false);
    this.opening$.next();
  }
}
