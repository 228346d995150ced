import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  type OnInit,
  computed,
  effect,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatSnackBar } from '@angular/material/snack-bar';
import { MatTooltip } from '@angular/material/tooltip';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink } from '@angular/router';
import {
  mdiArrowLeft,
  mdiClose,
  mdiKeyboardOutline,
  mdiPlay,
  mdiPlus,
  mdiPrinterOutline,
  mdiRedo,
  mdiTuneVariant,
  mdiUndo,
} from '@mdi/js';
import { auditTime, debounceTime, firstValueFrom } from 'rxjs';
import type { ClashAnswer, ExerciseRevision, OtherDoses } from '@core/contract';
import { copyOfPlan, itemsOf } from '@core/plan';
import { sayTime } from '@core/say-time';
import { type OtherDose, review } from '@core/sequence';
import { ClassApi } from '../api/class-api';
import { LibraryApi } from '../api/library-api';
import { newId } from '../api/new-id';
import { failureOf, failureWords } from '../api/problem';
import { Icon } from '../icon/icon';
import { Thread, type ThreadPoint } from '../thread/thread';
import { addExercise } from './add-exercise';
import { Autosave } from './autosave';
import { type ClashChoice, ClashDialog, type ClashSides } from './dialogs/clash-dialog';
import { ShortcutsDialog } from './dialogs/shortcuts-dialog';
import { DraftBox } from './draft-box';
import { Findings } from './findings/findings';
import { FitDialog } from './fit/fit-dialog';
import { ItemPanel } from './item/item-panel';
import { NumberField } from '../dose/number-field';
import { RunningOrder } from './order/running-order';
import { Peek } from './peek';
import { Picker } from './picker/picker';
import { PlanStore } from './plan-store';
import { ClassSettings } from './settings/class-settings';

const slotMinutes = [5, 10, 15, 20, 25, 30, 40, 45, 50, 60, 75, 90, 120];

/** Doses of other classes gathered by exercise. */
function byExercise(doses: OtherDoses['doses']): ReadonlyMap<string, readonly OtherDose[]> {
  const gathered = new Map<string, OtherDose[]>();
  for (const { exerciseId, ...dose } of doses) gathered.set(exerciseId, [...(gathered.get(exerciseId) ?? []), dose]);
  return gathered;
}

/** The class designer: the thread above, the running order below it, beside it the item or the exercises to pick. */
@Component({
  selector: 'nw-designer-page',
  imports: [
    Icon,
    Findings,
    ItemPanel,
    MatButton,
    MatIconButton,
    MatTooltip,
    NumberField,
    Peek,
    Picker,
    RouterLink,
    RunningOrder,
    Thread,
  ],
  providers: [PlanStore, Autosave],
  templateUrl: './designer-page.html',
  styleUrl: './designer-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)', '(window:beforeunload)': 'leaving($event)', '(window:focus)': 'back()' },
})
export class DesignerPage implements OnInit {
  readonly id = input.required<string>();

  protected readonly store = inject(PlanStore);
  protected readonly saver = inject(Autosave);
  private readonly api = inject(ClassApi);
  private readonly libraryApi = inject(LibraryApi);
  private readonly drafts = inject(DraftBox);
  private readonly dialogs = inject(MatDialog);
  private readonly toasts = inject(MatSnackBar);
  private readonly router = inject(Router);
  private readonly pageTitle = inject(Title);
  private readonly destroyed = inject(DestroyRef);
  private readonly titleBox = viewChild<ElementRef<HTMLInputElement>>('title');

  protected readonly icons = {
    back: mdiArrowLeft,
    undo: mdiUndo,
    redo: mdiRedo,
    add: mdiPlus,
    close: mdiClose,
    run: mdiPlay,
    card: mdiPrinterOutline,
    settings: mdiTuneVariant,
    keys: mdiKeyboardOutline,
  };
  protected readonly slotMinutes = slotMinutes;
  protected readonly library = signal<readonly ExerciseRevision[]>([]);
  protected readonly picking = signal(false);
  /** What stands beside the order when nothing is being picked. */
  protected readonly beside = signal<'item' | 'findings'>('item');
  private readonly otherDoses = signal<ReadonlyMap<string, readonly OtherDose[]>>(new Map());
  /** The review waits for a plan at rest: not at every step of a number. */
  private readonly restingPlan = toSignal(this.store.plan$.pipe(auditTime(120)));
  /** What times other classes as well waits longer, until nothing has been edited for a while. */
  private readonly quietPlan = toSignal(this.store.plan$.pipe(debounceTime(500)));
  protected readonly findings = computed(() => {
    const plan = this.restingPlan();
    if (!plan) return [];
    const library = this.library();
    const otherDoses = this.otherDoses();
    const timeline = this.store.timelineOf(plan);
    const depth = plan === this.quietPlan() ? 'thorough' : 'quick';
    return review({ plan, timeline, library, otherDoses, nextId: newId }, depth);
  });
  protected readonly openFindings = computed(() =>
    this.findings().filter((f) => f.accepted === null && f.severity !== 'note'),
  );
  protected readonly pointed = signal<ThreadPoint | null>(null);
  protected readonly failure = signal<string | null>(null);
  protected readonly time = sayTime;

