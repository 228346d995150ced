import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  type OnDestroy,
  type OnInit,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { RouterLink } from '@angular/router';
import { mdiClose } from '@mdi/js';
import * as z from 'zod';
import { otherSide } from '@core/plan';
import { placeOf } from '@core/run';
import { outlineOf } from '@core/timeline';
import { Abilities } from '../../data/abilities';
import { BrowserStore } from '../../data/browser-store';
import { FirstClass } from '../../data/first-class';
import { Icon } from '../../parts/icon/icon';
import { doingOf } from '../../parts/keys/key-table';
import { Loading } from '../../parts/loading/loading';
import { ClassOutline } from '../../parts/thread/class-outline';
import { AdaptBar } from './adapt-bar';
import { CatchUpFlow } from './catch-up-flow';
import { CatchUpSheet } from './catch-up-sheet';
import { Door } from './door/door';
import { DoorFlow } from './door/door-flow';
import { EndSooner } from './end-sooner';
import { FloorClock } from './floor-clock';
import { FloorEnd } from './floor-end';
import { FloorPanel } from './floor-panel';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';
import { KeptRunStore } from './kept-run-store';
import { KeysDialog } from './keys-dialog';
import { LastTimeFlow } from './last-time-flow';
import { LeavingFlow } from './leaving-flow';
import { OwnKeys } from './own-keys';
import { RoomStream } from './room-stream';
import { RosterFlow } from './roster-flow';
import { Sensations } from './sensations';
import { SurpriseFlow } from './surprise-flow';
import { TonePlayer } from './tone-player';
import { Voice } from './voice';
import { WaysSheet } from './ways-sheet';

const facingKey = 'needlework.facing';
const YesNo = z.enum(['yes', 'no']);

/** The class on the floor, read from four metres: it follows the teacher, one tap for the next step. */
@Component({
  selector: 'nw-floor-page',
  imports: [
    AdaptBar,
    CatchUpSheet,
    ClassOutline,
    Door,
    EndSooner,
    FloorEnd,
    FloorPanel,
    Icon,
    Loading,
    MatButton,
    MatIconButton,
    RouterLink,
    Sensations,
    WaysSheet,
  ],
  providers: [
    CatchUpFlow,
    DoorFlow,
    FloorClock,
    FloorReading,
    FloorStore,
    KeptRunStore,
    LastTimeFlow,
    LeavingFlow,
    RoomStream,
    RosterFlow,
    SurpriseFlow,
    TonePlayer,
    Voice,
  ],
  templateUrl: './floor-page.html',
  styleUrls: ['./floor-quiet.scss', './floor-page.scss', './floor-small.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(document:keydown)': 'key($event)',
    '(window:focus)': 'store.checkPlan()',
    '(document:visibilitychange)': 'wake()',
  },
})
export class FloorPage implements OnInit, OnDestroy {
  readonly id = input.required<string>();
  /** Taught to nobody, at any speed: nothing of it enters the log. */
  readonly rehearse = input(false);
  /** The number of a room with surprises, where one was asked for by its address. */
  readonly inRoom = input<string>();
  protected readonly store = inject(FloorStore);
  protected readonly reading = inject(FloorReading);
  protected readonly catchUp = inject(CatchUpFlow);
  protected readonly door = inject(DoorFlow);
  protected readonly lastTime = inject(LastTimeFlow);
  protected readonly surprises = inject(SurpriseFlow);
  protected readonly tones = inject(TonePlayer);
  protected readonly abilities = inject(Abilities);
  protected readonly first = inject(FirstClass);
  protected readonly voice = inject(Voice);
  private readonly clock = inject(FloorClock);
  private readonly room = inject(RoomStream);
  private readonly leaving = inject(LeavingFlow);
  private readonly keys = inject(OwnKeys);
  private readonly dialogs = inject(MatDialog);
  private readonly kept = inject(BrowserStore);
  private readonly aside = viewChild<ElementRef<HTMLElement>>('aside');
  private lock: WakeLockSentinel | null = null;

