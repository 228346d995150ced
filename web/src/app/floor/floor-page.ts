import {
  ChangeDetectionStrategy,
  Component,
  type OnDestroy,
  type OnInit,
  computed,
  inject,
  input,
  signal,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatTooltip } from '@angular/material/tooltip';
import { Router, RouterLink } from '@angular/router';
import {
  mdiArrowLeft,
  mdiClose,
  mdiMinus,
  mdiPlus,
  mdiRestart,
  mdiSkipNext,
  mdiSkipPrevious,
  mdiStop,
  mdiUndo,
  mdiVolumeHigh,
  mdiVolumeOff,
} from '@mdi/js';
import { kitNames } from '@core/kit';
import { otherSide } from '@core/plan';
import { currentBout, retime } from '@core/run';
import { sayTime } from '@core/say-time';
import { Footprints } from '../footprints/footprints';
import { Icon } from '../icon/icon';
import { doseWords } from '../saying/item-words';
import { viewWords } from '../saying/fault-words';
import { owedWords } from '../saying/owed-words';
import { FloorClock } from './floor-clock';
import { FloorStore } from './floor-store';
import { cueOf, momentOf, timeOf } from './moment';
import { ToneBox } from './tone-box';

const facingKey = 'needlework.facing';

/** The class on the floor, read from four metres: it follows the teacher, one tap for the next step. */
@Component({
  selector: 'nw-floor-page',
  imports: [Footprints, Icon, MatButton, MatIconButton, MatTooltip, RouterLink],
  providers: [FloorStore, FloorClock, ToneBox],
  templateUrl: './floor-page.html',
  styleUrl: './floor-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(document:keydown)': 'key($event)',
    '(window:focus)': 'store.checkPlan()',
    '(document:visibilitychange)': 'wake()',
  },
})
export class FloorPage implements OnInit, OnDestroy {
  readonly id = input.required<string>();
  protected readonly store = inject(FloorStore);
  protected readonly tones = inject(ToneBox);
  private readonly router = inject(Router);
  private lock: WakeLockSentinel | null = null;

  protected readonly icons = {
    back: mdiArrowLeft,
    before: mdiSkipPrevious,
    next: mdiSkipNext,
    more: mdiPlus,
    less: mdiMinus,
    undo: mdiUndo,
    loud: mdiVolumeHigh,
    quiet: mdiVolumeOff,
    stop: mdiStop,
    restart: mdiRestart,
    close: mdiClose,
  };
  protected readonly time = sayTime;
  protected readonly view = viewWords;
  /** The teacher faces the students and shows the mirror side. */
  protected readonly facing = signal(localStorage.getItem(facingKey) !== 'no');
  protected readonly saved = signal<'no' | 'saving' | 'yes' | 'not'>('no');

  protected readonly bout = computed(() => {
    const state = this.store.state();
    return state && currentBout(state);
  });
  protected readonly moment = computed(() => {
    const state = this.store.state();
    return state && momentOf(state);
  });
  private readonly itemTime = computed(() => {
    const state = this.store.state();
    return state && timeOf(state, this.bout());
  });
  protected readonly exercise = computed(() => this.itemTime()?.execution?.exercise ?? null);
  protected readonly name = computed(() => {
    const words = this.store.state()?.plan.school.words ?? 'plain';
    return this.exercise()?.name[words] ?? 'Compare the feet';
  });
  protected readonly dose = computed(() => {
    const state = this.store.state();
    const time = this.itemTime();
    return state && time ? doseWords(state.plan, time) : '';
  });
  protected readonly cue = computed(() => {
    const state = this.store.state();
    return state ? cueOf(state, this.moment()) : '';
  });
  protected readonly held = computed(() => (this.store.state()?.heldSinceMs ?? null) !== null);
  protected readonly live = computed(() => {
    const state = this.store.state();
    if (!state) return null;
    const times = retime(state);
    const late = Math.round(times.behindMs / 1000);
    return {
      elapsed: sayTime(times.elapsedMs),
      slot: sayTime(state.plan.slotSeconds * 1000),
      ends: sayTime(times.endsAtMs),
      over: times.overSlotMs > 0,
      farOver: times.overSlotMs > 45_000,
      words: Math.abs(late) < 5 ? 'on time' : `${sayTime(Math.abs(late) * 1000)} ${late > 0 ? 'behind' : 'ahead'}`,
      behind: late >= 30,
      share: Math.min(100, (100 * times.plannedMs) / Math.max(1, state.timeline.totalMs)),
    };
  });
  /** Whole seconds since this bout's set-up began: it counts up, nobody is hurried. */
  protected readonly settingUp = computed(() => {
    const state = this.store.state();
    const bout = this.bout();
    if (!state || !bout || state.status !== 'set-up') return null;
    return {
      count: Math.floor((state.atMs - state.statusSinceMs) / 1000),
      planned: Math.round((bout.workStartMs - bout.startMs) / 1000),
    };
  });