  protected readonly empty = computed(() => {
    const plan = this.store.plan();
    return plan !== null && itemsOf(plan).length === 0;
  });
  /** How most classes begin. */
  protected readonly opening = computed(() => this.library().find((r) => r.exercise.id === 'walk-and-notice') ?? null);
  protected readonly shown = computed(() => {
    const selected = this.store.selected();
    const time = this.store.selectedTime();
    return selected && time ? { item: selected.item, time } : null;
  });

  /** How the plan stands against the slot, in words. */
  protected readonly verdict = computed(() => {
    const slot = this.store.slot();
    if (!slot) return null;
    if (slot.overMs > 0) return { over: true, words: `${sayTime(slot.overMs)} over` };
    if (slot.roomMs < 0) return { over: false, words: `fits, ${sayTime(-slot.roomMs)} into the reserve` };
    return { over: false, words: `${sayTime(-slot.overMs)} free` };
  });
  protected readonly likely = computed(() => {
    const range = this.store.timeline()?.likely;
    return range ? `${sayTime(range.lowMs)} to ${sayTime(range.highMs)}` : '';
  });
  protected readonly who = computed(() => {
    const brief = this.store.plan()?.brief;
    if (!brief) return '';
    const audience = { dancers: 'dancers', general: 'general students', mixed: 'a mixed group' }[brief.audience];
    return [audience, brief.people === null ? '' : `${brief.people} people`, `${brief.floor} floor`]
      .filter((w) => w !== '')
      .join(' · ');
  });
  protected readonly feet = computed(() => {
    const timeline = this.store.timeline();
    return timeline ? { left: sayTime(timeline.leftWorkMs), right: sayTime(timeline.rightWorkMs) } : null;
  });

  protected readonly saveWords = computed(() => {
    const state = this.saver.state();
    switch (state.kind) {
      case 'saved':
        return 'Saved';
      case 'waiting':
        return 'Not saved yet …';
      case 'saving':
        return 'Saving …';
      case 'away':
        return state.keptHere
          ? 'The server does not answer. Your edits are kept in this browser and will be saved when it is back.'
          : 'The server does not answer, and this browser keeps nothing. Leave this page open.';
      case 'refused':
        return state.words;
      case 'clash':
        return 'Changed in two places';
    }
  });

  protected readonly inTrouble = computed(() => ['away', 'refused'].includes(this.saver.state().kind));

  constructor() {
    this.store.edited$.pipe(takeUntilDestroyed()).subscribe((plan) => this.saver.edited(plan));
    effect(() => {
      const title = this.store.plan()?.title;
      if (title !== undefined) this.pageTitle.setTitle(`${title} · Needlework`);
    });
    let asking = false;
    effect(() => {
      const state = this.saver.state();
      if (state.kind !== 'clash' || asking) return;
      asking = true;
      void this.settleClash(state.clash).finally(() => (asking = false));
    });
  }

