import { Injectable, inject } from '@angular/core';
import { Router } from '@angular/router';
import { SwUpdate } from '@angular/service-worker';
import { filter } from 'rxjs';
import { Toasts } from './toasts';

/** Pages that are kept in the browser grow old: when newer ones have come, that is said, and never on the floor. */
@Injectable({ providedIn: 'root' })
export class NewerPages {
  private readonly updates = inject(SwUpdate);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);

  watch(): void {
    this.updates.versionUpdates
      .pipe(filter(({ type }) => type === 'VERSION_READY' && !this.router.url.endsWith('/floor')))
      .subscribe(() => this.toasts.offer('There is a newer Needlework.', 'Load it', () => document.location.reload()));
  }
}
