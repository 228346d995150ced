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
import { MatDialog } from '@angular/material/dialog';
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
  mdiUndo,
  mdiVolumeHigh,
  mdiVolumeOff,
} from '@mdi/js';
import * as z from 'zod';
import { kitNames } from '@core/kit';
import { findItem, otherSide } from '@core/plan';
import {
  Answer,
  owedNow,
  placeOf,
  reportOf,
  cueOf,
  currentBout,
  following,
  footNow,
  momentOf,
  retime,
  talkOf,
  timeOf,
  wearingOf,
  wornNow,
} from '@core/run';
import { sayLength, sayTime } from '@core/say-time';
import { BrowserStore } from '../../data/browser-store';
import { Footprints } from '../../parts/footprints/footprints';
import { Icon } from '../../parts/icon/icon';
import { Loading } from '../../parts/loading/loading';
import { breathWords, doseWords, nameOf, tempoWords } from '../../parts/saying/item-words';
import { levelLines } from '../../parts/saying/level-words';
import { cautionsFor, concernNames, takeOffWords } from '@core/exercise';
import { checkName } from '@core/measure';
import { viewWords } from '../../parts/saying/fault-words';
import { answerWords, notReachedWords, owedNowWords, owedWords } from '../../parts/saying/owed-words';
import { KeySheet } from '../../parts/keys/key-sheet';
import { doingOf } from '../../parts/keys/key-table';
import { FloorClock } from './floor-clock';
import { floorKeys } from './floor-keys';
import { FloorStore } from './floor-store';
import { TonePlayer } from './tone-player';

const facingKey = 'needlework.facing';
const YesNo = z.enum(['yes', 'no']);