  protected readonly icons = { close: mdiClose };
  /** The teacher faces the students and shows the mirror side. */
  protected readonly facing = signal(this.kept.remembered(facingKey, YesNo, 'yes') === 'yes');
  /** On a low screen the panel opens when it is asked for; on a small one what can be changed does. */
  protected readonly more = signal(false);
  protected readonly changing = signal(false);
  /** Somebody feels something. */
  protected readonly sensing = signal(false);
  /** The class has to end sooner. */
  protected readonly ending = signal(false);
  /** How the class runs is being chosen. */
  protected readonly waying = signal(false);
  /** Something is asked beside the count. */
  protected readonly asking = computed(
    () => this.sensing() || this.ending() || this.waying() || this.catchUp.offer() !== null,
  );

  private readonly timeline = computed(() => this.store.state()?.timeline ?? null);
  private readonly plan = computed(() => this.store.state()?.plan ?? null);
  /** The thread of the class, small. */
  protected readonly strip = computed(() => {
    const [plan, timeline] = [this.plan(), this.timeline()];
    return plan && timeline
      ? { slotSeconds: plan.slotSeconds, plannedMs: timeline.totalMs, outline: outlineOf(timeline) }
      : null;
  });
  /** The foot whose turn it is, in words a student uses, and the side the teacher shows. */
  protected readonly side = computed(() => {
    const foot = this.reading.foot();
    if (foot === 'both') return { foot, words: 'both feet', mirror: '' };
    return { foot, words: `${foot} foot`, mirror: this.facing() ? `you show your ${otherSide(foot)}` : '' };
  });
  /** What the one big tap does now. */
  protected readonly tap = computed(() => {
    const state = this.store.state();
    if (!state) return '';
    if (this.reading.held()) return 'Go on';
    if (this.reading.moment()?.open) return 'Enough';
    if (state.status === 'ready' && this.reading.talk()) return 'Begin';
    if (state.status === 'set-up' && this.reading.wearing()) return 'Done';
    return { ready: 'Set up', 'set-up': 'Count', work: 'Hold', over: '' }[state.status];
  });
  /** What a voice would say now: nothing while the class waits or is held. */
  private readonly spoken = computed(
    () => {
      const state = this.store.state();
      const said = this.reading.said();
      const speaks = state?.status === 'set-up' || state?.status === 'work';
      return said && speaks && !this.reading.held() ? said : null;
    },
    { equal: (a, b) => a?.key === b?.key },
  );

  constructor() {
    effect(() => {
      const said = this.spoken();
      untracked(() => {
        // nobody understands a voice at more than twice its rate
        const rate = (this.plan()?.pace.speakingWordsPerMinute ?? 0) * this.speed();
        if (said && this.speed() <= 2) this.voice.say(said.spoken, rate);
        else this.voice.hush();
      });
    });
    effect(() => {
      // what opens beside the count is read from its beginning
      const opens = [this.sensing(), this.ending(), this.waying(), this.catchUp.offer() !== null];
      const aside = this.aside()?.nativeElement;
      if (aside && opens.length > 0) aside.scrollTop = 0;
    });
    // who has counted once knows how the floor is begun
    effect(() => {
      if (this.store.state()?.status === 'work' && !this.rehearse()) untracked(() => this.first.finish());
    });
    // nobody answers at sixteen times: what happens brings the rehearsal back to life
    effect(() => {
      if (this.surprises.now().length > 0) untracked(() => this.speed() > 1 && this.runAt(1));
    });
  }

  ngOnInit(): void {
    this.room.open(this.id());
    void this.open();
  }

  private async open(): Promise<void> {
    await this.store.open(this.id(), this.rehearse());
    const seed = Number(this.inRoom());
    if (this.rehearse() && Number.isInteger(seed) && seed > 0) this.surprises.begin(seed);
  }

  protected toggleSurprises(): void {
    if (this.surprises.seed() === null) this.surprises.begin();
    else this.surprises.leave();
  }

  /** Seconds on the floor are asked about before they are left. */
  readyToLeave(): Promise<boolean> {
    return this.leaving.ask();
  }

  ngOnDestroy(): void {
    void this.lock?.release();
  }

