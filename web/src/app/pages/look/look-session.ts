import { Injectable, computed, inject, signal } from '@angular/core';
import type { Observable } from 'rxjs';
import {
  type BaseOfSupport,
  type Conditions,
  type Foot,
  type History,
  type Judged,
  type Protocol,
  type Reading,
  type ReadingValue,
  checks,
  dayOf,
  historyOf,
  protocolFor,
  refusalOf,
  refuseWords,
  sayValue,
  seriesKey,
  usualConditions,
  verdictInShort,
} from '@core/measure';
import type { Student } from '@core/roster';
import { Looking } from '../../data/group-file';
import { newId } from '../../data/new-id';
import { OwnProtocols } from '../../data/own-protocols';
import { Readings } from '../../data/readings';
import { today } from '../../parts/saying/date-words';
import { readTrials } from './read-trials';

/** Why what was typed is not taken, in words; null where it is. */
export type Refused = string | null;

const isSettings = (found: readonly number[] | BaseOfSupport): found is readonly number[] => Array.isArray(found);

/** A look at some feet: which check, when and under what conditions; takes readings and says what each one tells. */
@Injectable()
export class LookSession {
  private readonly readings = inject(Readings);
  private readonly looking = inject(Looking);
  private readonly own = inject(OwnProtocols);

  /** A check that comes with Needlework, or one of the teacher's own. */
  readonly check = signal('one-leg-stand');
  readonly protocol = computed((): Protocol => this.known(this.check()) ?? checks['one-leg-stand']);
  /** One of the teacher's own may still be on its way. */
  readonly isKnown = computed(() => this.known(this.check()) !== null || this.own.found().status !== 'waiting');
  /** Local date. */
  readonly date = signal(today());
  readonly conditions = signal<Conditions>(usualConditions);
  readonly by = signal('');
  /** Seconds at which a stand is ended, if elsewhere than usual. */
  readonly cap = signal<number | null>(null);
  /** They were chosen for it as weak. */
  readonly picked = signal(false);
  /** Whose row is being worked on. */
  readonly at = signal<string | null>(null);

  /** The readings of each student; a list that has not changed stays the same one. */
  private readonly lists = new Map<string, readonly Reading[]>();
  readonly ofStudents = computed((): ReadonlyMap<string, readonly Reading[]> => {
    const fresh = new Map<string, Reading[]>();
    for (const reading of this.readings.all()) {
      const own = fresh.get(reading.studentId);
      if (own) own.push(reading);
      else fresh.set(reading.studentId, [reading]);
    }
    for (const [id, list] of fresh) {
      const before = this.lists.get(id);
      const same = before?.length === list.length && before.every((reading, i) => reading === list[i]);
      if (!same) this.lists.set(id, list);
    }
    return new Map([...fresh.keys()].map((id) => [id, this.lists.get(id) ?? []]));
  });

  /** What was judged before; a list of readings that has not changed is not judged again. */
  private readonly judged = new WeakMap<readonly Reading[], { readonly of: string; readonly history: History }>();

  historyOf(readings: readonly Reading[]): History {
    const studio = this.readings.noise()[this.check()] ?? null;
    const of = `${this.check()} ${studio ?? ''}`;
    const known = this.judged.get(readings);
    if (known?.of === of) return known.history;
    const history = historyOf({ protocol: this.protocol(), readings, studio });
    this.judged.set(readings, { of, history });
    return history;
  }

  /** What was taken of a foot on this date under these conditions; the newest. */
  takenOf(readings: readonly Reading[], foot: Foot, check = this.check()): Reading | null {
    const [date, series] = [this.date(), seriesKey({ conditions: this.conditions() })];
    return (
      readings.findLast(
        (reading) =>
          reading.protocol === check && reading.foot === foot && reading.date === date && seriesKey(reading) === series,
      ) ?? null
    );
  }

  /** The verdict on what was taken of a foot. */
  judgedOf(history: History, taken: Reading): Judged | null {
    return history.judged.findLast(({ readingIds }) => readingIds.includes(taken.id)) ?? null;
  }

  /** What was seen of a foot before this date. */
  beforeOf(history: History, foot: Foot): Judged | null {
    const day = dayOf(this.date());
    return history.judged.findLast((judged) => judged.foot === foot && judged.day < day) ?? null;
  }

  /** Takes typed trials of a foot, in the place of those that were there. Nothing typed takes them out. */
  takeTrials(student: Student, foot: Foot, typed: readonly string[]): Refused {
    const { result } = this.protocol();
    if (result.gives !== 'number') return null;
    const read = readTrials(typed);
    if (!read.ok) return `“${read.error}” is not a number. Nothing was taken.`;
    if (read.value.length === 0) return this.takeBack(student, foot);
    const trials = read.value;
    return this.take(student, foot, { kind: 'number', trials, known: true, cap: this.cap() });
  }

  takeWord(student: Student, foot: Foot, answer: string): Refused {
    const before = this.takenOf(this.ofStudents().get(student.id) ?? [], foot);
    if (before?.value.kind === 'word' && before.value.answer === answer) return this.takeBack(student, foot);
    return this.take(student, foot, { kind: 'word', answer, count: null });
  }

