import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { TakenOutList } from '../../data/taken-out';
import { Loading } from '../../parts/loading/loading';
import { byDay, sayClockTime } from '../../parts/saying/instant-words';
import { TopBar } from '../../parts/top/top-bar';

const kinds = { class: 'Class', run: 'Taught class', exercise: 'Exercise' } as const;

/** What was deleted or taken out, by day, each with the way back. */
@Component({
  selector: 'nw-taken-out-page',
  imports: [Loading, MatButton, TopBar],
  providers: [TakenOutList],
  template: `
    <nw-top-bar />
    <main>
      <h1>Taken out</h1>
      <p class="about">
        Deleted classes, taught classes out of the log and exercises out of the library. All of it is kept, and comes
        back as it was.
      </p>
      <nw-loading
        [of]="list.entries()"
        wait="Fetching what was taken out …"
        failed="What was taken out cannot be shown"
        [empty]="days().length === 0"
        (again)="list.load()"
      >
        <p>Nothing was taken out.</p>
      </nw-loading>
      @if (list.entries().value?.cut) {
        <p><button matButton="outlined" type="button" (click)="list.load()">Back to the newest</button></p>
      }
      @for (day of days(); track day.day) {
        <h2>{{ day.day }}</h2>
        <ul>
          @for (entry of day.entries; track entry.kind + entry.id) {
            <li>
              <span class="at">{{ at(entry.removedAt) }}</span>
              <span class="kind">{{ kinds[entry.kind] }}</span>
              <b>{{ entry.title }}</b>
              <button
                matButton
                type="button"
                [attr.aria-label]="'Bring back ' + entry.title"
                (click)="list.bringBack(entry)"
              >
                Bring it back
              </button>
            </li>
          }
        </ul>
      }
      @if (list.entries().value?.next) {
        <p class="more"><button matButton="outlined" type="button" (click)="list.more()">Earlier ones</button></p>
      }
    </main>
  `,
  styles: `
    :host {
      display: block;
      padding: var(--nw-page-top) var(--nw-page-side) 48px;
    }
    main {
      max-width: 900px;
    }
    h1 {
      font-size: 2rem;
    }
    .about {
      max-width: 40rem;
      margin: 6px 0 18px;
      color: var(--nw-quiet);
    }
    h2 {
      margin: 18px 0 6px;
      font-size: 1.15rem;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      background: var(--nw-cloth);
      border: 1px solid var(--nw-hem);
      border-radius: var(--nw-corner);
    }
    li {
      display: grid;
      grid-template-columns: 76px 110px minmax(0, 1fr) auto;
      gap: 4px 14px;
      align-items: center;
      padding: 6px 10px 6px 18px;
    }
    li + li {
      border-top: 1px solid var(--nw-cloth-2);
    }
    .at,
    .kind {
      color: var(--nw-quiet);
    }
    @media (max-width: 640px) {
      :host {
        padding: 14px 12px 40px;
      }
      li {
        grid-template-columns: auto 1fr;
      }
      li b {
        grid-column: 1 / -1;
      }
      li button {
        grid-column: 1 / -1;
        justify-self: start;
        margin-left: -12px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TakenOutPage implements OnInit {
  protected readonly list = inject(TakenOutList);
  protected readonly kinds = kinds;
  protected readonly at = sayClockTime;
  protected readonly days = computed(() => byDay(this.list.entries().value?.items ?? [], ({ removedAt }) => removedAt));

  ngOnInit(): void {
    this.list.load();
  }
}
