import { ChangeDetectionStrategy, Component, type OnInit, computed, effect, inject, input } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatTooltip } from '@angular/material/tooltip';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { mdiArrowLeft, mdiPlay } from '@mdi/js';
import { sayTime } from '@core/say-time';
import { numberKeys } from '../../parts/dose/number-keys';
import { Icon } from '../../parts/icon/icon';
import { KeySheet } from '../../parts/keys/key-sheet';
import { doingOf } from '../../parts/keys/key-table';
import { Loading } from '../../parts/loading/loading';
import { TopBar } from '../../parts/top/top-bar';
import { ClashFlow } from '../designer/clash-flow';
import { ClassSession } from '../designer/class-session';
import { PlanStore } from '../designer/plan-store';
import { ReviewStream } from '../designer/review-stream';
import { StepsBack } from '../designer/steps-back';
import { CupboardStore } from './cupboard-store';
import { Looked } from './looked';
import { throughKeys } from './through-keys';

/** A class looked through: what it asks of feet, of the cupboard, of the teacher's eyes; its idea, and its music. */
@Component({
  selector: 'nw-through-page',
  imports: [
    Icon,
    Loading,
    MatButton,
    MatIconButton,
    MatTooltip,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    StepsBack,
    TopBar,
  ],
  providers: [PlanStore, ClassSession, ReviewStream, ClashFlow, CupboardStore, Looked],
  template: `
    <nw-top-bar>
      @if (store.plan()) {
        <nw-steps-back />
      }
    </nw-top-bar>
    @if (store.plan(); as plan) {
      <header>
        <a matIconButton [routerLink]="['/class', id()]" aria-label="Back to the class" matTooltip="Back to the class"
          ><nw-icon [path]="icons.back"
        /></a>
        <div class="title">
          <h1>{{ plan.title }}</h1>
          <p>
            {{ time(store.timeline()?.totalMs ?? 0) }} planned ·
            <span role="status">{{ session.inTrouble() ? 'Not saved' : session.words() }}</span>
          </p>
        </div>
        <div class="actions">
          <a matButton="filled" [routerLink]="['/class', id(), 'floor']"
            ><nw-icon [path]="icons.run" /> {{ session.onFloor() ? 'Back to the floor' : 'To the floor' }}</a
          >
        </div>
        <nav aria-label="Looked through">
          @for (view of looked.views(); track view.id) {
            <a
              [routerLink]="['/class', id(), 'through', view.id]"
              routerLinkActive="on"
              ariaCurrentWhenActive="page"
              replaceUrl
            >
              <b>{{ view.name }}</b> <span>{{ view.words }}</span>
            </a>
          }
        </nav>
      </header>
      @if (session.inTrouble()) {
        <p class="trouble" role="alert">{{ session.words() }}</p>
      }
      <main>
        @if (empty()) {
          <p class="empty">
            Nothing is in this class yet, so there is nothing to look through.
            <a [routerLink]="['/class', id()]">Pick the first exercise</a>
          </p>
        }
        <router-outlet />
      </main>
    } @else {
      <main class="failure">
        <nw-loading
          [of]="session.read()"
          wait="Holding the class against the light …"
          failed="This class cannot be opened"
          (again)="session.open(id())"
        >
          <a instead matButton routerLink="/classes">All classes</a>
        </nw-loading>
      </main>
    }
  `,
  styleUrl: './through-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(document:keydown)': 'key($event)',
    '(window:beforeunload)': 'session.now()',
    '(window:focus)': 'session.lookAgain()',
  },
})
export class ThroughPage implements OnInit {
  readonly id = input.required<string>();
  protected readonly store = inject(PlanStore);
  protected readonly session = inject(ClassSession);
  protected readonly looked = inject(Looked);
  private readonly pageTitle = inject(Title);
  private readonly dialogs = inject(MatDialog);
  private readonly router = inject(Router);

  protected readonly icons = { back: mdiArrowLeft, run: mdiPlay };
  protected readonly time = sayTime;
  protected readonly empty = computed(() => this.store.timeline()?.items.length === 0);

  constructor() {
    inject(ClashFlow);
    effect(() => {
      const title = this.store.plan()?.title;
      if (title !== undefined) this.pageTitle.setTitle(`${title}, looked through · Needlework`);
    });
  }

  ngOnInit(): void {
    this.session.open(this.id());
  }

  protected key(event: KeyboardEvent): void {
    const doing = this.dialogs.openDialogs.length > 0 ? null : doingOf(throughKeys, event);
    if (doing === null) return;
    event.preventDefault();
    switch (doing) {
      case 'undo':
        return this.store.undo();
      case 'redo':
        return this.store.redo();
      case 'floor':
        return void this.router.navigate(['/class', this.id(), 'floor']);
      case 'class':
        return void this.router.navigate(['/class', this.id()]);
      case 'keys':
        this.dialogs.open(KeySheet, { data: [throughKeys, numberKeys], width: '840px', maxWidth: '94vw' });
    }
  }

  /** Leaves the page once the last edit is saved, or lies in this browser. */
  async readyToLeave(): Promise<boolean> {
    await this.session.written();
    return true;
  }
}
