import { ChangeDetectionStrategy, Component, type OnInit, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import type { RunSummary } from '@core/contract';
import { sayTime } from '@core/say-time';
import { failureOf, failureWords } from '../api/problem';
import { RunApi } from '../api/run-api';
import { TopBar } from '../top/top-bar';

/** An instant as a day and a time, the way this device writes them. */
export const sayInstant = (iso: string): string =>
  new Date(iso).toLocaleString([], {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

/** The classes that were taught, newest first. */
@Component({
  selector: 'nw-log-page',
  imports: [MatButton, RouterLink, TopBar],
  template: `
    <nw-top-bar />
    <main>
      <h1>Taught</h1>
      @if (failure(); as words) {
        <p role="alert">{{ words }} <button matButton type="button" (click)="load()">Try again</button></p>
      } @else if (runs(); as list) {
        <ul>
          @for (run of list; track run.id) {
            <li>
              <a [routerLink]="['/log', run.id]">
                <span class="when">{{ when(run.startedAt) }}</span>
                <span class="title">{{ run.title }}</span>
                <span class="people">{{ run.headcount === null ? '' : run.headcount + ' came' }}</span>
                <span class="planned">{{ time(run.plannedMs) }} planned</span>
              </a>
            </li>
          } @empty {
            <li class="none">
              Nothing taught yet. Open a class and take it to the floor; what really happened appears here.
            </li>
          }
        </ul>
      } @else {
        <p role="status">Fetching the log …</p>
      }
    </main>
  `,
  styleUrl: './log-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogPage implements OnInit {
  private readonly api = inject(RunApi);
  protected readonly runs = signal<readonly RunSummary[] | null>(null);
  protected readonly failure = signal<string | null>(null);
  protected readonly time = sayTime;
  protected readonly when = sayInstant;

  ngOnInit(): void {
    void this.load();
  }

  protected async load(): Promise<void> {
    this.failure.set(null);
    try {
      this.runs.set(await firstValueFrom(this.api.list()));
    } catch (error) {
      this.failure.set(failureWords(failureOf(error)));
    }
  }
}
