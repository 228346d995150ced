import { Injectable, type OnDestroy, inject, signal } from '@angular/core';
import * as z from 'zod';
import { BrowserStore } from '../../data/browser-store';

const voiceKey = 'needlework.voice';
const YesNo = z.enum(['yes', 'no']);
/** Words a minute of a browser's voice at its own speed, about (from memory; voices differ). */
const ownRate = 175;
/** A voice that has not begun by then does not answer, ms. */
const patienceMs = 3000;

/** The browser's voice, where there is one and the teacher wants it. One that never answers holds nothing up. */
@Injectable()
export class Voice implements OnDestroy {
  private readonly kept = inject(BrowserStore);
  readonly on = signal(this.kept.remembered(voiceKey, YesNo, 'no') === 'yes');
  /** False once the voice was asked and did not answer, or where there is none. */
  readonly works = signal<boolean | null>(null);
  private waiting: ReturnType<typeof setTimeout> | undefined;

  toggle(): void {
    this.on.update((on) => !on);
    this.kept.remember(voiceKey, this.on() ? 'yes' : 'no');
    this.works.set(this.on() && !this.synthesis() ? false : null);
    if (!this.on()) this.hush();
  }

  /** Says something in place of what is being said. */
  say(words: string, wordsPerMinute: number): void {
    const synthesis = this.synthesis();
    if (!this.on() || words === '') return;
    if (!synthesis) return this.works.set(false);
    if (this.works() === false) return;
    this.hush();
    const said = new SpeechSynthesisUtterance(words);
    said.lang = 'en';
    said.rate = Math.min(1.6, Math.max(0.6, wordsPerMinute / ownRate));
    said.onstart = () => {
      clearTimeout(this.waiting);
      this.works.set(true);
    };
    // stopping what is said is no failure
    said.onerror = ({ error }) => error !== 'canceled' && error !== 'interrupted' && this.fail();
    this.waiting = setTimeout(() => this.fail(), patienceMs);
    synthesis.speak(said);
  }

  hush(): void {
    clearTimeout(this.waiting);
    this.synthesis()?.cancel();
  }

  ngOnDestroy(): void {
    this.hush();
  }

  private fail(): void {
    this.hush();
    this.works.set(false);
  }

  private synthesis(): SpeechSynthesis | null {
    return 'speechSynthesis' in globalThis ? globalThis.speechSynthesis : null;
  }
}
