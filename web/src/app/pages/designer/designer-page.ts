import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  type OnInit,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { MatTooltip } from '@angular/material/tooltip';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink } from '@angular/router';
import {
  mdiClose,
  mdiKeyboardOutline,
  mdiPlay,
  mdiPlus,
  mdiPrinterOutline,
  mdiAccountGroupOutline,
  mdiTuneVariant,
} from '@mdi/js';
import type { ExerciseRevision } from '@core/contract';
import { concernNames } from '@core/exercise';
import { addExercise, allItemsOf, amongItsKind } from '@core/plan';
import { sayTime } from '@core/say-time';
import { fileOf } from '../../data/file-of';
import { fileName, saveFile } from '../../data/save-file';
import { FirstClass } from '../../data/first-class';
import { LibraryStore } from '../../data/library-store';
import { newId } from '../../data/new-id';
import { NumberField } from '../../parts/dose/number-field';
import { numberKeys } from '../../parts/dose/number-keys';
import { OwnProtocols } from '../../data/own-protocols';
import { Icon } from '../../parts/icon/icon';
import { KeySheet } from '../../parts/keys/key-sheet';
import { type KeyTable, doingOf } from '../../parts/keys/key-table';
import { Loading } from '../../parts/loading/loading';
import { Thread, type ThreadPoint } from '../../parts/thread/thread';
import { threadKeys } from '../../parts/thread/thread-keys';
import { TopBar } from '../../parts/top/top-bar';
import { Word } from '../../parts/word/word';
import { ClashFlow } from './clash-flow';
import { ClassSession } from './class-session';
import { designerKeys, orderKeys, pickerKeys } from './designer-keys';
import { Findings } from './findings/findings';
import { FirstSteps } from './first/first-steps';
import { FitDialog } from './fit/fit-dialog';
import { ItemPanel } from './item/item-panel';
import { TalkPanel } from './item/talk-panel';
import { RunningOrder } from './order/running-order';
import { Peek } from './peek';
import { Picker } from './picker/picker';
import { PlanStore } from './plan-store';
import { type ReorderAsked, ReorderDialog } from './reorder/reorder-dialog';
import { ReviewStream } from './review-stream';
import { StepsBack } from './steps-back';
import { ClassSettings } from './settings/class-settings';
import { ThroughLinks } from '../through/through-links';
import { WhoDialog } from './who/who-dialog';

const slotMinutes = [5, 10, 15, 20, 25, 30, 40, 45, 50, 60, 75, 90, 120];
const audiences = { dancers: 'dancers', general: 'general students', mixed: 'a mixed group' } as const;

/** The class designer: the thread above, the running order below it, beside it the item or the exercises to pick. */
@Component({
  selector: 'nw-designer-page',
  imports: [
    Findings,
    FirstSteps,
    Icon,
    ItemPanel,
    Loading,
    MatButton,
    MatIconButton,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    MatTooltip,
    NumberField,
    Peek,
    Picker,
    RouterLink,
    RunningOrder,
    StepsBack,
    TalkPanel,
    Thread,
    ThroughLinks,
    TopBar,
    Word,
  ],
  providers: [PlanStore, ClassSession, ReviewStream, ClashFlow],
  templateUrl: './designer-page.html',
  styleUrl: './designer-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(document:keydown)': 'key($event)',
    '(window:beforeunload)': 'leaving()',
    '(window:focus)': 'session.lookAgain()',
  },
})
export class DesignerPage implements OnInit {
  protected readonly fileOf = fileOf;
  readonly id = input.required<string>();
  /** An exercise that is to be put in, by the page it was chosen on. */
  readonly add = input<string>();

  protected readonly store = inject(PlanStore);
  protected readonly session = inject(ClassSession);
  protected readonly first = inject(FirstClass);
  private readonly own = inject(OwnProtocols);
  protected readonly reviewed = inject(ReviewStream);
  private readonly library = inject(LibraryStore);
  private readonly dialogs = inject(MatDialog);
  private readonly router = inject(Router);
  private readonly pageTitle = inject(Title);
  private readonly thread = viewChild(Thread);
  private readonly titleField = viewChild<ElementRef<HTMLInputElement>>('title');

  protected readonly icons = {
    add: mdiPlus,
    close: mdiClose,
    run: mdiPlay,
    card: mdiPrinterOutline,
    settings: mdiTuneVariant,
    people: mdiAccountGroupOutline,
    keys: mdiKeyboardOutline,
  };
  protected readonly slotMinutes = slotMinutes;
  protected readonly time = sayTime;
  /** An empty class begins with the exercises to pick. */
  protected readonly picking = linkedSignal(() => {
    const read = this.session.read();
    return read.status === 'ready' && allItemsOf(read.value.plan).length === 0;
  });
  /** What stands beside the order when nothing is being picked. */
  protected readonly beside = signal<'item' | 'findings'>('item');
  /** On a small screen what stands beside the order is a sheet over it: open where something is chosen or picked. */
  protected readonly sheet = linkedSignal(() => this.picking());
  protected readonly pointed = signal<ThreadPoint | null>(null);