  /** The foot whose turn it is, in words a student uses, and the side the teacher shows. */
  protected readonly side = computed(() => {
    const feet = this.moment()?.foot ?? this.bout()?.feet ?? 'both';
    if (feet !== 'left' && feet !== 'right') return { foot: 'both' as const, words: 'both feet', mirror: '' };
    return { foot: feet, words: `${feet} foot`, mirror: this.facing() ? `you show your ${otherSide(feet)}` : '' };
  });
  protected readonly phase = computed(() => this.moment()?.phase ?? this.itemTime()?.execution?.phases[0] ?? null);
  protected readonly kit = computed(
    () =>
      this.itemTime()
        ?.execution?.kit.map((need) => kitNames[need.kit])
        .join(', ') ?? '',
  );
  protected readonly fault = computed(() => this.itemTime()?.execution?.faults[0] ?? null);
  protected readonly caution = computed(() => this.exercise()?.cautions[0]?.words ?? null);

  protected readonly next = computed(() => {
    const state = this.store.state();
    const bout = this.bout();
    if (!state || !bout) return null;
    const following = state.bouts[bout.index + 1];
    if (!following) return { name: 'the end', words: '' };
    const execution = timeOf(state, following)?.execution;
    const sideWords = following.feet === 'left' || following.feet === 'right' ? `${following.feet} foot` : 'both feet';
    if (!execution) return { name: 'compare the feet', words: '' };
    const name = execution.exercise.name[state.plan.school.words];
    return following.goesStraightOn
      ? { name: sideWords, words: 'the same again' }
      : { name, words: execution.cues.setup[state.plan.school.words] };
  });
  protected readonly debts = computed(() => {
    const state = this.store.state();
    return state ? owedWords(state) : [];
  });
  /** What the one big tap does now. */
  protected readonly tap = computed(() => {
    const state = this.store.state();
    if (!state) return '';
    if (this.held()) return 'Go on';
    return { ready: 'Set up', 'set-up': 'Count', work: 'Hold', over: '' }[state.status];
  });

  ngOnInit(): void {
    void this.store.open(this.id());
  }

  ngOnDestroy(): void {
    void this.lock?.release();
  }

  /** One tap, key or pedal: set up, count, hold, go on. */
  protected primary(): void {
    const state = this.store.state();
    if (!state || state.status === 'over') return;
    this.tones.wake();
    void this.keepAwake();
    if (this.held()) this.store.act({ kind: 'resumed' });
    else this.store.act({ kind: state.status === 'work' ? 'held' : 'started' });
  }

  protected move(by: 1 | -1): void {
    const state = this.store.state();
    if (!state || state.status === 'over') return;
    const atStart = state.status === 'ready' && by === -1;
    const target = state.boutIndex + (by === 1 ? 1 : atStart ? -1 : 0);
    if (target >= state.bouts.length) this.store.act({ kind: 'ended' });
    else this.store.act({ kind: 'moved', bout: Math.max(0, target) });
  }

  protected toggleFlowing(): void {
    this.tones.wake();
    void this.keepAwake();
    this.store.act({ kind: 'flowing', on: !(this.store.state()?.flowing ?? false) });
  }

  protected toggleTones(): void {
    this.tones.on.update((on) => !on);
    this.tones.hush();
  }

  protected toggleFacing(): void {
    this.facing.update((on) => !on);
    localStorage.setItem(facingKey, this.facing() ? 'yes' : 'no');
  }

  protected async save(headcount: string, note: string): Promise<void> {
    this.saved.set('saving');
    const people = headcount.trim() === '' ? null : Math.round(Number(headcount));
    const kept = await this.store.remark(people !== null && Number.isFinite(people) ? people : null, note);
    this.saved.set(kept ? 'yes' : 'not');
    const runId = this.store.runId();
    if (kept && runId !== null) void this.router.navigate(['/log', runId]);
  }

  protected key(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.target instanceof HTMLElement && event.target.matches('input, textarea')) return;
    const onButton = event.target instanceof HTMLElement && event.target.matches('button, a');
    const action = {
      ' ': () => this.primary(),
      Enter: () => this.primary(),
      PageDown: () => this.primary(),
      ArrowRight: () => this.move(1),
      ArrowLeft: () => this.move(-1),
      PageUp: () => this.move(-1),
      '+': () => this.store.changeSets(1),
      '-': () => this.store.changeSets(-1),
      u: () => this.store.undo(),
      t: () => this.toggleTones(),
      f: () => this.toggleFacing(),
    }[event.key];
    if (!action || (onButton && (event.key === ' ' || event.key === 'Enter'))) return;
    event.preventDefault();
    action();
  }

  protected wake(): void {
    if (document.visibilityState === 'visible' && this.store.begun()) void this.keepAwake();
  }

  private async keepAwake(): Promise<void> {
    if (this.lock && !this.lock.released) return;
    this.lock = (await navigator.wakeLock?.request('screen').catch(() => null)) ?? null;
  }
}
