import { Injectable, InjectionToken, inject } from '@angular/core';

/** What this browser can do at this address. */
export interface Able {
  /** Opened by https, or on the machine itself. */
  readonly secure: boolean;
  readonly staysAwake: boolean;
}

export const ABLE = new InjectionToken<Able>('what this browser can do here', {
  providedIn: 'root',
  factory: () => ({ secure: window.isSecureContext, staysAwake: 'wakeLock' in navigator }),
});

/** What is missing on this device for teaching from it, in words: a teacher learns it before the class, not in it. */
@Injectable({ providedIn: 'root' })
export class Abilities {
  private readonly able = inject(ABLE);

  /** One sentence or two; empty where nothing is missing. */
  readonly missing = missingWords(this.able);
}

function missingWords({ secure, staysAwake }: Able): string {
  if (!secure)
    return 'This address is not secure (http), so this browser neither keeps the screen awake nor the pages: set the device to stay on, and do not reload without the server. With https it does both.';
  if (!staysAwake) return 'This browser cannot keep the screen awake: set the device to stay on.';
  return '';
}