  /** What is counted beside an answer; nothing typed takes the count away. */
  takeCount(student: Student, foot: Foot, typed: string): Refused {
    const before = this.takenOf(this.ofStudents().get(student.id) ?? [], foot);
    if (before?.value.kind !== 'word') return null;
    const count = typed.trim() === '' ? null : Number(typed);
    if (count !== null && !(Number.isInteger(count) && count >= 0 && count <= 200))
      return 'A whole number up to 200. Nothing was taken.';
    return this.take(student, foot, { ...before.value, count });
  }

  /** The gap between by hand and on its own, where both were taken on this date; empty elsewhere. */
  gapWords(readings: readonly Reading[], foot: Foot): string {
    if (this.check() !== 'big-toe-by-hand' && this.check() !== 'big-toe-unaided') return '';
    const protocol = checks['big-toe-gap'];
    const { judged } = historyOf({ protocol, readings, studio: null });
    const today = judged.findLast((one) => one.foot === foot && one.day === dayOf(this.date()));
    if (!today || protocol.result.gives !== 'number') return '';
    return `gap ${sayValue(protocol.result, Number(today.value))}, ${verdictInShort(protocol, today)}`;
  }

  /** An hour of the clock, "0" or "nowhere" for nowhere; nothing typed takes it out. */
  takeHour(student: Student, foot: Foot, typed: string): Refused {
    const said = typed.trim().toLowerCase();
    if (said === '') return this.takeBack(student, foot);
    const hour = Number(said);
    if (said === '0' || said === 'nowhere') return this.take(student, foot, { kind: 'clock', hour: null });
    if (Number.isInteger(hour) && hour >= 1 && hour <= 12) return this.take(student, foot, { kind: 'clock', hour });
    return 'An hour from 1 to 12, or 0 for nowhere. Nothing was taken.';
  }

  takeMarks(student: Student, foot: Foot, marks: Extract<ReadingValue, { kind: 'marks' }>['marks']): Refused {
    return this.take(student, foot, { kind: 'marks', marks });
  }

  /** One more trial of somebody: of this check, or of another one that was taken with it. */
  addTrial(studentId: string, foot: Foot, value: number, check = this.check()): Refused {
    const student = this.looking.students().find(({ id }) => id === studentId);
    const result = this.known(check)?.result;
    if (!student || result?.gives !== 'number') return null;
    const before = this.takenOf(this.ofStudents().get(studentId) ?? [], foot, check);
    const trials = before?.value.kind === 'number' ? before.value.trials : [];
    const rounded = Math.round(value * 10) / 10;
    // as many as are usual; a further one takes the place of the last
    const all = [...trials.slice(0, result.trials - 1), rounded];
    return this.take(student, foot, { kind: 'number', trials: all, known: true, cap: this.cap() }, check);
  }

  /** Takes what an instrument gives once it is closed: settings of an angle, or a traced base of support. */
  takeWhenDone(closed$: Observable<readonly number[] | BaseOfSupport | undefined>, student: Student, foot: Foot): void {
    closed$.subscribe((found) => {
      if (!found) return;
      if (isSettings(found)) {
        this.take(student, foot, { kind: 'number', trials: [...found], known: true, cap: null });
        return;
      }
      this.addTrial(student.id, foot, found.width, 'base-of-support');
      this.addTrial(student.id, foot, found.tripodArea, 'tripod-area');
      this.addTrial(student.id, foot, found.outlineArea, 'outline-area');
    });
  }

  /** One answer for every foot that has none yet: exceptions are tapped, the rest is one tap. */
  takeRest(answer: string): number {
    let taken = 0;
    const feet = this.feet();
    for (const student of this.looking.students())
      for (const foot of feet) {
        if (!student.consent || this.takenOf(this.ofStudents().get(student.id) ?? [], foot)) continue;
        if (this.take(student, foot, { kind: 'word', answer, count: null }) === null) taken += 1;
      }
    return taken;
  }

  /** A reading that was asked about stands. */
  stands(reading: Reading): void {
    this.readings.putRight(reading, { ...reading, id: newId(), stands: true });
  }

  readonly feet = computed((): readonly Foot[] => (this.protocol().sides === 'both' ? ['both'] : ['left', 'right']));

  private known(check: string): Protocol | null {
    return protocolFor(check, this.own.all());
  }

  private take(student: Student, foot: Foot, value: ReadingValue, check = this.check()): Refused {
    const result = this.known(check)?.result;
    const before = this.takenOf(this.ofStudents().get(student.id) ?? [], foot, check);
    if (before && JSON.stringify(before.value) === JSON.stringify(value)) return null;
    const reading: Reading = {
      id: newId(),
      studentId: student.id,
      protocol: check,
      foot,
      date: this.date(),
      value,
      conditions: this.conditions(),
      by: this.by().trim(),
      picked: this.picked(),
      stands: false,
      pain: null,
      note: '',
    };
    const refused = refusalOf(result?.gives === 'number' ? result : null, reading, today(), student.consent !== null);
    if (refused) return refuseWords[refused];
    if (before) this.readings.putRight(before, reading);
    else this.readings.take(reading);
    return null;
  }

  private takeBack(student: Student, foot: Foot): null {
    const before = this.takenOf(this.ofStudents().get(student.id) ?? [], foot);
    if (before) this.readings.takeOut(before);
    return null;
  }
}