/** The class on the floor, read from four metres: it follows the teacher, one tap for the next step. */
@Component({
  selector: 'nw-floor-page',
  imports: [Footprints, Icon, Loading, MatButton, MatIconButton, MatTooltip, RouterLink],
  providers: [FloorStore, FloorClock, TonePlayer],
  templateUrl: './floor-page.html',
  styleUrls: ['./floor-page.scss', './floor-small.scss'],
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
  protected readonly tones = inject(TonePlayer);
  private readonly router = inject(Router);
  private readonly dialogs = inject(MatDialog);
  private readonly kept = inject(BrowserStore);
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
    restart: mdiRestart,
    close: mdiClose,
  };
  protected readonly time = sayTime;
  protected readonly view = viewWords;
  /** The teacher faces the students and shows the mirror side. */
  protected readonly facing = signal(this.kept.remembered(facingKey, YesNo, 'yes') === 'yes');
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
  protected readonly name = computed(() => {
    const state = this.store.state();
    const time = this.itemTime();
    if (!state || !time) return 'Compare the feet';
    return this.wearing() === 'take-off' && time.execution ? takeOffWords(time.execution) : nameOf(state.plan, time);
  });
  /** Talk of its own has no feet, no dose and no sets. */
  protected readonly talk = computed(() => {
    const state = this.store.state();
    return state ? talkOf(state, this.bout()) : null;
  });
  protected readonly wearing = computed(() => {
    const state = this.store.state();
    return state ? wearingOf(state, this.bout()) : null;
  });
  /** Nothing is done with the feet: there is time for what comes next. */
  protected readonly idle = computed(() => this.talk() !== null || this.wearing() === 'take-off');
  /** What is on the feet beside the work. */
  protected readonly worn = computed(() => {
    const state = this.store.state();
    return (state ? wornNow(state) : []).flatMap(({ id }) => {
      const time = state?.timeline.items.find((t) => t.itemId === id);
      return state && time ? [nameOf(state.plan, time)] : [];
    });
  });
  protected readonly dose = computed(() => {
    const state = this.store.state();
    const time = this.itemTime();
    if (this.talk()) return sayLength(time?.totalMs ?? 0);
    return state && time && this.wearing() !== 'take-off' ? doseWords(state.plan, time) : '';
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
      short: times.elapsedMs < 60_000,
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
    const state = this.store.state();
    const foot = state ? footNow(state, this.moment()) : 'both';
    if (foot === 'both') return { foot, words: 'both feet', mirror: '' };
    return { foot, words: `${foot} foot`, mirror: this.facing() ? `you show your ${otherSide(foot)}` : '' };
  });
  protected readonly phase = computed(() => this.moment()?.phase ?? this.itemTime()?.execution?.phases[0] ?? null);
  protected readonly kit = computed(
    () =>
      this.itemTime()
        ?.execution?.kit.map((need) => kitNames[need.kit])
        .join(', ') ?? '',
  );
  protected readonly fault = computed(() => this.itemTime()?.execution?.faults[0] ?? null);
  /** What somebody in this room has to mind; the first there is where nobody has said who comes. */
  protected readonly caution = computed(() => {
    const concerns = this.store.state()?.plan.brief.concerns ?? [];
    const [first] = cautionsFor(this.itemTime()?.execution?.cautions ?? [], concerns);
    return first ? `${concernNames[first.concern]}: ${first.words}` : null;
  });
  protected readonly levels = computed(() => {
    const state = this.store.state();
    const time = this.itemTime();
    return state && time ? levelLines(state.plan, time) : [];
  });
  private readonly item = computed(() => {
    const state = this.store.state();
    const id = this.bout()?.itemId ?? null;
    return state && id !== null ? (findItem(state.plan, id)?.item ?? null) : null;
  });
  protected readonly note = computed(() => this.item()?.note ?? '');
  /** How it is done beside the dose, before it begins: the breath, the check that is taken with it. */
  protected readonly how = computed(() => {
    const state = this.store.state();
    const [item, execution] = [this.item(), this.itemTime()?.execution];
    if (!state || !item || !execution || this.wearing() !== null || this.moment() !== null) return [];
    const check = item.check && !item.recheck ? checkName(item.check) : '';
    return [
      { label: 'check', words: check },
      { label: 'breath', words: breathWords(state.plan, item, execution) },
    ].filter(({ words }) => words !== '');
  });
  protected readonly tempo = computed(() => {
    const [item, execution] = [this.item(), this.itemTime()?.execution];
    return item && execution && this.wearing() === null ? tempoWords(item, execution) : '';
  });
  /** What the breath does in the phase that is counted; empty where it is left alone. */
  protected readonly breath = computed(() => {
    const phase = this.moment()?.phase;
    return this.moment()?.event.activity !== 'work' || !phase || phase.breath === 'free'
      ? ''
      : `breathe ${phase.breath}`;
  });
  /** A look again asks what it shows, on each foot. */
  protected readonly recheck = computed(() => {
    const state = this.store.state();
    const item = this.item();
    if (!state || !item?.recheck) return null;
    const { of } = item.recheck;
    const drill = of === null ? null : state.timeline.items.find((t) => t.itemId === of)?.execution?.exercise;
    const words = drill ? `after ${drill.name[state.plan.school.words]}` : 'after the class';
    return {
      words: item.check ? `${words}: ${checkName(item.check)}` : words,
      rows: (['left', 'right'] as const).map((feet) => ({
        feet,
        words: `${feet} foot`,
        answers: Answer.options.map((id) => ({
          id,
          chosen: state.answers.some((a) => a.itemId === item.id && a.feet === feet && a.answer === id),
        })),
      })),
    };
  });
  /** What the item just taught owes to one foot, while it can still be done. */
  protected readonly owing = computed(() => {
    const state = this.store.state();
    const debt = state && owedNow(state);
    return debt ? { ...debt, words: owedNowWords(state, debt) } : null;
  });
  /** On a low screen the panel opens when it is asked for. */
  protected readonly more = signal(false);

  protected readonly next = computed(() => {
    const state = this.store.state();
    const next = state && following(state);
    switch (next?.kind) {
      case 'end':
        return { name: 'the end', words: '' };
      case 'compare':
        return { name: 'compare the feet', words: '' };
      case 'other-side':
        return {
          name: next.feet === 'left' || next.feet === 'right' ? `${next.feet} foot` : 'both feet',
          words: 'the same again',
        };
      case 'item':
        return { name: next.name, words: next.setup };
      default:
        return null;
    }
  });
  protected readonly debts = computed(() => {
    const state = this.store.state();
    if (!state) return [];
    const missing = notReachedWords(state, reportOf(state));
    return [...owedWords(state), ...answerWords(state), ...(missing === '' ? [] : [missing])];
  });
  /** What the one big tap does now. */
  protected readonly tap = computed(() => {
    const state = this.store.state();
    if (!state) return '';
    if (this.held()) return 'Go on';
    if (this.moment()?.open) return 'Enough';
    if (state.status === 'ready' && this.talk()) return 'Begin';
    if (state.status === 'set-up' && this.wearing()) return 'Done';
    return { ready: 'Set up', 'set-up': 'Count', work: 'Hold', over: '' }[state.status];
  });

  ngOnInit(): void {
    void this.store.open(this.id());
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
    if (this.held()) this.store.act({ kind: 'resumed' });
    else if (this.moment()?.open) this.store.act({ kind: 'enough' });
    else this.store.act({ kind: state.status === 'work' ? 'held' : 'started' });
  }

  protected makeUp(bout: number, fromMs: number): void {
    this.tones.wake();
    this.store.act({ kind: 'made-up', bout, fromMs });
  }

  protected answerIt(feet: 'left' | 'right', answer: Answer): void {
    const item = this.item();
    if (item) this.store.act({ kind: 'answered', itemId: item.id, feet, answer });
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
    this.kept.remember(facingKey, this.facing() ? 'yes' : 'no');
  }

  protected async save(headcount: string, note: string): Promise<void> {
    this.saved.set('saving');
    const people = headcount.trim() === '' ? null : Math.round(Number(headcount));
    const sent = await this.store.remark(people !== null && Number.isFinite(people) ? people : null, note);
    this.saved.set(sent ? 'yes' : 'not');
    const runId = this.store.runId();
    if (sent && runId !== null) void this.router.navigate(['/log', runId]);
  }

  protected key(event: KeyboardEvent): void {
    if (this.dialogs.openDialogs.length > 0) return;
    const onButton = event.target instanceof HTMLElement && event.target.matches('button, a');
    const doing = doingOf(floorKeys, event);
    if (!doing || (onButton && (event.key === ' ' || event.key === 'Enter'))) return;
    event.preventDefault();
    const actions = {
      primary: () => this.primary(),
      next: () => this.move(1),
      back: () => this.move(-1),
      more: () => this.store.changeSets(1),
      less: () => this.store.changeSets(-1),
      undo: () => this.store.undo(),
      tones: () => this.toggleTones(),
      facing: () => this.toggleFacing(),
      keys: () => this.dialogs.open(KeySheet, { data: [floorKeys], width: '480px' }),
    };
    actions[doing]();
  }

  protected wake(): void {
    if (document.visibilityState === 'visible' && this.store.begun()) void this.keepAwake();
  }

  private async keepAwake(): Promise<void> {
    if (this.lock && !this.lock.released) return;
    this.lock = (await navigator.wakeLock?.request('screen').catch(() => null)) ?? null;
  }
}
