import { DOCUMENT, Injectable, inject, signal } from '@angular/core';

export type ThemeChoice = 'auto' | 'light' | 'dark';
const key = 'needlework.theme';

/** Light, dark, or as the device says; kept in this browser. */
@Injectable({ providedIn: 'root' })
export class Theme {
  private readonly document = inject(DOCUMENT);
  readonly choice = signal<ThemeChoice>(this.stored());

  apply(): void {
    const root = this.document.documentElement;
    if (this.choice() === 'auto') root.removeAttribute('data-theme');
    else root.setAttribute('data-theme', this.choice());
  }

  choose(choice: ThemeChoice): void {
    this.choice.set(choice);
    try {
      this.document.defaultView?.localStorage.setItem(key, choice);
    } catch {
      // A browser that keeps nothing still shows the choice until the page closes.
    }
    this.apply();
  }

  private stored(): ThemeChoice {
    try {
      const found = this.document.defaultView?.localStorage.getItem(key);
      return found === 'light' || found === 'dark' ? found : 'auto';
    } catch {
      return 'auto';
    }
  }
}