  ngOnInit(): void {
    void this.open();
    this.libraryApi
      .list()
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (list) => {
          this.library.set(list);
          this.store.learn(list);
        },
        error: (error: unknown) => this.toasts.open(failureWords(failureOf(error)), 'All right'),
      });
  }

  protected async open(): Promise<void> {
    this.failure.set(null);
    try {
      const read = await firstValueFrom(this.api.read(this.id()));
      this.store.open(read.plan, read.revisions);
      this.saver.start(read);
      const draft = await this.drafts.take(this.id());
      if (draft) {
        const { revisions } = read;
        this.store.learn(await firstValueFrom(this.libraryApi.list()));
        this.store.open(draft.plan, revisions);
        this.saver.resume(draft.plan, draft.basedOn, draft.saveId);
        this.toasts.open('Edits that were not saved last time are back.', 'Good', { duration: 6000 });
      }
      this.api.otherDoses(this.id()).subscribe({
        next: (doses) => this.otherDoses.set(byExercise(doses)),
        error: () => undefined,
      });
      if (itemsOf(read.plan).length === 0) {
        this.picking.set(true);
        if (read.plan.title === 'New class') setTimeout(() => this.titleBox()?.nativeElement.select());
      }
    } catch (error) {
      this.failure.set(failureWords(failureOf(error)));
    }
  }

  protected rename(title: string): void {
    const plan = this.store.plan();
    if (!plan || title === plan.title) return;
    if (title.trim() !== '') this.store.do({ type: 'edit-class', change: { title: title.trim().slice(0, 120) } });
    const box = this.titleBox()?.nativeElement;
    if (box) box.value = this.store.plan()?.title ?? '';
  }

  protected setSlot(minutes: number): void {
    this.store.do({ type: 'edit-class', change: { slotSeconds: Math.round(minutes * 60) } });
  }

  protected pick({ exercise, revision }: ExerciseRevision): void {
    const plan = this.store.plan();
    if (!plan) return;
    const { command, itemId } = addExercise(plan, this.store.selectedId(), exercise, revision, newId);
    if (this.store.do(command)) this.store.select(itemId);
  }

  protected removeFromLibrary(revision: ExerciseRevision): void {
    const { id, name } = revision.exercise;
    this.libraryApi.remove(id).subscribe({
      next: () => {
        this.setRemoved(revision, true);
        this.toasts
          .open(`“${name.plain}” is out of the library. Classes that use it keep it.`, 'Put it back', {
            duration: 8000,
          })
          .onAction()
          .subscribe(() => this.libraryApi.restore(id).subscribe(() => this.setRemoved(revision, false)));
      },
      error: (error: unknown) => this.toasts.open(failureWords(failureOf(error)), 'All right'),
    });
  }

  protected choose(itemId: string): void {
    this.store.select(itemId);
    this.picking.set(false);
    this.beside.set('item');
  }

  protected openSettings(): void {
    this.dialogs.open(ClassSettings, { data: this.store, width: '720px', maxWidth: '96vw' });
  }

  protected openFit(): void {
    this.dialogs.open(FitDialog, { data: this.store, width: '620px', maxWidth: '96vw', autoFocus: 'dialog' });
  }

  protected openKeys(): void {
    this.dialogs.open(ShortcutsDialog, { width: '480px' });
  }

  protected key(event: KeyboardEvent): void {
    if (this.dialogs.openDialogs.length > 0) return;
    const control = event.ctrlKey || event.metaKey;
    const typing = event.target instanceof HTMLElement && event.target.matches('input, textarea, [contenteditable]');
    // A number of the dose has nothing of its own to undo; a text has.
    const writing = typing && !event.target.matches('[role="spinbutton"]');
    if (control && event.key.toLowerCase() === 'z' && !writing) {
      event.preventDefault();
      if (event.shiftKey) this.store.redo();
      else this.store.undo();
    } else if (control && event.key.toLowerCase() === 'y' && !writing) {
      event.preventDefault();
      this.store.redo();
    } else if (!control && !event.altKey && !typing) {
      if (event.key === '/') {
        event.preventDefault();
        this.picking.set(true);
        setTimeout(() => document.querySelector<HTMLInputElement>('nw-picker input[type="search"]')?.focus());
      } else if (event.key === '?') this.openKeys();
      else if (event.key.toLowerCase() === 't') this.openFit();
      else if (event.key.toLowerCase() === 'w') {
        this.picking.set(false);
        this.beside.set('findings');
      } else if (event.key.toLowerCase() === 'f') void this.router.navigate(['/class', this.id(), 'floor']);
    }
  }

  /** Leaves the page once the last edit is saved, or lies in this browser. */
  async settle(): Promise<boolean> {
    await this.saver.settled();
    return true;
  }

  protected leaving(event: BeforeUnloadEvent): void {
    this.saver.now();
    const state = this.saver.state();
    if (state.kind === 'away' && !state.keptHere) event.preventDefault();
  }

  /** Coming back to this page: another one may have saved meanwhile. */
  protected back(): void {
    if (this.saver.unsaved || this.saver.state().kind !== 'saved') return;
    this.api
      .read(this.id())
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (read) => {
          const state = this.saver.state();
          if (state.kind !== 'saved' || this.saver.unsaved || state.at === read.updatedAt) return;
          this.store.open(read.plan, read.revisions);
          this.saver.start(read);
          this.toasts.open('This class was changed on another page; here is the newest.', 'Good', { duration: 5000 });
        },
        error: () => undefined,
      });
  }

  private setRemoved(revision: ExerciseRevision, removed: boolean): void {
    const changed = { ...revision, removed };
    this.store.learn([changed]);
    this.library.update((list) =>
      removed ? list.filter((r) => r.exercise.id !== revision.exercise.id) : [...list, changed],
    );
  }

  private async settleClash(clash: ClashAnswer): Promise<void> {
    const mine = this.store.plan();
    const theirs = clash.current.plan;
    const sides: ClashSides = {
      mine: mine
        ? `“${mine.title}”, ${itemsOf(mine).length} items, ${sayTime(this.store.timelineOf(mine).totalMs)}`
        : '',
      theirs: `“${theirs.title}”, ${itemsOf(theirs).length} items, saved ${new Date(clash.current.updatedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}`,
    };
    const choice = await firstValueFrom(
      this.dialogs
        .open<ClashDialog, ClashSides, ClashChoice>(ClashDialog, { data: sides, disableClose: true })
        .afterClosed(),
    );
    if (choice === 'mine') {
      this.saver.keepMine(clash);
      return;
    }
    if (choice === 'both' && mine) {
      const copy = { ...copyOfPlan(mine, `${mine.title} (second page)`.slice(0, 120), newId), lead: mine.lead };
      try {
        await firstValueFrom(this.api.create(newId(), copy));
        this.toasts
          .open('Your side is saved as a class of its own.', 'Open it', { duration: 10_000 })
          .onAction()
          .subscribe(() => void this.router.navigate(['/class', copy.id]));
      } catch (error) {
        this.toasts.open(failureWords(failureOf(error)), 'All right');
      }
    }
    this.store.open(theirs, clash.current.revisions);
    this.saver.takeTheirs(clash);
  }
}
