import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { sayTime } from '@core/say-time';
import { isEverything } from '../../data/loading';
import { RunLog } from '../../data/run-log';
import { ListFinder } from '../../parts/finder/list-finder';
import { Loading } from '../../parts/loading/loading';
import { sayInstant } from '../../parts/saying/instant-words';
import { TopBar } from '../../parts/top/top-bar';

/** The classes that were taught, newest first. */
@Component({
  selector: 'nw-log-page',
  imports: [ListFinder, Loading, MatButton, RouterLink, TopBar],
  providers: [RunLog],
  template: `
    <nw-top-bar />
    <main>
      <h1>Taught</h1>
      @if (long()) {
        <nw-list-finder [narrowed]="log.narrowed()" (changed)="log.find($event)" />
      }
      <nw-loading
        [of]="log.runs()"
        wait="Fetching the log …"
        failed="The log cannot be shown"
        [empty]="runs().length === 0 && !narrowed()"
        (again)="log.load()"
      >
        <p>Nothing taught yet. Open a class and take it to the floor; what really happened appears here.</p>
      </nw-loading>
      @if (runs().length === 0 && narrowed() && log.runs().status === 'ready') {
        <p class="none">No taught class answers to that. Take a word away, or choose a later month.</p>
      }
      @if (log.runs().value?.cut) {
        <p><button matButton="outlined" type="button" (click)="log.load()">Back to the newest</button></p>
      }
      <ul>
        @for (run of runs(); track run.id) {
          <li>
            <a [routerLink]="['/log', run.id]">
              <span class="when">{{ when(run.startedAt) }}</span>
              <span class="title">{{ run.title }}</span>
              @if (run.note) {
                <span class="note">“{{ run.note }}”</span>
              }
              <span class="people">{{ run.headcount === null ? '' : run.headcount + ' came' }}</span>
              <span class="planned">{{ time(run.plannedMs) }} planned</span>
            </a>
          </li>
        }
      </ul>
      @if (log.runs().value?.next) {
        <p><button matButton="outlined" type="button" (click)="log.more()">Earlier classes</button></p>
      }
      <p class="foot"><a routerLink="/safe">Copies of everything, files in and out</a></p>
      <p class="foot"><a routerLink="/taken-out">What was taken out of the log</a></p>
    </main>
  `,
  styleUrl: './log-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogPage implements OnInit {
  protected readonly log = inject(RunLog);
  protected readonly runs = computed(() => this.log.runs().value?.items ?? []);
  protected readonly narrowed = computed(() => !isEverything(this.log.narrowed()));
  protected readonly long = computed(
    () => (this.log.runs().value?.next ?? null) !== null || this.narrowed() || this.log.runs().value?.cut === true,
  );
  protected readonly time = sayTime;
  protected readonly when = sayInstant;

  ngOnInit(): void {
    this.log.load();
  }
}