  /** One tap, key or pedal: set up, count, hold, go on; where the work has no end of its own, that it is enough. */
  protected primary(): void {
    const state = this.store.state();
    if (!state || state.status === 'over') return;
    this.tones.wake();
    void this.keepAwake();
    if (this.reading.held()) this.store.act({ kind: 'resumed' });
    else if (this.reading.moment()?.open) this.store.act({ kind: 'enough' });
    else this.store.act({ kind: state.status === 'work' ? 'held' : 'started' });
  }

  protected makeUp({ bout, fromMs }: { readonly bout: number; readonly fromMs: number }): void {
    this.tones.wake();
    this.store.act({ kind: 'made-up', bout, fromMs });
  }

  protected move(by: 1 | -1): void {
    const state = this.store.state();
    if (!state || state.status === 'over') return;
    const atStart = state.status === 'ready' && by === -1;
    // What is made up is left for where the class goes on.
    const forward = state.makingUp ? placeOf(state) : state.boutIndex + 1;
    const target = by === 1 ? forward : state.boutIndex - (atStart ? 1 : 0);
    if (target >= state.bouts.length) this.store.act({ kind: 'ended' });
    else this.store.act({ kind: 'moved', bout: Math.max(0, target) });
  }

  protected sense(): void {
    this.changing.set(false);
    this.ending.set(false);
    this.waying.set(false);
    this.sensing.update((on) => !on);
  }

  protected endSooner(): void {
    this.changing.set(false);
    this.sensing.set(false);
    this.waying.set(false);
    this.ending.update((on) => !on);
  }

  protected toggleFlowing(): void {
    this.tones.wake();
    void this.keepAwake();
    this.store.act({ kind: 'flowing', on: !(this.store.state()?.flowing ?? false) });
  }

  protected turnWays(): void {
    this.changing.set(false);
    this.sensing.set(false);
    this.ending.set(false);
    this.waying.update((on) => !on);
  }

  protected toggleFacing(): void {
    this.facing.update((on) => !on);
    this.kept.remember(facingKey, this.facing() ? 'yes' : 'no');
  }

  protected readonly speeds = [1, 2, 4, 16] as const;
  protected readonly speed = signal(1);

  protected runAt(times: number): void {
    this.tones.hush();
    this.clock.run(times);
    this.speed.set(times);
    if (!(this.store.state()?.flowing ?? true)) this.toggleFlowing();
  }

  protected key(event: KeyboardEvent): void {
    if (this.dialogs.openDialogs.length > 0) return;
    const onButton = event.target instanceof HTMLElement && event.target.matches('button, a');
    const doing = doingOf(this.keys.table(), event);
    if (!doing || (onButton && (event.key === ' ' || event.key === 'Enter'))) return;
    event.preventDefault();
    const adapts = {
      again: () => this.store.adapt('again'),
      skip: () => this.store.adapt('skip'),
      easier: () => this.store.adapt('easier'),
      shake: () => this.store.adapt('shake'),
      look: () => this.store.adapt('look'),
      feels: () => this.sense(),
      owed: () => this.owed(),
      late: () => this.catchUp.ask(),
    };
    const actions = {
      primary: () => this.primary(),
      next: () => this.move(1),
      back: () => this.move(-1),
      more: () => this.store.changeSets(1),
      less: () => this.store.changeSets(-1),
      undo: () => this.store.undo(),
      tones: () => this.tones.turn(),
      voice: () => this.voice.toggle(),
      ...adapts,
      facing: () => this.toggleFacing(),
      keys: () => this.dialogs.open(KeysDialog, { width: '560px' }),
    };
    actions[doing]();
  }

  /** The first that is owed is done now. */
  private owed(): void {
    const [debt] = this.reading.owing();
    if (debt) this.makeUp(debt);
  }

  protected wake(): void {
    if (document.visibilityState === 'visible' && this.store.begun()) void this.keepAwake();
  }

  private async keepAwake(): Promise<void> {
    if (this.lock && !this.lock.released) return;
    this.lock = (await navigator.wakeLock?.request('screen').catch(() => null)) ?? null;
  }
}
