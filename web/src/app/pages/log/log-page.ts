import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { sayTime } from '@core/say-time';
import { RunLog } from '../../data/run-log';
import { Loading } from '../../parts/loading/loading';
import { sayInstant } from '../../parts/saying/instant-words';
import { TopBar } from '../../parts/top/top-bar';

/** The classes that were taught, newest first. */
@Component({
  selector: 'nw-log-page',
  imports: [Loading, MatButton, RouterLink, TopBar],
  providers: [RunLog],
  template: `
    <nw-top-bar />
    <main>
      <h1>Taught</h1>
      <nw-loading
        [of]="log.runs()"
        wait="Fetching the log …"
        failed="The log cannot be shown"
        [empty]="runs().length === 0"
        (again)="log.load()"
      >
        <p>Nothing taught yet. Open a class and take it to the floor; what really happened appears here.</p>
      </nw-loading>
      <ul>
        @for (run of runs(); track run.id) {
          <li>
            <a [routerLink]="['/log', run.id]">
              <span class="when">{{ when(run.startedAt) }}</span>
              <span class="title">{{ run.title }}</span>
              <span class="people">{{ run.headcount === null ? '' : run.headcount + ' came' }}</span>
              <span class="planned">{{ time(run.plannedMs) }} planned</span>
            </a>
          </li>
        }
      </ul>
      @if (log.runs().value?.next) {
        <p><button matButton="outlined" type="button" (click)="log.more()">Earlier classes</button></p>
      }
    </main>
  `,
  styleUrl: './log-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogPage implements OnInit {
  protected readonly log = inject(RunLog);
  protected readonly runs = computed(() => this.log.runs().value?.items ?? []);
  protected readonly time = sayTime;
  protected readonly when = sayInstant;

  ngOnInit(): void {
    this.log.load();
  }
}