  protected readonly empty = computed(() => {
    const plan = this.store.plan();
    return plan !== null && allItemsOf(plan).length === 0;
  });
  /** How most classes begin. */
  protected readonly opening = computed(() => this.library.byId().get('walk-and-notice') ?? null);
  protected readonly shown = computed(() => {
    const selected = this.store.selected();
    const time = this.store.selectedTime();
    if (!selected || !time) return null;
    const { item } = selected;
    return item.kind === 'talk' ? { talk: item } : { item, time };
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
    const people = brief.people === null ? '' : `${brief.people} people`;
    const mind =
      brief.concerns.length === 0 ? '' : `mind: ${brief.concerns.map((one) => concernNames[one]).join(', ')}`;
    return [audiences[brief.audience], people, `${brief.floor} floor`, mind].filter((w) => w !== '').join(' · ');
  });
  protected readonly feet = computed(() => {
    const timeline = this.store.timeline();
    return timeline ? { left: sayTime(timeline.leftWorkMs), right: sayTime(timeline.rightWorkMs) } : null;
  });

  constructor() {
    inject(ClashFlow);
    let isIn = false;
    effect(() => {
      const chosen = this.library.byId().get(this.add() ?? '');
      // once, also where the library is read anew before the address has changed
      if (!chosen || isIn || this.session.read().status !== 'ready') return;
      isIn = true;
      untracked(() => {
        const plan = this.store.plan();
        if (plan) this.store.select(amongItsKind(plan, chosen.exercise));
        this.pick(chosen);
        // not again after a reload
        void this.router.navigate([], { queryParams: {}, replaceUrl: true });
      });
    });
    effect(() => {
      if (this.empty()) untracked(() => this.first.meet(this.id()));
    });
    effect(() => {
      const title = this.store.plan()?.title;
      if (title !== undefined) this.pageTitle.setTitle(`${title} · Needlework`);
    });
    effect(() => {
      const field = this.titleField()?.nativeElement;
      if (field && untracked(() => this.store.plan()?.title === 'New class' && this.empty())) field.select();
    });
  }

  ngOnInit(): void {
    this.own.load();
    this.session.open(this.id());
  }

  protected rename(title: string): void {
    const plan = this.store.plan();
    if (!plan || title === plan.title) return;
    if (title.trim() !== '') this.store.do({ type: 'edit-class', change: { title: title.trim().slice(0, 120) } });
    const field = this.titleField()?.nativeElement;
    if (field) field.value = this.store.plan()?.title ?? '';
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

  /** Back to the order, and the keyboard with it; an empty class has nothing else to show. */
  protected stopPicking(): void {
    if (this.empty()) return;
    this.picking.set(false);
    this.sheet.set(false);
    setTimeout(() =>
      document.querySelector<HTMLElement>('nw-running-order [aria-current="true"], aside .add')?.focus(),
    );
  }

  /** The first exercise is in: the keyboard goes on where the next is picked. */
  protected begin(first: ExerciseRevision): void {
    this.pick(first);
    setTimeout(() => document.querySelector<HTMLElement>('nw-picker .pick')?.focus());
  }

  /** The thread as it is drawn now, as a picture of its own. */
  protected keepThread(): void {
    const drawn = this.thread()?.drawing();
    if (drawn === undefined) return;
    const file = new Blob([drawn], { type: 'image/svg+xml' });
    saveFile(file, fileName(this.store.plan()?.title ?? '', 'svg'));
  }

  protected choose(itemId: string): void {
    this.store.select(itemId);
    this.picking.set(false);
    this.beside.set('item');
    this.sheet.set(true);
  }

  protected openSettings(): void {
    this.dialogs.open(ClassSettings, { data: this.store, width: '720px', maxWidth: '96vw' });
  }

  protected openWho(): void {
    this.dialogs.open(WhoDialog, { data: this.store, width: '1100px', maxWidth: '96vw', autoFocus: 'dialog' });
  }

  protected openFit(): void {
    this.dialogs.open(FitDialog, { data: this.store, width: '620px', maxWidth: '96vw', autoFocus: 'dialog' });
  }

  protected openReorder(blockId: string | null): void {
    const data: ReorderAsked = { store: this.store, blockId };
    this.dialogs.open(ReorderDialog, { data, width: '680px', maxWidth: '96vw', autoFocus: 'dialog' });
  }

  protected openKeys(): void {
    const tables: readonly KeyTable[] = [designerKeys, pickerKeys, orderKeys, threadKeys, numberKeys];
    this.dialogs.open(KeySheet, { data: tables, width: '840px', maxWidth: '94vw' });
  }

  protected key(event: KeyboardEvent): void {
    const doing = this.dialogs.openDialogs.length > 0 ? null : doingOf(designerKeys, event);
    switch (doing) {
      case 'find':
        event.preventDefault();
        this.picking.set(true);
        setTimeout(() => document.querySelector<HTMLInputElement>('nw-picker input[type="search"]')?.focus());
        return;
      case 'undo':
        event.preventDefault();
        return this.store.undo();
      case 'redo':
        event.preventDefault();
        return this.store.redo();
      case 'fit':
        return this.openFit();
      case 'order':
        return this.openReorder(null);
      case 'look':
        this.picking.set(false);
        return this.beside.set('findings');
      case 'floor':
        return void this.router.navigate(['/class', this.id(), 'floor']);
      case 'keys':
        return this.openKeys();
      case null:
    }
  }

  /** Leaves the page once the last edit is saved, or lies in this browser. */
  async readyToLeave(): Promise<boolean> {
    await this.session.written();
    return true;
  }

  protected leaving(): void {
    this.session.now();
  }
}
