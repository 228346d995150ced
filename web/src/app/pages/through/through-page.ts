import { ChangeDetectionStrategy, Component, type OnInit, computed, effect, inject, input } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatTooltip } from '@angular/material/tooltip';
import { Title } from '@angular/platform-browser';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { mdiArrowLeft, mdiPlay, mdiRedo, mdiUndo } from '@mdi/js';
import { sayTime } from '@core/say-time';
import { Icon } from '../../parts/icon/icon';
import { Loading } from '../../parts/loading/loading';
import { ClashFlow } from '../designer/clash-flow';
import { ClassSession } from '../designer/class-session';
import { PlanStore } from '../designer/plan-store';
import { ReviewStream } from '../designer/review-stream';
import { CupboardStore } from './cupboard-store';
import { Looked } from './looked';

/** A class looked through: what it asks of feet, of the cupboard, of the teacher's eyes; its idea, and its music. */
@Component({
  selector: 'nw-through-page',
  imports: [Icon, Loading, MatButton, MatIconButton, MatTooltip, RouterLink, RouterLinkActive, RouterOutlet],
  providers: [PlanStore, ClassSession, ReviewStream, ClashFlow, CupboardStore, Looked],
  template: `
    @if (store.plan(); as plan) {
      <header>
        <a matIconButton [routerLink]="['/class', id()]" aria-label="Back to the class" matTooltip="Back to the class"
          ><nw-icon [path]="icons.back"
        /></a>
        <div class="title">
          <h1>{{ plan.title }}</h1>
          <p>
            {{ time(store.timeline()?.totalMs ?? 0) }} planned ·
            <span role="status">{{ saved() }}</span>
          </p>
        </div>
        <div class="actions">
          <button matIconButton type="button" aria-label="Undo" [disabled]="!store.canUndo()" (click)="store.undo()">
            <nw-icon [path]="icons.undo" />
          </button>
          <button matIconButton type="button" aria-label="Redo" [disabled]="!store.canRedo()" (click)="store.redo()">
            <nw-icon [path]="icons.redo" />
          </button>
          <a matButton="filled" [routerLink]="['/class', id(), 'floor']"><nw-icon [path]="icons.run" /> To the floor</a>
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
        <p class="trouble" role="alert">{{ saved() }}</p>
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
  host: { '(document:keydown)': 'key($event)', '(window:beforeunload)': 'session.now()' },
})
export class ThroughPage implements OnInit {
  readonly id = input.required<string>();
  protected readonly store = inject(PlanStore);
  protected readonly session = inject(ClassSession);
  protected readonly looked = inject(Looked);
  private readonly pageTitle = inject(Title);

  protected readonly icons = { back: mdiArrowLeft, undo: mdiUndo, redo: mdiRedo, run: mdiPlay };
  protected readonly time = sayTime;
  protected readonly empty = computed(() => this.store.timeline()?.items.length === 0);
  protected readonly saved = computed(() => {
    const state = this.session.state();
    switch (state.kind) {
      case 'saved':
        return 'Saved';
      case 'saving':
      case 'waiting':
        return 'Saving …';
      case 'refused':
        return state.words;
      case 'clash':
        return 'Changed in two places';
      case 'away':
        return 'Not saved yet; tried again by itself.';
    }
  });

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
    const typed = event.target instanceof HTMLElement && event.target.closest('input, textarea, select');
    if (typed || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    if (event.shiftKey) this.store.redo();
    else this.store.undo();
  }

  /** Leaves the page once the last edit is saved, or lies in this browser. */
  async readyToLeave(): Promise<boolean> {
    await this.session.written();
    return true;
  }
}
