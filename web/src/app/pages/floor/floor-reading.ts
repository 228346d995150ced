import { Injectable, computed, inject } from '@angular/core';
import { doseWords, nameOf, tempoWords } from '@core/card';
import { saidNow } from '@core/cues';
import { takeOffWords } from '@core/exercise';
import { kitNames } from '@core/kit';
import { findItem } from '@core/plan';
import {
  currentBout,
  following,
  footNow,
  momentOf,
  nextKit,
  owedNow,
  retime,
  talkOf,
  timeOf,
  wearingOf,
} from '@core/run';
import { sayLength, sayTime } from '@core/say-time';
import { owedNowWords } from '../../parts/saying/owed-words';
import { FloorStore } from './floor-store';

/** A class that ends later than this after its slot is offered to catch up; one that is earlier, to use the time, ms. */
const worthCatchingUp = { lateMs: 15_000, earlyMs: 60_000 };

/** What there is to read of a class being taught, for all parts of the floor. */
@Injectable()
export class FloorReading {
  private readonly store = inject(FloorStore);
  readonly state = this.store.state;

  readonly bout = computed(() => {
    const state = this.state();
    return state && currentBout(state);
  });
  readonly moment = computed(() => {
    const state = this.state();
    return state && momentOf(state);
  });
  readonly time = computed(() => {
    const state = this.state();
    return state && timeOf(state, this.bout());
  });
  readonly item = computed(() => {
    const state = this.state();
    const id = this.bout()?.itemId ?? null;
    return state && id !== null ? (findItem(state.plan, id)?.item ?? null) : null;
  });
  /** Talk of its own has no feet, no dose and no sets. */
  readonly talk = computed(() => {
    const state = this.state();
    return state ? talkOf(state, this.bout()) : null;
  });
  readonly wearing = computed(() => {
    const state = this.state();
    return state ? wearingOf(state, this.bout()) : null;
  });
  /** Nothing is done with the feet: there is time for what comes next. */
  readonly idle = computed(() => this.talk() !== null || this.wearing() === 'take-off');
  readonly name = computed(() => {
    const state = this.state();
    const time = this.time();
    if (!state || !time) return 'Compare the feet';
    return this.wearing() === 'take-off' && time.execution ? takeOffWords(time.execution) : nameOf(state.plan, time);
  });
  readonly dose = computed(() => {
    const state = this.state();
    const time = this.time();
    if (this.talk()) return sayLength(time?.totalMs ?? 0);
    return state && time && this.wearing() !== 'take-off' ? doseWords(state.plan, time) : '';
  });
  readonly tempo = computed(() => {
    const [item, execution] = [this.item(), this.time()?.execution];
    return item && execution && this.wearing() === null ? tempoWords(item, execution) : '';
  });
  /** What the breath does in the phase that is counted; empty where it is left alone. */
  readonly breath = computed(() => {
    const phase = this.moment()?.phase;
    return this.moment()?.event.activity !== 'work' || !phase || phase.breath === 'free'
      ? ''
      : `breathe ${phase.breath}`;
  });
  /** What is said now; null in silence. */
  readonly said = computed(() => {
    const state = this.state();
    const script = this.store.script();
    return state && script ? saidNow(script, state) : null;
  });
  readonly held = computed(() => (this.state()?.heldSinceMs ?? null) !== null);
  readonly foot = computed(() => {
    const state = this.state();
    return state ? footNow(state, this.moment()) : 'both';
  });
  readonly phase = computed(() => this.moment()?.phase ?? this.time()?.execution?.phases[0] ?? null);
  /** Whole seconds since this bout's set-up began: it counts up, nobody is hurried. */
  readonly settingUp = computed(() => {
    const state = this.state();
    const bout = this.bout();
    if (!state || !bout || state.status !== 'set-up') return null;
    return {
      count: Math.floor((state.atMs - state.statusSinceMs) / 1000),
      planned: Math.round((bout.workStartMs - bout.startMs) / 1000),
    };
  });
  readonly live = computed(() => {
    const state = this.state();
    if (!state) return null;
    const times = retime(state);
    const late = Math.round(times.laterMs / 1000);
    const free = -times.overSlotMs;
    return {
      elapsed: sayTime(times.elapsedMs),
      slot: sayTime(state.plan.slotSeconds * 1000),
      ends: sayTime(times.endsAtMs),
      over: times.overSlotMs > 0,
      late: state.status !== 'over' && times.overSlotMs >= worthCatchingUp.lateMs,
      early: state.status !== 'over' && late <= -30 && free >= worthCatchingUp.earlyMs,
      short: times.elapsedMs < 60_000,
      words: Math.abs(late) < 5 ? 'on time' : `${sayTime(Math.abs(late) * 1000)} ${late > 0 ? 'late' : 'early'}`,
      behind: late >= 30,
      plannedMs: times.plannedMs,
      slotEndsMs: times.slotEndsMs,
    };
  });
  readonly next = computed(() => {
    const state = this.state();
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
  /** Kit that the next item takes and nobody has yet, early enough to fetch it. */
  readonly fetch = computed(() => {
    const state = this.state();
    return (state ? nextKit(state) : []).map((kit) => kitNames[kit]).join(', ');
  });
  /** What somebody who does not see the screen has to know: a stage, a foot, the last one; never every count. */
  readonly told = computed(() => {
    const state = this.state();
    if (!state || state.status === 'over') return '';
    const foot = this.foot();
    const side = this.idle() ? '' : foot === 'both' ? 'both feet' : `${foot} foot`;
    if (this.held()) return 'Held.';
    const moment = this.moment();
    const words = {
      ready: [this.name(), side, 'ready'],
      'set-up': ['Set-up', side],
      work: moment?.last ? ['Last one', side] : ['Counting', side, this.dose()],
    }[state.status];
    return `${words.filter((word) => word !== '').join(', ')}.`;
  });
  /** What is owed to a foot, while it can be done. */
  readonly owing = computed(() => {
    const state = this.state();
    if (!state) return [];
    return owedNow(state).map((debt) => {
      const time = state.timeline.items.find((t) => t.itemId === debt.itemId);
      return { ...debt, name: time ? nameOf(state.plan, time) : '', words: owedNowWords(state, debt) };
    });
  });
}
