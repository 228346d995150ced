import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { RouterLink } from '@angular/router';
import { places } from '../../parts/top/places';
import { FloorStore } from './floor-store';
import { KeysDialog } from './keys-dialog';
import { TonePlayer } from './tone-player';
import { Voice } from './voice';

/** One way of two: both are said, the one that holds is filled. */
interface Way {
  readonly of: string;
  readonly first: string;
  readonly second: string;
  /** The second holds. */
  readonly isSecond: boolean;
  readonly turn: () => void;
}

/** How the class runs on this device: what it waits for, which way the teacher stands, what it lets be heard. */
@Component({
  selector: 'nw-ways-sheet',
  imports: [RouterLink],
  template: `
    <h2>How it runs</h2>
    @for (way of ways(); track way.of) {
      <div class="way" role="group" [attr.aria-label]="way.of">
        <span>{{ way.of }}</span>
        <button type="button" class="quiet choice" [attr.aria-pressed]="!way.isSecond" (click)="choose(way, false)">
          {{ way.first }}
        </button>
        <button type="button" class="quiet choice" [attr.aria-pressed]="way.isSecond" (click)="choose(way, true)">
          {{ way.second }}
        </button>
      </div>
    }
    <p class="row">
      @if (!rehearse()) {
        <a class="quiet" [routerLink]="['/class', classId(), 'room']" target="needlework-room"
          >For the room: a window</a
        >
      }
      <button type="button" class="quiet" (click)="keys()">Keys, pedals</button>
      <button type="button" class="quiet" (click)="closed.emit()">Done</button>
    </p>
    <nav aria-label="Places">
      @for (place of places; track place.path) {
        <a [routerLink]="place.path">{{ place.name }}</a>
      }
    </nav>
  `,
  styleUrl: './floor-quiet.scss',
  styles: `
    h2 {
      font-size: 1.5rem;
      margin: 0 0 8px;
    }
    .way {
      display: grid;
      grid-template-columns: minmax(5em, auto) 1fr 1fr;
      align-items: center;
      gap: 6px;
      margin: 0 0 8px;
    }
    .way .quiet {
      padding: 4px 8px;
      font-size: 1rem;
    }
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
      margin: 10px 0;
    }
    .row .quiet {
      display: inline-flex;
      align-items: center;
      padding: 4px 14px;
      font-size: 1rem;
      text-decoration: none;
    }
    nav {
      display: flex;
      flex-wrap: wrap;
      gap: 0 14px;
      margin-top: 12px;
    }
    nav a {
      padding: 8px 0;
      color: var(--nw-quiet);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WaysSheet {
  private readonly store = inject(FloorStore);
  private readonly tones = inject(TonePlayer);
  private readonly voice = inject(Voice);
  private readonly dialogs = inject(MatDialog);
  readonly classId = input.required<string>();
  readonly rehearse = input(false);
  /** The teacher faces the students. */
  readonly facing = input.required<boolean>();
  readonly facingTurned = output();
  readonly flowTurned = output();
  readonly closed = output();
  protected readonly places = places;

  protected readonly ways = computed<readonly Way[]>(() => {
    const all: readonly (Way & { readonly taught?: boolean })[] = [
      {
        of: 'The class',
        first: 'waits for you',
        second: 'goes on by itself',
        isSecond: this.store.state()?.flowing ?? false,
        turn: () => this.flowTurned.emit(),
      },
      {
        of: 'You stand',
        first: 'facing them',
        second: 'beside them',
        isSecond: !this.facing(),
        turn: () => this.facingTurned.emit(),
        taught: true,
      },
      {
        of: 'Tones',
        first: 'on',
        second: 'off',
        isSecond: !this.tones.on(),
        turn: () => this.tones.turn(),
      },
      {
        of: 'A voice',
        first: 'says the words',
        second: 'is silent',
        isSecond: !this.voice.on(),
        turn: () => this.voice.toggle(),
      },
    ];
    return all.filter(({ taught }) => taught !== true || !this.rehearse());
  });

  protected choose(way: Way, second: boolean): void {
    if (way.isSecond !== second) way.turn();
  }

  protected keys(): void {
    this.dialogs.open(KeysDialog, { width: '560px' });
  }
}
